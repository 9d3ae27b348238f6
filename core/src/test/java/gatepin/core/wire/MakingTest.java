package gatepin.core.wire;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Problem;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Nodes;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire.Run;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Leads;
import gatepin.core.plan.Plan;
import gatepin.core.plan.Planner;
import gatepin.core.plan.SampleMotors;
import gatepin.core.plan.WorkingOrder;
import gatepin.core.supply.LengthUnit;
import gatepin.core.supply.Region;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;

class MakingTest {
    static final List<SampleMotors> MOTORS = SampleMotors.ALL;

    private static Plan best(SampleMotors motor, SwitchKind kind) {
        return Planner.search(motor.on(kind)).plans().get(0);
    }

    private static Making making(SampleMotors motor, Plan plan, Region region) {
        return Making.of(
                motor.circuit(SwitchKind.CROSS_CORNER_DRUM, plan.wires()),
                WorkingOrder.of(plan),
                motor.leads(),
                region,
                region == Region.IEC ? "1.5 mm²" : "14 AWG",
                new CableLengths(2, 3));
    }

    @ParameterizedTest
    @FieldSource("MOTORS")
    void noTwoConductorsOfTheCableLookAlike(SampleMotors motor) {
        for (Region region : Region.values()) {
            Making making = making(motor, best(motor, SwitchKind.CROSS_CORNER_DRUM), region);
            Set<String> looks = new HashSet<>();
            making.wires().stream()
                    .filter(w -> w.wire().run() == Run.MOTOR_CABLE)
                    .forEach(w -> assertThat(looks.add(w.colour() + w.bands()))
                            .as(w.toString())
                            .isTrue());
        }
    }

    @Test
    @DisplayName(
            "no conductor without bands has the colour of a lead that it does not meet, whatever colours the leads have")
    void coloursDoNotCrossOver() {
        List<String> paints =
                List.of("black", "Red", "blue", "orange", "yellow", "brown", "white", "", "purple", "grey");
        for (long seed = 0; seed < 300; seed++) {
            Random random = new Random(seed);
            SampleMotors motor = MOTORS.get((int) (seed % MOTORS.size()));
            Plan plan = best(motor, SwitchKind.CROSS_CORNER_DRUM);
            Leads painted = new Leads(motor.leads().all().stream()
                    .map(l -> new Lead(l.mark(), paints.get(random.nextInt(paints.size())), l.ends()))
                    .toList());
            Nodes box = Nodes.of(
                    plan.wires().stream().filter(w -> w.run() == Run.MOTOR_BOX).toList(), List.of());
            Making making = Making.of(
                    motor.circuit(SwitchKind.CROSS_CORNER_DRUM, plan.wires()),
                    WorkingOrder.of(plan),
                    painted,
                    Region.NORTH_AMERICA,
                    "14 AWG",
                    new CableLengths(2, 3));
            for (WireDetail detail : making.wires()) {
                boolean hot = detail.wire().run() == Run.MOTOR_CABLE
                        && !detail.wire().isGround()
                        && !detail.colour().equals("white");
                List<String> met = painted.all().stream()
                        .filter(l -> box.same(l.terminal(), detail.wire().from()))
                        .map(l -> l.colour().toLowerCase(java.util.Locale.ROOT))
                        .toList();
                boolean others = painted.all().stream().anyMatch(l -> l.colour().equalsIgnoreCase(detail.colour()));
                if (hot && detail.bands() == 0 && others) {
                    assertThat(met).as("seed %d: %s", seed, detail).contains(detail.colour());
                }
            }
        }
    }

    @Test
    @DisplayName(
            "a switch that sits on the motor takes no cable: short wires through a bushing, and a clamp for the cord alone")
    void aSwitchOnTheMotor() {
        SampleMotors motor = MOTORS.get(0);
        Plan plan = best(motor, SwitchKind.CROSS_CORNER_DRUM);
        CableLengths none =
                CableLengths.read("0", "8 ft", LengthUnit.FEET).value().orElseThrow();
        assertThat(none.onMotor()).isTrue();
        Making making = Making.of(
                motor.circuit(SwitchKind.CROSS_CORNER_DRUM, plan.wires()),
                WorkingOrder.of(plan),
                motor.leads(),
                Region.NORTH_AMERICA,
                "14 AWG",
                none);

        assertThat(making.toBuy())
                .noneMatch(b -> b.startsWith("Motor cable"))
                .anyMatch(b -> b.startsWith("No motor cable, the switch sits on the motor: "))
                .anyMatch(b -> b.contains("1 × bushing"));
        assertThat(making.wires())
                .filteredOn(w -> w.wire().run() == Run.MOTOR_CABLE)
                .isNotEmpty()
                .allMatch(w -> w.cutMetres() > 0.2 && w.cutMetres() < 0.5);
        assertThat(CableLengths.read("0", "0", LengthUnit.FEET).problems())
                .extracting(Problem::field)
                .containsExactly("supplyCord");
        assertThat(CableLengths.read("-1", "8", LengthUnit.METRES).problems())
                .extracting(Problem::field)
                .containsExactly("motorCable");
    }

