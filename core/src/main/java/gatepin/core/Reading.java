package gatepin.core;

import java.util.List;
import java.util.Optional;

/**
 * The outcome of reading typed text: either a value, or the problems that stand in its way.
 *
 * @param value what was read; empty exactly when there are problems
 * @param problems what is wrong, field by field
 * @param <T> the kind of value
 */
public record Reading<T>(Optional<T> value, List<Problem> problems) {
    public Reading {
        problems = List.copyOf(problems);
        if (value.isPresent() != problems.isEmpty()) {
            throw new IllegalArgumentException("a reading has a value or problems, not both or neither");
        }
    }

    /** A reading without problems. */
    public static <T> Reading<T> of(T value) {
        return new Reading<>(Optional.of(value), List.of());
    }

    /** A reading that failed; {@code problems} must not be empty. */
    public static <T> Reading<T> failed(List<Problem> problems) {
        return new Reading<>(Optional.empty(), problems);
    }
}
