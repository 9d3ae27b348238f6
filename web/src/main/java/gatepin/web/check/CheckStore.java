package gatepin.web.check;

import gatepin.core.check.CheckRecord;
import gatepin.core.check.CheckRecord.Entry;
import gatepin.core.check.CheckRecord.Mended;
import gatepin.core.check.CheckRecord.Reading;
import gatepin.core.check.CheckRecord.Ready;
import gatepin.core.check.CheckRecord.Seen;
import gatepin.core.check.LiveSeen;
import gatepin.core.check.LiveStep.Turn;
import gatepin.core.check.Meter;
import gatepin.core.check.Read;
import gatepin.core.check.Taken;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.rotation.StatedRotation.End;
import gatepin.core.winding.MeterError;
import gatepin.web.lane.Job;
import gatepin.web.lane.Keeper;
import gatepin.web.lane.Recalled;
import gatepin.web.shop.ShopStore;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What was read, mended and seen of wirings; persons' meters; what is wrong with the wirings of demo jobs. */
@Repository
public class CheckStore implements Keeper {
    private final JdbcClient jdbc;
    private final Clock clock;
    private final ShopStore shops;

    CheckStore(JdbcClient jdbc, Clock clock, ShopStore shops) {
        this.jdbc = jdbc;
        this.clock = clock;
        this.shops = shops;
    }

    @Override
    public void recall(Job job, Recalled into) {
        List<Entry> entries = jdbc.sql(
                        "select * from check_entry where job_id = :job and plan_id <=> :plan order by id")
                .param("job", job.id())
                .param("plan", job.planId().orElse(null))
                .query(CheckStore::entry)
                .list();
        Meter meter = meter(shops.ownerOf(job.shopId()));
        into.checks(new CheckRecord(meter, entries));
        hidden(job.id()).ifPresent(h -> into.keep(Hidden.class, h));
    }

    private static Entry entry(ResultSet row, int number) throws SQLException {
        String about = row.getString("about");
        return switch (row.getString("kind")) {
            case "MENDED" -> new Mended(about);
            case "READY" -> new Ready(End.valueOf(about));
            case "LIVE" ->
                new Seen(new LiveSeen(
                        about,
                        row.getDouble("shown"),
                        Optional.ofNullable(row.getString("turn")).map(Turn::valueOf)));
            default -> {
                double shown = row.getDouble("shown");
                boolean open = row.wasNull();
                Read read = row.getString("kind").equals("CAPACITOR")
                        ? new Read.OfCapacitor(about)
                        : new Read.Ohms(
                                Terminal.fromId(row.getString("point_a")),
                                Terminal.fromId(row.getString("point_b")),
                                HandlePosition.valueOf(row.getString("setting").toUpperCase(Locale.ROOT)),
                                row.getBoolean("held_open"));
                yield new Reading(new Taken(
                        read,
                        open ? Double.POSITIVE_INFINITY : shown,
                        Taken.Kind.valueOf(row.getString("unit")),
                        row.getDouble("zero_ohms"),
                        row.getDouble("celsius")));
            }
        };
    }

    /** Adds an entry; nothing is ever taken away. */
    void add(Job job, Entry entry, boolean simulated, long person) {
        Row row = Row.of(entry);
        jdbc.sql(
                        "insert into check_entry (job_id, plan_id, kind, about, point_a, point_b, setting, held_open, shown, unit,"
                                + " turn, zero_ohms, celsius, simulated, at, person_id) values (:job, :plan, :kind, :about, :a, :b,"
                                + " :setting, :held, :shown, :unit, :turn, :zero, :celsius, :simulated, :at, :person)")
                .param("job", job.id())
                .param("plan", job.planId().orElse(null))
                .param("simulated", simulated)
                .param("at", Timestamp.from(clock.instant()))
                .param("person", person)
                .param("kind", row.kind())
                .param("about", row.about())
                .param("a", row.a())
                .param("b", row.b())
                .param("setting", row.setting())
                .param("held", row.held())
                .param("shown", row.shown())
                .param("unit", row.unit())
                .param("turn", row.turn())
                .param("zero", row.zero())
                .param("celsius", row.celsius())
                .update();
    }