    @ParameterizedTest
    @FieldSource("MOTORS")
    void everyLeadIsInJustOneSplice(SampleMotors motor) {
        Making making = making(motor, best(motor, SwitchKind.CROSS_CORNER_DRUM), Region.NORTH_AMERICA);

        assertThat(making.splices().stream().flatMap(s -> s.leads().stream()).toList())
                .containsExactlyInAnyOrderElementsOf(motor.leads().terminals());
        assertThat(making.splices().stream().mapToInt(Splice::conductors).sum()).isEqualTo((int) making.wires().stream()
                .filter(w -> w.wire().run() == Run.MOTOR_CABLE && !w.wire().isGround())
                .count());
    }

    @Test
    @DisplayName("white is the neutral and nothing else; at 240 V a white used as a hot is re-marked (common practice)")
    void whiteIsTheNeutral() {
        SampleMotors low = SampleMotors.SIX_LEAD_LOW;
        Plan plan = best(low, SwitchKind.CROSS_CORNER_DRUM);
        for (WireDetail detail : making(low, plan, Region.NORTH_AMERICA).wires()) {
            boolean neutral =
                    Nodes.of(plan.wires(), List.of()).same(detail.wire().from(), Terminal.L2);
            if (detail.wire().run() != Run.MOTOR_BOX) {
                assertThat(detail.colour().equals("white"))
                        .as(detail.toString())
                        .isEqualTo(neutral);
            }
        }
        SampleMotors high = SampleMotors.SIX_LEAD_HIGH;
        assertThat(making(high, best(high, SwitchKind.CROSS_CORNER_DRUM), Region.NORTH_AMERICA)
                        .wires())
                .filteredOn(w -> w.wire().lands(Terminal.L2))
                .allMatch(w -> w.colour().equals("white") && w.remark().contains("re-mark"));
    }

    @Test
    @DisplayName(
            "box fill: ten volumes of 2.00 in³ for six conductors of 14 AWG, grounds, clamps and the switch (NEC 314.16(B), from memory)")
    void boxFill() {
        assertThat(BoxFill.of(6, "14 AWG")).contains(new BoxFill(10, 20.0));
        assertThat(BoxFill.of(5, "12 AWG").orElseThrow().cubicInches()).isEqualTo(9 * 2.25);
        assertThat(BoxFill.of(5, "2.5 mm²")).isEmpty();
        assertThat(making(
                                SampleMotors.IEC_LETTERS,
                                best(SampleMotors.IEC_LETTERS, SwitchKind.CROSS_CORNER_DRUM),
                                Region.IEC)
                        .boxFill())
                .isEmpty();
    }

    @Test
    void theBuyingListCountsWhatTheWiresTake() {
        SampleMotors motor = SampleMotors.SIX_LEAD_LOW;
        Plan plan = best(motor, SwitchKind.CROSS_CORNER_DRUM);
        Making making = making(motor, plan, Region.NORTH_AMERICA);
        long screws = plan.wires().stream()
                .flatMap(w -> java.util.stream.Stream.of(w.from(), w.to()))
                .filter(t -> t.is(Type.SWITCH) || t.equals(Terminal.MOTOR_FRAME))
                .count();

        assertThat(making.toBuy())
                .contains(
                        "Motor cable: 8 ft of 5 conductors with ground, 14 AWG",
                        "Supply cord: 11 ft of 3 conductors with ground, 14 AWG")
                .anyMatch(l -> l.startsWith(screws + " × ring or fork"))
                .anyMatch(l -> l.startsWith("2 × connector listed for 3 wires"));
    }

    @Test
    void lengthsAreReadWithCommaOrPoint() {
        assertThat(CableLengths.read("1,5", "2.25 m", LengthUnit.METRES).value())
                .contains(new CableLengths(1.5, 2.25));
        assertThat(CableLengths.read("5", "2.25 m", LengthUnit.FEET).value()).contains(new CableLengths(1.524, 2.25));
        assertThat(CableLengths.read("far", "0", LengthUnit.METRES).problems())
                .extracting(p -> p.field())
                .containsExactly("motorCable", "supplyCord");
    }
}
