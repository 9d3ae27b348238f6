package gatepin.core.plan;

import gatepin.core.Effort;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The fewest changes that make a switch somebody wired already reverse the motor and turn it off. Tries none, then every single
 * change, then every two of them: a wire's end moved to another terminal of the switch, a jumper put in, a wire taken out.
 *
 * @param changes what to change, in words that name the wire and both places; none where it is right as it is
 * @param wires the wires after them
 */
public record FewestChanges(List<Change> changes, List<Wire> wires) {
    /** More changes than this are not looked for: then it is quicker to wire it anew from a plan. */
    public static final int MOST = 2;

    /** What can be changed. */
    public enum Kind {
        MOVE,
        ADD,
        TAKE_OUT
    }

    /**
     * One change.
     *
     * @param kind what is done
     * @param wire the wire before it, or the jumper put in
     * @param from the end that moves; an end of the wire otherwise
     * @param to where it moves to; the other end of the wire otherwise
     */
    public record Change(Kind kind, Wire wire, Terminal from, Terminal to) {}

    public FewestChanges {
        changes = List.copyOf(changes);
        wires = List.copyOf(wires);
    }

    /**
     * The fewest changes; empty where two are not enough. Of several ways, the one that leaves the least hot in OFF.
     *
     * @param found the wires as they are
     */
    public static Optional<FewestChanges> of(List<Wire> found, PlanRequest request) {
        return of(found, request, Effort.unlimited());
    }

    /** The same within bounds. */
    public static Optional<FewestChanges> of(List<Wire> found, PlanRequest request, Effort effort) {
        return new Search(found, request, effort).fewest();
    }

    /**
     * All terminals are numbers here, the points first, so that a hundred thousand wirings can be looked at. A change takes
     * one joint away at most and makes one at most, so it splits one group of points at most and merges two: what is
     * further from every running connection than the changes left can bring about is not followed.
     */
    private static final class Search {
        private static final HandlePosition[] WAYS = {HandlePosition.FORWARD, HandlePosition.REVERSE};

        /** A wire's end put elsewhere, a wire taken out, or a jumper put in ({@code wire} is then a spare one). */
        private record Step(Change change, int wire, int from, int to) {}

        private final PlanRequest request;
        private final Effort effort;
        private final List<Wire> found;
        private final List<Terminal> points;
        private final List<Terminal> terminals = new ArrayList<>();
        private final Map<Terminal, Integer> numbers = new HashMap<>();
        private final int[] from;
        private final int[] to;
        private final Map<HandlePosition, int[][]> contacts = new HashMap<>();
        private final Map<HandlePosition, List<int[]>> wanted = new HashMap<>();
        private final int[][] windings;
        private final int[] root;
        private Optional<FewestChanges> best = Optional.empty();
        private int leastHot = Integer.MAX_VALUE;

        Search(List<Wire> found, PlanRequest request, Effort effort) {
            this.effort = effort;
            this.request = request;
            this.found = found;
            this.points = request.points();
            points.forEach(this::number);
            request.chart().terminals().forEach(this::number);
            this.from = new int[found.size() + MOST];
            this.to = new int[found.size() + MOST];
            for (int i = 0; i < found.size(); i++) {
                from[i] = number(found.get(i).from());
                to[i] = number(found.get(i).to());
            }
            for (HandlePosition position : HandlePosition.values()) {
                contacts.put(
                        position,
                        request.chart().closedIn(position).stream()
                                .map(this::ends)
                                .toArray(int[][]::new));
            }
            wanted.put(HandlePosition.FORWARD, partitions(request.running().forward()));
            wanted.put(HandlePosition.REVERSE, partitions(request.running().reverse()));
            this.windings = request.windings().stream()
                    .map(w -> new int[] {number(w.like()), number(w.other())})
                    .toArray(int[][]::new);
            this.root = new int[terminals.size()];
        }

        private int number(Terminal terminal) {
            return numbers.computeIfAbsent(terminal, t -> {
                terminals.add(t);
                return terminals.size() - 1;
            });
        }

