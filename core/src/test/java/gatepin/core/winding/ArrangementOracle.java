package gatepin.core.winding;

import gatepin.core.winding.Part.Role;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.optim.linear.LinearConstraint;
import org.hipparchus.optim.linear.LinearConstraintSet;
import org.hipparchus.optim.linear.LinearObjectiveFunction;
import org.hipparchus.optim.linear.NonNegativeConstraint;
import org.hipparchus.optim.linear.Relationship;
import org.hipparchus.optim.linear.SimplexSolver;

/**
 * A second solver for the winding finder: tries every motor of a list on every assignment of leads, and asks a linear
 * program (Hipparchus' simplex) whether resistances exist that give all the readings within the meter's error. It shares
 * nothing with the finder but the rules of the trade, written here as inequalities.
 */
final class ArrangementOracle {
    /**
     * Islands of edges "ab=r" set apart by spaces, several edges of one island by commas; * is a joint inside. Capitals name
     * resistances: R run, S start, H run half, G start half, F phase, E an arm of a star, P protector, U unrelated, each with a number.
     */
    private static final List<String> MOTORS = List.of(
            "ab=R1",
            "ab=R1 cd=S1",
            "ab=H1 cd=H2",
            "ab=H1 cd=H2 ef=S1",
            "ab=H1 cd=H2 ef=G1 gh=G2",
            "ab=R1,ac=S1",
            "a*=P1,*b=R1,*c=S1",
            "ab=H1,ac=H2",
            "ab=H1,ac=S1 de=H2",
            "ab=P1,ac=R1",
            "ab=P1,ac=R1 de=S1",
            "ab=P1,ac=S1 de=R1",
            "ab=P1,ac=R1,ad=S1",
            "ab=F1 cd=F2 ef=F3",
            "a*=E1,b*=E2,c*=E3",
            "ab=F1 cd=F2 ef=F3 g*=E1,h*=E2,i*=E3",
            "ab=F1,ac=F2 de=F3,df=F4 gh=F5,gi=F6");

    private record Edge(String a, String b, String ohms) {}

    private final Map<String, Map<String, Double>> readings = new HashMap<>();
    private final List<List<String>> islands = new ArrayList<>();
    private final Set<Set<Part>> feasible = new HashSet<>();

    private ArrangementOracle(HiddenMotor motor, SimulatedMeter meter) {
        for (String a : motor.leads()) {
            for (String b : motor.leads()) {
                if (!a.equals(b)) {
                    MeterReading read = meter.read(a, b, MeterReading.StartSwitch.AT_REST);
                    readings.computeIfAbsent(a, k -> new HashMap<>()).put(b, read.ohms());
                }
            }
        }
        Set<String> seen = new HashSet<>();
        for (String lead : motor.leads()) {
            if (seen.add(lead)) {
                List<String> island = new ArrayList<>(List.of(lead));
                for (String other : motor.leads()) {
                    if (!other.equals(lead) && Double.isFinite(read(lead, other))) {
                        island.add(other);
                        seen.add(other);
                    }
                }
                islands.add(island);
            }
        }
    }

    /** Every naming of the leads that all pairs of a motor, read with this meter, allow. */
    static Set<Set<Part>> namings(HiddenMotor motor, SimulatedMeter meter) {
        ArrangementOracle oracle = new ArrangementOracle(motor, meter);
        long silent = oracle.islands.stream().filter(i -> i.size() == 1).count();
        for (String base : MOTORS) {
            oracle.withProtector(base, silent);
        }
        if (silent > 0) {
            // the leads that read nothing may be a broken winding of the motor
            for (String base : List.of("ab=S1", "ab=H1 cd=S1", "ab=H1,ac=S1")) {
                oracle.withProtector(base, silent);
            }
        }
        return oracle.feasible;
    }

    private double read(String a, String b) {
        return readings.get(a).get(b);
    }

    private void withProtector(String base, long silent) {
        withUnrelated(base, silent);
        if (!base.contains("P1")) {
            withUnrelated(base + " yz=P1", silent);
            withUnrelated(base + " xy=P1,xz=P2", silent);
        }
    }

