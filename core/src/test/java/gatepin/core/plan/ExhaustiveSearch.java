package gatepin.core.plan;

import gatepin.core.circuit.Contact;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Nodes;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import gatepin.core.circuit.Wire;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * The dull way to find plans, as a check on the planner: every assignment of points and switch terminals to nets,
 * without pruning, judged by the nodes of the wiring. Slow; for small motors only.
 */
final class ExhaustiveSearch {
    private final PlanRequest request;
    private final List<Terminal> points;
    private final List<Terminal> all;
    private final Set<String> forwardWays = new HashSet<>();
    private final Set<String> reverseWays = new HashSet<>();
    private final TreeSet<PlanCost> costs = new TreeSet<>();

    private ExhaustiveSearch(PlanRequest request) {
        this.request = request;
        this.points = new ArrayList<>(request.leads());
        points.add(Terminal.L1);
        points.add(Terminal.L2);
        this.all = new ArrayList<>(points);
        all.addAll(request.chart().terminals());
        request.running().forward().forEach(w -> forwardWays.add(text(w)));
        request.running().reverse().forEach(w -> reverseWays.add(text(w)));
    }

    /** The costs of all plans that no other plan beats in every figure, best first. */
    static List<PlanCost> front(PlanRequest request) {
        ExhaustiveSearch search = new ExhaustiveSearch(request);
        search.partition(0, new int[search.all.size()], 0);
        return search.costs.stream()
                .filter(c -> search.costs.stream().noneMatch(o -> o.dominates(c)))
                .toList();
    }

    private void partition(int item, int[] netOf, int nets) {
        if (item == all.size()) {
            judge(netOf, nets);
            return;
        }
        for (int net = 0; net <= nets; net++) {
            netOf[item] = net;
            if (mayStand(item, netOf)) {
                partition(item + 1, netOf, Math.max(nets, net + 1));
            }
        }
    }

    /** Points that are not in one group both ways can never share a net; all else is left to the judge. */
    private boolean mayStand(int item, int[] netOf) {
        if (item >= points.size()) {
            return true;
        }
        for (int other = 0; other < item; other++) {
            if (netOf[other] == netOf[item] && !(together(other, item, true) && together(other, item, false))) {
                return false;
            }
        }
        return true;
    }

    private boolean together(int a, int b, boolean forward) {
        List<RunningConnection> ways =
                forward ? request.running().forward() : request.running().reverse();
        return ways.stream()
                .flatMap(w -> w.groups().stream())
                .anyMatch(g -> g.contains(points.get(a)) && g.contains(points.get(b)));
    }

    /** The points in their groups once a position's contacts join the nets, as a text to look up. */
    private String joined(int[] netOf, HandlePosition position) {
        int[] set = netOf.clone();
        for (Contact contact : request.chart().closedIn(position)) {
            int from = set[all.indexOf(contact.a())];
            int to = set[all.indexOf(contact.b())];
            for (int i = 0; i < set.length; i++) {
                set[i] = set[i] == from ? to : set[i];
            }
        }
        StringBuilder text = new StringBuilder();
        for (int point = 0; point < points.size(); point++) {
            int first = point;
            for (int before = point - 1; before >= 0; before--) {
                first = set[before] == set[point] ? before : first;
            }
            text.append((char) ('a' + first));
        }
        return text.toString();
    }

    private String text(RunningConnection way) {
        StringBuilder text = new StringBuilder();
        for (Terminal point : points) {
            Terminal first = way.groups().stream()
                    .filter(g -> g.contains(point))
                    .flatMap(g -> points.stream().filter(g::contains).limit(1))
                    .findFirst()
                    .orElse(point);
            text.append((char) ('a' + points.indexOf(first)));
        }
        return text.toString();
    }

