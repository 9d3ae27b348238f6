package gatepin.web.gate.rotation;

import gatepin.core.rotation.RotationPlan;
import gatepin.core.rotation.RotationPlan.Hazard;
import gatepin.web.lane.Finding;
import gatepin.web.lane.HandleWords;
import gatepin.web.lane.JobFile;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What the way a machine must turn means for motor and switch, in words. */
final class RotationWords {
    private RotationWords() {}

    static List<Finding> findings(JobFile file, RotationPlan plan, int motorRpm) {
        List<Finding> findings = new ArrayList<>();
        findings.add(Finding.good(
                String.format(Locale.ROOT, "The tool turns at about %.0f rpm", plan.toolRpm(motorRpm)),
                String.format(
                        Locale.ROOT,
                        "Motor %d rpm times %.3f.",
                        motorRpm,
                        plan.train().ratio())));
        HandleWords.of(file).ifPresent(findings::add);
        for (Hazard hazard : plan.hazards()) {
            findings.add(
                    !plan.bothWays()
                            ? Finding.good(hazard.words() + ": it turns one way only", hazard.why())
                            : plan.secured()
                                    ? Finding.warn(hazard.words() + ": dealt with, you say", hazard.why())
                                    : Finding.bad("Reversing is dangerous: " + hazard.words(), hazard.why()));
        }
        if (plan.bothWays()) {
            findings.add(Finding.warn(
                    "Stop fully, then reverse",
                    plan.coastSeconds()
                                    .map(s -> String.format(
                                            Locale.ROOT, "It coasts %.0f s: wait at the OFF detent that long. ", s))
                                    .orElse("Take the time it coasts, once. ")
                            + "Thrown over at speed it goes on the old way, or tears at the gears."));
            findings.add(Finding.warn(
                    plan.momentary() ? "The handle must spring back to OFF" : "The switch needs a centre-off",
                    plan.momentary()
                            ? "A winch or tapping head must not go on when the hand lets go."
                            : "Without it the handle can go straight across."));
        }
        return findings;
    }
}
