package gatepin.web.sql;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;

/** Puts a row in and gives the key that the database made for it. */
public final class NewRow {
    private NewRow() {}

    public static long key(JdbcClient.StatementSpec insert) {
        KeyHolder key = new GeneratedKeyHolder();
        insert.update(key, "id");
        Number id = key.getKey();
        if (id == null) {
            throw new IllegalStateException("the database gave no key for a new row");
        }
        return id.longValue();
    }
}
