package gatepin.web.gate.handover;

import gatepin.core.paper.Paper;
import gatepin.core.paper.PaperRecord;
import gatepin.web.lane.Job;
import gatepin.web.lane.Keeper;
import gatepin.web.lane.Recalled;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.EnumMap;
import java.util.Map;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What isolates machines, and which of their papers were printed or saved. */
@Repository
class PaperStore implements Keeper {
    private final JdbcClient jdbc;
    private final Clock clock;

    PaperStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    @Override
    public void recall(Job job, Recalled into) {
        String isolator = jdbc.sql("select name from isolator where job_id = :job")
                .param("job", job.id())
                .query(String.class)
                .optional()
                .orElse("");
        Map<Paper, String> taken = new EnumMap<>(Paper.class);
        jdbc.sql("select paper, mark from paper_taken where job_id = :job order by id")
                .param("job", job.id())
                .query(row -> {
                    taken.put(Paper.valueOf(row.getString("paper")), row.getString("mark"));
                });
        into.papers(new PaperRecord(isolator, taken));
    }

    void isolator(long job, String name) {
        jdbc.sql("replace into isolator (job_id, name) values (:job, :name)")
                .param("job", job)
                .param("name", name)
                .update();
    }

    void taken(long job, Paper paper, String mark, long person) {
        jdbc.sql(
                        "insert into paper_taken (job_id, paper, mark, at, person_id) values (:job, :paper, :mark, :at, :person)")
                .param("job", job)
                .param("paper", paper.name())
                .param("mark", mark)
                .param("at", Timestamp.from(clock.instant()))
                .param("person", person)
                .update();
    }
}
