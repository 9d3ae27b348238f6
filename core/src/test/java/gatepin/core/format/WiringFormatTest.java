package gatepin.core.format;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import gatepin.core.Problem;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.State;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.Given;
import gatepin.core.machine.PlateFit;
import gatepin.core.plan.Plan;
import gatepin.core.plan.Planner;
import gatepin.core.plan.SampleMotors;
import gatepin.core.plate.CodeLetter;
import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.Plate;
import gatepin.core.rotation.StatedRotation;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The open format: every example file, and every way to get it wrong. */
class WiringFormatTest {
    private static final Path EXAMPLES = Path.of("..", "docs", "formats", "examples");
    private static final ObjectMapper JSON = new ObjectMapper();

    @TempDir
    Path folder;

    static Stream<Path> examples() throws IOException {
        return Files.list(EXAMPLES)
                .filter(p -> p.toString().endsWith(".json") && !p.toString().contains("readings"))
                .sorted();
    }

    private static String text(String example) throws IOException {
        return Files.readString(EXAMPLES.resolve(example + ".json"));
    }

    private static JsonNode analysed(String text) throws IOException {
        return JSON.readTree(
                AnalysisWriter.analyse(WiringReader.read(text).value().orElseThrow()));
    }

    private static List<String> rules(JsonNode verdicts) {
        return verdicts.findValuesAsText("rule");
    }

