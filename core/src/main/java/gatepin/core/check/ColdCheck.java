package gatepin.core.check;

import gatepin.core.Sentence;
import gatepin.core.check.CheckRecord.Mended;
import gatepin.core.check.CheckRecord.Reading;
import gatepin.core.check.ColdPlan.Step;
import gatepin.core.check.Taken.Standing;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** A cold check as it stands: what was read of what is to be read, and how it agrees. */
public final class ColdCheck {
    private final CheckRequest request;
    private final ColdPlan plan;
    private final Map<String, Taken> counting = new LinkedHashMap<>();

    /**
     * A reading of the plan.
     *
     * @param step what to read and what to expect
     * @param taken what was read, as far as it still counts
     * @param standing how it agrees
     */
    public record Line(Step step, Optional<Taken> taken, Optional<Standing> standing) {}

    private ColdCheck(CheckRequest request, ColdPlan plan, CheckRecord record) {
        this.request = request;
        this.plan = plan;
        List<Fault> faults = Faults.of(request.circuit(), request.links());
        for (CheckRecord.Entry entry : record.entries()) {
            if (entry instanceof Reading reading) {
                counting.put(reading.taken().read().key(), reading.taken());
            } else if (entry instanceof Mended mended) {
                counting.values().removeIf(t -> standing(t) != Standing.AGREES);
                // where nobody can say what the mend could have changed, everything is read again
                Faults.named(mended.fault(), faults).ifPresentOrElse(this::forget, counting::clear);
            }
        }
    }

    /** How a check stands. */
    public static ColdCheck of(CheckRequest request, ColdPlan plan, CheckRecord record) {
        return new ColdCheck(request, plan, record);
    }

    /** What a mend could have changed is read again. */
    private void forget(Fault mended) {
        Set<String> moved = FaultFinder.moved(
                request, mended, counting.values().stream().map(Taken::read).toList());
        counting.keySet().removeAll(moved);
    }

    /** What is expected of a reading, of the plan or not. */
    public Band expected(Read read) {
        return plan.step(read.key()).map(Step::expected).orElseGet(() -> {
            ColdReadings readings = new ColdReadings(request.circuit(), request.hasOff());
            return ColdReadings.band(read, readings.on(request.circuit()).shown(read), request.meter());
        });
    }

    private Standing standing(Taken taken) {
        return taken.against(expected(taken.read()), request.meter());
    }

    /** The plan's readings in their order, without those that show nothing any more: what was read in their place agrees. */
    public List<Line> lines() {
        Set<String> agreed = counting.entrySet().stream()
                .filter(e -> standing(e.getValue()) == Standing.AGREES)
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
        List<Step> left = plan.left(agreed);
        List<Line> lines = new ArrayList<>();
        for (Step step : plan.steps()) {
            Optional<Taken> taken = Optional.ofNullable(counting.get(step.read().key()));
            if (taken.isPresent() || left.contains(step)) {
                lines.add(new Line(step, taken, taken.map(this::standing)));
            }
        }
        return lines;
    }

    /** What was read besides. */
    public List<Line> besides() {
        return counting.values().stream()
                .filter(t -> plan.step(t.read().key()).isEmpty())
                .map(t -> new Line(new Step(t.read(), expected(t.read())), Optional.of(t), Optional.of(standing(t))))
                .toList();
    }

    /** The first reading that is still to be taken. */
    public Optional<Step> next() {
        return lines().stream().filter(l -> l.taken().isEmpty()).map(Line::step).findFirst();
    }

    /** The readings that count: the last of each that no mend has made void. */
    public List<Taken> counting() {
        return List.copyOf(counting.values());
    }

    /** Some reading is not as it should be. */
    public boolean disagrees() {
        return counting.values().stream().anyMatch(t -> standing(t) == Standing.DISAGREES);
    }

    /** The first reading that lies beside its band: it is to be read again. */
    public Optional<Read> between() {
        return counting.values().stream()
                .filter(t -> standing(t) == Standing.BETWEEN)
                .map(Taken::read)
                .findFirst();
    }

    /** What may be wrong; empty while everything agrees, or lies so near that a sound wiring still explains it. */
    public Optional<Suspects> suspects() {
        if (!disagrees() && between().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(FaultFinder.rank(request, counting())).filter(s -> disagrees() || !s.soundExplains());
    }

    /** What the check still lacks. */
    public Optional<Sentence> lack() {
        if (disagrees()) {
            return Optional.of(Sentence.of("lack.cold.disagrees"));
        }
        if (between().isPresent()) {
            return Optional.of(Sentence.of("lack.cold.between"));
        }
        long left = lines().stream().filter(l -> l.taken().isEmpty()).count();
        return left > 0 ? Optional.of(Sentence.of("lack.cold.left", left)) : Optional.empty();
    }
}
