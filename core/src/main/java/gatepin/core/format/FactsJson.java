package gatepin.core.format;

import com.fasterxml.jackson.annotation.JsonAutoDetect.Visibility;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.JsonSerializer;
import com.fasterxml.jackson.databind.KeyDeserializer;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import gatepin.core.Sentence;
import gatepin.core.check.CheckRecord;
import gatepin.core.check.Read;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Terminal;
import gatepin.core.control.Ladder;
import gatepin.core.control.LadderText;
import gatepin.core.found.FoundRecord;
import gatepin.core.gear.SwitchKind;
import gatepin.core.job.Kept;
import gatepin.core.job.Part;
import gatepin.core.lane.Facts;
import gatepin.core.lane.Parts;
import gatepin.core.plan.Wishes;
import gatepin.core.rotation.RotationPlan;
import gatepin.core.supply.PanelRun;
import gatepin.core.wire.CableLengths;
import gatepin.core.words.SentenceText;
import java.io.IOException;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * The facts of a job as JSON, field by field as {@link Facts} has them: terminals by their ids, settings by their words, sentences as they
 * are stored. What is read goes through the same constructors as everything else, and is refused where they refuse it.
 */
public final class FactsJson {
    private static final ObjectMapper MAPPER = mapper();

    private FactsJson() {}

    private static ObjectMapper mapper() {
        SimpleModule values = new SimpleModule()
                .addSerializer(Terminal.class, asText(Terminal.class, Terminal::id))
                .addDeserializer(Terminal.class, fromText(Terminal.class, Terminal::fromId))
                .addSerializer(Setting.class, asText(Setting.class, Setting::word))
                .addDeserializer(Setting.class, fromText(Setting.class, FactsJson::setting))
                .addKeySerializer(Setting.class, key())
                .addKeyDeserializer(Setting.class, new KeyDeserializer() {
                    @Override
                    public Object deserializeKey(String key, DeserializationContext context) {
                        return setting(key);
                    }
                })
                .addSerializer(ContactChart.class, chart())
                .addSerializer(Ladder.class, asText(Ladder.class, LadderText::write))
                .addDeserializer(Ladder.class, fromText(Ladder.class, FactsJson::ladder))
                .addSerializer(Kept.class, kept())
                .addDeserializer(Kept.class, new StdDeserializer<>(Kept.class) {
                    @Override
                    public Kept deserialize(JsonParser in, DeserializationContext context) throws IOException {
                        return kept(context.readTree(in));
                    }
                })
                .addSerializer(Sentence.class, asText(Sentence.class, SentenceText::write))
                .addDeserializer(Sentence.class, fromText(Sentence.class, SentenceText::read))
                .setMixInAnnotation(CheckRecord.Entry.class, Entries.class)
                .setMixInAnnotation(Read.class, Reads.class);
        return JsonMapper.builder()
                .addModules(new Jdk8Module(), values)
                .visibility(PropertyAccessor.ALL, Visibility.NONE)
                .visibility(PropertyAccessor.FIELD, Visibility.ANY)
                .visibility(PropertyAccessor.CREATOR, Visibility.ANY)
                .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
                // what a later version may say beside is not said in an earlier one; what is no Optional must be there
                .disable(DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
                .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .build();
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "what")
    @JsonSubTypes({
        @Type(value = CheckRecord.Reading.class, name = "reading"),
        @Type(value = CheckRecord.Mended.class, name = "mended"),
        @Type(value = CheckRecord.Ready.class, name = "ready"),
        @Type(value = CheckRecord.Seen.class, name = "seen")
    })
    private interface Entries {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "of")
    @JsonSubTypes({
        @Type(value = Read.Ohms.class, name = "ohms"),
        @Type(value = Read.OfCapacitor.class, name = "capacitor")
    })
    private interface Reads {}

    private static <T> StdSerializer<T> asText(Class<T> type, Function<T, String> text) {
        return new StdSerializer<>(type) {
            @Override
            public void serialize(T value, JsonGenerator out, SerializerProvider provider) throws IOException {
                out.writeString(text.apply(value));
            }
        };
    }

    private static <T> StdDeserializer<T> fromText(Class<T> type, Function<String, T> read) {
        return new StdDeserializer<>(type) {
            @Override
            public T deserialize(JsonParser in, DeserializationContext context) throws IOException {
                String text = in.getValueAsString();
                if (text == null) {
                    throw context.weirdStringException("", type, "text is wanted here");
                }
                try {
                    return read.apply(text);
                } catch (RuntimeException e) {
                    throw context.weirdStringException(text, type, "it is none");
                }
            }
        };
    }

    /** The settings of a chart in their own order: those of a handle and others cannot be put into one. */
    private static JsonSerializer<ContactChart> chart() {
        return new StdSerializer<>(ContactChart.class) {
            @Override
            public void serialize(ContactChart value, JsonGenerator out, SerializerProvider provider)
                    throws IOException {
                out.writeStartObject();
                provider.defaultSerializeField("terminals", value.terminals(), out);
                out.writeObjectFieldStart("closed");
                for (Setting setting : value.settings()) {
                    provider.defaultSerializeField(setting.word(), value.closedIn(setting), out);
                }
                out.writeEndObject();
                out.writeEndObject();
            }
        };
    }

    private static JsonSerializer<Setting> key() {
        return new StdSerializer<>(Setting.class) {
            @Override
            public void serialize(Setting value, JsonGenerator out, SerializerProvider provider) throws IOException {
                out.writeFieldName(value.word());
            }
        };
    }

    private static Ladder ladder(String text) {
        return LadderText.read(text).value().orElseThrow(() -> new IllegalArgumentException("it is no ladder"));
    }

    private static Setting setting(String word) {
        return Stream.concat(Arrays.stream(HandlePosition.values()), Stream.of(SwitchKind.BOTH_IN))
                .filter(p -> p.word().equals(word))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(word + " is no setting of a handle"));
    }

