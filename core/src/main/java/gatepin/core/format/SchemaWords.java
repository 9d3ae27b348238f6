package gatepin.core.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.networknt.schema.Error;
import gatepin.core.Problem;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** What a schema finds wrong with a file, in words a person can act on. */
final class SchemaWords {
    private SchemaWords() {}

    /** One problem for each mistake: where a branch of a choice does not fit, only the nearest branch is told of. */
    static List<Problem> of(List<Error> errors, JsonNode root) {
        List<Problem> problems = new ArrayList<>();
        Set<String> told = new LinkedHashSet<>();
        for (Error error : errors) {
            String path = error.getInstanceLocation().toString();
            String words = words(error);
            if (!words.isEmpty() && told.add(path + words)) {
                JsonNode there = root.at(path);
                problems.add(new Problem(path, there.isValueNode() ? there.asText() : "", words + shown(there)));
            }
        }
        return problems;
    }

    private static String shown(JsonNode node) {
        return node.isValueNode() ? " It is " + shortened(node.toString()) + "." : "";
    }

    private static String shortened(String text) {
        return text.length() > 60 ? text.substring(0, 57) + "…" : text;
    }

    private static String words(Error error) {
        JsonNode limit = error.getSchemaNode();
        String value = limit == null ? "" : limit.isValueNode() ? limit.asText() : "";
        return switch (error.getKeyword()) {
            case "required" -> "The field " + error.getProperty() + " is missing.";
            case "additionalProperties" -> "There is no field " + error.getProperty() + " here.";
            case "type" -> "This must be " + type(value) + ".";
            case "enum" -> "This must be one of " + list(limit) + ".";
            case "const" -> "This must be " + value + ".";
            case "minimum" -> "This must be at least " + value + ".";
            case "maximum" -> "This must be at most " + value + ".";
            case "exclusiveMinimum" -> "This must be above " + value + ".";
            case "multipleOf" -> "This must be a multiple of " + value + ".";
            case "minItems" -> "There must be at least " + value + " here.";
            case "maxItems" -> "At most " + value + " can stand here.";
            case "minLength" -> "This must not be empty.";
            case "maxLength" -> "Use at most " + value + " letters.";
            case "pattern" -> pattern(value);
            case "not" -> "Give either family and windings, or parts, not both.";
            case "if", "then", "else", "oneOf", "anyOf" -> "";
            default -> "This is not as the format says (" + error.getKeyword() + ").";
        };
    }

    private static String type(String type) {
        return switch (type) {
            case "object" -> "an object, in braces";
            case "array" -> "a list, in brackets";
            case "string" -> "text, in quotes";
            case "integer" -> "a whole number";
            default -> "a " + type;
        };
    }

    private static String list(JsonNode values) {
        List<String> words = new ArrayList<>();
        values.forEach(v -> words.add(v.asText()));
        return String.join(", ", words);
    }

    private static String pattern(String pattern) {
        if (pattern.contains("motor|")) {
            return "This names no terminal: write device.mark, such as motor.T1, S1.3 or supply.L1, without spaces.";
        }
        if (pattern.contains("A-HJ-NPR-V")) {
            return "Code letters run from A to V, without I, O and Q.";
        }
        if (pattern.contains("SKFBQ")) {
            return "A device is called by its letter and number, such as S1, K1 or F2.";
        }
        return "A mark has at most 24 letters and digits, no spaces and no dots.";
    }
}
