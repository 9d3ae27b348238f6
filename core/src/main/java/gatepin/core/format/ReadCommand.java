package gatepin.core.format;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.diagram.DiagramText;
import gatepin.core.plate.Plate;
import gatepin.core.plate.PlateOpinion;
import gatepin.core.plate.PlateReader;
import gatepin.core.plate.PlateText;
import gatepin.core.supply.Region;
import gatepin.core.words.Wording;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code gatepin read plate TEXT} and {@code gatepin read diagram TEXT}: what was understood, and what is doubtful. */
@Command(
        name = "read",
        mixinStandardHelpOptions = true,
        description = "Reads a plate or a diagram as people write it: what was understood, and what is doubtful.")
final class ReadCommand implements Runnable {
    private static final int MOST_LETTERS = 5000;

    @Spec
    @SuppressWarnings("NullAway.Init") // picocli sets it
    private CommandSpec spec;

    @Override
    public void run() {
        throw new ParameterException(spec.commandLine(), "say what to read: plate or diagram");
    }

    @Command(name = "plate", mixinStandardHelpOptions = true, description = "Reads a plate.")
    int plate(
            @Parameters(paramLabel = "TEXT", description = "The plate as it reads; - for standard input.") String text,
            @Option(names = "--region", defaultValue = "NORTH_AMERICA", description = "${COMPLETION-CANDIDATES}")
                    Region region)
            throws JsonProcessingException {
        return given(text, typed -> {
            PlateText read = PlateText.read(typed);
            ObjectNode root = root("gatepin-plate");
            ArrayNode pieces = root.putArray("understood");
            read.pieces().stream()
                    .filter(p -> !p.isDoubtful())
                    .forEach(p -> pieces.addObject()
                            .put("text", p.text())
                            .put("what", p.kind().words())
                            .put("value", p.value())
                            .put("meaning", p.meaning()));
            ArrayNode doubts = root.putArray("doubtful");
            read.doubts().forEach(p -> doubts.addObject().put("text", p.text()).put("question", p.question()));
            Reading<Plate> plate = PlateReader.read(read.fields());
            ArrayNode wrong = root.putArray("problems");
            plate.problems()
                    .forEach(p -> wrong.addObject().put("field", p.field()).put("message", p.message()));
            ArrayNode opinions = root.putArray("opinions");
            Wording wording = Wording.of(region);
            plate.value()
                    .ifPresent(p -> PlateOpinion.of(p, region)
                            .forEach(o -> opinions.addObject()
                                    .put("severity", o.severity().word())
                                    .put("title", wording.say(o.title()))
                                    .put("words", wording.say(o.words()))));
            return root;
        });
    }

    @Command(name = "diagram", mixinStandardHelpOptions = true, description = "Reads a connection diagram.")
    int diagram(
            @Parameters(paramLabel = "TEXT", description = "The diagram as it reads; - for standard input.")
                    String text,
            @Option(
                            names = "--leads",
                            defaultValue = "",
                            paramLabel = "MARKS",
                            description = "The motor's leads, with commas between, where they are known.")
                    String leads)
            throws JsonProcessingException {
        List<String> known =
                Arrays.stream(leads.split("[,\\s]+")).filter(l -> !l.isBlank()).toList();
        return given(text, typed -> {
            DiagramText read = DiagramText.read(typed, known);
            ObjectNode root = root("gatepin-diagram");
            ArrayNode columns = root.putArray("columns");
            for (DiagramText.Column column : read.columns()) {
                ObjectNode node = columns.addObject();
                node.put("heading", column.heading());
                column.volts().ifPresent(v -> node.put("volts", v));
                marks(node.putArray("line1"), column.line1());
                marks(node.putArray("line2"), column.line2());
                ArrayNode joined = node.putArray("joined");
                column.joined().forEach(g -> marks(joined.addArray(), g));
                column.swap()
                        .ifPresent(s -> node.putArray("swap").add(s.first()).add(s.second()));
            }
            ArrayNode doubts = root.putArray("doubtful");
            read.doubts().forEach(doubts::add);
            ArrayNode questions = root.putArray("questions");
            read.questions().forEach(questions::add);
            return root;
        });
    }

    private static void marks(ArrayNode to, Collection<String> marks) {
        marks.forEach(to::add);
    }

    private static ObjectNode root(String format) {
        return new ObjectMapper().createObjectNode().put("format", format).put("version", 1);
    }

    /** What makes JSON of a text. */
    private interface Answer {
        ObjectNode of(String text);
    }

    private int given(String text, Answer answer) throws JsonProcessingException {
        CommandLine line = spec.commandLine();
        Reading<String> typed = text.equals("-") ? InputFile.text("-") : Reading.of(text);
        if (typed.value().map(t -> t.length() > MOST_LETTERS).orElse(false)) {
            typed = Reading.failed(List.of(new Problem("", "", "at most " + MOST_LETTERS + " letters are read")));
        }
        if (typed.value().map(String::isBlank).orElse(false)) {
            typed = Reading.failed(List.of(new Problem("", "", "there is nothing to read")));
        }
        if (typed.value().isEmpty()) {
            return InputFile.refuse("gatepin read", typed.problems(), line.getErr());
        }
        line.getOut()
                .println(new ObjectMapper()
                        .enable(SerializationFeature.INDENT_OUTPUT)
                        .writeValueAsString(answer.of(typed.value().orElseThrow())));
        return 0;
    }
}