    private static JsonSerializer<Kept> kept() {
        return new StdSerializer<>(Kept.class) {
            @Override
            public void serialize(Kept value, JsonGenerator out, SerializerProvider provider) throws IOException {
                out.writeStartObject();
                for (Map.Entry<String, Object> part : new TreeMap<>(value.values()).entrySet()) {
                    provider.defaultSerializeField(part.getKey(), part.getValue(), out);
                }
                for (Map.Entry<String, String> part : new TreeMap<>(value.unknown()).entrySet()) {
                    out.writeFieldName(part.getKey());
                    out.writeRawValue(part.getValue());
                }
                out.writeEndObject();
            }
        };
    }

    private static Kept kept(JsonNode parts) throws JsonProcessingException {
        Kept kept = Kept.NOTHING;
        for (Map.Entry<String, JsonNode> part : parts.properties()) {
            kept = with(kept, part.getKey(), part.getValue().toString());
        }
        return kept;
    }

    /**
     * What is kept, and one part more as it was written; a part that no version up to this one has is kept as it is.
     *
     * @throws IllegalArgumentException when it is no value of that part
     */
    public static Kept with(Kept kept, String key, String written) {
        Optional<Part<?>> part = Parts.of(key);
        return part.isPresent() ? with(kept, part.orElseThrow(), written) : kept.withUnknown(key, written);
    }

    private static <T> Kept with(Kept kept, Part<T> part, String written) {
        Class<T> type = part.type().orElseThrow(() -> new IllegalArgumentException(part + " is not kept as a whole"));
        try {
            T value = MAPPER.readValue(written, type);
            if (value == null || !part.canBe(value)) {
                throw new IllegalArgumentException(part + " is there, and says nothing that it can say");
            }
            return kept.with(part, value);
        } catch (JsonProcessingException e) {
            throw new IllegalArgumentException(e.getOriginalMessage(), e);
        }
    }

    /** The value of a part, to be read by {@link #with}. */
    public static String write(Object value) {
        return MAPPER.valueToTree(value).toString();
    }

    /** Writes facts. */
    public static JsonNode write(Facts facts) {
        return MAPPER.valueToTree(facts);
    }

    /**
     * Reads facts.
     *
     * @param tables the rows that went along in a file; what stood in them before there were parts is taken from there
     * @throws IllegalArgumentException when they are none, with the place and what is wrong there
     */
    public static Facts read(JsonNode json, JsonNode tables) {
        try {
            partsOfOld(json);
            if (json instanceof ObjectNode facts) {
                OldWires.into(facts, tables);
                OldMotor.into(facts, tables);
            }
            return MAPPER.treeToValue(json, Facts.class);
        } catch (JsonProcessingException e) {
            throw new IllegalArgumentException(e.getOriginalMessage(), e);
        }
    }

    /** Before there were parts, these stood in places of their own. */
    private static void partsOfOld(JsonNode facts) {
        if (facts instanceof ObjectNode all && !all.has("kept")) {
            ObjectNode kept = all.putObject("kept");
            move(facts.path("bench"), "found", kept, FoundRecord.PART);
            move(facts, "rotation", kept, RotationPlan.PART);
            move(facts.path("supply"), "run", kept, PanelRun.PART);
            move(facts.path("supply"), "cables", kept, CableLengths.PART);
            move(facts.path("gear"), "wishes", kept, Wishes.PART);
        }
    }

    private static void move(JsonNode from, String field, ObjectNode kept, Part<?> part) {
        if (from instanceof ObjectNode place) {
            JsonNode value = place.remove(field);
            if (value != null && !value.isNull()) {
                kept.set(part.key(), value);
            }
        }
    }
}
