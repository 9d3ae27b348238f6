package gatepin.core.why;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.diagram.Connection;
import gatepin.core.verdict.HealthyMotors;
import gatepin.core.why.Why.Curve;
import gatepin.core.why.Why.Torque;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class WhyTest {
    private static final List<HealthyMotors> MOTORS =
            LongStream.range(0, 60).mapToObj(HealthyMotors::of).toList();

    private static Why why(HealthyMotors motor) {
        return Why.of(
                circuit(motor, motor.connection()),
                circuit(motor, motor.connection().reversed()),
                motor.rated());
    }

    private static Circuit circuit(HealthyMotors motor, Connection column) {
        return new Circuit(
                motor.motor(), ContactChart.NONE, motor.supply(), Feeder.STIFF, column.direct(motor.leads()));
    }

    private static boolean hasEqualWindings(HealthyMotors motor) {
        return motor.connection().reversesByOtherWinding(motor.leads());
    }

    @Test
    @DisplayName(
            "one winding alone only throbs; with the other the field goes round, and ends in each other's place turn it")
    void fields() {
        for (HealthyMotors motor : MOTORS) {
            Why why = why(motor);
            assertThat(why.runAlone().roundness()).as(motor.name()).isLessThan(1e-9);
            assertThat(why.runAlone().way()).isZero();
            assertThat(why.runAlone().torqueNm()).as(motor.name()).isCloseTo(0, within(1e-6));
            assertThat(why.both().way()).as(motor.name()).isNotZero();
            assertThat(why.both().roundness()).as(motor.name()).isGreaterThan(0.005);
            assertThat(why.swapped().way())
                    .as(motor.name())
                    .isEqualTo(-why.both().way());
            assertThat(Math.signum(why.swapped().torqueNm()))
                    .as(motor.name())
                    .isEqualTo(-Math.signum(why.both().torqueNm()));
            assertThat(why.bothSwapped().torqueNm())
                    .as(motor.name())
                    .isCloseTo(
                            why.both().torqueNm(),
                            within(1e-6 + 1e-9 * Math.abs(why.both().torqueNm())));
            assertThat(why.bothSwapped().way()).isEqualTo(why.both().way());
        }
    }

    @Test
    @DisplayName("the way the field goes round is the way the torque pulls")
    void fieldAndTorque() {
        List<Integer> products = MOTORS.stream()
                .map(WhyTest::why)
                .map(w -> (int) Math.signum(w.both().torqueNm()) * w.both().way())
                .distinct()
                .toList();
        assertThat(products).hasSize(1);
    }

    @Test
    @DisplayName(
            "standing, the run winding pulls neither way; turning, it pulls the way it turns; so a handle thrown at speed changes nothing")
    void torques() {
        for (HealthyMotors motor : MOTORS) {
            List<Torque> torques = why(motor).torques();
            Torque alone = torques.get(0);
            assertThat(alone.curve()).isEqualTo(Curve.RUN_ALONE);
            int points = alone.points().size();
            for (int i = 0; i < points; i++) {
                double mirrored = alone.points().get(points - 1 - i).newtonMetres();
                assertThat(alone.points().get(i).newtonMetres()).isCloseTo(-mirrored, within(1e-6));
            }
            assertThat(alone.points().get(points - 8).newtonMetres())
                    .as(motor.name())
                    .isPositive();
            assertThat(torques.get(1).points().get(points / 2).newtonMetres()
                            * torques.get(2).points().get(points / 2).newtonMetres())
                    .as(motor.name())
                    .isNegative();
        }
    }

    @Test
    @DisplayName(
            "two halves get the same volts either way; one after the other the line feeds half the amps at twice the volts")
    void halves() {
        int seen = 0;
        for (HealthyMotors motor : MOTORS) {
            Why why = why(motor);
            boolean two = motor.motor().coils(Role.RUN).size() == 2;
            assertThat(why.halves()).hasSize(two ? 2 : 0);
            if (two) {
                seen++;
                Why.Half beside = why.halves().get(0);
                Why.Half after = why.halves().get(1);
                assertThat(after.volts()).as(motor.name()).isCloseTo(beside.volts(), within(0.02 * beside.volts()));
                assertThat(after.lineAmps()).isCloseTo(beside.lineAmps() / 2, within(0.02 * beside.lineAmps()));
            }
        }
        assertThat(seen).isGreaterThan(10);
    }

    @Test
    @DisplayName(
            "a capacitor brings the two currents further apart and makes it pull harder; the protector feels the hum")
    void capacitorAndProtector() {
        int capacitors = 0;
        int protectors = 0;
        for (HealthyMotors motor : MOTORS) {
            Why why = why(motor);
            if (why.withCapacitor().isPresent() && !hasEqualWindings(motor)) {
                capacitors++;
                assertThat(why.withCapacitor().orElseThrow().apart())
                        .as(motor.name())
                        .isGreaterThan(why.withoutCapacitor().orElseThrow().apart());
            }
            if (why.protector().isPresent()) {
                protectors++;
                Why.Feels feels = why.protector().orElseThrow();
                assertThat(feels.standing()).as(motor.name()).isGreaterThan(2 * feels.running());
            }
        }
        assertThat(capacitors).isGreaterThan(10);
        assertThat(protectors).isGreaterThan(3);
    }
}
