package gatepin.core.format;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import gatepin.core.Problem;
import gatepin.core.Reading;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads JSON against one of the published schemas; what is wrong is said without the parser's own words. */
final class JsonText {
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();
    private static final String BYTE_ORDER_MARK = "\uFEFF";
    private static final Pattern TWICE = Pattern.compile("Duplicate field '([^']*)'");

    private JsonText() {}

    /** A published schema, by its name without ending. */
    static Schema schema(String name) {
        try (InputStream in = JsonText.class.getResourceAsStream(name + ".schema.json")) {
            if (in == null) {
                throw new IllegalStateException("the schema " + name + " is not in the application");
            }
            return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static Reading<JsonNode> read(String text, Schema schema) {
        return read(text, root -> Reading.of(schema));
    }

    /** Reads against the schema that a file's own head asks for. */
    static Reading<JsonNode> read(String text, Function<JsonNode, Reading<Schema>> schemaOf) {
        JsonNode root;
        try {
            root = JSON.readTree(text.startsWith(BYTE_ORDER_MARK) ? text.substring(1) : text);
        } catch (JsonProcessingException e) {
            return failed(notJson(e));
        }
        if (!root.isObject()) {
            return failed("It is written as one JSON object, in braces.");
        }
        Reading<Schema> schema = schemaOf.apply(root);
        if (schema.value().isEmpty()) {
            return Reading.failed(schema.problems());
        }
        List<Problem> problems = SchemaWords.of(schema.value().orElseThrow().validate(root), root);
        return problems.isEmpty() ? Reading.of(root) : Reading.failed(problems);
    }

    private static Reading<JsonNode> failed(String message) {
        return Reading.failed(List.of(new Problem("", "", message)));
    }

    /** Where it stops being JSON. */
    private static String notJson(JsonProcessingException e) {
        String where = e.getLocation() == null
                ? ""
                : "line " + e.getLocation().getLineNr() + ", column "
                        + e.getLocation().getColumnNr() + ": ";
        Matcher twice = TWICE.matcher(e.getOriginalMessage());
        return where
                + (twice.find()
                        ? "the field " + twice.group(1) + " stands twice."
                        : "this is not JSON. Just before here something is missing or too much, such as a comma, a quote or"
                                + " a bracket.");
    }
}
