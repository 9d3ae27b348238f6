package gatepin.web.motor;

import gatepin.core.circuit.Marks;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.diagram.Column;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.Connection.Swap;
import gatepin.core.format.FactsJson;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Lead.WindingEnd;
import gatepin.core.machine.Leads;
import gatepin.core.plate.CodeLetter;
import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.Plate;
import gatepin.core.plate.PlateReader;
import gatepin.core.rotation.StatedRotation;
import gatepin.web.lane.Job;
import gatepin.web.lane.Keeper;
import gatepin.web.lane.Recalled;
import gatepin.web.sql.NewRow;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Motors: plate, leads, and the columns of their connection diagram. */
@Repository
public class MotorStore implements Keeper {
    private final JdbcClient jdbc;

    MotorStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** A motor's plate as stored; output is blank and numbers are 0 until it was read. */
    record Motor(
            long id, String output, String outputUnit, int hertz, int rpm, Plate.Extras extras, Optional<Plate> read) {}

    /** A voltage of the plate, with its amps where the plate states them. */
    public record Rating(int volts, Optional<BigDecimal> amps) {}

    @Override
    public void recall(Job job, Recalled into) {
        Motor motor = motor(job.motorId());
        List<Rating> ratings = ratings(job.motorId());
        PlateReader.Typed typed = PlateFields.of(motor, ratings);
        into.keep(PlateReader.Typed.class, typed);
        into.motor(motor.hertz(), ratings.stream().map(Rating::volts).toList(), read(motor, ratings));
        Columns columns = columns(job.motorId());
        into.keep(Columns.class, columns);
        into.diagram(leads(job.motorId()), job.volts().flatMap(columns::at));
    }

