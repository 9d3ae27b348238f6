package gatepin.web.gate.diagram;

import gatepin.core.circuit.Marks;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Winding;
import gatepin.core.diagram.Column;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.ConnectionReader;
import gatepin.core.diagram.Diagram;
import gatepin.core.lane.Parts;
import gatepin.core.machine.Leads;
import gatepin.core.machine.StandardMarks;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.supply.Region;
import gatepin.web.form.Conflict;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.Seen;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** The form of the Diagram gate, with what was typed. */
public final class DiagramForm {
    private List<Row> leads = new ArrayList<>();
    private String volts = "";
    private String supplyKind = "HOT_AND_NEUTRAL";
    private String line1 = "";
    private String line2 = "";
    private String joined = "";
    private String swap = "";
    private String rotation = "NOT_STATED";
    private String seenFrom = "OPPOSITE_END";
    private String text = "";
    private String pattern = "";
    private boolean rebuilt;
    private int version;
    private int supplyVersion;

    /** One row of the lead table. */
    public static final class Row {
        private String mark = "";
        private String colour = "";
        private String winding = "";

        public String getMark() {
            return mark;
        }

        public void setMark(String mark) {
            this.mark = mark;
        }

        public String getColour() {
            return colour;
        }

        public void setColour(String colour) {
            this.colour = colour;
        }

        public String getWinding() {
            return winding;
        }

        public void setWinding(String winding) {
            this.winding = winding;
        }

        public boolean isBlank() {
            return mark.isBlank() && colour.isBlank();
        }
    }

    /** The form as the job stands, for one voltage. */
    static DiagramForm of(JobFile file, int volts, Optional<Column> column) {
        DiagramForm form = new DiagramForm();
        form.fillLeads(file.leads().typed());
        form.volts = volts == 0 ? "" : "" + volts;
        form.supplyKind = (volts >= 200 && file.job().region() == Region.NORTH_AMERICA
                        ? Supply.Kind.TWO_HOT
                        : Supply.Kind.HOT_AND_NEUTRAL)
                .name();
        if (file.job().volts().equals(Optional.of(volts))) {
            form.supplyKind = file.job().supplyKind().name();
        }
        column.ifPresent(c -> {
            Connection connection = c.connection();
            form.line1 = String.join(" ", connection.line1());
            form.line2 = String.join(" ", connection.line2());
            form.joined = String.join(
                    "\n",
                    connection.joined().stream().map(g -> String.join(" ", g)).toList());
            form.swap = connection.swap().written();
            form.rebuilt = c.rebuilt();
            form.rotation = c.rotation().direction().name();
            form.seenFrom = c.rotation().seenFrom().name();
        });
        form.version = file.version(Diagram.PART);
        form.supplyVersion = file.version(Parts.SUPPLY);
        return form;
    }

    /** Puts a column into the fields. */
    void fill(ConnectionReader.Typed column) {
        volts = column.volts();
        line1 = column.line1();
        line2 = column.line2();
        joined = column.joined();
        swap = column.swap();
    }

    /** Puts a connection into the fields. */
    void fill(Connection connection) {
        fill(new ConnectionReader.Typed(
                "" + connection.volts(),
                String.join(" ", connection.line1()),
                String.join(" ", connection.line2()),
                String.join(
                        "\n",
                        connection.joined().stream()
                                .map(g -> String.join(" ", g))
                                .toList()),
                connection.swap().written()));
    }

    /** Puts leads into the table. */
    void fillLeads(List<Leads.Typed> typed) {
        leads = new ArrayList<>();
        typed.forEach(t -> {
            Row row = new Row();
            row.mark = t.mark();
            row.colour = t.colour();
            row.winding = t.winding();
            leads.add(row);
        });
        fillRows();
    }

    /** Adds leads that the table lacks. */
    void addLeads(java.util.Collection<String> marks) {
        List<Leads.Typed> all = new ArrayList<>(
                typedLeads().stream().filter(t -> !t.mark().isBlank()).toList());
        for (String mark : marks) {
            if (all.stream().noneMatch(t -> t.mark().equalsIgnoreCase(mark))) {
                all.add(new Leads.Typed(mark, StandardMarks.usualColour(mark).orElse(""), ""));
            }
        }
        fillLeads(all);
    }

    public List<String> marks() {
        return leads.stream().map(Row::getMark).filter(m -> !m.isBlank()).toList();
    }

    void setRotationStated(StatedRotation.Direction direction) {
        rotation = direction.name();
    }

    void fillRows() {
        while (leads.size() < Leads.MOST) {
            leads.add(new Row());
        }
    }

    List<Leads.Typed> typedLeads() {
        return leads.stream()
                .map(r -> new Leads.Typed(r.mark, r.colour, r.winding))
                .toList();
    }

    /** The groups as the server reads them: a line each, its leads set apart by spaces. */
    public String groups() {
        return ConnectionReader.groups(typedConnection()).stream()
                .map(g -> String.join(" ", g))
                .collect(Collectors.joining("\n"));
    }

    /** The groups as they stand, before anybody asks whether there are such leads. */
    Connection asGroups(int atVolts) {
        List<List<String>> groups = ConnectionReader.groups(typedConnection());
        List<List<String>> swapped = ConnectionReader.groups(new ConnectionReader.Typed("", swap, "", "", ""));
        List<String> two = swapped.get(0);
        return new Connection(
                atVolts,
                set(groups.get(0)),
                set(groups.get(1)),
                groups.stream().skip(2).map(DiagramForm::set).toList(),
                two.size() == 2 ? new Connection.Swap(two.get(0), two.get(1)) : new Connection.Swap("", ""));
    }

