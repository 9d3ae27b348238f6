package gatepin.web.lane;

import gatepin.core.format.FactsJson;
import gatepin.core.job.Kept;
import gatepin.core.job.Part;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The parts of jobs that are kept as a whole: one row each, whatever it holds. */
@Repository
public class PartStore implements Keeper {
    private static final Logger LOG = LoggerFactory.getLogger(PartStore.class);

    private final JdbcClient jdbc;

    PartStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public void recall(Job job, Recalled into) {
        Kept[] kept = {Kept.NOTHING};
        jdbc.sql("select part, json from job_part where job_id = :job")
                .param("job", job.id())
                .query(row -> {
                    kept[0] = with(kept[0], job, row.getString("part"), row.getString("json"));
                });
        into.parts(kept[0]);
    }

    /** A document that is no value of its part, as after a hand in the database, is left as it is: the part counts as not said. */
    private static Kept with(Kept kept, Job job, String part, String json) {
        try {
            return FactsJson.with(kept, part, json);
        } catch (IllegalArgumentException e) {
            LOG.error("job {}: what is kept as {} cannot be read", job.id(), part);
            return kept.withUnknown(part, json);
        }
    }

    /** Writes a part anew. */
    public <T> void write(long jobId, Part<T> part, T value) {
        write(jobId, part.key(), FactsJson.write(value));
    }

    /** Writes all parts that somebody else kept, those that nobody here knows as well. */
    public void write(long jobId, Kept kept) {
        kept.values().forEach((key, value) -> write(jobId, key, FactsJson.write(value)));
        kept.unknown().forEach((key, json) -> write(jobId, key, json));
    }

    private void write(long jobId, String key, String json) {
        jdbc.sql("replace into job_part (job_id, part, json) values (:job, :part, :json)")
                .param("job", jobId)
                .param("part", key)
                .param("json", json)
                .update();
    }
}
