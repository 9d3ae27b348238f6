package gatepin.core.control;

import gatepin.core.control.Branch.Touch;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/** One change to a ladder by hand; contacts are counted as {@link Ladder#touches()} lists them. */
public final class LadderEdit {
    private LadderEdit() {}

    /** What is done to a contact. */
    public enum Act {
        /** Normally open becomes normally closed, or the other way. */
        TURN,
        /** It comes out: a plain wire is left, or nothing where another stands beside it. */
        TAKE_OUT,
        /** Another contact takes its place. */
        REPLACE,
        /** Another contact is put before it. */
        BEFORE,
        /** Another contact is put beside it. */
        BESIDE
    }

    /**
     * Changes a contact.
     *
     * @param number which, from 0
     * @param other the other contact; only for acts that speak of another
     * @throws IllegalArgumentException when there is no such contact
     */
    public static Ladder at(Ladder ladder, int number, Act act, Touch other) {
        if (number < 0 || number >= ladder.touches().size()) {
            throw new IllegalArgumentException("there is no contact " + number);
        }
        Function<Touch, Branch> change = touch -> switch (act) {
            case TURN -> new Touch(touch.part(), !touch.normallyClosed());
            case TAKE_OUT -> Branch.WIRE;
            case REPLACE -> other;
            case BEFORE -> Branch.series(other, touch);
            case BESIDE -> Branch.beside(touch, other);
        };
        int[] at = {0};
        Branch head = changed(ladder.head(), number, at, change);
        return ladder.withHead(head)
                .withRungs(r -> new Rung(
                        r.load(),
                        changed(r.before(), number, at, change),
                        changed(r.after(), number, at, change),
                        r.afterHead()));
    }

    private static Branch changed(Branch branch, int number, int[] at, Function<Touch, Branch> change) {
        if (branch instanceof Touch touch) {
            return at[0]++ == number ? change.apply(touch) : touch;
        }
        if (branch instanceof Branch.InSeries series) {
            return Branch.series(series.parts().stream()
                    .map(b -> changed(b, number, at, change))
                    .toList());
        }
        List<Branch> kept = new ArrayList<>();
        for (Branch part : ((Branch.SideBySide) branch).parts()) {
            Branch then = changed(part, number, at, change);
            // a branch of which nothing is left is taken away: it would bridge the others
            if (!then.isWire() || part.isWire()) {
                kept.add(then);
            }
        }
        return kept.isEmpty() ? Branch.WIRE : Branch.beside(kept);
    }
}
