package gatepin.core.found;

import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Marks;
import gatepin.core.circuit.Nodes;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.diagram.Connection;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Leads;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The wiring as it was found.
 *
 * @param wires the wires, those set aside too
 * @param chart the switch they go to; without contacts where none is known yet
 */
public record FoundWiring(List<FoundWire> wires, ContactChart chart) {
    /** The near side of a pole: a device's name and 1, 3 or 5. */
    private static final Pattern POLE = Pattern.compile("(.+[ :.])([135])");

    /** A switch nobody knows yet. */
    public static final ContactChart NO_SWITCH = ContactChart.NONE;

    /** How much a difference from the diagram matters. */
    public enum Weight {
        /** The same point now, and after any change. */
        HARMLESS,
        /** The same point now, but not once voltage or links change. */
        MATTERS_LATER,
        /** Not the same point now. */
        DANGEROUS
    }

    /**
     * Where the wiring differs from the diagram.
     *
     * @param weight how much it matters
     * @param title what it is, as a sentence without its full stop
     * @param words why
     */
    public record Difference(Weight weight, String title, String words) {}

    /**
     * Which lead a wire belongs to.
     *
     * @param wire the wire
     * @param leads the leads it can be followed to
     * @param through what lies on the way: nothing, contacts, or the capacitor
     */
    public record Traced(FoundWire wire, SortedSet<String> leads, String through) {}

    public FoundWiring {
        wires = List.copyOf(wires);
    }

    /** The wires that belong to the motor's circuit. */
    public List<Wire> bench() {
        return wires.stream()
                .filter(w -> !w.isAside())
                .map(FoundWire::wire)
                .map(w -> {
                    Terminal from = onGear(w.from());
                    Terminal to = onGear(w.to());
                    // two names of one point are no wire
                    return from.equals(to) ? w : new Wire(from, to, w.run());
                })
                .toList();
    }

    /** A point that was written down as it is called, such as K1 2, is the terminal of that name where the gear has one. */
    private Terminal onGear(Terminal point) {
        if (point.equals(Terminal.SWITCH_FRAME)) {
            return chart.frame();
        }
        String name = point.mark().toUpperCase(Locale.ROOT).replaceAll("[ :]", ".");
        return point.is(Type.SPLICE)
                ? chart.terminals().stream()
                        .filter(t -> t.label().equals(name))
                        .findFirst()
                        .orElse(point)
                : point;
    }

    /** Wires that end on a motor lead the motor does not have, or on a switch terminal its chart does not know. */
    public List<Terminal> unknownEnds(Leads leads) {
        Set<Terminal> known = new HashSet<>(leads.terminals());
        known.addAll(chart.terminals());
        return bench().stream()
                .flatMap(w -> java.util.stream.Stream.of(w.from(), w.to()))
                .filter(t -> !t.isGround() && (t.is(Type.MOTOR) || t.isGear()))
                .filter(t -> !known.contains(t))
                .distinct()
                .toList();
    }

    /**
     * Follows each wire that carries no number, or whose number is not the lead it lands on, to the leads it belongs to:
     * through other wires, then through closed contacts of the switch and poles of contactors, then
     * through a capacitor.
     */
    public List<Traced> traced(Leads leads) {
        List<Traced> traced = new ArrayList<>();
        for (FoundWire wire : wires) {
            boolean lands = List.of(wire.oneEnd(), wire.otherEnd()).contains(leads.terminal(mark(wire)));
            if (wire.isAside() || lands || wire.wire().isGround()) {
                continue;
            }
            for (String through : List.of("", "contacts", "the capacitor")) {
                SortedSet<String> reached = reached(wire, leads, through);
                if (!reached.isEmpty()) {
                    traced.add(new Traced(wire, reached, through));
                    break;
                }
            }
        }
        return traced;
    }

    private static String mark(FoundWire wire) {
        return wire.mark().isBlank() ? "?" : wire.mark().toUpperCase(java.util.Locale.ROOT);
    }

