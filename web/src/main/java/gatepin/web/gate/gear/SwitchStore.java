package gatepin.web.gate.gear;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.gear.SwitchKind;
import gatepin.web.lane.Job;
import gatepin.web.lane.Keeper;
import gatepin.web.lane.Recalled;
import gatepin.web.sql.NewRow;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The reversing switches a shop has. */
@Repository
public class SwitchStore implements Keeper {
    /** A switch on the shelf never changes: what is known of it lately need not be read again. */
    private final Cache<Long, SwitchKind> lately =
            Caffeine.newBuilder().maximumSize(500).build();

    private final JdbcClient jdbc;

    SwitchStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public void recall(Job job, Recalled into) {
        job.switchId().map(this::kind).ifPresent(into::gear);
    }

    /** A switch on the shop's shelf. */
    public record Device(long id, String kind, String name, String hint, boolean springReturn, boolean hasOff) {}

    public List<Device> devices(long shopId) {
        return jdbc.sql(
                        "select id, kind, name, hint, spring_return, has_off from switch_device where shop_id = :shop order by id")
                .param("shop", shopId)
                .query(Device.class)
                .list();
    }

    public long add(long shopId, SwitchKind kind) {
        long id = NewRow.key(jdbc.sql("insert into switch_device (shop_id, kind, name, hint, spring_return,"
                        + " has_off) values (:shop, :kind, :name, :hint, :spring, :off)")
                .param("shop", shopId)
                .param("kind", kind.key())
                .param("name", kind.name())
                .param("hint", kind.hint())
                .param("spring", kind.springReturn())
                .param("off", kind.hasOff()));
        if (kind.hasCoils() || kind.isOneWay()) {
            // they are known by their key
            return id;
        }
        Map<Terminal, Long> idOf = new HashMap<>();
        kind.places()
                .forEach((terminal, place) -> idOf.put(
                        terminal,
                        NewRow.key(jdbc.sql("insert into switch_terminal (switch_id, mark, face_row, face_column,"
                                        + " worn) values (:switch, :mark, :row, :column, :worn)")
                                .param("switch", id)
                                .param("mark", terminal.mark())
                                .param("row", place[0])
                                .param("column", place[1])
                                .param("worn", kind.worn().contains(terminal)))));
        for (HandlePosition position : HandlePosition.values()) {
            for (Contact contact : kind.chart().closedIn(position)) {
                jdbc.sql("insert into switch_contact (switch_id, position, terminal_a, terminal_b)"
                                + " values (:switch, :position, :a, :b)")
                        .param("switch", id)
                        .param("position", position.name())
                        .param("a", idOf.get(contact.a()))
                        .param("b", idOf.get(contact.b()))
                        .update();
            }
        }
        for (Contact link : kind.links()) {
            jdbc.sql("insert into switch_link (switch_id, terminal_a, terminal_b) values (:switch, :a, :b)")
                    .param("switch", id)
                    .param("a", idOf.get(link.a()))
                    .param("b", idOf.get(link.b()))
                    .update();
        }
        return id;
    }

    /** Puts a mapped switch on the shelf, beside earlier mappings of it, unless it is the same as one of them. */
    public long put(long shopId, SwitchKind kind) {
        List<Device> before = devices(shopId).stream()
                .filter(d -> d.kind().equals(kind.key()) || d.kind().startsWith(kind.key() + "."))
                .toList();
        Optional<Device> same =
                before.stream().filter(d -> sameSwitch(kind(d.id()), kind)).findFirst();
        if (same.isPresent()) {
            return same.orElseThrow().id();
        }
        String key = before.isEmpty() ? kind.key() : kind.key() + "." + before.size();
        return add(
                shopId,
                new SwitchKind(
                        key,
                        kind.name(),
                        kind.hint(),
                        kind.rows(),
                        kind.chart(),
                        kind.springReturn(),
                        kind.hasOff(),
                        kind.links(),
                        kind.worn()));
    }

    private static boolean sameSwitch(SwitchKind one, SwitchKind other) {
        return one.name().equals(other.name())
                && one.rows().equals(other.rows())
                && one.chart().equals(other.chart())
                && one.springReturn() == other.springReturn()
                && one.hasOff() == other.hasOff()
                && one.links().equals(other.links())
                && one.worn().equals(other.worn());
    }

    /** The switch as the core knows it, built from its stored face and chart. */
    public SwitchKind kind(long switchId) {
        return lately.get(switchId, this::read);
    }

    private SwitchKind read(long switchId) {
        Device device = jdbc.sql(
                        "select id, kind, name, hint, spring_return, has_off from switch_device where id = :id")
                .param("id", switchId)
                .query(Device.class)
                .single();
        Optional<SwitchKind> ofItsKey = SwitchKind.ofOwnSettings(device.kind());
        if (ofItsKey.isPresent()) {
            return ofItsKey.get();
        }
        Map<Integer, List<Terminal>> rows = new TreeMap<>();
        jdbc.sql("select mark, face_row from switch_terminal where switch_id = :id order by face_row, face_column")
                .param("id", switchId)
                .query(row -> {
                    rows.computeIfAbsent(row.getInt("face_row"), k -> new ArrayList<>())
                            .add(Terminal.onSwitch(row.getString("mark")));
                });
        Map<HandlePosition, Set<Contact>> closed = new EnumMap<>(HandlePosition.class);
        jdbc.sql("""
                        select position, a.mark as a_mark, b.mark as b_mark from switch_contact
                        join switch_terminal a on a.id = terminal_a
                        join switch_terminal b on b.id = terminal_b
                        where switch_contact.switch_id = :id order by a.id, b.id
                        """).param("id", switchId).query(row -> {
            closed.computeIfAbsent(HandlePosition.valueOf(row.getString("position")), k -> new LinkedHashSet<>())
                    .add(Contact.between(row.getString("a_mark"), row.getString("b_mark")));
        });
        Set<Contact> links = new LinkedHashSet<>();
        jdbc.sql("""
                        select a.mark as a_mark, b.mark as b_mark from switch_link
                        join switch_terminal a on a.id = terminal_a
                        join switch_terminal b on b.id = terminal_b
                        where switch_link.switch_id = :id order by a.id, b.id
                        """).param("id", switchId).query(row -> {
            links.add(Contact.between(row.getString("a_mark"), row.getString("b_mark")));
        });
        Set<Terminal> worn = new LinkedHashSet<>(
                jdbc.sql("select mark from switch_terminal where switch_id = :id and worn order by id")
                        .param("id", switchId)
                        .query((row, n) -> Terminal.onSwitch(row.getString("mark")))
                        .list());
        List<List<Terminal>> face = List.copyOf(rows.values());
        List<Terminal> terminals = face.stream().flatMap(List::stream).toList();
        return new SwitchKind(
                device.kind(),
                device.name(),
                device.hint(),
                face,
                ContactChart.ofHandle(terminals, closed),
                device.springReturn(),
                device.hasOff(),
                links,
                worn);
    }
}
