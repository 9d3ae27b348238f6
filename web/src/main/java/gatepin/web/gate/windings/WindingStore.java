package gatepin.web.gate.windings;

import gatepin.core.winding.Eye;
import gatepin.core.winding.HiddenMotor;
import gatepin.core.winding.HiddenMotor.Way;
import gatepin.core.winding.Hints;
import gatepin.core.winding.MeterReading;
import gatepin.core.winding.MeterReading.StartSwitch;
import gatepin.core.winding.WindingRecord;
import gatepin.web.lane.Job;
import gatepin.web.lane.Keeper;
import gatepin.web.lane.Recalled;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What was measured between the leads of motors. */
@Repository
public class WindingStore implements Keeper {
    private final JdbcClient jdbc;
    private final Clock clock;

    WindingStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** A lead on the pad; {@code aside} says why it is no lead of the motor's windings, blank where it is one. */
    public record PadLead(String name, String aside) {}

    /** A reading as it was taken. */
    public record Taken(MeterReading reading, boolean simulated) {}

    private record Said(boolean trusted, Optional<Boolean> dual, Optional<Boolean> turned, Eye eye) {}

    public List<PadLead> pad(long motorId) {
        return jdbc.sql("select name, aside from pad_lead where motor_id = :motor order by place")
                .param("motor", motorId)
                .query((row, n) -> new PadLead(row.getString("name"), row.getString("aside")))
                .list();
    }

    /** Writes the leads on the pad down anew. */
    public void setPad(long motorId, List<PadLead> leads) {
        jdbc.sql("delete from pad_lead where motor_id = :motor")
                .param("motor", motorId)
                .update();
        for (int i = 0; i < leads.size(); i++) {
            jdbc.sql("insert into pad_lead (motor_id, name, place, aside) values (:motor, :name, :place, :aside)")
                    .param("motor", motorId)
                    .param("name", leads.get(i).name())
                    .param("place", i)
                    .param("aside", leads.get(i).aside())
                    .update();
        }
    }

    /** All readings in the order they were taken. */
    public List<Taken> readings(long motorId) {
        return jdbc.sql(
                        "select lead_a, lead_b, shown_ohms, zero_ohms, celsius, start_switch, simulated from ohm_reading"
                                + " where motor_id = :motor order by id")
                .param("motor", motorId)
                .query((row, n) -> {
                    double ohms = row.getDouble("shown_ohms");
                    boolean open = row.wasNull();
                    return new Taken(
                            new MeterReading(
                                    row.getString("lead_a"),
                                    row.getString("lead_b"),
                                    open ? Double.POSITIVE_INFINITY : ohms,
                                    row.getDouble("zero_ohms"),
                                    row.getDouble("celsius"),
                                    StartSwitch.valueOf(row.getString("start_switch"))),
                            row.getBoolean("simulated"));
                })
                .list();
    }

    public void add(long motorId, MeterReading reading, boolean simulated, long personId) {
        jdbc.sql("insert into ohm_reading (motor_id, lead_a, lead_b, shown_ohms, zero_ohms, celsius, start_switch,"
                        + " simulated, at, person_id) values (:motor, :a, :b, :ohms, :zero, :celsius, :switch, :simulated,"
                        + " :at, :person)")
                .param("motor", motorId)
                .param("a", reading.a())
                .param("b", reading.b())
                .param("ohms", reading.isOpen() ? null : reading.shownOhms())
                .param("zero", reading.zeroOhms())
                .param("celsius", reading.celsius())
                .param("switch", reading.startSwitch().name())
                .param("simulated", simulated)
                .param("at", Timestamp.from(clock.instant()))
                .param("person", personId)
                .update();
    }

    @Override
    public void recall(Job job, Recalled into) {
        long motorId = job.motorId();
        Said said = said(motorId);
        Pad pad = new Pad(pad(motorId), readings(motorId), hasHidden(motorId), said.dual(), said.eye());
        into.keep(Pad.class, pad);
        into.windings(record(said, pad));
    }

    private boolean hasHidden(long motorId) {
        return jdbc.sql("select exists (select 1 from hidden_way where motor_id = :motor)")
                .param("motor", motorId)
                .query(Boolean.class)
                .single();
    }

