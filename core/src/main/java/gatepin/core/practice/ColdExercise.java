package gatepin.core.practice;

import gatepin.core.Sentence;
import gatepin.core.check.ColdPlan;
import gatepin.core.check.ColdPlanner;
import gatepin.core.check.Fault;
import gatepin.core.check.FaultFinder;
import gatepin.core.check.Faults;
import gatepin.core.check.Read;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.HandlePosition;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;

/** The plug is pulled, the drawing hangs there: which readings tell every danger, and may it have power. */
final class ColdExercise extends PlantExercise {
    /** So many dangers that nobody looked for are named. */
    private static final int NAMED = 3;

    private final ColdPlan plan;
    private final List<Act> planned = new ArrayList<>();
    private final Circuit actual;
    private final boolean sound;
    private final Sentence wrong;
    private final Metered meter;

    private record Drawn(Plant plant, ColdPlan plan) {}

    ColdExercise(ExerciseNumber number) {
        this(number, Plant.draw(number.chance(10), number.grade()));
    }

    /** The check of a machine. */
    ColdExercise(ExerciseNumber number, Plant plant) {
        this(number, new Drawn(plant, ColdPlanner.plan(plant.request())));
    }

    private ColdExercise(ExerciseNumber number, Drawn drawn) {
        super(number, drawn.plant());
        Random chance = number.chance(110);
        this.plan = drawn.plan();
        // what takes a slip of card between contacts, or a capacitor's tag off, is not practised here
        List<ColdPlan.Step> steps = plan.steps().stream()
                .filter(s -> Metered.act(s.read()).isPresent())
                .toList();
        steps.forEach(s -> planned.add(Metered.act(s.read()).orElseThrow()));
        List<Read> reads = steps.stream().map(ColdPlan.Step::read).toList();
        List<Fault> seen = Faults.of(plant.circuit(), plant.request().links()).stream()
                .filter(f -> !FaultFinder.moved(plant.request(), f, reads).isEmpty())
                .toList();
        this.sound = chance.nextBoolean();
        Fault fault = seen.get(chance.nextInt(seen.size()));
        this.actual = sound ? plant.circuit() : fault.applyTo(plant.circuit());
        this.wrong = fault.words(plant.circuit());
        this.meter = new Metered(actual, number.seed());
    }

    @Override
    public List<Sentence> brief() {
        List<Sentence> brief = new ArrayList<>();
        brief.add(Sentence.of(
                "practice.cold.brief", plant.kind().name(), plant.motor().volts()));
        brief.add(Sentence.of("practice.cold.task"));
        if (!isAtLeast(Grade.HARD)) {
            brief.add(Sentence.of("practice.cold.expected"));
        }
        return brief;
    }

    @Override
    public List<Tool> tools() {
        List<Tool> tools = new ArrayList<>(Metered.TOOLS);
        tools.add(Tool.on("power-forward", 0));
        return tools;
    }

    @Override
    Sensed sense(List<Act> before, Act act) {
        if (act.by("power-forward")) {
            return Powered.on(plant.motor(), actual, HandlePosition.FORWARD);
        }
        Sensed sensed = meter.sense(act);
        if (isAtLeast(Grade.HARD) || Metered.read(act).isEmpty()) {
            return sensed;
        }
        return Sensed.of("practice.cold.beside", sensed.words(), expected(act));
    }

    @Override
    List<Question> questions() {
        return List.of(Question.yesNo("power", Sentence.of("practice.cold.power"), sound));
    }

    @Override
    Sentence consequence(Question question, String given) {
        return sound
                ? Sentence.of("practice.cold.condemned")
                : Sentence.of(
                        "practice.cold.passed",
                        wrong,
                        Powered.on(plant.motor(), actual, HandlePosition.FORWARD)
                                .words());
    }

    /** Dangers that the planner's readings show and these do not. */
    private List<Fault> unseen(List<Act> acts) {
        List<Read> mine = Metered.reads(acts);
        List<Read> its = Metered.reads(planned);
        List<Fault> unseen = new ArrayList<>();
        for (Fault fault : Faults.of(plant.circuit(), plant.request().links())) {
            Set<String> moved = FaultFinder.moved(plant.request(), fault, its);
            if (!moved.isEmpty()
                    && FaultFinder.moved(plant.request(), fault, mine).isEmpty()) {
                unseen.add(fault);
            }
        }
        return unseen;
    }

    @Override
    List<Slip> slips(List<Act> acts) {
        List<Slip> slips = new ArrayList<>();
        List<Act> before = acts.stream().takeWhile(a -> !a.by("power-forward")).toList();
        List<Fault> unseen = unseen(before);
        // with a fault found nobody goes on looking
        boolean found = !sound && Metered.reads(before).stream().anyMatch(r -> isFound(r));
        if (!unseen.isEmpty() && !found) {
            slips.add(Slip.of(
                    "unseen",
                    unseen.size(),
                    unseen.stream()
                            .limit(NAMED)
                            .map(f -> (Object) f.words(plant.circuit()))
                            .toList()));
        }
        if (acts.stream().anyMatch(a -> a.by("power-forward"))) {
            slips.add(Slip.of("powerUnasked"));
        }
        return slips;
    }

    private boolean isFound(Read read) {
        double shown = meter.take(read).shown();
        double expected = new Metered(plant.circuit(), 0).take(read).shown();
        return Double.isInfinite(shown) != Double.isInfinite(expected)
                || !Double.isInfinite(shown) && Math.abs(shown - expected) > 0.5 + 0.05 * expected;
    }

    @Override
    int fewest() {
        return planned.size();
    }

    @Override
    public List<Step> better() {
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < planned.size(); i++) {
            steps.add(Step.of(
                    planned.get(i),
                    "practice.cold.why",
                    meter.sense(planned.get(i)).words(),
                    expected(planned.get(i))));
        }
        return steps;
    }

    @Override
    public List<Sentence> hints() {
        return List.of(Sentence.of("practice.cold.hint.1"), Sentence.of("practice.cold.hint.2", planned.size()));
    }
}
