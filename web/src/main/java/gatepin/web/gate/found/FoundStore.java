package gatepin.web.gate.found;

import gatepin.web.sql.NewRow;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The photos that show wires as they were found. */
@Repository
class FoundStore {
    private final JdbcClient jdbc;
    private final Clock clock;

    FoundStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** A photo without its picture. */
    public record Photo(long id, int width, int height, List<PhotoPin> pins) {}

    /**
     * A pin on a photo.
     *
     * @param x from the left, in thousandths of the width
     * @param y from the top, in thousandths of the height
     */
    public record PhotoPin(long id, int x, int y, String mark, String colour, int bands) {}

    public List<Photo> photos(long jobId) {
        return jdbc.sql("select id, width, height from found_photo where job_id = :job order by id")
                .param("job", jobId)
                .query((row, n) -> new Photo(
                        row.getLong("id"), row.getInt("width"), row.getInt("height"), pins(row.getLong("id"))))
                .list();
    }

    private List<PhotoPin> pins(long photoId) {
        return jdbc.sql("select id, x, y, mark, colour, bands from photo_pin where photo_id = :photo order by id")
                .param("photo", photoId)
                .query((row, n) -> new PhotoPin(
                        row.getLong("id"),
                        row.getInt("x"),
                        row.getInt("y"),
                        row.getString("mark"),
                        row.getString("colour"),
                        row.getInt("bands")))
                .list();
    }

    public Optional<byte[]> picture(long jobId, long photoId) {
        return jdbc.sql("select jpeg from found_photo where id = :id and job_id = :job")
                .param("id", photoId)
                .param("job", jobId)
                .query((row, n) -> row.getBytes("jpeg"))
                .optional();
    }

    public long addPhoto(long jobId, byte[] jpeg, int width, int height) {
        return NewRow.key(jdbc.sql("insert into found_photo (job_id, width, height, jpeg, added_at)"
                        + " values (:job, :width, :height, :jpeg, :at)")
                .param("job", jobId)
                .param("width", width)
                .param("height", height)
                .param("jpeg", jpeg)
                .param("at", Timestamp.from(clock.instant())));
    }

    /** Sets a pin; gives false when the job has no such photo. */
    public boolean addPin(long jobId, long photoId, PhotoPin pin) {
        return jdbc.sql(
                                "insert into photo_pin (photo_id, x, y, mark, colour, bands)"
                                        + " select id, :x, :y, :mark, :colour, :bands from found_photo where id = :photo and job_id = :job")
                        .param("x", pin.x())
                        .param("y", pin.y())
                        .param("mark", pin.mark())
                        .param("colour", pin.colour())
                        .param("bands", pin.bands())
                        .param("photo", photoId)
                        .param("job", jobId)
                        .update()
                == 1;
    }

    /** Takes a pin off a photo; gives false when the job has no such pin. */
    boolean removePin(long jobId, long pinId) {
        return jdbc.sql("delete photo_pin from photo_pin join found_photo on found_photo.id = photo_id"
                                + " where photo_pin.id = :pin and job_id = :job")
                        .param("pin", pinId)
                        .param("job", jobId)
                        .update()
                == 1;
    }
}
