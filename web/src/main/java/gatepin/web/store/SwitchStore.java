package gatepin.web.store;

import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.gear.SwitchKind;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The reversing switches a shop has. */
@Repository
public class SwitchStore {
    private final JdbcClient jdbc;

    SwitchStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** A switch on the shop's shelf. */
    public record Device(long id, String kind, String name, String hint, boolean springReturn) {}

    public List<Device> devices(long shopId) {
        return jdbc.sql(
                        "select id, kind, name, hint, spring_return from switch_device where shop_id = :shop order by id")
                .param("shop", shopId)
                .query(Device.class)
                .list();
    }

    public long add(long shopId, SwitchKind kind) {
        long id = ShopStore.insert(jdbc.sql("insert into switch_device (shop_id, kind, name, hint, spring_return)"
                        + " values (:shop, :kind, :name, :hint, :spring)")
                .param("shop", shopId)
                .param("kind", kind.key())
                .param("name", kind.name())
                .param("hint", kind.hint())
                .param("spring", kind.springReturn()));
        Map<Terminal, Long> idOf = new HashMap<>();
        kind.places()
                .forEach((terminal, place) -> idOf.put(
                        terminal,
                        ShopStore.insert(jdbc.sql("insert into switch_terminal (switch_id, mark, face_row, face_column)"
                                        + " values (:switch, :mark, :row, :column)")
                                .param("switch", id)
                                .param("mark", terminal.mark())
                                .param("row", place[0])
                                .param("column", place[1]))));
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
        return id;
    }

    /** The switch as the core knows it, built from its stored face and chart. */
    public SwitchKind kind(long switchId) {
        Device device = jdbc.sql("select id, kind, name, hint, spring_return from switch_device where id = :id")
                .param("id", switchId)
                .query(Device.class)
                .single();
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
        List<List<Terminal>> face = List.copyOf(rows.values());
        List<Terminal> terminals = face.stream().flatMap(List::stream).toList();
        return new SwitchKind(
                device.kind(),
                device.name(),
                device.hint(),
                face,
                new ContactChart(terminals, closed),
                device.springReturn());
    }
}
