package gatepin.web.gate.gear;

import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.gear.Buzz;
import gatepin.core.gear.FaceReader;
import gatepin.core.gear.SimulatedBuzzer;
import gatepin.core.gear.SwitchMap;
import gatepin.web.lane.Job;
import gatepin.web.lane.Keeper;
import gatepin.web.lane.MeasuredOn;
import gatepin.web.lane.Recalled;
import java.time.Clock;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Switches being mapped with a buzzer. */
@Repository
class SwitchMapStore implements Keeper {
    private final JdbcClient jdbc;
    private final Clock clock;

    SwitchMapStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /**
     * The mapping of a job's switch.
     *
     * @param name what the switch will be called
     * @param springReturn its handle springs back
     * @param links jumpers fitted on it, taken out for the buzzing
     * @param map face and readings
     */
    public record Mapping(long id, String name, boolean springReturn, Set<Contact> links, SwitchMap map)
            implements MeasuredOn.Thing {
        /** Readings stay good while the face is the same; more of them make no other switch. */
        @Override
        public String measuredAs() {
            return "switch " + id + " with "
                    + map.rows().stream()
                            .map(r -> r.stream().map(Terminal::mark).collect(Collectors.joining(" ")))
                            .collect(Collectors.joining(" / "));
        }
    }

    @Override
    public void recall(Job job, Recalled into) {
        mapping(job.id()).ifPresent(m -> into.keep(Mapping.class, m));
    }

    private record Row(
            long id, String name, String face, boolean hasOff, boolean springReturn, boolean pairsOnly, String links) {}

    public Optional<Mapping> mapping(long jobId) {
        return jdbc.sql("select id, name, face, has_off, spring_return, pairs_only, links from switch_map"
                        + " where job_id = :job order by id desc limit 1")
                .param("job", jobId)
                .query(Row.class)
                .optional()
                .map(row -> {
                    List<List<Terminal>> rows =
                            FaceReader.face("face", row.face()).value().orElseThrow();
                    SwitchMap map = new SwitchMap(rows, row.hasOff(), row.pairsOnly(), buzzes(row.id()));
                    Set<Contact> links = FaceReader.contacts("links", row.links(), map.terminals())
                            .value()
                            .orElseThrow();
                    return new Mapping(row.id(), row.name(), row.springReturn(), links, map);
                });
    }

    private List<Buzz> buzzes(long mapId) {
        return jdbc.sql(
                        "select position, terminal_a, terminal_b, result from switch_buzz where map_id = :map order by id")
                .param("map", mapId)
                .query((row, n) -> new Buzz(
                        HandlePosition.valueOf(row.getString("position")),
                        Contact.between(row.getString("terminal_a"), row.getString("terminal_b")),
                        Buzz.Result.valueOf(row.getString("result"))))
                .list();
    }

    /** Begins a mapping, or changes what is known of the face. A face with other terminals is a mapping of its own. */
    public void save(long jobId, String name, boolean springReturn, Set<Contact> links, SwitchMap face) {
        Optional<Mapping> before = mapping(jobId);
        boolean sameTerminals = before.map(b -> Set.copyOf(b.map().terminals()).equals(Set.copyOf(face.terminals())))
                .orElse(false);
        String sql = sameTerminals
                ? "update switch_map set name = :name, face = :face, has_off = :off, spring_return = :spring,"
                        + " pairs_only = :pairs, links = :links where id = :id and job_id = :job"
                : "insert into switch_map (job_id, name, face, has_off, spring_return, pairs_only, links)"
                        + " values (:job, :name, :face, :off, :spring, :pairs, :links)";
        jdbc.sql(sql)
                .param("id", before.map(Mapping::id).orElse(0L))
                .param("job", jobId)
                .param("name", name)
                .param("face", faceText(face))
                .param("off", face.hasOff())
                .param("spring", springReturn)
                .param("pairs", face.pairsOnly())
                .param("links", contactText(links))
                .update();
    }

    /** The face as it is typed. */
    public static String faceText(SwitchMap map) {
        return map.rows().stream()
                .map(r -> r.stream().map(Terminal::mark).collect(Collectors.joining(" ")))
                .collect(Collectors.joining(" / "));
    }

    /** Contacts as they are typed. */
    public static String contactText(Set<Contact> contacts) {
        return contacts.stream().map(c -> c.a().mark() + "-" + c.b().mark()).collect(Collectors.joining(" "));
    }

    public void add(long mapId, Buzz buzz) {
        jdbc.sql("insert into switch_buzz (map_id, position, terminal_a, terminal_b, result, at)"
                        + " values (:map, :position, :a, :b, :result, :at)")
                .param("map", mapId)
                .param("position", buzz.position().name())
                .param("a", buzz.pair().a().mark())
                .param("b", buzz.pair().b().mark())
                .param("result", buzz.result().name())
                .param("at", java.sql.Timestamp.from(clock.instant()))
                .update();
    }

    /** Hides a chart for the simulated meter to find. */
    public void hide(long jobId, HandlePosition position, String contacts, String worn) {
        jdbc.sql(
                        "insert into hidden_switch (job_id, position, contacts, worn) values (:job, :position, :contacts, :worn)")
                .param("job", jobId)
                .param("position", position.name())
                .param("contacts", contacts)
                .param("worn", worn)
                .update();
    }

    private record Hidden(HandlePosition position, String contacts, String worn) {}

    /** The simulated meter for a job's switch; empty where there is only the real one. */
    public Optional<SimulatedBuzzer> simulated(long jobId, List<Terminal> face) {
        Map<HandlePosition, Set<Contact>> closed = new EnumMap<>(HandlePosition.class);
        Set<Contact> worn = new LinkedHashSet<>();
        for (Hidden hidden : jdbc.sql("select position, contacts, worn from hidden_switch where job_id = :job")
                .param("job", jobId)
                .query(Hidden.class)
                .list()) {
            FaceReader.contacts("contacts", hidden.contacts(), face)
                    .value()
                    .ifPresent(c -> closed.put(hidden.position(), c));
            FaceReader.contacts("worn", hidden.worn(), face).value().ifPresent(worn::addAll);
        }
        return closed.isEmpty()
                ? Optional.empty()
                : Optional.of(new SimulatedBuzzer(ContactChart.ofHandle(face, closed), worn, jobId));
    }
}