    private Motor motor(long id) {
        return jdbc.sql("select id, output, output_unit, hertz, rpm, family, code_letter, start_microfarads,"
                        + " run_microfarads, plate_text, plate_read from motor where id = :id")
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
                        Optional.ofNullable(row.getString("plate_read")).flatMap(FactsJson::plate)))
                .single();
    }

    private List<Rating> ratings(long motorId) {
        return jdbc.sql("select volts, amps from motor_rating where motor_id = :id order by volts")
                .param("id", motorId)
                .query((row, n) -> new Rating(row.getInt("volts"), Optional.ofNullable(row.getBigDecimal("amps"))))
                .list();
    }

    /** Saves the plate, as it was typed and as it was read. */
    public void savePlate(long motorId, PlateReader.Typed typed, Plate plate) {
        savePlate(
                motorId,
                typed.output().strip(),
                typed.outputUnit().equalsIgnoreCase("kW") ? "kW" : "hp",
                plate,
                plate.ratings().stream()
                        .map(r -> new Rating(r.volts(), r.amps().map(BigDecimal::valueOf)))
                        .toList());
    }

    private void savePlate(long motorId, String output, String unit, Plate plate, List<Rating> ratings) {
        Plate.Extras extras = plate.extras();
        jdbc.sql("update motor set output = :output, output_unit = :unit, hertz = :hertz, rpm = :rpm,"
                        + " family = :family, code_letter = :code, start_microfarads = :start,"
                        + " run_microfarads = :run, plate_text = :text, plate_read = :read where id = :id")
                .param("output", output)
                .param("unit", unit)
                .param("hertz", plate.hertz())
                .param("rpm", plate.rpm())
                .param("family", extras.family().map(MotorFamily::name).orElse(null))
                .param("code", extras.code().map(CodeLetter::name).orElse(null))
                .param("start", extras.startMicrofarads().orElse(null))
                .param("run", extras.runMicrofarads().orElse(null))
                .param("text", extras.text())
                .param("read", FactsJson.write(plate))
                .param("id", motorId)
                .update();
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

    /** What a motor's plate states; empty until it was read. */
    public Optional<Plate> plate(long motorId) {
        Motor motor = motor(motorId);
        return read(motor, ratings(motorId));
    }

    /** What was read and seen when it was saved stands, where the fields beside it say the same; else they are read again. */
    private static Optional<Plate> read(Motor motor, List<Rating> ratings) {
        return motor.read()
                .filter(p -> p.hertz() == motor.hertz()
                        && p.rpm() == motor.rpm()
                        && PlateReader.isPossible(p)
                        && p.ratings().stream()
                                .map(Plate.Rating::volts)
                                .toList()
                                .equals(ratings.stream().map(Rating::volts).toList()))
                .or(() -> PlateReader.read(PlateFields.of(motor, ratings)).value());
    }

    /** A motor's leads. */
    public Leads leadsOf(long motorId) {
        return leads(motorId);
    }

    private Leads leads(long motorId) {
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
     */
    public void saveDiagram(long motorId, Leads leads, Column column) {
        Map<String, Long> idOf = putLeads(motorId, leads);
        Connection connection = column.connection();
        jdbc.sql("delete from connection where motor_id = :motor and volts = :volts")
                .param("motor", motorId)
                .param("volts", connection.volts())
                .update();
        long connectionId = NewRow.key(jdbc.sql(
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

    /** The column of a voltage states the other direction: the bump has shown that its diagram is wrong. */
    public void turnStatement(long motorId, Column column) {
        jdbc.sql("update connection set rotation = :rotation where motor_id = :motor and rotation = :was")
                .param("rotation", column.rotation().reversed().direction().name())
                .param("was", column.rotation().direction().name())
                .param("motor", motorId)
                .update();
    }

    /** Saves the leads alone, with a mark of their own each. A lead that is gone leaves the diagram's columns, too. */
    public void saveLeads(long motorId, Leads leads) {
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
                idOf.put(lead.mark(), NewRow.key(statement));
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

    private Columns columns(long motorId) {
        Map<Long, Map<Integer, SortedSet<String>>> groupsOf = new HashMap<>();
        jdbc.sql(
                        "select connection_id, group_number, mark from connection_lead join lead_wire on lead_wire.id = lead_id"
                                + " where connection_lead.motor_id = :motor")
                .param("motor", motorId)
                .query(row -> {
                    groupsOf.computeIfAbsent(row.getLong("connection_id"), k -> new TreeMap<>())
                            .computeIfAbsent(row.getInt("group_number"), k -> new TreeSet<>(Marks.NATURAL_ORDER))
                            .add(row.getString("mark"));
                });
        Map<Integer, Column> columns = new HashMap<>();
        jdbc.sql("""
                        select connection.id, volts, rotation, seen_from, rebuilt, first.mark as first_mark, second.mark as second_mark
                        from connection
                        left join lead_wire first on first.id = swap_first
                        left join lead_wire second on second.id = swap_second
                        where connection.motor_id = :motor
                        """).param("motor", motorId).query(row -> {
            int volts = row.getInt("volts");
            columns.put(
                    volts,
                    new Column(
                            connection(
                                    volts,
                                    groupsOf.getOrDefault(row.getLong("id"), Map.of()),
                                    swap(row.getString("first_mark"), row.getString("second_mark"))),
                            new StatedRotation(
                                    StatedRotation.Direction.valueOf(row.getString("rotation")),
                                    StatedRotation.End.valueOf(row.getString("seen_from"))),
                            row.getBoolean("rebuilt")));
        });
        return new Columns(columns);
    }

    private static Swap swap(@Nullable String first, @Nullable String second) {
        return first == null || second == null ? Swap.NONE : new Swap(first, second);
    }

    /** Group 1 is on L1, group 2 on L2, the others are joined among themselves. */
    private static Connection connection(int volts, Map<Integer, SortedSet<String>> groups, Swap swap) {
        List<SortedSet<String>> joined = groups.entrySet().stream()
                .filter(g -> g.getKey() > 2)
                .sorted(Map.Entry.comparingByKey())
                .map(Map.Entry::getValue)
                .toList();
        return new Connection(volts, group(groups, 1), group(groups, 2), joined, swap);
    }

    private static SortedSet<String> group(Map<Integer, SortedSet<String>> groups, int number) {
        return groups.getOrDefault(number, new TreeSet<>(Marks.NATURAL_ORDER));
    }
}
