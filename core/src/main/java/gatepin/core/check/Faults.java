package gatepin.core.check;

import gatepin.core.check.MotorFault.CapacitorBad;
import gatepin.core.check.MotorFault.CapacitorsExchanged;
import gatepin.core.check.MotorFault.CoilBad;
import gatepin.core.check.MotorFault.HalvesExchanged;
import gatepin.core.check.MotorFault.InnerStuck;
import gatepin.core.check.SupplyFault.OtherSupply;
import gatepin.core.check.SupplyFault.OutletExchanged;
import gatepin.core.check.WiringFault.Bridged;
import gatepin.core.check.WiringFault.Bridged.Bridge;
import gatepin.core.check.WiringFault.ContactStuck;
import gatepin.core.check.WiringFault.End;
import gatepin.core.check.WiringFault.EndsExchanged;
import gatepin.core.check.WiringFault.HandleSlipped;
import gatepin.core.check.WiringFault.PoorJoint;
import gatepin.core.check.WiringFault.WireElsewhere;
import gatepin.core.check.WiringFault.WireEnd;
import gatepin.core.check.WiringFault.WireOut;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.Device;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.circuit.Wire;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Every single thing that can be wrong with a wiring. */
public final class Faults {
    /** Terminals this far apart on a face, counted along it, are neighbours: beside, above and askew of each other in two columns. */
    private static final int NEIGHBOURS = 3;
    /** A supply up to this is a low one, V. */
    private static final int LOW = 160;

    private final Circuit circuit;
    private final Map<String, Fault> all = new LinkedHashMap<>();

    private Faults(Circuit circuit) {
        this.circuit = circuit;
    }

    /** The single faults of a circuit. */
    public static List<Fault> of(Circuit circuit) {
        return of(circuit, List.of());
    }

    /**
     * The single faults of a circuit.
     *
     * @param links links of the switch that the plan wants taken out
     */
    public static List<Fault> of(Circuit circuit, Collection<Contact> links) {
        Faults faults = new Faults(circuit);
        faults.wires();
        faults.exchanged();
        faults.bridges(links);
        faults.contacts();
        faults.insideMotor();
        faults.capacitors();
        faults.supplies();
        return List.copyOf(faults.all.values());
    }

    /** The fault of a key, among those of a circuit. */
    public static Optional<Fault> named(String key, List<Fault> faults) {
        return faults.stream().filter(f -> f.key().equals(key)).findFirst();
    }

    private void add(Fault fault) {
        all.putIfAbsent(fault.key(), fault);
    }

    private void wires() {
        for (int i = 0; i < circuit.wires().size(); i++) {
            Wire wire = circuit.wires().get(i);
            add(new WireOut(i));
            add(new PoorJoint(i));
            if (wire.isGround()) {
                continue;
            }
            for (End end : End.values()) {
                WireEnd here = new WireEnd(i, end);
                for (Terminal on : besides(here.in(circuit))) {
                    if (!wire.lands(on)) {
                        add(new WireElsewhere(here, on));
                    }
                }
            }
        }
    }

    /**
     * Where a wire's end can be landed by mistake: on the other terminals of the same device, on the ground screw of its enclosure, and in
     * the motor's box on any nut and tag there.
     */
    private List<Terminal> besides(Terminal terminal) {
        return switch (terminal.device().type()) {
            case MOTOR, INSIDE -> List.of();
            case SUPPLY -> List.of(Terminal.L1, Terminal.L2, Terminal.GROUND);
            case SPLICE, CAPACITOR -> {
                List<Terminal> box = new ArrayList<>(circuit.terminals().stream()
                        .filter(t -> t.is(Device.Type.SPLICE) || t.is(Device.Type.CAPACITOR))
                        .toList());
                box.add(Terminal.MOTOR_FRAME);
                yield box;
            }
            default -> {
                List<Terminal> face = new ArrayList<>(circuit.terminals().stream()
                        .filter(t -> t.device().equals(terminal.device()) && !t.isFrame())
                        .toList());
                terminal.device().frame().filter(circuit.frames()::contains).ifPresent(face::add);
                yield face;
            }
        };
    }

