package gatepin.core.plate;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;

/** Prints a made-up plate in one of many styles in which plates are written. */
public final class PlatePrinter {
    /** How a plate is laid out. */
    public enum Style {
        UNIT_BEHIND,
        UNIT_GLUED,
        NAME_BEFORE,
        COLON,
        DASH,
        DOTS,
        EQUALS,
        NAME_GLUED,
        ABBREVIATED,
        UNIT_ON_EACH,
        HEADINGS,
        BOXES,
        COLUMNS,
        METRIC,
        METRIC_LETTERS
    }

    /** A plate and how it reads. */
    public record Printed(
            Style style, String text, String output, String volts, String amps, String hertz, String rpm) {}

    private static final List<String> ASIDE = List.of(
            "SER NO A4412-77",
            "MODEL K31B",
            "BEARINGS 6203-2RS",
            "FR 56",
            "CONT",
            "CODE K",
            "SF 1.15",
            "INS CL B",
            "AMB 40C",
            "TEFC",
            "CAP START");

    private final Random random;

    private PlatePrinter(long seed) {
        this.random = new Random(seed);
    }

    public static Printed print(long seed) {
        return new PlatePrinter(seed).print(Style.values()[(int) (seed % Style.values().length)]);
    }

    private <T> T pick(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    private Printed print(Style style) {
        boolean metric = style == Style.METRIC || style == Style.METRIC_LETTERS;
        String output = metric
                ? pick(List.of("0.18", "0.37", "0.75", "1.1", "2.2"))
                : pick(List.of("1/6", "1/4", "1/3", "1/2", "3/4", "1", "1-1/2", "2", "3", "5", "7-1/2", ".5", "0.75"));
        boolean dual = !metric && random.nextInt(3) > 0 || style == Style.COLUMNS || style == Style.UNIT_ON_EACH;
        String volts = metric
                ? pick(List.of("230", "220", "240", "220-240"))
                : dual
                        ? pick(List.of("115/230", "115/208-230", "110/220", "120/240"))
                        : pick(List.of("115", "230", "208-230"));
        if (style == Style.COLUMNS || style == Style.UNIT_ON_EACH) {
            volts = pick(List.of("115/230", "110/220", "120/240"));
        }
        double amps = Math.round((2 + random.nextInt(140) / 10.0) * 10) / 10.0;
        String ampere = !dual ? number(amps) : number(2 * amps) + "/" + number(amps);
        String hertz = metric ? "50" : "60";
        String rpm = metric
                ? pick(List.of("1420", "2850", "940", "1390"))
                : pick(List.of("1725", "3450", "1140", "1750", "860"));
        Map<String, String> figures =
                new TreeMap<>(Map.of("HP", output, "V", volts, "A", ampere, "HZ", hertz, "RPM", rpm));
        String text = text(style, figures);
        if (metric && random.nextBoolean()) {
            text = text.replaceAll("(\\d)\\.(\\d)", "$1,$2");
        }
        String said = (output.startsWith(".") ? "0" + output : output) + (metric ? " kW" : " hp");
        return new Printed(style, text, said, volts, ampere, hertz, rpm);
    }

    private static String number(double amps) {
        return String.format(Locale.ROOT, "%.1f", amps);
    }

    private String text(Style style, Map<String, String> f) {
        List<String> keys = new ArrayList<>(f.keySet());
        Collections.shuffle(keys, random);
        List<String> parts = new ArrayList<>();
        switch (style) {
            case HEADINGS -> {
                parts.add(String.join(
                                pick(List.of("  ", "   ", "\t")),
                                keys.stream().map(this::name).toList()) + "\n"
                        + String.join(
                                pick(List.of("  ", "   ", "\t")),
                                keys.stream().map(f::get).toList())
                        + "\n");
            }
            case BOXES -> keys.forEach(k -> parts.add(name(k) + "\n" + f.get(k) + "\n"));
            case COLUMNS ->
                keys.forEach(k -> parts.add(
                        name(k) + " " + f.get(k).replaceAll("(?<=\\d)/(?=\\d{2,})|(?<=\\.\\d)/", "   ") + "\n"));
            default -> keys.forEach(k -> parts.add(one(style, k, f.get(k))));
        }
        boolean lines = style == Style.HEADINGS || style == Style.BOXES || style == Style.COLUMNS;
        for (int i = random.nextInt(3); i > 0; i--) {
            parts.add(lines ? parts.size() : random.nextInt(parts.size() + 1), pick(ASIDE) + (lines ? "\n" : ""));
        }
        String text = String.join(lines ? "" : pick(List.of(" ", "  ", "\n", "   ")), parts);
        return random.nextInt(4) == 0 ? text.toLowerCase(Locale.ROOT) : text;
    }

    private String name(String key) {
        return switch (key) {
            case "HP" -> "HP";
            case "V" -> pick(List.of("V", "VOLTS", "VOLT"));
            case "A" -> pick(List.of("A", "AMPS", "AMP"));
            case "HZ" -> pick(List.of("HZ", "CY", "CYC", "HERTZ"));
            default -> "RPM";
        };
    }

    private String one(Style style, String key, String value) {
        return switch (style) {
            case UNIT_GLUED ->
                value
                        + Map.of("HP", "HP", "V", "V", "A", "A", "HZ", "HZ", "RPM", "RPM")
                                .get(key);
            case NAME_BEFORE -> name(key) + " " + value;
            case COLON -> name(key) + pick(List.of(":", ": ", " : ")) + value;
            case DASH -> name(key) + "-" + value;
            case DOTS ->
                name(key) + pick(List.of("....", " ..... ", "…", "..")) + (value.startsWith(".") ? "0" : "") + value;
            case EQUALS -> name(key) + pick(List.of("=", " = ")) + value;
            case NAME_GLUED ->
                Map.of("HP", "HP", "V", "V", "A", "A", "HZ", "HZ", "RPM", "RPM").get(key) + value;
            case ABBREVIATED ->
                Map.of("HP", "H.P. ", "V", "V. ", "A", "F.L.A. ", "HZ", "CY. ", "RPM", "R.P.M. ")
                                .get(key)
                        + value;
            case UNIT_ON_EACH -> {
                String unit = Map.of("HP", " HP", "V", "V", "A", "A", "HZ", "HZ", "RPM", "RPM")
                        .get(key);
                yield key.equals("V") || key.equals("A") ? value.replace("/", unit + "/") + unit : value + unit;
            }
            case METRIC ->
                value
                        + Map.of(
                                        "HP",
                                        " kW",
                                        "V",
                                        " V",
                                        "A",
                                        " A",
                                        "HZ",
                                        " Hz",
                                        "RPM",
                                        pick(List.of(" min-1", " min⁻¹", " 1/min", " U/min", " tr/min", "/min")))
                                .get(key);
            case METRIC_LETTERS ->
                Map.of("HP", "P ", "V", "U ", "A", "I ", "HZ", "f ", "RPM", "n ")
                                .get(key)
                        + value
                        + Map.of("HP", " kW", "V", " V", "A", " A", "HZ", " Hz", "RPM", " /min")
                                .get(key);
            default -> value + " " + name(key);
        };
    }
}
