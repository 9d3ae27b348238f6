package gatepin.web.gate.plate;

import java.time.Clock;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Photos of plates, one a motor. */
@Repository
public class PhotoStore {
    private final JdbcClient jdbc;
    private final Clock clock;

    PhotoStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    public Optional<byte[]> plate(long motorId) {
        return jdbc.sql("select jpeg from plate_photo where motor_id = :id")
                .param("id", motorId)
                .query((row, n) -> row.getBytes("jpeg"))
                .optional();
    }

    public boolean hasPlate(long motorId) {
        return jdbc.sql("select count(*) from plate_photo where motor_id = :id")
                        .param("id", motorId)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    /** Keeps a photo in place of the one before. */
    public void setPlate(long motorId, byte[] jpeg, int width, int height) {
        jdbc.sql("insert into plate_photo (motor_id, width, height, jpeg, added_at) values (:id, :w, :h, :jpeg, :at)"
                        + " on duplicate key update width = values(width), height = values(height), jpeg = values(jpeg),"
                        + " added_at = values(added_at)")
                .param("id", motorId)
                .param("w", width)
                .param("h", height)
                .param("jpeg", jpeg)
                .param("at", java.sql.Timestamp.from(clock.instant()))
                .update();
    }
}