    private static SortedSet<String> set(List<String> marks) {
        SortedSet<String> set = new TreeSet<>(Marks.NATURAL_ORDER);
        set.addAll(marks);
        return set;
    }

    /** Every lead is known by its mark or its winding: the table may fold away. */
    public boolean leadsKnown() {
        return Leads.read(typedLeads()).value().isPresent();
    }

    /** The leads in a line, for the folded table. */
    public String leadLine() {
        return leadWords();
    }

    ConnectionReader.Typed typedConnection() {
        return new ConnectionReader.Typed(volts, line1, line2, joined, swap);
    }

    Supply.Kind readSupplyKind() {
        return supplyKind.equals(Supply.Kind.TWO_HOT.name()) ? Supply.Kind.TWO_HOT : Supply.Kind.HOT_AND_NEUTRAL;
    }

    StatedRotation readRotation() {
        return new StatedRotation(
                pick(StatedRotation.Direction.values(), rotation), pick(StatedRotation.End.values(), seenFrom));
    }

    /** The named constant; the first one where a browser sends something that was not offered. */
    private static <E extends Enum<E>> E pick(E[] all, String name) {
        for (E value : all) {
            if (value.name().equals(name)) {
                return value;
            }
        }
        return all[0];
    }

    /** Where this form and another one part. */
    List<Conflict> conflictsWith(DiagramForm theirs) {
        List<Conflict> conflicts = new ArrayList<>();
        Conflict.compare(conflicts, "Leads", leadWords(), theirs.leadWords());
        Conflict.compare(conflicts, "Volts", volts, theirs.volts);
        Conflict.compare(conflicts, "L1", line1, theirs.line1);
        Conflict.compare(conflicts, "L2", line2, theirs.line2);
        Conflict.compare(conflicts, "Joined", joined.replaceAll("\\s+", " "), theirs.joined.replaceAll("\\s+", " "));
        Conflict.compare(conflicts, "Interchange", swap, theirs.swap);
        Conflict.compare(conflicts, "Rotation", rotation, theirs.rotation);
        return conflicts;
    }

    private String leadWords() {
        return String.join(
                ", ",
                leads.stream()
                        .filter(r -> !r.isBlank())
                        .map(r -> (r.mark + " " + r.colour).strip())
                        .toList());
    }

    public List<Row> getLeads() {
        return leads;
    }

    public void setLeads(List<Row> leads) {
        this.leads = leads;
    }

    public String getVolts() {
        return volts;
    }

    public void setVolts(String volts) {
        this.volts = volts;
    }

    public String getSupplyKind() {
        return supplyKind;
    }

    public void setSupplyKind(String supplyKind) {
        this.supplyKind = supplyKind;
    }

    public String getLine1() {
        return line1;
    }

    public void setLine1(String line1) {
        this.line1 = line1;
    }

    public String getLine2() {
        return line2;
    }

    public void setLine2(String line2) {
        this.line2 = line2;
    }

    public String getJoined() {
        return joined;
    }

    public void setJoined(String joined) {
        this.joined = joined;
    }

    public String getSwap() {
        return swap;
    }

    public void setSwap(String swap) {
        this.swap = swap;
    }

    public String getRotation() {
        return rotation;
    }

    public void setRotation(String rotation) {
        this.rotation = rotation;
    }

    public String getSeenFrom() {
        return seenFrom;
    }

    public void setSeenFrom(String seenFrom) {
        this.seenFrom = seenFrom;
    }

    public String getText() {
        return text;
    }

    public void setText(String text) {
        this.text = text;
    }

    public String getPattern() {
        return pattern;
    }

    public void setPattern(String pattern) {
        this.pattern = pattern;
    }

    public boolean isRebuilt() {
        return rebuilt;
    }

    public void setRebuilt(boolean rebuilt) {
        this.rebuilt = rebuilt;
    }

    /** The versions of what is on the screen. */
    Seen seen() {
        return Seen.of(Diagram.PART, version).and(Parts.SUPPLY, supplyVersion);
    }

    public int getVersion() {
        return version;
    }

    public void setVersion(int version) {
        this.version = version;
    }

    public int getSupplyVersion() {
        return supplyVersion;
    }

    public void setSupplyVersion(int supplyVersion) {
        this.supplyVersion = supplyVersion;
    }

    /** The windings a lead can be said to end; where ends are joined inside, two of them. */
    public List<String> windingNames() {
        Set<String> names = new LinkedHashSet<>();
        leads.stream().map(Row::getWinding).filter(w -> !w.isBlank()).forEach(names::add);
        for (Winding.Role circuit : List.of(Winding.Role.RUN, Winding.Role.START)) {
            names.add(circuit.word() + " 1");
            names.add(circuit.word() + " 2");
        }
        names.addAll(List.of(
                "protector 1",
                "capacitor 1",
                "run 1 + start 1",
                "run 2 + start 1",
                "run 1 + run 2",
                "run 1 + protector 1",
                "run 1 + run 2 + start 1"));
        return List.copyOf(names);
    }
}
