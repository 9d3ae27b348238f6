package gatepin.core.practice;

import gatepin.core.Sentence;
import gatepin.core.check.Fault;
import gatepin.core.check.Faults;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Ohmmeter;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Terminal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/**
 * One thing is wrong, the plug is pulled: which of a few that come into question, with the fewest readings. What is open makes it hard: all
 * covers off, the switch's alone, or none, so that only the plug and the motor's frame can be reached, and one reading is not enough.
 */
final class FaultDeadExercise extends PlantExercise {
    /** Readings as far apart as that are told apart beside the meter's error and the joints' (common practice), Ω and share. */
    private static final double APART_OHMS = 0.6;

    private static final double APART_SHARE = 0.08;

    /** Of so many readings every choice is looked at. */
    private static final int FEW = 40;
    /** Of so many every three. */
    private static final int SOME = 160;

    private final List<Fault> options;
    private final int wrong;
    private final Metered meter;
    private final List<Act> shortest;

    private record Choice(Plant plant, List<Fault> faults, int wrong, List<Act> shortest) {}

    FaultDeadExercise(ExerciseNumber number) {
        this(number, draw(number));
    }

    private FaultDeadExercise(ExerciseNumber number, Choice drawn) {
        super(number, drawn.plant());
        this.options = drawn.faults();
        this.wrong = drawn.wrong();
        this.shortest = drawn.shortest();
        this.meter = new Metered(options.get(wrong).applyTo(plant.circuit()), number.seed());
    }

    private static Choice draw(ExerciseNumber number) {
        Random chance = number.chance(12);
        int least = number.grade() == Grade.HARD ? 2 : 1;
        while (true) {
            Choice choice = choose(Plant.draw(chance, number.grade()), number.grade(), chance);
            if (choice.shortest().size() >= least) {
                return choice;
            }
        }
    }

    /** Whether a probe reaches a point. */
    private static boolean isReached(Terminal point, Plant plant, Grade grade) {
        boolean outside = point.isLine() || point.equals(Terminal.GROUND) || point.equals(Terminal.MOTOR_FRAME);
        return switch (grade) {
            case EASY -> true;
            case MIDDLING ->
                outside
                        || plant.kind().chart().terminals().contains(point)
                        || point.equals(plant.kind().chart().frame());
            case HARD -> outside;
        };
    }

    @Override
    public List<Point> points(List<Act> acts) {
        return super.points(acts).stream()
                .filter(p -> isReached(Terminal.fromId(p.id()), plant, number().grade()))
                .toList();
    }

    /** Some faults that readings tell from each other, one of them, and the fewest readings that tell it from the others. */
    private static Choice choose(Plant plant, Grade grade, Random chance) {
        int count = 3 + 2 * grade.ordinal();
        List<Fault> all =
                new ArrayList<>(Faults.of(plant.circuit(), plant.request().links()));
        Collections.shuffle(all, chance);
        Map<Fault, double[]> readings = new LinkedHashMap<>();
        List<Act> acts = acts(plant, grade);
        double[] sound = readings(plant.circuit(), plant, grade);
        for (Fault fault : all) {
            double[] its = readings(fault.applyTo(plant.circuit()), plant, grade);
            if (differ(its, sound) && readings.values().stream().allMatch(r -> differ(r, its))) {
                readings.put(fault, its);
            }
            if (readings.size() == count) {
                break;
            }
        }
        List<Fault> faults = List.copyOf(readings.keySet());
        if (faults.size() < count) {
            return new Choice(plant, faults, 0, List.of());
        }
        int wrong = chance.nextInt(faults.size());
        List<double[]> others = new ArrayList<>(readings.values());
        double[] its = others.remove(wrong);
        return new Choice(plant, faults, wrong, shortest(its, others, acts));
    }

    private static List<Act> acts(Plant plant, Grade grade) {
        List<Terminal> points = probed(plant, grade);
        List<Act> acts = new ArrayList<>();
        for (HandlePosition at : HandlePosition.values()) {
            for (int i = 0; i < points.size(); i++) {
                for (int j = i + 1; j < points.size(); j++) {
                    acts.add(new Act(
                            Metered.tool(at), points.get(i).id(), points.get(j).id()));
                }
            }
        }
        return acts;
    }

    private static List<Terminal> probed(Plant plant, Grade grade) {
        return plant.circuit().terminals().stream()
                .filter(t -> !t.is(gatepin.core.circuit.Device.Type.INSIDE)
                        && !t.is(gatepin.core.circuit.Device.Type.SPLICE))
                .filter(t -> isReached(t, plant, grade))
                .toList();
    }

