package gatepin.core.practice;

import gatepin.core.Reading;
import gatepin.core.Sentence;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.ConnectionReader;
import gatepin.core.practice.MadeUp.Want;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.SortedSet;
import java.util.stream.Collectors;

/** A diagram of two columns: which leads go where at one voltage, and which two change places. */
final class DiagramExercise extends Exercise {
    private static final String SCRATCHED = "▒▒";

    private final MadeUp motor;
    private final Connection column;
    private final List<String> lines = new ArrayList<>();

    DiagramExercise(ExerciseNumber number) {
        this(number, MadeUp.draw(number.chance(4), number.grade().isAtLeast(Grade.MIDDLING) ? Want.DUAL : Want.PLAIN));
    }

    /** The diagram of a motor, asked for the voltage that it is on. */
    DiagramExercise(ExerciseNumber number, MadeUp motor) {
        super(number);
        this.motor = motor;
        this.column = motor.connection();
        write(number.chance(104));
    }

    private void write(Random chance) {
        boolean sentences = isAtLeast(Grade.MIDDLING) && chance.nextBoolean();
        // one lead of the asked column cannot be read; it is the one that is left over
        List<String> marks = motor.leads().marks().stream().toList();
        String scratched = isAtLeast(Grade.HARD) ? marks.get(chance.nextInt(marks.size())) : "";
        for (int volts : motor.plateVolts()) {
            Connection there = motor.connection(volts);
            lines.add(volts + " V");
            String gone = volts == motor.volts() ? scratched : "";
            if (sentences) {
                lines.add("  CONNECT " + list(there.line1(), gone, ", ") + " TO L1, " + list(there.line2(), gone, ", ")
                        + " TO L2");
                there.joined().forEach(g -> lines.add("  JOIN AND INSULATE " + list(g, gone, ", ")));
            } else {
                lines.add("  L1: " + list(there.line1(), gone, " "));
                lines.add("  L2: " + list(there.line2(), gone, " "));
                there.joined().forEach(g -> lines.add("  JOIN: " + list(g, gone, " ")));
            }
        }
        lines.add("TO REVERSE INTERCHANGE " + column.swap().first() + " AND "
                + column.swap().second());
    }

    private static String list(SortedSet<String> group, String gone, String between) {
        return group.stream().map(m -> m.equals(gone) ? SCRATCHED : m).collect(Collectors.joining(between));
    }

    private static String words(SortedSet<String> group) {
        return String.join(" ", group);
    }

    @Override
    public List<Sentence> brief() {
        List<Sentence> brief = new ArrayList<>();
        brief.add(Sentence.of("practice.diagram.brief", motor.volts()));
        if (isAtLeast(Grade.HARD)) {
            brief.add(Sentence.of(
                    "practice.diagram.scratched", String.join(" ", motor.leads().marks())));
        }
        brief.add(Sentence.of("practice.diagram.answer"));
        return brief;
    }

    @Override
    Optional<MadeUp> motorInHand() {
        return Optional.of(motor);
    }

    @Override
    public Scene scene(List<Act> acts) {
        return new Scene.Stamped(lines);
    }

    @Override
    public List<Tool> tools() {
        return List.of();
    }

    @Override
    public List<Point> points(List<Act> acts) {
        return List.of();
    }

    @Override
    Sensed sense(List<Act> before, Act act) {
        throw new IllegalArgumentException("nothing is done to a diagram");
    }

    @Override
    List<Question> questions() {
        return List.of(
                Question.groups(
                        "lines",
                        Sentence.of("practice.diagram.lines"),
                        words(column.line1()) + " / " + words(column.line2())),
                Question.groups(
                        "joined",
                        Sentence.of("practice.diagram.joined"),
                        column.joined().stream().map(DiagramExercise::words).collect(Collectors.joining(" / "))),
                Question.groups(
                        "swap",
                        Sentence.of("practice.diagram.swap"),
                        column.swap().first() + " " + column.swap().second()));
    }

    /** The motor is hung on its lines as was answered. */
    @Override
    Sentence consequence(Question question, String given) {
        if (!question.field().equals("lines")) {
            return question.field().equals("swap") ? Sentence.of("practice.diagram.consequence.swap") : Sentence.none();
        }
        String[] groups = given.split("/", -1);
        Reading<Connection> wired = ConnectionReader.read(
                new ConnectionReader.Typed(
                        "" + motor.volts(),
                        groups[0].strip(),
                        groups.length > 1 ? groups[1].strip() : "",
                        column.joined().stream().map(DiagramExercise::words).collect(Collectors.joining("\n")),
                        ""),
                motor.leads());
        return wired.value()
                .map(c -> Powered.on(motor, motor.direct(c), HandlePosition.FORWARD)
                        .words())
                .orElseGet(() -> Sentence.of("practice.diagram.consequence.cannot"));
    }

    @Override
    List<Slip> slips(List<Act> acts) {
        return List.of();
    }

    @Override
    int fewest() {
        return 0;
    }

    @Override
    public List<Step> better() {
        List<Step> steps = new ArrayList<>();
        steps.add(Step.thought("practice.diagram.why.column", motor.volts()));
        steps.add(Step.thought("practice.diagram.why.lines", words(column.line1()), words(column.line2())));
        column.joined().forEach(g -> steps.add(Step.thought("practice.diagram.why.joined", words(g))));
        if (isAtLeast(Grade.HARD)) {
            steps.add(Step.thought("practice.diagram.why.leftOver"));
        }
        steps.add(Step.thought(
                "practice.diagram.why.swap",
                column.swap().first(),
                column.swap().second()));
        return steps;
    }

    @Override
    public List<Sentence> hints() {
        return List.of(Sentence.of("practice.diagram.hint.1"), Sentence.of("practice.diagram.hint.2"));
    }
}
