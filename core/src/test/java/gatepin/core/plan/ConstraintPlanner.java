package gatepin.core.plan;

import gatepin.core.circuit.Contact;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.Solution;
import org.chocosolver.solver.constraints.extension.Tuples;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;

/**
 * A second opinion on the best plan: the rules of a plan written down as constraints and given to a general solver (Choco). It
 * shares nothing with the planner but the request and the order of preference. For charts that close nothing in OFF. The figures
 * are tried in the order of preference, the least first, so the first solution is the best.
 *
 * <p>Every point is on a net named after its first point, or a terminal on a net of jumpers, or empty. Each
 * direction picks a running connection, which labels the nets; closed contacts join equal labels only, and every net but one of
 * a label hangs, by a contact, on a net nearer that one.
 */
public final class ConstraintPlanner {
    private static final int JUMPER_NETS = 1;

    private final PlanRequest request;
    private final Model model = new Model();
    private final List<Terminal> points;
    private final List<Terminal> face;
    private final int nets;
    private final int empty;
    private final IntVar[] ways = new IntVar[2];
    private final List<IntVar> depths = new ArrayList<>();
    private final IntVar[] netOfPoint;
    private final IntVar[] netOn;
    private final BoolVar[][] pointOn;
    private final BoolVar[][] terminalOn;

    private ConstraintPlanner(PlanRequest request) {
        this.request = request;
        this.points = request.points();
        this.face = request.chart().terminals();
        this.nets = points.size() + JUMPER_NETS;
        this.empty = nets;
        this.netOfPoint = new IntVar[points.size()];
        this.netOn = new IntVar[face.size()];
        this.pointOn = new BoolVar[points.size()][points.size()];
        this.terminalOn = new BoolVar[face.size()][nets];
    }

    /** The best plan's cost; empty where there is no plan. */
    public static Optional<PlanCost> best(PlanRequest request) {
        return new ConstraintPlanner(request).solve();
    }

    private Optional<PlanCost> solve() {
        for (int p = 0; p < points.size(); p++) {
            netOfPoint[p] = model.intVar("net of " + points.get(p).mark(), 0, p);
            for (int net = 0; net <= p; net++) {
                pointOn[p][net] = model.arithm(netOfPoint[p], "=", net).reify();
            }
            for (int net = 0; net < p; net++) {
                model.ifThen(pointOn[p][net], model.arithm(netOfPoint[net], "=", net));
            }
        }
        for (int t = 0; t < face.size(); t++) {
            netOn[t] = model.intVar("net on " + face.get(t).mark(), 0, empty);
            for (int net = 0; net < nets; net++) {
                terminalOn[t][net] = model.arithm(netOn[t], "=", net).reify();
                if (net < points.size()) {
                    model.ifThen(terminalOn[t][net], model.arithm(netOfPoint[net], "=", net));
                }
            }
        }
        alikeBlocks();
        BoolVar[] beside = new BoolVar[2];
        BoolVar[] beyond = new BoolVar[2];
        direction(HandlePosition.FORWARD, request.running().forward(), 0, beside, beyond);
        direction(HandlePosition.REVERSE, request.running().reverse(), 1, beside, beyond);
        IntVar[] figures = figures(beside, beyond);
        model.getSolver()
                .setSearch(
                        Search.inputOrderLBSearch(figures),
                        Search.inputOrderLBSearch(ways),
                        Search.inputOrderLBSearch(netOfPoint),
                        Search.domOverWDegSearch(netOn),
                        Search.domOverWDegSearch(depths.toArray(new IntVar[0])));
        Solution best = model.getSolver().findSolution();
        return Optional.ofNullable(best).map(s -> {
            int[] f = Arrays.stream(figures).mapToInt(s::getIntVal).toArray();
            return new PlanCost(f[0], f[1], f[2], f[3], f[7], f[4], f[5], f[6]);
        });
    }

