package gatepin.core.circuit;

import gatepin.core.circuit.Winding.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How motors are connected as a rule: halves in parallel for the lower voltage, in series for the higher, a start winding for one
 * voltage across one half, its capacitor in series with it (common practice; marks NEMA MG 1 part 2, from memory). The measure for
 * what each winding of a motor should get. A sound motor on a stiff supply, without gear.
 */
public final class StandardConnection {
    private StandardConnection() {}

    /** The connection for the lower or only voltage; empty where the windings are not of this kind. */
    public static Optional<Circuit> low(Motor motor, int hertz) {
        return Windings.of(motor).flatMap(w -> w.connected(false, hertz));
    }

    /** The connection for the higher voltage; empty where there are no two run halves. */
    public static Optional<Circuit> high(Motor motor, int hertz) {
        return Windings.of(motor).filter(w -> w.run().size() == 2).flatMap(w -> w.connected(true, hertz));
    }

    /** The connection that belongs to a supply's voltage: the higher one above one and a half times what belongs across a half. */
    public static Optional<Circuit> at(Motor motor, Supply supply) {
        double half = motor.coils(Role.RUN).stream()
                .mapToDouble(Coil::ratedVolts)
                .findFirst()
                .orElse(supply.volts());
        Optional<Circuit> high = supply.volts() > 1.5 * half ? high(motor, supply.hertz()) : Optional.empty();
        return high.isPresent() ? high : low(motor, supply.hertz());
    }

    private record Windings(
            Motor motor, List<Winding> run, List<Winding> start, List<Winding> capacitor, double halfVolts) {
        static Optional<Windings> of(Motor motor) {
            List<Winding> all = motor.windings();
            boolean plain = motor.coils().stream().allMatch(Coil::isOnItsAxis);
            List<Winding> run = of(all, Role.RUN);
            List<Winding> start = of(all, Role.START);
            if (!plain
                    || run.isEmpty()
                    || run.size() > 2
                    || start.size() > 2
                    || run.size() + start.size() != motor.coils().size()) {
                return Optional.empty();
            }
            return Optional.of(new Windings(
                    motor.healthy(),
                    run,
                    start,
                    of(all, Role.CAPACITOR),
                    motor.coils(Role.RUN).get(0).ratedVolts()));
        }

        private static List<Winding> of(List<Winding> windings, Role role) {
            return windings.stream().filter(w -> w.role() == role).toList();
        }

        /** Of the ways round that the windings can lie, the first that shorts nothing: a lead that two share is the end of either. */
        Optional<Circuit> connected(boolean high, int hertz) {
            for (int way = 0; way < 16; way++) {
                List<Wire> wires = wires(high, (way & 1) != 0, (way & 2) != 0, (way & 4) != 0, (way & 8) != 0);
                Nodes nodes = Nodes.of(wires, List.of());
                boolean shorts = nodes.same(Terminal.L1, Terminal.L2)
                        || motor.windings().stream()
                                .filter(w -> w.role() != Role.PROTECTOR)
                                .anyMatch(w -> nodes.same(w.like(), w.other()));
                if (!shorts) {
                    Supply supply = new Supply(
                            (int) Math.round(high ? 2 * halfVolts : halfVolts), hertz, Supply.Kind.HOT_AND_NEUTRAL);
                    return Optional.of(new Circuit(motor, ContactChart.NONE, supply, Feeder.STIFF, wires));
                }
            }
            return Optional.empty();
        }

        private List<Wire> wires(
                boolean high, boolean startTurned, boolean capacitorTurned, boolean firstHalf, boolean runTurned) {
            List<Wire> wires = new ArrayList<>();
            Terminal lineOfLike = runTurned ? Terminal.L2 : Terminal.L1;
            Terminal lineOfOther = runTurned ? Terminal.L1 : Terminal.L2;
            wires.add(new Wire(Terminal.MOTOR_FRAME, Terminal.GROUND, Wire.Run.MOTOR_CABLE));
            Terminal middle = Terminal.splice("middle");
            if (high) {
                join(wires, run.get(0).like(), lineOfLike);
                join(wires, run.get(0).other(), middle);
                join(wires, run.get(1).like(), middle);
                join(wires, run.get(1).other(), lineOfOther);
            } else {
                run.forEach(half -> {
                    join(wires, half.like(), lineOfLike);
                    join(wires, half.other(), lineOfOther);
                });
            }
            if (start.isEmpty()) {
                return wires;
            }
            boolean acrossOneHalf = high && start.size() == 1;
            Terminal from = acrossOneHalf && !firstHalf ? middle : Terminal.L1;
            Terminal to = acrossOneHalf && firstHalf ? middle : Terminal.L2;
            Terminal end = to;
            if (!capacitor.isEmpty()) {
                Winding box = capacitor.get(0);
                end = capacitorTurned ? box.other() : box.like();
                join(wires, capacitorTurned ? box.like() : box.other(), to);
            }
            Winding first = start.get(0);
            join(wires, startTurned ? first.other() : first.like(), from);
            if (start.size() == 2) {
                Winding second = start.get(1);
                Terminal between = Terminal.splice("start middle");
                join(wires, startTurned ? first.like() : first.other(), high ? between : end);
                join(wires, startTurned ? second.other() : second.like(), high ? between : from);
                join(wires, startTurned ? second.like() : second.other(), end);
            } else {
                join(wires, startTurned ? first.like() : first.other(), end);
            }
            return wires;
        }

        private static void join(List<Wire> wires, Terminal one, Terminal other) {
            if (!one.equals(other)) {
                wires.add(new Wire(one, other, Wire.Run.MOTOR_BOX));
            }
        }
    }
}
