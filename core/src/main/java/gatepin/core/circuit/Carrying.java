package gatepin.core.circuit;

import gatepin.core.circuit.Winding.Role;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import org.hipparchus.complex.Complex;

/**
 * What is hot, lit and carrying in one setting, at standstill, as the AC solution has it. The one truth for drawing, words,
 * verdicts and plans.
 */
public final class Carrying {
    /** Below this nothing is felt, A (the threshold of a class A ground-fault device: UL 943, from memory). */
    public static final double NOTHING_AMPS = 0.005;
    /** Above this a person feels it, V. */
    public static final double FELT_VOLTS = 10;
    /** More ways from line to line than this are not told one by one. */
    private static final int MOST_PATHS = 24;

    private final Circuit circuit;
    private final Setting setting;
    private final AcSolution solution;
    private final Nodes outside;
    private final List<Winding> lit = new ArrayList<>();
    private final Set<String> startCoils = new HashSet<>();

    /**
     * One winding on a path from L1 to L2.
     *
     * @param winding the winding
     * @param from the end on the side of L1
     * @param to the end on the side of L2
     */
    public record Leg(Winding winding, Terminal from, Terminal to) {}

    private Carrying(Networks networks, Setting setting) {
        this.circuit = networks.circuit();
        this.setting = setting;
        this.solution = networks.atRest(setting);
        this.outside = circuit.joinedOutside(setting);
        new CoilRoles(circuit.motor()).coils(Role.START, solution.nodes()).forEach(c -> startCoils.add(c.name()));
        if (!isShort()) {
            circuit.motor().windings().stream().filter(this::carries).forEach(lit::add);
        }
    }

    /** Solves a circuit in one setting. */
    public static Carrying of(Circuit circuit, Setting setting) {
        return of(Networks.of(circuit), setting);
    }

    /** The same of a circuit whose networks are at hand. */
    public static Carrying of(Networks networks, Setting setting) {
        return new Carrying(networks, setting);
    }

    public Setting setting() {
        return setting;
    }

    /** What is one point: wires, contacts of the gear, contacts inside. */
    public Nodes nodes() {
        return solution.nodes();
    }

    /** What wires and contacts of the gear join. */
    public Nodes joinedOutside() {
        return outside;
    }

    /** L1 and L2 are on one node. */
    public boolean isShort() {
        return solution.nodes().same(Terminal.L1, Terminal.L2);
    }

    private boolean carries(Winding winding) {
        Motor motor = circuit.motor();
        Optional<Complex> amps = switch (winding.role()) {
            case RUN, START ->
                motor.coils().stream()
                        .filter(c -> c.name().equals(winding.name()))
                        .findFirst()
                        .map(solution::current);
            case PROTECTOR ->
                motor.contacts().stream()
                        .filter(c -> c.name().equals(winding.name()))
                        .findFirst()
                        .map(solution::current);
            case CAPACITOR ->
                motor.capacitors().stream()
                        .filter(c -> Set.of(c.a(), c.b()).equals(Set.of(winding.like(), winding.other())))
                        .findFirst()
                        .map(solution::current);
        };
        return amps.filter(a -> a.norm() > NOTHING_AMPS).isPresent();
    }

    /** The winding carries current. */
    public boolean isLit(Winding winding) {
        return lit.contains(winding);
    }

    /** No winding carries current. */
    public boolean nothingFlows() {
        return lit.isEmpty();
    }

    /** What a winding serves here: a start winding straight on the lines in place of its twin serves as run winding. */
    public Role serves(Winding winding) {
        return switch (winding.role()) {
            case RUN, START -> startCoils.contains(winding.name()) ? Role.START : Role.RUN;
            case PROTECTOR -> Role.RUN;
            case CAPACITOR -> Role.START;
        };
    }

    /** A terminal is hot: it can be felt against ground. */
    public boolean isHot(Terminal terminal) {
        return volts(terminal) > FELT_VOLTS;
    }

    /** Volts to ground; 0 where it hangs in the air, or is not part of the circuit. */
    public double volts(Terminal terminal) {
        return nodes().has(terminal)
                ? solution.potential(terminal).map(Complex::norm).orElse(0.0)
                : 0;
    }

    /** The motor's leads that are hot. */
    public SortedSet<Terminal> hotLeads() {
        SortedSet<Terminal> hot = new TreeSet<>();
        circuit.motor().leads().stream().filter(this::isHot).forEach(hot::add);
        return hot;
    }

