package gatepin.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.circuit.Place;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.circuit.Wiring;
import gatepin.core.gear.SwitchKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class FewestChangesTest {
    private static final PlanRequest REQUEST = SampleMotors.SIX_LEAD_HIGH.on(SwitchKind.CROSS_CORNER_DRUM);
    private static final List<Plan> PLANS = Planner.search(REQUEST).plans();

    private static Wiring rewired(Wiring wiring, List<Wire> wires) {
        return new Wiring(wiring.leads(), wiring.windings(), wiring.chart(), wiring.supply(), wires);
    }

    @Test
    void aPlanNeedsNoChange() {
        for (Plan plan : PLANS) {
            assertThat(FewestChanges.of(plan.wiring(), REQUEST))
                    .map(c -> c.changes().size())
                    .contains(0);
        }
    }

    /** Lands one end of one wire that goes to the switch on another of its terminals. */
    private static Wiring disturbed(Wiring wiring, Random chance) {
        List<Wire> wires = new ArrayList<>(wiring.wires());
        List<Integer> movable = new ArrayList<>();
        for (int i = 0; i < wires.size(); i++) {
            if (!wires.get(i).isGround()
                    && (wires.get(i).from().place() == Place.SWITCH
                            || wires.get(i).to().place() == Place.SWITCH)) {
                movable.add(i);
            }
        }
        while (true) {
            int i = movable.get(chance.nextInt(movable.size()));
            Wire wire = wires.get(i);
            Terminal other = wiring.chart()
                    .terminals()
                    .get(chance.nextInt(wiring.chart().terminals().size()));
            if (!wire.lands(other)) {
                wires.set(
                        i,
                        wire.to().place() == Place.SWITCH
                                ? new Wire(wire.from(), other, wire.run())
                                : new Wire(other, wire.to(), wire.run()));
                return rewired(wiring, wires);
            }
        }
    }

    @Test
    void whatOneMistakeSpoiltOneChangeMends() {
        Random chance = new Random(11);
        for (int n = 0; n < 60; n++) {
            Wiring spoilt = disturbed(PLANS.get(n % PLANS.size()).wiring(), chance);
            FewestChanges mended = FewestChanges.of(spoilt, REQUEST).orElseThrow();

            assertThat(mended.changes()).hasSizeLessThanOrEqualTo(1);
            assertThat(FewestChanges.of(mended.wiring(), REQUEST))
                    .map(c -> c.changes().size())
                    .contains(0);
        }
    }

    @Test
    void whatTwoMistakesSpoiltTwoChangesMend() {
        Random chance = new Random(5);
        for (int n = 0; n < 8; n++) {
            Wiring spoilt = disturbed(disturbed(PLANS.get(n % PLANS.size()).wiring(), chance), chance);

            assertThat(FewestChanges.of(spoilt, REQUEST))
                    .hasValueSatisfying(c -> assertThat(c.changes()).hasSizeLessThanOrEqualTo(2));
        }
    }

    @Test
    void whereNothingLandsTwoChangesAreNotEnough() {
        Wiring bare = rewired(PLANS.get(0).wiring(), List.of());

        assertThat(FewestChanges.of(bare, REQUEST)).isEqualTo(Optional.empty());
    }
}
