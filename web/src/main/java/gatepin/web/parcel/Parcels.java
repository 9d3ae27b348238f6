package gatepin.web.parcel;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import gatepin.core.Effort;
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
import gatepin.web.lane.JobStore;
import gatepin.web.lane.LogStore;
import gatepin.web.lane.PartStore;
import gatepin.web.lane.Seen;
import gatepin.web.parcel.TableStore.Reference;
import gatepin.web.parcel.TableStore.Table;
import gatepin.web.shop.ShopStore;
import gatepin.web.shop.ShopStore.Shop;
import gatepin.web.sql.DatabaseTrouble;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.time.Clock;
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
    private static final String LOG = "log_entry";

    /** The first version whose files come in on every later one. */
    private static final int OLDEST = 24;

    /** Of a longer log the newest entries go along. */
    private static final int MOST_LOG = 5000;

    /** Jobs of today have fewer; those of before there was a limit may have more. */
    private static final long MOST_PHOTO_BYTES = 38_000_000;

    private final TableStore tables;
    private final RowStore rows;
    private final PartStore parts;
    private final JobFiles files;
    private final JobStore jobs;
    private final LogStore log;
    private final ShopStore shops;
    private final SwitchStore switches;
    private final Acts acts;
    private final Clock clock;
    private final TransactionTemplate transaction;

    Parcels(
            TableStore tables,
            RowStore rows,
            PartStore parts,
            JobFiles files,
            JobStore jobs,
            LogStore log,
            ShopStore shops,
            SwitchStore switches,
            Acts acts,
            Clock clock,
            PlatformTransactionManager transactions) {
        this.tables = tables;
        this.rows = rows;
        this.parts = parts;
        this.files = files;
        this.jobs = jobs;
        this.log = log;
        this.shops = shops;
        this.switches = switches;
        this.acts = acts;
        this.clock = clock;
        this.transaction = new TransactionTemplate(transactions);
    }

    /** A job has more photos than a file takes that can come in again. */
    static final class TooManyPhotos extends RuntimeException {
        private static final long serialVersionUID = 1;
    }

    /** A job as it was at one moment, to be written as a file. */
    record Packed(ObjectNode root, Map<String, byte[]> photos, String summary) {
        void write(OutputStream out) throws IOException {
            JobArchive.write(out, root, photos, summary);
        }
    }

    /** The same as bytes. */
    @Transactional(readOnly = true)
    public byte[] pack(long jobId) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            packed(jobId).write(out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /**
     * A job as a file, as it is at one moment.
     *
     * @throws TooManyPhotos when the file could not come in again
     */
    @Transactional(readOnly = true)
    Packed packed(long jobId) {
        JobFile file = files.file(jobId);
        Shop shop = shops.shop(file.job().shopId()).orElseThrow();
        Map<String, byte[]> photos = new TreeMap<>();
        ObjectNode root = JSON.objectNode();
        root.put("format", "gatepin-job")
                .put("version", 1)
                .put("machine", file.job().machine());
        root.put("schema", tables.version()).put("writtenAt", clock.instant().toString());
        root.putObject(Unpacking.SHOP)
                .put("name", shop.name())
                .put("region", shop.region().name())
                .put("zone", shop.zone().getId());
        root.set("facts", FactsJson.write(file.facts()));
        ArrayNode entries = root.putArray("log");
        log.entries(jobId).stream()
                .limit(MOST_LOG)
                .forEach(e -> entries.addObject()
                        .put("at", e.at().toString())
                        .put("who", e.who())
                        .put("kind", e.kind().name().toLowerCase(java.util.Locale.ROOT))
                        .put("what", file.say(e.words())));
        root.set("record", record(jobId, photos));
        return new Packed(root, photos, new JobSummary(file.job().machine(), file.workup()).text());
    }

    private ObjectNode record(long jobId, Map<String, byte[]> photos) {
        long machine = rows.machine(jobId);
        Map<String, List<Map<String, @Nullable Object>>> taken = new LinkedHashMap<>();
        Map<String, Set<Long>> pointedTo = Map.of(Unpacking.PERSON, new TreeSet<>(), Unpacking.SWITCH, new TreeSet<>());
        ObjectNode all = JSON.objectNode();
        long left = MOST_PHOTO_BYTES;
        for (Table table : tables.tables()) {
            List<Map<String, @Nullable Object>> its = rows.rows(table, taken, machine);
            taken.put(table.name(), its);
            if (table.name().equals(LOG) && its.size() > MOST_LOG) {
                its = its.subList(its.size() - MOST_LOG, its.size());
            }
            ArrayNode array = all.putArray(table.name());
            for (Map<String, @Nullable Object> row : its) {
                for (Object value : row.values()) {
                    left -= value instanceof byte[] picture ? picture.length : 0;
                }
                if (left < 0) {
                    throw new TooManyPhotos();
                }
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
        rows.people(pointedTo.getOrDefault(Unpacking.PERSON, Set.of()))
                .forEach((id, name) -> names.put(String.valueOf(id), name));
        ObjectNode kinds = record.putObject("switches");
        rows.switches(pointedTo.getOrDefault(Unpacking.SWITCH, Set.of()))
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
        return unpack(shopId, in, Effort.unlimited());
    }

    /**
     * The same by somebody who may stop it.
     *
     * @throws Effort.TooMuch when it was stopped; then nothing is left of it
     */
    Reading<Unpacked> unpack(long shopId, InputStream in, Effort effort) {
        Optional<Shop> shop = shops.shop(shopId);
        if (shop.isEmpty()) {
            return failed(Unpacking.SHOP, "Choose the shop it is to stand in.");
        }
        Reading<JobArchive> archive = JobArchive.read(in);
        if (archive.value().isEmpty()) {
            return Reading.failed(archive.problems());
        }
        JobArchive job = archive.value().orElseThrow();
        int version = tables.version();
        int its = job.job().path("schema").asInt();
        if (its > version || its < OLDEST) {
            return failed(
                    "file",
                    "It is of " + (its > version ? "a newer" : "a very old") + " version of Gate Pin (" + its
                            + "; this is "
                            + version + " and reads " + OLDEST + " to " + version + "). "
                            + (its > version
                                    ? "Take it in after an upgrade here."
                                    : "Take it out again there after an upgrade."));
        }
        try {
            return java.util.Objects.requireNonNull(transaction.execute(t -> {
                long jobId = new Unpacking(tables, rows, shops, switches, effort).of(shopId, job, its < version);
                parts.write(jobs.job(jobId).orElseThrow(), job.facts().kept());
                String wrong = contradiction(job.facts(), files.file(jobId).facts());
                if (!wrong.isEmpty()) {
                    throw new Contradiction(wrong);
                }
                acts.on(jobId, new Seen(Map.of()), act -> {
                    act.saved(
                            "log.unpacked",
                            job.job().path(Unpacking.SHOP).path("name").asText());
                    Set<String> strange = job.facts().kept().unknown().keySet();
                    if (!strange.isEmpty()) {
                        act.saved("log.unpackedUnknown", String.join(", ", new TreeSet<>(strange)));
                    }
                    return List.of();
                });
                return Reading.of(new Unpacked(jobId, files.file(jobId).job().machine()));
            }));
        } catch (Contradiction e) {
            return failed("file", "It contradicts itself: " + e.getMessage() + ". Nothing of it was taken in.");
        } catch (DataAccessException e) {
            if (DatabaseTrouble.of(e) != DatabaseTrouble.OTHER) {
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
        Map<String, Function<Facts, Object>> places = new LinkedHashMap<>();
        places.put("bench", Facts::bench);
        places.put("supply", Facts::supply);
        places.put("kept", Facts::kept);
        places.put("gear", Facts::gear);
        places.put("proof", Facts::proof);
        places.put("lane", Facts::lane);
        return places.entrySet().stream()
                .filter(p -> !p.getValue().apply(one).equals(p.getValue().apply(other)))
                .map(Map.Entry::getKey)
                .collect(Collectors.joining(", "));
    }

    private static Facts alike(Facts facts) {
        return new Facts(
                Region.IEC,
                facts.bench(),
                facts.supply(),
                new Facts.GearFacts(
                        facts.gear().kind().map(Parcels::alike),
                        facts.gear().rating(),
                        facts.gear().plan(),
                        facts.gear().done()),
                new Facts.ProofFacts(
                        new CheckRecord(
                                CheckRecord.NOTHING.meter(), facts.checks().entries()),
                        facts.papers()),
                facts.kept(),
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
}
