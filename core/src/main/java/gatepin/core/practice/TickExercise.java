package gatepin.core.practice;

import gatepin.core.Sentence;
import gatepin.core.check.Fault;
import gatepin.core.check.Faults;
import gatepin.core.check.WiringFault;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;

/** A wire list and what somebody made of it: which wires may be ticked, and which do not lie where the list says. */
final class TickExercise extends PlantExercise {
    private final Circuit made;
    private final TreeSet<Integer> wrong = new TreeSet<>();

    TickExercise(ExerciseNumber number) {
        super(number, Plant.draw(number.chance(9), number.grade()));
        Random chance = number.chance(109);
        Circuit circuit = plant.circuit();
        List<Fault> faults = new ArrayList<>(Faults.of(circuit, plant.request().links()).stream()
                .filter(f -> f instanceof WiringFault.WireOut
                        || f instanceof WiringFault.WireElsewhere
                        || f instanceof WiringFault.EndsExchanged)
                .toList());
        Collections.shuffle(faults, chance);
        if (isAtLeast(Grade.MIDDLING) && chance.nextBoolean()) {
            // a six that was read upside down, or a nine
            faults.sort(Comparator.comparing((Fault f) -> !isSixForNine(f, plant.circuit())));
        }
        int count =
                number.grade() == Grade.EASY ? 1 : chance.nextInt(number.grade().ordinal() + 2);
        for (int i = 0; i < Math.min(count, faults.size()); i++) {
            circuit = faults.get(i).applyTo(circuit);
        }
        this.made = circuit;
        for (int i = 0; i < plant.wires().size(); i++) {
            Wire should = plant.wires().get(i);
            Wire is = made.wires().get(i);
            if (!should.from().equals(is.from()) || !should.to().equals(is.to())) {
                wrong.add(i + 1);
            }
        }
    }

    private static boolean isSixForNine(Fault fault, Circuit circuit) {
        return fault instanceof WiringFault.WireElsewhere
                && Set.copyOf(fault.places(circuit)).equals(Set.of(Terminal.onSwitch("6"), Terminal.onSwitch("9")));
    }

    /** Whether a wire lies on 9 in place of 6, or the other way round. */
    private boolean isSixForNine(int number) {
        Wire should = plant.wires().get(number - 1);
        Wire is = made.wires().get(number - 1);
        List<Terminal> both = List.of(Terminal.onSwitch("6"), Terminal.onSwitch("9"));
        return both.stream().anyMatch(should::lands)
                && both.stream().anyMatch(is::lands)
                && both.stream().noneMatch(t -> should.lands(t) && is.lands(t));
    }

    @Override
    public List<Sentence> brief() {
        List<Sentence> brief = new ArrayList<>();
        brief.add(Sentence.of("practice.tick.brief"));
        for (int i = 0; i < plant.wires().size(); i++) {
            Wire wire = plant.wires().get(i);
            brief.add(Sentence.of(
                    "practice.tick.wire",
                    i + 1,
                    WireExercise.label(plant.motor().supply(), wire.from().id()),
                    WireExercise.label(plant.motor().supply(), wire.to().id())));
        }
        brief.add(Sentence.of("practice.tick.answer"));
        return brief;
    }

    @Override
    public List<Tool> tools() {
        return List.of(Tool.counted("trace", 1), Tool.on("power-forward", 0), Tool.on("power-reverse", 0));
    }

    @Override
    public List<Point> points(List<Act> acts) {
        List<Point> points = new ArrayList<>();
        for (int i = 1; i <= plant.wires().size(); i++) {
            points.add(new Point("" + i, "" + i));
        }
        return points;
    }

    @Override
    Sensed sense(List<Act> before, Act act) {
        if (!act.by("trace")) {
            return Powered.on(
                    plant.motor(), made, act.by("power-forward") ? HandlePosition.FORWARD : HandlePosition.REVERSE);
        }
        Wire should = plant.wires().get(Integer.parseInt(act.one()) - 1);
        Wire is = made.wires().get(Integer.parseInt(act.one()) - 1);
        boolean hangs = !plant.circuit().terminals().contains(is.to());
        return hangs
                ? Sensed.of(
                        "practice.tick.hangs",
                        act.one(),
                        WireExercise.label(plant.motor().supply(), should.from().id()))
                : Sensed.of(
                        "practice.tick.lies",
                        act.one(),
                        WireExercise.label(plant.motor().supply(), is.from().id()),
                        WireExercise.label(plant.motor().supply(), is.to().id()));
    }

    @Override
    List<Question> questions() {
        String right = wrong.isEmpty()
                ? "none"
                : String.join(" ", wrong.stream().map(String::valueOf).toList());
        return List.of(Question.groups("wrong", Sentence.of("practice.tick.wrong"), right));
    }

    @Override
    Sentence consequence(Question question, String given) {
        return Powered.on(plant.motor(), made, HandlePosition.FORWARD).words();
    }

    @Override
    List<Slip> slips(List<Act> acts) {
        List<Slip> slips = new ArrayList<>();
        long traced = acts.stream()
                .takeWhile(a -> a.by("trace"))
                .map(Act::one)
                .distinct()
                .count();
        if (acts.stream().anyMatch(a -> !a.by("trace"))
                && traced < plant.wires().size()) {
            slips.add(Slip.of("powerBeforeTick"));
        }
        return slips;
    }

    /** A wire that nobody looked at may lie anywhere: each is looked at once. */
    @Override
    int fewest() {
        return plant.wires().size();
    }

    @Override
    public List<Step> better() {
        List<Step> steps = new ArrayList<>();
        for (int i = 1; i <= plant.wires().size(); i++) {
            steps.add(Step.of(
                    Act.of("trace", "" + i),
                    wrong.contains(i)
                            ? isSixForNine(i) ? "practice.tick.why.sixNine" : "practice.tick.why.wrong"
                            : "practice.tick.why.right",
                    i));
        }
        return steps;
    }

    @Override
    public List<Sentence> hints() {
        return List.of(Sentence.of("practice.tick.hint.1"), Sentence.of("practice.tick.hint.2", wrong.size()));
    }
}
