package gatepin.core.control;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.Literal;
import gatepin.core.Effort;
import gatepin.core.control.Branch.InSeries;
import gatepin.core.control.Branch.SideBySide;
import gatepin.core.control.Branch.Touch;
import gatepin.core.control.Claim.Asked;
import gatepin.core.control.Part.Kind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * A second opinion on what holds: a general constraint solver (Google OR-tools) looks for a run of bounded length that breaks a claim. It is
 * given the ladder as the tree that was written down, and knows nothing of currents, nets and states as the prover has them.
 */
class SolverOpinionTest {
    private static final int STEPS = 14;

    @BeforeAll
    static void load() {
        Loader.loadNativeLibraries();
    }

    static Stream<String> boxes() {
        String parts = "S0 stop\nS9 emergency stop\nS1 button forward\nS2 button reverse\nF2 overload\n"
                + "K1 contactor forward\nK2 contactor reverse\n";
        return Stream.of(
                        "shared: S9 nc - S0 nc - F2 nc|K1: (S1 no or K1 no) - K2 nc|K2: (S2 no or K2 no) - K1 nc",
                        "shared: S9 nc - S0 nc - F2 nc|K1: (S1 no or K1 no) - S2 nc - K2 nc|K2: (S2 no or K2 no) - S1 nc - K1 nc",
                        "shared: S9 nc - S0 nc - F2 nc|K1: (S1 no or K1 no) - S2 nc|K2: (S2 no or K2 no) - S1 nc",
                        "shared: S9 nc - S0 nc - F2 nc|K1: S1 no or K1 no|K2: S2 no or K2 no",
                        "shared: S9 nc - S0 nc - F2 nc|K1: (S1 no or K1 no)|K2: (S2 no or K2 no) - K1 nc",
                        "shared: S9 nc - S0 nc - F2 nc|K1: (S1 no or K1 no) - K2 no|K2: (S2 no or K2 no) - K1 nc",
                        "shared: S9 nc - F2 nc|K1: (S0 nc - S1 no or K1 no) - K2 nc|K2: S0 nc - (S2 no or K2 no) - K1 nc",
                        "shared: S0 nc - F2 nc|K1: (S9 nc - S1 no or K1 no) - K2 nc|K2: (S2 no or K2 no) - K1 nc - S9 nc",
                        "shared: S9 nc - S0 nc|K1: (S1 no or K1 no) - K2 nc|K2: (S2 no or K2 no) - K1 nc - F2 nc",
                        "shared: S9 nc - S0 no - F2 nc|K1: (S1 no or K1 no) - K2 nc|K2: (S2 no or K2 no) - K1 nc",
                        "mechanical interlock|shared: S9 nc - S0 nc - F2 nc|K1: S1 no or K1 no|K2: S2 no or K2 no",
                        "K0 relay|shared: S9 nc|K0: (S0 nc - S1 no or K0 no) - F2 nc|K1: K0 no - (S1 no or K1 no) - K2 nc|K2: K0 no - S2 no - K1 nc",
                        "K0 relay|shared: S9 nc - F2 nc|K0: S0 nc|K1: (K0 no - S1 no or K1 no - K0 no) - K2 nc|K2: K0 no - S2 no - K1 nc",
                        "shared: S9 nc - F2 nc|K1: (S1 no - S0 nc or K1 no - S0 nc) - K2 nc|K2: (S2 no or K2 no) - S0 nc - K1 nc")
                .map(b -> parts + b.replace('|', '\n'));
    }

    @ParameterizedTest
    @MethodSource("boxes")
    void theSolverSaysTheSame(String text) {
        Ladder ladder = LadderText.read(text).value().orElseThrow();
        List<String> failing = Prover.failing(ladder, Asked.USUAL, Effort.unlimited()).stream()
                .map(Claim::key)
                .filter(k -> k.equals("never-both") || k.startsWith("stops-") || k.startsWith("overload-"))
                .toList();

        List<String> found = new ArrayList<>();
        if (new Bounded(ladder).bothIn()) {
            found.add("never-both");
        }
        for (Part stop : ladder.of(Kind.EMERGENCY_STOP, Kind.STOP)) {
            if (new Bounded(ladder).runsOn(stop.name())) {
                found.add("stops-" + stop.name());
            }
        }
        if (new Bounded(ladder).runsOn("F2")) {
            found.add("overload-stops-F2");
        }

        assertThat(found).containsExactlyInAnyOrderElementsOf(failing);
    }

    /** Runs of a bounded length, one contact moving at a time. */
    private static final class Bounded {
        private final CpModel model = new CpModel();
        private final Ladder ladder;
        private final List<Touch> touches;
        private final Literal yes;
        /** By step: whether each contact of a coil, or a contactor's main contact, is operated. */
        private final List<Map<String, BoolVar>> at = new ArrayList<>();

        Bounded(Ladder ladder) {
            this.ladder = ladder;
            this.touches = ladder.touches();
            this.yes = model.trueLiteral();
            for (int step = 0; step <= STEPS; step++) {
                Map<String, BoolVar> bits = new LinkedHashMap<>();
                for (String bit : bits()) {
                    bits.put(bit, model.newBoolVar(bit + "@" + step));
                }
                at.add(bits);
            }
            at.get(0).values().forEach(b -> model.addEquality(b, 0));
            for (int step = 0; step < STEPS; step++) {
                move(step);
            }
        }

