package gatepin.core.straight;

import gatepin.core.diagram.DiagramPattern;
import gatepin.core.gear.SwitchKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What lies on the bench, in four choices: they stand in the page's address, and a bookmark of it is the wiring.
 *
 * @param motor its leads, and how they are usually joined
 * @param mains what it is to run on
 * @param gear what switches it
 * @param turns which way it must turn
 */
public record Choices(DiagramPattern motor, Mains mains, SwitchKind gear, Turns turns) {
    /** What is shown before anything is chosen: the commonest of each (common practice). */
    public static final Choices USUAL =
            new Choices(DiagramPattern.ALL.get(0), Mains.V240, SwitchKind.CROSS_CORNER_DRUM, Turns.BOTH);

    /** Every switch that can be chosen: what turns it one way only stands last. */
    public static final List<SwitchKind> GEAR =
            Stream.concat(SwitchKind.ALL.stream(), SwitchKind.ONE_WAY.stream()).toList();

    /**
     * What stands in an address.
     *
     * @param choices what is chosen; the usual in place of what is not, or is not known
     * @param unknown what is named there and not known
     */
    public record Read(Choices choices, List<String> unknown) {
        public Read {
            unknown = List.copyOf(unknown);
        }
    }

    /** Reads what stands in an address; blank is not chosen yet. */
    public static Read read(String motor, String mains, String gear, String turns) {
        List<String> unknown = new ArrayList<>();
        return new Read(
                new Choices(
                        known(motor, pattern(motor), USUAL.motor, unknown),
                        known(mains, Mains.of(mains), USUAL.mains, unknown),
                        known(gear, gear(gear), USUAL.gear, unknown),
                        known(turns, Turns.of(turns), USUAL.turns, unknown)),
                unknown);
    }

    private static <T> T known(String typed, Optional<T> found, T usual, List<String> unknown) {
        if (found.isEmpty() && !typed.isBlank()) {
            unknown.add(typed);
        }
        return found.orElse(usual);
    }

    private static Optional<DiagramPattern> pattern(String key) {
        return DiagramPattern.ALL.stream().filter(p -> p.key().equals(key)).findFirst();
    }

    private static Optional<SwitchKind> gear(String key) {
        return GEAR.stream().filter(k -> k.key().equals(key)).findFirst();
    }

    /** The same with another motor. */
    public Choices with(DiagramPattern other) {
        return new Choices(other, mains, gear, turns);
    }

    /** The same on another supply. */
    public Choices with(Mains other) {
        return new Choices(motor, other, gear, turns);
    }

    /** The same with another switch. */
    public Choices with(SwitchKind other) {
        return new Choices(motor, mains, other, turns);
    }

    /** The same turning otherwise. */
    public Choices with(Turns other) {
        return new Choices(motor, mains, gear, other);
    }
}
