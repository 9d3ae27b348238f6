package gatepin.core.circuit;

import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.gear.SwitchKind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;

/** Motors and wirings for the engine's tests. */
public final class BenchMotors {
    /** 1/4 hp, 110 V, 60 Hz, 4 pole (Fitzgerald, Kingsley and Umans, Electric Machinery, ch. 9, from memory). */
    public static final Rotor QUARTER_HP_ROTOR = new Rotor(4, 60, 4.12, 2.12, 66.8, 37, 0.0146);

    private static final Terminal SWITCH_SIDE = Terminal.inside("a");
    private static final Terminal CAPACITOR_SIDE = Terminal.inside("b");

    private BenchMotors() {}

    /**
     * The same motor with its auxiliary winding, capacitor branch and start switch (Krause, Analysis of Electric
     * Machinery, from memory: 7.14 Ω, 3.22 Ω, turns ratio 1.18, capacitor branch 3 − j14.5 Ω).
     */
    public static Motor quarterHp() {
        return new Motor(
                leads("T1", "T4", "T5", "T8"),
                List.of(
                        coil("run 1", Role.RUN, "T1", "T4", 1, 2.02, 2.79, 110),
                        new Coil(
                                "start 1",
                                Role.START,
                                Terminal.motor("T5"),
                                SWITCH_SIDE,
                                Coil.START_AXIS,
                                1.18,
                                7.14,
                                3.22,
                                110,
                                90)),
                List.of(new Capacitor(
                        "start capacitor", SWITCH_SIDE, CAPACITOR_SIDE, 1e6 / (2 * Math.PI * 60 * 14.5), 3)),
                List.of(new InnerContact(
                        "start switch", Kind.START_SWITCH, CAPACITOR_SIDE, Terminal.motor("T8"), Health.WORKS)),
                QUARTER_HP_ROTOR);
    }

    /** A six-lead motor for 115/230 V: two run halves, one start winding, capacitor and start switch inside. */
    public static Motor sixLead() {
        return new Motor(
                leads("T1", "T2", "T3", "T4", "T5", "T8"),
                List.of(
                        coil("run 1", Role.RUN, "T1", "T2", 1, 1.1, 1.3, 115),
                        coil("run 2", Role.RUN, "T3", "T4", 1, 1.1, 1.3, 115),
                        new Coil(
                                "start 1",
                                Role.START,
                                Terminal.motor("T5"),
                                SWITCH_SIDE,
                                Coil.START_AXIS,
                                1.3,
                                2.6,
                                1.2,
                                115,
                                120)),
                List.of(new Capacitor("start capacitor", SWITCH_SIDE, CAPACITOR_SIDE, 300, 0.4)),
                List.of(new InnerContact(
                        "start switch", Kind.START_SWITCH, CAPACITOR_SIDE, Terminal.motor("T8"), Health.WORKS)),
                new Rotor(4, 60, 1.0, 0.65, 16, 70, 0.004));
    }

    /** A permanent split capacitor motor with four leads and its capacitor inside. */
    public static Motor psc() {
        return new Motor(
                leads("U1", "U2", "Z1", "Z2"),
                List.of(
                        coil("run 1", Role.RUN, "U1", "U2", 1, 9, 11, 230),
                        new Coil(
                                "start 1",
                                Role.START,
                                Terminal.motor("Z1"),
                                SWITCH_SIDE,
                                Coil.START_AXIS,
                                1.2,
                                15,
                                13,
                                230,
                                400)),
                List.of(new Capacitor("run capacitor", SWITCH_SIDE, Terminal.motor("Z2"), 14, 4)),
                List.of(),
                new Rotor(4, 50, 14, 9, 190, 45, 0.0025));
    }

    /** A PSC gearmotor with two equal windings and a soft, high-slip rotor. */
    public static Motor gearmotor() {
        return new Motor(
                leads("U1", "U2", "Z1", "Z2"),
                List.of(
                        coil("run 1", Role.RUN, "U1", "U2", 1, 20, 15, 230),
                        coil("start 1", Role.START, "Z1", "Z2", 1, 20, 15, 230)
                                .between(Terminal.motor("Z1"), SWITCH_SIDE)),
                List.of(new Capacitor("run capacitor", SWITCH_SIDE, Terminal.motor("Z2"), 24.5, 2)),
                List.of(),
                new Rotor(4, 50, 80, 10, 160, 20, 0.001));
    }

    static List<Terminal> leads(String... marks) {
        return Arrays.stream(marks).map(Terminal::motor).toList();
    }

    static Coil coil(
            String name,
            Role role,
            String like,
            String other,
            double turns,
            double ohms,
            double leakage,
            double volts) {
        return new Coil(
                name,
                role,
                Terminal.motor(like),
                Terminal.motor(other),
                role == Role.RUN ? Coil.RUN_AXIS : Coil.START_AXIS,
                turns,
                ohms,
                leakage,
                volts,
                600);
    }

    /** Wires written as {@code T1-L1 T5-L1 T4-L2}; a mark that starts with a digit is a switch terminal. */
    public static Circuit wired(Motor motor, Supply supply, String wires) {
        return new Circuit(motor, SwitchKind.CROSS_CORNER_DRUM.chart(), supply, Feeder.STIFF, parse(wires), List.of());
    }

    static List<Wire> parse(String wires) {
        List<Wire> parsed = new ArrayList<>();
        for (String wire : wires.strip().split("\\s+")) {
            if (!wire.isBlank()) {
                String[] ends = wire.split("-");
                parsed.add(new Wire(terminal(ends[0]), terminal(ends[1]), Wire.Run.MOTOR_CABLE));
            }
        }
        return parsed;
    }

    static Terminal terminal(String mark) {
        if (mark.equals("FRAME")) {
            return Terminal.MOTOR_FRAME;
        }
        if (mark.equals("BOX")) {
            return Terminal.SWITCH_FRAME;
        }
        if (mark.matches("L1|L2|G")) {
            return new Terminal(Device.SUPPLY, mark);
        }
        return mark.matches("[1-6]") ? Terminal.onSwitch(mark) : Terminal.motor(mark);
    }

    /** Any wires at all between any terminals, as a person in the dark might land them. */
    public static Circuit randomWiring(long seed) {
        Random random = new Random(seed);
        Motor motor = List.of(quarterHp(), sixLead(), psc()).get(random.nextInt(3));
        List<Terminal> points = new ArrayList<>(motor.leads());
        points.addAll(SwitchKind.CROSS_CORNER_DRUM.chart().terminals());
        points.addAll(List.of(Terminal.L1, Terminal.L2, Terminal.GROUND, Terminal.MOTOR_FRAME));
        List<Wire> wires = new ArrayList<>();
        int count = random.nextInt(14);
        while (wires.size() < count) {
            Terminal a = points.get(random.nextInt(points.size()));
            Terminal b = points.get(random.nextInt(points.size()));
            if (!a.equals(b)) {
                wires.add(new Wire(a, b, Wire.Run.MOTOR_CABLE));
            }
        }
        Supply supply = random.nextBoolean()
                ? new Supply(230, random.nextBoolean() ? 60 : 50, Supply.Kind.TWO_HOT)
                : new Supply(115, 60, Supply.Kind.HOT_AND_NEUTRAL);
        return new Circuit(motor, SwitchKind.CROSS_CORNER_DRUM.chart(), supply, Feeder.USUAL, wires, List.of());
    }
}
