package gatepin.core.plan;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * A second opinion on the best plan: the rules of a plan written down as constraints and given to a general solver (OR-Tools
 * CP-SAT). It shares nothing with the planner but the request and the order of preference. For charts that close nothing in OFF.
 *
 * <p>Every point is on a net named after its first point; every switch terminal is on a net, a net of jumpers alone, or
 * empty: then it conducts as a net of its own.
 * Each direction picks a running connection, which labels the nets; closed contacts join equal labels only, and every net but
 * one of a label hangs, by a contact, on a net nearer that one.
 */
public final class ConstraintPlanner {
    /** Two are enough on the library's switches: a third would take six more terminals than the joins leave free. */
    private static final int JUMPER_NETS = 2;

    static {
        Loader.loadNativeLibraries();
    }

    private final PlanRequest request;
    private final CpModel model = new CpModel();
    private final List<Terminal> points;
    private final List<Terminal> face;
    private final int leads;
    private final int nets;
    private final BoolVar[][] pointOn;
    private final BoolVar[][] terminalOn;
    private final BoolVar[] emptyTerminal;

    private ConstraintPlanner(PlanRequest request) {
        this.request = request;
        this.points = request.points();
        this.face = request.chart().terminals();
        this.leads = points.size() - 2;
        this.nets = points.size() + JUMPER_NETS;
        this.pointOn = new BoolVar[points.size()][];
        this.terminalOn = new BoolVar[face.size()][];
        this.emptyTerminal = new BoolVar[face.size()];
    }

    /** The best plan's cost; empty where there is no plan. */
    public static Optional<PlanCost> best(PlanRequest request) {
        return new ConstraintPlanner(request).solve();
    }

    private BoolVar bool() {
        return model.newBoolVar("");
    }

    private BoolVar[] bools(int number) {
        BoolVar[] all = new BoolVar[number];
        Arrays.setAll(all, i -> bool());
        return all;
    }

    /** A variable that is true where all of some are. */
    private BoolVar all(Literal... some) {
        BoolVar all = bool();
        Literal[] clause = new Literal[some.length + 1];
        for (int i = 0; i < some.length; i++) {
            model.addImplication(all, some[i]);
            clause[i] = some[i].not();
        }
        clause[some.length] = all;
        model.addBoolOr(clause);
        return all;
    }

    /** A variable that is true where any of some is. */
    private BoolVar any(List<? extends Literal> some) {
        BoolVar any = bool();
        List<Literal> clause = new ArrayList<>(List.of(any.not()));
        for (Literal one : some) {
            model.addImplication(one, any);
            clause.add(one);
        }
        model.addBoolOr(clause);
        return any;
    }

    private void never(Literal... together) {
        model.addBoolOr(Arrays.stream(together).map(Literal::not).toArray(Literal[]::new));
    }

    private Optional<PlanCost> solve() {
        for (int p = 0; p < points.size(); p++) {
            pointOn[p] = bools(p + 1);
            model.addExactlyOne(pointOn[p]);
            for (int net = 0; net < p; net++) {
                model.addImplication(pointOn[p][net], pointOn[net][net]);
            }
        }
        for (int t = 0; t < face.size(); t++) {
            terminalOn[t] = bools(nets);
            emptyTerminal[t] = bool();
            List<Literal> choice = new ArrayList<>(List.of(terminalOn[t]));
            choice.add(emptyTerminal[t]);
            model.addExactlyOne(choice);
            for (int net = 0; net < points.size(); net++) {
                model.addImplication(terminalOn[t][net], pointOn[net][net]);
            }
        }
        LinearExprBuilder beside = LinearExpr.newBuilder();
        LinearExprBuilder beyond = LinearExpr.newBuilder();
        direction(HandlePosition.FORWARD, request.running().forward(), beside, beyond);
        direction(HandlePosition.REVERSE, request.running().reverse(), beside, beyond);
        LinearExpr[] figures = figures(beside.build(), beyond.build());
        int[] most = {leads, 2, 1, 2, leads, face.size(), 2, 2};
        IntVar[] read = new IntVar[figures.length];
        LinearExprBuilder cost = LinearExpr.newBuilder();
        long weight = 1;
        for (int i = figures.length - 1; i >= 0; i--) {
            read[i] = model.newIntVar(0, most[i], "");
            model.addEquality(read[i], figures[i]);
            cost.addTerm(read[i], weight);
            weight *= most[i] + 1;
        }
        model.minimize(cost.build());
        CpSolver solver = new CpSolver();
        solver.getParameters().setNumWorkers(2);
        CpSolverStatus status = solver.solve(model);
        if (status == CpSolverStatus.INFEASIBLE) {
            return Optional.empty();
        }
        if (status != CpSolverStatus.OPTIMAL) {
            throw new IllegalStateException("the solver ended with " + status);
        }
        int[] f = Arrays.stream(read).mapToInt(v -> (int) solver.value(v)).toArray();
        return Optional.of(new PlanCost(f[0], f[1], f[2], f[3], f[7], f[4], f[5], f[6]));
    }

