package gatepin.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Severity;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Element;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.Health;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/**
 * Capacitors and start switches of made-up motors of every family, inside the motor and beside it, stated by a plate and told by the parts
 * alone: what is right is good, and what is wrong is never all good.
 */
class CapacitorsTest {
    /** Motors 600 and up were held out while the limits were chosen. */
    private static final int FIRST = 0;

    private static final int TUNED = 120;
    private static final int HELD_OUT_FROM = 600;
    private static final int HELD_OUT = 60;

    private static final String CORRECTION = "C9";

    private static List<Wired> all = List.of();

    /** A motor on its plate's column. */
    private record Wired(String name, Circuit circuit, gatepin.core.machine.RatedPoint rated) {
        Wired with(String what, Circuit other) {
            return new Wired(name + ", " + what, other, rated);
        }

        List<Verdict> worse() {
            return Analysis.of(circuit, rated).verdicts().stream()
                    .filter(v -> v.severity() != Severity.GOOD)
                    .toList();
        }

        boolean switched() {
            return circuit.motor().has(Kind.START_SWITCH);
        }

        @Override
        public String toString() {
            return name;
        }
    }

    @BeforeAll
    static void make() {
        all = Stream.concat(
                        HealthyMotors.some(TUNED).stream().skip(FIRST),
                        java.util.stream.LongStream.range(HELD_OUT_FROM, HELD_OUT_FROM + HELD_OUT)
                                .mapToObj(HealthyMotors::madeUp)
                                .flatMap(java.util.Optional::stream))
                .flatMap(m -> Stream.of(m, m.givenPartByPart()))
                .map(m -> new Wired(
                        m.name(),
                        new Circuit(
                                m.motor(),
                                ContactChart.NONE,
                                m.supply(),
                                Feeder.STIFF,
                                m.connection().direct(m.leads())),
                        m.rated()))
                .flatMap(w -> Stream.of(w, w.with("capacitors beside it", beside(w.circuit()))))
                .toList();
    }

    /** The same circuit with every capacitor of the motor outside, between tags of its own, wired to leads that come out for it. */
    private static Circuit beside(Circuit circuit) {
        Motor motor = circuit.motor();
        Set<Terminal> leads = new LinkedHashSet<>(motor.leads());
        List<Wire> wires = new ArrayList<>(circuit.wires());
        List<Element> outside = new ArrayList<>();
        int tag = 0;
        for (Capacitor capacitor : motor.capacitors()) {
            Terminal a = Terminal.capacitor("X" + ++tag);
            Terminal b = Terminal.capacitor("X" + ++tag);
            outside.add(new Capacitor("C" + tag / 2, a, b, capacitor.microfarads(), capacitor.esrOhms()));
            wires.add(new Wire(a, out(capacitor.a()), Wire.Run.MOTOR_BOX));
            wires.add(new Wire(b, out(capacitor.b()), Wire.Run.MOTOR_BOX));
            leads.add(out(capacitor.a()));
            leads.add(out(capacitor.b()));
        }
        Motor open = new Motor(
                List.copyOf(leads),
                motor.coils().stream()
                        .map(c -> c.between(out(c.like()), out(c.other())))
                        .toList(),
                List.of(),
                motor.contacts().stream()
                        .map(c -> new InnerContact(c.name(), c.kind(), out(c.a()), out(c.b()), c.health()))
                        .toList(),
                motor.rotor());
        return new Circuit(open, circuit.chart(), circuit.supply(), circuit.feeder(), wires, outside);
    }

    private static Terminal out(Terminal terminal) {
        return terminal.device().equals(gatepin.core.circuit.Device.INSIDE)
                ? Terminal.motor("J" + terminal.mark().replaceAll("\\W", ""))
                : terminal;
    }

    private static Circuit capacitors(Circuit circuit, UnaryOperator<Capacitor> change) {
        Motor m = circuit.motor();
        return new Circuit(
                new Motor(
                        m.leads(),
                        m.coils(),
                        m.capacitors().stream().map(change).toList(),
                        m.contacts(),
                        m.rotor()),
                circuit.chart(),
                circuit.supply(),
                circuit.feeder(),
                circuit.wires(),
                circuit.outside().stream()
                        .map(e -> e instanceof Capacitor c ? (Element) change.apply(c) : e)
                        .toList());
    }

    private static Capacitor times(Capacitor c, double factor) {
        return new Capacitor(c.name(), c.a(), c.b(), c.microfarads() * factor, c.esrOhms() / factor);
    }

