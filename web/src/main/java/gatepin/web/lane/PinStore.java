package gatepin.web.lane;

import gatepin.core.job.Gate;
import gatepin.core.job.Lane.Pin;
import gatepin.core.words.SentenceText;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** How the pins of a job stand. */
@Repository
public class PinStore {
    private final JdbcClient jdbc;

    PinStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    Map<Gate, Pin> pins(long jobId) {
        Map<Gate, Pin> pins = new EnumMap<>(Gate.class);
        jdbc.sql("select gate, state, reason from pin where job_id = :job")
                .param("job", jobId)
                .query(row -> {
                    pins.put(
                            Gate.valueOf(row.getString("gate").toUpperCase(Locale.ROOT)),
                            new Pin(
                                    Pin.State.valueOf(row.getString("state")),
                                    SentenceText.read(row.getString("reason"))));
                });
        return pins;
    }

    public void set(long jobId, Gate gate, Pin pin) {
        jdbc.sql("insert into pin (job_id, gate, state, reason) values (:job, :gate, :state, :reason)"
                        + " on duplicate key update state = values(state), reason = values(reason)")
                .param("job", jobId)
                .param("gate", gate.name())
                .param("state", pin.state().name())
                .param("reason", SentenceText.write(pin.reason()))
                .update();
    }
}
