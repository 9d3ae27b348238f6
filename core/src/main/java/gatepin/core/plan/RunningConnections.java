package gatepin.core.plan;

import gatepin.core.Effort;
import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.CoilRoles;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.diagram.Connection;
import gatepin.core.machine.Leads;
import gatepin.core.machine.RatedPoint;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedSet;

/**
 * All connections of a motor that run it right, by the direction they start it in.
 *
 * <p>Right is what starts and runs it as the diagram's own column does: the same torque and line current at standstill
 * and at rated speed, to one part in twenty. So the start winding may hang on either run half, the halves may change
 * places, and either winding may be turned over; what gives a winding another voltage, or sets the halves against
 * each other, falls out, because the engine says so. So does what lets the run winding's current pass beside the motor's own
 * protector.
 *
 * @param forward those that start it as the diagram's column is written, the nearest to that column first
 * @param reverse those that start it the other way, the nearest to the column with its two leads interchanged first
 * @param oneWay both are the same: the motor is to turn one way only, whichever place of the gear it is switched on by
 * @param onlyPastProtector some would run it, but all of one direction lead the run winding's current past the motor's protector
 */
public record RunningConnections(
        List<RunningConnection> forward, List<RunningConnection> reverse, boolean oneWay, boolean onlyPastProtector) {
    private static final double ALIKE = 0.05;

    /** Connections that no protector hinders. */
    public RunningConnections(List<RunningConnection> forward, List<RunningConnection> reverse) {
        this(forward, reverse, false, false);
    }

    public RunningConnections {
        forward = List.copyOf(forward);
        reverse = List.copyOf(reverse);
    }

    /**
     * What the diagram itself states, and the same with the lines exchanged: for a motor no engine can run yet.
     *
     * @param motor a motor with these leads, typical of its kind
     * @param rated where such a motor works
     */
    public static RunningConnections asWritten(
            Connection diagram, Leads leads, Motor motor, RatedPoint rated, Supply supply) {
        return new RunningConnections(
                bothLineOrders(diagram.groups(leads), motor, rated, supply),
                bothLineOrders(diagram.reversed().groups(leads), motor, rated, supply));
    }

    private static List<RunningConnection> bothLineOrders(
            List<SortedSet<Terminal>> groups, Motor motor, RatedPoint rated, Supply supply) {
        return List.of(groups, RunningConnection.linesExchanged(groups)).stream()
                .map(g -> judged(g, motor, rated, supply, true))
                .toList();
    }

    private static RunningConnection judged(
            List<SortedSet<Terminal>> groups, Motor motor, RatedPoint rated, Supply supply, boolean onDiagram) {
        Circuit circuit = RunningConnection.circuit(groups, motor, supply);
        double start =
                AcNetwork.of(circuit, State.atRest(HandlePosition.FORWARD)).torqueAt(1);
        return RunningConnection.of(groups, circuit, start < 0 ? 2 - rated.slip() : rated.slip(), onDiagram);
    }

    /**
     * Finds all connections that run a motor as its diagram does.
     *
     * @param motor the motor as the engine knows it
     * @param leads its leads
     * @param rated where it works as its plate says
     * @param diagram the column of the diagram for this supply
     * @param supply the supply
     */
    public static RunningConnections of(Motor motor, Leads leads, RatedPoint rated, Connection diagram, Supply supply) {
        return of(motor, leads, rated, diagram, supply, Effort.unlimited());
    }

    /** The same within bounds. */
    public static RunningConnections of(
            Motor motor, Leads leads, RatedPoint rated, Connection diagram, Supply supply, Effort effort) {
        return new Enumeration(motor, leads, rated, diagram, supply, effort).all();
    }

    /** The same of a motor that is to turn one way only. */
    public RunningConnections forOneWay() {
        return new RunningConnections(forward, forward, true, onlyPastProtector);
    }

    private static final class Enumeration {
        private final Effort effort;
        private final Motor motor;
        private final Leads leads;
        private final RatedPoint rated;
        private final Supply supply;
        private final List<Terminal> points;
        private final List<Winding> windings;
        private final int[] written;
        private final int[] turned;
        private final int groupsWanted;
        private final int alone;
        private final int[] shape;
        /** The points that each protector lies between. */
        private final int[][] protectors;
        /** The points that each other winding lies between, and a weight that tells its kind. */
        private final int[][] weighed;

        private final Map<String, Behaviour> behaviours = new HashMap<>();
        private final Behaviour asWritten;
        private final List<int[]> forward = new ArrayList<>();
        private final List<int[]> reverse = new ArrayList<>();

        Enumeration(Motor motor, Leads leads, RatedPoint rated, Connection diagram, Supply supply, Effort effort) {
            this.effort = effort;
            this.motor = motor;
            this.leads = leads;
            this.rated = rated;
            this.supply = supply;
            this.points = PlanRequest.points(leads.terminals());
            this.windings = leads.windings();
            this.written = Partition.of(points, diagram.groups(leads));
            this.turned = Partition.of(points, diagram.reversed().groups(leads));
            this.groupsWanted = Partition.groups(written);
            this.alone = alone(written);
            this.protectors = windings.stream()
                    .filter(w -> w.role() == Role.PROTECTOR)
                    .map(w -> new int[] {points.indexOf(w.like()), points.indexOf(w.other())})
                    .toArray(int[][]::new);
            boolean alike = new CoilRoles(motor).hasTwins();
            this.weighed = windings.stream()
                    .filter(w -> w.role() != Role.PROTECTOR)
                    .map(w -> new int[] {
                        points.indexOf(w.like()),
                        points.indexOf(w.other()),
                        weight(alike && w.role() == Role.START ? Role.RUN : w.role())
                    })
                    .toArray(int[][]::new);
            this.shape = shape(nodes(written));
            this.asWritten = behaviour(written);
        }

        RunningConnections all() {
            extend(0, new int[points.size()], 0);
            List<RunningConnection> one = connections(forward, written);
            List<RunningConnection> other = connections(reverse, turned);
            boolean past = one.isEmpty() && !forward.isEmpty() || other.isEmpty() && !reverse.isEmpty();
            return new RunningConnections(one, other, false, past);
        }

        private List<RunningConnection> connections(List<int[]> found, int[] shown) {
            int[] exchanged = Partition.of(points, RunningConnection.linesExchanged(Partition.groupsOf(points, shown)));
            return found.stream()
                    .sorted(Comparator.comparingInt((int[] p) -> Partition.distance(p, shown))
                            .thenComparing(Arrays::toString))
                    .map(p -> judged(
                            Partition.groupsOf(points, p),
                            motor,
                            rated,
                            supply,
                            Arrays.equals(p, shown) || Arrays.equals(p, exchanged)))
                    .filter(RunningConnection::runCurrentProtected)
                    // a protector in the neutral protects nothing that is hot: the other way round comes first
                    .sorted(Comparator.comparing(RunningConnection::protectorInNeutral)
                            .thenComparing(c -> !c.onDiagram()))
                    .toList();
        }

        private void extend(int point, int[] groupOf, int groups) {
            effort.step();
            if (groups > groupsWanted || groups + points.size() - point < groupsWanted) {
                return;
            }
            if (point == groupOf.length) {
                judge(groupOf);
                return;
            }
            for (int group = 0; group <= groups; group++) {
                if (group == groups || mayShare(point, group, groupOf)) {
                    groupOf[point] = group;
                    extend(point + 1, groupOf, Math.max(groups, group + 1));
                }
            }
        }

        /** The lines stay apart, and no winding is shorted. */
        private boolean mayShare(int point, int group, int[] groupOf) {
            for (int other = 0; other < point; other++) {
                if (groupOf[other] == group && areApart(points.get(other), points.get(point))) {
                    return false;
                }
            }
            return true;
        }

        private boolean areApart(Terminal one, Terminal other) {
            return one.isLine() && other.isLine() || windings.stream().anyMatch(w -> w.has(one) && w.has(other));
        }

        private static int weight(Role role) {
            return 10 << (4 * role.ordinal());
        }

        /** How many points are joined with none. */
        private static int alone(int[] groupOf) {
            int[] members = new int[groupOf.length];
            for (int group : groupOf) {
                members[group]++;
            }
            int alone = 0;
            for (int number : members) {
                alone += number == 1 ? 1 : 0;
            }
            return alone;
        }

        /** The node of each point, protectors seen through. */
        private int[] nodes(int[] groupOf) {
            int[] node = groupOf.clone();
            for (int[] ends : protectors) {
                int from = node[ends[0]];
                int to = node[ends[1]];
                for (int i = 0; i < node.length; i++) {
                    node[i] = node[i] == from ? to : node[i];
                }
            }
            return node;
        }

        /** What each node is joined to: the same network has the same nodes, whichever way its equal parts change places. */
        private int[] shape(int[] node) {
            int[] seen = new int[node.length];
            seen[node[node.length - 2]]++;
            seen[node[node.length - 1]]++;
            for (int[] winding : weighed) {
                seen[node[winding[0]]] += winding[2];
                seen[node[winding[1]]] += winding[2];
            }
            Arrays.sort(seen);
            return seen;
        }

        /** What a connection does hangs on its nodes alone, wherever protectors stand among them. */
        private Behaviour behaviourOnce(int[] groupOf, int[] node) {
            return behaviours.computeIfAbsent(
                    Arrays.toString(Partition.counted(withoutProtectorLeads(node))), k -> behaviour(groupOf));
        }

        private int[] withoutProtectorLeads(int[] node) {
            int[] left = node.clone();
            for (int i = 0; i < left.length; i++) {
                int point = i;
                boolean onlyProtector =
                        Arrays.stream(weighed).noneMatch(w -> w[0] == point || w[1] == point) && i < left.length - 2;
                left[i] = onlyProtector ? -1 - i : left[i];
            }
            return left;
        }

        private void judge(int[] groupOf) {
            if (alone(groupOf) != alone) {
                return;
            }
            int[] node = nodes(groupOf);
            if (!Arrays.equals(shape(node), shape)) {
                return;
            }
            Behaviour behaviour = behaviourOnce(groupOf, node);
            if (behaviour.isLike(asWritten)) {
                boolean same = behaviour.startNm * asWritten.startNm > 0;
                (same ? forward : reverse).add(groupOf.clone());
            }
        }

        private Behaviour behaviour(int[] groupOf) {
            Circuit wired = RunningConnection.circuit(Partition.groupsOf(points, groupOf), motor, supply);
            AcSolution start =
                    AcNetwork.of(wired, State.atRest(HandlePosition.FORWARD)).at(1);
            double slip = start.torqueNm() < 0 ? 2 - rated.slip() : rated.slip();
            AcSolution run =
                    AcNetwork.of(wired, State.atSpeed(HandlePosition.FORWARD)).at(slip);
            return new Behaviour(start.torqueNm(), start.lineAmps(), run.torqueNm(), run.lineAmps());
        }
    }

    private record Behaviour(double startNm, double startAmps, double runNm, double runAmps) {
        boolean isLike(Behaviour other) {
            return near(Math.abs(startNm), Math.abs(other.startNm))
                    && near(startAmps, other.startAmps)
                    && near(Math.abs(runNm), Math.abs(other.runNm))
                    && near(runAmps, other.runAmps);
        }

        private static boolean near(double one, double other) {
            return Math.abs(one - other) <= ALIKE * Math.max(Math.abs(one), Math.abs(other));
        }
    }
}