    /** Everything that is wrong of which the sound one is known to be good; each as circuits with a word for it. */
    private static Map<String, Circuit> wrongs(Circuit circuit) {
        Map<String, Circuit> wrong = new java.util.LinkedHashMap<>();
        List<Capacitor> capacitors = circuit.capacitors().stream()
                .filter(c -> !c.name().equals(CORRECTION))
                .toList();
        for (Capacitor one : capacitors) {
            for (double factor : new double[] {10, 0.1}) {
                wrong.put(
                        one.name() + " × " + factor,
                        capacitors(circuit, c -> c.name().equals(one.name()) ? times(c, factor) : c));
            }
        }
        if (capacitors.size() == 2
                && capacitors.get(0).microfarads() != capacitors.get(1).microfarads()) {
            double first = capacitors.get(0).microfarads();
            double second = capacitors.get(1).microfarads();
            wrong.put(
                    "capacitors exchanged",
                    capacitors(circuit, c -> times(c, c.microfarads() == first ? second / first : first / second)));
        }
        if (circuit.motor().has(Kind.START_SWITCH)) {
            wrong.put(
                    "start switch welded", circuit.with(circuit.motor().with(Kind.START_SWITCH, Health.STUCK_CLOSED)));
            Motor m = circuit.motor();
            wrong.put(
                    "no start switch at all",
                    circuit.with(new Motor(
                            m.leads(),
                            m.coils(),
                            m.capacitors(),
                            m.contacts().stream()
                                    .map(c -> c.kind() == Kind.START_SWITCH
                                            ? new InnerContact(c.name(), Kind.JOINT, c.a(), c.b(), Health.WORKS)
                                            : c)
                                    .toList(),
                            m.rotor())));
        }
        return wrong;
    }

    private static String figures(Function<Wired, Map<String, Circuit>> wrong, List<String> passed) {
        int tried = 0;
        for (Wired wired : all) {
            for (Map.Entry<String, Circuit> entry : wrong.apply(wired).entrySet()) {
                tried++;
                Wired w = wired.with(entry.getKey(), entry.getValue());
                if (w.worse().isEmpty()) {
                    passed.add(w.name());
                }
            }
        }
        return passed.size() + " of " + tried + " pass as good";
    }

    @Test
    @DisplayName("with its capacitors inside or beside it, stated or told by its parts, a sound motor is good")
    void soundIsGood() {
        assertThat(all).allSatisfy(w -> assertThat(w.worse()).as(w.name()).isEmpty());
    }

    @Test
    @DisplayName("a capacitor ten times or a tenth, exchanged ones, a welded start switch or none: never all good")
    void wrongIsFound() {
        List<String> passed = new ArrayList<>();
        String figures = figures(w -> wrongs(w.circuit()), passed);

        assertThat(passed).as(figures).isEmpty();
    }

    @Test
    @DisplayName(
            "a correction capacitor across the line is no part of the start branch, and takes nothing from what is found")
    void aCorrectionCapacitorIsLeftOut() {
        List<String> condemned = new ArrayList<>();
        for (Wired wired : all) {
            Circuit corrected = corrected(wired.circuit());
            Wired w = wired.with("corrected", corrected);
            assertThat(Analysis.of(corrected, w.rated()).verdicts())
                    .as(w.name())
                    .anyMatch(v -> v.rule() == Rule.CORRECTION_CAPACITOR);
            if (!w.worse().isEmpty()) {
                condemned.add(w + ": " + w.worse());
            }
        }
        assertThat(condemned).isEmpty();
        List<String> passed = new ArrayList<>();
        String figures = figures(w -> wrongs(corrected(w.circuit())), passed);
        assertThat(passed).as(figures).isEmpty();
    }

    private static Circuit corrected(Circuit circuit) {
        List<Element> outside = new ArrayList<>(circuit.outside());
        outside.add(new Capacitor(CORRECTION, Terminal.capacitor("K1"), Terminal.capacitor("K2"), 25, 0.5));
        List<Wire> wires = new ArrayList<>(circuit.wires());
        wires.add(new Wire(Terminal.capacitor("K1"), Terminal.L1, Wire.Run.SWITCH_BOX));
        wires.add(new Wire(Terminal.capacitor("K2"), Terminal.L2, Wire.Run.SWITCH_BOX));
        return new Circuit(circuit.motor(), circuit.chart(), circuit.supply(), circuit.feeder(), wires, outside);
    }

    @Test
    @DisplayName("two capacitors of twice the size in series are as good as one; the two of them in parallel are not")
    void twoInSeriesAreNotAdded() {
        int tried = 0;
        for (Wired wired : all) {
            Circuit circuit = wired.circuit();
            if (circuit.outside().size() != 1) {
                continue;
            }
            tried++;
            Capacitor one = (Capacitor) circuit.outside().get(0);
            Terminal middle = Terminal.capacitor("M");
            Circuit inSeries = new Circuit(
                    circuit.motor(),
                    circuit.chart(),
                    circuit.supply(),
                    circuit.feeder(),
                    circuit.wires(),
                    List.of(
                            new Capacitor("C1", one.a(), middle, 2 * one.microfarads(), one.esrOhms() / 2),
                            new Capacitor("C2", middle, one.b(), 2 * one.microfarads(), one.esrOhms() / 2)));
            assertThat(wired.with("two in series", inSeries).worse())
                    .as(wired.name())
                    .isEmpty();
            Circuit inParallel = new Circuit(
                    circuit.motor(),
                    circuit.chart(),
                    circuit.supply(),
                    circuit.feeder(),
                    circuit.wires(),
                    List.of(
                            new Capacitor("C1", one.a(), one.b(), 2 * one.microfarads(), one.esrOhms() / 2),
                            new Capacitor("C2", one.a(), one.b(), 2 * one.microfarads(), one.esrOhms() / 2)));
            if (wired.rated().stated().family().isPresent()) {
                assertThat(wired.with("four times as much", inParallel).worse())
                        .as(wired.name())
                        .isNotEmpty();
            }
        }
        assertThat(tried).isGreaterThan(100);
    }
}
