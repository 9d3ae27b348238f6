package gatepin.web.drawing;

import gatepin.web.drawing.Drawing.Splice;
import gatepin.web.drawing.Drawing.Stud;
import gatepin.web.drawing.Drawing.Tag;
import gatepin.web.drawing.Drawing.Trace;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** What is wrong with a picture, measured on what is drawn and not on how it was laid out. */
final class Clearness {
    private static final double STUD = 14;
    private static final double NUT = 9;
    private static final double CAPITAL = 8;
    private static final double CAPITAL_HEIGHT = 11;

    private Clearness() {}

    /** Every fault in words; none in a clear picture. */
    static List<String> faults(Drawing drawing) {
        List<String> faults = new ArrayList<>();
        List<List<double[]>> lines =
                drawing.traces().stream().map(t -> points(t.path())).toList();
        for (int i = 0; i < lines.size(); i++) {
            Trace trace = drawing.traces().get(i);
            List<double[]> line = lines.get(i);
            for (int k = 1; k < line.size(); k++) {
                double[] a = line.get(k - 1);
                double[] b = line.get(k);
                if (a[0] != b[0] && a[1] != b[1]) {
                    faults.add(trace.name() + " runs aslant");
                }
                boolean end = k == 1 || k == line.size() - 1;
                for (Stud stud : drawing.studs()) {
                    if (!end && passes(a, b, stud.x(), stud.y(), STUD, STUD)) {
                        faults.add(trace.name() + " runs through stud " + stud.mark());
                    }
                }
                for (Tag tag : drawing.tags()) {
                    if (passes(
                            a,
                            b,
                            tag.x() + tag.width() / 2.0,
                            tag.y() + tag.height() / 2.0,
                            tag.width() / 2.0 - 2,
                            tag.height() / 2.0 - 2)) {
                        faults.add(trace.name() + " runs through tag " + tag.mark());
                    }
                }
                for (Standing title : titles(drawing)) {
                    if (passes(a, b, title)) {
                        faults.add(trace.name() + " runs over " + title.what());
                    }
                }
                for (Splice splice : drawing.splices()) {
                    if (!end && passes(a, b, splice.textX(), splice.textY() - 4.0, NUT, NUT)) {
                        faults.add(trace.name() + " runs through splice " + splice.mark());
                    }
                }
            }
            for (double[] p : line) {
                if (p[0] < 0 || p[1] < 0 || p[0] > drawing.width() || p[1] > drawing.height()) {
                    faults.add(trace.name() + " leaves the sheet");
                }
            }
            for (int j = 0; j < i; j++) {
                if (!shareAnEnd(trace.name(), drawing.traces().get(j).name()) && overlap(line, lines.get(j))) {
                    faults.add(
                            trace.name() + " lies on " + drawing.traces().get(j).name());
                }
            }
        }
        faults.addAll(overlaps(drawing));
        return faults;
    }

    /** Something that stands on the sheet, in pixels. */
    private record Standing(String what, double left, double top, double right, double bottom) {
        boolean overlaps(Standing other) {
            return left < other.right - 1 && right > other.left + 1 && top < other.bottom - 1 && bottom > other.top + 1;
        }
    }

    private static boolean passes(double[] a, double[] b, Standing standing) {
        return passes(
                a,
                b,
                (standing.left() + standing.right()) / 2,
                (standing.top() + standing.bottom()) / 2,
                (standing.right() - standing.left()) / 2,
                (standing.bottom() - standing.top()) / 2);
    }

    /** The titles of the boxes: capitals of 14 px, which stand on their line. */
    private static List<Standing> titles(Drawing drawing) {
        return drawing.boxes().stream()
                .flatMap(b -> b.title().stream())
                .map(t -> new Standing(
                        "the title " + t.words(),
                        t.x(),
                        t.y() - CAPITAL_HEIGHT,
                        t.x() + CAPITAL * t.words().length(),
                        t.y()))
                .toList();
    }

    /** Tags, studs, nuts and titles that stand on each other. */
    private static List<String> overlaps(Drawing drawing) {
        List<Standing> all = new ArrayList<>(titles(drawing));
        drawing.tags()
                .forEach(t ->
                        all.add(new Standing("tag " + t.mark(), t.x(), t.y(), t.x() + t.width(), t.y() + t.height())));
        drawing.studs()
                .forEach(s -> all.add(
                        new Standing("stud " + s.mark(), s.x() - STUD, s.y() - STUD, s.x() + STUD, s.y() + STUD)));
        drawing.splices()
                .forEach(s -> all.add(new Standing(
                        "splice " + s.mark(),
                        s.textX() - NUT,
                        s.textY() - 4 - NUT,
                        s.textX() + NUT,
                        s.textY() - 4 + NUT)));
        List<String> faults = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            for (int j = 0; j < i; j++) {
                if (all.get(i).overlaps(all.get(j))) {
                    faults.add(all.get(i).what() + " stands on " + all.get(j).what());
                }
            }
        }
        return faults;
    }

    /** Wires are named by the marks of their ends. */
    private static boolean shareAnEnd(String one, String other) {
        List<String> ends = Arrays.asList(one.split(" to "));
        return Arrays.stream(other.split(" to ")).anyMatch(ends::contains);
    }

    private static boolean overlap(List<double[]> one, List<double[]> other) {
        for (int i = 1; i < one.size(); i++) {
            for (int j = 1; j < other.size(); j++) {
                for (int axis = 0; axis < 2; axis++) {
                    int along = 1 - axis;
                    double[] a = one.get(i - 1);
                    double[] b = one.get(i);
                    double[] c = other.get(j - 1);
                    double[] d = other.get(j);
                    boolean oneLine = a[axis] == b[axis] && c[axis] == d[axis] && a[axis] == c[axis];
                    double common = Math.min(Math.max(a[along], b[along]), Math.max(c[along], d[along]))
                            - Math.max(Math.min(a[along], b[along]), Math.min(c[along], d[along]));
                    if (oneLine && common > 1) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    private static boolean passes(double[] a, double[] b, double x, double y, double halfWidth, double halfHeight) {
        return Math.min(a[0], b[0]) < x + halfWidth
                && Math.max(a[0], b[0]) > x - halfWidth
                && Math.min(a[1], b[1]) < y + halfHeight
                && Math.max(a[1], b[1]) > y - halfHeight;
    }

    private static List<double[]> points(String path) {
        return Arrays.stream(path.split("[ML]"))
                .filter(p -> !p.isBlank())
                .map(p -> Arrays.stream(p.trim().split(" "))
                        .mapToDouble(Double::parseDouble)
                        .toArray())
                .toList();
    }
}