    private void judge(int[] netOf, int nets) {
        if (!forwardWays.contains(joined(netOf, HandlePosition.FORWARD))
                || !reverseWays.contains(joined(netOf, HandlePosition.REVERSE))) {
            return;
        }
        List<Wire> wires = new ArrayList<>();
        int conductors = 0;
        int jumpers = 0;
        int most = 0;
        for (int net = 0; net < nets; net++) {
            List<Terminal> leads = new ArrayList<>();
            List<Terminal> lines = new ArrayList<>();
            List<Terminal> face = new ArrayList<>();
            for (int i = 0; i < netOf.length; i++) {
                if (netOf[i] == net) {
                    Terminal t = all.get(i);
                    (i >= points.size() ? face : t.isLine() ? lines : leads).add(t);
                }
            }
            List<Terminal> members = new ArrayList<>(face);
            members.addAll(leads);
            members.addAll(lines);
            for (int i = 1; i < members.size(); i++) {
                wires.add(new Wire(members.get(0), members.get(i), Wire.Run.SWITCH_BOX));
            }
            int cable = !leads.isEmpty() && !(lines.isEmpty() && face.isEmpty()) ? 1 : 0;
            conductors += cable;
            jumpers += Math.max(0, face.size() - 1);
            if (face.size() == 1) {
                most = Math.max(most, cable + lines.size());
            } else if (face.size() > 1) {
                most = Math.max(most, Math.max(face.size() > 2 ? 2 : 1, 1 + Math.max(cable, lines.size())));
            }
        }
        Optional<RunningConnection> forward =
                joins(wires, HandlePosition.FORWARD, request.running().forward());
        Optional<RunningConnection> reverse =
                joins(wires, HandlePosition.REVERSE, request.running().reverse());
        Nodes off = Nodes.of(wires, request.chart().closedIn(HandlePosition.OFF));
        Set<Terminal> fromL1 = reached(off, Terminal.L1);
        Set<Terminal> fromL2 = reached(off, Terminal.L2);
        if (forward.isPresent() && reverse.isPresent() && !fromL1.contains(off.nodeOf(Terminal.L2))) {
            costs.add(new PlanCost(
                    (int) request.leads().stream()
                            .filter(l -> fromL1.contains(off.nodeOf(l))
                                    || (request.supply().isHot(Terminal.L2) && fromL2.contains(off.nodeOf(l))))
                            .count(),
                    unbroken(off),
                    !request.supply().isHot(Terminal.L2) && isBroken(off, Terminal.L2) ? 1 : 0,
                    (forward.orElseThrow().wholeCurrentProtected() ? 0 : 1)
                            + (reverse.orElseThrow().wholeCurrentProtected() ? 0 : 1),
                    (forward.orElseThrow().onDiagram() ? 0 : 1)
                            + (reverse.orElseThrow().onDiagram() ? 0 : 1),
                    conductors,
                    jumpers,
                    most));
        }
    }

    private boolean isBroken(Nodes off, Terminal line) {
        return request.leads().stream().noneMatch(l -> off.same(l, line));
    }

    /** The nodes that are joined to a line, directly or through windings. */
    private Set<Terminal> reached(Nodes nodes, Terminal line) {
        Set<Terminal> reached = new HashSet<>(Set.of(nodes.nodeOf(line)));
        boolean grew = true;
        while (grew) {
            grew = false;
            for (Winding winding : request.windings()) {
                Terminal a = nodes.nodeOf(winding.like());
                Terminal b = nodes.nodeOf(winding.other());
                grew |= reached.contains(a) && reached.add(b);
                grew |= reached.contains(b) && reached.add(a);
            }
        }
        return reached;
    }

    private int unbroken(Nodes off) {
        int unbroken = 0;
        for (Terminal line : List.of(Terminal.L1, Terminal.L2)) {
            unbroken += request.supply().isHot(line) && !isBroken(off, line) ? 1 : 0;
        }
        return unbroken;
    }

    private Optional<RunningConnection> joins(List<Wire> wires, HandlePosition position, List<RunningConnection> ways) {
        List<SortedSet<Terminal>> there =
                several(Nodes.of(wires, request.chart().closedIn(position)).groupsAmong(points));
        return ways.stream().filter(w -> several(w.groups()).equals(there)).findFirst();
    }

    private static List<SortedSet<Terminal>> several(List<SortedSet<Terminal>> groups) {
        return groups.stream().filter(g -> g.size() > 1).toList();
    }
}
