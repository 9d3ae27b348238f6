package gatepin.web.check;

import gatepin.core.check.DeadRead;
import gatepin.core.check.DeadRead.Shows;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What an ohmmeter showed of the parts of a wiring that have no winding in them. Only added to. */
@Repository
public class DeadReadStore {
    private final JdbcClient jdbc;
    private final Clock clock;

    DeadReadStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** A part that is read. */
    public enum Part {
        AHEAD,
        CONTROL
    }

    /** What was shown of a part since it was last changed, in order. */
    public List<DeadRead> since(long jobId, Part part) {
        return jdbc.sql(
                        "select about, shows from dead_reading where job_id = :job and part = :part and shows is not null"
                                + " and id > coalesce((select max(id) from dead_reading where job_id = :job and part = :part"
                                + " and shows is null), 0) order by id")
                .param("job", jobId)
                .param("part", part.name())
                .query((row, n) -> new DeadRead(row.getString("about"), Shows.valueOf(row.getString("shows"))))
                .list();
    }

    public void add(long jobId, Part part, DeadRead read, long person) {
        insert(jobId, part, read.about(), read.shows().name(), person);
    }

    /** The part was changed: what was read before counts no more. */
    public void changed(long jobId, Part part, long person) {
        insert(jobId, part, "", null, person);
    }

    private void insert(long jobId, Part part, String about, @Nullable String shows, long person) {
        jdbc.sql("insert into dead_reading (job_id, part, about, shows, at, person_id)"
                        + " values (:job, :part, :about, :shows, :at, :person)")
                .param("job", jobId)
                .param("part", part.name())
                .param("about", about)
                .param("shows", shows)
                .param("at", Timestamp.from(clock.instant()))
                .param("person", person)
                .update();
    }
}
