package gatepin.core.circuit;

import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Winding.Role;
import java.util.List;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;

/**
 * What a motor's own protector breaks in one setting: judged by what still flows once it is open, at standstill and at speed.
 * Contacts in series, or the two of a three-terminal protector, open together: they are one protector.
 *
 * @param protects the motor has a protector at all
 * @param flowing what the line feeds with the protector closed, A: the greater of standstill and running
 * @param leftAmps what the line still feeds with it open, A: the greater of both
 * @param runLeft run winding current has a way of its own past it: it flows though protector and start winding are both open
 */
public record Protection(boolean protects, double flowing, double leftAmps, boolean runLeft) {
    /** Less than this share of what flowed before is leakage of the model, not a way past the protector. */
    private static final double NOTHING = 0.005;

    /**
     * Looks at one setting.
     *
     * @param circuit the circuit; a stiff feeder keeps its figures clean
     * @param slip the slip it runs at, 2 less that where it turns in the minus direction
     */
    public static Protection of(Circuit circuit, Setting setting, double slip) {
        return of(Networks.of(circuit), setting, slip);
    }

    /** The same of a circuit whose networks are at hand. */
    public static Protection of(Networks networks, Setting setting, double slip) {
        Circuit circuit = networks.circuit();
        boolean has = circuit.motor().has(Kind.PROTECTOR);
        double flowing = 0;
        double left = 0;
        for (boolean standing : List.of(true, false)) {
            double at = standing ? 1 : slip;
            flowing = Math.max(
                    flowing,
                    networks.in(new State(setting, standing, true)).at(at).lineAmps());
            if (has) {
                left = Math.max(
                        left,
                        networks.in(new State(setting, standing, false)).at(at).lineAmps());
            }
        }
        boolean whole = left <= nothing(flowing);
        return new Protection(has, flowing, left, has && !whole && runsPast(circuit, setting, flowing));
    }

    private static boolean runsPast(Circuit circuit, Setting setting, double flowing) {
        CoilRoles roles = new CoilRoles(circuit.motor());
        Nodes closed = circuit.nodes(State.atRest(setting));
        Motor runOnly = circuit.motor();
        for (Coil coil : roles.coils(Role.START, closed)) {
            runOnly = runOnly.with(coil.name(), Coil.Health.OPEN);
        }
        AcSolution open = AcNetwork.of(circuit.with(runOnly), new State(setting, true, false))
                .at(1);
        return roles.coils(Role.RUN, closed).stream()
                .anyMatch(c -> open.current(c).norm() > nothing(flowing));
    }

    /** The highest volts to ground at a winding once the protector is open, at standstill: high where it lies in the neutral. */
    public static double voltsOnceOpen(Networks networks, Setting setting) {
        AcSolution open = networks.in(new State(setting, true, false)).at(1);
        return networks.circuit().motor().coils().stream()
                .flatMap(c -> Stream.of(c.like(), c.other()))
                .flatMap(t -> open.potential(t).stream())
                .mapToDouble(Complex::norm)
                .max()
                .orElse(0);
    }

    /** Whether what it opens stays hot on a supply with a neutral: it then lies in the neutral, or behind the windings. */
    public static boolean isInNeutral(Networks networks, Setting setting) {
        return networks.circuit().motor().has(Kind.PROTECTOR)
                && networks.circuit().supply().kind() == Supply.Kind.HOT_AND_NEUTRAL
                && voltsOnceOpen(networks, setting) > Carrying.FELT_VOLTS;
    }

    private static double nothing(double flowing) {
        return Carrying.NOTHING_AMPS + NOTHING * flowing;
    }

    /** All current passes the protector: nothing flows once it is open. */
    public boolean isWhole() {
        return leftAmps <= nothing(flowing);
    }
}
