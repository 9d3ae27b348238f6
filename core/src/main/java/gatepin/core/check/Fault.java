package gatepin.core.check;

import gatepin.core.Sentence;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Element;
import gatepin.core.circuit.Health;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Resistor;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * One thing wrong with a wiring. Applied to the sound circuit it gives the circuit as it then is; what that does, and what a meter
 * shows on it, the engine says.
 */
public sealed interface Fault {
    /**
     * The circuit with this wrong. Wires keep their places in the list of wires, so that a second fault can be applied after the
     * first.
     */
    Circuit applyTo(Circuit circuit);

    /** A short word for it, unique among the faults of a circuit, the same whenever they are listed. */
    String key();

    /** What is wrong, as half a sentence. */
    Sentence words(Circuit circuit);

    /** How often such a thing happens beside the others (common practice): 1 is usual. */
    double oftenness();

    /** The terminals where it is to be looked for; empty where it is in no place that can be pointed at. */
    List<Terminal> places(Circuit circuit);

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
    record WireOut(int wire) implements Fault {
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

    /** A wire's end landed on another terminal of the same device. */
    record WireElsewhere(WireEnd end, Terminal on) implements Fault {
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
    record EndsExchanged(WireEnd one, WireEnd other) implements Fault {
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
    record Bridged(Terminal one, Terminal other, Bridge by) implements Fault {
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
    record ContactStuck(Contact contact, boolean open) implements Fault {
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
    record HandleSlipped(Setting in, Setting like) implements Fault {
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

    /** A contact inside the motor that no longer moves: start switch, protector, a joint that came loose. */
    record InnerStuck(String contact, boolean open) implements Fault {
        @Override
        public Circuit applyTo(Circuit circuit) {
            Motor m = circuit.motor();
            Health health = open ? Health.STUCK_OPEN : Health.STUCK_CLOSED;
            return circuit.with(new Motor(
                    m.leads(),
                    m.coils(),
                    m.capacitors(),
                    m.contacts().stream()
                            .map(c -> c.name().equals(contact) ? c.in(health) : c)
                            .toList(),
                    m.rotor()));
        }

        @Override
        public String key() {
            return (open ? "inner-open-" : "inner-closed-") + contact;
        }

        @Override
        public Sentence words(Circuit circuit) {
            return Sentence.of(open ? "fault.innerOpen" : "fault.innerClosed", contact);
        }

        @Override
        public double oftenness() {
            return open ? 0.5 : 0.4;
        }

        @Override
        public List<Terminal> places(Circuit circuit) {
            return circuit.motor().contacts().stream()
                    .filter(c -> c.name().equals(contact))
                    .flatMap((InnerContact c) -> List.of(c.a(), c.b()).stream())
                    .filter(circuit.motor().leads()::contains)
                    .toList();
        }
    }

    /** Something wrong in a winding. */
    record CoilBad(String coil, How how) implements Fault {
        /** What is wrong with it. */
        public enum How {
            OPEN(0.3),
            SHORTED(0.05),
            /** Some turns are burnt together. */
            SHORTED_TURNS(0.2),
            /** Its insulation to the frame is gone. */
            TO_FRAME(0.2),
            /** It is wound, or its ends are marked, the other way round. */
            TURNED(0.25);

            private final double oftenness;

            How(double oftenness) {
                this.oftenness = oftenness;
            }
        }

        @Override
        public Circuit applyTo(Circuit circuit) {
            Coil bad = Named.coil(circuit, coil);
            return switch (how) {
                case OPEN -> circuit.with(circuit.motor().with(coil, Coil.Health.OPEN));
                case SHORTED -> circuit.with(circuit.motor().with(coil, Coil.Health.SHORTED));
                case SHORTED_TURNS -> shortedTurns(circuit, bad);
                case TURNED -> replaced(circuit, bad, List.of(bad.turned()));
                case TO_FRAME -> {
                    List<Element> outside = new ArrayList<>(circuit.outside());
                    outside.add(new Resistor(coil + " to frame", bad.like(), Terminal.MOTOR_FRAME, TO_FRAME_OHMS));
                    yield new Circuit(
                            circuit.motor(),
                            circuit.chart(),
                            circuit.supply(),
                            circuit.feeder(),
                            circuit.wires(),
                            outside);
                }
            };
        }

