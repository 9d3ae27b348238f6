package gatepin.web.drawing;

import gatepin.web.drawing.Chart.Band;
import gatepin.web.drawing.Chart.Line;
import gatepin.web.drawing.Chart.Moment;
import gatepin.web.drawing.Chart.Tick;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.DoubleStream;

/** Draws charts: round ticks, names at the ends of the curves, moments as upright lines. */
public final class ChartPainter {
    private static final int LEFT = 58;
    private static final int TOP = 40;
    private static final int BOTTOM = 270;
    private static final int WIDE_RIGHT = 600;
    private static final int TALL_RIGHT = 262;
    private static final int NAME_PITCH = 19;
    /** Letters nearer than this stand one above the other. */
    private static final int LETTER_PITCH = 17;

    private final String title;
    private final String words;
    private final String xTitle;
    private final String yTitle;
    private final List<Curve> curves = new ArrayList<>();
    private final List<Ribbon> ribbons = new ArrayList<>();
    private final List<Event> events = new ArrayList<>();

    private record Curve(String kind, String name, double[] x, double[] y) {}

    private record Ribbon(String kind, double[] x, double[] low, double[] high) {}

    private record Event(double x, String text) {}

    public ChartPainter(String title, String words, String xTitle, String yTitle) {
        this.title = title;
        this.words = words;
        this.xTitle = xTitle;
        this.yTitle = yTitle;
    }

    /** Adds a curve; {@code kind} sets its line style. */
    public ChartPainter curve(String kind, String name, double[] x, double[] y) {
        curves.add(new Curve(kind, name, x, y));
        return this;
    }

    /** Adds the area between two curves. */
    public ChartPainter ribbon(String kind, double[] x, double[] low, double[] high) {
        ribbons.add(new Ribbon(kind, x, low, high));
        return this;
    }

    /** Adds an upright line with a word. */
    public ChartPainter moment(double x, String text) {
        events.add(new Event(x, text));
        return this;
    }

    /** Paints it for a wide screen and for a narrow one. */
    public List<Chart> paint() {
        return List.of(paint("wide", WIDE_RIGHT), paint("tall", TALL_RIGHT));
    }

    private Chart paint(String shape, int right) {
        double xMost = curves.stream()
                .flatMapToDouble(c -> DoubleStream.of(c.x()))
                .max()
                .orElse(1);
        DoubleStream high = DoubleStream.concat(
                curves.stream().flatMapToDouble(c -> DoubleStream.of(c.y())),
                ribbons.stream().flatMapToDouble(r -> DoubleStream.of(r.high())));
        double least = Math.min(
                0,
                curves.stream()
                        .flatMapToDouble(c -> DoubleStream.of(c.y()))
                        .min()
                        .orElse(0));
        double step = step(Math.max(high.max().orElse(1), 1e-3) - least, 5);
        double yMost = step * Math.ceil(Math.max(1e-3, highest()) / step);
        double yLeast = step * Math.floor(least / step);
        Scale x = new Scale(0, xMost, LEFT, right);
        Scale y = new Scale(yLeast, yMost, BOTTOM, TOP);
        return new Chart(
                shape,
                title,
                words,
                xTitle,
                yTitle,
                LEFT,
                TOP,
                right,
                BOTTOM,
                y.at(0),
                ticks(x, step(xMost, shape.equals("wide") ? 6 : 3)),
                ticks(y, step),
                ribbons.stream().map(r -> new Band(r.kind(), area(r, x, y))).toList(),
                lines(x, y),
                moments(x));
    }

    private double highest() {
        return DoubleStream.concat(
                        curves.stream().flatMapToDouble(c -> DoubleStream.of(c.y())),
                        ribbons.stream().flatMapToDouble(r -> DoubleStream.of(r.high())))
                .max()
                .orElse(1);
    }

    /** A round step that makes about so many ticks. */
    private static double step(double range, int about) {
        double raw = range / about;
        double power = Math.pow(10, Math.floor(Math.log10(raw)));
        for (double round : new double[] {1, 2, 5}) {
            if (raw <= round * power) {
                return round * power;
            }
        }
        return 10 * power;
    }

    private record Scale(double from, double to, double start, double end) {
        double at(double value) {
            return start + (value - from) / (to - from) * (end - start);
        }
    }

    private static List<Tick> ticks(Scale scale, double step) {
        List<Tick> ticks = new ArrayList<>();
        int decimals = (int) Math.max(0, Math.ceil(-Math.log10(step) - 1e-9));
        for (double v = Math.ceil(scale.from() / step - 1e-9) * step; v <= scale.to() + step * 1e-6; v += step) {
            double value = Math.abs(v) < step * 1e-6 ? 0 : v;
            ticks.add(new Tick(scale.at(value), String.format(Locale.ROOT, "%." + decimals + "f", value)));
        }
        return ticks;
    }

    private static String point(double x, double y) {
        return String.format(Locale.ROOT, "%.1f %.1f", x, y);
    }

    private static String path(double[] xs, double[] ys, Scale x, Scale y) {
        StringBuilder path = new StringBuilder();
        for (int i = 0; i < xs.length; i++) {
            path.append(i == 0 ? 'M' : 'L').append(point(x.at(xs[i]), y.at(ys[i])));
        }
        return path.toString();
    }

    private static String area(Ribbon ribbon, Scale x, Scale y) {
        StringBuilder path = new StringBuilder(path(ribbon.x(), ribbon.high(), x, y));
        for (int i = ribbon.x().length - 1; i >= 0; i--) {
            path.append('L').append(point(x.at(ribbon.x()[i]), y.at(ribbon.low()[i])));
        }
        return path.append('Z').toString();
    }

    /** Names stand at the ends of their curves, moved apart where they would touch. */
    private List<Line> lines(Scale x, Scale y) {
        List<Line> lines = new ArrayList<>();
        List<Curve> byEnd = curves.stream()
                .sorted(Comparator.comparingDouble(c -> y.at(c.y()[c.y().length - 1])))
                .toList();
        double free = TOP;
        for (Curve curve : byEnd) {
            double end = y.at(curve.y()[curve.y().length - 1]);
            double name = Math.max(free, end);
            free = name + NAME_PITCH;
            lines.add(new Line(curve.kind(), curve.name(), path(curve.x(), curve.y(), x, y), end, name));
        }
        // thick curves below, so that a thin one on the same course still shows
        lines.sort(Comparator.comparing(l -> !l.kind().equals("run")));
        double over = Math.max(0, free - NAME_PITCH - BOTTOM);
        return over == 0
                ? lines
                : lines.stream()
                        .map(l -> new Line(l.kind(), l.name(), l.path(), l.endY(), l.nameY() - over))
                        .toList();
    }

    private List<Moment> moments(Scale x) {
        List<Moment> moments = new ArrayList<>();
        double before = Double.NEGATIVE_INFINITY;
        boolean raised = false;
        for (int i = 0; i < events.size(); i++) {
            double at = x.at(events.get(i).x());
            raised = at - before < LETTER_PITCH && !raised;
            moments.add(new Moment(
                    at, String.valueOf((char) ('a' + i)), events.get(i).text(), TOP - (raised ? 26 : 9)));
            before = at;
        }
        return moments;
    }
}
