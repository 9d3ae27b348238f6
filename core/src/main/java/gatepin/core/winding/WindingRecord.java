package gatepin.core.winding;

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
    public WindingRecord {
        leads = List.copyOf(leads);
        readings = List.copyOf(readings);
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
    public Optional<String> lack() {
        Found found = found();
        Optional<String> danger = found.remarks().stream()
                .filter(r -> r.severity() == Severity.DANGER)
                .findFirst()
                .map(r -> r.title() + ". " + r.words());
        if (danger.isPresent() || marksTrusted) {
            return danger;
        }
        if (leads.size() < 2) {
            return Optional.of("Write down the leads and measure them, or say that their marks are the maker's own.");
        }
        return switch (found.state()) {
            case MEASURING ->
                Optional.of(found.next()
                        .map(p -> "Not settled yet: probe " + p.a() + " and " + p.b() + ".")
                        .orElse("Not settled yet."));
            case OPEN -> Optional.of("Not settled: more than one arrangement fits these readings.");
            case CONTRADICTION -> Optional.of("Not settled: the readings do not agree with each other.");
            case SETTLED -> frame(found);
        };
    }

    private static Optional<String> frame(Found found) {
        List<String> left = new ArrayList<>();
        found.frameLeft().forEach(p -> left.add(p.a()));
        return left.isEmpty()
                ? Optional.empty()
                : Optional.of("To the frame is still to be read: " + String.join(", ", left) + ".");
    }
}
