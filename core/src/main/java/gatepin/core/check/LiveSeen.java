package gatepin.core.check;

import gatepin.core.check.LiveStep.Turn;
import java.util.Optional;

/**
 * What was seen of a step.
 *
 * @param step the step's key
 * @param number what was measured; 1 for yes and 0 for no where it is a question
 * @param turn how it turned, where that was asked
 */
public record LiveSeen(String step, double number, Optional<Turn> turn) {
    public static LiveSeen of(String step, double number) {
        return new LiveSeen(step, number, Optional.empty());
    }

    public static LiveSeen of(String step, Turn turn) {
        return new LiveSeen(step, 0, Optional.of(turn));
    }

    public static LiveSeen of(String step, boolean yes) {
        return of(step, yes ? 1 : 0);
    }
}
