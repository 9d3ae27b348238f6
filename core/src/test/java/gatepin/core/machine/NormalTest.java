package gatepin.core.machine;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Element;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.Health;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Rotor;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.circuit.Wire;
import gatepin.core.plate.MotorFamily;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** What is normal is kept for wirings asked for one after another: it may hang on nothing that is not part of what it is kept by. */
class NormalTest {
    private static final Terminal[] T = {
        Terminal.motor("T1"),
        Terminal.motor("T2"),
        Terminal.motor("T5"),
        Terminal.motor("T8"),
        Terminal.inside("s"),
        Terminal.motor("T3"),
        Terminal.motor("T4")
    };

    /** What differs from one to the next: one thing at a time, on the same motor. */
    private record Asked(Circuit circuit, RatedPoint rated) {
        String figures() {
            Normal normal = Normal.of(circuit, rated);
            List<Object> all = new ArrayList<>(List.of(
                    normal.family(), normal.ownVolts(), normal.lineAmps(), normal.startNm(), normal.seriesOhms()));
            circuit.motor().coils().forEach(c -> {
                all.add(normal.amps(c));
                all.add(normal.volts(c));
                all.add(normal.runningAmps(c));
            });
            circuit.capacitors().forEach(c -> all.add(normal.isOfStartBranch(c)));
            return all.toString();
        }
    }

    private static Wire wire(Terminal from, Terminal to) {
        return new Wire(from, to, Wire.Run.MOTOR_CABLE);
    }

    private static Circuit circuit(Random random, int lying, double more, int volts, int hertz) {
        Motor motor = new Motor(
                List.of(T[0], T[1], T[2], T[3], T[5], T[6]),
                List.of(
                        new Coil(
                                "run 1",
                                Role.RUN,
                                T[0],
                                T[1],
                                0,
                                1,
                                1.4 + random.nextDouble(),
                                2,
                                115,
                                300,
                                Coil.Health.SOUND),
                        new Coil(
                                "run 2",
                                Role.RUN,
                                T[5],
                                T[6],
                                0,
                                1,
                                1.4 + random.nextDouble(),
                                2,
                                115,
                                300,
                                Coil.Health.SOUND),
                        new Coil(
                                "start 1",
                                Role.START,
                                T[2],
                                T[4],
                                90,
                                1.3,
                                4 + random.nextDouble(),
                                3,
                                115,
                                100,
                                Coil.Health.SOUND)),
                List.of(),
                List.of(new InnerContact("start switch", InnerContact.Kind.START_SWITCH, T[4], T[3], Health.WORKS)),
                new Rotor(4, 60, 1.5, 1.4, 30, 20, 0.004));
        // the same two capacitors: by their wires in series, in parallel, or one of them across the lines
        Terminal[] a = {Terminal.capacitor("1"), Terminal.capacitor("2")};
        Terminal[] b = {Terminal.capacitor("3"), Terminal.capacitor("4")};
        List<Element> outside =
                List.of(new Capacitor("a", a[0], a[1], 200 + more, 0.2), new Capacitor("b", b[0], b[1], 300, 0.2));
        List<Wire> wires = new ArrayList<>(List.of(
                wire(T[0], Terminal.L1),
                wire(T[1], Terminal.L2),
                wire(T[5], Terminal.L1),
                wire(T[6], Terminal.L2),
                wire(T[2], Terminal.L1),
                wire(T[3], a[0])));
        switch (lying) {
            case 0 -> wires.addAll(List.of(wire(a[1], b[0]), wire(b[1], Terminal.L2)));
            case 1 -> wires.addAll(List.of(wire(a[0], b[0]), wire(a[1], b[1]), wire(b[1], Terminal.L2)));
            default -> wires.addAll(List.of(wire(a[1], Terminal.L2), wire(b[0], Terminal.L1), wire(b[1], Terminal.L2)));
        }
        return new Circuit(
                motor,
                ContactChart.NONE,
                new Supply(volts, hertz, Supply.Kind.HOT_AND_NEUTRAL),
                Feeder.STIFF,
                wires,
                outside);
    }

    private static RatedPoint rated(double slip, Optional<MotorFamily> family) {
        return new RatedPoint(slip, 2, new Stated(List.of(), family, Optional.empty(), Optional.empty()));
    }

    @Test
    @DisplayName("in whatever order they are asked for, kept or worked out anew, the answers are the same")
    void whateverTheOrder() {
        List<Asked> all = new ArrayList<>();
        for (int seed = 0; seed < 14; seed++) {
            for (int lying = 0; lying < 3; lying++) {
                for (int hertz : new int[] {50, 60}) {
                    all.add(new Asked(circuit(new Random(seed), lying, 0, 115, hertz), rated(0.04, Optional.empty())));
                }
                all.add(new Asked(circuit(new Random(seed), lying, 0, 230, 60), rated(0.04, Optional.empty())));
                all.add(new Asked(circuit(new Random(seed), lying, 90, 115, 60), rated(0.04, Optional.empty())));
                all.add(new Asked(circuit(new Random(seed), lying, 0, 115, 60), rated(0.08, Optional.empty())));
                all.add(new Asked(
                        circuit(new Random(seed), lying, 0, 115, 60),
                        rated(0.04, Optional.of(MotorFamily.PERMANENT_SPLIT_CAPACITOR))));
            }
        }
        Map<Integer, String> first = new LinkedHashMap<>();
        for (int i = 0; i < all.size(); i++) {
            first.put(i, all.get(i).figures());
        }
        assertThat(first.values().stream().distinct().count())
                .as("they differ, or this shows nothing")
                .isGreaterThan(all.size() / 2);
        List<Integer> order = new ArrayList<>(first.keySet());
        Collections.shuffle(order, new Random(5));
        for (int i : order) {
            assertThat(all.get(i).figures()).as("%d", i).isEqualTo(first.get(i));
        }
    }
}
