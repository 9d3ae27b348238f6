package gatepin.bench;

import gatepin.core.gear.SwitchKind;
import gatepin.core.plan.FewestChanges;
import gatepin.core.plan.Plan;
import gatepin.core.plan.PlanRequest;
import gatepin.core.plan.Planner;
import gatepin.core.plan.RunningConnections;
import gatepin.core.plan.Sweep;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.TreeMap;

/**
 * Every usual diagram at both voltages on every kind of switch: how long the running connections, the plans and the mending of a
 * wiring take, warm. Run with {@code ./gatepin bench sweep}.
 */
public final class SweepBench {
    private static final int ROUNDS = 3;

    private SweepBench() {}

    public static void main(String[] arguments) {
        for (int round = 1; round < ROUNDS; round++) {
            sweep();
        }
        sweep().forEach((group, took) -> System.out.printf(
                Locale.ROOT,
                "%-46s %4d pairs, median %7.1f ms, most %7.1f ms (%s)%n",
                group,
                took.size(),
                took.get(took.size() / 2).millis(),
                took.get(took.size() - 1).millis(),
                took.get(took.size() - 1).what()));
    }

    private record Took(double millis, String what) implements Comparable<Took> {
        @Override
        public int compareTo(Took other) {
            return Double.compare(millis, other.millis);
        }
    }

    private static TreeMap<String, List<Took>> sweep() {
        TreeMap<String, List<Took>> took = new TreeMap<>();
        int plans = 0;
        for (Sweep.Wired motor : Sweep.all()) {
            long before = System.nanoTime();
            RunningConnections running = motor.running();
            add(took, "running connections", before, motor.name());
            for (SwitchKind kind : SwitchKind.ALL) {
                PlanRequest request = motor.on(kind, running);
                before = System.nanoTime();
                List<Plan> found = Planner.search(request).plans();
                String size = kind.chart().terminals().size() <= 6 ? "six-terminal switches" : "larger switches";
                String leads = motor.leads().all().size() <= 6 ? "up to six leads" : "more leads";
                add(took, "plans, " + size + ", " + leads, before, motor.name() + " on " + kind.name());
                plans += found.size();
                if (!found.isEmpty()) {
                    // one wire left out: it takes one change or two to put it right
                    var wires = new ArrayList<>(found.get(0).wires());
                    wires.remove(0);
                    before = System.nanoTime();
                    FewestChanges.of(wires, request);
                    add(took, "fewest changes", before, motor.name() + " on " + kind.name());
                }
            }
        }
        took.values().forEach(t -> t.sort(null));
        System.out.println(plans + " plans");
        return took;
    }

    private static void add(TreeMap<String, List<Took>> took, String group, long before, String what) {
        took.computeIfAbsent(group, k -> new ArrayList<>()).add(new Took((System.nanoTime() - before) / 1e6, what));
    }
}
