package gatepin.core.diagram;

import gatepin.core.circuit.Marks;
import gatepin.core.job.Gate;
import gatepin.core.job.Part;
import gatepin.core.machine.Leads;
import gatepin.core.plate.VoltageRange;
import gatepin.core.rotation.StatedRotation.Direction;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * The leads of a motor, and what its connection diagram says of them.
 *
 * @param leads the leads; none until they are written down
 * @param columns the columns, by the voltage they stand under
 */
public record Diagram(Leads leads, Map<Integer, Column> columns) {
    /** What a person reads off leads and diagram. */
    public static final Part<Diagram> PART = Part.of(
                    "diagram", "the leads and the diagram", Gate.DIAGRAM, Diagram.class)
            .ofTheMotor()
            .possibleIf(Diagram::isOfAMotor);

    private static final int MOST_LEADS = 40;
    private static final int LONGEST_MARK = 24;
    private static final int LONGEST_COLOUR = 30;

    /** Nothing is written down yet. */
    public static final Diagram NONE = new Diagram(new Leads(List.of()), Map.of());

    /**
     * Leads with the columns that join them.
     *
     * @throws IllegalArgumentException where a column joins what is no lead, or a lead twice, or stands under another voltage
     */
    public Diagram {
        columns = Map.copyOf(columns);
        List<String> marks = leads.marks();
        columns.forEach((volts, column) -> {
            Connection connection = column.connection();
            List<String> joined =
                    connection.marks().stream().flatMap(g -> g.stream()).toList();
            if (connection.volts() != volts
                    || !marks.containsAll(joined)
                    || !marks.containsAll(connection.swap().marks())
                    || joined.stream().distinct().count() < joined.size()) {
                throw new IllegalArgumentException("a column for " + volts + " V joins what is not there");
            }
        });
    }

    /** No motor has more leads, no mark or colour more letters: what a file says beyond that is none. */
    private boolean isOfAMotor() {
        return leads.all().size() <= MOST_LEADS
                && leads.all().stream()
                        .allMatch(l ->
                                l.mark().length() <= LONGEST_MARK && l.colour().length() <= LONGEST_COLOUR);
    }

    /** The column for a voltage: its own, or else that of a voltage of the same connection. */
    public Optional<Column> at(int volts) {
        return columns.keySet().stream()
                .filter(v -> VoltageRange.same(v, volts))
                .min(Comparator.comparingInt((Integer v) -> Math.abs(v - volts)).thenComparingInt(v -> v))
                .map(columns::get)
                .map(c -> new Column(c.connection().at(volts), c.rotation(), c.rebuilt()));
    }

    /** The same with other leads: one that is gone leaves the columns, too, and a column that interchanged it goes. */
    public Diagram with(Leads others) {
        List<String> marks = others.marks();
        return new Diagram(
                others,
                columns.entrySet().stream()
                        .filter(c -> marks.containsAll(
                                c.getValue().connection().swap().marks()))
                        .collect(Collectors.toMap(Map.Entry::getKey, c -> keeping(c.getValue(), marks))));
    }

    private static Column keeping(Column column, List<String> marks) {
        Connection connection = column.connection();
        return new Column(
                new Connection(
                        connection.volts(),
                        keeping(connection.line1(), marks),
                        keeping(connection.line2(), marks),
                        connection.joined().stream()
                                .map(g -> keeping(g, marks))
                                .filter(g -> !g.isEmpty())
                                .toList(),
                        connection.swap()),
                column.rotation(),
                column.rebuilt());
    }

    private static SortedSet<String> keeping(SortedSet<String> group, List<String> marks) {
        SortedSet<String> kept = new TreeSet<>(Marks.NATURAL_ORDER);
        group.stream().filter(marks::contains).forEach(kept::add);
        return kept;
    }

    /** The same with this column under its voltage. */
    public Diagram with(Column column) {
        Map<Integer, Column> more = new TreeMap<>(columns);
        more.put(column.connection().volts(), column);
        return new Diagram(leads, more);
    }

    /** The same where every column that states this direction states the other one: a bump has shown that they are wrong. */
    public Diagram turned(Direction wrong) {
        return new Diagram(
                leads,
                columns.entrySet().stream()
                        .collect(Collectors.toMap(Map.Entry::getKey, c -> turned(c.getValue(), wrong))));
    }

    private static Column turned(Column column, Direction wrong) {
        return column.rotation().direction() == wrong
                ? new Column(column.connection(), column.rotation().reversed(), column.rebuilt())
                : column;
    }
}
