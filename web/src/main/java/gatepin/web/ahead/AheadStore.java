package gatepin.web.ahead;

import gatepin.core.ahead.Ahead.Kind;
import gatepin.core.ahead.AheadRecord;
import gatepin.core.ahead.AheadRecord.Chosen;
import gatepin.core.ahead.AheadRecord.Stands;
import gatepin.core.circuit.Wire;
import gatepin.web.check.DeadReadStore;
import gatepin.web.check.DeadReadStore.Part;
import gatepin.web.lane.Job;
import gatepin.web.lane.Keeper;
import gatepin.web.lane.Recalled;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What stands ahead of the gear of jobs, and which of its wires are made. */
@Repository
class AheadStore implements Keeper {
    private final JdbcClient jdbc;
    private final Clock clock;
    private final DeadReadStore reads;

    AheadStore(JdbcClient jdbc, Clock clock, DeadReadStore reads) {
        this.jdbc = jdbc;
        this.clock = clock;
        this.reads = reads;
    }

    @Override
    public void recall(Job job, Recalled into) {
        Map<Kind, Chosen> chosen = new EnumMap<>(Kind.class);
        jdbc.sql("select kind, stands, reason from ahead_device where job_id = :job")
                .param("job", job.id())
                .query(row -> {
                    chosen.put(
                            Kind.valueOf(row.getString("kind")),
                            new Chosen(Stands.valueOf(row.getString("stands")), row.getString("reason")));
                });
        if (!chosen.isEmpty()) {
            into.ahead(new AheadRecord(chosen, made(job.id()), reads.since(job.id(), Part.AHEAD)));
        }
    }

    private Set<String> made(long jobId) {
        return new HashSet<>(jdbc.sql("select from_terminal, to_terminal from ahead_wire_made where job_id = :job")
                .param("job", jobId)
                .query((row, n) -> row.getString("from_terminal") + ">" + row.getString("to_terminal"))
                .list());
    }

    void save(long jobId, Map<Kind, Chosen> chosen) {
        chosen.forEach((kind, what) -> jdbc.sql("replace into ahead_device (job_id, kind, stands, reason)"
                        + " values (:job, :kind, :stands, :reason)")
                .param("job", jobId)
                .param("kind", kind.name())
                .param("stands", what.stands().name())
                .param("reason", what.reason())
                .update());
    }

    /** Marks a wire made or not. */
    void mark(long jobId, Wire wire, boolean made, long person) {
        if (!made) {
            jdbc.sql("delete from ahead_wire_made where job_id = :job and from_terminal = :from and to_terminal = :to")
                    .param("job", jobId)
                    .param("from", wire.from().id())
                    .param("to", wire.to().id())
                    .update();
            return;
        }
        jdbc.sql("insert ignore into ahead_wire_made (job_id, from_terminal, to_terminal, made_at, made_by)"
                        + " values (:job, :from, :to, :at, :by)")
                .param("job", jobId)
                .param("from", wire.from().id())
                .param("to", wire.to().id())
                .param("at", Timestamp.from(clock.instant()))
                .param("by", person)
                .update();
    }
}
