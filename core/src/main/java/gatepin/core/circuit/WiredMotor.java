package gatepin.core.circuit;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * A motor wired to a switch and a supply: all that the engine needs to say what happens. Any wiring a person can make
 * is allowed, right or wrong.
 *
 * @param motor the motor
 * @param chart the switch, or contactors seen as one
 * @param supply the supply
 * @param feeder the conductors that bring it
 * @param wires every wire outside the motor
 * @param outside capacitors and resistors outside the motor
 */
public record WiredMotor(
        Motor motor, ContactChart chart, Supply supply, Feeder feeder, List<Wire> wires, List<Element> outside) {
    public WiredMotor {
        wires = List.copyOf(wires);
        outside = List.copyOf(outside);
        for (Element element : outside) {
            if (element instanceof Coil) {
                throw new IllegalArgumentException(element.name() + ": a coil belongs to the motor");
            }
        }
    }

    /** The motor in place of the bare windings of a wiring. */
    public static WiredMotor of(Motor motor, Wiring wiring, Feeder feeder) {
        return new WiredMotor(motor, wiring.chart(), wiring.supply(), feeder, wiring.wires(), List.of());
    }

    /** The same with other wires. */
    public WiredMotor rewired(List<Wire> others) {
        return new WiredMotor(motor, chart, supply, feeder, others, outside);
    }

    /** The same with another motor. */
    public WiredMotor with(Motor other) {
        return new WiredMotor(other, chart, supply, feeder, wires, outside);
    }

    /** The same on another supply. */
    public WiredMotor on(Supply other) {
        return new WiredMotor(motor, chart, other, feeder, wires, outside);
    }

    /** Every element: coils, capacitors, resistors. */
    public List<Element> elements() {
        List<Element> all = new ArrayList<>(motor.coils());
        all.addAll(motor.capacitors());
        all.addAll(outside);
        return all;
    }

    /** Every capacitor, inside the motor and outside. */
    public List<Capacitor> capacitors() {
        List<Capacitor> all = new ArrayList<>(motor.capacitors());
        outside.stream()
                .filter(Capacitor.class::isInstance)
                .map(Capacitor.class::cast)
                .forEach(all::add);
        return all;
    }

    /** Every terminal there is. */
    public Set<Terminal> terminals() {
        Set<Terminal> all = new LinkedHashSet<>(motor.terminals());
        outside.forEach(e -> all.addAll(List.of(e.a(), e.b())));
        all.addAll(chart.terminals());
        all.addAll(List.of(Terminal.L1, Terminal.L2, Terminal.GROUND, Terminal.MOTOR_FRAME));
        wires.forEach(w -> all.addAll(List.of(w.from(), w.to())));
        return all;
    }

    /** What is one point in a state: wires, closed contacts of the switch and of the motor merge terminals. */
    public Nodes nodes(State state) {
        Nodes.Builder builder = Nodes.over(terminals()).joinWires(wires).joinContacts(chart.closedIn(state.position()));
        motor.contacts().stream().filter(c -> c.isClosed(state)).forEach(c -> builder.join(c.a(), c.b()));
        return builder.build();
    }
}
