package gatepin.core.bench;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Element;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.circuit.Wire.Run;
import gatepin.core.gear.SwitchKind;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Wires as somebody laid them, in the order in which he did. What no hand can do is refused with the reason; everything else is allowed,
 * right or wrong: what it does is the engine's to say.
 *
 * @param wires the wires
 * @param added the devices that were put beside the switch
 * @param studs the leads end on a board of studs: a wire from stud to stud is a link
 */
public record HandWiring(List<Wire> wires, List<Added> added, boolean studs) {
    /** No bench holds more. */
    public static final int MOST_WIRES = 60;

    /** How many wires go under one screw (common practice: two, one on each side). */
    static final int UNDER_A_SCREW = 2;

    /** How many go into one wire nut, the largest that is usual (common practice). */
    static final int IN_A_NUT = 5;

    /** How many a supply conductor or a ground screw takes, by a connector of its own. */
    static final int ON_A_LINE = 4;

    /** What lies on a stud at most: two links and a wire (common practice). */
    static final int ON_A_STUD = 3;

    /** No bench holds more devices beside the switch: the sheet must stay readable. */
    public static final int MOST_ADDED = 4;

    /** Nuts that lie ready beside those in use. */
    private static final int SPARE_NUTS = 2;

    private static final int LEAST_NUTS = 4;

    public HandWiring {
        wires = List.copyOf(wires);
        added = List.copyOf(added);
    }

    /** Wires of leads that hang loose, with nothing added. */
    public HandWiring(List<Wire> wires) {
        this(wires, List.of(), false);
    }

    /** Nothing is laid yet. */
    public static final HandWiring NOTHING = new HandWiring(List.of());

    /** A switch as it comes out of its carton: the links that its maker fitted are in. */
    public static HandWiring newOn(SwitchKind kind) {
        return new HandWiring(kind.links().stream()
                .map(l -> wire(l.a(), l.b()))
                .sorted(Comparator.comparing(Wire::key))
                .toList());
    }

    /** The same on a motor whose leads end on studs. */
    public HandWiring onStuds() {
        return new HandWiring(wires, added, true);
    }

    /** A wire between two points, its ends in order and lying where such a wire lies. */
    public static Wire wire(Terminal one, Terminal other) {
        Terminal from =
                depth(one) < depth(other) || depth(one) == depth(other) && one.compareTo(other) < 0 ? one : other;
        Terminal to = from.equals(one) ? other : one;
        return new Wire(from, to, run(from, to));
    }

    /** How far from the motor a point is: leads first, the supply last. */
    private static int depth(Terminal terminal) {
        return switch (terminal.device().type()) {
            case MOTOR -> 0;
            case CAPACITOR -> 1;
            case SPLICE -> 2;
            case INSIDE, SWITCH, CONTACTOR, OVERLOAD_RELAY, BUTTONS, BOX, DISCONNECT -> 3;
            case SUPPLY -> 4;
        };
    }

    private static Run run(Terminal from, Terminal to) {
        boolean inTheMotor = depth(from) < 3;
        if (depth(to) == 4) {
            return inTheMotor ? Run.MOTOR_CABLE : Run.SUPPLY_CABLE;
        }
        return inTheMotor ? depth(to) < 3 ? Run.MOTOR_BOX : Run.MOTOR_CABLE : Run.SWITCH_BOX;
    }

    /**
     * The same with two points joined. Two leads are joined in a nut: that of one of them, or else the first that is free.
     *
     * @param points every point there is
     * @return what is then; or why no hand can do that, the field being the second point
     */
    public Reading<HandWiring> join(Terminal one, Terminal other, Collection<Terminal> points) {
        for (Terminal end : List.of(one, other)) {
            if (!points.contains(end)) {
                return refused(end, "There is no " + end.label() + " on this bench.");
            }
        }
        if (one.equals(other)) {
            return refused(other, "A wire from " + one.label() + " to itself joins nothing. Choose another point.");
        }
        if (!studs && isLead(one) && isLead(other)) {
            return inANut(one, other);
        }
        Wire wire = wire(one, other);
        if (wires.stream().anyMatch(w -> joins(w, one, other))) {
            return refused(other, one.label() + " and " + other.label() + " are joined by a wire already.");
        }
        Optional<Reading<HandWiring>> full = full(one).or(() -> full(other));
        if (full.isPresent()) {
            return full.get();
        }
        if (wires.size() >= MOST_WIRES) {
            return refused(other, "No more than " + MOST_WIRES + " wires lie on one bench. Take one off first.");
        }
        return Reading.of(plus(wire));
    }

