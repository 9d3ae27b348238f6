package gatepin.core.bench;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.circuit.Wire.Run;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Wires as somebody laid them, in the order in which he did. What no hand can do is refused with the reason; everything else is allowed,
 * right or wrong: what it does is the engine's to say.
 *
 * @param wires the wires
 */
public record HandWiring(List<Wire> wires) {
    /** No bench holds more. */
    public static final int MOST_WIRES = 60;

    /** How many wires go under one screw (common practice: two, one on each side). */
    static final int UNDER_A_SCREW = 2;

    /** How many go into one wire nut, the largest that is usual (common practice). */
    static final int IN_A_NUT = 5;

    /** How many a supply conductor or a ground screw takes, by a connector of its own. */
    static final int ON_A_LINE = 4;

    /** Nuts that lie ready beside those in use. */
    private static final int SPARE_NUTS = 2;

    private static final int LEAST_NUTS = 4;

    public HandWiring {
        wires = List.copyOf(wires);
    }

    /** Nothing is laid yet. */
    public static final HandWiring NOTHING = new HandWiring(List.of());

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
        if (isLead(one) && isLead(other)) {
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
        if (isLead(terminal) && lies > 0) {
            Terminal where = wires.stream()
                    .filter(w -> w.lands(terminal))
                    .map(w -> far(w, terminal))
                    .findFirst()
                    .orElseThrow();
            return Optional.of(taken(terminal, where));
        }
        int most = isLead(terminal)
                ? 1
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
                : Reading.of(new HandWiring(left));
    }

    /** The same without any wire. */
    public HandWiring cleared() {
        return NOTHING;
    }

    private HandWiring plus(Wire wire) {
        List<Wire> more = new ArrayList<>(wires);
        more.add(wire);
        return new HandWiring(more);
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
