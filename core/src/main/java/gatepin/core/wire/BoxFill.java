package gatepin.core.wire;

import java.util.Map;
import java.util.Optional;

/**
 * The room a switch box must have (NEC 314.16(B), from memory): a volume for each conductor that comes in, one for all grounds
 * together, one for the clamps inside, two for the switch. Jumpers that stay in the box do not count.
 *
 * @param volumes how many volumes are counted
 * @param cubicInches the least volume of the box, in³
 */
public record BoxFill(int volumes, double cubicInches) {
    private static final Map<String, Double> VOLUME = Map.of(
            "18 AWG", 1.5, "16 AWG", 1.75, "14 AWG", 2.0, "12 AWG", 2.25, "10 AWG", 2.5, "8 AWG", 3.0, "6 AWG", 5.0);
    private static final int GROUNDS = 1;
    private static final int CLAMPS = 1;
    private static final int SWITCH = 2;

    /** The fill for conductors of one size; empty for a size the table does not have. */
    public static Optional<BoxFill> of(int conductors, String size) {
        int volumes = conductors + GROUNDS + CLAMPS + SWITCH;
        return Optional.ofNullable(VOLUME.get(size)).map(v -> new BoxFill(volumes, volumes * v));
    }
}
