package gatepin.core.machine;

import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.CoilRoles;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.plate.MotorFamily;
import java.util.ArrayList;
import java.util.List;

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
     * @param capacitors the capacitors inside and beside it
     * @param rated where it works as its plate says, and what its plate states besides
     */
    public static Motor laidOut(Motor motor, List<Capacitor> capacitors, RatedPoint rated) {
        List<Normal> normals = Normal.onEachConnection(motor, capacitors, rated);
        boolean usual = normals.get(0).isUsual();
        boolean switched = normals.get(0)
                .family()
                .map(MotorFamily::hasStartSwitch)
                .orElse(motor.has(InnerContact.Kind.START_SWITCH));
        List<Coil> run = motor.coils(Role.RUN);
        double ratedAmps =
                run.isEmpty() ? 0 : rated.stated().amps(run.get(0).ratedVolts()).orElse(0.0) / run.size();
        double mostRun =
                run.stream().mapToDouble(c -> running(normals, c)).max().orElse(0);
        List<Coil> coils = new ArrayList<>();
        for (Coil coil : motor.coils()) {
            boolean runs = coil.role() == Role.RUN || new CoilRoles(motor).hasTwins();
            double starting =
                    normals.stream().mapToDouble(n -> n.amps(coil)).max().orElseThrow();
            double lasting = usual
                    ? Math.max(running(normals, coil), runs ? Math.max(ratedAmps, mostRun) : 0)
                    : ratedAmps > 0 ? ratedAmps * run.size() : starting / STANDSTILL_TIMES;
            double joules = runs || lasting > OUT * starting
                    ? Copper.joulesPerKelvinForContinuous(coil.ohms(), RESERVE * lasting)
                    : Copper.joulesPerKelvinForStarting(coil.ohms(), starting);
            if (!runs && switched) {
                joules = Math.max(joules, Copper.joulesPerKelvinForStarting(coil.ohms(), starting));
            }
            coils.add(coil.laidOutFor(joules));
        }
        return motor.withCoils(coils);
    }

    private static double running(List<Normal> normals, Coil coil) {
        return normals.stream().mapToDouble(n -> n.runningAmps(coil)).max().orElse(0);
    }
}
