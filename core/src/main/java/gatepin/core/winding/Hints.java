package gatepin.core.winding;

import java.util.Optional;

/**
 * What is known of a motor beside its readings.
 *
 * @param dualVoltage whether its plate names two voltages, if it can be read
 * @param phases how many phases its plate names, if it can be read
 * @param eye what eye and ear say
 */
public record Hints(Optional<Boolean> dualVoltage, Optional<Integer> phases, Eye eye) {
    /** Nothing is known. */
    public static final Hints NONE = new Hints(Optional.empty(), Optional.empty());

    /** What the plate says alone. */
    public Hints(Optional<Boolean> dualVoltage, Optional<Integer> phases) {
        this(dualVoltage, phases, Eye.SHUT);
    }

    /** The same, with what a plate says where nobody said otherwise. */
    public Hints orOfPlate(Optional<Boolean> dual, Optional<Integer> platesPhases) {
        return new Hints(dualVoltage.or(() -> dual), phases.or(() -> platesPhases), eye);
    }

    boolean allow(Arrangement.Kind kind) {
        return switch (kind) {
            case THREE_PHASE_SIX, THREE_PHASE_STAR, THREE_PHASE_NINE_STAR, THREE_PHASE_NINE_DELTA ->
                phases.map(p -> p == 3).orElse(true);
            case DUAL_VOLTAGE, DUAL_VOLTAGE_JOINED, DUAL_VOLTAGE_START_HALVES ->
                phases.map(p -> p == 1).orElse(true) && dualVoltage.orElse(true);
            case SINGLE_VOLTAGE, COMMON_LEAD, PROTECTED_RUN, PROTECTED_COMMON ->
                phases.map(p -> p == 1).orElse(true) && !dualVoltage.orElse(false);
            default -> phases.map(p -> p == 1).orElse(true);
        };
    }
}