    private void withUnrelated(String motor, long silent) {
        String more = motor;
        for (int unrelated = 0; unrelated <= 2; unrelated++) {
            tryMotor(more + " silent".repeat((int) silent));
            more += " " + (char) ('k' + 2 * unrelated) + (char) ('l' + 2 * unrelated) + "=U" + (unrelated + 1);
        }
    }

    private void tryMotor(String motor) {
        String[] parts = motor.split(" ");
        if (parts.length == islands.size()) {
            assign(parts, 0, new ArrayList<>(islands), new LinkedHashMap<>(), new ArrayList<>());
        }
    }

    /** Puts island after island of the motor on the islands that were read, in every way. */
    private void assign(
            String[] parts, int next, List<List<String>> left, Map<String, String> leadOf, List<String> silent) {
        if (next == parts.length) {
            check(parts, leadOf, silent);
            return;
        }
        TreeSet<String> slots = new TreeSet<>();
        edges(parts[next]).forEach(e -> {
            slots.add(e.a());
            slots.add(e.b());
        });
        slots.remove("*");
        for (List<String> island : left) {
            List<List<String>> rest = new ArrayList<>(left);
            rest.remove(island);
            if (parts[next].equals("silent")) {
                if (island.size() == 1) {
                    List<String> more = new ArrayList<>(silent);
                    more.add(island.get(0));
                    assign(parts, next + 1, rest, leadOf, more);
                }
            } else if (island.size() == slots.size()) {
                for (List<String> order : orders(island)) {
                    Map<String, String> more = new LinkedHashMap<>(leadOf);
                    int i = 0;
                    for (String slot : slots) {
                        more.put(slot, order.get(i++));
                    }
                    assign(parts, next + 1, rest, more, silent);
                }
            }
        }
    }

    /** The orders of an island's leads; of a pair one is enough. */
    private static List<List<String>> orders(List<String> island) {
        if (island.size() <= 2) {
            return List.of(island);
        }
        List<List<String>> all = new ArrayList<>();
        for (String first : island) {
            List<String> rest = new ArrayList<>(island);
            rest.remove(first);
            for (List<String> order :
                    rest.size() == 2 ? List.of(rest, List.of(rest.get(1), rest.get(0))) : orders(rest)) {
                List<String> whole = new ArrayList<>(List.of(first));
                whole.addAll(order);
                all.add(whole);
            }
        }
        return all;
    }

    private static List<Edge> edges(String part) {
        List<Edge> edges = new ArrayList<>();
        if (!part.equals("silent")) {
            for (String edge : part.split(",")) {
                edges.add(new Edge(edge.substring(0, 1), edge.substring(1, 2), edge.substring(3)));
            }
        }
        return edges;
    }

    private void check(String[] parts, Map<String, String> leadOf, List<String> silent) {
        List<Edge> all = new ArrayList<>();
        for (String part : parts) {
            all.addAll(edges(part));
        }
        Set<Part> naming = naming(all, leadOf, silent);
        if (!feasible.contains(naming) && isFeasible(parts, all, leadOf)) {
            feasible.add(naming);
        }
    }

    private static Set<Part> naming(List<Edge> edges, Map<String, String> leadOf, List<String> silent) {
        Set<Part> naming = new HashSet<>();
        List<String> star = new ArrayList<>();
        List<String> protector = new ArrayList<>();
        boolean threeTerminal = edges.stream().anyMatch(e -> e.ohms().equals("P2"));
        String common = edges.stream()
                .filter(e -> e.a().equals("a") && e.b().equals("*") && e.ohms().equals("P1"))
                .map(e -> leadOf.get("a"))
                .findFirst()
                .orElse("");
        for (Edge e : edges) {
            String a = e.a().equals("*") ? common : leadOf.get(e.a());
            String b = leadOf.get(e.b());
            switch (e.ohms().charAt(0)) {
                case 'R', 'H' -> naming.add(new Part(Role.RUN, a, b));
                case 'S', 'G' -> naming.add(new Part(Role.START, a, b));
                case 'F' -> naming.add(new Part(Role.PHASE, a, b));
                case 'U' -> naming.add(new Part(Role.UNRELATED, a, b));
                case 'E' -> star.add(a);
                default -> {
                    if (threeTerminal) {
                        protector.addAll(protector.isEmpty() ? List.of(a, b) : List.of(b));
                    } else if (common.isEmpty()) {
                        naming.add(new Part(Role.PROTECTOR, a, b));
                    }
                }
            }
        }
        if (!star.isEmpty()) {
            naming.add(new Part(Role.STAR, star));
        }
        if (!protector.isEmpty()) {
            naming.add(new Part(Role.PROTECTOR, protector));
        }
        silent.forEach(s -> naming.add(new Part(Role.SILENT, s)));
        return naming;
    }

