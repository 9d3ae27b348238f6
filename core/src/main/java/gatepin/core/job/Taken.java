package gatepin.core.job;

import gatepin.core.Sentence;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/**
 * What a job took as usual though nobody had seen or said it: its gate is shut by that until a person has looked and saves it as his own.
 *
 * @param all each thing that was taken
 */
public record Taken(List<Thing> all) {
    /** What was taken before anybody looked. */
    public static final Part<Taken> PART = Part.of("taken", "what was taken as usual", Gate.DIAGRAM, Taken.class)
            .possibleIf(Taken::isShort);

    private static final int MOST = 20;
    private static final int LONGEST = 200;

    /** What can be taken, and where it has to be looked at. */
    public enum What {
        /** The leads by their marks, joined as they usually are: leads, volts. */
        COLUMN(Gate.DIAGRAM, "diagram", "taken.column"),
        /** There is nothing between the motor's shaft and the tool. */
        SHAFT(Gate.ROTATION, "rotation", "taken.shaft");

        private final Gate gate;
        /** The key of the part that it stands in. */
        private final String part;

        private final String sentence;

        What(Gate gate, String part, String sentence) {
            this.gate = gate;
            this.part = part;
            this.sentence = sentence;
        }
    }

    /** One thing, with the words that stand in its sentence. */
    public record Thing(What what, List<String> about) {
        public Thing {
            about = List.copyOf(about);
        }
    }

    public Taken {
        all = List.copyOf(all);
    }

    private boolean isShort() {
        return all.size() <= MOST
                && all.stream()
                        .allMatch(t ->
                                t.about().size() <= MOST && t.about().stream().allMatch(a -> a.length() <= LONGEST));
    }

    /** What is left of it once a person has saved these parts. */
    public Taken without(Collection<Part<?>> saved) {
        return new Taken(all.stream()
                .filter(t -> saved.stream().noneMatch(p -> p.key().equals(t.what().part)))
                .toList());
    }

    /** What a gate lacks of it; empty where nothing of its own was taken. */
    public Optional<Sentence> at(Gate gate) {
        return all.stream()
                .filter(t -> t.what().gate == gate)
                .findFirst()
                .map(t -> Sentence.of(t.what().sentence, t.about().toArray()));
    }
}
