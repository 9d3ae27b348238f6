package gatepin.web.drawing;

import gatepin.core.circuit.Winding;
import gatepin.core.diagram.Connection;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Leads;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.SortedSet;

/**
 * A column of a diagram at a glance: the leads one below the other, what lies between them inside on the left, and on the right the
 * rails they are joined on, the lines first.
 *
 * @param width of the picture
 * @param height of the picture
 * @param rows the leads
 * @param arcs the windings
 * @param rails the lines and the joined groups
 */
public record PatternPicture(int width, int height, List<Row> rows, List<Arc> arcs, List<Rail> rails) {
    private static final int ROW = 18;
    private static final int TOP = 22;
    private static final int MARK = 40;
    private static final int FIRST_RAIL = 84;
    private static final int PITCH = 22;

    /** A lead, and the rail it is joined on; 0 where it is joined on none. */
    public record Row(int y, String mark, int railX) {}

    /** A winding between two leads. */
    public record Arc(String path, String look) {}

    /** A line, or a group that is joined. */
    public record Rail(int x, String name, int from, int to) {}

    /** Draws a column. */
    public static PatternPicture of(Connection connection, Leads leads, String secondLine) {
        List<SortedSet<String>> groups = new ArrayList<>(List.of(connection.line1(), connection.line2()));
        groups.addAll(connection.joined());
        List<Row> rows = new ArrayList<>();
        List<Rail> rails = new ArrayList<>();
        int bottom = TOP + ROW * leads.all().size();
        for (int i = 0; i < leads.all().size(); i++) {
            String mark = leads.all().get(i).mark();
            int at = FIRST_RAIL;
            int joined = 0;
            for (SortedSet<String> group : groups) {
                joined = group.contains(mark) ? at : joined;
                at += PITCH;
            }
            rows.add(new Row(y(i), mark, joined));
        }
        for (int g = 0; g < groups.size(); g++) {
            int x = FIRST_RAIL + PITCH * g;
            List<Integer> ys =
                    rows.stream().filter(r -> r.railX() == x).map(Row::y).toList();
            boolean line = g < 2;
            int from = line || ys.isEmpty() ? TOP - 4 : ys.get(0);
            int to = ys.isEmpty() ? TOP : ys.get(ys.size() - 1);
            rails.add(new Rail(x, g == 0 ? "L1" : line ? secondLine : "", from, to));
        }
        return new PatternPicture(FIRST_RAIL + PITCH * groups.size() + 4, bottom + 4, rows, arcs(leads), rails);
    }

    private static int y(int row) {
        return TOP + ROW * row + ROW / 2;
    }

    private static List<Arc> arcs(Leads leads) {
        List<Arc> arcs = new ArrayList<>();
        List<String> marks = leads.all().stream().map(Lead::mark).toList();
        for (Winding winding : leads.windings()) {
            int one = y(marks.indexOf(winding.like().mark()));
            int other = y(marks.indexOf(winding.other().mark()));
            int from = Math.min(one, other);
            int to = Math.max(one, other);
            // the further apart the ends, the further out the arc: windings that cross stay apart
            int out = Math.min(MARK - 8, 8 + (to - from) / 4);
            arcs.add(new Arc(
                    String.format(Locale.ROOT, "M%d %dH%dV%dH%d", MARK - 4, from, MARK - 4 - out, to, MARK - 4),
                    winding.role().name().toLowerCase(Locale.ROOT)));
        }
        return arcs;
    }
}