    private boolean isFeasible(String[] parts, List<Edge> all, Map<String, String> leadOf) {
        List<String> names = all.stream().map(Edge::ohms).distinct().toList();
        List<LinearConstraint> constraints = new ArrayList<>();
        for (String part : parts) {
            List<Edge> edges = edges(part);
            List<String> slots = new ArrayList<>(new TreeSet<>(edges.stream()
                    .flatMap(e -> java.util.stream.Stream.of(e.a(), e.b()))
                    .toList()));
            slots.remove("*");
            for (int i = 0; i < slots.size(); i++) {
                for (int j = i + 1; j < slots.size(); j++) {
                    double[] sum = new double[names.size()];
                    path(edges, slots.get(i), slots.get(j), "").forEach(o -> sum[names.indexOf(o)] += 1);
                    double read = read(leadOf.get(slots.get(i)), leadOf.get(slots.get(j)));
                    constraints.add(new LinearConstraint(sum, Relationship.LEQ, (read + 0.1) / 0.99));
                    constraints.add(new LinearConstraint(sum, Relationship.GEQ, (read - 0.1) / 1.01));
                }
            }
        }
        trade(names, constraints);
        try {
            new SimplexSolver()
                    .optimize(
                            new LinearObjectiveFunction(new double[names.size()], 0),
                            new LinearConstraintSet(constraints),
                            new NonNegativeConstraint(true));
            return true;
        } catch (MathIllegalStateException | org.hipparchus.exception.MathIllegalArgumentException e) {
            return false;
        }
    }

    private static List<String> path(List<Edge> edges, String from, String to, String before) {
        if (from.equals(to)) {
            return List.of();
        }
        for (Edge e : edges) {
            String next = e.a().equals(from) ? e.b() : e.b().equals(from) ? e.a() : "";
            if (!next.isEmpty() && !next.equals(before)) {
                if (next.equals(to)) {
                    return List.of(e.ohms());
                }
                List<String> rest = path(edges, next, to, from);
                if (!rest.isEmpty()) {
                    List<String> whole = new ArrayList<>(List.of(e.ohms()));
                    whole.addAll(rest);
                    return whole;
                }
            }
        }
        return List.of();
    }

    /** The rules of the trade as inequalities between resistances. */
    private static void trade(List<String> names, List<LinearConstraint> to) {
        for (String a : names) {
            char kind = a.charAt(0);
            if (kind == 'P') {
                atMost(names, to, a, 1, "", 0, 0.15);
            } else if (kind == 'U') {
                atMost(names, to, a, -1, "", 0, -20);
            } else {
                atMost(names, to, a, -1, "", 0, kind == 'E' ? -0.125 : -0.25);
            }
            for (String b : names) {
                String kinds = "" + kind + b.charAt(0);
                switch (kinds) {
                    case "HH", "GG", "FF", "EE", "FE", "EF" -> atMost(names, to, a, 1, b, -1.03, 0);
                    case "RS" -> between(names, to, b, a, 0.8, 8);
                    case "HG" -> between(names, to, b, a, 0.8, 8);
                    case "HS" -> between(names, to, b, a, 0.6, 4);
                    case "RU", "SU", "HU", "GU", "FU" -> atMost(names, to, a, 8, b, -1, 0);
                    default -> {}
                }
            }
        }
    }

    private static void between(
            List<String> names, List<LinearConstraint> to, String what, String of, double least, double most) {
        atMost(names, to, of, least, what, -1, 0);
        atMost(names, to, what, 1, of, -most, 0);
    }

    private static void atMost(
            List<String> names,
            List<LinearConstraint> to,
            String a,
            double timesA,
            String b,
            double timesB,
            double most) {
        double[] row = new double[names.size()];
        row[names.indexOf(a)] += timesA;
        if (!b.isEmpty()) {
            row[names.indexOf(b)] += timesB;
        }
        to.add(new LinearConstraint(row, Relationship.LEQ, most));
    }
}
