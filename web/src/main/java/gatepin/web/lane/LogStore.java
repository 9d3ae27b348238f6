package gatepin.web.lane;

import gatepin.core.Sentence;
import gatepin.core.job.Gate;
import gatepin.core.words.SentenceText;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The log of a job: only ever added to. */
@Repository
public class LogStore {
    private final JdbcClient jdbc;
    private final Clock clock;

    LogStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** What kind of thing happened. */
    public enum Kind {
        OPENED,
        SAVED,
        PULLED,
        OVERRIDDEN,
        DROPPED,
        MADE,
        UNMADE
    }

    /**
     * One line of the log.
     *
     * @param gate at which it was done; empty where it was at none
     */
    public record Entry(Instant at, String who, Optional<Gate> gate, Kind kind, Sentence words) {}

    /** Writes down what somebody did at a gate, or at none. */
    public void add(Job job, long personId, Optional<Gate> gate, Kind kind, Sentence words) {
        jdbc.sql("insert into log_entry (shop_id, job_id, person_id, at, gate, kind, words)"
                        + " values (:shop, :job, :person, :at, :gate, :kind, :words)")
                .param("shop", job.shopId())
                .param("job", job.id())
                .param("person", personId)
                .param("at", java.sql.Timestamp.from(clock.instant()))
                .param("gate", gate.map(Gate::word).orElse(null))
                .param("kind", kind.name())
                .param("words", SentenceText.write(words))
                .update();
    }

    /** The log of a job, newest first. */
    public List<Entry> entries(long jobId) {
        return jdbc.sql("select at, person.name as who, gate, kind, words from log_entry"
                        + " join person on person.id = person_id where job_id = :job order by log_entry.id desc")
                .param("job", jobId)
                .query((row, n) -> new Entry(
                        row.getTimestamp("at").toInstant(),
                        row.getString("who"),
                        Optional.ofNullable(row.getString("gate")).flatMap(Gate::of),
                        Kind.valueOf(row.getString("kind")),
                        SentenceText.read(row.getString("words"))))
                .list();
    }
}
