package gatepin.core.circuit;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * A motor wired to its gear and a supply: all that the engine needs to say what happens. Any circuit a person can make is
 * allowed, right or wrong.
 *
 * @param motor the motor
 * @param chart the gear between motor and supply: a switch, or contactors, with its settings
 * @param supply the supply
 * @param feeder the conductors that bring it
 * @param wires every wire outside the motor
 * @param outside capacitors and resistors that no winding comes with
 */
public record Circuit(
        Motor motor, ContactChart chart, Supply supply, Feeder feeder, List<Wire> wires, List<Element> outside) {
    public Circuit {
        wires = List.copyOf(wires);
        outside = List.copyOf(outside);
        for (Element element : outside) {
            if (element instanceof Coil) {
                throw new IllegalArgumentException(element.name() + ": a coil belongs to the motor");
            }
        }
    }

    /** A circuit with nothing outside the motor but gear and wires. */
    public Circuit(Motor motor, ContactChart chart, Supply supply, Feeder feeder, List<Wire> wires) {
        this(motor, chart, supply, feeder, wires, List.of());
    }

    /** The same with other wires. */
    public Circuit rewired(List<Wire> others) {
        return new Circuit(motor, chart, supply, feeder, others, outside);
    }

    /** The same with another motor. */
    public Circuit with(Motor other) {
        return new Circuit(other, chart, supply, feeder, wires, outside);
    }

    /** The same with other gear. */
    public Circuit with(ContactChart other) {
        return new Circuit(motor, other, supply, feeder, wires, outside);
    }

    /** The same on another supply. */
    public Circuit on(Supply other) {
        return new Circuit(motor, chart, other, feeder, wires, outside);
    }

    /** The same behind another feeder. */
    public Circuit behind(Feeder other) {
        return new Circuit(motor, chart, supply, other, wires, outside);
    }

    /** The settings there are: those of the gear, or FORWARD alone where the motor hangs on the supply without any. */
    public List<Setting> settings() {
        return chart.terminals().isEmpty() ? List.of(HandlePosition.FORWARD) : chart.settings();
    }

    /** The devices that have terminals here. */
    public SortedSet<Device> devices() {
        SortedSet<Device> devices = new TreeSet<>();
        terminals().stream()
                .map(Terminal::device)
                .filter(d -> d.type() != Device.Type.INSIDE)
                .forEach(devices::add);
        return devices;
    }

    /**
     * The ground screws of every enclosure there is: the motor's frame, and those of the gear, where it stands in boxes of
     * its own or a wire lands on one.
     */
    public SortedSet<Terminal> frames() {
        SortedSet<Terminal> frames = new TreeSet<>();
        terminals().stream().flatMap(t -> t.device().frame().stream()).forEach(frames::add);
        return frames;
    }

    /** Every element that conducts: coils that are not open, capacitors, resistors. */
    public List<Element> elements() {
        List<Element> all = new ArrayList<>(motor.coils());
        all.removeIf(e -> e instanceof Coil coil && coil.health() == Coil.Health.OPEN);
        all.addAll(motor.capacitors());
        all.addAll(outside);
        return all;
    }

    /**
     * The motor with the capacitor that belongs to its start winding: its own, or else those outside as one, which its windings
     * cannot do without.
     */
    public Motor motorWithCapacitor() {
        List<Capacitor> beside = capacitors();
        if (!motor.capacitors().isEmpty() || beside.isEmpty()) {
            return motor;
        }
        Capacitor first = beside.get(0);
        Capacitor all = new Capacitor(
                first.name(),
                first.a(),
                first.b(),
                beside.stream().mapToDouble(Capacitor::microfarads).sum(),
                first.esrOhms() / beside.size());
        Set<Terminal> leads = new LinkedHashSet<>(motor.leads());
        leads.addAll(List.of(first.a(), first.b()));
        return new Motor(List.copyOf(leads), motor.coils(), List.of(all), motor.contacts(), motor.rotor());
    }

    /** The same without these capacitors, as with their tags pulled off. */
    public Circuit withoutCapacitors(Set<String> names) {
        if (names.isEmpty()) {
            return this;
        }
        Motor left = new Motor(
                motor.leads(),
                motor.coils(),
                motor.capacitors().stream()
                        .filter(c -> !names.contains(c.name()))
                        .toList(),
                motor.contacts(),
                motor.rotor());
        return new Circuit(
                left,
                chart,
                supply,
                feeder,
                wires,
                outside.stream()
                        .filter(e -> !(e instanceof Capacitor) || !names.contains(e.name()))
                        .toList());
    }

    /** Every capacitor, the motor's and those outside. */
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
        chart.terminals().stream().flatMap(t -> t.device().frame().stream()).forEach(all::add);
        wires.forEach(w -> all.addAll(List.of(w.from(), w.to())));
        return all;
    }

    /** What is one point in a state: wires, closed contacts of gear and motor, and joints inside merge terminals. */
    public Nodes nodes(State state) {
        return nodes(state, terminals());
    }

    /** The same where the terminals are at hand. */
    Nodes nodes(State state, Set<Terminal> terminals) {
        Nodes.Builder builder = Nodes.over(terminals).joinWires(wires).joinContacts(chart.closedIn(state.setting()));
        motor.contacts().stream().filter(c -> c.isClosed(state)).forEach(c -> builder.join(c.a(), c.b()));
        return builder.build();
    }

    /** What wires and contacts of the gear join in a setting, whatever lies inside the motor. */
    public Nodes joinedOutside(Setting setting) {
        return Nodes.of(wires, chart.closedIn(setting));
    }

    /** The motor's leads, its capacitor's tags and the two lines: the points a connection diagram speaks of. */
    public List<Terminal> leadsAndLines() {
        List<Terminal> points = new ArrayList<>(motor.leads());
        points.add(Terminal.L1);
        points.add(Terminal.L2);
        return points;
    }
}
