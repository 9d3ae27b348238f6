package gatepin.core.plate;

import gatepin.core.plate.FigureToken.Name;
import gatepin.core.plate.PlatePiece.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What a number says as a figure of a plate, in one notation; no value at all where no such plate can say it. */
final class FigureValue {
    private static final Pattern FRACTION = Pattern.compile("(?:(\\d{1,2})[\\s-]+)?(\\d{1,2})/(\\d{1,2})");
    private static final Pattern THOUSAND = Pattern.compile("(\\d),(\\d{3})");
    private static final double HP_PER_CV = 0.9863;
    private static final double MOST_HP = 15;
    private static final double MOST_KW = 11.5;
    private static final double LEAST_WATTS = 5;
    private static final double LEAST_AMPS = 0.05;
    private static final double MOST_AMPS = 150;
    private static final int LEAST_VOLTS = 24;
    private static final int MOST_VOLTS = 600;
    private static final int LEAST_RPM = 200;
    private static final int MOST_RPM = 3600;

    private FigureValue() {}

    /** The value of a number under a name; empty where it cannot be. */
    static Optional<String> of(Name name, String number) {
        String plain = number.strip().replace('–', '-').replaceAll("(?i)\\s*(?:\\bor\\b|&)\\s*", "/");
        return switch (name.kind()) {
            case OUTPUT -> output(name.unit(), plain);
            case VOLTS -> several(plain, LEAST_VOLTS, MOST_VOLTS, true, 4);
            case AMPS -> several(plain, LEAST_AMPS, MOST_AMPS, false, 5);
            case FREQUENCY ->
                plain.matches("[56]0(?:\\s*[/-]\\s*[56]0)?")
                        ? Optional.of(plain.replaceAll("\\s", "").replace('-', '/'))
                        : Optional.empty();
            case SPEED ->
                several(thousands(plain), LEAST_RPM, MOST_RPM, true, 2).map(v -> v.replace('-', '/'));
            case PHASE -> plain.matches("[13]") ? Optional.of(plain) : Optional.empty();
            default -> Optional.empty();
        };
    }

    private static String thousands(String number) {
        Matcher matcher = THOUSAND.matcher(number);
        return matcher.matches() ? matcher.group(1) + matcher.group(2) : number;
    }

    private static Optional<String> output(String unit, String number) {
        String value = number.contains("/") ? number.replaceAll("[\\s-]+(?=\\d+/)", "-") : number.replace(',', '.');
        Optional<Double> amount = amount(value);
        if (amount.isEmpty() || amount.orElseThrow() <= 0) {
            return Optional.empty();
        }
        double of = amount.orElseThrow();
        String written = value.startsWith(".") ? "0" + value : value;
        return switch (unit) {
            case "hp" -> of <= MOST_HP ? Optional.of(written + " hp") : Optional.empty();
            case "PS" ->
                of <= MOST_HP ? Optional.of(String.format(Locale.ROOT, "%.3f hp", of * HP_PER_CV)) : Optional.empty();
            case "kW" -> of <= MOST_KW && !value.contains("/") ? Optional.of(written + " kW") : Optional.empty();
            default ->
                of >= LEAST_WATTS && of <= MOST_KW * 1000 && !value.contains("/")
                        ? Optional.of(new java.math.BigDecimal(of / 1000)
                                        .round(new java.math.MathContext(6))
                                        .stripTrailingZeros()
                                        .toPlainString()
                                + " kW")
                        : Optional.empty();
        };
    }

    private static Optional<Double> amount(String value) {
        Matcher fraction = FRACTION.matcher(value);
        if (fraction.matches()) {
            double below = Double.parseDouble(fraction.group(3));
            double whole = fraction.group(1) == null ? 0 : Double.parseDouble(fraction.group(1));
            double above = Double.parseDouble(fraction.group(2));
            return below > above ? Optional.of(whole + above / below) : Optional.empty();
        }
        return value.matches("\\d*\\.?\\d+") ? Optional.of(Double.parseDouble(value)) : Optional.empty();
    }

    /** The watts of an output as {@link #of} writes it; not a number where it is none. */
    static double watts(String output) {
        String[] words = output.split(" ");
        double amount = words.length == 2 ? amount(words[0]).orElse(Double.NaN) : Double.NaN;
        return amount * (output.endsWith("kW") ? 1000 : Plate.WATTS_PER_HP);
    }

    /** Numbers with strokes and hyphens between them, each within bounds. */
    private static Optional<String> several(String text, double least, double most, boolean whole, int atMost) {
        List<String> numbers = new ArrayList<>();
        for (String number : text.split("\\s*[-/]\\s*", -1)) {
            String plain = number.replace(',', '.');
            boolean good = whole ? plain.matches("\\d{2,4}") : plain.matches("\\d*\\.?\\d+");
            if (!good || Double.parseDouble(plain) < least || Double.parseDouble(plain) > most) {
                return Optional.empty();
            }
            numbers.add(plain);
        }
        return numbers.size() > atMost
                ? Optional.empty()
                : Optional.of(text.replaceAll("\\s", "").replace(',', '.').replaceAll("(^|[/-])\\.", "$10."));
    }

    /** The piece of a plate that says it. */
    static PlatePiece piece(Name name, int start, int end, String text, String value) {
        Kind kind = name.kind();
        String meaning = switch (kind) {
            case VOLTS -> listed(value, "V");
            case AMPS -> listed(value, "A");
            case FREQUENCY -> listed(value, "Hz");
            case SPEED -> listed(value, "rpm");
            case PHASE -> value.equals("1") ? "single phase" : "three phase";
            default -> outputWords(name.unit(), value, text);
        };
        return new PlatePiece(start, end, text, kind, value, meaning, "");
    }

    private static String listed(String value, String unit) {
        return value.replace("/", " " + unit + " or ").replace("-", " to ") + " " + unit;
    }

    private static String outputWords(String unit, String value, String text) {
        return switch (unit) {
            case "PS" -> text + ": metric horsepower, " + value;
            case "W" -> text + ": " + value;
            default -> value;
        };
    }
}