    /** A person's meter; a shop's usual one where he said nothing of his. */
    private Meter meter(long person) {
        return jdbc.sql("select percent, ohms, zero_ohms, capacitance from meter where person_id = :person")
                .param("person", person)
                .query((row, n) -> new Meter(
                        new MeterError(row.getDouble("percent") / 100, row.getDouble("ohms")),
                        row.getDouble("zero_ohms"),
                        row.getBoolean("capacitance"),
                        Meter.MEASURED))
                .optional()
                .orElse(Meter.USUAL);
    }

    void saveMeter(long person, Meter meter) {
        jdbc.sql("replace into meter (person_id, percent, ohms, zero_ohms, capacitance)"
                        + " values (:person, :percent, :ohms, :zero, :capacitance)")
                .param("person", person)
                .param("percent", 100 * meter.error().relative())
                .param("ohms", meter.error().ohms())
                .param("zero", meter.zeroOhms())
                .param("capacitance", meter.measuresCapacitance())
                .update();
        // every job of the shop is checked with it from now on
        jdbc.sql(
                        "update job set revision = revision + 1 where shop_id in (select shop_id from person where id = :person)")
                .param("person", person)
                .update();
    }

    private Optional<Hidden> hidden(long job) {
        return jdbc.sql("select fault from hidden_fault where job_id = :job")
                .param("job", job)
                .query((row, n) -> new Hidden(row.getString("fault")))
                .optional();
    }

    /** Gives a demo job's wiring something that is wrong with it; blank for nothing. */
    void hide(long job, String fault) {
        jdbc.sql("replace into hidden_fault (job_id, fault) values (:job, :fault)")
                .param("job", job)
                .param("fault", fault)
                .update();
    }

    /** An entry as it is kept. */
    private record Row(
            String kind,
            String about,
            @org.jspecify.annotations.Nullable String a,
            @org.jspecify.annotations.Nullable String b,
            @org.jspecify.annotations.Nullable String setting,
            boolean held,
            @org.jspecify.annotations.Nullable Double shown,
            @org.jspecify.annotations.Nullable String unit,
            @org.jspecify.annotations.Nullable String turn,
            double zero,
            double celsius) {
        static Row of(Entry entry) {
            if (entry instanceof Reading reading) {
                return of(reading.taken());
            }
            if (entry instanceof Seen seen) {
                return plain(
                        "LIVE",
                        seen.seen().step(),
                        seen.seen().number(),
                        seen.seen().turn().map(Turn::name).orElse(null));
            }
            return entry instanceof Mended mended
                    ? plain("MENDED", mended.fault(), null, null)
                    : plain("READY", ((Ready) entry).standsAt().name(), null, null);
        }

        private static Row of(Taken taken) {
            Double shown = Double.isInfinite(taken.shown()) ? null : taken.shown();
            return taken.read() instanceof Read.Ohms ohms
                    ? new Row(
                            "OHMS",
                            "",
                            ohms.a().id(),
                            ohms.b().id(),
                            ohms.setting().word(),
                            ohms.heldOpen(),
                            shown,
                            taken.kind().name(),
                            null,
                            taken.zeroOhms(),
                            taken.celsius())
                    : new Row(
                            "CAPACITOR",
                            ((Read.OfCapacitor) taken.read()).capacitor(),
                            null,
                            null,
                            null,
                            false,
                            shown,
                            taken.kind().name(),
                            null,
                            taken.zeroOhms(),
                            taken.celsius());
        }

        private static Row plain(
                String kind,
                String about,
                @org.jspecify.annotations.Nullable Double shown,
                @org.jspecify.annotations.Nullable String turn) {
            return new Row(kind, about, null, null, null, false, shown, null, turn, 0, 20);
        }
    }
}
