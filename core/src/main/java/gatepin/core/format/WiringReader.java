package gatepin.core.format;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Element;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Place;
import gatepin.core.circuit.Resistor;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.circuit.WiredMotor;
import gatepin.core.format.WiringFile.Probe;
import gatepin.core.machine.FittedMotor;
import gatepin.core.rotation.StatedRotation;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Reads a wiring written as JSON. The text is checked against the published schema first, then for what a schema cannot
 * say. Problems carry the path into the file, as in {@code /wires/3/from}.
 */
public final class WiringReader {
    /** Larger files are refused unread, bytes. */
    public static final int MOST_BYTES = 1_000_000;

    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(com.fasterxml.jackson.databind.DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();
    private static final Schema SCHEMA = schema();

    private final JsonNode root;
    private final List<Problem> problems = new ArrayList<>();

    private WiringReader(JsonNode root) {
        this.root = root;
    }

    private static Schema schema() {
        try (InputStream in = WiringReader.class.getResourceAsStream("wiring-1.schema.json")) {
            if (in == null) {
                throw new IllegalStateException("the schema of the wiring format is not in the application");
            }
            return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Reads a file's text. */
    public static Reading<WiringFile> read(String text) {
        if (text.length() > MOST_BYTES) {
            return failed(
                    "", "", "The file has " + text.length() + " characters; at most " + MOST_BYTES + " are read.");
        }
        JsonNode root;
        try {
            root = JSON.readTree(text);
        } catch (JsonProcessingException e) {
            String where = e.getLocation() == null
                    ? ""
                    : "line " + e.getLocation().getLineNr() + ", column "
                            + e.getLocation().getColumnNr() + ": ";
            return failed("", "", where + "this is not JSON. " + firstLine(e.getOriginalMessage()));
        }
        List<Problem> bySchema = SCHEMA.validate(root).stream()
                .map(e -> new Problem(
                        e.getInstanceLocation().toString(),
                        "",
                        e.getInstanceNode() == null
                                ? firstLine(e.getMessage())
                                : firstLine(e.getMessage()) + shown(e.getInstanceNode())))
                .toList();
        if (!bySchema.isEmpty()) {
            return Reading.failed(bySchema);
        }
        return new WiringReader(root).read();
    }

    private static String shown(JsonNode node) {
        return node.isValueNode() ? " (it is " + node + ")" : "";
    }

    private static String firstLine(String message) {
        return message.lines().findFirst().orElse("");
    }

    private static <T> Reading<T> failed(String path, String value, String message) {
        return Reading.failed(List.of(new Problem(path, value, message)));
    }

    private void problem(String path, String value, String message) {
        problems.add(new Problem(path, value, message));
    }

    private Reading<WiringFile> read() {
        MotorReader motors = new MotorReader(root.path("motor"), problems);
        Optional<MotorReader.Result> motor = motors.read();
        if (motor.isEmpty()) {
            return Reading.failed(problems);
        }
        Motor read = motor.orElseThrow().motor();
        ContactChart chart = chart(root.path("switch"));
        List<Element> outside = outside(read);
        Set<Terminal> known = known(read, chart, outside);
        List<Wire> wires = wires(known);
        List<Probe> probes = probes(known);
        if (!problems.isEmpty()) {
            return Reading.failed(problems);
        }
        Optional<FittedMotor> fitted = motor.orElseThrow().fitted();
        return Reading.of(new WiringFile(
                root.path("machine").asText(),
                new WiredMotor(read, chart, supply(), feeder(), wires, outside),
                fitted,
                motor.orElseThrow().rated(),
                probes,
                direction()));
    }

    private ContactChart chart(JsonNode node) {
        Map<HandlePosition, Set<Contact>> closed = new EnumMap<>(HandlePosition.class);
        List<Terminal> terminals = new ArrayList<>();
        for (int row = 0; row < node.path("face").size(); row++) {
            for (int column = 0; column < node.path("face").get(row).size(); column++) {
                String mark = node.path("face").get(row).get(column).asText();
                Terminal terminal = Terminal.onSwitch(mark);
                if (terminals.contains(terminal) || mark.equals("G")) {
                    problem(
                            "/switch/face/" + row + "/" + column,
                            mark,
                            mark.equals("G")
                                    ? "G is the ground screw of the switch; give the contact's terminal another mark."
                                    : "The switch has a terminal " + mark + " already.");
                }
                terminals.add(terminal);
            }
        }
        for (HandlePosition position : HandlePosition.values()) {
            JsonNode pairs = node.path("closed").path(position.word());
            Set<Contact> contacts = new LinkedHashSet<>();
            for (int i = 0; i < pairs.size(); i++) {
                String path = "/switch/closed/" + position.word() + "/" + i;
                contact(pairs.get(i), path, terminals).ifPresent(contact -> {
                    if (!contacts.add(contact)) {
                        problem(path, contact.toString(), contact + " stands twice in " + position.word() + ".");
                    }
                });
            }
            closed.put(position, contacts);
        }
        return problems.isEmpty() ? new ContactChart(terminals, closed) : new ContactChart(List.of(), Map.of());
    }

    private Optional<Contact> contact(JsonNode pair, String path, List<Terminal> terminals) {
        for (int i = 0; i < 2; i++) {
            String mark = pair.get(i).asText();
            if (!terminals.contains(Terminal.onSwitch(mark))) {
                problem(path + "/" + i, mark, "The switch has no terminal " + mark + ".");
                return Optional.empty();
            }
        }
        String a = pair.get(0).asText();
        if (a.equals(pair.get(1).asText())) {
            problem(path, a, "A contact joins two terminals, not " + a + " with itself.");
            return Optional.empty();
        }
        return Optional.of(Contact.between(a, pair.get(1).asText()));
    }

    private List<Element> outside(Motor motor) {
        List<Element> elements = new ArrayList<>();
        Set<String> names = new HashSet<>();
        motor.coils().forEach(c -> names.add(c.name()));
        motor.capacitors().forEach(c -> names.add(c.name()));
        for (int i = 0; i < root.path("outside").size(); i++) {
            JsonNode node = root.path("outside").get(i);
            String path = "/outside/" + i;
            String name = node.path("name").asText();
            if (!names.add(name)) {
                problem(path + "/name", name, "Two parts are called " + name + ".");
            }
            Terminal a = Terminal.fromId(node.path("a").asText());
            Terminal b = Terminal.fromId(node.path("b").asText());
            if (a.place() == Place.INSIDE || b.place() == Place.INSIDE) {
                problem(path, name, name + " is outside the motor and cannot reach a joint inside it.");
            }
            elements.add(
                    node.has("ohms")
                            ? new Resistor(name, a, b, node.path("ohms").asDouble())
                            : capacitor(node, a, b));
        }
        return elements;
    }

    static Capacitor capacitor(JsonNode node, Terminal a, Terminal b) {
        return new Capacitor(
                node.path("name").asText(),
                a,
                b,
                node.path("microfarads").asDouble(),
                node.path("esrOhms").asDouble(0));
    }

    private static Set<Terminal> known(Motor motor, ContactChart chart, List<Element> outside) {
        Set<Terminal> known = new HashSet<>(motor.leads());
        known.addAll(chart.terminals());
        outside.forEach(e -> known.addAll(List.of(e.a(), e.b())));
        known.addAll(List.of(Terminal.L1, Terminal.L2, Terminal.GROUND, Terminal.MOTOR_FRAME, Terminal.SWITCH_FRAME));
        return known;
    }

    private List<Wire> wires(Set<Terminal> known) {
        List<Wire> wires = new ArrayList<>();
        for (int i = 0; i < root.path("wires").size(); i++) {
            JsonNode node = root.path("wires").get(i);
            String path = "/wires/" + i;
            Optional<Terminal> from = terminal(node.path("from"), path + "/from", known);
            Optional<Terminal> to = terminal(node.path("to"), path + "/to", known);
            if (from.isEmpty() || to.isEmpty()) {
                continue;
            }
            if (from.equals(to)) {
                problem(path, from.orElseThrow().id(), "A wire joins two terminals, not one with itself.");
                continue;
            }
            Wire.Run run = Wire.Run.valueOf(node.path("run")
                    .asText("motor-cable")
                    .toUpperCase(Locale.ROOT)
                    .replace('-', '_'));
            wires.add(new Wire(from.orElseThrow(), to.orElseThrow(), run));
        }
        return wires;
    }

    private Optional<Terminal> terminal(JsonNode node, String path, Set<Terminal> known) {
        Terminal terminal = Terminal.fromId(node.asText());
        if (terminal.place() == Place.SPLICE || known.contains(terminal)) {
            return Optional.of(terminal);
        }
        List<String> there = known.stream()
                .filter(t -> t.place() == terminal.place())
                .sorted()
                .map(Terminal::id)
                .toList();
        problem(
                path,
                terminal.id(),
                "There is no terminal " + terminal.id() + "."
                        + (there.isEmpty() ? "" : " There are " + String.join(", ", there) + "."));
        return Optional.empty();
    }

    private List<Probe> probes(Set<Terminal> known) {
        JsonNode node = root.path("probes");
        if (node.isMissingNode()) {
            return List.of(
                    new Probe(Terminal.L1, Terminal.L2),
                    new Probe(Terminal.L1, Terminal.MOTOR_FRAME),
                    new Probe(Terminal.L2, Terminal.MOTOR_FRAME),
                    new Probe(Terminal.GROUND, Terminal.MOTOR_FRAME));
        }
        List<Probe> probes = new ArrayList<>();
        for (int i = 0; i < node.size(); i++) {
            Optional<Terminal> from = terminal(node.get(i).get(0), "/probes/" + i + "/0", known);
            Optional<Terminal> to = terminal(node.get(i).get(1), "/probes/" + i + "/1", known);
            if (from.isPresent() && to.isPresent()) {
                probes.add(new Probe(from.orElseThrow(), to.orElseThrow()));
            }
        }
        return probes;
    }

    private Supply supply() {
        JsonNode node = root.path("supply");
        return new Supply(
                node.path("volts").asInt(),
                node.path("hertz").asInt(),
                node.path("kind").asText().equals("two-hot") ? Supply.Kind.TWO_HOT : Supply.Kind.HOT_AND_NEUTRAL);
    }

    private Feeder feeder() {
        JsonNode node = root.path("supply").path("feeder");
        return node.isMissingNode()
                ? Feeder.USUAL
                : new Feeder(
                        node.path("ohms").asDouble(), node.path("reactanceOhms").asDouble(0));
    }

    private StatedRotation direction() {
        JsonNode node = root.path("direction");
        if (node.isMissingNode()) {
            return StatedRotation.NOT_STATED;
        }
        return new StatedRotation(
                node.path("plus").asText().equals("clockwise")
                        ? StatedRotation.Direction.CLOCKWISE
                        : StatedRotation.Direction.COUNTER_CLOCKWISE,
                node.path("seenFrom").asText().equals("shaft-end")
                        ? StatedRotation.End.SHAFT_END
                        : StatedRotation.End.OPPOSITE_END);
    }
}
