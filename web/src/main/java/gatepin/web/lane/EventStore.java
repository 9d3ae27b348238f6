package gatepin.web.lane;

import gatepin.core.check.DeadRead;
import gatepin.core.check.DeadRead.Shows;
import gatepin.core.wire.Done;
import gatepin.core.wire.Section;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.Set;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/**
 * What hands do to the wires of jobs, and what an ohmmeter shows of those without a winding in them. Only added to, each thing by its name: a
 * later event of the same thing corrects an earlier one.
 */
@Repository
public class EventStore implements Keeper {
    private static final String MADE = "MADE";
    private static final String UNMADE = "UNMADE";
    private static final String CHANGED = "CHANGED";

    private final JdbcClient jdbc;
    private final Clock clock;

    EventStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    @Override
    public void recall(Job job, Recalled into) {
        Done[] done = {Done.NOTHING};
        jdbc.sql("select section, about, what from job_event where job_id = :job order by id")
                .param("job", job.id())
                .query(row -> {
                    done[0] = after(
                            done[0],
                            Section.valueOf(row.getString("section")),
                            row.getString("about"),
                            row.getString("what"));
                });
        into.done(done[0]);
    }

    private static Done after(Done before, Section section, String about, String what) {
        return switch (what) {
            case MADE, UNMADE -> before.with(section, about, what.equals(MADE));
            case CHANGED -> before.changed(section);
            default -> before.with(section, new DeadRead(about, Shows.valueOf(what)));
        };
    }

    /** A wire is made, or no longer. */
    public void made(Act act, Section section, String wire, boolean made) {
        add(act, section, wire, made ? MADE : UNMADE);
    }

    /** Of a section these wires at most are made: all others come out. */
    public void onlyMade(Act act, Section section, Set<String> wires) {
        act.before().facts().gear().done().madeOf(section).stream()
                .filter(w -> !wires.contains(w))
                .sorted()
                .forEach(w -> made(act, section, w, false));
    }

    /** An ohmmeter showed something. */
    public void read(Act act, Section section, DeadRead read) {
        add(act, section, read.about(), read.shows().name());
    }

    /** A section was changed: what was read of it before counts no more. */
    public void changed(Act act, Section section) {
        add(act, section, "", CHANGED);
    }

    private void add(Act act, Section section, String about, String what) {
        jdbc.sql("insert into job_event (job_id, section, about, what, at, person_id)"
                        + " values (:job, :section, :about, :what, :at, :person)")
                .param("job", act.job().id())
                .param("section", section.name())
                .param("about", about)
                .param("what", what)
                .param("at", Timestamp.from(clock.instant()))
                .param("person", act.person())
                .update();
    }
}
