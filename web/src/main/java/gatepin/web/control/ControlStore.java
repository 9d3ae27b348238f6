package gatepin.web.control;

import gatepin.core.control.Claim.Asked;
import gatepin.core.control.ControlNet;
import gatepin.core.control.ControlNet.ControlWire;
import gatepin.core.control.Ladder;
import gatepin.core.control.LadderText;
import gatepin.core.lane.Facts;
import gatepin.web.check.DeadReadStore;
import gatepin.web.check.DeadReadStore.Part;
import gatepin.web.lane.Job;
import gatepin.web.lane.Keeper;
import gatepin.web.lane.Recalled;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Control circuits, and which of their wires are made. */
@Repository
class ControlStore implements Keeper {
    private final JdbcClient jdbc;
    private final Clock clock;
    private final DeadReadStore reads;

    ControlStore(JdbcClient jdbc, Clock clock, DeadReadStore reads) {
        this.jdbc = jdbc;
        this.clock = clock;
        this.reads = reads;
    }

    /**
     * A control circuit as it is kept.
     *
     * @param wishes what it was built from; blank where a person entered it
     * @param made its wires that are made, as {@code from>to}
     */
    record Kept(Ladder ladder, Asked asked, String wishes, Set<String> made) {
        List<ControlWire> wires() {
            return ControlNet.of(ladder).wires();
        }

        boolean isMade(ControlWire wire) {
            return made.contains(key(wire));
        }
    }

    private record Row(String ladder, boolean restart, boolean standstillFirst, String wishes) {}

    static String key(ControlWire wire) {
        return wire.from() + ">" + wire.to();
    }

    @Override
    public void recall(Job job, Recalled into) {
        jdbc.sql("select ladder, restart, standstill_first, wishes from control_circuit where job_id = :job")
                .param("job", job.id())
                .query(Row.class)
                .optional()
                .ifPresent(row -> {
                    Ladder ladder = LadderText.read(row.ladder()).value().orElseThrow();
                    Kept kept = new Kept(
                            ladder, new Asked(row.restart(), row.standstillFirst()), row.wishes(), made(job.id()));
                    int left = (int)
                            kept.wires().stream().filter(w -> !kept.isMade(w)).count();
                    into.keep(Kept.class, kept);
                    into.control(
                            new Facts.ControlFacts(ladder, kept.asked(), left, reads.since(job.id(), Part.CONTROL)));
                });
    }

    private Set<String> made(long jobId) {
        return new HashSet<>(jdbc.sql("select from_terminal, to_terminal from control_wire_made where job_id = :job")
                .param("job", jobId)
                .query((row, n) -> row.getString("from_terminal") + ">" + row.getString("to_terminal"))
                .list());
    }

    void save(long jobId, Ladder ladder, Asked asked, String wishes) {
        jdbc.sql("replace into control_circuit (job_id, ladder, restart, standstill_first, wishes)"
                        + " values (:job, :ladder, :restart, :standstill, :wishes)")
                .param("job", jobId)
                .param("ladder", LadderText.write(ladder))
                .param("restart", asked.restart())
                .param("standstill", asked.standstillFirst())
                .param("wishes", wishes)
                .update();
    }

    /** Marks a wire made or not; gives false where it stood so already. */
    boolean mark(long jobId, ControlWire wire, boolean made, long person) {
        if (!made) {
            return jdbc.sql("delete from control_wire_made where job_id = :job and from_terminal = :from"
                                    + " and to_terminal = :to")
                            .param("job", jobId)
                            .param("from", wire.from())
                            .param("to", wire.to())
                            .update()
                    == 1;
        }
        return jdbc.sql("insert ignore into control_wire_made (job_id, from_terminal, to_terminal, made_at, made_by)"
                                + " values (:job, :from, :to, :at, :by)")
                        .param("job", jobId)
                        .param("from", wire.from())
                        .param("to", wire.to())
                        .param("at", Timestamp.from(clock.instant()))
                        .param("by", person)
                        .update()
                == 1;
    }
}
