package gatepin.core.gear;

import gatepin.core.Sentence;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * What is stamped on a switch, such as "1 HP 120 V, 2 HP 240 V" or "250V 1HP 125V 1/2HP". A motor's inrush opens and welds contacts: only a
 * horsepower (or kW) rating at the voltage says that a switch bears it; a lighting or resistive rating does not (common practice). Of
 * "16(8)A 250V~" the amps in parentheses are those of motors (IEC 61058-1, from memory).
 *
 * @param text as typed
 * @param motorRatings every horsepower it states, with its volts
 * @param motorAmps every current of motors it states, with its volts
 */
public record SwitchRating(String text, List<MotorRating> motorRatings, List<MotorAmps> motorAmps) {
    private static final String VOLTS = "(?<![\\d.,])(\\d{2,3})(?:\\s*[-/]\\s*(\\d{2,3}))?\\s*V(?![A-Z]*[\\d])";
    /** A power, or volts: what stands before and behind one another says which belongs to which. */
    private static final Pattern PART = Pattern.compile(
            "(?:(?:(\\d+)[\\s-]+)?(\\d+)\\s*/\\s*(\\d+)|(\\d+(?:[.,]\\d+)?|[.,]\\d+))\\s*(H\\.?P|KW)|" + VOLTS,
            Pattern.CASE_INSENSITIVE);

    private static final Pattern OF_MOTORS = Pattern.compile(
            "\\d+(?:[.,]\\d+)?\\s*\\(\\s*(\\d+(?:[.,]\\d+)?)\\s*\\)\\s*A?\\s*[,/]?\\s*(\\d{2,3})\\s*V",
            Pattern.CASE_INSENSITIVE);
    private static final double KILOWATTS_PER_HP = 0.7457;
    /** Switches say 120 V, motors 115 V: as near as this they mean the same (common practice). */
    private static final double SAME_VOLTS = 1.12;

    /** Most power at a voltage. */
    public record MotorRating(double horsepower, int volts) {}

    /** Most amps of motors at a voltage. */
    public record MotorAmps(double amps, int volts) {}

    public SwitchRating {
        motorRatings = List.copyOf(motorRatings);
        motorAmps = List.copyOf(motorAmps);
    }

    private sealed interface Part {
        record Power(double horsepower) implements Part {}

        record At(List<Integer> volts) implements Part {}
    }

    /** Reads what is stamped; what it does not understand states no motor. */
    public static SwitchRating read(String text) {
        String written = text.replace("½", " 1/2")
                .replace("¼", " 1/4")
                .replace("¾", " 3/4")
                .replace("⅓", " 1/3");
        List<Part> parts = new ArrayList<>();
        Matcher part = PART.matcher(written);
        while (part.find()) {
            parts.add(part(part));
        }
        List<MotorAmps> amps = OF_MOTORS
                .matcher(written)
                .results()
                .map(m -> new MotorAmps(number(m.group(1)), Integer.parseInt(m.group(2))))
                .toList();
        return new SwitchRating(text.strip(), paired(parts), amps);
    }

    private static Part part(Matcher part) {
        if (part.group(5) == null) {
            List<Integer> volts = new ArrayList<>(List.of(Integer.parseInt(part.group(6))));
            if (part.group(7) != null) {
                volts.add(Integer.parseInt(part.group(7)));
            }
            return new Part.At(volts);
        }
        return new Part.Power(part.group(5).equalsIgnoreCase("KW") ? power(part) / KILOWATTS_PER_HP : power(part));
    }

    /**
     * Volts stand behind their power in a text that begins with a power and ends with volts, before it in one that begins with volts and ends
     * with a power. Any other text may be meant either way: then a power between two voltages is taken for the higher one, where it means
     * less current, and of two at one voltage the smaller counts.
     */
    private static List<MotorRating> paired(List<Part> parts) {
        if (parts.isEmpty()) {
            return List.of();
        }
        boolean powerFirst = parts.get(0) instanceof Part.Power;
        boolean powerLast = parts.get(parts.size() - 1) instanceof Part.Power;
        List<MotorRating> ratings = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            if (parts.get(i) instanceof Part.Power power) {
                List<Integer> before = powerFirst && !powerLast ? List.of() : volts(parts, i - 1);
                List<Integer> behind = powerLast && !powerFirst ? List.of() : volts(parts, i + 1);
                either(before, behind).forEach(v -> ratings.add(new MotorRating(power.horsepower(), v)));
            }
        }
        return ratings;
    }

    private static List<Integer> volts(List<Part> parts, int i) {
        return i >= 0 && i < parts.size() && parts.get(i) instanceof Part.At at ? at.volts() : List.of();
    }

    /** What both say, or the wider one; where they differ, the highest. */
    private static List<Integer> either(List<Integer> one, List<Integer> other) {
        if (one.containsAll(other)) {
            return one;
        }
        if (other.containsAll(one)) {
            return other;
        }
        return List.of(Stream.of(one, other)
                .flatMap(List::stream)
                .max(Comparator.naturalOrder())
                .orElseThrow());
    }

    private static double number(String written) {
        return Double.parseDouble(written.replace(',', '.'));
    }

    /** A decimal number, a fraction, or a whole number with a fraction. */
    private static double power(Matcher rating) {
        if (rating.group(4) != null) {
            return number(rating.group(4));
        }
        double whole = rating.group(1) == null ? 0 : Double.parseDouble(rating.group(1));
        return whole + Double.parseDouble(rating.group(2)) / Math.max(1, Double.parseDouble(rating.group(3)));
    }

    /**
     * Why this switch must not carry a motor; empty where its rating covers it, or where nobody wrote one down.
     *
     * @param horsepower rated output of the motor, hp
     * @param volts the voltage it is to run on, V
     * @param amps what the motor takes at that voltage, A; empty where it is not known
     */
    public Optional<Sentence> objection(double horsepower, int volts, Optional<Double> amps) {
        if (text.isEmpty()) {
            return Optional.empty();
        }
        Optional<MotorAmps> ofMotors =
                motorAmps.stream().filter(a -> isAt(a.volts(), volts)).max(Comparator.comparingDouble(MotorAmps::amps));
        if (motorRatings.isEmpty() && ofMotors.isPresent() && amps.isPresent()) {
            return ofMotors.filter(a -> a.amps() < amps.orElseThrow() * 0.99)
                    .map(a -> Sentence.of(
                            "objection.tooFewAmps", inHundredths(a.amps()), volts, inHundredths(amps.orElseThrow())));
        }
        if (motorRatings.isEmpty()) {
            return Optional.of(Sentence.of("objection.noMotorRating", text));
        }
        int nearest = motorRatings.stream()
                .map(MotorRating::volts)
                .min(Comparator.comparingInt(v -> Math.abs(v - volts)))
                .orElseThrow();
        if (!isAt(nearest, volts)) {
            return Optional.of(Sentence.of("objection.otherVolts", volts));
        }
        double most = motorRatings.stream()
                .filter(r -> r.volts() == nearest)
                .mapToDouble(MotorRating::horsepower)
                .min()
                .orElseThrow();
        return most >= horsepower * 0.99
                ? Optional.empty()
                : Optional.of(Sentence.of("objection.tooSmall", inHundredths(most), volts, inHundredths(horsepower)));
    }

    private static boolean isAt(int stamped, int volts) {
        return stamped * SAME_VOLTS >= volts && stamped <= volts * SAME_VOLTS;
    }

    private static String inHundredths(double horsepower) {
        return String.format(Locale.ROOT, "%.2f", horsepower);
    }
}