    private static double[] readings(Circuit circuit, Plant plant, Grade grade) {
        List<Terminal> points = probed(plant, grade);
        double[] readings = new double[HandlePosition.values().length * points.size() * (points.size() - 1) / 2];
        int at = 0;
        for (HandlePosition position : HandlePosition.values()) {
            Ohmmeter meter = Ohmmeter.on(circuit, State.atRest(position), Ohmmeter.Points.of(circuit, points));
            for (int i = 0; i < points.size(); i++) {
                for (int j = i + 1; j < points.size(); j++) {
                    readings[at++] = meter.ohms(points.get(i), points.get(j));
                }
            }
        }
        return readings;
    }

    private static boolean apart(double a, double b) {
        return Double.isInfinite(a) != Double.isInfinite(b)
                || !Double.isInfinite(a) && Math.abs(a - b) > APART_OHMS + APART_SHARE * Math.max(a, b);
    }

    private static boolean differ(double[] a, double[] b) {
        for (int i = 0; i < a.length; i++) {
            if (apart(a[i], b[i])) {
                return true;
            }
        }
        return false;
    }

    /** The fewest, up to three, or as many as there are where there are few; more by always taking the one that tells most of what is left. */
    private static List<Act> shortest(double[] its, List<double[]> others, List<Act> acts) {
        int[] tells = new int[acts.size()];
        for (int i = 0; i < acts.size(); i++) {
            for (int o = 0; o < others.size(); o++) {
                tells[i] |= apart(its[i], others.get(o)[i]) ? 1 << o : 0;
            }
        }
        int all = (1 << others.size()) - 1;
        int exactly = acts.size() <= FEW ? others.size() : acts.size() <= SOME ? 3 : 2;
        for (int count = 1; count <= exactly; count++) {
            List<Integer> found = cover(tells, all, 0, count);
            if (!found.isEmpty()) {
                return found.stream().map(acts::get).toList();
            }
        }
        return acts.size() <= FEW ? List.of() : greedy(its, others, acts);
    }

    /** So many readings, of those from one on, that tell what is left; empty where there are none. */
    private static List<Integer> cover(int[] tells, int left, int from, int count) {
        for (int i = from; i < tells.length; i++) {
            int then = left & ~tells[i];
            if (then == 0) {
                return List.of(i);
            }
            if (count > 1 && then != left) {
                List<Integer> rest = cover(tells, then, i + 1, count - 1);
                if (!rest.isEmpty()) {
                    List<Integer> found = new ArrayList<>(List.of(i));
                    found.addAll(rest);
                    return found;
                }
            }
        }
        return List.of();
    }

    private static List<Act> greedy(double[] its, List<double[]> others, List<Act> acts) {
        List<Integer> chosen = new ArrayList<>();
        List<double[]> left = new ArrayList<>(others);
        while (!left.isEmpty()) {
            int best = 0;
            long most = 0;
            for (int i = 0; i < acts.size(); i++) {
                int reading = i;
                long told = left.stream()
                        .filter(o -> apart(its[reading], o[reading]))
                        .count();
                if (told > most) {
                    most = told;
                    best = i;
                }
            }
            if (most == 0) {
                return List.of();
            }
            int taken = best;
            chosen.add(best);
            left.removeIf(o -> apart(its[taken], o[taken]));
        }
        return chosen.stream().map(acts::get).toList();
    }

    @Override
    public List<Sentence> brief() {
        return List.of(
                Sentence.of(
                        "practice.fault.brief",
                        plant.kind().name(),
                        plant.motor().volts()),
                Sentence.of("practice.fault.dead"),
                Sentence.of("practice.fault.reach." + number().grade().name()));
    }

    @Override
    public List<Tool> tools() {
        List<Tool> tools = new ArrayList<>(Metered.TOOLS);
        tools.add(Tool.on("power-forward", 0));
        return tools;
    }

    @Override
    Sensed sense(List<Act> before, Act act) {
        return act.by("power-forward")
                ? Powered.on(plant.motor(), options.get(wrong).applyTo(plant.circuit()), HandlePosition.FORWARD)
                : meter.sense(act);
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
                Powered.on(plant.motor(), options.get(wrong).applyTo(plant.circuit()), HandlePosition.FORWARD)
                        .words());
    }

    @Override
    List<Slip> slips(List<Act> acts) {
        return acts.stream().anyMatch(a -> a.by("power-forward")) ? List.of(Slip.of("powerUnasked")) : List.of();
    }

    @Override
    int fewest() {
        return shortest.size();
    }

    @Override
    public List<Step> better() {
        return shortest.stream()
                .map(a -> Step.of(a, "practice.fault.why.dead", meter.sense(a).words(), expected(a)))
                .toList();
    }

    @Override
    public List<Sentence> hints() {
        return List.of(
                Sentence.of("practice.fault.hint.dead"), Sentence.of("practice.fault.hint.count", shortest.size()));
    }
}
