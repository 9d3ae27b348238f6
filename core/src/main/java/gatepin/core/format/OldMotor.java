package gatepin.core.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import gatepin.core.diagram.Board;
import gatepin.core.diagram.Diagram;
import gatepin.core.machine.Traces;
import gatepin.core.plate.Plate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What a job's file of an earlier version says of the motor: the plate stood among its facts, the rest in rows of its own. It is made into
 * the parts that it would be today.
 */
final class OldMotor {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private final JsonNode tables;

    private OldMotor(JsonNode tables) {
        this.tables = tables;
    }

    /** Puts the parts into the facts of a file, which are changed; where they are those of today, nothing is done. */
    static void into(ObjectNode facts, JsonNode tables) {
        JsonNode motor = facts.remove("motor");
        if (motor != null && facts.path("kept") instanceof ObjectNode kept) {
            OldMotor old = new OldMotor(tables);
            if (motor.path("plate").isObject()) {
                kept.set(Plate.PART.key(), motor.path("plate"));
            }
            old.traces(kept);
            if (!motor.path("leads").path("all").isEmpty()) {
                kept.putObject(Diagram.PART.key())
                        .<ObjectNode>set("leads", motor.path("leads"))
                        .set("columns", old.columns());
            }
            old.board(kept);
        }
    }

    private List<JsonNode> rows(String table) {
        List<JsonNode> rows = new ArrayList<>();
        tables.path(table).forEach(rows::add);
        return rows;
    }

    private List<JsonNode> rows(String table, String column, JsonNode value) {
        return rows(table).stream().filter(r -> r.path(column).equals(value)).toList();
    }

    private void traces(ObjectNode kept) {
        rows("plate_trace").stream()
                .findFirst()
                .ifPresent(row -> kept.putObject(Traces.Typed.PART.key())
                        .put("volts", row.path("volts").asText())
                        .put("shaft", row.path("shaft").asText())
                        .put("height", row.path("height").asText())
                        .put("startMicrofarads", row.path("start_microfarads").asText())
                        .put("runMicrofarads", row.path("run_microfarads").asText())
                        .put("conductor", row.path("conductor").asText())
                        .put("idleAmps", row.path("idle_amps").asText())
                        .put("rpm", row.path("rpm").asText())
                        .put("family", row.path("family").asText()));
    }

    private ObjectNode columns() {
        ObjectNode columns = JSON.objectNode();
        for (JsonNode row : rows("connection")) {
            Map<Integer, ArrayNode> groups = new TreeMap<>(Map.of(1, JSON.arrayNode(), 2, JSON.arrayNode()));
            rows("connection_lead", "connection_id", row.path("id"))
                    .forEach(lead -> groups.computeIfAbsent(
                                    lead.path("group_number").asInt(), n -> JSON.arrayNode())
                            .add(mark(lead.path("lead_id"))));
            ObjectNode column = columns.putObject(row.path("volts").asText());
            ObjectNode connection = column.putObject("connection")
                    .put("volts", row.path("volts").asInt());
            connection.set("line1", groups.remove(1));
            connection.set("line2", groups.remove(2));
            connection.putArray("joined").addAll(groups.values());
            connection
                    .putObject("swap")
                    .put("first", mark(row.path("swap_first")))
                    .put("second", mark(row.path("swap_second")));
            column.putObject("rotation")
                    .put("direction", row.path("rotation").asText())
                    .put("seenFrom", row.path("seen_from").asText());
            column.put("rebuilt", row.path("rebuilt").asBoolean());
        }
        return columns;
    }

    /** The mark of a lead by its key; blank where there is none. */
    private String mark(JsonNode id) {
        return rows("lead_wire", "id", id).stream()
                .map(r -> r.path("mark").asText())
                .findFirst()
                .orElse("");
    }

    private void board(ObjectNode kept) {
        List<JsonNode> found = rows("board_layout", "kind", JSON.textNode("FOUND"));
        if (!found.isEmpty() && !rows("stud").isEmpty()) {
            ObjectNode board = kept.putObject(Board.PART.key());
            Map<Integer, ArrayNode> studs = new TreeMap<>();
            rows("stud").stream()
                    .sorted(Comparator.comparingInt(s -> s.path("face_column").asInt()))
                    .forEach(s -> studs.computeIfAbsent(s.path("face_row").asInt(), n -> JSON.arrayNode())
                            .add(s.path("mark")));
            board.putObject("studs").putArray("rows").addAll(studs.values());
            board.put("foundVolts", found.get(0).path("volts").asInt());
            board.set("found", layout(found.get(0)));
            ObjectNode diagram = board.putObject("diagram");
            rows("board_layout", "kind", JSON.textNode("DIAGRAM"))
                    .forEach(l -> diagram.set(l.path("volts").asText(), layout(l)));
        }
    }

    private ObjectNode layout(JsonNode row) {
        ObjectNode layout = JSON.objectNode();
        ArrayNode links = layout.putArray("links");
        rows("board_link", "layout_id", row.path("id"))
                .forEach(l ->
                        links.addObject().<ObjectNode>set("a", l.path("stud_a")).set("b", l.path("stud_b")));
        ObjectNode leads = layout.putObject("leads");
        rows("board_lead", "layout_id", row.path("id"))
                .forEach(l -> leads.set(l.path("lead").asText(), l.path("stud")));
        return layout;
    }
}
