package gatepin.core.check;

import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Stand;
import gatepin.core.circuit.StandardConnection;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.circuit.Wire;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A motor connected as motors are as a rule, behind a switch that breaks both lines and interchanges the start winding's ends: what a
 * complaint is tried on while nobody knows how it is really wired.
 */
final class StandardReversing {
    private StandardReversing() {}

    /** The circuit; empty where the windings are of no usual kind. Where the start winding shares a lead it runs one way only. */
    static Optional<Circuit> of(Motor motor, Supply supply, Feeder feeder) {
        return StandardConnection.at(motor, supply).map(direct -> {
            List<Winding> start = direct.motor().windings().stream()
                    .filter(w -> w.role() == Role.START)
                    .toList();
            List<Wire> wires = new ArrayList<>();
            for (Wire wire : direct.wires()) {
                wires.add(new Wire(wire.from(), behind(wire.to()), wire.run()));
            }
            boolean own = start.size() == 1
                    && single(wires, start.get(0).like())
                    && single(wires, start.get(0).other());
            if (own) {
                interpose(wires, start.get(0).like(), "1", "3");
                interpose(wires, start.get(0).other(), "2", "4");
            }
            wires.add(new Wire(Terminal.onSwitch("5"), Terminal.L1, Wire.Run.SUPPLY_CABLE));
            wires.add(new Wire(Terminal.onSwitch("7"), Terminal.L2, Wire.Run.SUPPLY_CABLE));
            return new Circuit(direct.motor(), chart(own), supply, feeder, wires);
        });
    }

    private static Terminal behind(Terminal line) {
        return line.equals(Terminal.L1)
                ? Terminal.onSwitch("6")
                : line.equals(Terminal.L2) ? Terminal.onSwitch("8") : line;
    }

    private static boolean single(List<Wire> wires, Terminal lead) {
        return wires.stream().filter(w -> w.lands(lead)).count() == 1;
    }

    /** The lead goes to one terminal of the switch, what it was on to another. */
    private static void interpose(List<Wire> wires, Terminal lead, String inner, String outer) {
        Wire was = wires.stream().filter(w -> w.lands(lead)).findFirst().orElseThrow();
        Terminal to = was.from().equals(lead) ? was.to() : was.from();
        wires.remove(was);
        wires.add(new Wire(lead, Terminal.onSwitch(inner), Wire.Run.MOTOR_CABLE));
        wires.add(new Wire(to, Terminal.onSwitch(outer), Wire.Run.MOTOR_CABLE));
    }

    private static ContactChart chart(boolean reverses) {
        List<Terminal> face = new ArrayList<>();
        for (int i = reverses ? 1 : 5; i <= 8; i++) {
            face.add(Terminal.onSwitch("" + i));
        }
        Contact one = Contact.between("5", "6");
        Contact other = Contact.between("7", "8");
        if (reverses) {
            return ContactChart.ofHandle(
                    face,
                    Map.of(
                            HandlePosition.FORWARD,
                            Set.of(one, other, Contact.between("1", "3"), Contact.between("2", "4")),
                            HandlePosition.REVERSE,
                            Set.of(one, other, Contact.between("1", "4"), Contact.between("2", "3"))));
        }
        Map<Setting, Set<Contact>> closed = new LinkedHashMap<>();
        closed.put(new Stand("on", Setting.Purpose.FORWARD), Set.of(one, other));
        closed.put(new Stand("off", Setting.Purpose.OFF), Set.of());
        return new ContactChart(face, closed);
    }
}
