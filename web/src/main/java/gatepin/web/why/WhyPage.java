package gatepin.web.why;

import gatepin.core.why.Field;
import gatepin.core.why.Why;
import gatepin.core.why.Why.Currents;
import gatepin.core.why.Why.Torque;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** The answers as they are drawn. */
final class WhyPage {
    /** Half the side of a field's picture, in its own units. */
    private static final int HALF = 100;

    private static final int WIDE = 560;
    private static final int HIGH = 240;

    private final Why why;

    WhyPage(Why why) {
        this.why = why;
    }

    /**
     * A field: its path, and where the arrow ends moment by moment.
     *
     * @param path what the arrow's tip draws
     * @param tips x and y of the tip, moment by moment
     */
    public record Drawn(String title, String words, String path, String tips, double x, double y) {}

    private double scale() {
        double most = Math.max(
                Math.max(why.runAlone().most(), why.both().most()),
                Math.max(why.swapped().most(), why.bothSwapped().most()));
        return most == 0 ? 1 : 0.9 * HALF / most;
    }

    private Drawn drawn(String title, Field field) {
        double scale = scale();
        List<double[]> tips = field.moments().stream()
                .map(t -> new double[] {t.x() * scale, -t.y() * scale})
                .toList();
        return new Drawn(
                title,
                words(field),
                "M" + tips.stream().map(WhyPage::point).collect(Collectors.joining("L")) + "Z",
                tips.stream().map(WhyPage::point).collect(Collectors.joining(";")),
                tips.get(0)[0],
                tips.get(0)[1]);
    }

    private static String point(double[] at) {
        return String.format(Locale.ROOT, "%.1f %.1f", at[0], at[1]);
    }

    private static String words(Field field) {
        String pulls = Math.abs(field.torqueNm()) < 0.005
                ? "It pulls neither way: it hums."
                : String.format(Locale.ROOT, "It pulls with %.1f N·m.", Math.abs(field.torqueNm()));
        return field.way() == 0
                ? "It only grows and shrinks. " + pulls
                : (field.way() > 0 ? "It goes round counter-clockwise" : "It goes round clockwise")
                        + String.format(
                                Locale.ROOT, ", its thin side %.0f %% of its thick one. ", 100 * field.roundness())
                        + pulls;
    }

    /** The four fields. */
    public List<Drawn> fields() {
        return List.of(
                drawn("Run winding alone", why.runAlone()),
                drawn("With the start winding", why.both()),
                drawn("Its two ends changed over", why.swapped()),
                drawn("Both windings changed over", why.bothSwapped()));
    }

    /** Moments of a period, for the slider. */
    public int moments() {
        return Field.MOMENTS;
    }

    /** An arrow of a current. */
    public record Arrow(String name, String kind, double x, double y, String words) {}

    /** The currents with the capacitor or without it. */
    public record Pair(String title, List<Arrow> arrows, String words) {}

    public List<Pair> currents() {
        return why.withCapacitor().isEmpty()
                ? List.of()
                : List.of(
                        pair("With its capacitor", why.withCapacitor().orElseThrow()),
                        pair(
                                "With the capacitor shorted",
                                why.withoutCapacitor().orElseThrow()));
    }

    private Pair pair(String title, Currents currents) {
        double most = List.of(why.withCapacitor(), why.withoutCapacitor()).stream()
                .flatMap(Optional::stream)
                .mapToDouble(c -> Math.max(c.runAmps(), c.startAmps()))
                .max()
                .orElse(1);
        return new Pair(
                title,
                List.of(
                        arrow("run", "run", currents.runAmps(), currents.runDegrees(), most),
                        arrow("start", "start", currents.startAmps(), currents.startDegrees(), most)),
                String.format(
                        Locale.ROOT,
                        "%.0f degrees apart; it pulls with %.1f N·m.",
                        currents.apart(),
                        Math.abs(currents.torqueNm())));
    }

    private static Arrow arrow(String name, String kind, double amps, double degrees, double most) {
        double length = 0.9 * HALF * amps / most;
        double angle = Math.toRadians(degrees);
        return new Arrow(
                name,
                kind,
                Math.round(10 * length * Math.cos(angle)) / 10.0,
                Math.round(10 * length * Math.sin(angle)) / 10.0,
                String.format(Locale.ROOT, "%s: %.1f A", name, amps));
    }

    /** A curve of torque over speed. */
    public record Curve(String name, String kind, String path) {}

    private double most() {
        return why.torques().stream()
                .flatMap(t -> t.points().stream())
                .mapToDouble(p -> Math.abs(p.newtonMetres()))
                .max()
                .orElse(1);
    }

    private double fastest() {
        return why.torques().get(0).points().stream()
                .mapToDouble(Why.At::rpm)
                .max()
                .orElse(1);
    }

    public List<Curve> curves() {
        return why.torques().stream().map(this::curve).toList();
    }

    private Curve curve(Torque torque) {
        String path = torque.points().stream()
                .map(p -> point(new double[] {
                    WIDE / 2.0 * (1 + p.rpm() / fastest()), HIGH / 2.0 * (1 - 0.92 * p.newtonMetres() / most())
                }))
                .collect(Collectors.joining("L", "M", ""));
        return switch (torque.curve()) {
            case RUN_ALONE -> new Curve("start switch open, thrown either way", "run", path);
            case FORWARD -> new Curve("start winding in, as the column says", "start", path);
            case REVERSE -> new Curve("start winding in, changed over", "start back", path);
        };
    }

    public int wide() {
        return WIDE;
    }

    public int high() {
        return HIGH;
    }

    public String rpm() {
        return String.valueOf(Math.round(fastest()));
    }

    public String newtonMetres() {
        return String.format(Locale.ROOT, "%.1f", most() / 0.92);
    }

    /** Two run halves, in words. */
    public List<String> halves() {
        return why.halves().stream()
                .map(h -> String.format(
                        Locale.ROOT,
                        "%s on %d V: %.0f V and %.1f A in each half, %.1f A from the line.",
                        h.inSeries() ? "One after the other" : "Side by side",
                        h.lineVolts(),
                        h.volts(),
                        h.amps(),
                        h.lineAmps()))
                .toList();
    }

    /** What the protector feels, in words; empty where there is none. */
    public Optional<String> protector() {
        return why.protector()
                .map(f -> String.format(
                        Locale.ROOT,
                        "%.1f A running, %.1f A standing with the start winding, %.1f A while it hums without it.",
                        f.running(),
                        f.standing(),
                        f.hums()));
    }

    /** The hum, in words. */
    public String hum() {
        return String.format(
                Locale.ROOT,
                "Standing, the run winding alone takes %.1f A and pulls %.2f N·m: two fields as strong as each other go round"
                        + " opposite ways. Pushed by hand it runs on the way it was pushed.",
                why.runAlone().lineAmps(),
                Math.abs(why.runAlone().torqueNm()));
    }
}
