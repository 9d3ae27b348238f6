package gatepin.core.straight;

import gatepin.core.Reading;
import gatepin.core.Sentence;
import gatepin.core.plate.Plate;
import gatepin.core.plate.PlatePiece;
import gatepin.core.plate.PlateReader;
import gatepin.core.plate.PlateText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What is stamped on the plate, as a person types or pastes it. It is taken only where nothing of it is in doubt.
 *
 * @param plate the plate; empty where it is not certain
 * @param questions what keeps it from being taken
 */
public record Stamped(Optional<Plate> plate, List<Sentence> questions) {
    /** Nothing is typed. */
    public static final Stamped NOTHING = new Stamped(Optional.empty(), List.of());

    public Stamped {
        questions = List.copyOf(questions);
    }

    /** Reads it. */
    public static Stamped read(String typed) {
        if (typed.isBlank()) {
            return NOTHING;
        }
        PlateText text = PlateText.read(typed);
        List<Sentence> questions = new ArrayList<>();
        text.doubts().stream().map(PlatePiece::question).map(Sentence::own).forEach(questions::add);
        Reading<Plate> read = PlateReader.read(text.fields());
        read.problems().forEach(p -> questions.add(Sentence.own(p.message())));
        read.value()
                .flatMap(p -> p.details().obstacle())
                .ifPresent(o -> questions.add(Sentence.of("lack.plate.obstacle", o)));
        return questions.isEmpty() ? new Stamped(read.value(), List.of()) : new Stamped(Optional.empty(), questions);
    }
}
