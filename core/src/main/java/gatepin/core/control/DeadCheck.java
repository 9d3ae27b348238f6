package gatepin.core.control;

import gatepin.core.check.DeadRead.Shows;
import java.util.List;

/**
 * One reading of a control circuit that is dead: fuse and lamps out, some parts are held operated.
 *
 * @param hold the parts that are held operated; a contactor by its armature
 * @param from where one probe is held: a terminal
 * @param to where the other is held
 * @param wireOff one wire is taken off the contact that is read, so that it stands alone
 * @param expected what a sound circuit shows
 * @param coils the coils whose ohms are read; none where no coil is meant
 * @param lampsHid with its lamps in, the circuit would show a lamp here
 */
public record DeadCheck(
        List<String> hold,
        String from,
        String to,
        boolean wireOff,
        Shows expected,
        List<String> coils,
        boolean lampsHid) {
    public DeadCheck {
        hold = List.copyOf(hold);
        coils = List.copyOf(coils);
    }

    /** Whether it is read over the whole circuit, from the wire behind the fuse to the common side. */
    public boolean isAcross() {
        return from.equals(ControlNet.HOT) && to.equals(ControlNet.COMMON);
    }

    /** Stands for it wherever it is kept: the same as long as the same is asked. */
    public String key() {
        String held = hold.isEmpty() ? "nothing" : String.join("+", hold);
        return (isAcross() ? "" : from + "-" + to + ":") + held + (lampsHid ? ", lamps out" : "");
    }

    /** Whether what was shown is what it has to show. */
    public boolean agrees(Shows seen) {
        return seen == expected;
    }
}
