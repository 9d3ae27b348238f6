package gatepin.web.exchange;

import gatepin.core.exchange.Mount;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.rotation.StatedRotation.Direction;
import gatepin.core.rotation.StatedRotation.End;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What was measured before motors came off. */
@Repository
class OldMountStore {
    private final JdbcClient jdbc;

    OldMountStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    Optional<OldMotor> of(long job) {
        return jdbc.sql("select * from old_mount where job_id = :job")
                .param("job", job)
                .query((row, n) -> {
                    double amps = row.getDouble("amps");
                    Optional<Double> stated = row.wasNull() ? Optional.empty() : Optional.of(amps);
                    return new OldMotor(
                            row.getDouble("horsepower"),
                            row.getInt("rpm"),
                            row.getBoolean("three_phase"),
                            stated,
                            row.getBoolean("both_ways"),
                            new StatedRotation(
                                    Direction.valueOf(row.getString("turned")),
                                    End.valueOf(row.getString("seen_from"))),
                            new Mount.Typed(
                                    row.getString("pulley"),
                                    row.getString("face"),
                                    row.getString("shaft"),
                                    row.getString("shaft_key"),
                                    row.getString("height"),
                                    row.getString("clearance"),
                                    row.getString("fixing")),
                            row.getString("note"));
                })
                .optional();
    }

    void save(long job, OldMotor old) {
        jdbc.sql(
                        "replace into old_mount (job_id, horsepower, rpm, three_phase, amps, both_ways, turned, seen_from, pulley, face,"
                                + " shaft, shaft_key, height, clearance, fixing, note) values (:job, :hp, :rpm, :three, :amps, :both,"
                                + " :turned, :seen, :pulley, :face, :shaft, :key, :height, :clearance, :fixing, :note)")
                .param("job", job)
                .param("hp", old.horsepower())
                .param("rpm", old.rpm())
                .param("three", old.threePhase())
                .param("amps", old.amps().orElse(null))
                .param("both", old.bothWays())
                .param("turned", old.turned().direction().name())
                .param("seen", old.turned().seenFrom().name())
                .param("pulley", old.mount().pulley())
                .param("face", old.mount().face())
                .param("shaft", old.mount().shaft())
                .param("key", old.mount().key())
                .param("height", old.mount().height())
                .param("clearance", old.mount().clearance())
                .param("fixing", old.mount().fixing())
                .param("note", old.note())
                .update();
    }
}
