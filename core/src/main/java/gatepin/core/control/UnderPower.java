package gatepin.core.control;

import gatepin.core.check.LiveStep;
import gatepin.core.check.LiveStep.What;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.control.Claim.Asked;
import gatepin.core.control.Part.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a control circuit has to show once it gets power, in the order of work: each stop, both buttons at once, the limits, power gone and
 * back (common practice; IEC 60204-1 asks for a test of each stop, from memory).
 */
public final class UnderPower {
    private UnderPower() {}

    /** The steps of a ladder. */
    public static List<LiveStep> steps(Ladder ladder, Asked asked) {
        List<LiveStep> steps = new ArrayList<>();
        for (Part stop : ladder.of(Kind.STOP, Kind.EMERGENCY_STOP)) {
            steps.add(LiveStep.of(What.STOPS, stop.name()));
            if (stop.kind() == Kind.EMERGENCY_STOP) {
                steps.add(LiveStep.of(What.STAYS_OFF, stop.name()));
            }
        }
        List<Part> buttons = ladder.of(Kind.BUTTON);
        boolean both = List.of(HandlePosition.FORWARD, HandlePosition.REVERSE).stream()
                .allMatch(w -> buttons.stream().anyMatch(b -> b.way().equals(Optional.of(w))));
        if (both) {
            steps.add(LiveStep.of(What.BOTH_BUTTONS, ""));
        }
        ladder.of(Kind.LIMIT).forEach(l -> steps.add(LiveStep.of(What.LIMIT_STOPS, l.name())));
        if (!asked.restart()) {
            steps.add(LiveStep.of(What.POWER_BACK, ""));
        }
        return steps;
    }
}
