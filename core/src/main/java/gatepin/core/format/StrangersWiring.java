package gatepin.core.format;

import com.fasterxml.jackson.databind.JsonNode;
import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Element;
import gatepin.core.circuit.HandlePosition;
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
import gatepin.core.plate.Plate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
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
        Optional<String> unlike =
                GivenPartByPart.objection(file.value().orElseThrow().circuit());
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

    private static Reading<StrangersWiring> failed(String message) {
        return Reading.failed(List.of(new Problem("file", "", message)));
    }

    private static StrangersWiring of(JsonNode root, WiringFile file) {
        Circuit circuit = file.circuit();
        Plate plate = new MotorReader(root.path("motor"), Optional.empty(), new ArrayList<>())
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
                root.path("motor").has("parts") ? GivenPartByPart.completed(plate, circuit) : plate,
                leads(root, file),
                circuit.supply(),
                file.connection().map(c -> new Column(c, file.plusIs())),
                GivenPartByPart.unwell(circuit.motor()),
                gear(root, circuit),
                wires);
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