    @ParameterizedTest
    @MethodSource("examples")
    void everyExampleIsReadAndAnalysed(Path example) throws IOException {
        JsonNode analysis = analysed(Files.readString(example));

        assertThat(analysis.path("format").asText()).isEqualTo("gatepin-analysis");
        assertThat(analysis.path("settings")
                        .iterator()
                        .next()
                        .path("standstill")
                        .path("lineAmps")
                        .asDouble())
                .isPositive();
        assertThat(rules(analysis)).isNotEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "apple-scratter, warn, reverses",
        "honey-extractor, good, reverses",
        "seed-auger, warn, reverses",
        "tapping-drill, good, reverses",
        "hay-loft-winch, good, reverses",
        "sorting-belt-blower, danger, run-half-idle",
        "potters-wheel, danger, halves-opposing",
        "tool-grinder, danger, hums"
    })
    void theExamplesSayWhatTheirNotesSay(String example, String worst, String rule) throws IOException {
        JsonNode analysis = analysed(text(example));

        assertThat(analysis.path("worst").asText()).isEqualTo(worst);
        assertThat(rules(analysis)).contains(rule);
    }

    @Test
    void aFittedMotorHasBandsAndAnOhmmeter() throws IOException {
        JsonNode forward = analysed(text("apple-scratter")).path("settings").path("forward");

        JsonNode band = forward.path("standstill").path("bands").path("lineAmps");
        assertThat(forward.path("standstill").path("lineAmps").asDouble())
                .isBetween(band.get(0).asDouble(), band.get(1).asDouble());
        assertThat(forward.path("direction").asText())
                .isEqualTo("counter-clockwise, facing the end opposite the shaft");
        assertThat(forward.path("ohms").get(1).path("ohms").asText()).isEqualTo("OL");
        assertThat(forward.path("ohms").get(0).path("ohms").asDouble()).isPositive();
    }

    static Stream<String> written() throws IOException {
        return examples().map(p -> p.getFileName().toString()).filter(n -> !n.equals("seed-auger.json"));
    }

    /** The auger's contactors had to be written as one switch with a handle; all else says the same in both versions. */
    @ParameterizedTest
    @MethodSource("written")
    void aFileOfVersionOneIsReadAsTheSameCircuit(String name) throws IOException {
        String old;
        try (var in = WiringFormatTest.class.getResourceAsStream("/wiring-1/" + name)) {
            old = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
        Circuit before = WiringReader.read(old).value().orElseThrow().circuit();
        Circuit now = WiringReader.read(Files.readString(EXAMPLES.resolve(name)))
                .value()
                .orElseThrow()
                .circuit();

        assertThat(before.motor()).isEqualTo(now.motor());
        assertThat(before.chart()).isEqualTo(now.chart());
        assertThat(before.outside()).isEqualTo(now.outside());
        assertThat(before.wires().toString().replace("splice.S", "splice.X"))
                .isEqualTo(now.wires().toString());
    }

    @ParameterizedTest(name = "{0}: {1} {2}")
    @CsvSource(delimiter = '|', textBlock = """
            potters-wheel | /motor/parts/coils/0 | open | run-half-idle
            potters-wheel | /motor/parts/coils/0 | shorted | feeder-weakens
            seed-auger | /gear/contacts/0 | stuck-closed | short
            seed-auger | /gear/contacts/0 | stuck-open | nothing-happens
            apple-scratter | /motor/startSwitch | stuck-closed | start-left-in
            apple-scratter | /motor/startSwitch | stuck-open | start-not-energised
            """)
    void whatIsBrokenIsReadAndTold(String example, String part, String health, String rule) throws IOException {
        ObjectNode root = (ObjectNode) JSON.readTree(text(example));
        if (part.endsWith("startSwitch")) {
            ((ObjectNode) root.path("motor")).put("startSwitch", health);
        } else {
            ((ObjectNode) root.at(part)).put("health", health);
        }
        assertThat(rules(analysed(text(example)))).doesNotContain(rule);

        assertThat(rules(analysed(root.toString()))).contains(rule);
    }

    @Test
    void contactorsAreReadWithTheirSettings() throws IOException {
        JsonNode analysis = analysed(text("seed-auger"));

        assertThat(analysis.path("settings").fieldNames())
                .toIterable()
                .containsExactly("K1 in", "none in", "K2 in", "both in");
        assertThat(rules(analysis.path("settings").path("both in"))).containsExactly("needs-interlock");
        assertThat(rules(analysis.path("settings").path("none in"))).containsExactly("dead-in-off");
    }

    @Test
    void aByteOrderMarkIsNoMistakeAndOneMistakeIsToldOnce() throws IOException {
        assertThat(WiringReader.read("\uFEFF" + text("apple-scratter")).value()).isPresent();
        ObjectNode both = (ObjectNode) JSON.readTree(text("potters-wheel"));
        ((ObjectNode) both.path("motor").path("parts").path("coils").get(0)).put("ohms", "few");
        assertThat(WiringReader.read(both.toString()).problems()).hasSize(1);
        assertThat(WiringReader.read("{\"format\": \"gatepin-wiring\", }").problems())
                .singleElement()
                .satisfies(p -> assertThat(p.message()).doesNotContain("Unexpected", "token", "JsonParser"));
    }

    static Stream<String[]> mistakes() {
        return Stream.of(
                new String[] {"/wires/0/from", "There is no terminal motor.T9", "wires.0.from", "\"motor.T9\""},
                new String[] {"/wires/0/to", "There is no terminal S1.7", "wires.0.to", "\"S1.7\""},
                new String[] {"/wires/0", "not one with itself", "wires.0.to", "\"motor.T5\""},
                new String[] {"/wires/0/from", "names no terminal", "wires.0.from", "\"nowhere\""},
                new String[] {
                    "/motor/measured/startMicrofarads", "must be above 0", "motor.measured.startMicrofarads", "0"
                },
                new String[] {"/motor/measured/runOhms", "must be above 0", "motor.measured.runOhms", "-1.2"},
                new String[] {"/motor/measured/runOhms", "must be a number", "motor.measured.runOhms", "\"lots\""},
                new String[] {"/motor/plate/rpm", "no speed of an induction motor", "motor.plate.rpm", "1800"},
                new String[] {"/motor/plate/ratings/0/amps", "more than goes in", "motor.plate.ratings.0.amps", "3"},
                new String[] {"/motor/windings/0/like", "no lead T9", "motor.windings.0.like", "\"T9\""},
                new String[] {"/motor/leads/1/mark", "stands twice", "motor.leads.1.mark", "\"T1\""},
                new String[] {"/switch/closed/forward/1", "stands twice", "switch.closed.forward.1", "[\"3\", \"1\"]"},
                new String[] {"/switch/closed/forward/0/1", "no terminal 9", "switch.closed.forward.0", "[\"1\", \"9\"]"
                },
                new String[] {"/switch/closed/forward/0", "with itself", "switch.closed.forward.0", "[\"1\", \"1\"]"},
                new String[] {"/switch/face/1/0", "already", "switch.face.1.0", "\"1\""},
                new String[] {"/supply/volts", "at most 600", "supply.volts", "11000"},
                new String[] {"/version", "Versions 1 and 2 are read here", "version", "3"},
                new String[] {
                    "/motor/plate/ratings/1/volts", "lowest voltage first", "motor.plate.ratings.1.volts", "100"
                },
                new String[] {
                    "/motor/plate/ratings/1/amps", "no motor takes that much", "motor.plate.ratings.1.amps", "4000"
                },
                new String[] {
                    "/outside/0/b",
                    "There is no terminal motor.T9",
                    "outside",
                    "[{\"name\":\"c\",\"a\":\"motor.T5\",\"b\":\"motor.T9\",\"microfarads\":10}]"
                },
                new String[] {"", "no field colour", "colour", "\"red\""});
    }

    @ParameterizedTest(name = "{0} {1}")
    @MethodSource("mistakes")
    void mistakesNameTheirPath(String path, String message, String field, String value) throws IOException {
        JsonNode root = JSON.readTree(text("apple-scratter"));
        set(root, field, JSON.readTree(value));

        List<Problem> problems = WiringReader.read(root.toString()).problems();

        assertThat(problems).anySatisfy(p -> {
            assertThat(p.field()).isEqualTo(path);
            assertThat(p.message()).contains(message);
        });
    }

    private static void set(JsonNode root, String field, JsonNode value) {
        JsonNode node = root;
        String[] steps = field.split("\\.");
        for (int i = 0; i < steps.length - 1; i++) {
            node = node.isArray() ? node.get(Integer.parseInt(steps[i])) : node.path(steps[i]);
        }
        String last = steps[steps.length - 1];
        if (node instanceof com.fasterxml.jackson.databind.node.ArrayNode array) {
            array.set(Integer.parseInt(last), value);
        } else {
            ((ObjectNode) node).set(last, value);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "potters-wheel, motor.parts.coils.0.ohms, /motor/parts/coils/0",
        "potters-wheel, motor.parts.capacitors.0.microfarads, /motor/parts/capacitors/0",
        "potters-wheel, wires, ''",
        "apple-scratter, supply, ''"
    })
    void whatIsMissingIsNamed(String example, String field, String path) throws IOException {
        ObjectNode root = (ObjectNode) JSON.readTree(text(example));
        String last = field.substring(field.lastIndexOf('.') + 1);
        JsonNode parent = root;
        for (String step : field.split("\\.")) {
            if (!step.equals(last) || !parent.has(last)) {
                parent = parent.isArray() ? parent.get(Integer.parseInt(step)) : parent.path(step);
            }
        }
        ((ObjectNode) parent).remove(last);

        assertThat(WiringReader.read(root.toString()).problems()).anySatisfy(p -> {
            assertThat(p.field()).isEqualTo(path);
            assertThat(p.message()).contains(last);
        });
    }

    @ParameterizedTest
    @MethodSource("gatepin.core.plan.PlannerTest#everyMotorOnEverySwitch")
    void whatIsWrittenReadsBackTheSame(SampleMotors motor, SwitchKind kind) {
        Plate plate = new Plate(
                559.275,
                "0.75 hp",
                List.of(new Plate.Rating(115, Optional.of(13.8)), new Plate.Rating(230, Optional.of(6.9))),
                60,
                1725,
                new Plate.Extras(
                        Optional.of(MotorFamily.CAPACITOR_START),
                        CodeLetter.of("K"),
                        Optional.of(300.0),
                        Optional.empty(),
                        ""));
        for (Plan plan : Planner.search(motor.on(kind)).plans()) {
            String text = WiringWriter.write(
                    new WiringWriter.Described(
                            "Machine", plate, motor.leads(), Optional.of(kind), Given.of(plate, 1), Optional.empty()),
                    motor.circuit(kind, plan.wires()),
                    StatedRotation.NOT_STATED);

            WiringFile read = WiringReader.read(text).value().orElseThrow();

            assertThat(read.circuit().wires()).isEqualTo(plan.wires());
            // settings of contactors have names of their own in a file
            assertThat(read.circuit().chart().asHandle().orElseThrow().terminals())
                    .containsExactlyInAnyOrderElementsOf(kind.chart().terminals());
            for (HandlePosition position : HandlePosition.values()) {
                assertThat(read.circuit().chart().asHandle().orElseThrow().closedIn(position))
                        .isEqualTo(kind.chart().closedIn(position));
            }
            assertThat(read.circuit().supply()).isEqualTo(motor.supply());
            assertThat(read.circuit().motor())
                    .isEqualTo(PlateFit.fit(Given.of(plate, 1))
                            .value()
                            .orElseThrow()
                            .values()
                            .motor(motor.leads()));
        }
    }

    @Test
    void aNetlistMetersEveryPart() throws IOException {
        WiringFile file = WiringReader.read(text("seed-auger")).value().orElseThrow();
        SpiceNetlist netlist = SpiceNetlist.standstill(file.circuit(), State.atRest(HandlePosition.FORWARD), "x");

        assertThat(netlist.ammeters().keySet())
                .contains("L1", "L2", "run 1", "start 1", "start capacitor", "run capacitor");
    }
}