    private record Landed(WireEnd end, Terminal on) {}

    private Terminal far(Landed landed) {
        Wire wire = circuit.wires().get(landed.end().wire());
        return landed.end().end() == End.FROM ? wire.to() : wire.from();
    }

    /**
     * Two ends of unlike wires in each other's place, at one device or at two; also a wire's and a ground wire's. Two leads of the motor are
     * taken for each other where they land.
     */
    private void exchanged() {
        List<Landed> ends = new ArrayList<>();
        for (int i = 0; i < circuit.wires().size(); i++) {
            for (End end : End.values()) {
                WireEnd here = new WireEnd(i, end);
                ends.add(new Landed(here, here.in(circuit)));
            }
        }
        Set<List<Object>> told = new HashSet<>();
        for (int i = 0; i < ends.size(); i++) {
            for (int j = i + 1; j < ends.size(); j++) {
                Landed one = ends.get(i);
                Landed other = ends.get(j);
                boolean apart = one.on().equals(other.on())
                        || one.end().wire() == other.end().wire()
                        || one.on().isFrame() && other.on().isFrame();
                // two wires that end on one point besides are the same after it
                apart |= far(one).equals(far(other));
                // exchanged at their one ends or at their other ends is the same
                boolean alike = one.end().end() == other.end().end();
                if (!apart && told.add(List.of(one.end().wire(), other.end().wire(), alike))) {
                    add(new EndsExchanged(one.end(), other.end()));
                }
            }
        }
    }

    private long landings(Terminal terminal) {
        return circuit.wires().stream().filter(w -> w.lands(terminal)).count();
    }

    private void bridges(Collection<Contact> links) {
        for (Contact link : links) {
            bridge(link.a(), link.b(), Bridge.LINK);
        }
        otherVoltage();
        neighbours(circuit.chart().terminals(), NEIGHBOURS);
        circuit.terminals().stream()
                .filter(t -> !t.isFrame() && !circuit.chart().terminals().contains(t))
                .filter(t -> !t.is(Device.Type.MOTOR) && !t.is(Device.Type.SUPPLY) && !t.is(Device.Type.INSIDE))
                .collect(Collectors.groupingBy(Terminal::device, LinkedHashMap::new, Collectors.toList()))
                .values()
                .forEach(face -> neighbours(face, NEIGHBOURS));
        bridge(Terminal.L1, Terminal.L2, Bridge.STRAND);
        bridge(Terminal.L1, Terminal.GROUND, Bridge.STRAND);
        bridge(Terminal.L2, Terminal.GROUND, Bridge.STRAND);
        for (Terminal terminal : circuit.terminals()) {
            if (terminal.isFrame() || terminal.is(Device.Type.SUPPLY) || landings(terminal) == 0) {
                continue;
            }
            terminal.device().frame().ifPresent(f -> bridge(terminal, f, Bridge.METAL));
            if (terminal.is(Device.Type.SPLICE)) {
                bridge(terminal, Terminal.MOTOR_FRAME, Bridge.METAL);
            }
        }
    }

    /** A strand between any two that lie side by side, where a wire is on one of them; two contactors stand side by side too. */
    private void neighbours(List<Terminal> face, int apart) {
        for (int i = 0; i < face.size(); i++) {
            for (int j = i + 1; j <= i + apart && j < face.size(); j++) {
                Terminal one = face.get(i);
                Terminal other = face.get(j);
                boolean wired = landings(one) > 0 || landings(other) > 0;
                boolean near = one.device().equals(other.device())
                        || one.is(Device.Type.CONTACTOR) && other.is(Device.Type.CONTACTOR);
                if (wired && near) {
                    bridge(one, other, Bridge.STRAND);
                }
            }
        }
    }