        private int[] ends(Contact contact) {
            return new int[] {number(contact.a()), number(contact.b())};
        }

        private List<int[]> partitions(List<RunningConnection> connections) {
            return connections.stream()
                    .map(c -> Partition.of(points, c.groups()))
                    .toList();
        }

        Optional<FewestChanges> fewest() {
            consider(List.of());
            if (best.isPresent() || !isWithin(MOST)) {
                return best;
            }
            List<Step> steps = steps();
            for (Step step : steps) {
                apply(step);
                consider(List.of(step));
                undo(step);
            }
            if (best.isPresent()) {
                return best;
            }
            for (int i = 0; i < steps.size(); i++) {
                apply(steps.get(i));
                if (isWithin(1)) {
                    second(steps, i);
                }
                undo(steps.get(i));
            }
            return best;
        }

        private void second(List<Step> steps, int first) {
            for (int j = first + 1; j < steps.size(); j++) {
                Step one = steps.get(first);
                Step other = steps.get(j);
                boolean sameEnd = one.wire() == other.wire()
                        && one.wire() < found.size()
                        && (one.change().kind() == Kind.TAKE_OUT
                                || other.change().kind() == Kind.TAKE_OUT
                                || one.change().from().equals(other.change().from()));
                if (!sameEnd) {
                    Step here = other.wire() >= found.size()
                            ? new Step(other.change(), found.size() + 1, other.from(), other.to())
                            : merged(one, other);
                    apply(here);
                    consider(List.of(one, here));
                    undo(one.wire() == here.wire() ? one : here);
                    if (one.wire() == here.wire()) {
                        apply(one);
                    }
                }
            }
        }

        /** Both ends of one wire moved: the second move starts from where the first one left it. */
        private Step merged(Step one, Step other) {
            if (one.wire() != other.wire()) {
                return other;
            }
            boolean otherMovesFrom =
                    other.from() != number(found.get(other.wire()).from());
            return new Step(
                    other.change(),
                    other.wire(),
                    otherMovesFrom ? other.from() : one.from(),
                    otherMovesFrom ? one.to() : other.to());
        }

        private void apply(Step step) {
            from[step.wire()] = step.from();
            to[step.wire()] = step.to();
        }

        private void undo(Step step) {
            boolean spare = step.wire() >= found.size();
            from[step.wire()] = spare ? 0 : number(found.get(step.wire()).from());
            to[step.wire()] = spare ? 0 : number(found.get(step.wire()).to());
        }

        private List<Step> steps() {
            List<Terminal> targets = targets();
            List<Step> steps = new ArrayList<>();
            for (int i = 0; i < found.size(); i++) {
                Wire wire = found.get(i);
                if (wire.isGround()) {
                    continue;
                }
                for (Terminal end : List.of(wire.from(), wire.to())) {
                    if (end.isGear() || end.is(Type.SPLICE)) {
                        moves(i, end, targets, steps);
                    }
                }
                if (wire.run() == Wire.Run.SWITCH_BOX) {
                    steps.add(new Step(new Change(Kind.TAKE_OUT, wire, wire.from(), wire.to()), i, 0, 0));
                }
            }
            for (int a = 0; a < targets.size(); a++) {
                for (int b = a + 1; b < targets.size(); b++) {
                    if (targets.get(a).isGear() && targets.get(b).isGear()) {
                        Wire jumper = new Wire(targets.get(a), targets.get(b), Wire.Run.SWITCH_BOX);
                        steps.add(new Step(
                                new Change(Kind.ADD, jumper, jumper.from(), jumper.to()),
                                found.size(),
                                number(jumper.from()),
                                number(jumper.to())));
                    }
                }
            }
            return steps;
        }

        private List<Terminal> targets() {
            Set<Terminal> all = new LinkedHashSet<>(request.chart().terminals());
            all.removeAll(request.wishes().unusable());
            found.stream()
                    .flatMap(w -> List.of(w.from(), w.to()).stream())
                    .filter(t -> t.is(Type.SPLICE))
                    .forEach(all::add);
            return List.copyOf(all);
        }

