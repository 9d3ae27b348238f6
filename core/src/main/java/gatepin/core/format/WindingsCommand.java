package gatepin.core.format;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import gatepin.core.Reading;
import gatepin.core.supply.Region;
import gatepin.core.winding.Found;
import gatepin.core.winding.Part;
import gatepin.core.winding.Probe;
import gatepin.core.winding.WindingRecord;
import gatepin.core.words.Wording;
import java.util.Collection;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code gatepin windings FILE}: what an ohmmeter's readings mean, and the next pair to probe. */
@Command(
        name = "windings",
        mixinStandardHelpOptions = true,
        description = "Says what readings between a motor's leads mean, and where to put the probes next.")
final class WindingsCommand implements Callable<Integer> {
    @Spec
    @SuppressWarnings("NullAway.Init") // picocli sets it
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "Readings as JSON (docs/formats); - for standard input.")
    private String file = "";

    @Override
    public Integer call() throws JsonProcessingException {
        Reading<String> text = InputFile.text(file);
        Reading<WindingRecord> read =
                text.value().map(ReadingsFile::read).orElseGet(() -> Reading.failed(text.problems()));
        if (read.value().isEmpty()) {
            return InputFile.refuse(file, read.problems(), spec.commandLine().getErr());
        }
        spec.commandLine()
                .getOut()
                .println(new ObjectMapper()
                        .enable(SerializationFeature.INDENT_OUTPUT)
                        .writeValueAsString(json(read.value().orElseThrow().found())));
        return 0;
    }

    /** Readings know no region; these sentences are the same in every one. */
    private static final Wording WORDING = Wording.of(Region.NORTH_AMERICA);

    private static ObjectNode json(Found found) {
        ObjectNode root = new ObjectMapper()
                .createObjectNode()
                .put("format", "gatepin-windings")
                .put("version", 1);
        root.put("state", found.state().name().toLowerCase(Locale.ROOT));
        parts(root.putArray("certain"), found.certain());
        ArrayNode fits = root.putArray("fits");
        found.fits().forEach(f -> {
            ObjectNode node = fits.addObject().put("kind", f.kind().words());
            parts(node.putArray("parts"), f.inOrder());
        });
        found.next().ifPresent(p -> pair(root.putArray("next"), p));
        ArrayNode frame = root.putArray("frameLeft");
        found.frameLeft().forEach(p -> frame.add(p.a()));
        ArrayNode remarks = root.putArray("remarks");
        found.remarks()
                .forEach(r -> remarks.addObject()
                        .put("severity", r.severity().word())
                        .put("title", WORDING.say(r.title()))
                        .put("words", WORDING.say(r.words())));
        return root;
    }

    private static void pair(ArrayNode node, Probe probe) {
        node.add(probe.a()).add(probe.b());
    }

    private static void parts(ArrayNode node, Collection<Part> parts) {
        parts.forEach(p -> {
            ObjectNode part = node.addObject().put("what", p.role().words());
            ArrayNode leads = part.putArray("leads");
            p.leads().forEach(leads::add);
        });
    }
}
