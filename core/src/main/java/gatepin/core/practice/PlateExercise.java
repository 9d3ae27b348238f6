package gatepin.core.practice;

import gatepin.core.Sentence;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.plate.MotorFamily;
import gatepin.core.practice.MadeUp.Want;
import gatepin.core.practice.Question.Option;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/** A made-up plate: can it do the job at all, and what does it say. */
final class PlateExercise extends Exercise {
    /** What a plate can have against the job: one phase, both ways. */
    private enum Against {
        NOTHING,
        THREE_PHASE,
        ONE_WAY,
        DIRECT_CURRENT
    }

    private final MadeUp motor;
    private final Against against;
    private final List<String> lines = new ArrayList<>();
    private final boolean worn;

    PlateExercise(ExerciseNumber number) {
        this(
                number,
                MadeUp.draw(number.chance(3), number.grade().isAtLeast(Grade.MIDDLING) ? Want.DUAL : Want.ANY),
                against(number.chance(103)));
    }

    /** The plate of a motor that is fit for its job. */
    PlateExercise(ExerciseNumber number, MadeUp motor) {
        this(number, motor, Against.NOTHING);
    }

    private PlateExercise(ExerciseNumber number, MadeUp motor, Against against) {
        super(number);
        Random chance = number.chance(203);
        this.motor = motor;
        this.against = against;
        this.worn = isAtLeast(Grade.HARD);
        stamp(chance);
    }

    private static Against against(Random chance) {
        return chance.nextInt(3) == 0
                ? Against.values()[1 + chance.nextInt(Against.values().length - 1)]
                : Against.NOTHING;
    }

    private double amps(int volts) {
        double low = motor.given().amps().orElseThrow();
        return Math.round(low * motor.plateVolts().get(0) / volts * 10) / 10.0;
    }

    private int high() {
        return motor.plateVolts().get(motor.plateVolts().size() - 1);
    }

    private void stamp(Random chance) {
        String volts = String.join(
                "/", motor.plateVolts().stream().map(String::valueOf).toList());
        List<String> amps = new ArrayList<>(
                motor.plateVolts().stream().map(v -> "" + amps(v)).toList());
        if (worn) {
            amps.set(amps.size() - 1, "▒▒▒");
        }
        String phase = against == Against.THREE_PHASE ? "3" : "1";
        String current = against == Against.DIRECT_CURRENT ? "DC" : "AC";
        String power = horsepower();
        if (isAtLeast(Grade.MIDDLING)) {
            lines.add("MOD " + (char) ('A' + chance.nextInt(26)) + (1000 + chance.nextInt(9000)) + "  SER "
                    + (10_000 + chance.nextInt(90_000)));
            lines.add(power + "  " + motor.given().rpm() + "  " + volts + "  " + String.join("/", amps));
            lines.add(current + "  " + motor.given().hertz() + "  PH " + phase + "  " + (40 + 5 * chance.nextInt(3))
                    + " C  SF 1." + (chance.nextBoolean() ? "15" : "0"));
        } else {
            lines.add("HP " + power + "   RPM " + motor.given().rpm());
            lines.add("VOLTS " + volts + "   AMPS " + String.join("/", amps));
            lines.add("HZ " + motor.given().hertz() + "   PH " + phase + "   " + current);
        }
        lines.add(family());
        if (against == Against.ONE_WAY) {
            lines.add(isAtLeast(Grade.MIDDLING) ? "NON-REV" : "NON-REVERSIBLE");
        }
    }

    private String horsepower() {
        double hp = motor.horsepower();
        return hp == 0.25
                ? "1/4"
                : hp < 0.4 ? "1/3" : hp == 0.5 ? "1/2" : hp == 0.75 ? "3/4" : hp == 1.5 ? "1-1/2" : "" + Math.round(hp);
    }

    private String family() {
        return switch (motor.given().family()) {
            case SPLIT_PHASE -> worn ? "TYPE S" : "SPLIT PHASE";
            case CAPACITOR_START -> worn ? "CAP 270-324 MFD" : "CAP START";
            case CAPACITOR_START_CAPACITOR_RUN -> worn ? "CAP 270-324 MFD / 25 MFD 370 V" : "CAP START CAP RUN";
            case PERMANENT_SPLIT_CAPACITOR -> worn ? "CAP 25 MFD 370 V" : "PSC";
        };
    }

    @Override
    public List<Sentence> brief() {
        return List.of(Sentence.of("practice.plate.brief"), Sentence.of("practice.plate.task"));
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
        throw new IllegalArgumentException("nothing is done to a plate");
    }

    private static List<Option> options(String key, Enum<?>[] values) {
        return Arrays.stream(values)
                .map(v -> new Option(v.name(), Sentence.of(key + v.name())))
                .toList();
    }

    @Override
    List<Question> questions() {
        List<Question> questions = new ArrayList<>();
        questions.add(Question.choice(
                "against",
                Sentence.of("practice.plate.against"),
                options("practice.plate.against.", Against.values()),
                against.name()));
        questions.add(Question.number(
                "amps", Sentence.of("practice.plate.amps", high()), amps(high()), Math.max(0.1, 0.03 * amps(high()))));
        questions.add(Question.number(
                "poles", Sentence.of("practice.plate.poles"), motor.given().poles(), 0));
        if (against != Against.THREE_PHASE && against != Against.DIRECT_CURRENT) {
            questions.add(Question.choice(
                    "family",
                    Sentence.of("practice.plate.family"),
                    options("practice.family.", MotorFamily.values()),
                    motor.given().family().name()));
        }
        questions.add(Question.yesNo(
                "volts",
                Sentence.of("practice.plate.outlet", otherVolts()),
                motor.plateVolts().contains(otherVolts()) && against != Against.DIRECT_CURRENT));
        return questions;
    }

    /** An outlet to ask about: that of the other usual voltage. */
    private int otherVolts() {
        return motor.volts() == 115 ? 230 : 115;
    }

    @Override
    Sentence consequence(Question question, String given) {
        if (question.field().equals("volts") && given.equals("yes") && against == Against.NOTHING) {
            MadeUp wrong = motor.onVolts(otherVolts());
            return Powered.on(wrong, wrong.direct(motor.connection()), HandlePosition.FORWARD)
                    .words();
        }
        return question.field().equals("against")
                ? Sentence.of("practice.plate.consequence." + against.name())
                : question.field().equals("amps")
                        ? Sentence.of("practice.plate.consequence.amps", amps(high()))
                        : Sentence.none();
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
        return List.of(
                Step.thought("practice.plate.why.against"),
                Step.thought(worn ? "practice.plate.why.worn" : "practice.plate.why.amps", high(), amps(high())),
                Step.thought(
                        "practice.plate.why.poles",
                        motor.given().hertz() * 120,
                        motor.given().rpm(),
                        motor.given().poles()),
                Step.thought("practice.plate.why.family."
                        + motor.given().family().name().toLowerCase(Locale.ROOT)));
    }

    @Override
    public List<Sentence> hints() {
        return List.of(Sentence.of("practice.plate.hint.1"), Sentence.of("practice.plate.hint.2"));
    }
}
