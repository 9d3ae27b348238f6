package gatepin.core.safe;

import java.util.List;
import java.util.Locale;
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
    public Optional<String> lack() {
        if (disconnect != Disconnect.LOOSE && !meterBefore) {
            return Optional.of("Try the meter on a known live source first.");
        }
        if (disconnect != Disconnect.LOOSE && !dead) {
            return Optional.of("Prove it dead: every conductor to every other, and to ground.");
        }
        if (disconnect != Disconnect.LOOSE && !meterAfter) {
            return Optional.of("Try the meter on the known live source again: it may have died meanwhile.");
        }
        if (capacitors.isEmpty() && !noCapacitor) {
            return Optional.of("Write down every capacitor, or say that there is none.");
        }
        for (CapacitorCheck capacitor : capacitors) {
            if (capacitor.voltsAfter().isEmpty()) {
                return Optional.of("The " + capacitor.name() + " is not measured. Bleed it, then measure across it.");
            }
            if (!capacitor.isDischarged()) {
                return Optional.of(String.format(
                        Locale.ROOT,
                        "The %s still holds %.0f V. Bleed it again and measure again: below %.0f V it is discharged.",
                        capacitor.name(),
                        capacitor.voltsAfter().orElseThrow(),
                        Discharge.SAFE_VOLTS));
            }
        }
        return Optional.empty();
    }
}