    private SortedSet<String> reached(FoundWire wire, Leads leads, String through) {
        Set<Contact> closed = new LinkedHashSet<>();
        if (!through.isEmpty()) {
            for (HandlePosition position : HandlePosition.values()) {
                closed.addAll(chart.closedIn(position));
            }
        }
        List<Wire> joined = new ArrayList<>(bench());
        List<Terminal> tags = tags();
        if (through.equals("the capacitor") && tags.size() == 2) {
            joined.add(new Wire(tags.get(0), tags.get(1), Wire.Run.MOTOR_BOX));
        }
        if (!through.isEmpty()) {
            joined.addAll(poles());
        }
        Set<Terminal> terminals = new LinkedHashSet<>(leads.terminals());
        terminals.addAll(chart.terminals());
        joined.forEach(w -> terminals.addAll(List.of(w.from(), w.to())));
        terminals.addAll(List.of(onGear(wire.oneEnd()), onGear(wire.otherEnd())));
        Nodes nodes =
                Nodes.over(terminals).joinWires(joined).joinContacts(closed).build();
        SortedSet<String> reached = new TreeSet<>(Marks.NATURAL_ORDER);
        leads.terminals().stream()
                .filter(t -> nodes.same(t, onGear(wire.oneEnd())))
                .forEach(t -> reached.add(t.mark()));
        return reached;
    }

    /**
     * The poles of contactors and overload relays among the points: 1 and 2, 3 and 4, 5 and 6 of one device are the two sides
     * of a pole (IEC 60947-4-1 and EN 50005, from memory).
     */
    private List<Wire> poles() {
        List<Wire> poles = new ArrayList<>();
        Set<Terminal> points = new LinkedHashSet<>();
        bench().forEach(w -> points.addAll(List.of(w.from(), w.to())));
        for (Terminal point : points) {
            Matcher pole = POLE.matcher(point.mark());
            if (point.is(Type.SPLICE) && pole.matches()) {
                Terminal far = Terminal.splice(pole.group(1) + (Integer.parseInt(pole.group(2)) + 1));
                if (points.contains(far)) {
                    poles.add(new Wire(point, far, Wire.Run.SWITCH_BOX));
                }
            }
        }
        return poles;
    }

    /**
     * Holds the wiring against a column of the diagram.
     *
     * @param column the column for the voltage it was wired for
     * @param other the column for the other voltage, if it is read
     */
    public List<Difference> differences(Leads leads, Connection column, Optional<Connection> other) {
        List<Difference> differences = new ArrayList<>();
        for (HandlePosition position : positions()) {
            Set<SortedSet<Terminal>> there = groups(leads, position);
            boolean plain = there.equals(wanted(leads, column));
            boolean turned = there.equals(wanted(leads, column.reversed()));
            if (!plain && !turned) {
                differences.add(new Difference(
                        Weight.DANGEROUS,
                        "In " + position.word().toUpperCase(java.util.Locale.ROOT)
                                + " it is not what the diagram shows for " + column.volts() + " V",
                        "Other than the diagram: "
                                + unlike(there, wanted(leads, column), wanted(leads, column.reversed()))
                                + ". Do not power it before it is understood."));
            }
        }
        for (FoundWire wire : wires) {
            if (!wire.isAside() && leads.find(wire.mark()).isPresent()) {
                landing(wire, leads, column, other).ifPresent(differences::add);
            }
        }
        return differences;
    }

    /** The positions in which something is to be seen; without a switch there is one. */
    public List<HandlePosition> positions() {
        return chart.terminals().isEmpty()
                ? List.of(HandlePosition.FORWARD)
                : List.of(HandlePosition.FORWARD, HandlePosition.REVERSE);
    }

