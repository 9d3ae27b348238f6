package gatepin.core.format;

import com.fasterxml.jackson.databind.JsonNode;
import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.control.Claim.Asked;
import gatepin.core.control.Ladder;
import gatepin.core.control.LadderText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Reads the control circuit of a wiring file. It says in fields what {@link LadderText} says in lines, and is read as those are: a problem
 * carries the path of the field that the line was made of.
 */
public final class ControlReader {
    private final List<String> lines = new ArrayList<>();
    private final List<String> paths = new ArrayList<>();

    private ControlReader() {}

    /**
     * A control circuit and what is asked of it.
     *
     * @param ladder the ladder
     * @param asked what it has to keep to
     */
    public record Control(Ladder ladder, Asked asked) {}

    /** The control circuit of a file; empty where it has none, or one that cannot be read. */
    static Optional<Control> in(String text) {
        return WiringReader.root(text)
                .value()
                .map(r -> r.path("control"))
                .filter(c -> !c.isMissingNode())
                .flatMap(c -> read(c).value());
    }

    /** Reads the {@code control} of a file that its schema has found sound. */
    static Reading<Control> read(JsonNode control) {
        Reading<Ladder> read = new ControlReader().ladder(control);
        JsonNode asked = control.path("asked");
        return read.value().isPresent()
                ? Reading.of(new Control(
                        read.value().orElseThrow(),
                        new Asked(
                                asked.path("restart").asBoolean(false),
                                asked.path("standstillFirst").asBoolean(false))))
                : Reading.failed(read.problems());
    }

    private void line(String path, String line) {
        // a line is one line, whatever was written in the field
        lines.add(line.replaceAll("\\R", " ").replace('#', '?'));
        paths.add(path);
    }

    private Reading<Ladder> ladder(JsonNode control) {
        JsonNode supply = control.path("supply");
        line(
                "/control/supply",
                "supply " + supply.path("volts").asInt() + " V "
                        + supply.path("source").asText("transformer")
                        + (supply.path("grounded").asBoolean(true) ? " grounded" : " ungrounded")
                        + (supply.path("aheadOfDisconnect").asBoolean(false) ? " ahead of the disconnect" : ""));
        for (int i = 0; i < control.path("parts").size(); i++) {
            JsonNode part = control.path("parts").get(i);
            line(
                    "/control/parts/" + i,
                    part.path("name").asText() + " "
                            + part.path("kind").asText().replace('-', ' ')
                            + (part.has("seconds") ? " " + part.path("seconds").asText() + " s" : "")
                            + (part.has("way") ? " " + part.path("way").asText() : "")
                            + (part.has("volts") ? " " + part.path("volts").asText() + " v" : ""));
        }
        if (control.path("mirrorContacts").asBoolean(false)) {
            line("/control/mirrorContacts", "mirror contacts");
        }
        if (control.path("mechanicalInterlock").asBoolean(false)) {
            line("/control/mechanicalInterlock", "mechanical interlock");
        }
        if (control.has("shared")) {
            line("/control/shared", "shared: " + control.path("shared").asText());
        }
        for (int i = 0; i < control.path("rungs").size(); i++) {
            JsonNode rung = control.path("rungs").get(i);
            line(
                    "/control/rungs/" + i,
                    rung.path("load").asText()
                            + (rung.path("direct").asBoolean(false) ? " direct: " : ": ")
                            + rung.path("before").asText("wire")
                            + (rung.has("after")
                                    ? " - coil - " + rung.path("after").asText()
                                    : ""));
        }
        Reading<Ladder> read = LadderText.read(String.join("\n", lines));
        return read.value().isPresent()
                ? read
                : Reading.failed(read.problems().stream()
                        .map(p -> new Problem(path(p.field()), p.value(), p.message()))
                        .toList());
    }

    private String path(String line) {
        int number = Integer.parseInt(line.substring("line ".length())) - 1;
        return number < paths.size() ? paths.get(number) : "/control";
    }
}
