package gatepin.web.parcel;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.check.CheckRecord;
import gatepin.core.format.FactsJson;
import gatepin.core.format.JobArchive;
import gatepin.core.format.JobSummary;
import gatepin.core.gear.SwitchKind;
import gatepin.core.lane.Facts;
import gatepin.core.supply.Region;
import gatepin.web.gate.gear.SwitchStore;
import gatepin.web.lane.Acts;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobFiles;
import gatepin.web.lane.LogStore;
import gatepin.web.lane.Seen;
import gatepin.web.parcel.TableStore.Column;
import gatepin.web.parcel.TableStore.Holds;
import gatepin.web.parcel.TableStore.Reference;
import gatepin.web.parcel.TableStore.Table;
import gatepin.web.shop.ShopStore;
import gatepin.web.shop.ShopStore.Shop;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Packs jobs into files, and unpacks them into a shop: all of a job, or nothing. */
@Service
public class Parcels {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final String SHOP = "shop";
    private static final String PERSON = "person";
    private static final String SWITCH = "switch_device";

    private final TableStore tables;
    private final RowStore rows;
    private final JobFiles files;
    private final LogStore log;
    private final ShopStore shops;
    private final SwitchStore switches;
    private final Acts acts;
    private final Clock clock;
    private final TransactionTemplate transaction;

    Parcels(
            TableStore tables,
            RowStore rows,
            JobFiles files,
            LogStore log,
            ShopStore shops,
            SwitchStore switches,
            Acts acts,
            Clock clock,
            PlatformTransactionManager transactions) {
        this.tables = tables;
        this.rows = rows;
        this.files = files;
        this.log = log;
        this.shops = shops;
        this.switches = switches;
        this.acts = acts;
        this.clock = clock;
        this.transaction = new TransactionTemplate(transactions);
    }