        /** What is left of the winding, and beside it the burnt turns as a winding shorted on itself. */
        private static Circuit shortedTurns(Circuit circuit, Coil bad) {
            Terminal loop = Terminal.inside(bad.name() + BURNT_LOOP);
            Coil burnt = new Coil(
                    bad.name() + BURNT,
                    bad.role(),
                    loop,
                    loop,
                    bad.degrees(),
                    SHORTED_SHARE * bad.turns(),
                    SHORTED_SHARE * bad.ohms(),
                    SHORTED_SHARE * SHORTED_SHARE * bad.leakageOhms(),
                    SHORTED_SHARE * bad.ratedVolts(),
                    SHORTED_SHARE * bad.joulesPerKelvin());
            double left = 1 - SHORTED_SHARE;
            Coil sound = new Coil(
                    bad.name(),
                    bad.role(),
                    bad.like(),
                    bad.other(),
                    bad.degrees(),
                    left * bad.turns(),
                    left * bad.ohms(),
                    left * left * bad.leakageOhms(),
                    bad.ratedVolts(),
                    left * bad.joulesPerKelvin());
            return replaced(circuit, bad, List.of(sound, burnt));
        }

        private static Circuit replaced(Circuit circuit, Coil bad, List<Coil> by) {
            List<Coil> coils = new ArrayList<>();
            circuit.motor().coils().forEach(c -> coils.addAll(c.equals(bad) ? by : List.of(c)));
            return circuit.with(circuit.motor().withCoils(coils));
        }

        @Override
        public String key() {
            return "coil-" + coil + "-" + how.name().toLowerCase(Locale.ROOT);
        }

        @Override
        public Sentence words(Circuit circuit) {
            return Sentence.of("fault.coil." + how.name(), coil, Named.leads(circuit, coil));
        }

        @Override
        public double oftenness() {
            return how.oftenness;
        }

        @Override
        public List<Terminal> places(Circuit circuit) {
            return Named.leadsOf(circuit, coil);
        }
    }

    /** Two halves that are in each other's place: the leads of one are taken for those of the other. */
    record HalvesExchanged(String one, String other) implements Fault {
        @Override
        public Circuit applyTo(Circuit circuit) {
            Coil first = Named.coil(circuit, one);
            Coil second = Named.coil(circuit, other);
            return circuit.with(circuit.motor()
                    .withCoils(circuit.motor().coils().stream()
                            .map(c -> c.equals(first)
                                    ? first.between(second.like(), second.other())
                                    : c.equals(second) ? second.between(first.like(), first.other()) : c)
                            .toList()));
        }

        @Override
        public String key() {
            return "halves-" + one + "-" + other;
        }

        @Override
        public Sentence words(Circuit circuit) {
            return Sentence.of("fault.halvesExchanged", one, other);
        }

        @Override
        public double oftenness() {
            return 0.3;
        }

        @Override
        public List<Terminal> places(Circuit circuit) {
            List<Terminal> places = new ArrayList<>(Named.leadsOf(circuit, one));
            places.addAll(Named.leadsOf(circuit, other));
            return places;
        }
    }

    /** Something wrong with a capacitor. */
    record CapacitorBad(String capacitor, How how) implements Fault {
        /** What is wrong with it. */
        public enum How {
            OPEN(0.8),
            SHORTED(0.25),
            /** It has lost half of what is printed on it. */
            HALF(0.7);

            private final double oftenness;

            How(double oftenness) {
                this.oftenness = oftenness;
            }
        }

        @Override
        public Circuit applyTo(Circuit circuit) {
            return switch (how) {
                case OPEN -> changed(circuit, capacitor, c -> holding(c, NO_MICROFARADS));
                case HALF -> changed(circuit, capacitor, c -> holding(c, c.microfarads() / 2));
                case SHORTED -> {
                    Capacitor bad = Named.capacitor(circuit, capacitor);
                    List<InnerContact> contacts =
                            new ArrayList<>(circuit.motor().contacts());
                    contacts.add(new InnerContact(
                            capacitor + SHORTED_NAME, InnerContact.Kind.JOINT, bad.a(), bad.b(), Health.WORKS));
                    Motor m = circuit.motor();
                    yield circuit.with(new Motor(m.leads(), m.coils(), m.capacitors(), contacts, m.rotor()));
                }
            };
        }

        @Override
        public String key() {
            return "capacitor-" + capacitor + "-" + how.name().toLowerCase(Locale.ROOT);
        }

        @Override
        public Sentence words(Circuit circuit) {
            return Sentence.of("fault.capacitor." + how.name(), capacitor);
        }

        @Override
        public double oftenness() {
            return how.oftenness;
        }

