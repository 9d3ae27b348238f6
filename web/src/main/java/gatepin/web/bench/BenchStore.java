package gatepin.web.bench;

import gatepin.core.bench.Added;
import gatepin.core.bench.HandWiring;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.web.sql.NewRow;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Wirings laid by hand, with every step that led to them. */
@Repository
class BenchStore {
    private final JdbcClient jdbc;
    private final Clock clock;

    BenchStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /**
     * A copy of a job's wiring.
     *
     * @param gear the switch of the library it is tried on, by its key; blank where it is the job's own
     * @param atStep the step that is shown
     * @param steps how many there are behind the first
     */
    record Copy(long id, String name, String gear, int atStep, int steps) {
        boolean canUndo() {
            return atStep > 0;
        }

        boolean canRedo() {
            return atStep < steps;
        }
    }

    /** No mark has it. */
    private static final char BETWEEN = '\t';

    /** A line that begins so is a device that was added: its name, kind, stand and µF. */
    private static final char DEVICE = '+';

    /** The leads end on studs. */
    private static final String STUDS = "#studs";

    private static final String COPIES =
            "select c.id, c.name, c.gear, c.at_step, (select coalesce(max(step), 0) from bench_step"
                    + " where copy_id = c.id) as steps from bench_copy c where c.job_id = :job";

    List<Copy> copies(long jobId) {
        return jdbc.sql(COPIES + " order by c.id")
                .param("job", jobId)
                .query(Copy.class)
                .list();
    }

    Optional<Copy> copy(long jobId, long copyId) {
        return jdbc.sql(COPIES + " and c.id = :copy")
                .param("job", jobId)
                .param("copy", copyId)
                .query(Copy.class)
                .optional();
    }

    /** Holds a copy until the transaction ends; false where it is gone. */
    boolean hold(long jobId, long copyId) {
        return jdbc.sql("select id from bench_copy where id = :copy and job_id = :job for update")
                .param("copy", copyId)
                .param("job", jobId)
                .query(Long.class)
                .optional()
                .isPresent();
    }

    HandWiring wiring(Copy copy) {
        return jdbc.sql("select wires from bench_step where copy_id = :copy and step = :step")
                .param("copy", copy.id())
                .param("step", copy.atStep())
                .query(String.class)
                .optional()
                .map(BenchStore::read)
                .orElse(HandWiring.NOTHING);
    }

    static HandWiring read(String step) {
        List<Wire> wires = new ArrayList<>();
        List<Added> added = new ArrayList<>();
        for (String line : step.lines().filter(l -> !l.isBlank()).toList()) {
            if (line.charAt(0) == DEVICE) {
                device(line).ifPresent(added::add);
            } else if (!line.equals(STUDS)) {
                wire(line).ifPresent(wires::add);
            }
        }
        return new HandWiring(wires, added, step.lines().anyMatch(STUDS::equals));
    }

    /** A wire of a line; empty where a file that was brought in says something that is none. */
    private static Optional<Wire> wire(String line) {
        String[] ends = line.split("\t", -1);
        try {
            return ends.length == 2
                    ? Optional.of(HandWiring.wire(Terminal.fromId(ends[0]), Terminal.fromId(ends[1])))
                    : Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private static Optional<Added> device(String line) {
        String[] words = line.substring(1).split("\t", -1);
        try {
            return words.length == 4
                    ? Optional.of(new Added(
                            words[0],
                            Added.Kind.valueOf(words[1]),
                            Integer.parseInt(words[2]),
                            Double.parseDouble(words[3])))
                    : Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    static String write(HandWiring wiring) {
        List<String> lines = new ArrayList<>();
        if (wiring.studs()) {
            lines.add(STUDS);
        }
        wiring.added()
                .forEach(a -> lines.add("" + DEVICE + a.name() + BETWEEN
                        + a.kind().name() + BETWEEN + a.stand() + BETWEEN + a.microfarads()));
        wiring.wires().forEach(w -> lines.add(w.from().id() + BETWEEN + w.to().id()));
        return String.join("\n", lines);
    }

    long add(long jobId, String name, String gear, HandWiring wiring) {
        long id = NewRow.key(
                jdbc.sql("insert into bench_copy (job_id, name, gear, made_at) values (:job, :name, :gear, :at)")
                        .param("job", jobId)
                        .param("name", name)
                        .param("gear", gear)
                        .param("at", Timestamp.from(clock.instant())));
        step(id, 0, wiring);
        return id;
    }

    /** One step more: what could have been done again is gone. */
    void then(Copy copy, HandWiring wiring) {
        jdbc.sql("delete from bench_step where copy_id = :copy and step > :step")
                .param("copy", copy.id())
                .param("step", copy.atStep())
                .update();
        step(copy.id(), copy.atStep() + 1, wiring);
        show(copy, copy.atStep() + 1);
    }

    private void step(long copyId, int step, HandWiring wiring) {
        jdbc.sql("insert into bench_step (copy_id, step, wires) values (:copy, :step, :wires)")
                .param("copy", copyId)
                .param("step", step)
                .param("wires", write(wiring))
                .update();
    }

    void show(Copy copy, int step) {
        jdbc.sql("update bench_copy set at_step = :step where id = :copy")
                .param("step", step)
                .param("copy", copy.id())
                .update();
    }

    void remove(long copyId) {
        jdbc.sql("delete from bench_copy where id = :copy")
                .param("copy", copyId)
                .update();
    }
}
