package gatepin.core.plan;

import gatepin.core.circuit.Marks;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.diagram.Connection;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Leads;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;

/** Motors and wirings nobody has seen, made from a seed. */
public final class MadeUpWorld {
    private static final String LETTERS = "ABCDEFGHJKLMNPQRSTUVWXYZ";
    private static final List<String> COLOURS = List.of(
            "", "blue", "black with a yellow tracer", "grey", "white/red", "pinkish", "brown with two bands of tape");

    private MadeUpWorld() {}

    /** A usual motor with marks and colours that no maker would think of: long ones, lower case, numbers alone. */
    public static Sweep.Wired oddlyMarked(long seed) {
        Random chance = new Random(seed);
        List<Sweep.Wired> all = Sweep.all();
        Sweep.Wired usual = all.get(chance.nextInt(all.size()));
        Map<String, String> renamed = new TreeMap<>();
        Set<String> taken = new LinkedHashSet<>();
        List<Lead> leads = new ArrayList<>();
        for (Lead lead : usual.leads().all()) {
            String mark = mark(chance);
            while (!taken.add(mark.toUpperCase(java.util.Locale.ROOT))) {
                mark = mark(chance);
            }
            renamed.put(lead.mark(), mark);
            leads.add(new Lead(mark, COLOURS.get(chance.nextInt(COLOURS.size())), lead.ends()));
        }
        Connection was = usual.connection();
        return new Sweep.Wired(
                usual.name() + ", odd marks " + seed,
                new Leads(leads),
                new Connection(
                        was.volts(),
                        renamed(was.line1(), renamed),
                        renamed(was.line2(), renamed),
                        was.joined().stream().map(g -> renamed(g, renamed)).toList(),
                        new Connection.Swap(
                                renamed.getOrDefault(was.swap().first(), "?"),
                                renamed.getOrDefault(was.swap().second(), "?"))),
                usual.supply(),
                usual.given());
    }

    private static String mark(Random chance) {
        return switch (chance.nextInt(4)) {
            case 0 -> "" + chance.nextInt(100);
            case 1 -> LETTERS.charAt(chance.nextInt(LETTERS.length())) + "/" + chance.nextInt(10);
            case 2 ->
                ("lead" + LETTERS.charAt(chance.nextInt(LETTERS.length()))).toLowerCase(java.util.Locale.ROOT)
                        + chance.nextInt(1000);
            default -> "" + LETTERS.charAt(chance.nextInt(LETTERS.length())) + chance.nextInt(30);
        };
    }

    private static SortedSet<String> renamed(SortedSet<String> group, Map<String, String> renamed) {
        SortedSet<String> other = new TreeSet<>(Marks.NATURAL_ORDER);
        group.forEach(m -> other.add(renamed.getOrDefault(m, m)));
        return other;
    }

    /** Wires as somebody in the dark might land them: any point to any other, splices and frames among them. */
    public static List<Wire> anyWires(long seed, Sweep.Wired motor, SwitchKind kind) {
        Random chance = new Random(seed);
        List<Terminal> points = new ArrayList<>(motor.leads().terminals());
        points.addAll(kind.chart().terminals());
        points.addAll(List.of(
                Terminal.L1,
                Terminal.L2,
                Terminal.GROUND,
                Terminal.MOTOR_FRAME,
                kind.chart().frame(),
                Terminal.splice("X1"),
                Terminal.splice("X2"),
                Terminal.splice("nut a")));
        List<Wire> wires = new ArrayList<>();
        int count = 1 + chance.nextInt(16);
        for (int tries = 0; wires.size() < count && tries < 200; tries++) {
            Terminal a = points.get(chance.nextInt(points.size()));
            Terminal b = points.get(chance.nextInt(points.size()));
            boolean there = wires.stream().anyMatch(w -> w.lands(a) && w.lands(b));
            if (!a.equals(b) && !there) {
                wires.add(new Wire(a, b, Wire.Run.values()[chance.nextInt(4)]));
            }
        }
        return wires;
    }
}