    /**
     * Loses no cost, but helps: the two ends of a contact that stands alone may change places, and so may contacts, or poles
     * with one common, that close in the same positions.
     */
    private void alikeBlocks() {
        Map<String, IntVar> lastOfKind = new HashMap<>();
        for (Terminal terminal : face) {
            List<Contact> at = contactsAt(terminal);
            boolean loneContact =
                    at.size() == 1 && contactsAt(far(at.get(0), terminal)).size() == 1;
            boolean common = at.size() == 2
                    && at.stream().allMatch(c -> contactsAt(far(c, terminal)).size() == 1);
            if (!common && !(loneContact && face.indexOf(terminal) < face.indexOf(far(at.get(0), terminal)))) {
                continue;
            }
            IntVar here = netOn[face.indexOf(terminal)];
            if (loneContact) {
                model.arithm(here, "<=", netOn[face.indexOf(far(at.get(0), terminal))])
                        .post();
            }
            String kind = at.stream()
                    .map(c -> request.chart().positionsOf(c).toString())
                    .sorted()
                    .toList()
                    .toString();
            IntVar before = lastOfKind.put(kind, here);
            if (before != null) {
                model.arithm(before, "<=", here).post();
            }
        }
    }

    private List<Contact> contactsAt(Terminal terminal) {
        return request.chart().contacts().stream()
                .filter(c -> c.a().equals(terminal) || c.b().equals(terminal))
                .toList();
    }

    private static Terminal far(Contact contact, Terminal end) {
        return contact.a().equals(end) ? contact.b() : contact.a();
    }

    private void direction(
            HandlePosition position,
            List<RunningConnection> connections,
            int index,
            BoolVar[] beside,
            BoolVar[] beyond) {
        IntVar way = model.intVar("way " + index, 0, connections.size() - 1);
        ways[index] = way;
        int groups = points.size();
        IntVar[] label = model.intVarArray("label " + index, nets, 0, groups - 1);
        IntVar[] row = new IntVar[points.size() + 3];
        row[0] = way;
        System.arraycopy(label, 0, row, 1, points.size());
        beside[index] = model.boolVar("beside " + index);
        beyond[index] = model.boolVar("beyond " + index);
        row[points.size() + 1] = beside[index];
        row[points.size() + 2] = beyond[index];
        Tuples tuples = new Tuples(true);
        for (int w = 0; w < connections.size(); w++) {
            int[] group = Partition.of(points, connections.get(w).groups());
            int[] tuple = new int[row.length];
            tuple[0] = w;
            System.arraycopy(group, 0, tuple, 1, group.length);
            tuple[points.size() + 1] = connections.get(w).wholeCurrentProtected() ? 0 : 1;
            tuple[points.size() + 2] = connections.get(w).onDiagram() ? 0 : 1;
            tuples.add(tuple);
        }
        model.table(row, tuples).post();
        for (int p = 0; p < points.size(); p++) {
            for (int net = 0; net < p; net++) {
                model.ifThen(pointOn[p][net], model.arithm(label[p], "=", label[net]));
            }
        }
        IntVar[] depth = model.intVarArray("depth " + index, nets, 0, nets - 1);
        depths.addAll(Arrays.asList(depth));
        List<List<BoolVar>> hangs = new ArrayList<>();
        for (int net = 0; net < nets; net++) {
            hangs.add(new ArrayList<>());
        }
        for (Contact contact : request.chart().closedIn(position)) {
            int a = face.indexOf(contact.a());
            int b = face.indexOf(contact.b());
            for (int one = 0; one < nets; one++) {
                for (int other = 0; other < nets; other++) {
                    if (one != other) {
                        BoolVar joins = model.and(terminalOn[a][one], terminalOn[b][other])
                                .reify();
                        model.ifThen(joins, model.arithm(label[one], "=", label[other]));
                        BoolVar below = model.and(
                                        joins,
                                        model.arithm(depth[other], "<", depth[one])
                                                .reify())
                                .reify();
                        BoolVar above = model.and(
                                        joins,
                                        model.arithm(depth[one], "<", depth[other])
                                                .reify())
                                .reify();
                        hangs.get(one).add(below);
                        hangs.get(other).add(above);
                    }
                }
            }
        }
        enoughJoins(position, label, index);
        for (int net = 0; net < nets; net++) {
            BoolVar used = used(net);
            BoolVar root = model.arithm(depth[net], "=", 0).reify();
            BoolVar needs = model.and(used, root.not()).reify();
            BoolVar[] hooks = hangs.get(net).toArray(new BoolVar[0]);
            model.ifThen(needs, hooks.length == 0 ? model.falseConstraint() : model.or(hooks));
            model.ifThen(used.not(), model.arithm(depth[net], "=", 0));
            for (int other = 0; other < net; other++) {
                BoolVar bothRoots = model.and(
                                used,
                                root,
                                used(other),
                                model.arithm(depth[other], "=", 0).reify())
                        .reify();
                model.ifThen(bothRoots, model.arithm(label[net], "!=", label[other]));
            }
        }
    }

