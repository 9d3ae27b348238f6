package gatepin.web.store;

import gatepin.core.supply.Region;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;
import org.springframework.stereotype.Repository;

/** Shops and the people who work there. */
@Repository
public class ShopStore {
    private final JdbcClient jdbc;

    ShopStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** A shop. */
    public record Shop(long id, String name, Region region) {}

    public long addShop(String name, Region region) {
        return insert(jdbc.sql("insert into shop (name, region) values (:name, :region)")
                .param("name", name)
                .param("region", region.name()));
    }

    public long addPerson(long shopId, String name) {
        return insert(jdbc.sql("insert into person (shop_id, name) values (:shop, :name)")
                .param("shop", shopId)
                .param("name", name));
    }

    public Optional<Shop> shop(long id) {
        return jdbc.sql("select id, name, region from shop where id = :id")
                .param("id", id)
                .query(Shop.class)
                .optional();
    }

    /** All shops, oldest first. */
    public java.util.List<Shop> shops() {
        return jdbc.sql("select id, name, region from shop order by id")
                .query(Shop.class)
                .list();
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
            jdbc.sql("insert into shop_outlet (shop_id, outlet) values (:shop, :outlet)")
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

    static long insert(JdbcClient.StatementSpec statement) {
        KeyHolder key = new GeneratedKeyHolder();
        statement.update(key, "id");
        Number id = key.getKey();
        if (id == null) {
            throw new IllegalStateException("the database gave no key for a new row");
        }
        return id.longValue();
    }
}
