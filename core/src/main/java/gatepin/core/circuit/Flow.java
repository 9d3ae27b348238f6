package gatepin.core.circuit;

import gatepin.core.circuit.Winding.Circuit;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * Where current can flow in one handle position, from what is joined to what: which windings lie on a path from
 * line to line, which circuit each wire and contact serves, and which motor leads are hot.
 */
public final class Flow {
    private final Wiring wiring;
    private final HandlePosition position;
    private final Nodes nodes;
    private final Set<Winding> energised;
    private final List<List<Leg>> paths = new ArrayList<>();

    /**
     * One winding on a path from L1 to L2.
     *
     * @param winding the winding
     * @param from the end on the side of L1
     * @param to the end on the side of L2
     */
    public record Leg(Winding winding, Terminal from, Terminal to) {}

    private Flow(Wiring wiring, HandlePosition position) {
        this.wiring = wiring;
        this.position = position;
        this.nodes = wiring.nodes(position);
        this.energised = new HashSet<>();
        if (!isShort()) {
            walk(nodes.nodeOf(Terminal.L1), new HashSet<>(), new ArrayDeque<>());
        }
    }

    public static Flow of(Wiring wiring, HandlePosition position) {
        return new Flow(wiring, position);
    }

    public HandlePosition position() {
        return position;
    }

    public Nodes nodes() {
        return nodes;
    }

    /** Every way through the windings from L1 to L2 that meets no node twice. */
    public List<List<Leg>> paths() {
        return List.copyOf(paths);
    }

    /** L1 and L2 are on one node. */
    public boolean isShort() {
        return nodes.same(Terminal.L1, Terminal.L2);
    }

    /** The winding lies on a path from line to line. */
    public boolean energised(Winding winding) {
        return energised.contains(winding);
    }

    public boolean nothingEnergised() {
        return energised.isEmpty();
    }

    /** Marks every winding on some path from L1 to L2 that meets no node twice. */
    private void walk(Terminal node, Set<Terminal> seen, Deque<Leg> path) {
        if (node.equals(nodes.nodeOf(Terminal.L2))) {
            List<Leg> legs = new ArrayList<>(path);
            java.util.Collections.reverse(legs);
            legs.forEach(leg -> energised.add(leg.winding()));
            paths.add(List.copyOf(legs));
            return;
        }
        seen.add(node);
        for (Winding winding : wiring.windings()) {
            Terminal a = nodes.nodeOf(winding.like());
            Terminal b = nodes.nodeOf(winding.other());
            if (a.equals(b) || !(a.equals(node) || b.equals(node))) {
                continue;
            }
            Terminal next = a.equals(node) ? b : a;
            if (!seen.contains(next)) {
                boolean forth = a.equals(node);
                path.push(new Leg(
                        winding, forth ? winding.like() : winding.other(), forth ? winding.other() : winding.like()));
                walk(next, seen, path);
                path.pop();
            }
        }
        seen.remove(node);
    }

    /** The motor leads at the potential of a hot line, directly or through windings, with no voltage drop in OFF. */
    public SortedSet<Terminal> hotLeads() {
        SortedSet<Terminal> hot = new TreeSet<>();
        Set<Terminal> reached = hotNodes();
        for (Terminal lead : wiring.leads()) {
            if (reached.contains(nodes.nodeOf(lead))) {
                hot.add(lead);
            }
        }
        return hot;
    }

    /** The terminal is joined to a hot line, directly or through windings. */
    public boolean isHot(Terminal terminal) {
        return hotNodes().contains(nodes.nodeOf(terminal));
    }

    private Set<Terminal> hotNodes() {
        Deque<Terminal> open = new ArrayDeque<>();
        Set<Terminal> reached = new HashSet<>();
        for (Terminal line : List.of(Terminal.L1, Terminal.L2)) {
            if (wiring.supply().isHot(line)) {
                open.add(nodes.nodeOf(line));
            }
        }
        while (!open.isEmpty()) {
            Terminal node = open.remove();
            if (reached.add(node)) {
                for (Winding winding : wiring.windings()) {
                    Terminal a = nodes.nodeOf(winding.like());
                    Terminal b = nodes.nodeOf(winding.other());
                    if (a.equals(node)) {
                        open.add(b);
                    } else if (b.equals(node)) {
                        open.add(a);
                    }
                }
            }
        }
        return reached;
    }

    /** A line is broken when no motor lead is joined to it. */
    public boolean isBroken(Terminal line) {
        return wiring.leads().stream().noneMatch(lead -> nodes.same(lead, line));
    }

