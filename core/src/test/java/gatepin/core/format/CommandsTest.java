package gatepin.core.format;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The command line: JSON out, exit codes, and clear words for what is wrong. */
class CommandsTest {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final Path EXAMPLES = Path.of("../docs/formats/examples");

    @TempDir
    Path folder;

    private record Ran(int status, String out, String err) {}

    private static Ran run(String... arguments) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        int status = Commands.line(new PrintWriter(out, true), new PrintWriter(err, true))
                .execute(arguments);
        return new Ran(status, out.toString(), err.toString());
    }

    private static String example(String name) {
        return EXAMPLES.resolve(name + ".json").toString();
    }

    private static JsonNode json(String... arguments) throws IOException {
        Ran ran = run(arguments);
        assertThat(ran.err()).isEmpty();
        assertThat(ran.status()).isZero();
        return JSON.readTree(ran.out());
    }

    @Test
    void checkPrintsAnalysisOrNetlist() throws IOException {
        assertThat(json("check", example("apple-scratter")).path("worst").asText())
                .isEqualTo("warn");
        Ran netlist = run("check", "--netlist", "reverse", example("apple-scratter"));
        assertThat(netlist.out())
                .startsWith("* Apple scratter, standstill, handle at reverse")
                .contains(".end");
        assertThat(run("check", "--netlist", "K1 in", example("seed-auger")).out())
                .contains(".end");
        Ran none = run("check", "--netlist", "sideways", example("seed-auger"));
        assertThat(none.status()).isEqualTo(2);
        assertThat(none.err()).contains("no setting here: K1 in, none in, K2 in, both in");
    }

    @ParameterizedTest
    @CsvSource({"apple-scratter, 5", "hay-loft-winch, 4", "honey-extractor, 4", "tapping-drill, 4"})
    void planPrintsTheWholeFront(String name, int conductors) throws IOException {
        JsonNode plans = json("plan", example(name)).path("plans");

        assertThat(plans).isNotEmpty().allSatisfy(p -> {
            assertThat(p.path("key").asText()).matches("[0-9a-f]{12}");
            assertThat(p.path("wires")).isNotEmpty();
        });
        assertThat(plans.findValues("conductors")).anyMatch(c -> c.asInt() == conductors);
    }

    @Test
    void aPlanOfTheFrontPassesTheCheckInItsOwnFile() throws IOException {
        JsonNode file = JSON.readTree(Files.readString(EXAMPLES.resolve("apple-scratter.json")));
        for (JsonNode plan : json("plan", example("apple-scratter")).path("plans")) {
            ArrayNode wires = ((ObjectNode) file).putArray("wires");
            plan.path("wires").forEach(wires::add);
            Path with = Files.writeString(folder.resolve("planned.json"), file.toString());
            assertThat(json("check", with.toString()).path("worst").asText()).isNotEqualTo("danger");
        }
    }

    @Test
    void planSaysWhyThereIsNothingToPlan() throws IOException {
        String halfGear = Files.readString(Path.of(example("seed-auger")))
                .replace("\"purpose\": \"reverse\"", "\"purpose\": \"never\"");
        Path file = Files.writeString(folder.resolve("half.json"), halfGear);
        assertThat(run("plan", file.toString()).err()).contains("/switch: Plans are made for a switch with a handle");
        assertThat(run("plan", example("tool-grinder")).status()).isEqualTo(1);
    }

    @Test
    void contactorsArePlannedLikeASwitch() throws IOException {
        JsonNode plans = json("plan", example("seed-auger")).path("plans");
        assertThat(plans).isNotEmpty();
        assertThat(plans.path(0).path("wires").toString()).contains("K1.1", "K2.1", "box.G");
    }

    @Test
    void proveSaysWhatHoldsAndHowTheRestFails() throws IOException {
        JsonNode sound = json("prove", example("seed-auger"));
        assertThat(sound.path("sound").asBoolean()).isTrue();
        assertThat(sound.path("claims").findValuesAsText("claim"))
                .contains("never-both", "stops-S9", "stands-still-first");
        assertThat(sound.path("claims").findValuesAsText("standing")).doesNotContain("fails");

        JsonNode stranger =
                json("prove", EXAMPLES.resolve("strangers-ladder.txt").toString());
        assertThat(stranger.path("sound").asBoolean()).isFalse();
        JsonNode both = stranger.path("claims").path(0);
        assertThat(both.path("standing").asText()).isEqualTo("fails");
        assertThat(both.path("trace").findValuesAsText("words"))
                .contains("Main contacts of K1 close", "Main contacts of K2 close");
        assertThat(both.path("mend").asText()).contains("contact of K2 before the coil of K1");
    }

    @Test
    void proveSaysInWhichLineOrFieldSomethingIsWrong() throws IOException {
        Path ladder = Files.writeString(folder.resolve("ladder.txt"), "S0 stop\nK1 contactor\nK1: S0 nc - S1 no\n");
        assertThat(run("prove", ladder.toString()).err()).contains("line 3: There is no S1");
        String wiring =
                Files.readString(Path.of(example("seed-auger"))).replace("\"K1 nc - K2 nc\"", "\"K1 nc - K7 nc\"");
        Path file = Files.writeString(folder.resolve("wrong.json"), wiring);
        assertThat(run("prove", file.toString()).err()).contains("/control/rungs/2: There is no K7");
        assertThat(run("prove", example("apple-scratter")).err()).contains("has no control circuit");
        assertThat(run("prove", example("nowhere")).status()).isEqualTo(1);
    }

    @Test
    void readSaysWhatWasUnderstoodAndWhatIsDoubtful() throws IOException {
        JsonNode plate = json("read", "plate", "3/4 HP 115/230 V 13.8/6.9 A 1725 RPM 60 HZ xyzzy 77");
        assertThat(plate.path("understood").findValuesAsText("value")).contains("1725");
        assertThat(plate.path("doubtful")).isNotEmpty();
        JsonNode diagram =
                json("read", "diagram", "--leads", "T1 T2 T3 T4 T5 T8", "230 V: L1 to T1, L2 to T4 T8, join T2 T3 T5");
        assertThat(diagram.path("columns").path(0).path("line2").findValuesAsText(""))
                .isEmpty();
        assertThat(diagram.path("columns").path(0).path("line2").toString()).contains("T4", "T8");
    }

    @Test
    void windingsSaysWhatReadingsMeanAndWhereToProbeNext() throws IOException {
        JsonNode said = json("windings", example("unmarked-blower-readings"));

        assertThat(said.path("state").asText()).isEqualTo("measuring");
        assertThat(said.path("next")).hasSize(2);
    }

    @Test
    void whatIsWrongIsRefusedWithoutAStackTrace() throws IOException {
        ObjectNode many = (ObjectNode) JSON.readTree(Files.readString(EXAMPLES.resolve("apple-scratter.json")));
        ArrayNode wires = (ArrayNode) many.path("wires");
        IntStream.range(0, 10_000).forEach(i -> wires.add(wires.get(0)));
        for (String[] bad : new String[][] {
            {many.toString(), "/wires"},
            {"{\"format\": NaN}", "line 1, column"},
            {"{\"a\": 1, \"a\": 2}", "the field a stands twice"},
            {"[]", "one JSON object"},
            {"", "bad.json: "},
            {"[".repeat(5000), "this is not JSON"},
            {" ".repeat(WiringReader.MOST_BYTES + 1), "at most 1000000"}
        }) {
            Path file = Files.writeString(folder.resolve("bad.json"), bad[0]);
            for (String command : new String[] {"check", "plan", "windings"}) {
                Ran ran = run(command, file.toString());
                assertThat(ran.status()).isEqualTo(1);
                assertThat(ran.out()).isEmpty();
                assertThat(ran.err())
                        .contains("bad.json: ")
                        .doesNotContain("Exception", "\tat ", "token", "pattern", "regex");
                assertThat(ran.err().lines().count()).isLessThanOrEqualTo(21);
            }
            assertThat(run("check", file.toString()).err()).contains(bad[1]);
        }
        assertThat(run("check", "no-such-file.json").err()).contains("cannot be read");
        Files.write(folder.resolve("latin.json"), new byte[] {'{', (byte) 0xfc, '}'});
        assertThat(run("check", folder.resolve("latin.json").toString()).err()).contains("UTF-8");
    }

    @Test
    void anEndlessFileIsRefusedAtItsLimit() {
        Ran ran = run("check", "/dev/zero");

        assertThat(ran.status()).isEqualTo(1);
        assertThat(ran.err()).contains("more than 1000000 bytes");
    }

    @ParameterizedTest
    @ValueSource(strings = {"check", "plan", "read", "windings", "read plate", "read diagram"})
    void everyCommandExplainsItself(String command) {
        String[] words = (command + " --help").split(" ");
        Ran ran = run(words);

        assertThat(ran.status()).isZero();
        assertThat(ran.out()).contains("Usage: gatepin " + command.split(" ")[0]);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "check", "plan a b", "read", "read plate", "fly", "check --netlist"})
    void aWrongCallIsCalledThat(String arguments) {
        Ran ran = run(arguments.isEmpty() ? new String[0] : arguments.split(" "));

        assertThat(ran.status()).isEqualTo(2);
        assertThat(ran.err()).isNotBlank().doesNotContain("\tat ");
    }
}
