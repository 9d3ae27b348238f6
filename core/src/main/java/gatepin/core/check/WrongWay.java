package gatepin.core.check;

import gatepin.core.Severity;
import gatepin.core.check.WiringFault.EndsExchanged;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Setting;
import gatepin.core.verdict.Analysis.Way;
import gatepin.core.verdict.Judgement;
import gatepin.core.verdict.Verdict;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** It turns the wrong way in both positions: which two ends to exchange in this wiring, tried by the engine before it is advised. */
public final class WrongWay {
    private WrongWay() {}

    /**
     * The two ends whose exchange turns every way round and does nothing else; those that lie nearest at hand first. Empty where no
     * single exchange does that.
     */
    public static Optional<EndsExchanged> mend(CheckRequest request) {
        Circuit circuit = request.circuit();
        Judgement.Measure measure = new Judgement.Measure(circuit, request.rated());
        Judgement before = measure.of(circuit);
        List<EndsExchanged> turning = Faults.of(circuit, request.links()).stream()
                .filter(EndsExchanged.class::isInstance)
                .map(EndsExchanged.class::cast)
                .filter(f -> f.places(circuit).stream().noneMatch(t -> t.isLine() || t.isGround()))
                .filter(f -> turnsRound(before, measure.of(f.applyTo(circuit))))
                .sorted(Comparator.comparingInt(f -> f.places(circuit).stream()
                        .mapToInt(t -> ColdPlanner.access(t))
                        .sum()))
                .toList();
        return turning.stream().findFirst();
    }

    private static boolean turnsRound(Judgement before, Judgement after) {
        for (Map.Entry<Setting, Way> way : before.ways().entrySet()) {
            Way now = after.ways().getOrDefault(way.getKey(), Way.NONE);
            if (way.getKey().isMeantToRun() && now != way.getValue().opposite()) {
                return false;
            }
        }
        return count(after) <= count(before);
    }

    private static long count(Judgement judgement) {
        return judgement.verdicts().stream()
                .map(Verdict::severity)
                .filter(s -> s != Severity.GOOD)
                .count();
    }
}