    /** Follows from the rest, but helps: joining all nets of all labels takes a contact for each net but one of a label. */
    private void enoughJoins(HandlePosition position, IntVar[] label, int index) {
        List<BoolVar> joins = new ArrayList<>();
        for (Contact contact : request.chart().closedIn(position)) {
            IntVar a = netOn[face.indexOf(contact.a())];
            IntVar b = netOn[face.indexOf(contact.b())];
            BoolVar both = model.and(
                            model.arithm(a, "!=", empty), model.arithm(b, "!=", empty), model.arithm(a, "!=", b))
                    .reify();
            joins.add(both);
        }
        IntVar made = model.intVar("joins " + index, 0, joins.size());
        model.sum(joins.toArray(new BoolVar[0]), "=", made).post();
        BoolVar[] used = new BoolVar[nets];
        for (int net = 0; net < nets; net++) {
            used[net] = used(net);
        }
        IntVar there = model.intVar("nets " + index, 0, nets);
        model.sum(used, "=", there).post();
        IntVar groups = model.intVar("groups " + index, 1, nets);
        model.nValues(Arrays.copyOf(label, points.size()), groups).post();
        IntVar needed = model.intVar("needed " + index, 0, nets);
        model.arithm(there, "-", groups, "=", needed).post();
        model.arithm(needed, "<=", made).post();
    }

    /** The net has a point, or, a net of jumpers, a terminal. */
    private BoolVar used(int net) {
        return net < points.size() ? pointOn[net][net] : anyTerminal(net);
    }

    private BoolVar anyTerminal(int net) {
        BoolVar[] on = new BoolVar[face.size()];
        for (int t = 0; t < on.length; t++) {
            on[t] = terminalOn[t][net];
        }
        return model.or(on).reify();
    }

