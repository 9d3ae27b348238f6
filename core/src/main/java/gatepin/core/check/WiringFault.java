package gatepin.core.check;

import gatepin.core.Sentence;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Element;
import gatepin.core.circuit.Health;
import gatepin.core.circuit.Resistor;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** Something wrong with wires, switch or contactors. */
public sealed interface WiringFault extends Fault {
    /** Which end of a wire. */
    enum End {
        FROM,
        TO;

        Terminal of(Wire wire) {
            return this == FROM ? wire.from() : wire.to();
        }

        private Wire moved(Wire wire, Terminal to) {
            return this == FROM ? new Wire(to, wire.to(), wire.run()) : new Wire(wire.from(), to, wire.run());
        }
    }

    /**
     * One end of one wire.
     *
     * @param wire its place in the list of wires
     * @param end which end
     */
    record WireEnd(int wire, End end) {
        Terminal in(Circuit circuit) {
            return end.of(circuit.wires().get(wire));
        }

        String key() {
            return wire + end.name().toLowerCase(Locale.ROOT);
        }
    }

    /** A wire that was left out, or holds at one end only. */
    record WireOut(int wire) implements WiringFault {
        @Override
        public Circuit applyTo(Circuit circuit) {
            Wire gone = circuit.wires().get(wire);
            // it hangs in the air: its place in the list stays
            return rewired(circuit, wire, End.TO.moved(gone, LOOSE_END.apply(wire)));
        }

        @Override
        public String key() {
            return "out-" + wire;
        }

        @Override
        public Sentence words(Circuit circuit) {
            Wire gone = circuit.wires().get(wire);
            return gone.isGround()
                    ? Sentence.of("fault.bondOut", Named.of(gone.from(), circuit), Named.of(gone.to(), circuit))
                    : gone.run() == Wire.Run.SWITCH_BOX
                            ? Sentence.of(
                                    "fault.jumperOut", Named.of(gone.from(), circuit), Named.of(gone.to(), circuit))
                            : Sentence.of(
                                    "fault.wireOut", Named.of(gone.from(), circuit), Named.of(gone.to(), circuit));
        }

        @Override
        public double oftenness() {
            return 1;
        }

        @Override
        public List<Terminal> places(Circuit circuit) {
            Wire gone = circuit.wires().get(wire);
            return List.of(gone.from(), gone.to());
        }
    }

    /** A joint that holds but does not conduct well: a loose screw, a strand that is left, rust under a ground screw. */
    record PoorJoint(int wire) implements WiringFault {
        @Override
        public Circuit applyTo(Circuit circuit) {
            Wire loose = circuit.wires().get(wire);
            Terminal hangs = LOOSE_END.apply(wire);
            List<Element> outside = new ArrayList<>(circuit.outside());
            outside.add(new Resistor("joint " + wire, hangs, loose.to(), POOR_OHMS));
            Circuit rewired = rewired(circuit, wire, End.TO.moved(loose, hangs));
            return new Circuit(
                    rewired.motor(), rewired.chart(), rewired.supply(), rewired.feeder(), rewired.wires(), outside);
        }

        @Override
        public String key() {
            return "poor-" + wire;
        }

        @Override
        public Sentence words(Circuit circuit) {
            Wire loose = circuit.wires().get(wire);
            return Sentence.of("fault.poorJoint", Named.of(loose.from(), circuit), Named.of(loose.to(), circuit));
        }

        @Override
        public double oftenness() {
            return 0.5;
        }

        @Override
        public List<Terminal> places(Circuit circuit) {
            Wire loose = circuit.wires().get(wire);
            return List.of(loose.from(), loose.to());
        }
    }

    /** A wire's end landed on another terminal of the same device. */
    record WireElsewhere(WireEnd end, Terminal on) implements WiringFault {
        @Override
        public Circuit applyTo(Circuit circuit) {
            return moved(circuit, end, on);
        }

        @Override
        public String key() {
            return "on-" + end.key() + "-" + on.id();
        }

        @Override
        public Sentence words(Circuit circuit) {
            Wire wire = circuit.wires().get(end.wire());
            Terminal far = end.end() == End.FROM ? wire.to() : wire.from();
            return Sentence.of(
                    "fault.wireElsewhere",
                    Named.of(far, circuit),
                    Named.of(on, circuit),
                    Named.of(end.in(circuit), circuit));
        }

        @Override
        public double oftenness() {
            return 0.4;
        }

        @Override
        public List<Terminal> places(Circuit circuit) {
            return List.of(end.in(circuit), on);
        }
    }

    /** Two wires' ends at one device that are in each other's place. */
    record EndsExchanged(WireEnd one, WireEnd other) implements WiringFault {
        @Override
        public Circuit applyTo(Circuit circuit) {
            Terminal first = one.in(circuit);
            return moved(moved(circuit, one, other.in(circuit)), other, first);
        }

