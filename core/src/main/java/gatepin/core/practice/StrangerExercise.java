package gatepin.core.practice;

import gatepin.core.Sentence;
import gatepin.core.Severity;
import gatepin.core.check.Fault;
import gatepin.core.check.Faults;
import gatepin.core.check.WiringFault;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.practice.Question.Option;
import gatepin.core.practice.Sensed.Effect;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Analysis.Way;
import gatepin.core.verdict.Rule;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;

/** What somebody else wired, drawn as it is: judged before it gets power. */
final class StrangerExercise extends PlantExercise {
    /** What a motor does in a position. */
    private enum Does {
        TURNS,
        HUMS,
        NOTHING,
        TRIPS,
        BURNS
    }

    private final Circuit circuit;

    StrangerExercise(ExerciseNumber number) {
        super(number, Plant.draw(number.chance(11), number.grade()));
        Random chance = number.chance(111);
        List<Fault> faults = Faults.of(plant.circuit(), plant.request().links()).stream()
                .filter(f -> f instanceof WiringFault.WireOut
                        || f instanceof WiringFault.WireElsewhere
                        || f instanceof WiringFault.EndsExchanged)
                .toList();
        int count = chance.nextInt(4) == 0 ? 0 : isAtLeast(Grade.HARD) ? 1 + chance.nextInt(2) : 1;
        Circuit made = plant.circuit();
        for (int i = 0; i < count; i++) {
            Fault fault = faults.get(chance.nextInt(faults.size()));
            made = fault.applyTo(made);
        }
        // a wire that hangs in the air is not drawn
        this.circuit = made.rewired(made.wires().stream()
                .filter(w -> plant.circuit().terminals().containsAll(List.of(w.from(), w.to())))
                .toList());
    }

    private Analysis analysis() {
        return Analysis.of(circuit, plant.motor().rated());
    }

    private Does does(HandlePosition at) {
        Sensed sensed = Powered.on(plant.motor(), circuit, at);
        if (sensed.effect() == Effect.TRIPPED) {
            return Does.TRIPS;
        }
        if (sensed.effect() == Effect.BURNT) {
            return Does.BURNS;
        }
        String key = sensed.words().key();
        return key.endsWith("hums")
                ? Does.HUMS
                : key.endsWith("nothing") ? Does.NOTHING : key.endsWith("frame") ? does(analysis(), at) : Does.TURNS;
    }

    private static Does does(Analysis analysis, HandlePosition at) {
        return analysis.in(at).way() == Way.NONE ? Does.HUMS : Does.TURNS;
    }

    private boolean isSafe() {
        return analysis().verdicts().stream()
                .noneMatch(v -> v.severity() == Severity.DANGER || v.rule() == Rule.SAME_WAY);
    }

    @Override
    public List<Sentence> brief() {
        return List.of(
                Sentence.of("practice.stranger.brief", plant.motor().volts()), Sentence.of("practice.stranger.task"));
    }

    @Override
    public Scene scene(List<Act> acts) {
        return plant.drawn(circuit);
    }

    @Override
    public List<Tool> tools() {
        List<Tool> tools = new ArrayList<>();
        Metered.TOOLS.forEach(t -> tools.add(Tool.on(t.word(), 2)));
        tools.add(Tool.on("power-forward", 0));
        tools.add(Tool.on("power-reverse", 0));
        return tools;
    }

    @Override
    Sensed sense(List<Act> before, Act act) {
        if (act.tool().startsWith("power")) {
            return Powered.on(
                    plant.motor(), circuit, act.by("power-forward") ? HandlePosition.FORWARD : HandlePosition.REVERSE);
        }
        boolean there =
                circuit.terminals().stream().map(t -> t.id()).toList().containsAll(List.of(act.one(), act.other()));
        return there
                ? new Metered(circuit, number().seed()).sense(act)
                : Sensed.of(
                        "practice.sensed.open",
                        WireExercise.label(plant.motor().supply(), act.one()),
                        WireExercise.label(plant.motor().supply(), act.other()));
    }

    private static List<Option> options() {
        return Arrays.stream(Does.values())
                .map(d -> new Option(d.name(), Sentence.of("practice.does." + d.name())))
                .toList();
    }

    private boolean turnsBothWays() {
        Way forward = analysis().in(HandlePosition.FORWARD).way();
        Way reverse = analysis().in(HandlePosition.REVERSE).way();
        return forward != Way.NONE && reverse != Way.NONE && forward != reverse;
    }

    @Override
    List<Question> questions() {
        return List.of(
                Question.choice(
                        "forward",
                        Sentence.of("practice.stranger.forward"),
                        options(),
                        does(HandlePosition.FORWARD).name()),
                Question.choice(
                        "reverse",
                        Sentence.of("practice.stranger.reverse"),
                        options(),
                        does(HandlePosition.REVERSE).name()),
                Question.yesNo("ways", Sentence.of("practice.stranger.ways"), turnsBothWays()),
                Question.yesNo("power", Sentence.of("practice.stranger.power"), isSafe()));
    }

    @Override
    Sentence consequence(Question question, String given) {
        return Powered.on(
                        plant.motor(),
                        circuit,
                        question.field().equals("reverse") ? HandlePosition.REVERSE : HandlePosition.FORWARD)
                .words();
    }

    @Override
    List<Slip> slips(List<Act> acts) {
        return acts.stream().anyMatch(a -> a.tool().startsWith("power")) ? List.of(Slip.of("powerUnasked")) : List.of();
    }

    @Override
    int fewest() {
        return 0;
    }

    @Override
    public List<Step> better() {
        List<Step> steps = new ArrayList<>();
        steps.add(Step.thought("practice.stranger.why.trace"));
        steps.add(Step.thought(
                "practice.stranger.why.at",
                Powered.on(plant.motor(), circuit, HandlePosition.FORWARD).words()));
        steps.add(Step.thought(
                "practice.stranger.why.at",
                Powered.on(plant.motor(), circuit, HandlePosition.REVERSE).words()));
        analysis().verdicts().stream()
                .filter(v -> v.severity() == Severity.DANGER)
                .forEach(v -> steps.add(Step.thought(
                        "practice.stranger.why.danger",
                        gatepin.core.verdict.VerdictWords.of(v, plant.motor().supply())
                                .title(),
                        gatepin.core.verdict.VerdictWords.of(v, plant.motor().supply())
                                .words())));
        return steps;
    }

    @Override
    public List<Sentence> hints() {
        return List.of(Sentence.of("practice.stranger.hint.1"), Sentence.of("practice.stranger.hint.2"));
    }
}
