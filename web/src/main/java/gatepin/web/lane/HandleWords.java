package gatepin.web.lane;

import gatepin.core.circuit.HandlePosition;
import gatepin.core.diagram.Connection;
import gatepin.core.rotation.RotationPlan.Hazard;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.verdict.Analysis;
import java.util.Optional;
import java.util.stream.Collectors;

/** What the two positions of the handle mean on the machine. */
public final class HandleWords {
    private HandleWords() {}

    /** Which position of the handle works the tool; empty while the diagram is silent about direction. */
    public static Optional<Finding> of(JobFile file) {
        return of(file, file.workup().turning().turns(HandlePosition.FORWARD));
    }

    /** The same of wires that turn the shaft so in the first position, whatever wires are in force. */
    public static Optional<Finding> of(JobFile file, StatedRotation wired) {
        if (file.facts().rotation().isEmpty() || file.column().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(file.facts()
                .rotation()
                .orElseThrow()
                .worksAsWritten(wired)
                .map(works -> works ? works(file) : turnsBack(file))
                .orElse(Finding.warn(
                        "The diagram does not say which way it turns",
                        "The bump will tell. Until then " + file.ways().work() + " is a guess.")));
    }

    private static Finding works(JobFile file) {
        return Finding.good(
                file.ways().work() + " works the tool",
                file.facts().gear().plan().isPresent()
                        ? "As it is wired the first position turns the shaft the way it must."
                        : "The connection as the diagram writes it turns the shaft the way it must.");
    }

    private static Finding turnsBack(JobFile file) {
        Connection.Swap swap = file.column().orElseThrow().connection().swap();
        return Finding.warn(
                file.ways().back() + " works the tool",
                (file.facts().gear().plan().isPresent()
                                ? "As it is wired the first position turns the shaft the other way. "
                                : "The connection as the diagram writes it turns the shaft the other way. ")
                        + (swap.isNone()
                                ? "The diagram tells no way to reverse it: turn the motor round, cross the belt, or take another motor."
                                : "Interchange " + swap.first() + " and " + swap.second()
                                        + " at the switch, or label the handle so."));
    }

    /** The same of the wires that are checked. */
    public static Optional<Finding> oneWay(JobFile file) {
        return file.workup().checks().circuit().flatMap(file.workup()::analysis).flatMap(a -> oneWay(file, a));
    }

    /** A position that must never be live, on a machine that turns one way only; empty where there is none. */
    public static Optional<Finding> oneWay(JobFile file, Analysis analysis) {
        return file.workup().turning().wrongPosition(analysis).map(wrong -> {
            String name = wrong.position() == HandlePosition.FORWARD
                    ? file.ways().work()
                    : file.ways().back();
            String why = wrong.hazards().stream().map(Hazard::why).collect(Collectors.joining(" "));
            String title = name + " is live, and this machine must turn one way only";
            String words = (why.isEmpty() ? "" : why + " ") + "Leave that position dead, or block the handle.";
            return wrong.hazards().isEmpty() ? Finding.warn(title, words) : Finding.bad(title, words);
        });
    }
}
