package gatepin.core.circuit;

/**
 * Where everything that can move stands.
 *
 * @param setting where handle or contactors stand
 * @param startSwitchClosed whether a working start switch is closed: at standstill and below its cut-out speed
 * @param protectorClosed whether a working protector is closed: while it is cold
 */
public record State(Setting setting, boolean startSwitchClosed, boolean protectorClosed) {
    /** At standstill and cold: start switch and protector closed. */
    public static State atRest(Setting setting) {
        return new State(setting, true, true);
    }

    /** Up to speed: start switch open, protector closed. */
    public static State atSpeed(Setting setting) {
        return new State(setting, false, true);
    }
}
