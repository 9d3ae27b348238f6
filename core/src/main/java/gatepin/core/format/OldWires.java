package gatepin.core.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import gatepin.core.ahead.AheadRecord;
import gatepin.core.control.ControlRecord;
import gatepin.core.wire.Section;
import java.util.List;

/**
 * What a job's file of an earlier version says of the control circuit, of what stands ahead, and of what hands made and read of the wires:
 * places of their own among the facts, and rows in five tables. They are made into the parts and the events that they would be today.
 */
final class OldWires {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private final ObjectNode gear;
    private final JsonNode tables;

    private OldWires(ObjectNode gear, JsonNode tables) {
        this.gear = gear;
        this.tables = tables;
    }

    /** Puts them into the facts and the rows of a file, which are changed; where they are those of today, nothing is done. */
    static void into(ObjectNode facts, JsonNode tables) {
        if (facts.path("gear") instanceof ObjectNode gear
                && !gear.has("done")
                && facts.path("kept") instanceof ObjectNode kept) {
            OldWires old = new OldWires(gear, tables);
            ArrayNode events = old.events();
            old.parts(kept);
            if (tables instanceof ObjectNode rows) {
                rows.remove(List.of(
                        "control_circuit", "control_wire_made", "ahead_device", "ahead_wire_made", "dead_reading"));
                rows.set("job_event", events);
            }
        }
    }

    private void parts(ObjectNode kept) {
        JsonNode control = gear.path("control");
        JsonNode ahead = gear.path("ahead");
        ObjectNode done = JSON.objectNode();
        ObjectNode made = done.putObject("made");
        made.set(Section.GEAR.name(), gearMade());
        ObjectNode reads = done.putObject("reads");
        if (control.isObject()) {
            kept.putObject(ControlRecord.PART.key())
                    .put(
                            "wishes",
                            tables.path("control_circuit")
                                    .path(0)
                                    .path("wishes")
                                    .asText())
                    .<ObjectNode>set("ladder", control.path("ladder"))
                    .set("asked", control.path("asked"));
            made.set(Section.CONTROL.name(), names("control_wire_made"));
            if (control.path("reads").isArray()) {
                reads.set(Section.CONTROL.name(), control.path("reads"));
            }
        }
        if (ahead.isObject()) {
            kept.putObject(AheadRecord.PART.key()).set("chosen", ahead.path("chosen"));
            made.set(Section.AHEAD.name(), ahead.path("made"));
            reads.set(Section.AHEAD.name(), ahead.path("reads"));
        }
        gear.remove(List.of("control", "ahead"));
        if (gear.path("plan") instanceof ObjectNode plan) {
            plan.remove("left");
        }
        gear.set("done", done);
    }

    private ArrayNode gearMade() {
        ArrayNode made = JSON.arrayNode();
        for (JsonNode wire : tables.path("wire")) {
            if (wire.hasNonNull("made_at") && isOfThePlan(wire)) {
                made.add(name(wire));
            }
        }
        return made;
    }

    private boolean isOfThePlan(JsonNode wire) {
        return wire.path("plan_id").equals(tables.path("job").path(0).path("plan_id"));
    }

    private ArrayNode names(String table) {
        ArrayNode names = JSON.arrayNode();
        tables.path(table).forEach(w -> names.add(name(w)));
        return names;
    }

    private static String name(JsonNode wire) {
        return wire.path("from_terminal").asText() + ">"
                + wire.path("to_terminal").asText();
    }

    private ArrayNode events() {
        ArrayNode events = JSON.arrayNode();
        for (JsonNode wire : tables.path("wire")) {
            if (wire.hasNonNull("made_at") && isOfThePlan(wire)) {
                made(events, Section.GEAR, wire);
            }
            if (wire instanceof ObjectNode row) {
                row.remove(List.of("made_at", "made_by"));
            }
        }
        tables.path("control_wire_made").forEach(w -> made(events, Section.CONTROL, w));
        tables.path("ahead_wire_made").forEach(w -> made(events, Section.AHEAD, w));
        for (JsonNode read : tables.path("dead_reading")) {
            event(
                    events,
                    read.path("part").asText(),
                    read.path("about").asText(),
                    read.path("shows").isNull() ? "CHANGED" : read.path("shows").asText(),
                    read.path("at"),
                    read.path("person_id"));
        }
        return events;
    }

    private void made(ArrayNode events, Section section, JsonNode wire) {
        event(events, section.name(), name(wire), "MADE", wire.path("made_at"), wire.path("made_by"));
    }

    private void event(ArrayNode events, String section, String about, String what, JsonNode at, JsonNode person) {
        events.addObject()
                .put("id", events.size())
                .put("section", section)
                .put("about", about)
                .put("what", what)
                .<ObjectNode>set("job_id", tables.path("job").path(0).path("id"))
                .<ObjectNode>set("at", at)
                .set("person_id", person);
    }
}
