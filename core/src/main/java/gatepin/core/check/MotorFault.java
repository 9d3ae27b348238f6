package gatepin.core.check;

import gatepin.core.Sentence;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.Element;
import gatepin.core.circuit.Health;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Resistor;
import gatepin.core.circuit.Terminal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;

/** Something wrong in the motor, or with its capacitors. */
public sealed interface MotorFault extends Fault {
    /** A contact inside the motor that no longer moves: start switch, protector, a joint that came loose. */
    record InnerStuck(String contact, boolean open) implements MotorFault {
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
    record CoilBad(String coil, How how) implements MotorFault {
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
    record HalvesExchanged(String one, String other) implements MotorFault {
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
    record CapacitorBad(String capacitor, How how) implements MotorFault {
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
    record CapacitorsExchanged(String one, String other) implements MotorFault {
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