        private List<String> bits() {
            List<String> bits = new ArrayList<>();
            for (int i = 0; i < touches.size(); i++) {
                if (hasCoil(touches.get(i).part())) {
                    bits.add(touches.get(i).part() + "#" + i);
                }
            }
            ladder.of(Kind.CONTACTOR).forEach(k -> bits.add(k.name() + "#main"));
            return bits;
        }

        private boolean hasCoil(String part) {
            return ladder.part(part).orElseThrow().kind().hasCoil();
        }

        private static String partOf(String bit) {
            return bit.substring(0, bit.indexOf('#'));
        }

        private boolean opens(String bit) {
            return !bit.endsWith("#main")
                    && touches.get(Integer.parseInt(bit.substring(bit.indexOf('#') + 1)))
                            .normallyClosed();
        }

        private void move(int step) {
            Map<String, BoolVar> now = at.get(step);
            Map<String, BoolVar> then = at.get(step + 1);
            Map<String, Literal> live = live(now, new HashMap<>());
            List<Literal> changes = new ArrayList<>();
            for (String bit : now.keySet()) {
                BoolVar rises = model.newBoolVar("rises");
                BoolVar falls = model.newBoolVar("falls");
                changes.addAll(List.of(rises, falls));
                // then = now + rises - falls
                model.addEquality(
                        com.google.ortools.sat.LinearExpr.sum(new Literal[] {then.get(bit), falls}),
                        com.google.ortools.sat.LinearExpr.sum(new Literal[] {now.get(bit), rises}));
                model.addImplication(rises, now.get(bit).not());
                model.addImplication(falls, now.get(bit));
                model.addImplication(rises, live.get(partOf(bit)));
                for (String other : now.keySet()) {
                    boolean own = partOf(other).equals(partOf(bit));
                    if (own && opens(other) && !opens(bit)) {
                        model.addImplication(rises, now.get(other));
                    }
                    if (own && opens(bit) && !opens(other)) {
                        model.addImplication(falls, now.get(other).not());
                    }
                    boolean opposite = !own
                            && other.endsWith("#main")
                            && ladder.part(partOf(bit)).orElseThrow().kind() == Kind.CONTACTOR;
                    if (opposite && ladder.guards().mechanical()) {
                        model.addImplication(rises, now.get(other).not());
                    }
                }
            }
            model.addAtMostOne(changes.toArray(Literal[]::new));
        }

        /** Whether each coil has its voltage; contacts of hands are free unless they are held. */
        private Map<String, Literal> live(Map<String, BoolVar> bits, Map<String, Boolean> held) {
            Map<String, Literal> live = new HashMap<>();
            int[] number = {0};
            Literal head = value(ladder.head(), bits, held, number);
            for (Rung rung : ladder.rungs()) {
                Literal before = value(rung.before(), bits, held, number);
                Literal after = value(rung.after(), bits, held, number);
                live.put(rung.load(), all(List.of(rung.afterHead() ? head : yes, before, after)));
            }
            return live;
        }

        private Literal value(Branch branch, Map<String, BoolVar> bits, Map<String, Boolean> held, int[] number) {
            if (branch instanceof Touch touch) {
                int here = number[0]++;
                BoolVar bit = bits.get(touch.part() + "#" + here);
                if (bit != null) {
                    return touch.normallyClosed() ? bit.not() : bit;
                }
                if (held.containsKey(touch.part())) {
                    return held.get(touch.part()) != touch.normallyClosed() ? yes : yes.not();
                }
                return model.newBoolVar("hand");
            }
            if (branch instanceof InSeries series) {
                return all(series.parts().stream()
                        .map(b -> value(b, bits, held, number))
                        .collect(Collectors.toList()));
            }
            List<Literal> none = ((SideBySide) branch)
                    .parts().stream()
                            .map(b -> value(b, bits, held, number).not())
                            .collect(Collectors.toList());
            return all(none).not();
        }

        private Literal all(List<Literal> of) {
            BoolVar all = model.newBoolVar("all");
            of.forEach(l -> model.addImplication(all, l));
            List<Literal> or = of.stream().map(Literal::not).collect(Collectors.toCollection(ArrayList::new));
            or.add(all);
            model.addBoolOr(or.toArray(Literal[]::new));
            return all;
        }

        private boolean isPossible() {
            CpSolver solver = new CpSolver();
            solver.getParameters().setNumWorkers(2);
            CpSolverStatus status = solver.solve(model);
            assertThat(status).isIn(CpSolverStatus.FEASIBLE, CpSolverStatus.OPTIMAL, CpSolverStatus.INFEASIBLE);
            return status != CpSolverStatus.INFEASIBLE;
        }

        boolean bothIn() {
            Map<String, BoolVar> last = at.get(STEPS);
            model.addEquality(last.get("K1#main"), 1);
            model.addEquality(last.get("K2#main"), 1);
            return isPossible();
        }

        /** Some motor contact is in, and every coil that holds something can go on doing so while a part is held operated. */
        boolean runsOn(String part) {
            Map<String, BoolVar> last = at.get(STEPS);
            model.addBoolOr(new Literal[] {last.get("K1#main"), last.get("K2#main")});
            for (String bit : last.keySet()) {
                Map<String, Literal> live = live(last, Map.of(part, true));
                model.addImplication(last.get(bit), live.get(partOf(bit)));
            }
            return isPossible();
        }
    }
}
