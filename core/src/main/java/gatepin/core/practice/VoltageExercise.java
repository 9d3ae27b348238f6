package gatepin.core.practice;

import gatepin.core.Sentence;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.practice.MadeUp.Want;
import gatepin.core.practice.Question.Option;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** Two voltages on a plate, outlets on a wall: what is there, which column, how many amps, how much is lost on the way. */
final class VoltageExercise extends Exercise {
    /** Copper of 2.5 mm² and 12 AWG are near enough, Ω a kilometre and conductor at 20 °C (IEC 60228 class 1, from memory). */
    private static final double OHMS_A_KILOMETRE = 7.41;

    private record Outlet(String id, int volts, boolean looksHigh) {}

    private final MadeUp motor;
    private final List<Outlet> outlets = new ArrayList<>();
    private final int asked;
    private final int metres;

    VoltageExercise(ExerciseNumber number) {
        this(number, MadeUp.draw(number.chance(6), Want.DUAL));
    }

    /** The outlets before a motor: that at its machine gives the voltage it is on. */
    VoltageExercise(ExerciseNumber number, MadeUp motor) {
        super(number);
        Random chance = number.chance(106);
        this.motor = motor;
        int count = 1 + number.grade().ordinal();
        this.asked = chance.nextInt(count);
        for (int i = 0; i < count; i++) {
            int volts = i == asked ? motor.volts() : chance.nextBoolean() ? 115 : 230;
            // an outlet of one voltage with the face of the other: somebody swapped it
            boolean lies = isAtLeast(Grade.HARD) && chance.nextInt(3) == 0;
            outlets.add(new Outlet("" + (char) ('A' + i), volts, volts == 230 != lies));
        }
        this.metres = 5 + 5 * chance.nextInt(12);
    }

    private int volts() {
        return outlets.get(asked).volts();
    }

    private double amps() {
        return Math.round(
                        motor.given().amps().orElseThrow() * motor.plateVolts().get(0) / volts() * 10)
                / 10.0;
    }

    private double drop() {
        return 2 * amps() * metres * OHMS_A_KILOMETRE / 1000;
    }

    private static int shown(int volts) {
        return volts == 115 ? 119 : 236;
    }

    @Override
    public List<Sentence> brief() {
        List<Sentence> brief = new ArrayList<>();
        brief.add(Sentence.of(
                "practice.voltage.brief",
                motor.plateVolts().get(0),
                motor.plateVolts().get(1),
                motor.given().amps().orElseThrow()));
        for (Outlet outlet : outlets) {
            brief.add(Sentence.of(outlet.looksHigh() ? "practice.voltage.high" : "practice.voltage.low", outlet.id()));
        }
        brief.add(Sentence.of("practice.voltage.way", outlets.get(asked).id(), metres, OHMS_A_KILOMETRE));
        return brief;
    }

    @Override
    Optional<MadeUp> motorInHand() {
        return Optional.of(motor);
    }

    @Override
    public Scene scene(List<Act> acts) {
        return new Scene.Bare();
    }

    @Override
    public List<Tool> tools() {
        return List.of(Tool.counted("outlet-volts", 1), Tool.on("plug-in", 0));
    }

    @Override
    public List<Point> points(List<Act> acts) {
        return outlets.stream().map(o -> new Point(o.id(), o.id())).toList();
    }

    @Override
    Sensed sense(List<Act> before, Act act) {
        if (act.by("plug-in")) {
            // the motor came to the shop as it left the last one: on its other column
            return onOther();
        }
        int volts = outlets.stream()
                .filter(o -> o.id().equals(act.one()))
                .findFirst()
                .orElseThrow()
                .volts();
        return Sensed.of("practice.voltage.measured", act.one(), shown(volts));
    }

    /** The column of the other voltage on what this outlet gives. */
    private Sensed onOther() {
        int other = motor.plateVolts().stream()
                .filter(v -> v != volts())
                .findFirst()
                .orElseThrow();
        return Powered.on(
                motor.onVolts(volts()), motor.onVolts(volts()).direct(motor.connection(other)), HandlePosition.FORWARD);
    }

    @Override
    List<Question> questions() {
        return List.of(
                Question.choice(
                        "column",
                        Sentence.of(
                                "practice.voltage.column", outlets.get(asked).id()),
                        List.of(
                                new Option(
                                        "low",
                                        Sentence.of(
                                                "practice.voltage.parallel",
                                                motor.plateVolts().get(0))),
                                new Option(
                                        "high",
                                        Sentence.of(
                                                "practice.voltage.series",
                                                motor.plateVolts().get(1)))),
                        volts() == 115 ? "low" : "high"),
                Question.number("amps", Sentence.of("practice.voltage.amps"), amps(), Math.max(0.1, 0.04 * amps())),
                Question.number(
                        "drop", Sentence.of("practice.voltage.drop", metres), drop(), Math.max(0.15, 0.06 * drop())),
                Question.yesNo("good", Sentence.of("practice.voltage.good"), drop() <= 0.03 * volts()));
    }

    @Override
    Sentence consequence(Question question, String given) {
        return question.field().equals("column") && !given.isBlank() ? onOther().words() : Sentence.none();
    }

    @Override
    List<Slip> slips(List<Act> acts) {
        String id = outlets.get(asked).id();
        boolean measured =
                acts.stream().anyMatch(a -> a.by("outlet-volts") && a.one().equals(id));
        return measured ? List.of() : List.of(Slip.of("outlet", id));
    }

    @Override
    int fewest() {
        return 1;
    }

    @Override
    public List<Step> better() {
        return List.of(
                Step.of(Act.of("outlet-volts", outlets.get(asked).id()), "practice.voltage.why.measure"),
                Step.thought(volts() == 115 ? "practice.voltage.why.low" : "practice.voltage.why.high"),
                Step.thought("practice.voltage.why.amps", amps()),
                Step.thought(
                        "practice.voltage.why.drop",
                        Math.round(drop() * 100) / 100.0,
                        Math.round(1000 * drop() / volts()) / 10.0));
    }

    @Override
    public List<Sentence> hints() {
        return List.of(Sentence.of("practice.voltage.hint.1"), Sentence.of("practice.voltage.hint.2"));
    }
}
