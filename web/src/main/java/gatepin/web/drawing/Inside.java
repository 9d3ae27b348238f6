package gatepin.web.drawing;

import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;

/**
 * What sits in series with a winding inside the motor.
 *
 * @param startSwitch the centrifugal switch
 * @param startCapacitor a capacitor in series with that switch
 * @param runCapacitor a capacitor that stays in
 */
record Inside(boolean startSwitch, boolean startCapacitor, boolean runCapacitor) {
    static final Inside NOTHING = new Inside(false, false, false);

    /** Looks from the winding's inner end towards its lead. */
    static Inside of(Motor motor, Winding winding) {
        Optional<Coil> coil = motor.coils().stream()
                .filter(c -> c.name().equals(winding.name()))
                .findFirst();
        if (coil.isEmpty()) {
            return NOTHING;
        }
        Set<Terminal> inner = new HashSet<>(
                Set.of(coil.orElseThrow().like(), coil.orElseThrow().other()));
        inner.removeAll(motor.leads());
        if (inner.isEmpty()) {
            return NOTHING;
        }
        // what hangs on an inner end, and what hangs on that again
        for (int step = 0; step < 2; step++) {
            for (Capacitor c : motor.capacitors()) {
                reach(inner, c.a(), c.b(), motor);
            }
            for (InnerContact c : motor.contacts()) {
                reach(inner, c.a(), c.b(), motor);
            }
        }
        Set<Terminal> atSwitch = new HashSet<>();
        motor.contacts().stream()
                .filter(c -> c.kind() == Kind.START_SWITCH && touches(inner, c.a(), c.b()))
                .forEach(c -> atSwitch.addAll(Set.of(c.a(), c.b())));
        atSwitch.removeAll(motor.leads());
        Set<Terminal> innermost = new HashSet<>(
                Set.of(coil.orElseThrow().like(), coil.orElseThrow().other()));
        boolean start = motor.capacitors().stream()
                .filter(c -> touches(inner, c.a(), c.b()))
                .anyMatch(c -> touches(atSwitch, c.a(), c.b()) && !isBeside(c, motor));
        boolean run = motor.capacitors().stream()
                .filter(c -> touches(innermost, c.a(), c.b()))
                .anyMatch(c -> isBeside(c, motor));
        return new Inside(!atSwitch.isEmpty(), start, run);
    }

    /** A capacitor that reaches a lead by itself lies beside the switch, not in series with it. */
    private static boolean isBeside(Capacitor capacitor, Motor motor) {
        return motor.leads().contains(capacitor.a()) != motor.leads().contains(capacitor.b());
    }

    private static boolean touches(Set<Terminal> inner, Terminal a, Terminal b) {
        return inner.contains(a) || inner.contains(b);
    }

    private static void reach(Set<Terminal> inner, Terminal a, Terminal b, Motor motor) {
        if (touches(inner, a, b)) {
            inner.add(a);
            inner.add(b);
            inner.removeAll(motor.leads());
        }
    }

    boolean isNothing() {
        return equals(NOTHING);
    }
}
