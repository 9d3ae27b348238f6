package gatepin.web.shop;

import gatepin.core.supply.Region;
import gatepin.web.sql.NewRow;
import java.sql.Timestamp;
import java.time.Clock;
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
     * @param aside it was set aside, with all that is in it
     */
    public record Shop(long id, String name, Region region, boolean aside) {}

    private static final String SELECT = "select id, name, region, set_aside_at is not null as aside from shop";

    public long addShop(String name, Region region) {
        return NewRow.key(jdbc.sql("insert into shop (name, region) values (:name, :region)")
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
                .query(Shop.class)
                .optional();
    }

    /** All shops, oldest first. */
    public java.util.List<Shop> shops() {
        return jdbc.sql(SELECT + " order by id").query(Shop.class).list();
    }

    /** Renames a shop, or says where it is; all its jobs are worked out anew. */
    void change(long id, String name, Region region) {
        // jobs before their shop, as every act on a job holds them
        jdbc.sql("update job set revision = revision + 1 where shop_id = :id")
                .param("id", id)
                .update();
        jdbc.sql("update shop set name = :name, region = :region where id = :id")
                .param("name", name)
                .param("region", region.name())
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

    /** The one owner of a shop, who does everything while nobody signs in. */
    public long ownerOf(long shopId) {
        return jdbc.sql("select min(id) from person where shop_id = :shop")
                .param("shop", shopId)
                .query(Long.class)
                .single();
    }
}
