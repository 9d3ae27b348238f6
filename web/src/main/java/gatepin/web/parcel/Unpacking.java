package gatepin.web.parcel;

import com.fasterxml.jackson.databind.JsonNode;
import gatepin.core.Effort;
import gatepin.core.format.JobArchive;
import gatepin.web.gate.gear.SwitchStore;
import gatepin.web.lane.FreeName;
import gatepin.web.parcel.TableStore.Column;
import gatepin.web.parcel.TableStore.Holds;
import gatepin.web.parcel.TableStore.Reference;
import gatepin.web.parcel.TableStore.Table;
import gatepin.web.photo.PhotoReader;
import gatepin.web.shop.ShopStore;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** One job on its way in. */
final class Unpacking {
    static final String SHOP = "shop";
    static final String PERSON = "person";
    static final String SWITCH = "switch_device";

    private static final int LONGEST_NAME = 80;

    /** More rows than this have nothing to do with a job; what goes out has fewer. */
    private static final int MOST_ROWS = 12_000;

    /** A photo takes as long as so many rows. */
    private static final int PHOTO_IN_ROWS = 400;

    private final TableStore tables;
    private final RowStore rows;
    private final ShopStore shops;
    private final SwitchStore switches;
    private final Effort effort;

    Unpacking(TableStore tables, RowStore rows, ShopStore shops, SwitchStore switches, Effort effort) {
        this.tables = tables;
        this.rows = rows;
        this.shops = shops;
        this.switches = switches;
        this.effort = effort;
    }

    /**
     * Puts the rows of a job into a shop; gives the job's id.
     *
     * @param older the file is of a version whose tables lacked what was added since
     */
    long of(long shop, JobArchive job, boolean older) {
        return new Work(shop, job, older).all();
    }

    private final class Work {
        private final long shopId;
        private final JobArchive archive;
        private final boolean older;
        private final JsonNode record;
        private final Map<String, Table> known = new LinkedHashMap<>();
        private final Map<String, Map<Long, Long>> keys = new LinkedHashMap<>();
        private final List<Long> plans = new ArrayList<>();
        private final Map<String, Long> people = new LinkedHashMap<>();
        private int done;

        Work(long shopId, JobArchive archive, boolean older) {
            this.older = older;
            this.shopId = shopId;
            this.archive = archive;
            this.record = archive.job().path("record");
        }

        long all() {
            List<Table> order = tables.tables();
            order.forEach(t -> known.put(t.name(), t));
            record.path("tables").fieldNames().forEachRemaining(name -> {
                if (!known.containsKey(name) && !(older && TableStore.wereRows(name))) {
                    throw new IllegalArgumentException("there is no table " + name);
                }
            });
            if (record.path("tables").path("machine").size() != 1
                    || record.path("tables").path("job").size() != 1
                    || record.path("tables").path("motor").size() != 1) {
                throw new IllegalArgumentException("a job is one, of one machine with one motor");
            }
            int all = 0;
            for (JsonNode its : record.path("tables")) {
                all += its.size();
            }
            if (all > MOST_ROWS) {
                throw new IllegalArgumentException("more rows than a job has");
            }
            // a photo is looked at whole and takes by far the longest
            double work = 1.0 + all + (double) PHOTO_IN_ROWS * archive.photos().size();
            for (Table table : order) {
                boolean alone = order.stream()
                        .flatMap(t -> t.references().stream())
                        .noneMatch(r -> r.toTable().equals(table.name()));
                List<Map<String, @Nullable Object>> together = new ArrayList<>();
                for (JsonNode row : record.path("tables").path(table.name())) {
                    Map<String, @Nullable Object> values = values(table, row);
                    done += values.values().stream().anyMatch(byte[].class::isInstance) ? 1 + PHOTO_IN_ROWS : 1;
                    effort.reached(done / work);
                    if (alone && values.values().stream().noneMatch(byte[].class::isInstance)) {
                        together.add(values);
                    } else {
                        insert(table, row, values);
                    }
                }
                rows.insertAll(table, together);
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

        private Map<String, @Nullable Object> values(Table table, JsonNode row) {
            Map<String, @Nullable Object> values = new LinkedHashMap<>();
            row.fieldNames().forEachRemaining(name -> {
                if (table.column(name).isEmpty() && !(older && TableStore.wasColumn(table.name(), name))) {
                    throw new IllegalArgumentException(table.name() + " has no column " + name);
                }
            });
            for (Column column : table.columns()) {
                JsonNode value = row.path(column.name());
                if (column.counted()) {
                    continue;
                }
                if (value.isMissingNode() && older && column.optional()) {
                    // a later version added it, with what it holds of jobs that were there before
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
            return values;
        }

        private void insert(Table table, JsonNode row, Map<String, @Nullable Object> values) {
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
                return FreeName.of(text(value), LONGEST_NAME, name -> rows.isMachine(shopId, name));
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
            return people.computeIfAbsent(
                    name, n -> rows.person(shopId, n).orElseGet(() -> shops.addPerson(shopId, n)));
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
            return PhotoReader.kept(bytes).orElseThrow(() -> new IllegalArgumentException("a photo is none"));
        }
    }
}