    private Said said(long motorId) {
        return jdbc.sql("select marks_trusted, dual_voltage, turn_second_half, thick, thin, humps, click"
                        + " from winding_record where motor_id = :motor")
                .param("motor", motorId)
                .query((row, n) -> new Said(
                        row.getBoolean("marks_trusted"),
                        optional(row.getObject("dual_voltage", Boolean.class)),
                        optional(row.getObject("turn_second_half", Boolean.class)),
                        new Eye(
                                words(row.getString("thick")),
                                words(row.getString("thin")),
                                Optional.ofNullable(row.getObject("humps", Integer.class)),
                                optional(row.getObject("click", Boolean.class)))))
                .optional()
                .orElse(new Said(false, Optional.empty(), Optional.empty(), Eye.SHUT));
    }

    private static Set<String> words(String kept) {
        return kept.isBlank() ? Set.of() : Set.of(kept.split(" "));
    }

    /** Saves what eye and ear say. */
    void look(long motorId, Eye eye) {
        jdbc.sql("insert into winding_record (motor_id, marks_trusted, thick, thin, humps, click)"
                        + " values (:motor, false, :thick, :thin, :humps, :click) on duplicate key update"
                        + " thick = values(thick), thin = values(thin), humps = values(humps), click = values(click)")
                .param("motor", motorId)
                .param("thick", String.join(" ", new TreeSet<>(eye.thick())))
                .param("thin", String.join(" ", new TreeSet<>(eye.thin())))
                .param("humps", eye.humps().orElse(null))
                .param("click", eye.click().orElse(null))
                .update();
    }

    /** Everything known of a motor's windings. */
    private static WindingRecord record(Said said, Pad pad) {
        return new WindingRecord(
                pad.leads().stream()
                        .filter(l -> l.aside().isBlank())
                        .map(PadLead::name)
                        .toList(),
                pad.readings().stream().map(Taken::reading).toList(),
                new Hints(said.dual(), Optional.empty(), said.eye()),
                said.trusted(),
                said.turned());
    }

    private static Optional<Boolean> optional(@org.jspecify.annotations.Nullable Boolean value) {
        return Optional.ofNullable(value);
    }

    /** Saves what is said of the windings beside the readings. */
    public void say(long motorId, boolean trusted, Optional<Boolean> dualVoltage, Optional<Boolean> turnSecondHalf) {
        jdbc.sql("insert into winding_record (motor_id, marks_trusted, dual_voltage, turn_second_half)"
                        + " values (:motor, :trusted, :dual, :turned) on duplicate key update"
                        + " marks_trusted = values(marks_trusted), dual_voltage = values(dual_voltage),"
                        + " turn_second_half = values(turn_second_half)")
                .param("motor", motorId)
                .param("trusted", trusted)
                .param("dual", dualVoltage.orElse(null))
                .param("turned", turnSecondHalf.orElse(null))
                .update();
    }

    /** The inside of a demo motor; empty for a real one, whose inside only a meter knows. */
    public Optional<HiddenMotor> hidden(long motorId) {
        List<Way> ways = jdbc.sql("select point_a, point_b, ohms, behind_start_switch from hidden_way"
                        + " where motor_id = :motor order by id")
                .param("motor", motorId)
                .query((row, n) -> new Way(
                        row.getString("point_a"),
                        row.getString("point_b"),
                        row.getDouble("ohms"),
                        row.getBoolean("behind_start_switch")))
                .list();
        return ways.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        new HiddenMotor(pad(motorId).stream().map(PadLead::name).toList(), ways));
    }

    public void hide(long motorId, List<Way> ways) {
        for (Way way : ways) {
            jdbc.sql("insert into hidden_way (motor_id, point_a, point_b, ohms, behind_start_switch)"
                            + " values (:motor, :a, :b, :ohms, :behind)")
                    .param("motor", motorId)
                    .param("a", way.a())
                    .param("b", way.b())
                    .param("ohms", way.ohms())
                    .param("behind", way.behindStartSwitch())
                    .update();
        }
    }
}
