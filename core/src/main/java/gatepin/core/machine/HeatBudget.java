package gatepin.core.machine;

import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.CoilRoles;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.StandardConnection;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Winding.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;

/**
 * How much heat the windings of a motor are laid out for: what each carries where the motor is connected as a rule, on its lower
 * and on its higher voltage. A winding that stays in is laid out for its current at rated load, with the reserve that a service
 * factor stands for; one that is switched out only for its current at standstill.
 */
public final class HeatBudget {
    /** A motor for continuous duty stands this much more than its rated current (service factor; common practice). */
    private static final double RESERVE = 1.15;
    /** Below this share of its current at standstill a winding counts as switched out. */
    private static final double OUT = 0.02;

    /** Standstill current is about this many times the rated one (common practice). */
    private static final double STANDSTILL_TIMES = 5;

    private HeatBudget() {}

    /**
     * The motor with the heat that warms each of its coils by one kelvin.
     *
     * @param slip slip at rated load
     * @param ratedAmps line current at rated load on the lower voltage, A; 0 where it is not known
     */
    public static Motor laidOut(Motor motor, double slip, double ratedAmps) {
        int hertz = (int) Math.round(motor.rotor().ratedHertz());
        List<Circuit> standard = Stream.of(StandardConnection.low(motor, hertz), StandardConnection.high(motor, hertz))
                .flatMap(Optional::stream)
                .toList();
        long runCoils = motor.coils(Role.RUN).size();
        double[] standing = new double[motor.coils().size()];
        double[] running = new double[motor.coils().size()];
        for (Circuit circuit : standard) {
            AcSolution start =
                    AcNetwork.of(circuit, State.atRest(HandlePosition.FORWARD)).at(1);
            double at = start.torqueNm() < 0 ? 2 - slip : slip;
            AcSolution run =
                    AcNetwork.of(circuit, State.atSpeed(HandlePosition.FORWARD)).at(at);
            for (int i = 0; i < standing.length; i++) {
                Coil coil = circuit.motor().coils().get(i);
                standing[i] = Math.max(standing[i], start.current(coil).norm());
                running[i] = Math.max(running[i], run.current(coil).norm());
            }
        }
        List<Coil> coils = new ArrayList<>();
        for (int i = 0; i < standing.length; i++) {
            Coil coil = motor.coils().get(i);
            boolean runs = coil.role() == Role.RUN || new CoilRoles(motor).hasTwins();
            double starting = standing[i] > 0 ? standing[i] : alone(motor, coil);
            double lasting = standard.isEmpty()
                    ? ratedAmps > 0 ? ratedAmps : starting / STANDSTILL_TIMES
                    : Math.max(running[i], runs ? Math.max(ratedAmps / runCoils, running[0]) : 0);
            double joules = runs || lasting > OUT * starting
                    ? Copper.joulesPerKelvinForContinuous(coil.ohms(), RESERVE * lasting)
                    : Copper.joulesPerKelvinForStarting(coil.ohms(), starting);
            if (!runs && motor.has(InnerContact.Kind.START_SWITCH)) {
                joules = Math.max(joules, Copper.joulesPerKelvinForStarting(coil.ohms(), starting));
            }
            coils.add(coil.laidOutFor(joules));
        }
        return motor.withCoils(coils);
    }

    /** What a coil takes at standstill alone on its own voltage, A. */
    private static double alone(Motor motor, Coil coil) {
        return coil.ratedVolts()
                / motor.rotor()
                        .fieldImpedance(1, motor.rotor().ratedHertz())
                        .multiply(coil.turns() * coil.turns())
                        .add(new Complex(coil.ohms(), coil.leakageOhms()))
                        .norm();
    }
}
