package gatepin.web.lane;

import gatepin.core.control.Ladder;
import gatepin.core.control.Part;
import gatepin.core.control.Part.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The push-buttons of a control circuit, and what else a hand or the machine does to it. */
public final class Station {
    private Station() {}

    /** Something to press, hold, turn or let happen. */
    public record Hand(String part, String label, String kind, boolean springsBack) {}

    /** What a hand or the machine can do to it. */
    public static List<Hand> hands(JobFile file, Ladder ladder) {
        List<Hand> hands = new ArrayList<>();
        for (Part part : ladder.parts()) {
            if (part.kind().isLoad() || part.kind() == Kind.STANDSTILL) {
                continue;
            }
            String way =
                    part.way().map(w -> " " + file.wording().way(w.title())).orElse("");
            String label = switch (part.kind()) {
                case STOP -> "STOP";
                case EMERGENCY_STOP -> "E-STOP";
                case LIMIT -> "limit" + way;
                case OVERLOAD -> "overload trips";
                default -> way.isBlank() ? "button" : way.strip();
            };
            hands.add(new Hand(
                    part.name(),
                    label,
                    part.kind().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                    part.kind().springsBack()));
        }
        return hands;
    }
}
