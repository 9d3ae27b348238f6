package gatepin.core.safe;

import gatepin.core.Sentence;
import java.util.List;
import java.util.Optional;

/**
 * How a machine was made safe.
 *
 * @param disconnect how it was disconnected
 * @param note what else is to be said of it
 * @param meterBefore the meter was tried on a known live source before
 * @param dead every conductor was measured against every other and against ground, and is dead
 * @param meterAfter the meter was tried on a known live source again
 * @param noCapacitor somebody looked and there is no capacitor
 * @param capacitors every capacitor
 */
public record SafeRecord(
        Disconnect disconnect,
        String note,
        boolean meterBefore,
        boolean dead,
        boolean meterAfter,
        boolean noCapacitor,
        List<CapacitorCheck> capacitors) {
    /** How a machine is disconnected. */
    public enum Disconnect {
        PLUG("unplugged, the plug in sight or in a locked cover"),
        LOCKED("disconnect locked open and tagged"),
        FUSES("fuses taken out and kept in the pocket"),
        LOOSE("a loose motor, not connected to anything");

        private final String words;

        Disconnect(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** The way of this name; empty for what is none. */
        public static Optional<Disconnect> of(String name) {
            return java.util.Arrays.stream(values())
                    .filter(d -> d.name().equals(name))
                    .findFirst();
        }
    }

    public SafeRecord {
        capacitors = List.copyOf(capacitors);
    }

    /** What is still to be done before the machine counts as safe; empty when nothing is. */
    public Optional<Sentence> lack() {
        if (disconnect != Disconnect.LOOSE && !meterBefore) {
            return Optional.of(Sentence.of("lack.safe.meterBefore"));
        }
        if (disconnect != Disconnect.LOOSE && !dead) {
            return Optional.of(Sentence.of("lack.safe.dead"));
        }
        if (disconnect != Disconnect.LOOSE && !meterAfter) {
            return Optional.of(Sentence.of("lack.safe.meterAfter"));
        }
        if (capacitors.isEmpty() && !noCapacitor) {
            return Optional.of(Sentence.of("lack.safe.capacitors"));
        }
        for (CapacitorCheck capacitor : capacitors) {
            if (capacitor.voltsAfter().isEmpty()) {
                return Optional.of(Sentence.of("lack.safe.notMeasured", capacitor.name()));
            }
            if (!capacitor.isDischarged()) {
                return Optional.of(Sentence.of(
                        "lack.safe.charged",
                        capacitor.name(),
                        Math.round(capacitor.voltsAfter().orElseThrow()),
                        Math.round(Discharge.SAFE_VOLTS)));
            }
        }
        return Optional.empty();
    }
}
