package gatepin.web.lane;

import gatepin.core.rotation.StatedRotation;
import java.util.Optional;

/** What the two positions of the handle mean on the machine. */
public final class HandleWords {
    private HandleWords() {}

    /** Which position of the handle works the tool; empty while the diagram is silent about direction. */
    public static Optional<Finding> of(JobFile file) {
        if (file.facts().rotation().isEmpty() || file.column().isEmpty()) {
            return Optional.empty();
        }
        StatedRotation stated = file.column().orElseThrow().rotation();
        return Optional.of(file.facts()
                .rotation()
                .orElseThrow()
                .worksAsWritten(stated)
                .map(asWritten -> asWritten
                        ? Finding.good(
                                file.ways().work() + " works the tool",
                                "The connection as the diagram writes it turns the shaft the way it must.")
                        : Finding.warn(
                                file.ways().back() + " works the tool",
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
                        "The bump will tell. Until then " + file.ways().work() + " is a guess.")));
    }
}
