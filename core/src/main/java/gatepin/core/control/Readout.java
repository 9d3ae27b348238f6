package gatepin.core.control;

import gatepin.core.control.ControlNet.Contact;
import gatepin.core.control.Trace.Look;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** What the bits of a state stand for, and how everything stands in one. */
record Readout(Space space) {
    int innerBits() {
        return space.inner().size();
    }

    /** The contact of an inner bit; −1 for a main contact, a timer's time or the shaft. */
    int contactOf(int bit) {
        return bit < space.inner().size() ? space.inner().get(bit) : -1;
    }

    /** The contactor of a main's bit; blank for other bits. */
    String mainOf(int bit) {
        return space.coils().stream()
                .filter(c -> c.main == 1L << bit)
                .map(c -> c.part.name())
                .findFirst()
                .orElse("");
    }

    /** The timer that a bit belongs to; blank for other bits. */
    String timerOf(int bit) {
        return space.coils().stream()
                .filter(c -> c.timing >= 0 && (c.timing == bit || c.timing + 1 == bit))
                .map(c -> c.part.name())
                .findFirst()
                .orElse("");
    }

    /** The coils that have their voltage. */
    List<String> live(long state, Held exactly) {
        return space.coils().stream()
                .filter(c -> c.canBeLive(state, exactly, false))
                .map(c -> c.part.name())
                .toList();
    }

    /**
     * How everything stands.
     *
     * @param operated the parts that a hand or the machine keeps operated
     */
    Look look(long state, Held exactly, Set<String> operated) {
        Set<Integer> closed = new HashSet<>();
        Set<String> in = new HashSet<>();
        space.coils().stream().filter(c -> (state & c.main) != 0).forEach(c -> in.add(c.part.name()));
        for (Contact contact : space.net().contacts()) {
            int bit = space.inner().indexOf(contact.number());
            int out = space.outer().indexOf(contact.number());
            boolean moved;
            if (bit >= 0) {
                moved = (state >>> bit & 1) == 1;
            } else if (out >= 0) {
                moved = (exactly.value() >>> out & 1) == 1;
            } else {
                // it moves no coil: it goes with the rest of its part
                moved = operated.contains(contact.touch().part())
                        || isOperated(state, contact.touch().part());
            }
            if (moved != contact.touch().normallyClosed()) {
                closed.add(contact.number());
            }
        }
        return new Look(operated, closed, new HashSet<>(live(state, exactly)), in, exactly.power());
    }

    private boolean isOperated(long state, String part) {
        return space.coils().stream()
                .filter(c -> c.part.name().equals(part))
                .anyMatch(c ->
                        (state & (c.makers | c.main)) != 0 || c.makers == 0 && c.main == 0 && (state & c.openers) != 0);
    }
}