        @Override
        public List<Terminal> places(Circuit circuit) {
            return Named.tagsOf(circuit, capacitor);
        }
    }

    /** Start and run capacitor in each other's place. */
    record CapacitorsExchanged(String one, String other) implements Fault {
        @Override
        public Circuit applyTo(Circuit circuit) {
            double first = Named.capacitor(circuit, one).microfarads();
            double second = Named.capacitor(circuit, other).microfarads();
            return changed(changed(circuit, one, c -> holding(c, second)), other, c -> holding(c, first));
        }

        @Override
        public String key() {
            return "capacitors-" + one + "-" + other;
        }

        @Override
        public Sentence words(Circuit circuit) {
            return Sentence.of("fault.capacitorsExchanged", one, other);
        }

        @Override
        public double oftenness() {
            return 0.4;
        }

        @Override
        public List<Terminal> places(Circuit circuit) {
            List<Terminal> places = new ArrayList<>(Named.tagsOf(circuit, one));
            places.addAll(Named.tagsOf(circuit, other));
            return places;
        }
    }

    /** A supply that is another than the wiring is made for: a wrong voltage, or the plug on a wrong outlet. */
    record OtherSupply(Supply supply, boolean outlet) implements Fault {
        @Override
        public Circuit applyTo(Circuit circuit) {
            return circuit.on(supply);
        }

        @Override
        public String key() {
            return (outlet ? "outlet-" : "supply-") + supply.volts() + "-" + supply.kind();
        }

        @Override
        public Sentence words(Circuit circuit) {
            return Sentence.of(outlet ? "fault.outlet" : "fault.supply", supply.volts());
        }

        @Override
        public double oftenness() {
            return outlet ? 0.3 : 0.4;
        }

        @Override
        public List<Terminal> places(Circuit circuit) {
            return List.of(Terminal.L1, Terminal.L2);
        }
    }

    /** Line and neutral are exchanged before the plug, in the outlet. */
    record OutletExchanged() implements Fault {
        @Override
        public Circuit applyTo(Circuit circuit) {
            // seen from the machine the same as both lines exchanged at its own end of the cord
            List<Wire> wires = circuit.wires().stream()
                    .map(w -> new Wire(exchanged(w.from()), exchanged(w.to()), w.run()))
                    .toList();
            return circuit.rewired(wires);
        }

        private static Terminal exchanged(Terminal terminal) {
            return terminal.equals(Terminal.L1) ? Terminal.L2 : terminal.equals(Terminal.L2) ? Terminal.L1 : terminal;
        }

        @Override
        public String key() {
            return "outlet-exchanged";
        }

        @Override
        public Sentence words(Circuit circuit) {
            return Sentence.of("fault.outletExchanged");
        }

        @Override
        public double oftenness() {
            return 0.2;
        }

        @Override
        public List<Terminal> places(Circuit circuit) {
            return List.of(Terminal.L1, Terminal.L2);
        }
    }

    /** The share of its turns that a winding loses when some are burnt together: what the nose does not smell yet. */
    double SHORTED_SHARE = 0.12;

    /** What the name of the burnt turns of a winding ends on. */
    String BURNT = " burnt turns";

    /** What the name of the point ends on where burnt turns meet. */
    String BURNT_LOOP = " burnt";

    /** What the name of the joint ends on that shorts a capacitor. */
    String SHORTED_NAME = " shorted";

    /** What is left of the insulation of a winding that went to the frame, Ω (made up: charred paper). */
    double TO_FRAME_OHMS = 150;

    /** So little that nothing flows. */
    double NO_MICROFARADS = 1e-6;

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

    private static Capacitor holding(Capacitor capacitor, double microfarads) {
        return new Capacitor(capacitor.name(), capacitor.a(), capacitor.b(), microfarads, capacitor.esrOhms());
    }

    private static Circuit changed(Circuit circuit, String name, UnaryOperator<Capacitor> change) {
        Motor m = circuit.motor();
        Motor motor = new Motor(
                m.leads(),
                m.coils(),
                m.capacitors().stream()
                        .map(c -> c.name().equals(name) ? change.apply(c) : c)
                        .toList(),
                m.contacts(),
                m.rotor());
        List<Element> outside = circuit.outside().stream()
                .map(e -> e instanceof Capacitor c && c.name().equals(name) ? change.apply(c) : e)
                .toList();
        return new Circuit(motor, circuit.chart(), circuit.supply(), circuit.feeder(), circuit.wires(), outside);
    }
}
