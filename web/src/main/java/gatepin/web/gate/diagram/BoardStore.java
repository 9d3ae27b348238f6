package gatepin.web.gate.diagram;

import gatepin.core.diagram.StudBoard;
import gatepin.core.diagram.StudBoard.Layout;
import gatepin.core.diagram.StudBoard.Link;
import gatepin.web.sql.NewRow;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Stud boards of motors. */
@Repository
public class BoardStore {
    private final JdbcClient jdbc;

    BoardStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * A motor's board.
     *
     * @param studs where the studs stand
     * @param foundVolts the voltage it was linked for when it was found
     * @param found what was on it
     * @param diagram what the diagram shows, by voltage
     */
    public record Board(StudBoard studs, int foundVolts, Layout found, SortedMap<Integer, Layout> diagram) {}

    /** The board of a motor; empty where it has none. */
    public Optional<Board> board(long motorId) {
        Map<Integer, List<String>> rows = new TreeMap<>();
        jdbc.sql("select mark, face_row from stud where motor_id = :id order by face_row, face_column")
                .param("id", motorId)
                .query(row -> {
                    rows.computeIfAbsent(row.getInt("face_row"), k -> new ArrayList<>())
                            .add(row.getString("mark"));
                });
        SortedMap<Integer, Layout> diagram = new TreeMap<>();
        SortedMap<Integer, Layout> found = new TreeMap<>();
        jdbc.sql("select id, kind, volts from board_layout where motor_id = :id")
                .param("id", motorId)
                .query(row -> {
                    (row.getString("kind").equals("FOUND") ? found : diagram)
                            .put(row.getInt("volts"), layout(row.getLong("id")));
                });
        if (rows.isEmpty() || found.isEmpty()) {
            return Optional.empty();
        }
        int volts = found.firstKey();
        Layout there = found.values().iterator().next();
        return Optional.of(new Board(new StudBoard(List.copyOf(rows.values())), volts, there, diagram));
    }

    private Layout layout(long layoutId) {
        SortedSet<Link> links = new TreeSet<>();
        jdbc.sql("select stud_a, stud_b from board_link where layout_id = :id")
                .param("id", layoutId)
                .query(row -> {
                    links.add(new Link(row.getString("stud_a"), row.getString("stud_b")));
                });
        SortedMap<String, String> leads = new TreeMap<>();
        jdbc.sql("select lead, stud from board_lead where layout_id = :id")
                .param("id", layoutId)
                .query(row -> {
                    leads.put(row.getString("lead"), row.getString("stud"));
                });
        return new Layout(links, leads);
    }

    /**
     * Saves a board in place of the one before.
     */
    public void save(long motorId, Board board) {
        jdbc.sql("delete from board_layout where motor_id = :id")
                .param("id", motorId)
                .update();
        jdbc.sql("delete from stud where motor_id = :id").param("id", motorId).update();
        List<List<String>> studs = board.studs().rows();
        for (int row = 0; row < studs.size(); row++) {
            for (int column = 0; column < studs.get(row).size(); column++) {
                jdbc.sql("insert into stud (motor_id, mark, face_row, face_column) values (:id, :mark, :row, :column)")
                        .param("id", motorId)
                        .param("mark", studs.get(row).get(column))
                        .param("row", row)
                        .param("column", column)
                        .update();
            }
        }
        add(motorId, "FOUND", board.foundVolts(), board.found());
        board.diagram().forEach((volts, layout) -> add(motorId, "DIAGRAM", volts, layout));
    }

    private void add(long motorId, String kind, int volts, Layout layout) {
        long id = NewRow.key(jdbc.sql("insert into board_layout (motor_id, kind, volts) values (:motor, :kind, :volts)")
                .param("motor", motorId)
                .param("kind", kind)
                .param("volts", volts));
        for (Link link : layout.links()) {
            jdbc.sql("insert into board_link (layout_id, motor_id, stud_a, stud_b) values (:layout, :motor, :a, :b)")
                    .param("layout", id)
                    .param("motor", motorId)
                    .param("a", link.a())
                    .param("b", link.b())
                    .update();
        }
        layout.leads()
                .forEach((lead, stud) -> jdbc.sql(
                                "insert into board_lead (layout_id, motor_id, lead, stud) values (:layout, :motor, :lead, :stud)")
                        .param("layout", id)
                        .param("motor", motorId)
                        .param("lead", lead)
                        .param("stud", stud)
                        .update());
    }
}