    /** Leads and lines that are one point in a position. */
    public Set<SortedSet<Terminal>> groups(Leads leads, HandlePosition position) {
        Set<Terminal> terminals = new LinkedHashSet<>(leads.terminals());
        terminals.addAll(chart.terminals());
        terminals.addAll(List.of(Terminal.L1, Terminal.L2));
        bench().forEach(w -> terminals.addAll(List.of(w.from(), w.to())));
        Nodes nodes = Nodes.over(terminals)
                .joinWires(bench())
                .joinWires(capacitorSeenThrough(leads))
                .joinContacts(chart.closedIn(position))
                .build();
        List<Terminal> points = new ArrayList<>(leads.terminals());
        points.add(Terminal.L1);
        points.add(Terminal.L2);
        return new HashSet<>(nodes.groupsAmong(points));
    }

    /** A diagram that names no capacitor leads leaves the capacitor out: what is on its two tags is one point to it. */
    private List<Wire> capacitorSeenThrough(Leads leads) {
        List<Terminal> tags = tags();
        boolean inDiagram = leads.all().stream().anyMatch(Lead::isCapacitorTag);
        return inDiagram || tags.size() != 2
                ? List.of()
                : List.of(new Wire(tags.get(0), tags.get(1), Wire.Run.MOTOR_BOX));
    }

    private List<Terminal> tags() {
        return bench().stream()
                .flatMap(w -> java.util.stream.Stream.of(w.from(), w.to()))
                .filter(t -> t.is(Type.CAPACITOR))
                .distinct()
                .sorted()
                .toList();
    }

    private static Set<SortedSet<Terminal>> wanted(Leads leads, Connection column) {
        Set<SortedSet<Terminal>> groups = new HashSet<>(column.groups(leads));
        for (Terminal lead : leads.terminals()) {
            if (column.groups(leads).stream().noneMatch(g -> g.contains(lead))) {
                groups.add(new TreeSet<>(Set.of(lead)));
            }
        }
        return groups;
    }

    private static String unlike(
            Set<SortedSet<Terminal>> there, Set<SortedSet<Terminal>> plain, Set<SortedSet<Terminal>> turned) {
        Set<SortedSet<Terminal>> nearer = common(there, plain) >= common(there, turned) ? plain : turned;
        List<String> words = new ArrayList<>();
        there.stream()
                .filter(g -> !nearer.contains(g))
                .map(g -> String.join(" + ", g.stream().map(Terminal::mark).toList()))
                .sorted()
                .forEach(words::add);
        return String.join("; ", words);
    }

    private static long common(Set<SortedSet<Terminal>> one, Set<SortedSet<Terminal>> other) {
        return one.stream().filter(other::contains).count();
    }

    /** A wire that does not land on the lead of its number. */
    private Optional<Difference> landing(FoundWire wire, Leads leads, Connection column, Optional<Connection> other) {
        Terminal own = leads.find(wire.mark()).orElseThrow().terminal();
        Optional<Terminal> sits = List.of(wire.oneEnd(), wire.otherEnd()).stream()
                .filter(t -> t.is(Type.MOTOR) && !t.isGround())
                .filter(t -> !t.equals(own))
                .findFirst();
        if (sits.isEmpty() || List.of(wire.oneEnd(), wire.otherEnd()).contains(own)) {
            return Optional.empty();
        }
        String on = sits.orElseThrow().mark();
        boolean now = together(leads, column, own, sits.orElseThrow());
        boolean later =
                other.map(o -> together(leads, o, own, sits.orElseThrow())).orElse(now);
        String title = "Wire " + own.mark() + " lands on " + on;
        if (!now) {
            return Optional.of(new Difference(
                    Weight.DANGEROUS, title, own.mark() + " and " + on + " are not one point in the diagram."));
        }
        return Optional.of(
                later
                        ? new Difference(
                                Weight.HARMLESS, title, "They are one point now, and on the other voltage, too.")
                        : new Difference(
                                Weight.MATTERS_LATER,
                                title,
                                "They are one point only while it is wired for " + column.volts() + " V. Land it on "
                                        + own.mark() + " before anything is changed."));
    }

    private static boolean together(Leads leads, Connection column, Terminal one, Terminal other) {
        return column.groups(leads).stream().anyMatch(g -> g.contains(one) && g.contains(other));
    }
}
