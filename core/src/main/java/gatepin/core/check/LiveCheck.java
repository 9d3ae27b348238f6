package gatepin.core.check;

import gatepin.core.Sentence;
import gatepin.core.check.LivePlan.Expected;
import gatepin.core.check.LiveStep.What;
import gatepin.core.check.Taken.Standing;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A live check as it stands.
 *
 * @param plan what to see
 * @param record what was written down
 */
public record LiveCheck(LivePlan plan, CheckRecord record) {
    /** What may be left out where there is no instrument for it, or no load yet. */
    private static final Set<What> IF_IT_CAN_BE =
            EnumSet.of(What.FIRST_TO_GROUND, What.SECOND_TO_GROUND, What.VOLTS, What.SPEED, What.LOAD_AMPS, What.COAST);

    /**
     * A step as it stands.
     *
     * @param expected what to see
     * @param seen what was seen
     * @param standing how it agrees
     * @param needed the check is not done without it
     */
    public record Line(Expected expected, Optional<LiveSeen> seen, Optional<Standing> standing, boolean needed) {}

    /** The steps in the order of work. */
    public List<Line> lines() {
        List<LiveSeen> seen = record.seen();
        return plan.steps().stream()
                .map(e -> {
                    Optional<LiveSeen> mine = seen.stream()
                            .filter(s -> s.step().equals(e.step().key()))
                            .findFirst();
                    return new Line(
                            e,
                            mine,
                            mine.map(e::against),
                            !IF_IT_CAN_BE.contains(e.step().what()));
                })
                .toList();
    }

    /** The first step that is needed and was not seen yet. */
    public Optional<Expected> next() {
        return lines().stream()
                .filter(l -> l.seen().isEmpty() && l.needed())
                .map(Line::expected)
                .findFirst();
    }

    /** What a person would complain of who saw this. */
    public Set<Symptom> symptoms() {
        return plan.symptoms(record.seen());
    }

    /** Something is not as it should be. */
    public boolean disagrees() {
        return lines().stream().anyMatch(l -> l.standing().equals(Optional.of(Standing.DISAGREES)));
    }

    /** What the check still lacks. */
    public Optional<Sentence> lack() {
        if (record.ready().isEmpty()) {
            return Optional.of(Sentence.of("lack.live.ready"));
        }
        if (disagrees()) {
            return Optional.of(Sentence.of("lack.live.disagrees"));
        }
        if (lines().stream().anyMatch(l -> l.standing().equals(Optional.of(Standing.BETWEEN)))) {
            return Optional.of(Sentence.of("lack.live.between"));
        }
        long left =
                lines().stream().filter(l -> l.needed() && l.seen().isEmpty()).count();
        return left > 0 ? Optional.of(Sentence.of("lack.live.left", left)) : Optional.empty();
    }
}
