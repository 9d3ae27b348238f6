package gatepin.core.check;

import gatepin.core.circuit.Circuit;
import gatepin.core.machine.Copper;
import java.util.Random;

/**
 * A stand-in for a meter on a wiring with whatever is wrong with it. It errs as a real one does, and always alike on the same two
 * points.
 *
 * @param actual the wiring as it is
 * @param meter how it errs
 * @param seed makes one meter differ from another
 */
public record SimulatedReading(Circuit actual, Meter meter, long seed) {
    /** A capacitor that is sound shows within this of its print. */
    private static final double MICROFARADS_OFF = 0.06;

    /** Holds the probes on. */
    public Taken take(Read read) {
        double perfect = new ColdReadings(actual, true).on(actual).shown(read);
        Random chance = new Random(seed * 31 + read.key().hashCode());
        if (read instanceof Read.OfCapacitor && perfect >= 0 && !Double.isInfinite(perfect)) {
            double off = 1 + MICROFARADS_OFF * (2 * chance.nextDouble() - 1);
            return meter.measuresCapacitance()
                    ? new Taken(read, perfect * off, Taken.Kind.MICROFARADS, 0, Copper.COLD_CELSIUS)
                    : new Taken(read, 0, Taken.Kind.SWINGS, 0, Copper.COLD_CELSIUS);
        }
        double ohms = Math.max(0, perfect);
        if (ohms > Meter.MOST_SHOWN) {
            return new Taken(read, Double.POSITIVE_INFINITY, Taken.Kind.OHMS, meter.zeroOhms(), Copper.COLD_CELSIUS);
        }
        double off = ohms * meter.error().relative() * (2 * chance.nextDouble() - 1)
                + meter.error().ohms() * (2 * chance.nextDouble() - 1);
        double joints = Meter.JOINTS_OHMS / 2 * chance.nextDouble();
        double shown = Math.max(0, ohms + joints + off) + meter.zeroOhms();
        return new Taken(read, shown, Taken.Kind.OHMS, meter.zeroOhms(), Copper.COLD_CELSIUS);
    }
}
