package gatepin.core.machine;

import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.Health;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.circuit.Wire;
import gatepin.core.machine.StartBranch.Capacity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A motor's coils connected as motors are as a rule, whatever lies between its leads and wherever its capacitors sit: halves in parallel
 * for the lower voltage, in series for the higher, the start winding across the voltage that belongs to it, in series with its branch
 * (common practice). The coils keep their names and values.
 *
 * @param run the run winding or its halves
 * @param start the start winding or its halves; none where there is none
 * @param inSeries the halves lie in series
 */
record SoundConnection(Motor motor, List<Coil> run, List<Coil> start, boolean inSeries) {
    private static final Terminal LINE = Terminal.motor("A1");
    private static final Terminal MIDDLE = Terminal.motor("A2");
    private static final Terminal RETURN = Terminal.motor("A3");

    /** For a supply's voltage; empty where the coils are of no usual kind. */
    static Optional<SoundConnection> of(Motor motor, double volts) {
        List<Coil> run = sound(motor, Role.RUN);
        List<Coil> start = sound(motor, Role.START);
        boolean usual = !run.isEmpty()
                && run.size() <= 2
                && start.size() <= 2
                && motor.coils().stream().allMatch(Coil::isOnItsAxis);
        if (!usual) {
            return Optional.empty();
        }
        boolean series = run.size() == 2 && volts > 1.5 * run.get(0).ratedVolts();
        return Optional.of(new SoundConnection(motor, run, start, series));
    }

    /** The coils of a circuit, sound, all wound the same way round. */
    private static List<Coil> sound(Motor motor, Role role) {
        return motor.coils(role).stream()
                .map(c -> c.in(Coil.Health.SOUND))
                .map(c -> Math.cos(Math.toRadians(c.degrees() - c.axis())) < 0 ? c.turned() : c)
                .toList();
    }

    /** Its own voltage, V. */
    double volts() {
        return (inSeries ? 2 : 1) * run.get(0).ratedVolts();
    }

    /** The start winding belongs across one half of the run winding only. */
    private boolean acrossOneHalf() {
        double half = run.get(0).ratedVolts();
        return inSeries && start.size() == 1 && start.get(0).ratedVolts() < Math.sqrt(2) * half;
    }

    /** Two start halves for one half's voltage each lie in series like the run halves. */
    private boolean startInSeries() {
        return inSeries
                && start.size() == 2
                && start.get(0).ratedVolts() < Math.sqrt(2) * run.get(0).ratedVolts();
    }

    /** The circuit with a branch in series with the start winding. */
    Circuit with(StartBranch branch, int hertz) {
        Parts parts = new Parts();
        if (inSeries) {
            parts.coils.add(run.get(0).between(LINE, MIDDLE));
            parts.coils.add(run.get(1).between(MIDDLE, RETURN));
        } else {
            run.forEach(c -> parts.coils.add(c.between(LINE, RETURN)));
        }
        Terminal to = acrossOneHalf() ? MIDDLE : RETURN;
        boolean each = branch.eachHalf() && start.size() == 2;
        if (start.size() == 1) {
            parts.branch(start, LINE, to, branch, 1, "");
        } else if (start.size() == 2 && each) {
            Terminal between = startInSeries() ? Terminal.motor("B2") : RETURN;
            parts.branch(List.of(start.get(0)), LINE, between, branch, 2, "");
            parts.branch(List.of(start.get(1)), startInSeries() ? between : LINE, RETURN, branch, 2, " 2");
        } else if (start.size() == 2) {
            parts.startsInSeries = startInSeries();
            parts.branch(start, LINE, RETURN, branch, 1, "");
        }
        List<Wire> wires = List.of(
                new Wire(LINE, Terminal.L1, Wire.Run.MOTOR_CABLE),
                new Wire(RETURN, Terminal.L2, Wire.Run.MOTOR_CABLE),
                new Wire(Terminal.MOTOR_FRAME, Terminal.GROUND, Wire.Run.MOTOR_CABLE));
        Motor made = new Motor(List.of(LINE, RETURN), parts.coils, parts.capacitors, parts.contacts, motor.rotor());
        return new Circuit(
                made,
                ContactChart.NONE,
                new Supply((int) Math.round(volts()), hertz, Supply.Kind.HOT_AND_NEUTRAL),
                Feeder.STIFF,
                wires);
    }

    /** What lies in the motor that is being put together. */
    private static final class Parts {
        private final List<Coil> coils = new ArrayList<>();
        private final List<Capacitor> capacitors = new ArrayList<>();
        private final List<InnerContact> contacts = new ArrayList<>();
        private boolean startsInSeries;

        private void branch(
                List<Coil> halves, Terminal from, Terminal to, StartBranch branch, int shares, String suffix) {
            boolean bare = branch.start().isEmpty()
                    && branch.run().isEmpty()
                    && !branch.family().hasStartSwitch();
            Terminal end = bare ? to : Terminal.inside("s" + suffix);
            if (halves.size() == 2 && startsInSeries) {
                Terminal middle = Terminal.inside("m");
                coils.add(halves.get(0).between(from, middle));
                coils.add(halves.get(1).between(middle, end));
            } else {
                halves.forEach(c -> coils.add(c.between(from, end)));
            }
            branch.run().ifPresent(c -> capacitors.add(capacitor("run capacitor" + suffix, end, to, c.oneOf(shares))));
            if (!branch.family().hasStartSwitch()) {
                return;
            }
            Terminal before = branch.start().isEmpty() ? end : Terminal.inside("t" + suffix);
            branch.start()
                    .ifPresent(
                            c -> capacitors.add(capacitor("start capacitor" + suffix, end, before, c.oneOf(shares))));
            contacts.add(new InnerContact("start switch" + suffix, Kind.START_SWITCH, before, to, Health.WORKS));
        }

        private static Capacitor capacitor(String name, Terminal a, Terminal b, Capacity capacity) {
            return new Capacitor(name, a, b, capacity.microfarads(), capacity.esrOhms());
        }
    }
}