    /** The circuit a wire serves; empty when no current can flow in it. */
    public Optional<Circuit> circuitOf(Wire wire) {
        return circuitAcross(wire.from(), wire.to(), wire, null);
    }

    /** The circuit a contact serves; empty when it is open or no current can flow in it. */
    public Optional<Circuit> circuitOf(Contact contact) {
        if (!wiring.chart().closedIn(position).contains(contact)) {
            return Optional.empty();
        }
        return circuitAcross(contact.a(), contact.b(), null, contact);
    }

    /**
     * An edge inside a node carries what has to pass from the side of one end to the side of the other: the run
     * circuit where both sides reach a run winding, protector or line and only one need pass, the start circuit
     * where all that lies on one side is start windings.
     */
    private Optional<Circuit> circuitAcross(
            Terminal from,
            Terminal to,
            @org.jspecify.annotations.Nullable Wire wire,
            @org.jspecify.annotations.Nullable Contact contact) {
        Set<Terminal> fromSide = sideOf(from, wire, contact);
        Set<Terminal> toSide = fromSide.contains(to) ? fromSide : sideOf(to, wire, contact);
        Reach a = reach(fromSide);
        Reach b = reach(toSide);
        if (a == Reach.NOTHING || b == Reach.NOTHING) {
            return Optional.empty();
        }
        return Optional.of(a == Reach.START || b == Reach.START ? Circuit.START : Circuit.RUN);
    }

    /**
     * The circuit a winding serves in this position: that of its name; but where a capacitor has leads of its own, whatever
     * is fed through it alone is the start circuit, and whatever is not is the run circuit.
     */
    public Circuit circuitOf(Winding winding) {
        List<List<Leg>> through = paths.stream()
                .filter(p -> p.stream().anyMatch(l -> l.winding().equals(winding)))
                .toList();
        boolean anyCapacitor = energised.stream().anyMatch(w -> w.circuit() == Circuit.CAPACITOR);
        if (!anyCapacitor || through.isEmpty()) {
            return winding.circuit() == Circuit.CAPACITOR ? Circuit.START : winding.circuit();
        }
        return through.stream().allMatch(Flow::passesCapacitor) ? Circuit.START : Circuit.RUN;
    }

    /** Whether a path passes a capacitor, or a start winding where no capacitor has leads of its own. */
    public boolean isStartPath(List<Leg> path) {
        return path.stream().anyMatch(l -> circuitOf(l.winding()) == Circuit.START);
    }

    private static boolean passesCapacitor(List<Leg> path) {
        return path.stream().anyMatch(l -> l.winding().circuit() == Circuit.CAPACITOR);
    }

    private enum Reach {
        NOTHING,
        START,
        RUN
    }

    private Reach reach(Set<Terminal> side) {
        boolean start = false;
        for (Terminal terminal : side) {
            if (terminal.isLine() && !energised.isEmpty()) {
                return Reach.RUN;
            }
            for (Winding winding : energised) {
                if (winding.has(terminal)) {
                    if (circuitOf(winding) != Circuit.START) {
                        return Reach.RUN;
                    }
                    start = true;
                }
            }
        }
        return start ? Reach.START : Reach.NOTHING;
    }

    private Set<Terminal> sideOf(
            Terminal start,
            @org.jspecify.annotations.Nullable Wire withoutWire,
            @org.jspecify.annotations.Nullable Contact withoutContact) {
        Set<Terminal> side = new HashSet<>();
        Deque<Terminal> open = new ArrayDeque<>(List.of(start));
        while (!open.isEmpty()) {
            Terminal here = open.remove();
            if (side.add(here)) {
                open.addAll(neighbours(here, withoutWire, withoutContact));
            }
        }
        return side;
    }

    private List<Terminal> neighbours(
            Terminal here,
            @org.jspecify.annotations.Nullable Wire withoutWire,
            @org.jspecify.annotations.Nullable Contact withoutContact) {
        List<Terminal> next = new ArrayList<>();
        for (Wire wire : wiring.wires()) {
            if (wire != withoutWire && wire.lands(here)) {
                next.add(wire.from().equals(here) ? wire.to() : wire.from());
            }
        }
        for (Contact contact : wiring.chart().closedIn(position)) {
            if (!contact.equals(withoutContact)
                    && (contact.a().equals(here) || contact.b().equals(here))) {
                next.add(contact.a().equals(here) ? contact.b() : contact.a());
            }
        }
        return next;
    }
}
