package gatepin.core.why;

import gatepin.core.check.MotorFault;
import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.circuit.Wire;
import gatepin.core.machine.RatedPoint;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.complex.Complex;

/**
 * Answers for a motor on its own column of the diagram, straight on its supply.
 *
 * @param runAlone the field of the run winding alone, standing
 * @param both with the start winding
 * @param swapped with the start winding's ends in each other's place
 * @param bothSwapped with both windings' ends in each other's place
 * @param withCapacitor the currents of run and start winding as they are; empty where there is no capacitor
 * @param withoutCapacitor the same with the capacitor shorted
 * @param torques torque over speed
 * @param halves two run halves side by side and one after the other; none where there is one run winding
 * @param protector what its protector carries; empty where it has none
 */
public record Why(
        Field runAlone,
        Field both,
        Field swapped,
        Field bothSwapped,
        Optional<Currents> withCapacitor,
        Optional<Currents> withoutCapacitor,
        List<Torque> torques,
        List<Half> halves,
        Optional<Feels> protector) {
    /** So many points has a curve. */
    private static final int POINTS = 60;

    /** The currents of both windings at standstill: A, and how far each is behind the line, degrees; N·m. */
    public record Currents(double runAmps, double runDegrees, double startAmps, double startDegrees, double torqueNm) {
        /** How far apart the two are, degrees from 0 to 180. */
        public double apart() {
            double apart = Math.abs(runDegrees - startDegrees) % 360;
            return apart > 180 ? 360 - apart : apart;
        }
    }

    /** Torque over speed with the start winding in or not, thrown one way or the other. */
    public record Torque(Curve curve, List<At> points) {}

    /** Which curve. */
    public enum Curve {
        RUN_ALONE,
        FORWARD,
        REVERSE
    }

    /** Torque at a speed: 1/min, N·m. */
    public record At(double rpm, double newtonMetres) {}

    /** Two run halves: volts across each, A in each, A from the line. */
    public record Half(boolean inSeries, int lineVolts, double volts, double amps, double lineAmps) {}

    /** What the protector carries: A running, A standing, A standing without the start winding. */
    public record Feels(double running, double standing, double hums) {}

    /**
     * Works the answers out.
     *
     * @param direct the motor on its column, without a switch
     * @param reversed the same with the two leads of its interchange in each other's place
     * @param rated where it works as its plate says
     */
    public static Why of(Circuit direct, Circuit reversed, RatedPoint rated) {
        State rest = State.atRest(HandlePosition.FORWARD);
        Circuit runOnly = direct.with(opened(direct.motor()));
        Circuit turned = direct.with(direct.motor()
                .withCoils(direct.motor().coils().stream().map(Coil::turned).toList()));
        List<Capacitor> capacitors = direct.capacitors();
        return new Why(
                Field.of(runOnly, rest, 1),
                Field.of(direct, rest, 1),
                Field.of(reversed, rest, 1),
                Field.of(turned, rest, 1),
                capacitors.isEmpty() ? Optional.empty() : Optional.of(currents(direct)),
                capacitors.isEmpty() ? Optional.empty() : Optional.of(currents(shorted(direct))),
                List.of(
                        torque(Curve.RUN_ALONE, runOnly),
                        torque(Curve.FORWARD, direct),
                        torque(Curve.REVERSE, reversed)),
                halves(direct, rated),
                feels(direct, runOnly, rated));
    }

    private static Motor opened(Motor motor) {
        return motor.withCoils(motor.coils().stream()
                .map(c -> c.role() == Role.START ? c.in(Coil.Health.OPEN) : c)
                .toList());
    }

    private static Circuit shorted(Circuit circuit) {
        Circuit shorted = circuit;
        for (Capacitor capacitor : circuit.capacitors()) {
            shorted =
                    new MotorFault.CapacitorBad(capacitor.name(), MotorFault.CapacitorBad.How.SHORTED).applyTo(shorted);
        }
        return shorted;
    }

    private static Currents currents(Circuit circuit) {
        AcSolution solution =
                AcNetwork.of(circuit, State.atRest(HandlePosition.FORWARD)).at(1);
        Complex run = solution.current(coil(circuit, Role.RUN));
        Complex start = solution.current(coil(circuit, Role.START));
        return new Currents(run.norm(), behind(run), start.norm(), behind(start), solution.torqueNm());
    }

    private static double behind(Complex current) {
        return -Math.toDegrees(current.getArgument());
    }

    private static Coil coil(Circuit circuit, Role role) {
        return circuit.motor().coils().stream()
                .filter(c -> c.role() == role)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("the motor has no " + role + " winding"));
    }

    private static Torque torque(Curve curve, Circuit circuit) {
        AcNetwork network = AcNetwork.of(circuit, State.atRest(HandlePosition.FORWARD));
        double synchronous =
                circuit.motor().rotor().synchronousRpm(circuit.supply().hertz());
        List<At> points = new ArrayList<>();
        for (int i = 0; i <= POINTS; i++) {
            double slip = 2 - 2.0 * i / POINTS;
            points.add(new At((1 - slip) * synchronous, network.torqueAt(slip)));
        }
        return new Torque(curve, points);
    }

    private static List<Half> halves(Circuit direct, RatedPoint rated) {
        List<Coil> run = direct.motor().coils().stream()
                .filter(c -> c.role() == Role.RUN)
                .toList();
        if (run.size() != 2) {
            return List.of();
        }
        Coil one = run.get(0);
        Coil other = run.get(1);
        int volts = (int) Math.round(one.ratedVolts());
        return List.of(
                half(
                        direct,
                        rated,
                        volts,
                        List.of(
                                wire(one.like(), Terminal.L1),
                                wire(other.like(), Terminal.L1),
                                wire(one.other(), Terminal.L2),
                                wire(other.other(), Terminal.L2))),
                half(
                        direct,
                        rated,
                        2 * volts,
                        List.of(
                                wire(one.like(), Terminal.L1),
                                wire(one.other(), other.like()),
                                wire(other.other(), Terminal.L2))));
    }

    private static Wire wire(Terminal a, Terminal b) {
        return new Wire(a, b, Wire.Run.MOTOR_BOX);
    }

    private static Half half(Circuit direct, RatedPoint rated, int volts, List<Wire> wires) {
        Circuit circuit = direct.with(opened(direct.motor()))
                .rewired(wires)
                .on(new Supply(volts, direct.supply().hertz(), direct.supply().kind()));
        AcSolution solution =
                AcNetwork.of(circuit, State.atSpeed(HandlePosition.FORWARD)).at(rated.slip());
        Coil one = coil(circuit, Role.RUN);
        return new Half(
                wires.size() == 3,
                volts,
                solution.voltage(one).norm(),
                solution.current(one).norm(),
                solution.lineAmps());
    }

    private static Optional<Feels> feels(Circuit direct, Circuit runOnly, RatedPoint rated) {
        return direct.motor().contacts().stream()
                .filter(c -> c.kind() == InnerContact.Kind.PROTECTOR)
                .findFirst()
                .map(p -> new Feels(
                        AcNetwork.of(direct, State.atSpeed(HandlePosition.FORWARD))
                                .at(rated.slip())
                                .current(p)
                                .norm(),
                        AcNetwork.of(direct, State.atRest(HandlePosition.FORWARD))
                                .at(1)
                                .current(p)
                                .norm(),
                        AcNetwork.of(runOnly, State.atRest(HandlePosition.FORWARD))
                                .at(1)
                                .current(p)
                                .norm()));
    }
}