    /** Links of the other voltage: between ends of the two run halves that this connection keeps apart. */
    private void otherVoltage() {
        List<Coil> halves = circuit.motor().coils(Role.RUN);
        if (halves.size() != 2) {
            return;
        }
        List<Terminal> first = Named.leadsOf(circuit, halves.get(0).name());
        List<Terminal> second = Named.leadsOf(circuit, halves.get(1).name());
        for (Terminal one : first) {
            for (Terminal other : second) {
                if (!one.equals(other)) {
                    bridge(one, other, Bridge.LINK);
                }
            }
        }
    }

    private void bridge(Terminal one, Terminal other, Bridge by) {
        boolean there = circuit.wires().stream().anyMatch(w -> w.lands(one) && w.lands(other));
        if (!there) {
            add(new Bridged(one, other, by));
        }
    }

    private void contacts() {
        for (Contact contact : circuit.chart().contacts()) {
            add(new ContactStuck(contact, true));
            add(new ContactStuck(contact, false));
        }
        List<Setting> settings = Read.settings(circuit);
        for (Setting in : settings) {
            for (Setting like : settings) {
                if (!circuit.chart().closedIn(in).equals(circuit.chart().closedIn(like))) {
                    add(new HandleSlipped(in, like));
                }
            }
        }
    }

    private void insideMotor() {
        for (InnerContact contact : circuit.motor().contacts()) {
            if (contact.kind() != InnerContact.Kind.JOINT) {
                add(new InnerStuck(contact.name(), true));
            }
            if (contact.kind() != InnerContact.Kind.JOINT) {
                add(new InnerStuck(contact.name(), false));
            }
            boolean out = List.of(contact.a(), contact.b()).stream()
                    .allMatch(circuit.motor().leads()::contains);
            if (contact.kind() == InnerContact.Kind.PROTECTOR && out) {
                bridge(contact.a(), contact.b(), Bridge.LINK);
            }
        }
        for (Coil coil : circuit.motor().coils()) {
            for (CoilBad.How how : CoilBad.How.values()) {
                add(new CoilBad(coil.name(), how));
            }
        }
        for (Role role : List.of(Role.RUN, Role.START)) {
            List<Coil> halves = circuit.motor().coils(role);
            if (halves.size() == 2) {
                add(new HalvesExchanged(halves.get(0).name(), halves.get(1).name()));
            }
        }
    }

    private void capacitors() {
        List<Capacitor> capacitors = circuit.capacitors();
        for (Capacitor capacitor : capacitors) {
            for (CapacitorBad.How how : CapacitorBad.How.values()) {
                add(new CapacitorBad(capacitor.name(), how));
            }
        }
        if (capacitors.size() == 2
                && capacitors.get(0).microfarads() != capacitors.get(1).microfarads()) {
            add(new CapacitorsExchanged(
                    capacitors.get(0).name(), capacitors.get(1).name()));
        }
    }

    /** Half or double the voltage (120 for 240, 230 for 400), and an outlet whose lines are exchanged. */
    private void supplies() {
        Supply supply = circuit.supply();
        Supply other = supply.volts() <= LOW
                ? new Supply(2 * supply.volts(), supply.hertz(), Supply.Kind.TWO_HOT)
                : supply.kind() == Supply.Kind.TWO_HOT
                        ? new Supply(supply.volts() / 2, supply.hertz(), Supply.Kind.HOT_AND_NEUTRAL)
                        : new Supply(400, supply.hertz(), Supply.Kind.TWO_HOT);
        add(new OtherSupply(other, true));
        add(new OtherSupply(
                new Supply(
                        supply.volts() <= LOW ? 2 * supply.volts() : supply.volts() / 2, supply.hertz(), supply.kind()),
                false));
        if (supply.kind() == Supply.Kind.HOT_AND_NEUTRAL) {
            add(new OutletExchanged());
        }
    }
}
