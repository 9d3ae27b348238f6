package gatepin.core.words;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import gatepin.core.Sentence;
import gatepin.core.Sentence.Metres;
import gatepin.core.Sentence.Size;
import java.util.ArrayList;
import java.util.List;

/** Sentences as JSON, as they are kept: {@code {"key":"log.plan","args":["Least wires"]}}. */
public final class SentenceText {
    private static final JsonMapper JSON = new JsonMapper();

    private SentenceText() {}

    /** A sentence as JSON. */
    public static String write(Sentence sentence) {
        return node(sentence).toString();
    }

    private static JsonNode node(Object arg) {
        JsonNodeFactory json = JsonNodeFactory.instance;
        if (arg instanceof Sentence sentence) {
            ObjectNode node = json.objectNode().put("key", sentence.key());
            node.set("args", node(sentence.args()));
            return node;
        }
        if (arg instanceof List<?> list) {
            ArrayNode array = json.arrayNode();
            list.forEach(a -> array.add(node(a)));
            return array;
        }
        if (arg instanceof Size size) {
            return json.objectNode().put("size", size.millimetres());
        }
        if (arg instanceof Metres length) {
            return json.objectNode().put("metres", length.metres());
        }
        if (arg instanceof Integer || arg instanceof Long) {
            return json.numberNode(((Number) arg).longValue());
        }
        return arg instanceof Number number ? json.numberNode(number.doubleValue()) : json.textNode(arg.toString());
    }

    /**
     * Reads a sentence back.
     *
     * @throws IllegalArgumentException when the text is no sentence
     */
    public static Sentence read(String text) {
        try {
            if (arg(JSON.readTree(text)) instanceof Sentence sentence) {
                return sentence;
            }
        } catch (JsonProcessingException e) {
            throw new IllegalArgumentException("no sentence: " + text, e);
        }
        throw new IllegalArgumentException("no sentence: " + text);
    }

    private static Object arg(JsonNode node) {
        if (node.isArray()) {
            List<Object> list = new ArrayList<>();
            node.forEach(n -> list.add(arg(n)));
            return list;
        }
        if (node.has("size")) {
            return new Size(node.get("size").asDouble());
        }
        if (node.has("metres")) {
            return new Metres(node.get("metres").asDouble());
        }
        if (node.isObject()) {
            List<Object> args = new ArrayList<>();
            node.path("args").forEach(a -> args.add(arg(a)));
            return new Sentence(node.path("key").asText(), args);
        }
        return node.isIntegralNumber() ? node.asInt() : node.isNumber() ? node.asDouble() : node.asText();
    }
}
