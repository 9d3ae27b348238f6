package gatepin.web.bench;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.bench.Added;
import gatepin.core.bench.HandWiring;
import gatepin.core.circuit.Terminal;
import gatepin.core.gear.SwitchKind;
import java.util.List;
import org.junit.jupiter.api.Test;

/** How a step on the bench is kept. */
class BenchStoreTest {
    @Test
    void whatWasLaidIsReadBackTheSame() {
        List<Terminal> points = SwitchKind.TWO_TIER.chart().terminals();
        HandWiring wiring = HandWiring.newOn(SwitchKind.TWO_TIER).onStuds();
        for (Added.Kind kind : Added.Kind.values()) {
            wiring = wiring.with(kind, 12.5, points).value().orElseThrow();
        }
        wiring = wiring.thrown("Q2", 1).value().orElseThrow();
        assertThat(BenchStore.read(BenchStore.write(wiring))).isEqualTo(wiring);
        assertThat(BenchStore.read(BenchStore.write(HandWiring.NOTHING))).isEqualTo(HandWiring.NOTHING);
    }

    @Test
    void whatAFileSaysThatIsNoWireAndNoDeviceIsLeftOut() {
        HandWiring read = BenchStore.read(String.join(
                "\n",
                "motor.T1\tS1.1",
                "no wire at all",
                "<b>\tS1.1",
                "motor.T1\tS1.2\tS1.3",
                "+Q2\tDISCONNECT\t7\t0",
                "+Q2\tROCKET\t0\t0",
                "+S1\tDISCONNECT\t0\t0",
                "+capacitor2\tCAPACITOR\t0\tNaN",
                "+K9",
                "+K3\tCONTACTOR\t1\t0.0"));
        assertThat(read.wires()).hasSize(1);
        assertThat(read.added()).extracting(Added::name).containsExactly("K3");
    }
}
