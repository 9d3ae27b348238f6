package gatepin.web.page;

import gatepin.core.rotation.RotationPlan;
import gatepin.core.rotation.RotationPlan.Hazard;
import gatepin.core.rotation.StatedRotation;
import gatepin.web.desk.JobFile;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

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
        handle(file).ifPresent(findings::add);
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

    /** Which handle position works the tool; empty while the diagram is silent about direction. */
    static Optional<Finding> handle(JobFile file) {
        if (file.rotation().isEmpty() || file.column().isEmpty()) {
            return Optional.empty();
        }
        StatedRotation stated = file.column().orElseThrow().rotation();
        return Optional.of(file.rotation()
                .orElseThrow()
                .worksAsWritten(stated)
                .map(asWritten -> asWritten
                        ? Finding.good(
                                "FORWARD works the tool",
                                "The connection as the diagram writes it turns the shaft the way it must.")
                        : Finding.warn(
                                "REVERSE works the tool",
                                "The connection as the diagram writes it turns the shaft the other way. Interchange "
                                        + file.column()
                                                .orElseThrow()
                                                .connection()
                                                .swap()
                                                .first() + " and "
                                        + file.column()
                                                .orElseThrow()
                                                .connection()
                                                .swap()
                                                .second()
                                        + " at the switch, or label the handle so."))
                .orElse(Finding.warn(
                        "The diagram does not say which way it turns",
                        "The bump will tell. Until then FORWARD is a guess.")));
    }
}
