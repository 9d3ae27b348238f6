package gatepin.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.check.ColdPlan.Unseen;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Device;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.verdict.Analysis.Way;
import gatepin.core.verdict.Judgement;
import gatepin.core.verdict.Rule;
import gatepin.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/**
 * Slips of a hand that the list of faults was not asked for: drawn at random over all wires, terminals, nuts, tags and screws there are, by
 * code of its own, and judged by the engine alone. What is dangerous is shown by a reading of the plan, or is declared with what catches it.
 */
class SlipsTest {
    /** What hands do. */
    private enum Slip {
        LEFT_OUT,
        ELSEWHERE,
        EXCHANGED,
        BRIDGED,
        ON_METAL
    }

    private static final Set<Rule> DANGEROUS = EnumSet.of(
            Rule.SHORT,
            Rule.EARTH_FAULT,
            Rule.NEUTRAL_ON_FRAME,
            Rule.FRAME_NOT_BONDED,
            Rule.FRAME_LIVE,
            Rule.RUNS_IN_OFF,
            Rule.SAME_WAY);

    private record Count(int tried, int dangerous, int shown, int declared) {
        static final Count NONE = new Count(0, 0, 0, 0);

        Count plus(boolean danger, boolean isShown, boolean isDeclared) {
            return new Count(
                    tried + 1,
                    dangerous + (danger ? 1 : 0),
                    shown + (danger && isShown ? 1 : 0),
                    declared + (danger && !isShown && isDeclared ? 1 : 0));
        }

        int undeclared() {
            return dangerous - shown - declared;
        }
    }

    private static Map<Slip, Count> tryOut(int wirings, int slips, List<String> missed) {
        Map<Slip, Count> counts = new EnumMap<>(Slip.class);
        for (MadeUpWirings wiring : MadeUpWirings.some(wirings, 70_000)) {
            CheckRequest request = wiring.request();
            ColdPlan plan = ColdPlanner.plan(request);
            ColdReadings readings = new ColdReadings(request.circuit(), request.hasOff());
            Judgement.Measure measure = new Judgement.Measure(request.circuit(), request.rated());
            Judgement before = measure.of(request.circuit().behind(Feeder.STIFF));
            Random chance = new Random(wiring.name().hashCode());
            for (int i = 0; i < slips; i++) {
                Slip slip = Slip.values()[i % Slip.values().length];
                Optional<Circuit> slipped = slip(slip, request.circuit(), chance);
                if (slipped.isEmpty()) {
                    continue;
                }
                Circuit actual = slipped.orElseThrow();
                boolean danger = isWorse(before, measure.of(actual.behind(Feeder.STIFF)), request.hasOff());
                boolean shown = danger && shows(plan, readings, actual, request.meter());
                boolean declared = danger && !shown && isDeclared(plan, request, readings, actual);
                counts.merge(slip, Count.NONE.plus(danger, shown, declared), SlipsTest::sum);
                if (danger && !shown && !declared) {
                    missed.add(wiring + ": " + slip + " " + difference(request.circuit(), actual));
                }
            }
        }
        return counts;
    }

    private static Count sum(Count one, Count other) {
        return new Count(
                one.tried + other.tried,
                one.dangerous + other.dangerous,
                one.shown + other.shown,
                one.declared + other.declared);
    }

    private static String difference(Circuit sound, Circuit actual) {
        List<Wire> gone = new ArrayList<>(sound.wires());
        gone.removeAll(actual.wires());
        List<Wire> come = new ArrayList<>(actual.wires());
        come.removeAll(sound.wires());
        return gone + " became " + come;
    }

    /** One slip, drawn at random; empty where it is none. */
    private static Optional<Circuit> slip(Slip slip, Circuit circuit, Random chance) {
        List<Wire> wires = new ArrayList<>(circuit.wires());
        int at = chance.nextInt(wires.size());
        Wire wire = wires.get(at);
        boolean first = chance.nextBoolean();
        Terminal end = first ? wire.from() : wire.to();
        Terminal far = first ? wire.to() : wire.from();
        if (slip != Slip.LEFT_OUT
                && slip != Slip.BRIDGED
                && (wire.isGround() || isLead(end) && slip != Slip.EXCHANGED)) {
            return Optional.empty();
        }
        switch (slip) {
            case LEFT_OUT -> wires.remove(at);
            case ELSEWHERE -> {
                List<Terminal> reach = circuit.terminals().stream()
                        .filter(t -> near(t, end) && !t.equals(end) && !t.equals(far))
                        .toList();
                if (reach.isEmpty()) {
                    return Optional.empty();
                }
                wires.set(at, new Wire(far, reach.get(chance.nextInt(reach.size())), wire.run()));
            }
            case EXCHANGED -> {
                int with = chance.nextInt(wires.size());
                Wire two = wires.get(with);
                boolean its = chance.nextBoolean();
                Terminal otherEnd = its ? two.from() : two.to();
                Terminal otherFar = its ? two.to() : two.from();
                boolean frames = end.isFrame() && otherEnd.isFrame();
                if (with == at
                        || end.equals(otherEnd)
                        || frames
                        || two.isGround()
                        || far.equals(otherEnd)
                        || otherFar.equals(end)) {
                    return Optional.empty();
                }
                wires.set(at, new Wire(far, otherEnd, wire.run()));
                wires.set(with, new Wire(otherFar, end, two.run()));
            }
            case BRIDGED -> {
                List<Terminal> face = circuit.chart().terminals();
                int one = chance.nextInt(face.size());
                int other = one + 1 + chance.nextInt(2);
                if (other >= face.size()
                        || !face.get(one).device().equals(face.get(other).device())) {
                    return Optional.empty();
                }
                wires.add(new Wire(face.get(one), face.get(other), Wire.Run.SWITCH_BOX));
            }
            case ON_METAL -> {
                Terminal metal = end.is(Device.Type.SPLICE) || end.is(Device.Type.CAPACITOR)
                        ? Terminal.MOTOR_FRAME
                        : circuit.chart().frame();
                if (!circuit.frames().contains(metal) || end.is(Device.Type.SUPPLY)) {
                    return Optional.empty();
                }
                wires.set(at, new Wire(far, metal, wire.run()));
            }
        }
        return Optional.of(circuit.rewired(wires));
    }