    private Reading<HandWiring> inANut(Terminal one, Terminal other) {
        Optional<Terminal> first = nutOf(one);
        Optional<Terminal> second = nutOf(other);
        if (first.isPresent() && first.equals(second)) {
            return refused(other, one.label() + " and " + other.label() + " are in one nut already.");
        }
        for (Terminal lead : List.of(one, other)) {
            Optional<Terminal> elsewhere = wires.stream()
                    .filter(w -> w.lands(lead))
                    .map(w -> far(w, lead))
                    .filter(t -> !t.is(Type.SPLICE))
                    .findFirst();
            if (elsewhere.isPresent()) {
                return taken(lead, elsewhere.get());
            }
        }
        if (first.isPresent() && second.isPresent()) {
            return join(first.get(), second.get(), List.of(first.get(), second.get()));
        }
        Terminal nut = first.or(() -> second).orElseGet(this::freeNut);
        HandWiring with = this;
        for (Terminal lead : List.of(one, other)) {
            if (nutOf(lead).isEmpty()) {
                Optional<Reading<HandWiring>> full = with.full(nut);
                if (full.isPresent() || with.wires.size() >= MOST_WIRES) {
                    return full.orElseGet(
                            () -> refused(other, "No more than " + MOST_WIRES + " wires lie on one bench."));
                }
                with = with.plus(wire(lead, nut));
            }
        }
        return Reading.of(with);
    }

    private Optional<Terminal> nutOf(Terminal lead) {
        return wires.stream()
                .filter(w -> w.lands(lead))
                .map(w -> far(w, lead))
                .filter(t -> t.is(Type.SPLICE))
                .findFirst();
    }

    private Terminal freeNut() {
        int number = 1;
        while (count(Terminal.splice("X" + number)) > 0) {
            number++;
        }
        return Terminal.splice("X" + number);
    }

    private Optional<Reading<HandWiring>> full(Terminal terminal) {
        int lies = count(terminal);
        if (isLead(terminal) && lies > 0 && !studs) {
            Terminal where = wires.stream()
                    .filter(w -> w.lands(terminal))
                    .map(w -> far(w, terminal))
                    .findFirst()
                    .orElseThrow();
            return Optional.of(taken(terminal, where));
        }
        int most = isLead(terminal)
                ? studs ? ON_A_STUD : 1
                : terminal.is(Type.SPLICE)
                        ? IN_A_NUT
                        : terminal.is(Type.SUPPLY) || terminal.isFrame() ? ON_A_LINE : UNDER_A_SCREW;
        return lies < most
                ? Optional.empty()
                : Optional.of(refused(
                        terminal,
                        terminal.label() + " is full: " + most
                                + " wires lie there already. Take one off, or join in a nut."));
    }

    private static Reading<HandWiring> taken(Terminal lead, Terminal where) {
        return refused(
                lead,
                "The lead " + lead.label() + " lies on " + where.label()
                        + " already, and has one end only. Take it off first, or bring a wire to where it lies.");
    }

    /** The same without a wire between two points; refused where there is none. */
    public Reading<HandWiring> part(Terminal one, Terminal other) {
        List<Wire> left = wires.stream().filter(w -> !joins(w, one, other)).toList();
        return left.size() == wires.size()
                ? refused(other, "No wire joins " + one.label() + " and " + other.label() + ".")
                : Reading.of(new HandWiring(left, added, studs));
    }

    /** The same without any wire; what was added stays where it stands. */
    public HandWiring cleared() {
        return new HandWiring(List.of(), added, studs);
    }

