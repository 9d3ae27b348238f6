package gatepin.web.gate.gear;

import gatepin.core.found.FoundWiring;
import gatepin.core.gear.SwitchKind;
import gatepin.core.plan.FewestChanges;
import gatepin.web.lane.Computing;
import gatepin.web.lane.Computing.Answer;
import gatepin.web.lane.Finding;
import gatepin.web.lane.JobFile;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What would have to change in the switch as it was found. */
final class RepairWords {
    private RepairWords() {}

    /** Whether the switch somebody wired already is right, and the fewest changes if not; empty while that cannot be said. */
    static Optional<Finding> of(JobFile file, Computing computing) {
        boolean onSwitch = wiring(file).bench().stream().anyMatch(w -> w.from().isGear() || w.to().isGear());
        if (!onSwitch || !wiring(file).unknownEnds(file.wiredLeads()).isEmpty()) {
            return Optional.empty();
        }
        Answer<Optional<Optional<FewestChanges>>> answer = computing.repair(file, wiring(file));
        if (answer.value().isEmpty()) {
            return Optional.of(
                    answer.isUnderWay()
                            ? Finding.warn("The wires as found are being compared", "Reload the page in a moment.")
                            : Finding.warn("The wires as found were not compared", answer.failure()));
        }
        return answer.value().orElseThrow().map(RepairWords::repair);
    }

    private static Finding repair(Optional<FewestChanges> fewest) {
        if (fewest.isEmpty()) {
            return Finding.warn(
                    "As found, more than two wires are wrong",
                    "It is quicker to wire it anew from a plan than to mend it.");
        }
        List<FewestChanges.Change> changes = fewest.orElseThrow().changes();
        return changes.isEmpty()
                ? Finding.good(
                        "As found, it is wired right",
                        "It runs the motor both ways and turns it off. Choose a plan only to do it otherwise.")
                : Finding.warn(
                        changes.size() == 1
                                ? "As found, one change makes it right"
                                : "As found, two changes make it right",
                        changes.stream().map(RepairWords::change).collect(Collectors.joining(" ")));
    }

    private static String change(FewestChanges.Change change) {
        String wire = change.wire().from().label() + "–" + change.wire().to().label();
        return switch (change.kind()) {
            case MOVE ->
                "Move the wire " + wire + ": its end on " + change.from().label() + " goes to "
                        + change.to().label() + ".";
            case ADD -> "Put in a jumper " + wire + ".";
            case TAKE_OUT -> "Take out the jumper " + wire + ".";
        };
    }

    private static FoundWiring wiring(JobFile file) {
        return new FoundWiring(
                file.found().wires(), file.gear().map(SwitchKind::chart).orElse(FoundWiring.NO_SWITCH));
    }
}
