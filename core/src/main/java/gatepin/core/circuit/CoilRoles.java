package gatepin.core.circuit;

import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Winding.Role;
import java.util.List;

/**
 * Which coils serve as run and which as start winding. Of two windings that are alike, the one straight on the lines is the
 * run winding, whatever its name: so a three-lead PSC motor reverses (common practice).
 *
 * @param motor the motor
 */
public record CoilRoles(Motor motor) {
    /** The coils that serve a circuit where terminals are joined like this. */
    public List<Coil> coils(Role role, Nodes nodes) {
        return motor.coils(areExchanged(nodes) ? other(role) : role);
    }

    /** The coil by whose name this one serves: itself, or its twin where the two have changed roles. */
    public Coil like(Coil coil, Nodes nodes) {
        return areExchanged(nodes) ? motor.coils(other(coil.role())).get(0) : coil;
    }

    private static Role other(Role role) {
        return role == Role.RUN ? Role.START : Role.RUN;
    }

    /** The run and the start winding are alike, so that either can be the main one (three-lead PSC). */
    public boolean hasTwins() {
        List<Coil> run = motor.coils(Role.RUN);
        List<Coil> start = motor.coils(Role.START);
        return run.size() == 1
                && start.size() == 1
                && !motor.has(Kind.START_SWITCH)
                && run.get(0).turns() == start.get(0).turns()
                && run.get(0).ohms() == start.get(0).ohms();
    }

    private boolean areExchanged(Nodes nodes) {
        return hasTwins()
                && isAcrossTheLine(motor.coils(Role.START).get(0), nodes)
                && !isAcrossTheLine(motor.coils(Role.RUN).get(0), nodes);
    }

    private static boolean isAcrossTheLine(Coil coil, Nodes nodes) {
        return (nodes.same(coil.like(), Terminal.L1) && nodes.same(coil.other(), Terminal.L2))
                || (nodes.same(coil.like(), Terminal.L2) && nodes.same(coil.other(), Terminal.L1));
    }
}
