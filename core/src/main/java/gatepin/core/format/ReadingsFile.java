package gatepin.core.format;

import com.fasterxml.jackson.databind.JsonNode;
import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.winding.Hints;
import gatepin.core.winding.MeterReading;
import gatepin.core.winding.MeterReading.StartSwitch;
import gatepin.core.winding.WindingRecord;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads an ohmmeter's readings between a motor's leads, written as JSON. */
final class ReadingsFile {
    private static final double USUAL_CELSIUS = 20;

    private ReadingsFile() {}

    static Reading<WindingRecord> read(String text) {
        Reading<JsonNode> json = JsonText.read(text, JsonText.schema("readings-1"));
        if (json.value().isEmpty()) {
            return Reading.failed(json.problems());
        }
        JsonNode root = json.value().orElseThrow();
        List<Problem> problems = new ArrayList<>();
        List<String> leads = new ArrayList<>();
        for (int i = 0; i < root.path("leads").size(); i++) {
            String lead = root.path("leads").get(i).asText();
            if (lead.equals(MeterReading.FRAME) || leads.contains(lead)) {
                problems.add(new Problem(
                        "/leads/" + i,
                        lead,
                        lead.equals(MeterReading.FRAME) ? "The frame is no lead." : "Lead " + lead + " stands twice."));
            }
            leads.add(lead);
        }
        List<MeterReading> readings = new ArrayList<>();
        for (int i = 0; i < root.path("readings").size(); i++) {
            reading(root.path("readings").get(i), root, "/readings/" + i, leads, problems)
                    .ifPresent(readings::add);
        }
        return problems.isEmpty()
                ? Reading.of(new WindingRecord(leads, readings, Hints.NONE, false, Optional.empty()))
                : Reading.failed(problems);
    }

    private static Optional<MeterReading> reading(
            JsonNode node, JsonNode root, String path, List<String> leads, List<Problem> problems) {
        String a = node.path("a").asText();
        String b = node.path("b").asText();
        for (String end : List.of("a", "b")) {
            String lead = node.path(end).asText();
            if (!leads.contains(lead) && !lead.equals(MeterReading.FRAME)) {
                problems.add(new Problem(path + "/" + end, lead, "There is no lead " + lead + "."));
                return Optional.empty();
            }
        }
        if (a.equals(b)) {
            problems.add(new Problem(path, a, "A reading needs two points, not " + a + " twice."));
            return Optional.empty();
        }
        return Optional.of(new MeterReading(
                a,
                b,
                node.path("ohms").isNumber() ? node.path("ohms").asDouble() : Double.POSITIVE_INFINITY,
                root.path("zeroOhms").asDouble(0),
                root.path("celsius").asDouble(USUAL_CELSIUS),
                node.path("startSwitchHeldOpen").asBoolean(false) ? StartSwitch.HELD_OPEN : StartSwitch.AT_REST));
    }
}
