package gatepin.web.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.Wire;
import gatepin.core.gear.SwitchKind;
import gatepin.core.plan.MadeUpWorld;
import gatepin.core.plan.Plan;
import gatepin.core.plan.Planner;
import gatepin.core.plan.RunningConnections;
import gatepin.core.plan.Sweep;
import gatepin.core.plan.WorkingOrder;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Pictures hold what they promise: right angles, nothing crossed that may not be, each wire where it belongs. */
@Execution(ExecutionMode.CONCURRENT)
class DrawingTest {
    static List<Sweep.Wired> diagrams() {
        return Sweep.all();
    }

    private static List<Drawing> drawn(Sweep.Wired motor, SwitchKind kind, List<Wire> wires) {
        Circuit circuit = new Circuit(motor.motor(), kind.chart(), motor.supply(), Feeder.USUAL, wires);
        return new WiringPicture(motor.leads(), Optional.of(kind), circuit, wires).draw();
    }

    private static void isClear(String name, List<Drawing> drawings, List<Wire> wires) {
        assertThat(drawings).as(name).hasSize(2);
        for (Drawing drawing : drawings) {
            assertThat(drawing.traces()).as(name).hasSameSizeAs(wires);
            assertThat(Clearness.faults(drawing))
                    .as(name + ", " + drawing.shape())
                    .isEmpty();
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("diagrams")
    @DisplayName(
            "every plan of every usual diagram on every kind of switch is drawn, wide and tall, each wire clear of all else")
    void everyPlanIsDrawnClearly(Sweep.Wired motor) {
        RunningConnections running = motor.running();
        for (SwitchKind kind : SwitchKind.ALL) {
            for (Plan plan : Planner.search(motor.on(kind, running)).plans()) {
                List<Wire> wires = WorkingOrder.of(plan);
                isClear(motor + " on " + kind.name() + ": " + wires, drawn(motor, kind, wires), wires);
            }
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("diagrams")
    void everyBareConnectionIsDrawnClearlyBothWaysRound(Sweep.Wired motor) {
        for (List<Wire> wires : List.of(
                motor.connection().direct(motor.leads()),
                motor.connection().reversed().direct(motor.leads()))) {
            Circuit circuit = new Circuit(motor.motor(), ContactChart.NONE, motor.supply(), Feeder.USUAL, wires);
            isClear(motor.name(), new WiringPicture(motor.leads(), Optional.empty(), circuit, wires).draw(), wires);
        }
    }

    @Test
    @DisplayName("500 motors with odd marks are drawn as clearly as any other")
    void oddMarksAreDrawnToo() {
        for (long seed = 0; seed < 500; seed++) {
            Sweep.Wired motor = MadeUpWorld.oddlyMarked(seed);
            List<Wire> wires = motor.connection().direct(motor.leads());
            Circuit circuit = new Circuit(motor.motor(), ContactChart.NONE, motor.supply(), Feeder.USUAL, wires);
            isClear(motor.name(), new WiringPicture(motor.leads(), Optional.empty(), circuit, wires).draw(), wires);
        }
    }

    @Test
    @DisplayName("500 wirings landed at random are drawn clearly, or not at all: never wrongly, never without end")
    void anyWiringIsDrawnClearlyOrNotAtAll() {
        int drawn = 0;
        for (long seed = 0; seed < 500; seed++) {
            Sweep.Wired motor = Sweep.all().get((int) (seed % 24));
            SwitchKind kind = SwitchKind.ALL.get((int) (seed % SwitchKind.ALL.size()));
            List<Wire> wires = MadeUpWorld.anyWires(seed, motor, kind);
            List<Drawing> drawings = drawn(motor, kind, wires);
            if (!drawings.isEmpty()) {
                drawn++;
                isClear("seed " + seed + " " + wires, drawings, wires);
            }
        }
        assertThat(drawn).as("of 500").isGreaterThan(480);
    }

    @org.junit.jupiter.params.ParameterizedTest
    @org.junit.jupiter.params.provider.CsvSource({
        "blue, 7, blue",
        "black/yellow, 7, BK/YE",
        "Black - yellow, 7, BK/YE",
        "yellow, 4, YE",
        "teal with dots, 7, teal/w…"
    })
    @org.junit.jupiter.api.DisplayName("two-letter colours by IEC 60757, from memory")
    void aLongColourIsWrittenShort(String colour, int letters, String fitted) {
        assertThat(ColourCode.fitted(colour, letters)).isEqualTo(fitted);
    }
}
