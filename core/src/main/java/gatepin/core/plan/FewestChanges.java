package gatepin.core.plan;

import gatepin.core.circuit.Flow;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Place;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.circuit.Wiring;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;

/**
 * The fewest changes that make a switch somebody wired already reverse the motor and turn it off. Tries none, then every single
 * change, then every two of them: a wire's end moved to another terminal of the switch, a jumper put in, a wire taken out.
 *
 * @param changes what to change, in words that name the wire and both places; none where it is right as it is
 * @param wiring the wiring after them
 */
public record FewestChanges(List<Change> changes, Wiring wiring) {
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
    }

    /** The fewest changes; empty where two are not enough. Of several ways, the one that leaves the least hot in OFF. */
    public static Optional<FewestChanges> of(Wiring found, PlanRequest request) {
        Search search = new Search(found, request);
        List<FewestChanges> reached = List.of(new FewestChanges(List.of(), found));
        for (int number = 0; number <= MOST; number++) {
            Optional<FewestChanges> right = reached.stream()
                    .filter(c -> search.isRight(c.wiring()))
                    .min(Comparator.comparingInt(search::hotInOff));
            if (right.isPresent() || number == MOST) {
                return right;
            }
            reached = reached.stream()
                    .flatMap(c -> search.afterOneMore(c).stream())
                    .toList();
        }
        return Optional.empty();
    }

    private static final class Search {
        private final PlanRequest request;
        private final List<Terminal> points;
        private final Set<List<SortedSet<Terminal>>> forward = new HashSet<>();
        private final Set<List<SortedSet<Terminal>>> reverse = new HashSet<>();
        private final List<Terminal> targets;

        Search(Wiring found, PlanRequest request) {
            this.request = request;
            this.points = request.points();
            request.running().forward().forEach(c -> forward.add(several(c.groups())));
            request.running().reverse().forEach(c -> reverse.add(several(c.groups())));
            Set<Terminal> all = new LinkedHashSet<>(request.chart().terminals());
            all.removeAll(request.wishes().unusable());
            found.terminals().stream().filter(t -> t.place() == Place.SPLICE).forEach(all::add);
            this.targets = List.copyOf(all);
        }

        private static List<SortedSet<Terminal>> several(List<SortedSet<Terminal>> groups) {
            return groups.stream()
                    .filter(g -> g.size() > 1)
                    .sorted(Comparator.comparing(SortedSet::first))
                    .toList();
        }

        boolean isRight(Wiring wiring) {
            if (!forward.contains(several(wiring.nodes(HandlePosition.FORWARD).groupsAmong(points)))
                    || !reverse.contains(
                            several(wiring.nodes(HandlePosition.REVERSE).groupsAmong(points)))) {
                return false;
            }
            Flow off = Flow.of(wiring, HandlePosition.OFF);
            return !request.hasOff() || (!off.isShort() && off.nothingEnergised());
        }

        int hotInOff(FewestChanges changes) {
            return Flow.of(changes.wiring(), HandlePosition.OFF).hotLeads().size();
        }

        List<FewestChanges> afterOneMore(FewestChanges before) {
            List<FewestChanges> after = new ArrayList<>();
            List<Wire> wires = before.wiring().wires();
            for (int i = 0; i < wires.size(); i++) {
                Wire wire = wires.get(i);
                if (wire.isGround()) {
                    continue;
                }
                for (Terminal end : List.of(wire.from(), wire.to())) {
                    if (end.place() == Place.SWITCH || end.place() == Place.SPLICE) {
                        moves(before, i, wire, end, after);
                    }
                }
                if (wire.run() == Wire.Run.SWITCH_BOX) {
                    after.add(with(before, new Change(Kind.TAKE_OUT, wire, wire.from(), wire.to()), i, null));
                }
            }
            for (int a = 0; a < targets.size(); a++) {
                for (int b = a + 1; b < targets.size(); b++) {
                    if (targets.get(a).place() == Place.SWITCH && targets.get(b).place() == Place.SWITCH) {
                        Wire jumper = new Wire(targets.get(a), targets.get(b), Wire.Run.SWITCH_BOX);
                        after.add(with(before, new Change(Kind.ADD, jumper, jumper.from(), jumper.to()), -1, jumper));
                    }
                }
            }
            return after;
        }

        private void moves(FewestChanges before, int i, Wire wire, Terminal end, List<FewestChanges> after) {
            Terminal other = wire.from().equals(end) ? wire.to() : wire.from();
            for (Terminal target : targets) {
                if (!target.equals(end) && !target.equals(other)) {
                    Wire moved = wire.from().equals(end)
                            ? new Wire(target, other, wire.run())
                            : new Wire(other, target, wire.run());
                    after.add(with(before, new Change(Kind.MOVE, wire, end, target), i, moved));
                }
            }
        }

        private static FewestChanges with(
                FewestChanges before, Change change, int out, @org.jspecify.annotations.Nullable Wire in) {
            List<Wire> wires = new ArrayList<>(before.wiring().wires());
            if (out >= 0) {
                wires.remove(out);
            }
            if (in != null) {
                wires.add(in);
            }
            List<Change> changes = new ArrayList<>(before.changes());
            changes.add(change);
            Wiring was = before.wiring();
            return new FewestChanges(
                    changes, new Wiring(was.leads(), was.windings(), was.chart(), was.supply(), wires));
        }
    }
}
