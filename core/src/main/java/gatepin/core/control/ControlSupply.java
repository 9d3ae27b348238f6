package gatepin.core.control;

/**
 * What feeds a control circuit.
 *
 * @param volts its voltage, V
 * @param source where it comes from
 * @param grounded whether its common side is bonded to ground (or is the neutral): then one earth fault blows the fuse, or passes by what
 *     stands between a coil and the common side
 * @param aheadOfDisconnect whether it is taken from before the disconnect, so that it stays live with the disconnect open
 */
public record ControlSupply(int volts, Source source, boolean grounded, boolean aheadOfDisconnect) {
    /** Where a control circuit gets its voltage from. */
    public enum Source {
        /** The line itself. */
        LINE,
        /** A control transformer, or a power supply of low voltage. */
        TRANSFORMER
    }

    public ControlSupply {
        if (volts < 5 || volts > 690) {
            throw new IllegalArgumentException("a control circuit has 5 to 690 V, not " + volts);
        }
    }

    /** 24 V from a transformer with one side grounded. */
    public static final ControlSupply LOW = new ControlSupply(24, Source.TRANSFORMER, true, false);
}
