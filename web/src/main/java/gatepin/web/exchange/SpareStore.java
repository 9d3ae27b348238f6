package gatepin.web.exchange;

import gatepin.core.exchange.Mount;
import gatepin.web.sql.NewRow;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Spare motors. A motor lies on the shelf while it is in no machine; what is known of it stays its own. */
@Repository
class SpareStore {
    private static final String SELECT = "select spare.* from spare join motor on motor.id = spare.motor_id";

    private final JdbcClient jdbc;
    private final Clock clock;

    SpareStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    private static Kept kept(ResultSet row, int number) throws SQLException {
        boolean out = row.getBoolean("start_ends_out");
        Optional<Boolean> startEndsOut = row.wasNull() ? Optional.empty() : Optional.of(out);
        return new Kept(
                row.getLong("motor_id"),
                row.getString("name"),
                row.getString("came_from"),
                row.getString("note"),
                row.getBoolean("tested"),
                startEndsOut,
                new Mount.Typed(
                        "",
                        "",
                        row.getString("shaft"),
                        row.getString("shaft_key"),
                        row.getString("height"),
                        "",
                        row.getString("fixing")));
    }

    /** The motors on a shop's shelf, the last put there first. */
    List<Kept> onShelf(long shop) {
        return jdbc.sql(
                        SELECT
                                + " where motor.shop_id = :shop and motor.machine_id is null and scrapped_at is null order by put_at desc, motor_id desc")
                .param("shop", shop)
                .query(SpareStore::kept)
                .list();
    }

    /** A motor on a shop's shelf, held until the transaction ends; empty where it is not there, or no more. */
    Optional<Kept> hold(long shop, long motor) {
        return jdbc.sql(
                        SELECT
                                + " where motor.shop_id = :shop and motor.id = :motor and motor.machine_id is null and scrapped_at is null for update")
                .param("shop", shop)
                .param("motor", motor)
                .query(SpareStore::kept)
                .optional();
    }

    /** Takes a motor off the shelf for good: what is known of it is kept, but it is offered for nothing any more. */
    void scrap(long motor, String why) {
        jdbc.sql("update spare set scrapped_at = :at, scrapped_why = :why where motor_id = :motor")
                .param("at", Timestamp.from(clock.instant()))
                .param("why", why)
                .param("motor", motor)
                .update();
    }

    /** What was scrapped, the last first: name and why. */
    List<Scrapped> scrapped(long shop) {
        return jdbc.sql("select name, scrapped_why, scrapped_at from spare join motor on motor.id = spare.motor_id"
                        + " where motor.shop_id = :shop and scrapped_at is not null order by scrapped_at desc")
                .param("shop", shop)
                .query((row, n) -> new Scrapped(
                        row.getString("name"),
                        row.getString("scrapped_why"),
                        row.getTimestamp("scrapped_at").toInstant()))
                .list();
    }

    /** A motor that was scrapped. */
    public record Scrapped(String name, String why, Instant at) {}

    /** The photos of a motor, the first taken first. */
    List<Long> photos(long motor) {
        return jdbc.sql("select id from motor_photo where motor_id = :motor order by id")
                .param("motor", motor)
                .query(Long.class)
                .list();
    }

    /** A photo of a motor on a shop's shelf as JPEG; empty where there is no such. */
    Optional<byte[]> photo(long shop, long motor, long photo) {
        return jdbc.sql("select motor_photo.jpeg from motor_photo join motor on motor.id = motor_photo.motor_id"
                        + " where motor.shop_id = :shop and motor.id = :motor and motor.machine_id is null"
                        + " and motor_photo.id = :photo")
                .param("shop", shop)
                .param("motor", motor)
                .param("photo", photo)
                .query((row, n) -> row.getBytes("jpeg"))
                .optional();
    }

    /** How often an ohmmeter was held on a motor's leads. */
    int readings(long motor) {
        return jdbc.sql("select count(*) from ohm_reading where motor_id = :motor")
                .param("motor", motor)
                .query(Integer.class)
                .single();
    }

    /** Whether some motor on the shelf is called so; the shop's row is held, so that nobody takes the name in between. */
    boolean isCalled(long shop, String name) {
        jdbc.sql("select id from shop where id = :shop for update")
                .param("shop", shop)
                .query(Long.class)
                .list();
        return onShelf(shop).stream().anyMatch(k -> k.name().equalsIgnoreCase(name));
    }

    /** A motor of no machine, of which nothing is known. */
    long blank(long shop) {
        return NewRow.key(jdbc.sql("insert into motor (shop_id, machine_id) values (:shop, null)")
                .param("shop", shop));
    }

    void put(Kept spare, long person) {
        jdbc.sql(
                        "replace into spare (motor_id, name, came_from, note, tested, start_ends_out, shaft, shaft_key, height, fixing,"
                                + " put_at, person_id) values (:motor, :name, :from, :note, :tested, :out, :shaft, :key, :height,"
                                + " :fixing, :at, :person)")
                .param("motor", spare.motorId())
                .param("name", spare.name())
                .param("from", spare.cameFrom())
                .param("note", spare.note())
                .param("tested", spare.tested())
                .param("out", spare.startEndsOut().orElse(null))
                .param("shaft", spare.mount().shaft())
                .param("key", spare.mount().key())
                .param("height", spare.mount().height())
                .param("fixing", spare.mount().fixing())
                .param("at", Timestamp.from(clock.instant()))
                .param("person", person)
                .update();
    }

    /** Puts a motor into the machine of a job, or onto the shelf. */
    void into(long motor, Optional<Long> machine) {
        jdbc.sql("update motor set machine_id = :machine where id = :motor")
                .param("machine", machine.orElse(null))
                .param("motor", motor)
                .update();
    }

    void drop(long motor) {
        jdbc.sql("delete from motor where id = :motor and machine_id is null")
                .param("motor", motor)
                .update();
    }

    long machine(long job) {
        return jdbc.sql("select machine_id from job where id = :job")
                .param("job", job)
                .query(Long.class)
                .single();
    }
}
