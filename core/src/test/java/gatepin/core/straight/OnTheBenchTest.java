package gatepin.core.straight;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Effort;
import gatepin.core.Severity;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Setting;
import gatepin.core.diagram.DiagramPattern;
import gatepin.core.gear.SwitchKind;
import gatepin.core.lane.Memory;
import gatepin.core.lane.Workup;
import gatepin.core.plan.Plan;
import gatepin.core.plan.WorkingOrder;
import gatepin.core.rotation.StatedRotation.Direction;
import gatepin.core.supply.Region;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Analysis.Way;
import gatepin.core.words.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Everything that can be chosen is a wiring that the engine runs, or is refused with a reason. */
class OnTheBenchTest {
    private static final Memory MEMORY = new Memory();

    static Stream<Choices> choices() {
        List<Choices> all = new ArrayList<>();
        for (DiagramPattern motor : DiagramPattern.ALL) {
            for (Mains mains : Mains.values()) {
                for (SwitchKind gear :
                        List.of(SwitchKind.CROSS_CORNER_DRUM, SwitchKind.TPDT_CENTRE_OFF, SwitchKind.CONTACTORS_3)) {
                    all.add(new Choices(motor, mains, gear, Turns.BOTH));
                }
                for (Turns turns : List.of(Turns.CLOCKWISE, Turns.COUNTER_CLOCKWISE)) {
                    all.add(new Choices(motor, mains, SwitchKind.ON_OFF_2, turns));
                }
            }
        }
        return all.stream();
    }

    @ParameterizedTest
    @MethodSource("choices")
    void whatIsChosenRunsAsItMustAndStandsInOff(Choices choices) {
        OnTheBench bench = new OnTheBench(choices);
        Workup asked = Workup.of(bench.facts(Optional.empty()), MEMORY);
        List<Plan> plans =
                asked.planning().plans(Effort.unlimited()).orElseThrow().plans();
        assertThat(plans).as("%s", choices).isNotEmpty();
        Plan plan = plans.get(0);

        Workup wired = Workup.of(bench.facts(Optional.of(WorkingOrder.of(plan))), MEMORY);
        Analysis analysis = wired.analysis(wired.plannedCircuit().orElseThrow()).orElseThrow();

        assertThat(analysis.verdicts())
                .as("%s", choices)
                .noneMatch(
                        v -> v.severity() == Severity.DANGER && (choices.gear().hasOff() || !v.isOfOff()));
        Way forward = analysis.in(HandlePosition.FORWARD).way();
        assertThat(forward).isNotEqualTo(Way.NONE);
        for (Setting setting : choices.gear().chart().settings()) {
            if (setting.purpose() == Setting.Purpose.REVERSE) {
                assertThat(analysis.in(setting).way()).isNotEqualTo(Way.NONE).isNotEqualTo(forward);
            }
            if (setting.purpose() == Setting.Purpose.OFF) {
                assertThat(analysis.in(setting).way()).isEqualTo(Way.NONE);
            }
        }
        var turns = wired.turning().turns(HandlePosition.FORWARD);
        if (turns.isStated()) {
            boolean clockwise = choices.turns() != Turns.COUNTER_CLOCKWISE;
            assertThat(bench.rotation().worksAsWritten(turns)).contains(true);
            assertThat(bench.rotation().shaft().direction())
                    .isEqualTo(clockwise ? Direction.CLOCKWISE : Direction.COUNTER_CLOCKWISE);
        }
        assertThat(wired.checks().cold().orElseThrow().lines()).isNotEmpty();
        assertThat(bench.taken().stream().map(Wording.of(Region.NORTH_AMERICA)::say))
                .hasSize(3)
                .allMatch(s -> s.endsWith("."));
    }

    @Test
    void anAddressThatNamesNothingKnownShowsTheUsualAndSaysSo() {
        var read = Choices.read("nine-lead", "240", "", "sideways");

        assertThat(read.choices()).isEqualTo(Choices.USUAL);
        assertThat(read.unknown()).containsExactly("nine-lead", "sideways");
        assertThat(Choices.read("", "", "", "").unknown()).isEmpty();
        assertThat(Choices.read("four-lead", "120", "on-off-1", "clockwise").choices())
                .isEqualTo(new Choices(DiagramPattern.ALL.get(2), Mains.V120, SwitchKind.ON_OFF_1, Turns.CLOCKWISE));
    }

    @Test
    void whatIsReadOffPlateAndLidTakesThePlaceOfTheUsual() {
        OnTheBench bench = new OnTheBench(
                Choices.USUAL,
                "3/4 HP 115/230 V 11/5.5 A 1725 RPM 60 HZ CAPACITOR START",
                "LOW VOLTS L1: T1-T3-T8, L2: T2-T4-T5. HIGH VOLTS L1: T1, L2: T4-T5, JOIN T2-T3-T8."
                        + " CCW FACING SHAFT END. TO REVERSE INTERCHANGE T5 AND T8.");

        assertThat(bench.questions()).isEmpty();
        assertThat(bench.isOfLid()).isTrue();
        assertThat(bench.column().connection().line2()).containsExactly("T4", "T5");
        assertThat(bench.columns()).extracting(c -> c.connection().volts()).containsExactly(115, 230);
        assertThat(bench.stamped().orElseThrow().outputAsWritten()).isEqualTo("3/4 hp");
        assertThat(bench.intoAJob().all()).isEmpty();
        assertThat(bench.objections()).isEmpty();
        assertThat(bench.rotation().worksAsWritten(bench.column().rotation()))
                .as("FORWARD is as the lid writes it")
                .contains(true);
        assertThat(new OnTheBench(Choices.USUAL.with(Mains.V230), "1/2 HP 115 V 7 A 1725 RPM 60 HZ", "").objections())
                .hasSize(2);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "3/4 HP 1?5/230 V 11/5.5 A 1725 RPM 60 HZ | L1: T1, L2: T4-T8, JOIN T2-T3-T5 | cannot be read",
                "1 HP PH 3 V 230/460 A 3.4/1.7 RPM 1725 HZ 60 | L1: T1, L2: T4-T8, JOIN T2-T3-T5 | phase",
                "| HIGH VOLTS L1: T1, L2: T4-T8, T2-T3-T5 FLUMMOXED | FLUMMOXED",
                "| HIGH VOLTS L1: T1 T2, L2: T3 T4, JOIN T5 T8 | marks",
                "| 115 V L1: T1 T3 T5, L2: T2 T4 T8. REVERSE T5 T8 | no column for 240 V",
                "| good morning | good, morning"
            })
    void whatIsNotCertainIsAskedAndTheUsualStandsForIt(String plate, String lid, String asked) {
        OnTheBench bench = new OnTheBench(Choices.USUAL, plate == null ? "" : plate, lid);

        assertThat(bench.questions().stream().map(Wording.of(Region.NORTH_AMERICA)::say))
                .as("%s", bench.questions())
                .anyMatch(q -> q.contains(asked));
        assertThat(bench.stamped()).isEmpty();
        assertThat(bench.isOfLid()).isEqualTo(plate != null);
    }
}