    /** A line is broken when no motor lead is joined to it. */
    public boolean isBroken(Terminal line) {
        return circuit.motor().leads().stream().noneMatch(lead -> outside.same(lead, line));
    }

    /** The role of what a wire carries: run or start circuit; empty when it carries nothing. */
    public Optional<Role> roleOf(Wire wire) {
        return amps(solution.current(wire))
                ? roleAcross(wire.from(), wire.to(), Optional.of(wire), Optional.empty())
                : Optional.empty();
    }

    /** The role of what a contact carries; empty when it is open or carries nothing. */
    public Optional<Role> roleOf(Contact contact) {
        return amps(solution.current(contact))
                ? roleAcross(contact.a(), contact.b(), Optional.empty(), Optional.of(contact))
                : Optional.empty();
    }

    private boolean amps(Complex current) {
        return !isShort() && current.norm() > NOTHING_AMPS;
    }

    /** Whether current passes between two terminals that are one point: where they part, nothing passes. */
    private Optional<Role> roleAcross(Terminal from, Terminal to, Optional<Wire> wire, Optional<Contact> contact) {
        Set<Terminal> fromSide = sideOf(from, wire, contact);
        Set<Terminal> toSide = fromSide.contains(to) ? fromSide : sideOf(to, wire, contact);
        return Optional.of(servesStartOnly(fromSide) || servesStartOnly(toSide) ? Role.START : Role.RUN);
    }

    /** All that is lit on a side serves the start circuit, and no line is there. */
    private boolean servesStartOnly(Set<Terminal> side) {
        return side.stream().noneMatch(Terminal::isLine)
                && lit.stream()
                        .filter(w -> side.contains(w.like()) || side.contains(w.other()))
                        .allMatch(w -> serves(w) == Role.START);
    }

    private Set<Terminal> sideOf(Terminal start, Optional<Wire> withoutWire, Optional<Contact> withoutContact) {
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

    private List<Terminal> neighbours(Terminal here, Optional<Wire> withoutWire, Optional<Contact> withoutContact) {
        List<Terminal> next = new ArrayList<>();
        for (Wire wire : circuit.wires()) {
            // two equal wires side by side are two wires: only this one is left out
            if (withoutWire.filter(w -> w == wire).isEmpty() && wire.lands(here)) {
                next.add(wire.from().equals(here) ? wire.to() : wire.from());
            }
        }
        for (Contact contact : circuit.chart().closedIn(setting)) {
            if (!withoutContact.equals(Optional.of(contact))
                    && (contact.a().equals(here) || contact.b().equals(here))) {
                next.add(contact.a().equals(here) ? contact.b() : contact.a());
            }
        }
        return next;
    }

    /** Every way through lit windings from L1 to L2 that meets no node twice; the first two dozen of them. */
    public List<List<Leg>> paths() {
        List<List<Leg>> paths = new ArrayList<>();
        if (!isShort()) {
            walk(outside.nodeOf(Terminal.L1), new HashSet<>(), new ArrayDeque<>(), paths);
        }
        return paths;
    }

    private void walk(Terminal node, Set<Terminal> seen, Deque<Leg> path, List<List<Leg>> paths) {
        if (paths.size() >= MOST_PATHS) {
            return;
        }
        if (node.equals(outside.nodeOf(Terminal.L2))) {
            List<Leg> legs = new ArrayList<>(path);
            java.util.Collections.reverse(legs);
            paths.add(List.copyOf(legs));
            return;
        }
        seen.add(node);
        for (Winding winding : lit) {
            Terminal a = outside.nodeOf(winding.like());
            Terminal b = outside.nodeOf(winding.other());
            if (a.equals(b) || !(a.equals(node) || b.equals(node))) {
                continue;
            }
            boolean forth = a.equals(node);
            if (!seen.contains(forth ? b : a)) {
                path.push(new Leg(
                        winding, forth ? winding.like() : winding.other(), forth ? winding.other() : winding.like()));
                walk(forth ? b : a, seen, path, paths);
                path.pop();
            }
        }
        seen.remove(node);
    }

    /** Whether a path passes what serves the start circuit. */
    public boolean isStartPath(List<Leg> path) {
        return path.stream().anyMatch(l -> serves(l.winding()) == Role.START);
    }
}
