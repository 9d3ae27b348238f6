package gatepin.core.practice;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What comes again: a kind of exercise that went wrong once is put again at growing distance, at once where it went wrong last (common
 * practice of learning by heart).
 */
public final class Repeats {
    /** After so many good ones in a row it comes again after so many days. */
    private static final int[] DAYS = {0, 1, 3, 7, 21, 60};

    private Repeats() {}

    /** A kind of exercise. */
    public record Of(Level level, Grade grade) {}

    /**
     * An exercise that was ended.
     *
     * @param solved right, and nothing was hurt on the way
     */
    public record Past(ExerciseNumber number, Instant ended, boolean solved) {
        Of of() {
            return new Of(number.level(), number.grade());
        }
    }

    /** What is due, the longest due first. */
    public static List<Of> due(List<Past> past, Instant now) {
        Map<Of, Instant> due = new LinkedHashMap<>();
        Map<Of, Integer> inARow = new LinkedHashMap<>();
        List<Past> inOrder = new ArrayList<>(past);
        inOrder.sort(Comparator.comparing(Past::ended));
        for (Past one : inOrder) {
            boolean wentWrong = inARow.containsKey(one.of());
            if (one.solved() && !wentWrong) {
                continue;
            }
            int row = one.solved() ? Math.min(inARow.getOrDefault(one.of(), 0) + 1, DAYS.length - 1) : 0;
            inARow.put(one.of(), row);
            due.put(one.of(), one.ended().plus(Duration.ofDays(DAYS[row])));
        }
        return due.entrySet().stream()
                .filter(d -> !d.getValue().isAfter(now))
                .sorted(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .toList();
    }

    /** What to go on with: what is due, or else the first kind in the order of work that was never solved, the easy ones first. */
    public static Optional<Of> next(List<Past> past, Instant now) {
        List<Of> due = due(past, now);
        if (!due.isEmpty()) {
            return Optional.of(due.get(0));
        }
        for (Grade grade : Grade.values()) {
            for (Level level : Level.values()) {
                Of of = new Of(level, grade);
                if (past.stream().noneMatch(p -> p.solved() && p.of().equals(of))) {
                    return Optional.of(of);
                }
            }
        }
        return Optional.empty();
    }
}
