package gatepin.core.practice;

import gatepin.core.Sentence;
import gatepin.core.check.Fault;
import gatepin.core.check.Faults;
import gatepin.core.check.LiveSeen;
import gatepin.core.check.LiveStep;
import gatepin.core.check.LiveStep.Answer;
import gatepin.core.check.LiveStep.What;
import gatepin.core.check.SimulatedRun;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Setting;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.rotation.StatedRotation.Direction;
import gatepin.core.rotation.StatedRotation.End;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;

/** One thing is wrong and the machine gets power for seconds: eye, ear, clamp and tachometer tell which. */
final class FaultLiveExercise extends PlantExercise {
    private static final List<What> WHAT =
            List.of(What.TURNS, What.CLICK_UP, What.IDLE_AMPS, What.LOAD_AMPS, What.SPEED, What.CLICK_DOWN);
    private static final StatedRotation PLUS = new StatedRotation(Direction.CLOCKWISE, End.SHAFT_END);
    /** Numbers as far apart as that are told apart on a clamp and a tachometer (common practice). */
    private static final double APART_SHARE = 0.12;

    private static final double APART = 0.2;

    private final List<Fault> options;
    private final int wrong;
    private final SimulatedRun bench;
    private final SimulatedRun sound;
    private final List<LiveStep> shortest;

    private record Choice(Plant plant, List<Fault> faults, int wrong, List<LiveStep> shortest) {}

    FaultLiveExercise(ExerciseNumber number) {
        this(number, draw(number));
    }

    private FaultLiveExercise(ExerciseNumber number, Choice drawn) {
        super(number, drawn.plant());
        this.options = drawn.faults();
        this.wrong = drawn.wrong();
        this.shortest = drawn.shortest();
        this.bench = bench(plant, options.get(wrong).applyTo(plant.circuit()), number.seed());
        this.sound = bench(plant, plant.circuit(), number.seed());
    }

    private static Choice draw(ExerciseNumber number) {
        Random chance = number.chance(13);
        int count = 3 + number.grade().ordinal();
        while (true) {
            Plant plant = Plant.draw(chance, number.grade());
            Map<Fault, List<LiveSeen>> seen = unlike(plant, count, chance);
            if (seen.size() == count) {
                int wrong = chance.nextInt(count);
                List<List<LiveSeen>> others = new ArrayList<>(seen.values());
                List<LiveSeen> its = others.remove(wrong);
                return new Choice(plant, List.copyOf(seen.keySet()), wrong, shortest(its, others));
            }
        }
    }

    /** Some faults that look unlike each other and unlike a sound machine, with what is seen of them. */
    private static Map<Fault, List<LiveSeen>> unlike(Plant plant, int count, Random chance) {
        List<Fault> faults =
                new ArrayList<>(Faults.of(plant.circuit(), plant.request().links()));
        Collections.shuffle(faults, chance);
        Map<Fault, List<LiveSeen>> seen = new LinkedHashMap<>();
        List<LiveSeen> asItShould = seen(plant, plant.circuit());
        for (Fault fault : faults) {
            List<LiveSeen> its = seen(plant, fault.applyTo(plant.circuit()));
            if (differ(its, asItShould) && seen.values().stream().allMatch(s -> differ(s, its))) {
                seen.put(fault, its);
            }
            if (seen.size() == count) {
                break;
            }
        }
        return seen;
    }

    private static SimulatedRun bench(Plant plant, Circuit circuit, long seed) {
        return new SimulatedRun(circuit, plant.motor().rated(), PLUS, seed);
    }

    private static List<LiveStep> steps() {
        List<LiveStep> steps = new ArrayList<>();
        for (Setting at : List.of(HandlePosition.FORWARD, HandlePosition.REVERSE)) {
            WHAT.forEach(w -> steps.add(new LiveStep(w, Optional.of(at))));
        }
        return steps;
    }

    private static List<LiveSeen> seen(Plant plant, Circuit circuit) {
        SimulatedRun bench = bench(plant, circuit, 0);
        return steps().stream().map(bench::see).toList();
    }

    private static boolean apart(LiveSeen a, LiveSeen b) {
        return !a.turn().equals(b.turn())
                || Math.abs(a.number() - b.number()) > APART + APART_SHARE * Math.max(a.number(), b.number());
    }

    private static boolean differ(List<LiveSeen> a, List<LiveSeen> b) {
        for (int i = 0; i < a.size(); i++) {
            if (apart(a.get(i), b.get(i))) {
                return true;
            }
        }
        return false;
    }

