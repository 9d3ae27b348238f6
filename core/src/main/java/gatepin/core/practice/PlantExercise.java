package gatepin.core.practice;

import gatepin.core.Sentence;
import gatepin.core.check.Fault;
import gatepin.core.check.Read;
import gatepin.core.practice.Question.Option;
import java.util.List;
import java.util.Optional;

/** An exercise about a machine that is wired as drawn, or should be. */
abstract class PlantExercise extends Exercise {
    /** The machine as it should be. */
    final Plant plant;

    PlantExercise(ExerciseNumber number, Plant plant) {
        super(number);
        this.plant = plant;
    }

    @Override
    Optional<MadeUp> motorInHand() {
        return Optional.of(plant.motor());
    }

    @Override
    public Scene scene(List<Act> acts) {
        return plant.drawn();
    }

    @Override
    public List<Point> points(List<Act> acts) {
        return Metered.points(plant);
    }

    @Override
    public Hand hand(List<Act> before) {
        List<String> words = tools(before).stream().map(Tool::word).toList();
        return Metered.TOOLS.stream().map(Tool::word).allMatch(words::contains) ? Hand.PROBE : Hand.NONE;
    }

    /** What the drawing makes expect of a reading. */
    final String expected(Act act) {
        Read read = Metered.read(act).orElseThrow();
        double expected = new Metered(plant.circuit(), 0).take(read).shown();
        return Double.isInfinite(expected) ? "OL" : WindingsExercise.rounded(expected) + " Ω";
    }

    /** Which of some faults it is. */
    final Question which(List<Fault> faults, Fault right) {
        return Question.choice(
                "fault",
                Sentence.of("practice.fault.which"),
                faults.stream()
                        .map(f -> new Option(f.key(), f.words(plant.circuit())))
                        .toList(),
                right.key());
    }
}
