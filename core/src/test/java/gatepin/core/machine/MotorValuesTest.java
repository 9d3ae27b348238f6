package gatepin.core.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Health;
import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Rotor;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.plate.MotorFamily;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class MotorValuesTest {
    private static MotorValues of(MotorFamily family) {
        return new MotorValues(
                family,
                115,
                13.8,
                1 - 1725.0 / 1800,
                0.68,
                0.7,
                new Rotor(4, 60, 1.1, 0.6, 16.5, 57, 0.004),
                1.6,
                1.2,
                family.hasStartCapacitor() ? 300 : 0,
                family.hasRunCapacitor() ? 30 : 0);
    }

    private static Leads leads(String marks) {
        return Leads.read(Arrays.stream(marks.split(" "))
                        .map(m -> new Leads.Typed(m, "", ""))
                        .toList())
                .value()
                .orElseThrow();
    }

    @ParameterizedTest(name = "{0}: start switch {1}, capacitors {2}")
    @CsvSource({
        "SPLIT_PHASE, true, 0",
        "CAPACITOR_START, true, 1",
        "CAPACITOR_START_CAPACITOR_RUN, true, 2",
        "PERMANENT_SPLIT_CAPACITOR, false, 1"
    })
    void everyFamilyHasItsPartsAndStarts(MotorFamily family, boolean startSwitch, int capacitors) {
        MotorValues values = of(family);
        Motor motor = values.motor(leads("P1 P2 T1 T2 T3 T4 T5 T8"));

        assertThat(motor.has(Kind.START_SWITCH)).isEqualTo(startSwitch);
        assertThat(motor.has(Kind.PROTECTOR)).isTrue();
        assertThat(motor.capacitors()).hasSize(capacitors);
        assertThat(AcNetwork.of(PlateFit.acrossTheLine(values), State.atRest(HandlePosition.FORWARD))
                        .torqueAt(1))
                .isPositive();
    }

    @ParameterizedTest
    @EnumSource(MotorFamily.class)
    void aMotorIsBuiltLikeAnotherWithOtherValues(MotorFamily family) {
        Motor first = of(family).motor(leads("P1 P2 T1 T2 T3 T4 T5 T8"));

        assertThat(of(family).like(first)).isEqualTo(first);
        Motor outside = of(family).motor(leads("T1 T4 T5 T8 C1 C2"));
        assertThat(of(family).like(outside))
                .as("its capacitor has leads of its own")
                .isEqualTo(outside);
        Motor stuck = first.with(Kind.START_SWITCH, Health.STUCK_OPEN);
        assertThat(of(family).like(stuck)).as("its contacts stay as they are").isEqualTo(stuck);
    }

    @Test
    void twoStartHalvesShareCopperAndCapacitor() {
        Motor motor = of(MotorFamily.CAPACITOR_START).motor(leads("T1 T2 T3 T4 T5 T6 T7 T8"));

        assertThat(motor.coils(Role.START))
                .hasSize(2)
                .allSatisfy(c -> assertThat(c.ohms()).isEqualTo(3.2));
        assertThat(motor.capacitors()).extracting(Capacitor::microfarads).containsExactly(150.0, 150.0);
        assertThat(of(MotorFamily.CAPACITOR_START).like(motor)).isEqualTo(motor);
    }

    @Test
    void aStartCapacitorLosesMoreThanARunCapacitor() {
        List<Capacitor> both = of(MotorFamily.CAPACITOR_START_CAPACITOR_RUN)
                .motor(leads("T1 T4 T5 T8"))
                .capacitors();

        assertThat(both).hasSize(2);
        assertThat(loss(both.get(1))).isGreaterThan(5 * loss(both.get(0)));
        assertThat(both.get(0).reactanceOhms(60))
                .as("30 µF at 60 Hz: 88.4 Ω (1 / 2πfC)")
                .isCloseTo(88.42, within(0.01));
    }

    private static double loss(Capacitor capacitor) {
        return capacitor.esrOhms() / capacitor.reactanceOhms(60);
    }

    @Test
    void aMotorWithoutARunWindingIsNone() {
        assertThatThrownBy(() -> of(MotorFamily.SPLIT_PHASE).motor(List.of(), List.of()))
                .hasMessageContaining("at least one run winding");
    }
}