        @Override
        public String key() {
            return "swap-" + one.key() + "-" + other.key();
        }

        @Override
        public Sentence words(Circuit circuit) {
            return Sentence.of(
                    "fault.endsExchanged", Named.of(one.in(circuit), circuit), Named.of(other.in(circuit), circuit));
        }

        @Override
        public double oftenness() {
            return 0.8;
        }

        @Override
        public List<Terminal> places(Circuit circuit) {
            return List.of(one.in(circuit), other.in(circuit));
        }
    }

    /** A strand, a drop of solder, a link left in: two points are joined that should not be. */
    record Bridged(Terminal one, Terminal other, Bridge by) implements WiringFault {
        /** What joins them. */
        public enum Bridge {
            /** A strand of a wire to its neighbour. */
            STRAND,
            /** A factory link or a link of the other voltage that was left in. */
            LINK,
            /** A strand or a nicked wire to the metal of the box. */
            METAL
        }

        @Override
        public Circuit applyTo(Circuit circuit) {
            List<Wire> wires = new ArrayList<>(circuit.wires());
            wires.add(new Wire(one, other, Wire.Run.SWITCH_BOX));
            return circuit.rewired(wires);
        }

        @Override
        public String key() {
            return by.name().toLowerCase(Locale.ROOT) + "-" + one.id() + "-" + other.id();
        }

        @Override
        public Sentence words(Circuit circuit) {
            return Sentence.of(
                    switch (by) {
                        case STRAND -> "fault.strand";
                        case LINK -> "fault.linkLeftIn";
                        case METAL -> "fault.toMetal";
                    },
                    Named.of(one, circuit),
                    Named.of(other, circuit));
        }

        @Override
        public double oftenness() {
            return switch (by) {
                case STRAND -> 0.3;
                case LINK -> 0.7;
                case METAL -> 0.15;
            };
        }

        @Override
        public List<Terminal> places(Circuit circuit) {
            return List.of(one, other);
        }
    }

    /** A contact of the gear that no longer moves. */
    record ContactStuck(Contact contact, boolean open) implements WiringFault {
        @Override
        public Circuit applyTo(Circuit circuit) {
            // beside a second fault there may be no setting left in which it closes
            return circuit.chart().contacts().contains(contact)
                    ? circuit.with(circuit.chart().with(contact, open ? Health.STUCK_OPEN : Health.STUCK_CLOSED))
                    : circuit;
        }

        @Override
        public String key() {
            return (open ? "open-" : "closed-") + contact.a().id() + "-"
                    + contact.b().id();
        }

        @Override
        public Sentence words(Circuit circuit) {
            return Sentence.of(
                    open ? "fault.contactOpen" : "fault.contactClosed",
                    Named.of(contact.a(), circuit),
                    Named.of(contact.b(), circuit));
        }

        @Override
        public double oftenness() {
            return open ? 0.4 : 0.1;
        }

        @Override
        public List<Terminal> places(Circuit circuit) {
            return List.of(contact.a(), contact.b());
        }
    }

    /** A handle that slipped on its shaft: in one setting the contacts are those of another. */
    record HandleSlipped(Setting in, Setting like) implements WiringFault {
        @Override
        public Circuit applyTo(Circuit circuit) {
            ContactChart chart = circuit.chart();
            Map<Setting, Set<Contact>> closed = new LinkedHashMap<>(chart.closed());
            closed.put(in, new LinkedHashSet<>(chart.closedIn(like)));
            return circuit.with(new ContactChart(chart.terminals(), closed));
        }

        @Override
        public String key() {
            return "slip-" + in.word() + "-" + like.word();
        }

        @Override
        public Sentence words(Circuit circuit) {
            return Sentence.of("fault.handleSlipped", in.title(), like.title());
        }

        @Override
        public double oftenness() {
            return 0.05;
        }

        @Override
        public List<Terminal> places(Circuit circuit) {
            return List.of();
        }
    }

    /** What a poor joint resists, Ω (made up: some ohms; 1 Ω in a ground is a finding by common practice). */
    double POOR_OHMS = 2;

    /** Where the end of a wire hangs that was left out: in the air. */
    java.util.function.IntFunction<Terminal> LOOSE_END = wire -> Terminal.inside("loose " + wire);

    private static Circuit rewired(Circuit circuit, int at, Wire by) {
        List<Wire> wires = new ArrayList<>(circuit.wires());
        wires.set(at, by);
        return circuit.rewired(wires);
    }

    private static Circuit moved(Circuit circuit, WireEnd end, Terminal to) {
        Wire wire = circuit.wires().get(end.wire());
        Terminal far = end.end() == End.FROM ? wire.to() : wire.from();
        // a wire with both ends on one terminal joins nothing
        return rewired(
                circuit,
                end.wire(),
                far.equals(to)
                        ? new Wire(to, LOOSE_END.apply(end.wire()), wire.run())
                        : end.end().moved(wire, to));
    }
}