    private static boolean isLead(Terminal terminal) {
        return terminal.is(Device.Type.MOTOR) || terminal.is(Device.Type.INSIDE);
    }

    /** In reach of a hand that lands a wire there. */
    private static boolean near(Terminal terminal, Terminal end) {
        boolean box = end.is(Device.Type.SPLICE) || end.is(Device.Type.CAPACITOR);
        return box
                ? terminal.is(Device.Type.SPLICE) || terminal.is(Device.Type.CAPACITOR)
                : terminal.device().equals(end.device());
    }

    /** Something of the wiring that can hurt somebody, or a motor that turns the other way, which the sound wiring does not. */
    private static boolean isWorse(Judgement before, Judgement after, boolean hasOff) {
        boolean otherWay = before.ways().entrySet().stream()
                .filter(e -> e.getKey().isMeantToRun() && e.getValue() != Way.NONE)
                .anyMatch(e -> {
                    Way now = after.ways().getOrDefault(e.getKey(), Way.NONE);
                    return now != Way.NONE && now != e.getValue();
                });
        return otherWay
                || after.verdicts().stream()
                        .filter(v -> DANGEROUS.contains(v.rule()) && (hasOff || !v.isOfOff()))
                        .anyMatch(v -> before.verdicts().stream().noneMatch(b -> same(b, v)));
    }

    private static boolean same(Verdict one, Verdict other) {
        return one.rule() == other.rule() && one.setting().equals(other.setting());
    }

    private static boolean shows(ColdPlan plan, ColdReadings readings, Circuit actual, Meter meter) {
        ColdReadings.On on = readings.on(actual);
        return plan.steps().stream()
                .anyMatch(s ->
                        !ColdReadings.band(s.read(), on.shown(s.read()), meter).meets(s.expected()));
    }

    /** A fault that is declared unseen does the same in every setting. */
    private static boolean isDeclared(ColdPlan plan, CheckRequest request, ColdReadings readings, Circuit actual) {
        for (Unseen unseen : plan.unseen()) {
            Circuit declared = unseen.fault().applyTo(request.circuit());
            boolean alike = request.circuit().settings().stream()
                    .allMatch(s -> joins(declared, s).equals(joins(actual, s)));
            if (alike) {
                return true;
            }
        }
        return false;
    }

    private static List<Integer> joins(Circuit circuit, Setting setting) {
        List<Terminal> told = circuit.motor().leads();
        var nodes = circuit.joinedOutside(setting);
        List<Terminal> roots = new ArrayList<>();
        List<Integer> numbers = new ArrayList<>();
        List<Terminal> all = new ArrayList<>(told);
        all.addAll(List.of(Terminal.L1, Terminal.L2, Terminal.GROUND));
        all.addAll(circuit.frames());
        circuit.terminals().stream().filter(t -> t.is(Device.Type.CAPACITOR)).forEach(all::add);
        for (Terminal terminal : all) {
            Terminal root = nodes.nodeOf(terminal);
            if (!roots.contains(root)) {
                roots.add(root);
            }
            numbers.add(roots.indexOf(root));
        }
        return numbers;
    }

    /** The figures as a table for docs/checking.md. */
    static String table(int wirings, int slips) {
        StringBuilder table = new StringBuilder(
                "\n| slips at random | tried | dangerous | shown by the plan | declared | neither |\n|---|---|---|---|---|---|\n");
        tryOut(wirings, slips, new ArrayList<>())
                .forEach((slip, c) -> table.append(String.format(
                        Locale.ROOT,
                        "| %s | %d | %d | %d | %d | %d |%n",
                        slip.name().toLowerCase(Locale.ROOT).replace('_', ' '),
                        c.tried,
                        c.dangerous,
                        c.shown,
                        c.declared,
                        c.undeclared())));
        return table.toString();
    }

    @Test
    void noDangerousSlipPassesUnseenAndUndeclared() {
        List<String> missed = new ArrayList<>();
        Map<Slip, Count> counts = tryOut(20, 200, missed);
        assertThat(missed).isEmpty();
        assertThat(counts).hasSize(Slip.values().length);
        counts.forEach((slip, c) -> assertThat(c.dangerous()).as("%s", slip).isGreaterThan(10));
    }
}
