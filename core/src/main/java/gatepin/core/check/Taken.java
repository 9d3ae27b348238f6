package gatepin.core.check;

import gatepin.core.circuit.Ohmmeter;
import gatepin.core.machine.Copper;

/**
 * What a meter showed.
 *
 * @param read what was read
 * @param shown what it showed, Ω; of a capacitor µF; infinite for OL
 * @param kind what it is
 * @param zeroOhms what the meter showed with its probes held together, Ω
 * @param celsius temperature of the windings, °C
 */
public record Taken(Read read, double shown, Kind kind, double zeroOhms, double celsius) {
    /** What a reading can be. */
    public enum Kind {
        /** A number of ohms, or OL. */
        OHMS,
        /** A number of microfarads. */
        MICROFARADS,
        /** The meter swings low and climbs: it charges. */
        SWINGS
    }

    /** A reading of a zeroed meter at 20 °C. */
    public static Taken of(Read read, double ohms) {
        return new Taken(read, ohms, Kind.OHMS, 0, Copper.COLD_CELSIUS);
    }

    /** The reading at 20 °C with the meter's zero taken off, Ω or µF as the engine has it; infinite for OL. */
    double value() {
        if (kind == Kind.SWINGS) {
            return ColdReadings.SWINGS.likely();
        }
        if (kind == Kind.MICROFARADS || Double.isInfinite(shown)) {
            return shown;
        }
        double ohms = Copper.ohmsAt20(Math.max(0, shown - zeroOhms), celsius);
        return read instanceof Read.Ohms && ohms > Meter.MOST_SHOWN ? Ohmmeter.OPEN : ohms;
    }

    /** How a reading stands to what is expected. */
    public enum Standing {
        AGREES,
        /** Beyond its band by less than the meter may be off: to be read again with clean points. */
        BETWEEN,
        DISAGREES
    }

    /** Holds it against what is expected. */
    public Standing against(Band expected, Meter meter) {
        double value = value();
        if (expected.holds(value)) {
            return Standing.AGREES;
        }
        if (expected.isOpen() || Double.isInfinite(value)) {
            return Standing.DISAGREES;
        }
        double off = value * meter.error().relative() + meter.error().ohms();
        return value >= expected.least() - off && value <= expected.most() + off
                ? Standing.BETWEEN
                : Standing.DISAGREES;
    }
}
