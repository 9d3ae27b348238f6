package gatepin.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.FittedMotor;
import gatepin.core.machine.Given;
import gatepin.core.machine.PlateFit;
import gatepin.core.machine.RunUp.Throw;
import gatepin.core.plan.Plan;
import gatepin.core.plan.PlanRequest;
import gatepin.core.plan.Planner;
import gatepin.core.plan.RunningConnections;
import gatepin.core.plan.Sweep;
import gatepin.core.plan.Wishes;
import gatepin.core.plate.MotorFamily;
import gatepin.core.verdict.Analysis;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Handles thrown under power: what the trade knows of it comes out by itself for made-up motors of every family. */
class PowerOnTest {
    private static final double AT_SPEED = 6;

    /** A motor with its switch, and what it does. */
    record Machine(String name, FittedMotor fitted, Analysis analysis, boolean clicks) {
        PowerOn thrown(HandlePosition... positions) {
            List<Throw> before = new ArrayList<>();
            for (int i = 0; i < positions.length - 1; i++) {
                before.add(new Throw(AT_SPEED * i, positions[i]));
            }
            Throw last = new Throw(AT_SPEED * before.size(), positions[positions.length - 1]);
            return PowerOn.of(fitted, analysis, before, last, Optional.empty());
        }

        @Override
        public String toString() {
            return name;
        }
    }

    /** Of every family some that start well, on a drum. */
    static List<Machine> machines() {
        List<Machine> machines = new ArrayList<>();
        Map<MotorFamily, Integer> made = new EnumMap<>(MotorFamily.class);
        for (int seed = 0;
                made.size() < MotorFamily.values().length
                        || made.values().stream().anyMatch(n -> n < 4);
                seed++) {
            Random chance = new Random(seed);
            MotorFamily family = MotorFamily.values()[seed % MotorFamily.values().length];
            if (made.getOrDefault(family, 0) < 4) {
                machine(family, chance, seed).ifPresent(m -> {
                    machines.add(m);
                    made.merge(family, 1, Integer::sum);
                });
            }
        }
        return machines;
    }

    private static Optional<Machine> machine(MotorFamily family, Random chance, int seed) {
        Sweep.Wired like = Sweep.all().stream()
                .filter(w -> w.name().startsWith("run-start 230"))
                .findFirst()
                .orElseThrow();
        double watts = 120 + chance.nextInt(1300);
        Given given =
                Given.typical(family, watts, 230, chance.nextBoolean() ? 60 : 50, 0.03 + 0.03 * chance.nextDouble());
        FittedMotor fitted = PlateFit.fit(given).value().orElseThrow();
        Sweep.Wired motor = new Sweep.Wired(family + " " + seed, like.leads(), like.connection(), like.supply(), given);
        RunningConnections running = RunningConnections.of(
                fitted.values().motor(motor.leads()), motor.leads(), motor.rated(), motor.connection(), motor.supply());
        if (running.forward().isEmpty() || running.reverse().isEmpty()) {
            return Optional.empty();
        }
        List<Plan> plans = Planner.search(new PlanRequest(
                        motor.leads().terminals(),
                        motor.leads().windings(),
                        motor.supply(),
                        SwitchKind.CROSS_CORNER_DRUM.chart(),
                        true,
                        running,
                        Wishes.NONE))
                .plans();
        Circuit circuit = new Circuit(
                fitted.values().motor(motor.leads()),
                SwitchKind.CROSS_CORNER_DRUM.chart(),
                motor.supply(),
                Feeder.USUAL,
                plans.get(0).wires());
        Machine machine = new Machine(
                motor.name(),
                fitted,
                Analysis.of(circuit, motor.rated()),
                circuit.motor().has(Kind.START_SWITCH));
        return machine.thrown(HandlePosition.FORWARD).runsWell() ? Optional.of(machine) : Optional.empty();
    }

    @ParameterizedTest
    @MethodSource("machines")
    @DisplayName(
            "thrown straight across at speed, a motor that clicks goes on the old way, one that does not is driven back (field guide, families)")
    void straightAcross(Machine machine) {
        PowerOn forward = machine.thrown(HandlePosition.FORWARD);
        PowerOn across = machine.thrown(HandlePosition.FORWARD, HandlePosition.REVERSE);

        assertThat(forward.thrownRpm()).isZero();
        assertThat(across.thrownRpm() * forward.rpm()).isPositive();
        assertThat(across.goesOnTheOldWay()).isNotEqualTo(across.isPlugged());
        assertThat(across.goesOnTheOldWay()).isEqualTo(across.rpm() * forward.rpm() > 0);
        if (machine.clicks()) {
            assertThat(across.goesOnTheOldWay()).isTrue();
            assertThat(across.isStartCircuitOut()).isTrue();
        } else {
            assertThat(across.isStartCircuitOut()).isFalse();
        }
    }

    @ParameterizedTest
    @MethodSource("machines")
    @DisplayName("thrown to OFF it coasts, its start switch clicks in on the way down, and then it goes the other way")
    void throughOff(Machine machine) {
        PowerOn forward = machine.thrown(HandlePosition.FORWARD);
        PowerOn off = machine.thrown(HandlePosition.FORWARD, HandlePosition.OFF);

        assertThat(off.speeds().get(0).rpm() * forward.rpm()).isPositive();
        assertThat(off.speeds()).isSortedAccordingTo((a, b) -> Long.compare(Math.abs(b.rpm()), Math.abs(a.rpm())));
        assertThat(off.speeds()).allMatch(s -> s.amps() == 0);
        assertThat(off.closes().isPresent()).isEqualTo(machine.clicks());
        if (Math.abs(off.rpm()) < 1) {
            List<Throw> stopped =
                    List.of(new Throw(0, HandlePosition.FORWARD), new Throw(AT_SPEED, HandlePosition.OFF));
            PowerOn back = PowerOn.of(
                    machine.fitted(),
                    machine.analysis(),
                    stopped,
                    new Throw(100, HandlePosition.REVERSE),
                    Optional.empty());
            assertThat(back.rpm() * forward.rpm()).isNegative();
            assertThat(back.goesOnTheOldWay()).isFalse();
        }
    }

    @ParameterizedTest
    @MethodSource("machines")
    @DisplayName("the first second can be stepped through, and the click stands where the speed crosses three quarters")
    void finely(Machine machine) {
        PowerOn forward = machine.thrown(HandlePosition.FORWARD);

        for (int i = 1; i < forward.speeds().size() && forward.speeds().get(i).at() < 1; i++) {
            assertThat(forward.speeds().get(i).at()
                            - forward.speeds().get(i - 1).at())
                    .isLessThan(0.05);
        }
        assertThat(forward.opens().isPresent()).isEqualTo(machine.clicks());
        if (machine.clicks()) {
            double synchronous = machine.analysis()
                    .circuit()
                    .motor()
                    .rotor()
                    .synchronousRpm(machine.analysis().circuit().supply().hertz());
            double clicked = forward.speeds().stream()
                    .filter(s -> !s.starting())
                    .mapToDouble(s -> Math.abs(s.rpm()))
                    .findFirst()
                    .orElseThrow();
            assertThat(clicked).isBetween(0.74 * synchronous, synchronous);
        } else {
            assertThat(forward.speeds()).allMatch(PowerOn.Spin::starting);
        }
    }
}