    private void direction(
            HandlePosition position,
            List<RunningConnection> connections,
            LinearExprBuilder beside,
            LinearExprBuilder beyond) {
        BoolVar[] way = bools(connections.size());
        model.addExactlyOne(way);
        BoolVar[][] label = new BoolVar[nets + face.size()][];
        for (int net = 0; net < label.length; net++) {
            label[net] = bools(points.size() + face.size());
            model.addExactlyOne(label[net]);
        }
        for (int w = 0; w < way.length; w++) {
            int[] group = Partition.of(points, connections.get(w).groups());
            for (int p = 0; p < group.length; p++) {
                model.addImplication(way[w], label[p][group[p]]);
            }
            beside.addTerm(way[w], connections.get(w).wholeCurrentProtected() ? 0 : 1);
            beyond.addTerm(way[w], connections.get(w).onDiagram() ? 0 : 1);
        }
        for (int p = 0; p < points.size(); p++) {
            for (int net = 0; net < p; net++) {
                sameLabel(pointOn[p][net], label[p], label[net]);
            }
        }
        hang(position, label);
    }

    private void sameLabel(Literal where, BoolVar[] one, BoolVar[] other) {
        for (int group = 0; group < one.length; group++) {
            model.addBoolOr(new Literal[] {where.not(), one[group].not(), other[group]});
        }
    }

    private void hang(HandlePosition position, BoolVar[][] label) {
        IntVar[] depth = new IntVar[label.length];
        Arrays.setAll(depth, i -> model.newIntVar(0, label.length - 1L, ""));
        List<List<Literal>> ways = new ArrayList<>();
        BoolVar[] root = bools(label.length);
        for (int net = 0; net < label.length; net++) {
            ways.add(new ArrayList<>(List.of(root[net])));
        }
        for (Contact contact : request.chart().closedIn(position)) {
            int a = face.indexOf(contact.a());
            int b = face.indexOf(contact.b());
            for (int one : netsOn(a)) {
                for (int other : netsOn(b)) {
                    if (one != other) {
                        BoolVar joins = all(on(a, one), on(b, other));
                        sameLabel(joins, label[one], label[other]);
                        ways.get(one).add(hangs(joins, depth[one], depth[other]));
                        ways.get(other).add(hangs(joins, depth[other], depth[one]));
                    }
                }
            }
        }
        for (int net = 0; net < label.length; net++) {
            BoolVar used =
                    net < points.size() ? pointOn[net][net] : net < nets ? anyTerminal(net) : emptyTerminal[net - nets];
            LinearExprBuilder chosen = LinearExpr.newBuilder();
            ways.get(net).forEach(w -> chosen.add(w));
            model.addEquality(chosen, used);
            for (int other = 0; other < net; other++) {
                for (int group = 0; group < label[net].length; group++) {
                    never(root[net], root[other], label[net][group], label[other][group]);
                }
            }
        }
    }

    /** The nets a terminal can be on, the last of them its own while it is empty. */
    private int[] netsOn(int terminal) {
        int[] on = new int[nets + 1];
        Arrays.setAll(on, i -> i < nets ? i : nets + terminal);
        return on;
    }

    private BoolVar on(int terminal, int net) {
        return net < nets ? terminalOn[terminal][net] : emptyTerminal[terminal];
    }

