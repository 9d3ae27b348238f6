package gatepin.web.shop;

import gatepin.core.supply.Region;
import gatepin.web.sql.NewRow;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.ZoneId;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Shops and the people who work there. */
@Repository
public class ShopStore {
    private final JdbcClient jdbc;
    private final Clock clock;

    ShopStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /**
     * A shop.
     *
     * @param zone its time zone
     * @param aside it was set aside, with all that is in it
     * @param version how often it was saved
     */
    public record Shop(long id, String name, Region region, ZoneId zone, boolean aside, int version) {}

    private static Shop shop(ResultSet row, int number) throws SQLException {
        return new Shop(
                row.getLong("id"),
                row.getString("name"),
                Region.valueOf(row.getString("region")),
                ZoneId.of(row.getString("zone")),
                row.getBoolean("aside"),
                row.getInt("version"));
    }

    private static final String SELECT =
            "select id, name, region, zone, set_aside_at is not null as aside, version from shop";

    public long addShop(String name, Region region, ZoneId zone) {
        return NewRow.key(jdbc.sql("insert into shop (name, region, zone) values (:name, :region, :zone)")
                .param("zone", zone.getId())
                .param("name", name)
                .param("region", region.name()));
    }

    public long addPerson(long shopId, String name) {
        return NewRow.key(jdbc.sql("insert into person (shop_id, name) values (:shop, :name)")
                .param("shop", shopId)
                .param("name", name));
    }

    public Optional<Shop> shop(long id) {
        return jdbc.sql(SELECT + " where id = :id")
                .param("id", id)
                .query(ShopStore::shop)
                .optional();
    }

    /** All shops, oldest first. */
    public java.util.List<Shop> shops() {
        return jdbc.sql(SELECT + " order by id").query(ShopStore::shop).list();
    }

    /** Holds a shop's row until the transaction ends; gives how often it was saved. Its jobs are held first, as every act on a job holds them. */
    int hold(long id) {
        jdbc.sql("select id from job where shop_id = :shop order by id for update")
                .param("shop", id)
                .query(Long.class)
                .list();
        return jdbc.sql("select version from shop where id = :id for update")
                .param("id", id)
                .query(Integer.class)
                .single();
    }

    /** Renames a shop that is held, or says where it is; all its jobs are worked out anew. */
    void change(long id, String name, Region region, ZoneId zone) {
        jdbc.sql("update job set revision = revision + 1 where shop_id = :id")
                .param("id", id)
                .update();
        jdbc.sql("update shop set name = :name, region = :region, zone = :zone, version = version + 1 where id = :id")
                .param("name", name)
                .param("region", region.name())
                .param("zone", zone.getId())
                .param("id", id)
                .update();
    }

    void setAside(long id, boolean aside) {
        jdbc.sql("update shop set set_aside_at = :at where id = :id")
                .param("at", aside ? Timestamp.from(clock.instant()) : null)
                .param("id", id)
                .update();
    }

    /** The outlets a shop has, by their standard designations. */
    public java.util.Set<String> outlets(long shopId) {
        return java.util.Set.copyOf(jdbc.sql("select outlet from shop_outlet where shop_id = :shop")
                .param("shop", shopId)
                .query(String.class)
                .list());
    }

    public void setOutlets(long shopId, java.util.Collection<String> outlets) {
        jdbc.sql("delete from shop_outlet where shop_id = :shop")
                .param("shop", shopId)
                .update();
        for (String outlet : java.util.Set.copyOf(outlets)) {
            jdbc.sql("insert ignore into shop_outlet (shop_id, outlet) values (:shop, :outlet)")
                    .param("shop", shopId)
                    .param("outlet", outlet)
                    .update();
        }
    }

    /** What a person is called. */
    String nameOf(long person) {
        return jdbc.sql("select name from person where id = :id")
                .param("id", person)
                .query(String.class)
                .single();
    }

    /** The one owner of a shop, who does everything while nobody signs in. */
    public long ownerOf(long shopId) {
        return jdbc.sql("select min(id) from person where shop_id = :shop")
                .param("shop", shopId)
                .query(Long.class)
                .single();
    }
}
