package gatepin.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.gear.SwitchKind;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The planner against a general constraint solver. */
class SecondOpinionTest {
    static Stream<Arguments> everyMotorOnEverySwitch() {
        return java.util.stream.Stream.of(SampleMotors.FOUR_LEAD, SampleMotors.SIX_LEAD_LOW, SampleMotors.SIX_LEAD_HIGH)
                .flatMap(m -> SwitchKind.ALL.stream().map(s -> Arguments.of(m, s)));
    }

    @ParameterizedTest(name = "{0} on {1}")
    @MethodSource("everyMotorOnEverySwitch")
    @DisplayName(
            "the best plan costs what a general constraint solver finds to be the least, in the same order of preference")
    void theBestIsBest(SampleMotors motor, SwitchKind kind) {
        PlanRequest request = motor.on(kind);
        Optional<PlanCost> best =
                Planner.search(request).plans().stream().map(Plan::cost).findFirst();
        long t = System.nanoTime();
        Optional<PlanCost> opinion = ConstraintPlanner.best(request);
        System.out.printf(
                "%s on %s: %.0f ms %s%n", motor, kind.key(), (System.nanoTime() - t) / 1e6, opinion.equals(best));

        assertThat(opinion).isEqualTo(best);
    }
}
