package gatepin.core.format;

import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Element;
import gatepin.core.circuit.Health;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Resistor;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.Plate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** What a motor that a wiring file gives part by part is to a job, which knows motors by plate and leads. */
final class GivenPartByPart {
    private GivenPartByPart() {}

    /** Why a job cannot hold a circuit: more than a single-phase motor by its leads, its capacitor and its gear. */
    static Optional<String> objection(Circuit circuit) {
        Motor motor = circuit.motor();
        for (Coil coil : motor.coils()) {
            if (!coil.isOnItsAxis()) {
                return Optional.of("Its coil " + coil.name()
                        + " lies neither along the run winding nor across it. A job judges motors of one"
                        + " phase; ./gatepin check judges this file as it is.");
            }
            if (motor.windings().stream().noneMatch(w -> w.name().equals(coil.name()))) {
                return Optional.of("Its coil " + coil.name()
                        + " has an end that comes out on no lead. A job knows windings by their two leads.");
            }
        }
        List<Element> outside =
                circuit.outside().stream().filter(e -> !isBleed(circuit, e)).toList();
        if (outside.size() > 1
                || outside.stream()
                        .anyMatch(e ->
                                !(e instanceof Capacitor) || !e.a().is(Type.CAPACITOR) || !e.b().is(Type.CAPACITOR))) {
            return Optional.of(
                    "Outside its motor it has more than one capacitor between tags of its own. A job holds no more than that.");
        }
        return Optional.empty();
    }

    /** A resistor that lies across a capacitor and only empties it. */
    private static boolean isBleed(Circuit circuit, Element element) {
        return element instanceof Resistor
                && circuit.outside().stream()
                        .anyMatch(c -> c instanceof Capacitor
                                && Set.of(c.a(), c.b()).equals(Set.of(element.a(), element.b())));
    }

    /** The plate with what a motor that is given part by part shows of its kind: whether it clicks, and its capacitors. */
    static Plate completed(Plate plate, Circuit circuit) {
        Motor motor = circuit.motor();
        boolean start = motor.coils().stream().anyMatch(c -> c.role() == Role.START);
        Plate.Extras extras = plate.extras();
        if (!start || extras.family().isPresent()) {
            return plate;
        }
        boolean clicks = motor.contacts().stream().anyMatch(c -> c.kind() == Kind.START_SWITCH);
        List<Capacitor> outside = circuit.outside().stream()
                .filter(Capacitor.class::isInstance)
                .map(Capacitor.class::cast)
                .toList();
        List<Capacitor> all = new ArrayList<>(motor.capacitors());
        all.addAll(outside);
        Optional<Double> starts = Optional.empty();
        Optional<Double> runs = Optional.empty();
        for (Capacitor capacitor : all) {
            Optional<Double> microfarads = Optional.of(capacitor.microfarads());
            if (clicks && (outside.contains(capacitor) || isSwitchedOut(motor, capacitor))) {
                starts = either(starts, microfarads);
            } else {
                runs = either(runs, microfarads);
            }
        }
        MotorFamily family = clicks
                ? starts.isPresent()
                        ? runs.isPresent() ? MotorFamily.CAPACITOR_START_CAPACITOR_RUN : MotorFamily.CAPACITOR_START
                        : MotorFamily.SPLIT_PHASE
                : MotorFamily.PERMANENT_SPLIT_CAPACITOR;
        return new Plate(
                plate.ratedOutputWatts(),
                plate.outputAsWritten(),
                plate.ratings(),
                plate.hertz(),
                plate.rpm(),
                new Plate.Extras(
                        Optional.of(family),
                        extras.code(),
                        either(extras.startMicrofarads(), starts),
                        either(extras.runMicrofarads(), runs),
                        extras.text()));
    }

    /** What is not sound of a motor, in words such as "start switch stuck open". */
    static List<String> unwell(Motor motor) {
        List<String> unwell = new ArrayList<>();
        motor.contacts().stream()
                .filter(c -> c.health() != Health.WORKS)
                .forEach(c -> unwell.add(c.name() + " " + words(c.health())));
        motor.coils().stream()
                .filter(c -> c.health() != Coil.Health.SOUND)
                .forEach(c -> unwell.add(c.name() + " " + words(c.health())));
        return unwell;
    }

    private static String words(Enum<?> health) {
        return health.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private static Optional<Double> either(Optional<Double> first, Optional<Double> second) {
        return first.isPresent() ? first : second;
    }

    /** Whether a capacitor inside a motor is out of circuit once the start switch is open: an end of it then reaches no lead. */
    private static boolean isSwitchedOut(Motor motor, Capacitor capacitor) {
        return !reachesLead(motor, capacitor, capacitor.a()) || !reachesLead(motor, capacitor, capacitor.b());
    }

    private static boolean reachesLead(Motor motor, Capacitor without, Terminal from) {
        Set<Terminal> reached = new LinkedHashSet<>(Set.of(from));
        boolean more = true;
        while (more) {
            more = false;
            for (Element element : motor.coils()) {
                more |= pass(reached, element.a(), element.b());
            }
            for (Capacitor capacitor : motor.capacitors()) {
                more |= !capacitor.equals(without) && pass(reached, capacitor.a(), capacitor.b());
            }
            for (InnerContact contact : motor.contacts()) {
                more |= contact.kind() != Kind.START_SWITCH && pass(reached, contact.a(), contact.b());
            }
        }
        return reached.stream().anyMatch(motor.leads()::contains);
    }

    private static boolean pass(Set<Terminal> reached, Terminal a, Terminal b) {
        return reached.contains(a) && reached.add(b) || reached.contains(b) && reached.add(a);
    }
}
