package gatepin.web.lane;

import gatepin.core.format.FactsJson;
import gatepin.core.job.Kept;
import gatepin.core.job.Part;
import gatepin.core.lane.Parts;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The parts of jobs, and of motors, that are kept as a whole: one row each, whatever it holds. */
@Repository
public class PartStore implements Keeper {
    private static final Logger LOG = LoggerFactory.getLogger(PartStore.class);

    private final JdbcClient jdbc;

    PartStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public void recall(Job job, Recalled into) {
        into.parts(read("select part, json from job_part where job_id = :id", job.id(), ofMotor(job.motorId())));
    }

    /** What is known of a motor, wherever it is. */
    public Kept ofMotor(long motorId) {
        return read("select part, json from motor_part where motor_id = :id", motorId, Kept.NOTHING);
    }

    private Kept read(String select, long id, Kept before) {
        Kept[] kept = {before};
        jdbc.sql(select).param("id", id).query(row -> {
            kept[0] = with(kept[0], id, row.getString("part"), row.getString("json"));
        });
        return kept[0];
    }

    /** A document that is no value of its part, as after a hand in the database, is left as it is: the part counts as not said. */
    private static Kept with(Kept kept, long id, String part, String json) {
        try {
            return FactsJson.with(kept, part, json);
        } catch (IllegalArgumentException e) {
            LOG.error("{}: what is kept as {} cannot be read", id, part);
            return kept.withUnknown(part, json);
        }
    }

    private static <T> T possible(Part<T> part, T value) {
        if (!part.canBe(value)) {
            throw new IllegalArgumentException("no " + part + " can be like that");
        }
        return value;
    }

    /**
     * Writes a part anew.
     *
     * @throws IllegalArgumentException where it could not be read again
     */
    public <T> void write(Job job, Part<T> part, T value) {
        write(job, part.key(), part.isOfTheMotor(), FactsJson.write(possible(part, value)));
    }

    /** Writes all parts that somebody else kept, those that nobody here knows as well. */
    public void write(Job job, Kept kept) {
        kept.values()
                .forEach((key, value) ->
                        write(job, key, Parts.of(key).map(Part::isOfTheMotor).orElse(false), FactsJson.write(value)));
        kept.unknown().forEach((key, json) -> write(job, key, false, json));
    }

    private void write(Job job, String key, boolean ofMotor, String json) {
        if (ofMotor) {
            writeOfMotor(job.motorId(), key, json);
        } else {
            write("replace into job_part (job_id, part, json) values (:id, :part, :json)", job.id(), key, json);
        }
    }

    /** Writes a part of a motor that may be in no machine. */
    public <T> void writeOfMotor(long motorId, Part<T> part, T value) {
        writeOfMotor(motorId, part.key(), FactsJson.write(possible(part, value)));
    }

    private void writeOfMotor(long motorId, String key, String json) {
        write("replace into motor_part (motor_id, part, json) values (:id, :part, :json)", motorId, key, json);
    }

    private void write(String replace, long id, String key, String json) {
        jdbc.sql(replace).param("id", id).param("part", key).param("json", json).update();
    }

    /** A part of the motor is not said any more. */
    public void forgetOfMotor(long motorId, Part<?> part) {
        jdbc.sql("delete from motor_part where motor_id = :id and part = :part")
                .param("id", motorId)
                .param("part", part.key())
                .update();
    }
}