        private void moves(int i, Terminal end, List<Terminal> targets, List<Step> steps) {
            Wire wire = found.get(i);
            boolean movesFrom = wire.from().equals(end);
            Terminal other = movesFrom ? wire.to() : wire.from();
            for (Terminal target : targets) {
                if (!target.equals(end) && !target.equals(other)) {
                    steps.add(new Step(
                            new Change(Kind.MOVE, wire, end, target),
                            i,
                            movesFrom ? number(target) : number(other),
                            movesFrom ? number(other) : number(target)));
                }
            }
        }

        /** The group of each point in a position; {@link #root} then knows the node of every terminal. */
        private int[] groups(HandlePosition position) {
            for (int i = 0; i < root.length; i++) {
                root[i] = i;
            }
            for (int i = 0; i < from.length; i++) {
                join(from[i], to[i]);
            }
            for (int[] contact : contacts.getOrDefault(position, new int[0][])) {
                join(contact[0], contact[1]);
            }
            int[] group = new int[points.size()];
            for (int i = 0; i < group.length; i++) {
                group[i] = find(i);
            }
            return Partition.counted(group);
        }

        private void join(int a, int b) {
            root[find(a)] = find(b);
        }

        private int find(int terminal) {
            int at = terminal;
            while (root[at] != at) {
                root[at] = root[root[at]];
                at = root[at];
            }
            return at;
        }

        /** Some running connection can be had both ways with this many changes, as far as splitting and merging goes. */
        private boolean isWithin(int changes) {
            for (HandlePosition way : WAYS) {
                int[] now = groups(way);
                if (wanted.getOrDefault(way, List.of()).stream().noneMatch(w -> isWithin(now, w, changes))) {
                    return false;
                }
            }
            return true;
        }

        private static boolean isWithin(int[] now, int[] wanted, int changes) {
            int both = Partition.groups(Partition.meet(now, wanted));
            return both - Partition.groups(now) <= changes && both - Partition.groups(wanted) <= changes;
        }

        private void consider(List<Step> steps) {
            effort.step();
            for (HandlePosition way : WAYS) {
                int[] now = groups(way);
                if (wanted.getOrDefault(way, List.of()).stream().noneMatch(w -> Arrays.equals(w, now))) {
                    return;
                }
            }
            int hot = 0;
            if (request.hasOff()) {
                groups(HandlePosition.OFF);
                boolean[] fromL1 = reached(Terminal.L1);
                if (fromL1[find(number(Terminal.L2))]) {
                    return;
                }
                boolean[] fromL2 = reached(Terminal.L2);
                for (Terminal lead : request.leads()) {
                    int at = find(number(lead));
                    hot += fromL1[at] || (request.supply().isHot(Terminal.L2) && fromL2[at]) ? 1 : 0;
                }
            }
            if (hot < leastHot) {
                leastHot = hot;
                best = Optional.of(
                        new FewestChanges(steps.stream().map(Step::change).toList(), wiresNow()));
            }
        }

        /** The nodes that a line reaches in OFF, through windings, too. */
        private boolean[] reached(Terminal line) {
            boolean[] reached = new boolean[root.length];
            reached[find(number(line))] = true;
            boolean grew = true;
            while (grew) {
                grew = false;
                for (int[] winding : windings) {
                    int a = find(winding[0]);
                    int b = find(winding[1]);
                    if (reached[a] != reached[b]) {
                        reached[a] = true;
                        reached[b] = true;
                        grew = true;
                    }
                }
            }
            return reached;
        }

        private List<Wire> wiresNow() {
            List<Wire> wires = new ArrayList<>();
            for (int i = 0; i < from.length; i++) {
                if (from[i] != to[i]) {
                    Wire.Run run = i < found.size() ? found.get(i).run() : Wire.Run.SWITCH_BOX;
                    wires.add(new Wire(terminals.get(from[i]), terminals.get(to[i]), run));
                }
            }
            return wires;
        }
    }
}
