package gatepin.web.store;

import gatepin.core.circuit.Marks;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.diagram.Column;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.Connection.Swap;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Lead.WindingEnd;
import gatepin.core.machine.Leads;
import gatepin.core.plate.CodeLetter;
import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.Plate;
import gatepin.core.plate.VoltageRange;
import gatepin.core.rotation.StatedRotation;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Motors: plate, leads, and the columns of their connection diagram. */
@Repository
public class MotorStore {
    private final JdbcClient jdbc;

    MotorStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** A motor's plate as stored; output is blank and numbers are 0 until it was read. */
    public record Motor(
            long id, String output, String outputUnit, int hertz, int rpm, Plate.Extras extras, int version) {}

    /** A voltage of the plate, with its amps where the plate states them. */
    public record Rating(int volts, Optional<BigDecimal> amps) {}

    public Motor motor(long id) {
        return jdbc.sql("select id, output, output_unit, hertz, rpm, family, code_letter, start_microfarads,"
                        + " run_microfarads, plate_text, version from motor where id = :id")
                .param("id", id)
                .query((row, n) -> new Motor(
                        row.getLong("id"),
                        row.getString("output"),
                        row.getString("output_unit"),
                        row.getInt("hertz"),
                        row.getInt("rpm"),
                        new Plate.Extras(
                                Optional.ofNullable(row.getString("family")).map(MotorFamily::valueOf),
                                Optional.ofNullable(row.getString("code_letter"))
                                        .flatMap(CodeLetter::of),
                                Optional.ofNullable(row.getBigDecimal("start_microfarads"))
                                        .map(BigDecimal::doubleValue),
                                Optional.ofNullable(row.getBigDecimal("run_microfarads"))
                                        .map(BigDecimal::doubleValue),
                                row.getString("plate_text")),
                        row.getInt("version")))
                .single();
    }

    public List<Rating> ratings(long motorId) {
        return jdbc.sql("select volts, amps from motor_rating where motor_id = :id order by volts")
                .param("id", motorId)
                .query((row, n) -> new Rating(row.getInt("volts"), Optional.ofNullable(row.getBigDecimal("amps"))))
                .list();
    }

    /**
     * Saves the plate.
     *
     * @throws StaleEdit when the motor is no longer at {@code version}
     */
    public void savePlate(long motorId, int version, String output, String unit, Plate plate, List<Rating> ratings) {
        Plate.Extras extras = plate.extras();
        int rows = jdbc.sql(
                        "update motor set output = :output, output_unit = :unit, hertz = :hertz, rpm = :rpm,"
                                + " family = :family, code_letter = :code, start_microfarads = :start,"
                                + " run_microfarads = :run, plate_text = :text, version = version + 1 where id = :id and version = :version")
                .param("output", output)
                .param("unit", unit)
                .param("hertz", plate.hertz())
                .param("rpm", plate.rpm())
                .param("family", extras.family().map(MotorFamily::name).orElse(null))
                .param("code", extras.code().map(CodeLetter::name).orElse(null))
                .param("start", extras.startMicrofarads().orElse(null))
                .param("run", extras.runMicrofarads().orElse(null))
                .param("text", extras.text())
                .param("id", motorId)
                .param("version", version)
                .update();
        expectOne(rows);
        jdbc.sql("delete from motor_rating where motor_id = :id")
                .param("id", motorId)
                .update();
        for (Rating rating : ratings) {
            jdbc.sql("insert into motor_rating (motor_id, volts, amps) values (:id, :volts, :amps)")
                    .param("id", motorId)
                    .param("volts", rating.volts())
                    .param("amps", rating.amps().orElse(null))
                    .update();
        }
    }

    public Leads leads(long motorId) {
        Map<String, String> colourOf = new TreeMap<>();
        Map<String, List<WindingEnd>> endsOf = new TreeMap<>();
        jdbc.sql("select mark, colour, circuit, winding_number, like_end from lead_wire"
                        + " join lead_end on lead_end.lead_id = lead_wire.id where lead_wire.motor_id = :id")
                .param("id", motorId)
                .query(row -> {
                    colourOf.put(row.getString("mark"), row.getString("colour"));
                    endsOf.computeIfAbsent(row.getString("mark"), k -> new ArrayList<>())
                            .add(new WindingEnd(
                                    Role.valueOf(row.getString("circuit")),
                                    row.getInt("winding_number"),
                                    row.getBoolean("like_end")));
                });
        return new Leads(colourOf.entrySet().stream()
                .map(e -> new Lead(e.getKey(), e.getValue(), endsOf.getOrDefault(e.getKey(), List.of())))
                .toList());
    }

    /**
     * Saves the leads and one column of the diagram. A lead that keeps its mark stays the same lead; one that is
     * gone leaves the other columns, too.
     *
     * @throws StaleEdit when the motor is no longer at {@code version}
     */
    public void saveDiagram(long motorId, int version, Leads leads, Column column) {
        expectOne(jdbc.sql("update motor set version = version + 1 where id = :id and version = :version")
                .param("id", motorId)
                .param("version", version)
                .update());
        Map<String, Long> idOf = putLeads(motorId, leads);
        Connection connection = column.connection();
        jdbc.sql("delete from connection where motor_id = :motor and volts = :volts")
                .param("motor", motorId)
                .param("volts", connection.volts())
                .update();
        long connectionId = ShopStore.insert(jdbc.sql(
                        "insert into connection (motor_id, volts, rotation, seen_from, swap_first, swap_second, rebuilt)"
                                + " values (:motor, :volts, :rotation, :seen, :first, :second, :rebuilt)")
                .param("motor", motorId)
                .param("volts", connection.volts())
                .param("rotation", column.rotation().direction().name())
                .param("seen", column.rotation().seenFrom().name())
                .param("first", idOf.get(connection.swap().first()))
                .param("second", idOf.get(connection.swap().second()))
                .param("rebuilt", column.rebuilt()));
        List<SortedSet<String>> groups = new ArrayList<>(List.of(connection.line1(), connection.line2()));
        groups.addAll(connection.joined());
        for (int i = 0; i < groups.size(); i++) {
            for (String mark : groups.get(i)) {
                jdbc.sql("insert into connection_lead (connection_id, motor_id, lead_id, group_number)"
                                + " values (:connection, :motor, :lead, :number)")
                        .param("connection", connectionId)
                        .param("motor", motorId)
                        .param("lead", idOf.get(mark))
                        .param("number", i + 1)
                        .update();
            }
        }
    }

