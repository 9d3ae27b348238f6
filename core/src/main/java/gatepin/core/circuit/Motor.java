package gatepin.core.circuit;

import gatepin.core.circuit.InnerContact.Kind;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * A motor as a circuit: what lies between its leads, and its rotor.
 *
 * @param leads the leads or studs a wire can land on
 * @param coils the windings
 * @param capacitors capacitors wired inside the motor
 * @param contacts start switch and protector
 * @param rotor the rotor
 */
public record Motor(
        List<Terminal> leads, List<Coil> coils, List<Capacitor> capacitors, List<InnerContact> contacts, Rotor rotor) {
    public Motor {
        leads = List.copyOf(leads);
        coils = List.copyOf(coils);
        capacitors = List.copyOf(capacitors);
        contacts = List.copyOf(contacts);
        Set<String> names = new HashSet<>();
        coils.forEach(c -> unique(names, c.name()));
        capacitors.forEach(c -> unique(names, c.name()));
        contacts.forEach(c -> unique(names, c.name()));
        Set<Terminal> known = new HashSet<>(leads);
        if (known.size() != leads.size()) {
            throw new IllegalArgumentException("a lead is listed twice: " + leads);
        }
    }

    private static void unique(Set<String> names, String name) {
        if (!names.add(name)) {
            throw new IllegalArgumentException("two parts of the motor are called " + name);
        }
    }

    /** Every terminal of the motor, those inside too. */
    public Set<Terminal> terminals() {
        Set<Terminal> all = new LinkedHashSet<>(leads);
        coils.forEach(c -> all.addAll(List.of(c.like(), c.other())));
        capacitors.forEach(c -> all.addAll(List.of(c.a(), c.b())));
        contacts.forEach(c -> all.addAll(List.of(c.a(), c.b())));
        return all;
    }

    public boolean has(Kind kind) {
        return contacts.stream().anyMatch(c -> c.kind() == kind);
    }

    /** The coils of one circuit. */
    public List<Coil> coils(Winding.Circuit circuit) {
        return coils.stream().filter(c -> c.circuit() == circuit).toList();
    }

    /** The same motor with another set of coils. */
    public Motor withCoils(List<Coil> others) {
        return new Motor(leads, others, capacitors, contacts, rotor);
    }

    /** The same motor with contacts of a kind in another health. */
    public Motor with(Kind kind, InnerContact.Health health) {
        return new Motor(
                leads,
                coils,
                capacitors,
                contacts.stream().map(c -> c.kind() == kind ? c.in(health) : c).toList(),
                rotor);
    }
}
