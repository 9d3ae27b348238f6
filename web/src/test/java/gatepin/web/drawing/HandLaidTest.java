package gatepin.web.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.bench.Added;
import gatepin.core.bench.HandWiring;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.gear.SwitchKind;
import gatepin.core.plan.Sweep;
import gatepin.web.Figures;
import gatepin.web.drawing.Drawing.Trace;
import gatepin.web.drawing.WiringPicture.Laid;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/** Wirings laid by hand, wire by wire: each step is drawn clearly, and what nobody touched stays where it was. */
@Execution(ExecutionMode.CONCURRENT)
@Tag("computes")
class HandLaidTest {
    private static final int WIRINGS = 300;
    private static final int STEPS = 14;

    private int steps;
    private int drawn;
    private long untouched;
    private long moved;

    @Test
    @DisplayName(
            "300 wirings laid by hand, up to two contactors: clear at every step, the same again, stable under edit")
    void clearAndStable() {
        for (int seed = 0; seed < WIRINGS; seed++) {
            Random chance = new Random(seed);
            Sweep.Wired motor = Sweep.all().get(chance.nextInt(Sweep.all().size()));
            SwitchKind kind = SwitchKind.ALL.get(chance.nextInt(SwitchKind.ALL.size()));
            lay(motor, kind, chance);
        }
        assertThat(drawn).as("of %d steps", steps).isGreaterThan(steps * 97 / 100);
        assertThat(moved).as("of %d untouched wires", untouched).isLessThan(untouched * 6 / 100);
        Figures.say(
                "%d steps, %d drawn; of %d untouched wires %d moved (%.1f %%)",
                steps, drawn, untouched, moved, 100.0 * moved / untouched);
    }

    private void lay(Sweep.Wired motor, SwitchKind kind, Random chance) {
        HandWiring wiring = begun(kind, chance);
        Laid before = Laid.NOTHING;
        for (int step = 0; step < STEPS; step++) {
            HandWiring then = step(motor, kind, wiring, chance);
            if (then.equals(wiring)) {
                continue;
            }
            steps++;
            Laid laid = picture(motor, kind, then).lay(before);
            Laid again = picture(motor, kind, then).lay(before);
            assertThat(again).as("the same again").isEqualTo(laid);
            wiring = then;
            if (laid.drawings().isEmpty()) {
                continue;
            }
            drawn++;
            for (Drawing drawing : laid.drawings()) {
                assertThat(drawing.traces()).hasSameSizeAs(then.wires());
                assertThat(Clearness.faults(drawing))
                        .as("%s on %s, %s: %s", motor.name(), kind.key(), drawing.shape(), then.wires())
                        .isEmpty();
            }
            count(before, laid);
            before = laid;
        }
    }

    /** With the links that are fitted; some on studs, some with devices beside the switch. */
    private static HandWiring begun(SwitchKind kind, Random chance) {
        HandWiring wiring = HandWiring.newOn(kind);
        if (chance.nextInt(4) == 0) {
            wiring = wiring.onStuds();
        }
        for (int i = chance.nextInt(3) == 0 ? 2 : 0; i > 0; i--) {
            Added.Kind added = Added.Kind.values()[chance.nextInt(Added.Kind.values().length)];
            wiring = wiring.with(added, 40, kind.chart().terminals()).value().orElseThrow();
        }
        return wiring;
    }

    private static HandWiring step(Sweep.Wired motor, SwitchKind kind, HandWiring wiring, Random chance) {
        if (!wiring.wires().isEmpty() && chance.nextInt(5) == 0) {
            Wire off = wiring.wires().get(chance.nextInt(wiring.wires().size()));
            return wiring.part(off.from(), off.to()).value().orElseThrow();
        }
        List<Terminal> points = new ArrayList<>(motor.leads().terminals());
        SwitchKind gear = Added.beside(Optional.of(kind), wiring.added()).orElseThrow();
        points.addAll(gear.chart().terminals());
        points.addAll(wiring.nuts());
        points.addAll(List.of(
                Terminal.L1,
                Terminal.L2,
                Terminal.GROUND,
                Terminal.MOTOR_FRAME,
                kind.chart().frame()));
        Terminal one = points.get(chance.nextInt(points.size()));
        Terminal other = points.get(chance.nextInt(points.size()));
        return wiring.join(one, other, points).value().orElse(wiring);
    }

    private static WiringPicture picture(Sweep.Wired motor, SwitchKind kind, HandWiring wiring) {
        Circuit circuit = wiring.in(
                new Circuit(motor.motor(), kind.chart(), motor.supply(), Feeder.USUAL, List.of()), Optional.of(kind));
        return new WiringPicture(
                motor.leads(),
                Added.beside(Optional.of(kind), wiring.added()),
                circuit,
                wiring.wires(),
                List.of(),
                wiring.nuts());
    }

    private void count(Laid before, Laid after) {
        for (int i = 0; i < before.drawings().size(); i++) {
            Map<String, String> was = new HashMap<>();
            before.drawings().get(i).traces().forEach(t -> was.put(t.ends(), t.path()));
            for (Trace trace : after.drawings().get(i).traces()) {
                String path = was.get(trace.ends());
                if (path != null) {
                    untouched++;
                    moved += path.equals(trace.path()) ? 0 : 1;
                }
            }
        }
    }
}