    /** Saves the leads alone, with a mark of their own each. A lead that is gone leaves the diagram's columns, too. */
    public void saveLeads(long motorId, Leads leads) {
        jdbc.sql("update motor set version = version + 1 where id = :id")
                .param("id", motorId)
                .update();
        putLeads(motorId, leads);
    }

    private Map<String, Long> putLeads(long motorId, Leads leads) {
        Map<String, Long> idOf = new HashMap<>();
        jdbc.sql("select id, mark from lead_wire where motor_id = :id")
                .param("id", motorId)
                .query(row -> {
                    idOf.put(row.getString("mark"), row.getLong("id"));
                });
        for (String mark : List.copyOf(idOf.keySet())) {
            if (leads.all().stream().noneMatch(l -> l.mark().equals(mark))) {
                jdbc.sql("delete from lead_wire where id = :id")
                        .param("id", idOf.remove(mark))
                        .update();
            }
        }
        for (Lead lead : leads.all()) {
            boolean known = idOf.containsKey(lead.mark());
            JdbcClient.StatementSpec statement = jdbc.sql(
                            known
                                    ? "update lead_wire set colour = :colour where motor_id = :motor and mark = :mark"
                                    : "insert into lead_wire (motor_id, mark, colour) values (:motor, :mark, :colour)")
                    .param("motor", motorId)
                    .param("mark", lead.mark())
                    .param("colour", lead.colour());
            if (known) {
                statement.update();
            } else {
                idOf.put(lead.mark(), ShopStore.insert(statement));
            }
            saveEnds(motorId, idOf.getOrDefault(lead.mark(), 0L), lead.ends());
        }
        return idOf;
    }

    private void saveEnds(long motorId, long leadId, List<WindingEnd> ends) {
        jdbc.sql("delete from lead_end where lead_id = :lead")
                .param("lead", leadId)
                .update();
        for (WindingEnd end : ends) {
            jdbc.sql("insert into lead_end (lead_id, motor_id, circuit, winding_number, like_end)"
                            + " values (:lead, :motor, :circuit, :number, :like)")
                    .param("lead", leadId)
                    .param("motor", motorId)
                    .param("circuit", end.role().name())
                    .param("number", end.number())
                    .param("like", end.like())
                    .update();
        }
    }

    /** The column of the diagram for a voltage: its own, or else that of a voltage of the same connection. */
    public Optional<Column> column(long motorId, int volts) {
        List<Integer> all = jdbc.sql("select volts from connection where motor_id = :motor order by volts")
                .param("motor", motorId)
                .query(Integer.class)
                .list();
        return all.stream()
                .filter(v -> VoltageRange.same(v, volts))
                .min(Comparator.comparingInt(v -> Math.abs(v - volts)))
                .flatMap(v -> ownColumn(motorId, v))
                .map(c -> new Column(c.connection().at(volts), c.rotation(), c.rebuilt()));
    }

    private Optional<Column> ownColumn(long motorId, int volts) {
        return jdbc.sql("""
                        select connection.id, rotation, seen_from, rebuilt, first.mark as first_mark, second.mark as second_mark
                        from connection
                        join lead_wire first on first.id = swap_first
                        join lead_wire second on second.id = swap_second
                        where connection.motor_id = :motor and volts = :volts
                        """)
                .param("motor", motorId)
                .param("volts", volts)
                .query((row, n) -> new Column(
                        connection(
                                row.getLong("id"),
                                volts,
                                new Swap(row.getString("first_mark"), row.getString("second_mark"))),
                        new StatedRotation(
                                StatedRotation.Direction.valueOf(row.getString("rotation")),
                                StatedRotation.End.valueOf(row.getString("seen_from"))),
                        row.getBoolean("rebuilt")))
                .optional();
    }

    private Connection connection(long connectionId, int volts, Swap swap) {
        Map<Integer, SortedSet<String>> groups = new TreeMap<>();
        groups.put(1, new TreeSet<>(Marks.NATURAL_ORDER));
        groups.put(2, new TreeSet<>(Marks.NATURAL_ORDER));
        jdbc.sql("select group_number, mark from connection_lead join lead_wire on lead_wire.id = lead_id"
                        + " where connection_id = :id")
                .param("id", connectionId)
                .query(row -> {
                    groups.computeIfAbsent(row.getInt("group_number"), k -> new TreeSet<>(Marks.NATURAL_ORDER))
                            .add(row.getString("mark"));
                });
        List<SortedSet<String>> all = List.copyOf(groups.values());
        return new Connection(volts, all.get(0), all.get(1), all.subList(2, all.size()), swap);
    }

    private static void expectOne(int rows) {
        if (rows != 1) {
            throw new StaleEdit("the motor");
        }
    }
}
