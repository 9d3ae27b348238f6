package gatepin.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.gear.SwitchKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class FewestChangesTest {
    private static final PlanRequest REQUEST = SampleMotors.SIX_LEAD_HIGH.on(SwitchKind.CROSS_CORNER_DRUM);
    private static final List<Plan> PLANS = Planner.search(REQUEST).plans();

    @Test
    void aPlanNeedsNoChange() {
        for (Plan plan : PLANS) {
            assertThat(FewestChanges.of(plan.wires(), REQUEST))
                    .map(c -> c.changes().size())
                    .contains(0);
        }
    }

    /** Lands one end of one wire that goes to the switch on another of its terminals. */
    private static List<Wire> disturbed(List<Wire> found, Random chance) {
        List<Wire> wires = new ArrayList<>(found);
        List<Integer> movable = new ArrayList<>();
        for (int i = 0; i < wires.size(); i++) {
            if (!wires.get(i).isGround()
                    && (wires.get(i).from().is(Type.SWITCH) || wires.get(i).to().is(Type.SWITCH))) {
                movable.add(i);
            }
        }
        while (true) {
            int i = movable.get(chance.nextInt(movable.size()));
            Wire wire = wires.get(i);
            Terminal other = REQUEST.chart()
                    .terminals()
                    .get(chance.nextInt(REQUEST.chart().terminals().size()));
            if (!wire.lands(other)) {
                wires.set(
                        i,
                        wire.to().is(Type.SWITCH)
                                ? new Wire(wire.from(), other, wire.run())
                                : new Wire(other, wire.to(), wire.run()));
                return wires;
            }
        }
    }

    @Test
    void whatOneMistakeSpoiltOneChangeMends() {
        Random chance = new Random(11);
        for (int n = 0; n < 60; n++) {
            List<Wire> spoilt = disturbed(PLANS.get(n % PLANS.size()).wires(), chance);
            FewestChanges mended = FewestChanges.of(spoilt, REQUEST).orElseThrow();

            assertThat(mended.changes()).hasSizeLessThanOrEqualTo(1);
            assertThat(FewestChanges.of(mended.wires(), REQUEST))
                    .map(c -> c.changes().size())
                    .contains(0);
        }
    }

    @Test
    void whatTwoMistakesSpoiltTwoChangesMend() {
        Random chance = new Random(5);
        for (int n = 0; n < 8; n++) {
            List<Wire> spoilt = disturbed(disturbed(PLANS.get(n % PLANS.size()).wires(), chance), chance);

            assertThat(FewestChanges.of(spoilt, REQUEST))
                    .hasValueSatisfying(c -> assertThat(c.changes()).hasSizeLessThanOrEqualTo(2));
        }
    }

    @Test
    void whereNothingLandsTwoChangesAreNotEnough() {
        assertThat(FewestChanges.of(List.<Wire>of(), REQUEST)).isEqualTo(Optional.empty());
    }
}
