package gatepin.core.circuit;

import gatepin.core.circuit.InnerContact.Kind;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A motor as a circuit: what lies between its leads, and its rotor.
 *
 * @param leads the leads or studs a wire can land on, and the tags of a capacitor that a person wires
 * @param coils the windings
 * @param capacitors capacitors that belong to it, inside or beside it
 * @param contacts start switch, protector, and joints made inside
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

    /**
     * The windings as a person meets them between the leads, each with whatever sits in series with it inside; protectors and
     * a capacitor with tags of its own are among them. What ends on no lead is left out.
     */
    public List<Winding> windings() {
        List<Winding> windings = new ArrayList<>();
        for (Coil coil : coils) {
            winding(coil.name(), coil.role(), coil.like(), coil.other()).ifPresent(windings::add);
        }
        for (InnerContact contact : contacts) {
            if (contact.kind() == Kind.PROTECTOR) {
                winding(contact.name(), Winding.Role.PROTECTOR, contact.a(), contact.b())
                        .ifPresent(windings::add);
            }
        }
        capacitors.stream()
                .filter(c -> leads.contains(c.a()) && leads.contains(c.b()))
                .findFirst()
                .ifPresent(c -> windings.add(new Winding("capacitor 1", Winding.Role.CAPACITOR, c.a(), c.b())));
        return windings;
    }

    private Optional<Winding> winding(String name, Winding.Role role, Terminal like, Terminal other) {
        Optional<Terminal> one = lead(like, new HashSet<>());
        Optional<Terminal> two = lead(other, new HashSet<>());
        return one.isEmpty() || two.isEmpty() || one.equals(two)
                ? Optional.empty()
                : Optional.of(new Winding(name, role, one.orElseThrow(), two.orElseThrow()));
    }

    /** The lead that an end comes out on, through capacitors and contacts inside. */
    private Optional<Terminal> lead(Terminal end, Set<Terminal> passed) {
        if (leads.contains(end)) {
            return Optional.of(end);
        }
        passed.add(end);
        List<Terminal> next = new ArrayList<>();
        capacitors.forEach(c -> farFrom(end, c.a(), c.b()).ifPresent(next::add));
        contacts.forEach(c -> farFrom(end, c.a(), c.b()).ifPresent(next::add));
        return next.stream()
                .filter(t -> !passed.contains(t))
                .map(t -> lead(t, passed))
                .flatMap(Optional::stream)
                .findFirst();
    }

    private static Optional<Terminal> farFrom(Terminal end, Terminal a, Terminal b) {
        return end.equals(a) ? Optional.of(b) : end.equals(b) ? Optional.of(a) : Optional.empty();
    }

    /** The same motor as it left the works: every coil sound, every contact moving. */
    public Motor healthy() {
        return new Motor(
                leads,
                coils.stream().map(c -> c.in(Coil.Health.SOUND)).toList(),
                capacitors,
                contacts.stream().map(c -> c.in(Health.WORKS)).toList(),
                rotor);
    }

    /** The same motor with a coil in another health. */
    public Motor with(String coil, Coil.Health health) {
        return withCoils(coils.stream()
                .map(c -> c.name().equals(coil) ? c.in(health) : c)
                .toList());
    }

    public boolean has(Kind kind) {
        return contacts.stream().anyMatch(c -> c.kind() == kind);
    }

    /** The coils of one circuit. */
    public List<Coil> coils(Winding.Role role) {
        return coils.stream().filter(c -> c.role() == role).toList();
    }

    /** The same motor with another set of coils. */
    public Motor withCoils(List<Coil> others) {
        return new Motor(leads, others, capacitors, contacts, rotor);
    }

    /** The same motor with contacts of a kind in another health. */
    public Motor with(Kind kind, Health health) {
        return new Motor(
                leads,
                coils,
                capacitors,
                contacts.stream().map(c -> c.kind() == kind ? c.in(health) : c).toList(),
                rotor);
    }
}
