package gatepin.core.verdict;

import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.StandardConnection;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Winding.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.complex.Complex;

/**
 * What each coil of a motor gets and carries where it is sound and connected as a rule ({@link StandardConnection}) for the supply's
 * voltage: the measure for too much and too little. Where its windings are of no usual kind, each coil alone on its own voltage.
 */
final class Usual {
    /** Below this share of its usual current a winding counts as carrying nothing. */
    static final double NOTHING = 0.03;

    private final Motor motor;
    private final int hertz;
    private final Optional<Circuit> standard;
    private final Optional<AcSolution> standing;
    private final Optional<AcSolution> running;

    Usual(Circuit circuit, RatedPoint rated) {
        this.motor = circuit.motorWithCapacitor();
        Supply supply = circuit.supply();
        this.hertz = supply.hertz();
        this.standard = StandardConnection.at(motor, supply);
        this.standing = standard.map(
                c -> AcNetwork.of(c, State.atRest(HandlePosition.FORWARD)).at(1));
        this.running = standard.map(c -> AcNetwork.of(c, State.atSpeed(HandlePosition.FORWARD))
                .at(standing.filter(s -> s.torqueNm() < 0).isPresent() ? 2 - rated.slip() : rated.slip()));
    }

    /** The coil of that name as it is in the standard connection, whatever has become of the one in hand. */
    private Coil sound(Coil coil) {
        return standard.stream()
                .flatMap(c -> c.motor().coils().stream())
                .filter(c -> c.name().equals(coil.name()))
                .findFirst()
                .orElse(coil);
    }

    /** At standstill, A. */
    double amps(Coil coil) {
        return standing.map(s -> s.current(sound(coil)).norm()).orElseGet(() -> alone(coil));
    }

    /** Across the coil at standstill, V. */
    double volts(Coil coil) {
        return standing.map(s -> s.voltage(sound(coil)).norm()).orElse(coil.ratedVolts());
    }

    /** At rated load with the start switch open, A; 0 where it is switched out. */
    double runningAmps(Coil coil) {
        return running.map(r -> r.current(sound(coil)).norm()).orElse(0.0);
    }

    /**
     * Across each run coil at rated load, V: the least and the most of them. A start winding that stays in on one half of a
     * series connection leaves its halves unlike.
     */
    double[] runVolts(Coil coil) {
        List<Double> volts = new ArrayList<>(List.of(coil.ratedVolts()));
        running.ifPresent(r ->
                motor.coils(Role.RUN).forEach(c -> volts.add(r.voltage(sound(c)).norm())));
        return new double[] {
            volts.stream().mapToDouble(v -> v).min().orElseThrow(),
            volts.stream().mapToDouble(v -> v).max().orElseThrow()
        };
    }

    boolean carries(AcSolution solution, Coil coil) {
        return solution.current(coil).norm() > NOTHING * amps(coil);
    }

    private double alone(Coil coil) {
        Complex impedance = motor.rotor()
                .fieldImpedance(1, hertz)
                .multiply(coil.turns() * coil.turns() * motor.coils(coil.role()).size())
                .add(new Complex(
                        coil.ohms(), coil.leakageOhms() * hertz / motor.rotor().ratedHertz()));
        return coil.ratedVolts() / impedance.norm();
    }
}
