package gatepin.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** A network that is made like another one gives bit for bit what one of its own gives. */
class NetworkShapeTest {
    private static final Terminal[] T = {
        Terminal.motor("T1"), Terminal.motor("T4"), Terminal.motor("T5"), Terminal.motor("T8"), Terminal.inside("c")
    };

    private static Circuit circuit(Random random, List<Wire> wires) {
        List<Coil> coils = List.of(
                new Coil(
                        "run 1",
                        Winding.Role.RUN,
                        T[0],
                        T[1],
                        0,
                        1,
                        1 + random.nextDouble(),
                        2 + random.nextDouble(),
                        115,
                        300,
                        Coil.Health.SOUND),
                new Coil(
                        "start 1",
                        Winding.Role.START,
                        T[2],
                        T[4],
                        90,
                        1 + random.nextDouble(),
                        3 + 4 * random.nextDouble(),
                        3 + random.nextDouble(),
                        115,
                        100,
                        Coil.Health.SOUND));
        Capacitor capacitor = new Capacitor("start", T[4], T[3], 50 + 300 * random.nextDouble(), 0.3);
        Rotor rotor = new Rotor(4, 60, 1 + random.nextDouble(), 1 + random.nextDouble(), 30, 30, 0.004);
        return new Circuit(
                new Motor(List.of(T[0], T[1], T[2], T[3]), coils, List.of(capacitor), List.of(), rotor),
                ContactChart.NONE,
                new Supply(115, 60, Supply.Kind.HOT_AND_NEUTRAL),
                Feeder.STIFF,
                wires,
                List.of());
    }

    private static Wire wire(Terminal from, Terminal to) {
        return new Wire(from, to, Wire.Run.MOTOR_CABLE);
    }

    private static List<Wire> some(Random random) {
        List<Wire> wires = new ArrayList<>();
        for (int t = 0; t < 4; t++) {
            if (random.nextInt(8) > 0) {
                wires.add(wire(T[t], random.nextBoolean() ? Terminal.L1 : Terminal.L2));
            }
        }
        return wires;
    }

    @Test
    @DisplayName("300 wirings, sound or not, each with other values one after another")
    void theSame() {
        for (int seed = 0; seed < 300; seed++) {
            Random random = new Random(seed);
            List<Wire> wires = some(random);
            Optional<AcNetwork> before = Optional.empty();
            for (int values = 0; values < 4; values++) {
                Circuit circuit = circuit(random, wires);
                AcNetwork like = AcNetwork.like(before, circuit, State.atRest(HandlePosition.FORWARD));
                AcNetwork own = AcNetwork.of(circuit, State.atRest(HandlePosition.FORWARD));
                for (double slip : new double[] {1, 0.3, 0.04}) {
                    AcSolution one = like.at(slip);
                    AcSolution other = own.at(slip);
                    assertThat(one.torqueNm()).isEqualTo(other.torqueNm());
                    assertThat(one.lineAmps()).isEqualTo(other.lineAmps());
                    circuit.elements().forEach(e -> {
                        assertThat(one.current(e)).isEqualTo(other.current(e));
                        assertThat(one.voltage(e)).isEqualTo(other.voltage(e));
                    });
                }
                before = Optional.of(like);
            }
        }
    }

    @Test
    @DisplayName("what is wired otherwise is refused")
    void otherwise() {
        Random random = new Random(1);
        List<Wire> straight = List.of(wire(T[0], Terminal.L1), wire(T[1], Terminal.L2));
        AcNetwork network = AcNetwork.of(circuit(random, straight), State.atRest(HandlePosition.FORWARD));
        for (List<Wire> others : List.of(
                List.of(wire(T[0], Terminal.L2), wire(T[1], Terminal.L1)),
                List.of(wire(T[0], Terminal.L1)),
                List.<Wire>of())) {
            assertThatThrownBy(() -> network.like(circuit(random, others)))
                    .isInstanceOf(IllegalArgumentException.class)
                    .hasMessageContaining("wired otherwise");
        }
    }
}
