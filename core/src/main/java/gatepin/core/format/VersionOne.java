package gatepin.core.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.util.LinkedHashSet;
import java.util.Set;

/**
 * Reads what a file of version 1 says as version 2 says it: the switch is S1, and the leads of a capacitor are its tags. Fields keep
 * their places, so that problems point into the file as it is.
 */
final class VersionOne {
    private VersionOne() {}

    /** Changes a file of version 1, which its schema has found sound, into one of version 2. */
    static void upgrade(ObjectNode root) {
        Set<String> tags = new LinkedHashSet<>();
        Set<String> ends = new LinkedHashSet<>();
        for (JsonNode winding : root.path("motor").path("windings")) {
            Set<String> to = winding.path("circuit").asText().equals("capacitor") ? tags : ends;
            to.add(winding.path("like").asText());
            to.add(winding.path("other").asText());
        }
        tags.removeAll(ends);
        if (!tags.isEmpty()) {
            ArrayNode written = ((ObjectNode) root.path("motor")).putArray("capacitorTags");
            tags.forEach(written::add);
        }
        for (JsonNode wire : root.path("wires")) {
            rename((ObjectNode) wire, "from", tags);
            rename((ObjectNode) wire, "to", tags);
        }
        for (JsonNode part : root.path("outside")) {
            rename((ObjectNode) part, "a", tags);
            rename((ObjectNode) part, "b", tags);
        }
        for (JsonNode probe : root.path("probes")) {
            ArrayNode pair = (ArrayNode) probe;
            for (int i = 0; i < pair.size(); i++) {
                pair.set(i, new TextNode(renamed(pair.get(i).asText(), tags)));
            }
        }
    }

    private static void rename(ObjectNode node, String field, Set<String> tags) {
        node.put(field, renamed(node.path(field).asText(), tags));
    }

    private static String renamed(String id, Set<String> tags) {
        String mark = id.substring(id.indexOf('.') + 1);
        if (id.startsWith("switch.")) {
            return "S1." + mark;
        }
        return id.startsWith("motor.") && tags.contains(mark) ? "capacitor." + mark : id;
    }
}
