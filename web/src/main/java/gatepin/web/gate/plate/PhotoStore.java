package gatepin.web.gate.plate;

import gatepin.web.sql.NewRow;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Photos of a motor and its plate, with what a machine took them to say. */
@Repository
class PhotoStore {
    private final JdbcClient jdbc;
    private final Clock clock;

    PhotoStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /**
     * A photo without its picture.
     *
     * @param words what a machine took it to say, as it is kept; empty where nobody asked
     */
    record Photo(long id, int width, int height, Optional<String> words) {}

    List<Photo> photos(long motorId) {
        return jdbc.sql("select id, width, height, words from motor_photo where motor_id = :id order by id")
                .param("id", motorId)
                .query((row, n) -> new Photo(
                        row.getLong("id"),
                        row.getInt("width"),
                        row.getInt("height"),
                        Optional.ofNullable(row.getString("words"))))
                .list();
    }

    /** The picture as JPEG; empty where the motor has no such photo. */
    Optional<byte[]> jpeg(long motorId, long photoId) {
        return jdbc.sql("select jpeg from motor_photo where motor_id = :motor and id = :id")
                .param("motor", motorId)
                .param("id", photoId)
                .query((row, n) -> row.getBytes("jpeg"))
                .optional();
    }

    long add(long motorId, byte[] jpeg, int width, int height) {
        return NewRow.key(jdbc.sql(
                        "insert into motor_photo (motor_id, width, height, jpeg, added_at) values (:id, :w, :h, :jpeg, :at)")
                .param("id", motorId)
                .param("w", width)
                .param("h", height)
                .param("jpeg", jpeg)
                .param("at", Timestamp.from(clock.instant())));
    }

    void setWords(long photoId, String words) {
        jdbc.sql("update motor_photo set words = :words where id = :id")
                .param("words", words)
                .param("id", photoId)
                .update();
    }
}