    /** The fewest observations that tell it from all others: there are so few that every choice is tried. */
    private static List<LiveStep> shortest(List<LiveSeen> its, List<List<LiveSeen>> others) {
        List<LiveStep> steps = steps();
        int best = (1 << steps.size()) - 1;
        for (int choice = 1; choice < 1 << steps.size(); choice++) {
            if (Integer.bitCount(choice) < Integer.bitCount(best) && tells(choice, its, others)) {
                best = choice;
            }
        }
        int chosen = best;
        return Stream.iterate(0, i -> i < steps.size(), i -> i + 1)
                .filter(i -> (chosen & 1 << i) != 0)
                .map(steps::get)
                .toList();
    }

    private static boolean tells(int choice, List<LiveSeen> its, List<List<LiveSeen>> others) {
        for (List<LiveSeen> other : others) {
            boolean told = false;
            for (int i = 0; i < its.size() && !told; i++) {
                told = (choice & 1 << i) != 0 && apart(its.get(i), other.get(i));
            }
            if (!told) {
                return false;
            }
        }
        return true;
    }

    @Override
    public List<Sentence> brief() {
        return List.of(
                Sentence.of(
                        "practice.fault.brief",
                        plant.kind().name(),
                        plant.motor().volts()),
                Sentence.of("practice.fault.live"));
    }

    @Override
    public List<Tool> tools() {
        return List.of(Tool.on("cover-on", 0), Tool.on("belt-off", 0), Tool.counted("see", 1));
    }

    @Override
    public List<Point> points(List<Act> acts) {
        return steps().stream()
                .map(s -> new Point(
                        s.key(),
                        s.setting().orElseThrow().title() + ": "
                                + s.what()
                                        .name()
                                        .toLowerCase(java.util.Locale.ROOT)
                                        .replace('_', ' ')))
                .toList();
    }

    private static LiveStep step(String key) {
        return steps().stream().filter(s -> s.key().equals(key)).findFirst().orElseThrow();
    }

    private static Sentence words(LiveStep step, LiveSeen seen) {
        Object what = Sentence.of("practice.see." + step.what().name());
        Object at = step.setting().orElseThrow().title();
        return switch (step.what().answer()) {
            case DIRECTION ->
                Sentence.of(
                        "practice.seen.turn",
                        at,
                        Sentence.of("practice.turn." + seen.turn().orElseThrow().name()));
            case YES_OR_NO -> Sentence.of(seen.number() > 0 ? "practice.seen.yes" : "practice.seen.no", at, what);
            case NUMBER -> Sentence.of("practice.seen.number", at, what, Math.round(seen.number() * 10) / 10.0);
        };
    }

    @Override
    Sensed sense(List<Act> before, Act act) {
        if (!act.by("see")) {
            return Sensed.of("practice.sensed." + act.tool());
        }
        LiveStep step = step(act.one());
        LiveSeen seen = bench.see(step);
        return Sensed.of(words(step, seen));
    }

    @Override
    List<Question> questions() {
        return List.of(which(options, options.get(wrong)));
    }

    @Override
    Sentence consequence(Question question, String given) {
        return Sentence.of(
                "practice.fault.left",
                options.get(wrong).words(plant.circuit()),
                Powered.on(plant.motor(), bench.actual(), HandlePosition.FORWARD)
                        .words());
    }

    @Override
    List<Slip> slips(List<Act> acts) {
        List<Slip> slips = new ArrayList<>();
        List<Act> before = acts.stream().takeWhile(a -> !a.by("see")).toList();
        if (before.stream().noneMatch(a -> a.by("cover-on"))) {
            slips.add(Slip.of("cover"));
        }
        if (before.stream().noneMatch(a -> a.by("belt-off"))) {
            slips.add(Slip.of("belt"));
        }
        // the same position twice: a look at the other one tells something new
        List<String> hums = acts.stream()
                .filter(a -> a.by("see"))
                .map(a -> step(a.one()))
                .filter(s -> s.what().answer() == Answer.DIRECTION)
                .filter(s -> bench.see(s).turn().equals(Optional.of(LiveStep.Turn.HUMS)))
                .map(LiveStep::key)
                .toList();
        if (hums.stream().distinct().count() < hums.size()) {
            slips.add(Slip.harm(
                    "hummedAgain",
                    Powered.on(plant.motor(), bench.actual(), HandlePosition.FORWARD)
                            .words()));
        }
        return slips;
    }

    @Override
    int fewest() {
        return shortest.size();
    }

    @Override
    public List<Step> better() {
        List<Step> steps = new ArrayList<>();
        steps.add(Step.of(Act.of("cover-on"), "practice.fault.why.cover"));
        steps.add(Step.of(Act.of("belt-off"), "practice.fault.why.belt"));
        for (LiveStep step : shortest) {
            steps.add(Step.of(
                    Act.of("see", step.key()),
                    "practice.fault.why.live",
                    words(step, bench.see(step)),
                    words(step, sound.see(step))));
        }
        return steps;
    }

    @Override
    public List<Sentence> hints() {
        return List.of(
                Sentence.of("practice.fault.hint.live"), Sentence.of("practice.fault.hint.count", shortest.size()));
    }
}