    /** Hot leads, lines unbroken, neutral switched, beside the protector, conductors, jumpers, most, beyond the diagram. */
    private IntVar[] figures(BoolVar[] beside, BoolVar[] beyond) {
        int leads = points.size() - 2;
        IntVar hotLeads = model.intVar(0);
        IntVar unbroken = model.intVar(0);
        IntVar neutral = model.intVar(0);
        if (request.hasOff()) {
            BoolVar[] hot = reach(Terminal.L1, request.supply().isHot(Terminal.L2));
            hotLeads = model.intVar("hot", 0, leads);
            model.sum(Arrays.copyOf(hot, leads), "=", hotLeads).post();
            BoolVar[] fromL1 = reach(Terminal.L1, false);
            model.arithm(fromL1[leads + 1], "=", 0).post();
            List<BoolVar> unbrokenHots = new ArrayList<>();
            for (int line = leads; line < leads + 2; line++) {
                BoolVar[] same = new BoolVar[leads];
                for (int p = 0; p < leads; p++) {
                    same[p] = model.arithm(netOfPoint[p], "=", netOfPoint[line]).reify();
                }
                BoolVar onMotor = model.or(same).reify();
                if (request.supply().isHot(points.get(line))) {
                    unbrokenHots.add(onMotor);
                } else {
                    neutral = onMotor.not();
                }
            }
            unbroken = model.intVar("unbroken", 0, 2);
            model.sum(unbrokenHots.toArray(new BoolVar[0]), "=", unbroken).post();
        }
        BoolVar[] conductor = new BoolVar[points.size()];
        BoolVar[] crowded = new BoolVar[nets];
        BoolVar[] landed = new BoolVar[nets];
        for (int net = 0; net < nets; net++) {
            IntVar on = model.intVar("on", 0, face.size());
            BoolVar[] here = new BoolVar[face.size()];
            for (int t = 0; t < face.size(); t++) {
                here[t] = terminalOn[t][net];
            }
            model.sum(here, "=", on).post();
            landed[net] = model.arithm(on, ">", 0).reify();
            if (net >= points.size()) {
                model.arithm(on, "!=", 1).post();
                crowded[net] = model.arithm(on, ">", 2).reify();
                continue;
            }
            BoolVar lead = onNet(net, 0, leads);
            BoolVar line = onNet(net, leads, leads + 2);
            conductor[net] =
                    model.and(lead, model.or(line, landed[net]).reify()).reify();
            BoolVar shared =
                    model.and(model.arithm(on, "=", 1).reify(), lead, line).reify();
            crowded[net] = model.or(model.arithm(on, ">", 1).reify(), shared).reify();
        }
        IntVar conductors = model.intVar("conductors", 0, leads);
        model.sum(conductor, "=", conductors).post();
        IntVar occupied = model.intVar("occupied", 0, face.size());
        model.count(empty, netOn, model.intOffsetView(model.intMinusView(occupied), face.size()))
                .post();
        IntVar netsLanded = model.intVar("nets landed", 0, nets);
        model.sum(landed, "=", netsLanded).post();
        IntVar jumpers = model.intVar("jumpers", 0, face.size());
        model.arithm(occupied, "-", netsLanded, "=", jumpers).post();
        IntVar most = model.intVar("most", 0, 2);
        BoolVar anyCrowded = model.or(crowded).reify();
        BoolVar anyLanded = model.or(landed).reify();
        model.arithm(anyCrowded, "+", anyLanded, "=", most).post();
        IntVar besides = model.intVar("beside", 0, 2);
        model.sum(beside, "=", besides).post();
        IntVar beyonds = model.intVar("beyond", 0, 2);
        model.sum(beyond, "=", beyonds).post();
        return new IntVar[] {hotLeads, unbroken, neutral, besides, conductors, jumpers, most, beyonds};
    }

    private BoolVar onNet(int net, int from, int to) {
        List<BoolVar> on = new ArrayList<>();
        for (int p = Math.max(from, net); p < to; p++) {
            on.add(pointOn[p][net]);
        }
        return on.isEmpty()
                ? model.boolVar(false)
                : model.or(on.toArray(new BoolVar[0])).reify();
    }

    /** A set of points closed under being one net and under windings, with a line in it; the smallest is what is reached. */
    private BoolVar[] reach(Terminal line, boolean bothLines) {
        BoolVar[] in = model.boolVarArray(points.size());
        model.arithm(in[points.indexOf(line)], "=", 1).post();
        if (bothLines) {
            model.arithm(in[points.size() - 1], "=", 1).post();
        }
        for (int p = 0; p < points.size(); p++) {
            for (int net = 0; net < p; net++) {
                model.ifThen(pointOn[p][net], model.arithm(in[p], "=", in[net]));
            }
        }
        for (Winding winding : request.windings()) {
            model.arithm(in[points.indexOf(winding.like())], "=", in[points.indexOf(winding.other())])
                    .post();
        }
        return in;
    }
}
