package gatepin.core.control;

import java.util.ArrayList;
import java.util.List;

/** What moves together: the contacts of one coil. */
final class Coil {
    final Part part;
    final List<Term> terms = new ArrayList<>();
    long openers;
    long makers;
    long main;
    int timing = -1;
    boolean dead;
    boolean loose;
    boolean welded;
    boolean noWait;

    Coil(Part part) {
        this.part = part;
    }

    long contacts() {
        return openers | makers;
    }

    /** What moves when it pulls in; of a timer, that it begins to time. */
    long driven() {
        return timing >= 0 ? 1L << timing : contacts() | main;
    }

    /**
     * Whether it can have its voltage while some outer contacts are held.
     *
     * @param weakToo a current that passes another load counts: it holds what is in
     */
    boolean canBeLive(long state, Held held, boolean weakToo) {
        if (dead || !held.power()) {
            return false;
        }
        for (Term term : terms) {
            if ((weakToo || !term.weak()) && term.inside(state) && term.allowedBy(held)) {
                return true;
            }
        }
        return false;
    }
}
