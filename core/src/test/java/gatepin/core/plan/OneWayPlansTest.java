package gatepin.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Severity;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Supply;
import gatepin.core.gear.SwitchKind;
import gatepin.core.plate.MotorFamily;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Analysis.Way;
import gatepin.core.verdict.ConnectionCheck;
import gatepin.core.verdict.Rule;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Plans for machines that turn one way, and motors whose start winding does not come out: every family, supply and gear there is here. */
class OneWayPlansTest {
    private static final Supply LOW = new Supply(115, 60, Supply.Kind.HOT_AND_NEUTRAL);
    private static final Supply HIGH = new Supply(230, 60, Supply.Kind.TWO_HOT);

    static Stream<Arguments> motorsOnGear() {
        List<SwitchKind> gear = Stream.concat(
                        SwitchKind.ONE_WAY.stream(),
                        Stream.of(SwitchKind.CROSS_CORNER_DRUM, SwitchKind.DPDT_CENTRE_OFF, SwitchKind.CONTACTORS_3))
                .toList();
        return SampleMotors.ALL.stream().flatMap(m -> gear.stream().map(g -> Arguments.of(m, g)));
    }

    private static PlanRequest oneWay(SampleMotors motor, SwitchKind gear) {
        return new PlanRequest(
                motor.leads().terminals(),
                motor.leads().windings(),
                motor.supply(),
                gear.chartForOneWay(),
                gear.hasOff(),
                motor.running().forOneWay(),
                Wishes.NONE);
    }

    private static Way written(SampleMotors motor) {
        return ConnectionCheck.of(
                        motor.connection(),
                        motor.leads(),
                        motor.motor(),
                        motor.rated(),
                        motor.supply(),
                        gatepin.core.circuit.Feeder.STIFF)
                .way();
    }

    @ParameterizedTest
    @MethodSource("motorsOnGear")
    void everyPlanRunsItTheDiagramsWayWhereverItIsOnAndNotAtAllInOff(SampleMotors motor, SwitchKind gear) {
        PlanResult result = Planner.search(oneWay(motor, gear));

        assertThat(result.plans()).isNotEmpty();
        for (Plan plan : result.plans()) {
            Analysis analysis = Analysis.of(motor.circuit(gear, plan.wires()), motor.rated())
                    .forOneWay();
            for (Setting setting : gear.chart().settings()) {
                if (setting.purpose() != Setting.Purpose.NEVER) {
                    assertThat(analysis.in(setting).way())
                            .as("%s of %s", setting.word(), plan.wires())
                            .isEqualTo(setting.isMeantToRun() ? written(motor) : Way.NONE);
                }
            }
            assertThat(analysis.verdicts().stream().filter(v -> v.severity() == Severity.DANGER))
                    .as("%s", plan.wires())
                    .isEmpty();
        }
    }

    static Stream<SampleMotors> withoutStartLeads() {
        return Stream.of(
                SampleMotors.of(
                        "split phase, two leads",
                        "T1 T4",
                        LOW,
                        SampleMotors.given(MotorFamily.SPLIT_PHASE, 373, 115, 8.8, 60, 1725, 0, 0),
                        "T1",
                        "T4",
                        "",
                        ""),
                SampleMotors.of(
                        "capacitor start, two leads",
                        "T1 T4",
                        LOW,
                        SampleMotors.given(MotorFamily.CAPACITOR_START, 373, 115, 8.0, 60, 1725, 250, 0),
                        "T1",
                        "T4",
                        "",
                        ""),
                SampleMotors.of(
                        "PSC, two leads",
                        "T1 T4",
                        LOW,
                        SampleMotors.given(MotorFamily.PERMANENT_SPLIT_CAPACITOR, 93, 115, 2.1, 60, 1650, 0, 10),
                        "T1",
                        "T4",
                        "",
                        ""),
                SampleMotors.of(
                        "two run halves, low",
                        "T1 T2 T3 T4",
                        LOW,
                        SampleMotors.given(MotorFamily.CAPACITOR_START, 559, 115, 13.8, 60, 1725, 300, 0),
                        "T1 T3",
                        "T2 T4",
                        "",
                        ""),
                SampleMotors.of(
                        "two run halves, high",
                        "T1 T2 T3 T4",
                        HIGH,
                        SampleMotors.given(MotorFamily.CAPACITOR_START, 559, 115, 13.8, 60, 1725, 300, 0),
                        "T1",
                        "T4",
                        "T2 T3",
                        ""));
    }

    @ParameterizedTest
    @MethodSource("withoutStartLeads")
    void aMotorWithoutStartLeadsStartsOneWayAndThatItsWindingIsSupposedIsSaid(SampleMotors motor) {
        PlanResult plans = Planner.search(oneWay(motor, SwitchKind.ON_OFF_2));
        assertThat(plans.plans()).isNotEmpty();
        Analysis analysis = Analysis.of(
                motor.circuit(SwitchKind.ON_OFF_2, plans.plans().get(0).wires()), motor.rated());

        assertThat(analysis.in(HandlePosition.FORWARD).way()).isNotEqualTo(Way.NONE);
        assertThat(analysis.verdicts())
                .anyMatch(v -> v.rule() == Rule.START_INSIDE && v.severity() == Severity.WARN)
                .noneMatch(v -> v.severity() == Severity.DANGER);
        assertThat(motor.running().reverse()).as("no way to reverse it").isEmpty();
        assertThat(Planner.search(motor.on(SwitchKind.CROSS_CORNER_DRUM)).hindrance())
                .isEqualTo(PlanResult.Hindrance.MOTOR_TURNS_ONE_WAY);
    }

    @ParameterizedTest
    @MethodSource("motorsOnGear")
    void whereTheStartLeadsComeOutNothingIsSupposed(SampleMotors motor, SwitchKind gear) {
        Plan plan = Planner.search(oneWay(motor, gear)).plans().get(0);

        assertThat(Analysis.of(motor.circuit(gear, plan.wires()), motor.rated()).verdicts())
                .noneMatch(v -> v.rule() == Rule.START_INSIDE);
    }
}