    /**
     * The same with a device more; refused where there is no room, or no such capacitor. The field is {@code device} or {@code microfarads}.
     *
     * @param points every point there is
     */
    public Reading<HandWiring> with(Added.Kind kind, double microfarads, Collection<Terminal> points) {
        if (added.size() >= MOST_ADDED) {
            return Reading.failed(List.of(new Problem(
                    "device", kind.title(), "No more than " + MOST_ADDED + " of them. Take one away first.")));
        }
        if (kind == Added.Kind.CAPACITOR && !(microfarads > 0 && microfarads <= Added.MOST_MICROFARADS)) {
            return Reading.failed(List.of(new Problem(
                    "microfarads",
                    "" + microfarads,
                    "Give its µF, more than 0 and at most " + Math.round(Added.MOST_MICROFARADS) + ".")));
        }
        Set<String> taken = new LinkedHashSet<>();
        points.forEach(p -> taken.add(p.device().name()));
        added.forEach(a -> taken.add(a.name()));
        List<Added> more = new ArrayList<>(added);
        more.add(new Added(Added.freeName(kind, taken), kind, 0, kind == Added.Kind.CAPACITOR ? microfarads : 0));
        return Reading.of(new HandWiring(wires, more, studs));
    }

    /** The same without a device and the wires on it; refused where there is none of that name. */
    public Reading<HandWiring> without(String name) {
        if (added.stream().noneMatch(a -> a.name().equals(name))) {
            return none(name);
        }
        return Reading.of(new HandWiring(
                wires.stream().filter(w -> !isOn(w, name)).toList(),
                added.stream().filter(a -> !a.name().equals(name)).toList(),
                studs));
    }

    private static boolean isOn(Wire wire, String name) {
        return wire.from().device().name().equals(name)
                || wire.to().device().name().equals(name);
    }

    /** The same with a device thrown to one of its stands; refused where there is none of that name or no such stand. */
    public Reading<HandWiring> thrown(String name, int stand) {
        Optional<Added> moved = added.stream()
                .filter(a -> a.name().equals(name))
                .filter(a -> stand >= 0 && stand < a.kind().stands().size())
                .findFirst();
        return moved.isEmpty()
                ? none(name)
                : Reading.of(new HandWiring(
                        wires,
                        added.stream()
                                .map(a -> a.name().equals(name) ? a.at(stand) : a)
                                .toList(),
                        studs));
    }

    private static Reading<HandWiring> none(String name) {
        return Reading.failed(
                List.of(new Problem("device", name, "There is no " + name + " on this bench, or it cannot stand so.")));
    }

    /** The circuit that these wires make of another's motor and gear, with what was added. */
    public Circuit in(Circuit circuit, Optional<SwitchKind> own) {
        ContactChart chart = Added.beside(own, added).map(SwitchKind::chart).orElse(ContactChart.NONE);
        return new Circuit(
                circuit.motor(),
                chart,
                circuit.supply(),
                circuit.feeder(),
                wires,
                added.stream()
                        .flatMap(a -> a.capacitor().stream())
                        .map(Element.class::cast)
                        .toList());
    }

    private HandWiring plus(Wire wire) {
        List<Wire> more = new ArrayList<>(wires);
        more.add(wire);
        return new HandWiring(more, added, studs);
    }

    private int count(Terminal terminal) {
        return (int) wires.stream().filter(w -> w.lands(terminal)).count();
    }

    private static boolean isLead(Terminal terminal) {
        return terminal.is(Type.MOTOR) && !terminal.isFrame();
    }

    private static boolean joins(Wire wire, Terminal one, Terminal other) {
        return wire.lands(one) && wire.lands(other);
    }

    private static Terminal far(Wire wire, Terminal here) {
        return wire.from().equals(here) ? wire.to() : wire.from();
    }

    /** The nuts that lie on the bench: those in use, and some that lie ready. */
    public List<Terminal> nuts() {
        Set<Terminal> nuts = new LinkedHashSet<>();
        int used = 0;
        for (Wire wire : wires) {
            for (Terminal end : List.of(wire.from(), wire.to())) {
                if (end.is(Type.SPLICE)) {
                    used = Math.max(used, number(end));
                    nuts.add(end);
                }
            }
        }
        for (int i = 1; i <= Math.max(LEAST_NUTS, used + SPARE_NUTS); i++) {
            nuts.add(Terminal.splice("X" + i));
        }
        return nuts.stream().sorted().toList();
    }

    private static int number(Terminal nut) {
        return nut.mark().matches("X[0-9]{1,2}") ? Integer.parseInt(nut.mark().substring(1)) : 0;
    }

    private static Reading<HandWiring> refused(Terminal where, String why) {
        return Reading.failed(List.of(new Problem(where.id(), where.label(), why)));
    }
}
