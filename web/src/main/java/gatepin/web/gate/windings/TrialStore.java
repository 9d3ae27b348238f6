package gatepin.web.gate.windings;

import gatepin.core.rotation.StatedRotation;
import gatepin.core.rotation.StatedRotation.Direction;
import gatepin.core.rotation.StatedRotation.End;
import gatepin.web.sql.NewRow;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Start windings that were tried one after the other, and put back. */
@Repository
class TrialStore {
    private final JdbcClient jdbc;
    private final Clock clock;

    TrialStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** What came of it. */
    public enum Outcome {
        REVERSED("turned the other way with its ends interchanged: this is the one"),
        SAME_WAY("turned the same way both times: not the one"),
        NOT_STARTED("hummed and did not start"),
        PUT_BACK("put back as it was");

        private final String words;

        Outcome(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * A trial.
     *
     * @param name A or B
     * @param first one end
     * @param second the other end
     * @param seen which way it turned with its ends as named
     */
    public record Trial(
            long id,
            String name,
            String first,
            String second,
            Outcome outcome,
            StatedRotation seen,
            String note,
            boolean photographed) {}

    List<Trial> trials(long motorId) {
        return jdbc.sql("select id, name, first_end, second_end, outcome, direction, seen_from, note,"
                        + " jpeg is not null as photographed from start_trial where motor_id = :motor order by id")
                .param("motor", motorId)
                .query((row, n) -> new Trial(
                        row.getLong("id"),
                        row.getString("name"),
                        row.getString("first_end"),
                        row.getString("second_end"),
                        Outcome.valueOf(row.getString("outcome")),
                        new StatedRotation(
                                Direction.valueOf(row.getString("direction")), End.valueOf(row.getString("seen_from"))),
                        row.getString("note"),
                        row.getBoolean("photographed")))
                .list();
    }

    long add(long motorId, Trial trial, Optional<byte[]> jpeg, long personId) {
        return NewRow.key(jdbc.sql("insert into start_trial (motor_id, name, first_end, second_end, outcome, direction,"
                        + " seen_from, note, jpeg, at, person_id) values (:motor, :name, :first, :second, :outcome,"
                        + " :direction, :seen, :note, :jpeg, :at, :person)")
                .param("motor", motorId)
                .param("name", trial.name())
                .param("first", trial.first())
                .param("second", trial.second())
                .param("outcome", trial.outcome().name())
                .param("direction", trial.seen().direction().name())
                .param("seen", trial.seen().seenFrom().name())
                .param("note", trial.note())
                .param("jpeg", jpeg.orElse(null))
                .param("at", Timestamp.from(clock.instant()))
                .param("person", personId));
    }

    Optional<byte[]> photo(long motorId, long id) {
        return jdbc.sql("select jpeg from start_trial where motor_id = :motor and id = :id and jpeg is not null")
                .param("motor", motorId)
                .param("id", id)
                .query((row, n) -> row.getBytes("jpeg"))
                .optional();
    }
}