    private BoolVar hangs(Literal joins, IntVar below, IntVar above) {
        BoolVar hangs = bool();
        model.addImplication(hangs, joins);
        model.addGreaterThan(below, above).onlyEnforceIf(hangs);
        return hangs;
    }

    private BoolVar anyTerminal(int net) {
        return any(Arrays.stream(terminalOn).map(t -> t[net]).toList());
    }

    /** Hot leads, lines unbroken, neutral switched, beside the protector, conductors, jumpers, most, beyond the diagram. */
    private LinearExpr[] figures(LinearExpr beside, LinearExpr beyond) {
        LinearExpr none = LinearExpr.constant(0);
        LinearExpr hotLeads = none;
        LinearExpr unbroken = none;
        LinearExpr neutral = none;
        if (request.hasOff()) {
            hotLeads = LinearExpr.sum(Arrays.copyOf(reach(request.supply().isHot(Terminal.L2)), leads));
            model.addEquality(reach(false)[leads + 1], 0);
            LinearExprBuilder hotsOnMotor = LinearExpr.newBuilder();
            for (int line = leads; line < leads + 2; line++) {
                BoolVar onMotor = any(sharedWith(line));
                if (request.supply().isHot(points.get(line))) {
                    hotsOnMotor.add(onMotor);
                } else {
                    neutral = LinearExpr.affine(onMotor, -1, 1);
                }
            }
            unbroken = hotsOnMotor.build();
        }
        LinearExprBuilder conductors = LinearExpr.newBuilder();
        LinearExprBuilder jumpers = LinearExpr.newBuilder();
        List<Literal> crowded = new ArrayList<>();
        List<Literal> anyLanded = new ArrayList<>();
        for (BoolVar empty : emptyTerminal) {
            jumpers.addTerm(empty, -1);
        }
        jumpers.add(face.size());
        for (int net = 0; net < nets; net++) {
            int here = net;
            BoolVar landed = anyTerminal(net);
            anyLanded.add(landed);
            jumpers.addTerm(landed, -1);
            LinearExpr on =
                    LinearExpr.sum(Arrays.stream(terminalOn).map(t -> t[here]).toArray(BoolVar[]::new));
            BoolVar many = bool();
            int few = net < points.size() ? 1 : 2;
            model.addGreaterThan(on, few).onlyEnforceIf(many);
            model.addLessOrEqual(on, few).onlyEnforceIf(many.not());
            crowded.add(many);
            if (net >= points.size()) {
                model.addDifferent(on, 1);
                continue;
            }
            BoolVar lead = any(pointsOn(net, 0, leads));
            BoolVar line = any(pointsOn(net, leads, leads + 2));
            conductors.add(all(lead, any(List.of(line, landed))));
            crowded.add(all(lead, line, landed));
        }
        LinearExpr most = LinearExpr.sum(new Literal[] {any(crowded), any(anyLanded)});
        return new LinearExpr[] {hotLeads, unbroken, neutral, beside, conductors.build(), jumpers.build(), most, beyond
        };
    }

    private List<Literal> pointsOn(int net, int from, int to) {
        List<Literal> on = new ArrayList<>();
        for (int p = Math.max(from, net); p < to; p++) {
            on.add(pointOn[p][net]);
        }
        return on;
    }

    /** For each lead whether it is on the same net as a line; the lines are the last points. */
    private List<Literal> sharedWith(int line) {
        List<Literal> shared = new ArrayList<>();
        for (int net = 0; net < leads; net++) {
            shared.add(pointOn[line][net]);
        }
        return shared;
    }

    /** A set of points closed under being one net and under windings, with L1 in it; the smallest is what is reached. */
    private BoolVar[] reach(boolean bothLines) {
        BoolVar[] in = bools(points.size());
        model.addEquality(in[leads], 1);
        if (bothLines) {
            model.addEquality(in[leads + 1], 1);
        }
        for (int p = 0; p < points.size(); p++) {
            for (int net = 0; net < p; net++) {
                model.addEquality(in[p], in[net]).onlyEnforceIf(pointOn[p][net]);
            }
        }
        for (Winding winding : request.windings()) {
            model.addEquality(in[points.indexOf(winding.like())], in[points.indexOf(winding.other())]);
        }
        return in;
    }
}
