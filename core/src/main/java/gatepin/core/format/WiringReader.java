package gatepin.core.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.Schema;
import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Element;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.Marks;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Resistor;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.diagram.Connection;
import gatepin.core.format.WiringFile.Probe;
import gatepin.core.machine.FittedMotor;
import gatepin.core.rotation.StatedRotation;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * Reads a wiring written as JSON. The text is checked against the published schema first, then for what a schema cannot
 * say. Problems carry the path into the file, as in {@code /wires/3/from}.
 */
public final class WiringReader {
    /** Larger files are refused unread, bytes. */
    public static final int MOST_BYTES = 1_000_000;

    private static final List<Schema> SCHEMAS = List.of(JsonText.schema("wiring-1"), JsonText.schema("wiring-2"));

    private final JsonNode root;
    private final List<Problem> problems = new ArrayList<>();

    private WiringReader(JsonNode root) {
        this.root = root;
    }

    /** Reads a file's text. */
    public static Reading<WiringFile> read(String text) {
        Reading<JsonNode> root = root(text);
        return root.value().isPresent()
                ? new WiringReader(root.value().orElseThrow()).read()
                : Reading.failed(root.problems());
    }

    /** A file's text as JSON that fits its schema, of the newest version. */
    static Reading<JsonNode> root(String text) {
        if (text.length() > MOST_BYTES) {
            return failed(
                    "", "", "The file has " + text.length() + " characters; at most " + MOST_BYTES + " are read.");
        }
        Reading<JsonNode> json = JsonText.read(text, WiringReader::schemaOf);
        if (json.value().isEmpty()) {
            return json;
        }
        ObjectNode root = (ObjectNode) json.value().orElseThrow();
        if (root.path("version").asInt() == 1) {
            VersionOne.upgrade(root);
        }
        return Reading.of(root);
    }

    private static Reading<Schema> schemaOf(JsonNode root) {
        JsonNode version = root.path("version");
        if (version.isNumber() && (version.asInt() < 1 || version.asInt() > SCHEMAS.size())) {
            return failed(
                    "/version",
                    version.asText(),
                    "Versions 1 and 2 are read here; this file has version " + version.asText() + ".");
        }
        return Reading.of(SCHEMAS.get(version.asInt() == 1 ? 0 : 1));
    }

    private static <T> Reading<T> failed(String path, String value, String message) {
        return Reading.failed(List.of(new Problem(path, value, message)));
    }

    private void problem(String path, String value, String message) {
        problems.add(new Problem(path, value, message));
    }

    private Reading<WiringFile> read() {
        Optional<Connection> connection = connection();
        MotorReader motors = new MotorReader(root.path("motor"), connection, problems);
        Optional<MotorReader.Result> motor = motors.read();
        if (motor.isEmpty()) {
            return Reading.failed(problems);
        }
        Motor read = motor.orElseThrow().motor();
        ContactChart chart = new GearReader(root, problems).read();
        Set<Terminal> known = known(read, chart);
        List<Element> outside = outside(read, known);
        outside.forEach(e -> known.addAll(List.of(e.a(), e.b())));
        List<Wire> wires = wires(known);
        List<Probe> probes = probes(known);
        if (!problems.isEmpty()) {
            return Reading.failed(problems);
        }
        Optional<FittedMotor> fitted = motor.orElseThrow().fitted();
        Circuit circuit = new Circuit(read, chart, supply(), feeder(), wires, outside);
        return Reading.of(new WiringFile(
                root.path("machine").asText(),
                circuit.with(motors.laidOut(
                        read, circuit.capacitors(), motor.orElseThrow().rated())),
                fitted,
                motor.orElseThrow().rated(),
                probes,
                direction(),
                connection));
    }

    private List<Element> outside(Motor motor, Set<Terminal> known) {
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
            if (a.is(Type.INSIDE) || b.is(Type.INSIDE)) {
                problem(path, name, name + " is outside the motor and cannot reach a joint inside it.");
                continue;
            }
            boolean there = true;
            for (Terminal end : List.of(a, b)) {
                // a part may bring tags of its own; what it shares with others must be there
                there &= end.is(Type.CAPACITOR)
                        || terminal(node.path(end.equals(a) ? "a" : "b"), path + (end.equals(a) ? "/a" : "/b"), known)
                                .isPresent();
            }
            if (!there) {
                continue;
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

    private static Set<Terminal> known(Motor motor, ContactChart chart) {
        Set<Terminal> known = new HashSet<>(motor.leads());
        known.addAll(chart.terminals());
        known.addAll(List.of(Terminal.L1, Terminal.L2, Terminal.GROUND, Terminal.MOTOR_FRAME, Terminal.SWITCH_FRAME));
        chart.terminals().stream().flatMap(t -> t.device().frame().stream()).forEach(known::add);
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
        if (terminal.is(Type.SPLICE) || known.contains(terminal)) {
            return Optional.of(terminal);
        }
        List<String> there = known.stream()
                .filter(t -> t.device().equals(terminal.device()))
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

    /** The column of the diagram, where the file gives it. */
    private Optional<Connection> connection() {
        JsonNode node = root.path("connection");
        if (node.isMissingNode()) {
            return Optional.empty();
        }
        Set<String> marks = new LinkedHashSet<>();
        root.path("motor").path("leads").forEach(l -> marks.add(l.path("mark").asText()));
        root.path("motor").path("capacitorTags").forEach(t -> marks.add(t.asText()));
        Set<String> left = new LinkedHashSet<>(marks);
        SortedSet<String> line1 = marks(node.path("line1"), "/connection/line1", left);
        SortedSet<String> line2 = marks(node.path("line2"), "/connection/line2", left);
        List<SortedSet<String>> joined = new ArrayList<>();
        for (int i = 0; i < node.path("joined").size(); i++) {
            joined.add(marks(node.path("joined").get(i), "/connection/joined/" + i, left));
        }
        Connection.Swap swap = node.has("swap")
                ? new Connection.Swap(
                        node.path("swap").path(0).asText(),
                        node.path("swap").path(1).asText())
                : Connection.Swap.NONE;
        for (String mark : swap.marks()) {
            if (!marks.contains(mark)) {
                problem("/connection/swap", mark, "The motor has no lead " + mark + ".");
            }
        }
        return Optional.of(new Connection(root.path("supply").path("volts").asInt(), line1, line2, joined, swap));
    }

    private SortedSet<String> marks(JsonNode node, String path, Set<String> left) {
        SortedSet<String> marks = new TreeSet<>(Marks.NATURAL_ORDER);
        for (int i = 0; i < node.size(); i++) {
            String mark = node.get(i).asText();
            if (!left.remove(mark)) {
                problem(path + "/" + i, mark, "The motor has no lead " + mark + ", or it stands in two groups.");
            }
            marks.add(mark);
        }
        return marks;
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
