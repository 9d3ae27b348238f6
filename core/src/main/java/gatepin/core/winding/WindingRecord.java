package gatepin.core.winding;

import gatepin.core.Sentence;
import gatepin.core.Severity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What is known of a motor's windings at the bench.
 *
 * @param leads the leads on the pad, those of something else left out
 * @param readings every reading between them and to the frame, in the order they were taken
 * @param hints what the plate says
 * @param marksTrusted somebody says that the marks are the maker's own and agree with the diagram
 * @param turnSecondHalf what the sense test of the run halves found, if it was made
 */
public record WindingRecord(
        List<String> leads,
        List<MeterReading> readings,
        Hints hints,
        boolean marksTrusted,
        Optional<Boolean> turnSecondHalf) {
    /** Nothing was measured or said yet. */
    public static final WindingRecord NOTHING =
            new WindingRecord(List.of(), List.of(), Hints.NONE, false, Optional.empty());

    public WindingRecord {
        leads = List.copyOf(leads);
        readings = List.copyOf(readings);
    }

    /** The same with other hints. */
    public WindingRecord withHints(Hints others) {
        return new WindingRecord(leads, readings, others, marksTrusted, turnSecondHalf);
    }

    /** What the readings say, for a shop's multimeter. */
    public Found found() {
        return WindingFinder.find(
                leads,
                readings.stream()
                        .filter(r -> leads.contains(r.a()) && (r.isToFrame() || leads.contains(r.b())))
                        .toList(),
                hints,
                MeterError.USUAL);
    }

    /** What keeps the Windings gate shut; empty when nothing does. */
    public Optional<Sentence> lack() {
        Found found = found();
        Optional<Sentence> danger = found.remarks().stream()
                .filter(r -> r.severity() == Severity.DANGER)
                .findFirst()
                .map(r -> Sentence.of("lack.windings.remark", r.title(), r.words()));
        if (danger.isPresent() || marksTrusted) {
            return danger;
        }
        if (leads.size() < 2) {
            return Optional.of(Sentence.of("lack.windings.leads"));
        }
        return switch (found.state()) {
            case MEASURING ->
                Optional.of(found.next()
                        .map(p -> Sentence.of("lack.windings.probe", p.a(), p.b()))
                        .orElse(Sentence.of("lack.windings.measuring")));
            case OPEN -> Optional.of(Sentence.of("lack.windings.open"));
            case CONTRADICTION -> Optional.of(Sentence.of("lack.windings.contradiction"));
            case SETTLED -> frame(found);
        };
    }

    private static Optional<Sentence> frame(Found found) {
        List<String> left = new ArrayList<>();
        found.frameLeft().forEach(p -> left.add(p.a()));
        return left.isEmpty() ? Optional.empty() : Optional.of(Sentence.of("lack.windings.frame", left));
    }
}
