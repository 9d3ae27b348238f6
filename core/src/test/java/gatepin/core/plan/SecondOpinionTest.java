package gatepin.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.gear.SwitchKind;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The planner against a general constraint solver, on the pairs that it answers in seconds; the bench compares all pairs. */
@Tag("long")
class SecondOpinionTest {
    static Stream<Arguments> pairs() {
        List<SampleMotors> small =
                List.of(SampleMotors.FOUR_LEAD, SampleMotors.IEC_LETTERS, SampleMotors.PERMANENT_CAPACITOR);
        List<SwitchKind> sixTerminals = List.of(
                SwitchKind.CROSS_CORNER_DRUM,
                SwitchKind.CENTRE_SWAP_DRUM,
                SwitchKind.DPDT_CENTRE_OFF,
                SwitchKind.DPDT_STRAIGHT_ACROSS);
        return Stream.of(
                        pairs(small, sixTerminals),
                        pairs(List.of(SampleMotors.SIX_LEAD_LOW), sixTerminals),
                        pairs(
                                List.of(SampleMotors.SIX_LEAD_HIGH),
                                List.of(SwitchKind.CENTRE_SWAP_DRUM, SwitchKind.DPDT_CENTRE_OFF)),
                        pairs(
                                List.of(SampleMotors.FOUR_LEAD),
                                List.of(SwitchKind.TPDT_CENTRE_OFF, SwitchKind.CAM_8, SwitchKind.TWO_TIER)))
                .flatMap(s -> s);
    }

    private static Stream<Arguments> pairs(List<SampleMotors> motors, List<SwitchKind> kinds) {
        return motors.stream().flatMap(m -> kinds.stream().map(k -> Arguments.of(m, k)));
    }

    @ParameterizedTest(name = "{0} on {1}")
    @MethodSource("pairs")
    @DisplayName(
            "the best plan costs what a general constraint solver proves to be the least, in the same order of preference")
    void theBestIsBest(SampleMotors motor, SwitchKind kind) {
        PlanRequest request = motor.on(kind);
        Optional<PlanCost> best =
                Planner.search(request).plans().stream().map(Plan::cost).findFirst();

        assertThat(ConstraintPlanner.best(request)).isEqualTo(best);
    }
}
