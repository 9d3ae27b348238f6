package gatepin.core.circuit;

/**
 * Where everything that can move stands.
 *
 * @param position the handle, or which contactor is pulled in
 * @param startSwitchClosed whether a working start switch is closed: at standstill and below its cut-out speed
 * @param protectorClosed whether a working protector is closed: while it is cold
 */
public record State(HandlePosition position, boolean startSwitchClosed, boolean protectorClosed) {
    /** At standstill and cold: start switch and protector closed. */
    public static State atRest(HandlePosition position) {
        return new State(position, true, true);
    }

    /** Up to speed: start switch open, protector closed. */
    public static State atSpeed(HandlePosition position) {
        return new State(position, false, true);
    }
}