    /** A job as a file, as it is at one moment. */
    @Transactional(readOnly = true)
    public byte[] pack(long jobId) {
        JobFile file = files.file(jobId);
        Shop shop = shops.shop(file.job().shopId()).orElseThrow();
        Map<String, byte[]> photos = new TreeMap<>();
        ObjectNode root = JSON.objectNode();
        root.put("format", "gatepin-job")
                .put("version", 1)
                .put("machine", file.job().machine());
        root.put("schema", tables.version()).put("writtenAt", clock.instant().toString());
        root.putObject(SHOP)
                .put("name", shop.name())
                .put("region", shop.region().name())
                .put("zone", shop.zone().getId());
        root.set("facts", FactsJson.write(file.facts()));
        ArrayNode entries = root.putArray("log");
        log.entries(jobId)
                .forEach(e -> entries.addObject()
                        .put("at", e.at().toString())
                        .put("who", e.who())
                        .put("kind", e.kind().name().toLowerCase(java.util.Locale.ROOT))
                        .put("what", file.say(e.words())));
        root.set("record", record(jobId, photos));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            JobArchive.write(out, root, photos, new JobSummary(file.job().machine(), file.workup()).text());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private ObjectNode record(long jobId, Map<String, byte[]> photos) {
        long machine = rows.machine(jobId);
        Map<String, List<Map<String, @Nullable Object>>> taken = new LinkedHashMap<>();
        Map<String, Set<Long>> pointedTo = Map.of(PERSON, new TreeSet<>(), SWITCH, new TreeSet<>());
        ObjectNode all = JSON.objectNode();
        for (Table table : tables.tables()) {
            List<Map<String, @Nullable Object>> its = rows.rows(table, taken, machine);
            taken.put(table.name(), its);
            ArrayNode array = all.putArray(table.name());
            for (Map<String, @Nullable Object> row : its) {
                array.add(json(table, row, photos));
                for (Reference reference : table.references()) {
                    if (row.get(reference.column()) instanceof Long id
                            && reference.toColumn().equals("id")) {
                        pointedTo
                                .getOrDefault(reference.toTable(), new TreeSet<>())
                                .add(id);
                    }
                }
            }
        }
        ObjectNode record = JSON.objectNode();
        ObjectNode names = record.putObject("people");
        rows.people(pointedTo.getOrDefault(PERSON, Set.of()))
                .forEach((id, name) -> names.put(String.valueOf(id), name));
        ObjectNode kinds = record.putObject("switches");
        rows.switches(pointedTo.getOrDefault(SWITCH, Set.of()))
                .forEach((id, kind) -> kinds.put(String.valueOf(id), kind));
        record.set("tables", all);
        return record;
    }

    private static ObjectNode json(Table table, Map<String, @Nullable Object> row, Map<String, byte[]> photos) {
        ObjectNode json = JSON.objectNode();
        row.forEach((column, value) -> {
            if (value == null) {
                json.putNull(column);
            } else if (value instanceof Long number) {
                json.put(column, number);
            } else if (value instanceof BigDecimal exact) {
                json.put(column, exact);
            } else if (value instanceof Double number) {
                json.put(column, number);
            } else if (value instanceof Boolean truth) {
                json.put(column, truth);
            } else if (value instanceof byte[] picture) {
                String name = "photos/" + table.name() + "-" + row.get("id") + ".jpg";
                photos.put(name, picture);
                json.put(column, name);
            } else {
                json.put(column, value.toString());
            }
        });
        return json;
    }

    /** What came in. */
    public record Unpacked(long jobId, String machine) {}

    /**
     * Unpacks a job into a shop: as it was, with its log, under its machine's name, or that name with a number where it is taken.
     *
     * @return the job, or one sentence on what is wrong with the file; then nothing is left of it
     */
    public Reading<Unpacked> unpack(long shopId, InputStream in) {
        Optional<Shop> shop = shops.shop(shopId);
        if (shop.isEmpty()) {
            return failed(SHOP, "Choose the shop it is to stand in.");
        }
        Reading<JobArchive> archive = JobArchive.read(in);
        if (archive.value().isEmpty()) {
            return Reading.failed(archive.problems());
        }
        JobArchive job = archive.value().orElseThrow();
        int version = tables.version();
        if (job.job().path("schema").asInt() != version) {
            return failed(
                    "file",
                    "It is of " + (job.job().path("schema").asInt() > version ? "a newer" : "another")
                            + " version of Gate Pin ("
                            + job.job().path("schema").asInt() + "; this is " + version
                            + "). Take it out again there after an upgrade.");
        }
        try {
            return java.util.Objects.requireNonNull(transaction.execute(t -> {
                long jobId = new Unpacking(shopId, job).all();
                String wrong = contradiction(job.facts(), files.file(jobId).facts());
                if (!wrong.isEmpty()) {
                    throw new Contradiction(wrong);
                }
                acts.on(jobId, new Seen(Map.of()), act -> {
                    act.saved("log.unpacked", job.job().path(SHOP).path("name").asText());
                    return List.of();
                });
                return Reading.of(new Unpacked(jobId, files.file(jobId).job().machine()));
            }));
        } catch (Contradiction e) {
            return failed("file", "It contradicts itself: " + e.getMessage() + ". Nothing of it was taken in.");
        } catch (DataAccessException e) {
            if (gatepin.web.sql.DatabaseTrouble.of(e) != gatepin.web.sql.DatabaseTrouble.OTHER) {
                throw e;
            }
            return failed("file", "It holds something that no job can hold. Nothing of it was taken in.");
        } catch (IllegalArgumentException
                | IllegalStateException
                | java.util.NoSuchElementException
                | ArithmeticException e) {
            return failed("file", "It holds something that no job can hold. Nothing of it was taken in.");
        }
    }

    /** The file says one thing here and another there. */
    private static final class Contradiction extends RuntimeException {
        private static final long serialVersionUID = 1;

        Contradiction(String where) {
            super(where);
        }
    }

    /** Which facts are not the same; the shop's region and the person's own meter are of where the job comes to. */
    private static String contradiction(Facts file, Facts rows) {
        Facts one = alike(file);
        Facts other = alike(rows);
        Map<String, Function<Facts, Object>> parts = new LinkedHashMap<>();
        parts.put("bench", Facts::bench);
        parts.put("motor", Facts::motor);
        parts.put("supply", Facts::supply);
        parts.put("rotation", Facts::rotation);
        parts.put("gear", Facts::gear);
        parts.put("proof", Facts::proof);
        parts.put("lane", Facts::lane);
        return parts.entrySet().stream()
                .filter(p -> !p.getValue().apply(one).equals(p.getValue().apply(other)))
                .map(Map.Entry::getKey)
                .collect(Collectors.joining(", "));
    }

    private static Facts alike(Facts facts) {
        Facts.MotorFacts motor = facts.motor();
        return new Facts(
                Region.IEC,
                facts.bench(),
                // without a plate a motor is of the shop's frequency
                new Facts.MotorFacts(
                        motor.plate().isPresent() ? motor.hertz() : 0,
                        motor.volts(),
                        motor.plate(),
                        motor.leads(),
                        motor.column(),
                        motor.traces()),
                facts.supply(),
                facts.rotation(),
                new Facts.GearFacts(
                        facts.gear().kind().map(Parcels::alike),
                        facts.gear().rating(),
                        facts.gear().wishes(),
                        facts.gear().plan()),
                new Facts.ProofFacts(
                        new CheckRecord(
                                CheckRecord.NOTHING.meter(), facts.checks().entries()),
                        facts.papers()),
                facts.lane());
    }

    /** A switch that was mapped elsewhere is known by another key here. */
    private static SwitchKind alike(SwitchKind kind) {
        return new SwitchKind(
                "",
                kind.name(),
                kind.hint(),
                kind.rows(),
                kind.chart(),
                kind.springReturn(),
                kind.hasOff(),
                kind.links(),
                kind.worn());
    }

    private static <T> Reading<T> failed(String field, String message) {
        return Reading.failed(List.of(new Problem(field, "", message)));
    }

    /** One job on its way in. */
    private final class Unpacking {
        private static final int LONGEST_NAME = 80;

        private final long shopId;
        private final JobArchive archive;
        private final JsonNode record;
        private final Map<String, Table> known = new LinkedHashMap<>();
        private final Map<String, Map<Long, Long>> keys = new LinkedHashMap<>();
        private final List<Long> plans = new ArrayList<>();

        Unpacking(long shopId, JobArchive archive) {
            this.shopId = shopId;
            this.archive = archive;
            this.record = archive.job().path("record");
        }

        long all() {
            List<Table> order = tables.tables();
            order.forEach(t -> known.put(t.name(), t));
            record.path("tables").fieldNames().forEachRemaining(name -> {
                if (!known.containsKey(name)) {
                    throw new IllegalArgumentException("there is no table " + name);
                }
            });
            if (record.path("tables").path("machine").size() != 1
                    || record.path("tables").path("job").size() != 1
                    || record.path("tables").path("motor").size() != 1) {
                throw new IllegalArgumentException("a job is one, of one machine with one motor");
            }
            for (Table table : order) {
                for (JsonNode row : record.path("tables").path(table.name())) {
                    insert(table, row);
                }
            }
            long jobId = one("job");
            if (!plans.isEmpty()) {
                rows.setPlan(jobId, mapped("plan", plans.get(0)));
            }
            return jobId;
        }

        private long one(String table) {
            return keys.getOrDefault(table, Map.of()).values().iterator().next();
        }

        private void insert(Table table, JsonNode row) {
            Map<String, @Nullable Object> values = new LinkedHashMap<>();
            row.fieldNames().forEachRemaining(name -> {
                if (table.column(name).isEmpty()) {
                    throw new IllegalArgumentException(table.name() + " has no column " + name);
                }
            });
            for (Column column : table.columns()) {
                JsonNode value = row.path(column.name());
                if (column.counted()) {
                    continue;
                }
                if (value.isMissingNode()) {
                    throw new IllegalArgumentException(table.name() + " lacks its " + column.name());
                }
                if (TableStore.isSetLater(table.name(), column.name())) {
                    if (!value.isNull()) {
                        plans.add(number(value));
                    }
                    continue;
                }
                values.put(column.name(), value.isNull() ? null : here(table, column, value));
            }
            Optional<Long> key = rows.insert(table, values);
            key.ifPresent(k -> {
                Long before = keys.computeIfAbsent(table.name(), t -> new LinkedHashMap<>())
                        .put(number(row.path("id")), k);
                if (before != null) {
                    throw new IllegalArgumentException(table.name() + " has two rows of one key");
                }
            });
        }

        /** A value as it is in this database: what points to a row points to the row that came in for it. */
        private Object here(Table table, Column column, JsonNode value) {
            if (table.name().equals("machine") && column.name().equals("name")) {
                return free(text(value));
            }
            if (column.holds() == Holds.NUMBER) {
                return pointed(table, column.name(), number(value));
            }
            return switch (column.holds()) {
                case NUMBER -> number(value);
                case FRACTION -> {
                    if (!value.isNumber()) {
                        throw new IllegalArgumentException(column.name() + " is no number");
                    }
                    yield value.decimalValue();
                }
                case TRUTH -> {
                    if (!value.isBoolean()) {
                        throw new IllegalArgumentException(column.name() + " is neither true nor false");
                    }
                    yield value.asBoolean();
                }
                case TEXT -> text(value);
                case MOMENT -> moment(value);
                case PICTURE -> picture(value);
            };
        }

        private long pointed(Table table, String column, long value) {
            for (Reference reference : table.from(column)) {
                switch (reference.toTable()) {
                    case SHOP -> {
                        return shopId;
                    }
                    case PERSON -> {
                        return person(value);
                    }
                    case SWITCH -> {
                        if (reference.toColumn().equals("id")) {
                            return switchOf();
                        }
                    }
                    default -> {
                        Table to = known.get(reference.toTable());
                        if (to != null) {
                            return reference.toColumn().equals("id")
                                    ? mapped(to.name(), value)
                                    : pointed(to, reference.toColumn(), value);
                        }
                    }
                }
            }
            return value;
        }

        private long mapped(String table, long key) {
            Long now = keys.getOrDefault(table, Map.of()).get(key);
            if (now == null) {
                throw new IllegalArgumentException("a row points to no " + table);
            }
            return now;
        }

        private long person(long key) {
            String name = record.path("people").path(String.valueOf(key)).asText();
            if (name.isBlank()) {
                throw new IllegalArgumentException("nobody is called " + key);
            }
            return rows.person(shopId, name).orElseGet(() -> shops.addPerson(shopId, name));
        }

        /** The job's switch: the shop's own of that kind, or else, as one that was mapped elsewhere, put beside it on the shelf. */
        private long switchOf() {
            return switches.put(
                    shopId,
                    archive.facts()
                            .gear()
                            .kind()
                            .orElseThrow(() ->
                                    new IllegalArgumentException("a job points to a switch that it does not have")));
        }

        /** The machine's name, or with a number where the shop has one of that name. */
        private String free(String name) {
            String free = name;
            for (int number = 2; rows.isMachine(shopId, free); number++) {
                String ending = " (" + number + ")";
                free = name.substring(0, Math.min(name.length(), LONGEST_NAME - ending.length())) + ending;
            }
            return free;
        }

        private static long number(JsonNode value) {
            if (!value.isIntegralNumber() || !value.canConvertToLong()) {
                throw new IllegalArgumentException("a whole number is wanted");
            }
            return value.asLong();
        }

        private static String text(JsonNode value) {
            if (!value.isTextual()) {
                throw new IllegalArgumentException("text is wanted");
            }
            return value.asText();
        }

        private static Instant moment(JsonNode value) {
            try {
                return Instant.parse(text(value));
            } catch (java.time.DateTimeException e) {
                throw new IllegalArgumentException("a moment is wanted", e);
            }
        }

        private byte[] picture(JsonNode value) {
            byte[] bytes = archive.photos().get(text(value));
            if (bytes == null) {
                throw new IllegalArgumentException("a photo is missing");
            }
            return gatepin.web.photo.PhotoReader.kept(bytes)
                    .orElseThrow(() -> new IllegalArgumentException("a photo is none"));
        }
    }
}
