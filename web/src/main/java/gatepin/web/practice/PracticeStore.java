package gatepin.web.practice;

import gatepin.core.practice.Act;
import gatepin.core.practice.ExerciseNumber;
import gatepin.core.practice.Grade;
import gatepin.core.practice.Level;
import gatepin.core.practice.Marked;
import gatepin.web.sql.NewRow;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Who practises, and what they did. */
@Repository
class PracticeStore {
    private static final String ATTEMPT =
            "select id, person_id, level, grade, seed, begun_at, ended_at, hints, gave_up, points, solved from practice_attempt";

    private final JdbcClient jdbc;
    private final Clock clock;

    PracticeStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** Somebody who practises. */
    record Person(long id, String name) {}

    /**
     * An exercise that somebody took up.
     *
     * @param ended when it was answered or given up; empty while it is under way
     * @param points out of a hundred; 0 while it is under way
     */
    record Attempt(
            long id,
            long personId,
            ExerciseNumber number,
            Optional<Instant> ended,
            int hints,
            boolean gaveUp,
            int points,
            boolean solved) {}

    private static Attempt attempt(java.sql.ResultSet row, int number) throws java.sql.SQLException {
        return new Attempt(
                row.getLong("id"),
                row.getLong("person_id"),
                new ExerciseNumber(
                        Level.valueOf(row.getString("level")),
                        Grade.valueOf(row.getString("grade")),
                        row.getInt("seed")),
                Optional.ofNullable(row.getTimestamp("ended_at")).map(Timestamp::toInstant),
                row.getInt("hints"),
                row.getBoolean("gave_up"),
                row.getInt("points"),
                row.getBoolean("solved"));
    }

    Optional<Person> person(long id) {
        return jdbc.sql("select id, name from practice_person where id = :id")
                .param("id", id)
                .query(Person.class)
                .optional();
    }

    List<Person> people() {
        return jdbc.sql("select id, name from practice_person order by name")
                .query(Person.class)
                .list();
    }

    /** The person of a name; a new one where there is none yet. */
    Person called(String name) {
        return named(name).orElseGet(() -> {
            // two may come at once under one name: then it is there
            jdbc.sql("insert ignore into practice_person (name, made_at) values (:name, :at)")
                    .param("name", name)
                    .param("at", Timestamp.from(clock.instant()))
                    .update();
            return named(name).orElseThrow();
        });
    }

    private Optional<Person> named(String name) {
        return jdbc.sql("select id, name from practice_person where name = :name")
                .param("name", name)
                .query(Person.class)
                .optional();
    }

    /** All that somebody ended, the latest last. */
    List<Attempt> ended(long personId) {
        return jdbc.sql(ATTEMPT + " where person_id = :person and ended_at is not null order by ended_at, id")
                .param("person", personId)
                .query(PracticeStore::attempt)
                .list();
    }

    /** The latest time that somebody took an exercise up. */
    Optional<Attempt> latest(long personId, ExerciseNumber number) {
        return jdbc.sql(ATTEMPT
                        + " where person_id = :person and level = :level and grade = :grade and seed = :seed"
                        + " order by id desc limit 1")
                .param("person", personId)
                .param("level", number.level().name())
                .param("grade", number.grade().name())
                .param("seed", number.seed())
                .query(PracticeStore::attempt)
                .optional();
    }

    /** An attempt, held until the transaction ends. */
    Optional<Attempt> held(long id) {
        return jdbc.sql(ATTEMPT + " where id = :id for update")
                .param("id", id)
                .query(PracticeStore::attempt)
                .optional();
    }

    long begin(long personId, ExerciseNumber number) {
        return NewRow.key(jdbc.sql("insert into practice_attempt (person_id, level, grade, seed, begun_at)"
                        + " values (:person, :level, :grade, :seed, :at)")
                .param("person", personId)
                .param("level", number.level().name())
                .param("grade", number.grade().name())
                .param("seed", number.seed())
                .param("at", Timestamp.from(clock.instant())));
    }

    List<Act> acts(long attemptId) {
        return jdbc.sql("select tool, one, other from practice_act where attempt_id = :id order by step")
                .param("id", attemptId)
                .query(Act.class)
                .list();
    }

    void add(long attemptId, int step, Act act) {
        jdbc.sql("insert into practice_act (attempt_id, step, tool, one, other)"
                        + " values (:id, :step, :tool, :one, :other)")
                .param("id", attemptId)
                .param("step", step)
                .param("tool", act.tool())
                .param("one", act.one())
                .param("other", act.other())
                .update();
    }

    void hint(long attemptId) {
        jdbc.sql("update practice_attempt set hints = hints + 1 where id = :id")
                .param("id", attemptId)
                .update();
    }

    Map<String, String> answers(long attemptId) {
        Map<String, String> answers = new LinkedHashMap<>();
        jdbc.sql("select field, given from practice_answer where attempt_id = :id")
                .param("id", attemptId)
                .query((row, n) -> answers.put(row.getString("field"), row.getString("given")))
                .list();
        return answers;
    }

    /** Keeps what was answered; an earlier answer to the same is replaced. */
    void answer(long attemptId, Map<String, String> answers) {
        answers.forEach((field, given) -> jdbc.sql("insert into practice_answer (attempt_id, field, given)"
                        + " values (:id, :field, :given) on duplicate key update given = :given")
                .param("id", attemptId)
                .param("field", field)
                .param("given", given)
                .update());
    }

    void end(long attemptId, Marked marked, boolean gaveUp) {
        jdbc.sql("update practice_attempt set ended_at = :at, points = :points, solved = :solved, gave_up = :gaveUp"
                        + " where id = :id")
                .param("at", Timestamp.from(clock.instant()))
                .param("points", gaveUp ? 0 : marked.points())
                .param("solved", !gaveUp && marked.isSolved())
                .param("gaveUp", gaveUp)
                .param("id", attemptId)
                .update();
    }
}
