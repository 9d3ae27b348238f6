package gatepin.core.format;

import com.fasterxml.jackson.databind.JsonNode;
import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Element;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Health;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Resistor;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.diagram.Column;
import gatepin.core.found.FoundWire;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Lead.WindingEnd;
import gatepin.core.machine.Leads;
import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.Plate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * A wiring that somebody else made, from its file, as the facts of a job: what the plate says, the leads with their windings, the switch, the
 * supply, and the wires as they were found.
 *
 * @param machine the machine's name
 * @param output the output as a number, in {@code outputUnit}
 * @param outputUnit hp or kW
 * @param column the diagram's column, where the file has one
 * @param unwell parts of the motor that the file says are not sound, such as "start switch stuck open": a job has to find that itself
 * @param gear the switch; empty where the motor hangs straight on its supply
 */
public record StrangersWiring(
        String machine,
        String output,
        String outputUnit,
        Plate plate,
        Leads leads,
        Supply supply,
        Optional<Column> column,
        List<String> unwell,
        Optional<SwitchKind> gear,
        List<FoundWire> wires) {
    /** A coil that lies further off the axis of its circuit belongs to no motor of one phase, electrical degrees. */
    private static final double LARGEST_DEGREES_OFF = 20;

    public StrangersWiring {
        unwell = List.copyOf(unwell);
        wires = List.copyOf(wires);
    }

    /** Reads a wiring file; what is wrong with it, or what no job can hold yet, is said. */
    public static Reading<StrangersWiring> read(String text) {
        Reading<WiringFile> file = WiringReader.read(text);
        if (file.value().isEmpty()) {
            return Reading.failed(file.problems());
        }
        JsonNode root = WiringReader.root(text).value().orElseThrow();
        Optional<String> unlike = unlikeAnyJob(file.value().orElseThrow().circuit());
        if (unlike.isPresent()) {
            return failed(unlike.orElseThrow());
        }
        if (root.has("gear") && contactors(file.value().orElseThrow().circuit()).isEmpty()) {
            return failed(
                    "Its gear is neither a switch with a handle nor a pair of contactors K1 and K2 with their poles.");
        }
        try {
            return Reading.of(of(root, file.value().orElseThrow()));
        } catch (IllegalArgumentException e) {
            return failed("It holds a motor that no job can have: " + e.getMessage() + ".");
        }
    }

    /** Why a job cannot hold a circuit: more than a single-phase motor by its leads, its capacitor and its gear. */
    private static Optional<String> unlikeAnyJob(Circuit circuit) {
        Motor motor = circuit.motor();
        for (Coil coil : motor.coils()) {
            double off = Math.IEEEremainder(
                    coil.degrees() - (coil.role() == Role.RUN ? Coil.RUN_AXIS : Coil.START_AXIS), 180);
            if (Math.abs(off) > LARGEST_DEGREES_OFF) {
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

    private static Reading<StrangersWiring> failed(String message) {
        return Reading.failed(List.of(new Problem("file", "", message)));
    }

    private static StrangersWiring of(JsonNode root, WiringFile file) {
        Circuit circuit = file.circuit();
        Plate plate = new MotorReader(root.path("motor"), new ArrayList<>())
                .read()
                .orElseThrow()
                .plate();
        List<FoundWire> wires = new ArrayList<>();
        circuit.wires()
                .forEach(w -> wires.add(
                        new FoundWire(wires.size() + 1, mark(w.from(), w.to()), "", 0, w.from(), w.to(), "")));
        JsonNode written = root.path("motor").path("plate");
        return new StrangersWiring(
                file.machine(),
                written.path("output").asText(),
                written.path("unit").asText(),
                completed(plate, circuit),
                leads(root, file),
                circuit.supply(),
                file.connection().map(c -> new Column(c, file.plusIs())),
                unwell(circuit.motor()),
                gear(root, circuit),
                wires);
    }

    /** The plate with what a motor that is given part by part shows of its kind: whether it clicks, and its capacitors. */
    private static Plate completed(Plate plate, Circuit circuit) {
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

    private static List<String> unwell(Motor motor) {
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

    /** A wire that ends on a lead bears its mark. */
    private static String mark(Terminal from, Terminal to) {
        return from.is(Type.MOTOR) && !from.isFrame()
                ? from.mark()
                : to.is(Type.MOTOR) && !to.isFrame() ? to.mark() : "";
    }

    /** The leads with their windings; without a diagram the tags of a capacitor beside the motor are among them. */
    private static Leads leads(JsonNode root, WiringFile file) {
        Circuit circuit = file.circuit();
        Map<String, String> colours = new TreeMap<>();
        root.path("motor")
                .path("leads")
                .forEach(l ->
                        colours.put(l.path("mark").asText(), l.path("colour").asText("")));
        Map<String, List<WindingEnd>> ends = new TreeMap<>();
        Map<Role, Integer> numbers = new EnumMap<>(Role.class);
        for (Winding winding : circuit.motor().windings()) {
            if (winding.role() == Role.CAPACITOR) {
                continue;
            }
            int number = numbers.merge(winding.role(), 1, Integer::sum);
            ends.computeIfAbsent(winding.like().mark(), k -> new ArrayList<>())
                    .add(new WindingEnd(winding.role(), number, true));
            ends.computeIfAbsent(winding.other().mark(), k -> new ArrayList<>())
                    .add(new WindingEnd(winding.role(), number, false));
        }
        if (file.connection().isEmpty()) {
            capacitorOutside(circuit).ifPresent(c -> {
                ends.put(c.a().mark(), List.of(new WindingEnd(Role.CAPACITOR, 1, true)));
                ends.put(c.b().mark(), List.of(new WindingEnd(Role.CAPACITOR, 1, false)));
            });
        }
        return new Leads(ends.entrySet().stream()
                .map(e -> new Lead(e.getKey(), colours.getOrDefault(e.getKey(), ""), e.getValue()))
                .toList());
    }

    /** A capacitor that wires bring in by tags of its own. */
    private static Optional<Element> capacitorOutside(Circuit circuit) {
        return Stream.concat(circuit.outside().stream(), circuit.motor().capacitors().stream())
                .filter(c -> c instanceof Capacitor && c.a().is(Type.CAPACITOR) && c.b().is(Type.CAPACITOR))
                .findFirst();
    }

    /** The pair of contactors that its gear is: the same terminals, and the same contacts in each setting. */
    private static Optional<SwitchKind> contactors(Circuit circuit) {
        return circuit.chart()
                .asHandle()
                .flatMap(chart -> SwitchKind.ALL.stream()
                        .filter(SwitchKind::hasCoils)
                        .filter(k -> Set.copyOf(k.chart().terminals()).equals(Set.copyOf(chart.terminals())))
                        .filter(k -> List.of(HandlePosition.values()).stream()
                                .allMatch(p -> k.chart().closedIn(p).equals(chart.closedIn(p))))
                        .findFirst());
    }

    private static Optional<SwitchKind> gear(JsonNode root, Circuit circuit) {
        if (root.has("gear")) {
            return contactors(circuit);
        }
        if (!root.has("switch")) {
            return Optional.empty();
        }
        List<List<Terminal>> rows = new ArrayList<>();
        root.path("switch").path("face").forEach(row -> {
            List<Terminal> terminals = new ArrayList<>();
            row.forEach(m -> terminals.add(Terminal.onSwitch(m.asText())));
            rows.add(terminals);
        });
        Optional<SwitchKind> known = SwitchKind.ALL.stream()
                .filter(k -> k.rows().equals(rows)
                        && List.of(HandlePosition.values()).stream()
                                .allMatch(p -> k.chart()
                                        .closedIn(p)
                                        .equals(circuit.chart().closedIn(p))))
                .findFirst();
        return Optional.of(known.orElseGet(() -> new SwitchKind(
                "from-a-file",
                root.path("switch").path("name").asText("Switch"),
                "As a wiring file has it.",
                rows,
                circuit.chart(),
                false,
                true,
                Set.of(),
                Set.of())));
    }
}
