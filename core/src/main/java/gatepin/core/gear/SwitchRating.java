package gatepin.core.gear;

import gatepin.core.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What is stamped on a switch, such as "1 HP 120 V, 2 HP 240 V". A motor's inrush opens and welds contacts: only a horsepower
 * (or kW) rating at the voltage says that a switch bears it; a lighting or resistive rating does not (common practice).
 *
 * @param text as typed
 * @param motorRatings every horsepower it states, with its volts
 */
public record SwitchRating(String text, List<MotorRating> motorRatings) {
    private static final Pattern RATING = Pattern.compile(
            "(?:(?:(\\d+)[\\s-]+)?(\\d+)\\s*/\\s*(\\d+)|(\\d+(?:[.,]\\d+)?))\\s*(HP|KW)\\s*(?:AT|@|,|-)?\\s*(\\d{2,3})(?:\\s*[-/]\\s*(\\d{2,3}))?\\s*V",
            Pattern.CASE_INSENSITIVE);
    private static final double KILOWATTS_PER_HP = 0.7457;
    /** Switches say 120 V, motors 115 V: as near as this they mean the same (common practice). */
    private static final double SAME_VOLTS = 1.12;

    /** Most power at a voltage. */
    public record MotorRating(double horsepower, int volts) {}

    public SwitchRating {
        motorRatings = List.copyOf(motorRatings);
    }

    /** Reads what is stamped; what it does not understand states no motor. */
    public static SwitchRating read(String text) {
        List<MotorRating> ratings = new ArrayList<>();
        Matcher rating = RATING.matcher(text);
        while (rating.find()) {
            double power = power(rating);
            double horsepower = rating.group(5).equalsIgnoreCase("KW") ? power / KILOWATTS_PER_HP : power;
            ratings.add(new MotorRating(horsepower, Integer.parseInt(rating.group(6))));
            if (rating.group(7) != null) {
                ratings.add(new MotorRating(horsepower, Integer.parseInt(rating.group(7))));
            }
        }
        return new SwitchRating(text.strip(), ratings);
    }

    /** A decimal number, a fraction, or a whole number with a fraction. */
    private static double power(Matcher rating) {
        if (rating.group(4) != null) {
            return Double.parseDouble(rating.group(4).replace(',', '.'));
        }
        double whole = rating.group(1) == null ? 0 : Double.parseDouble(rating.group(1));
        return whole + Double.parseDouble(rating.group(2)) / Math.max(1, Double.parseDouble(rating.group(3)));
    }

    /**
     * Why this switch must not carry a motor; empty where its rating covers it, or where nobody wrote one down.
     *
     * @param horsepower rated output of the motor, hp
     * @param volts the voltage it is to run on, V
     */
    public Optional<Sentence> objection(double horsepower, int volts) {
        if (text.isEmpty()) {
            return Optional.empty();
        }
        if (motorRatings.isEmpty()) {
            return Optional.of(Sentence.of("objection.noMotorRating", text));
        }
        List<MotorRating> there = motorRatings.stream()
                .filter(r -> r.volts() * SAME_VOLTS >= volts && r.volts() <= volts * SAME_VOLTS)
                .toList();
        if (there.isEmpty()) {
            return Optional.of(Sentence.of("objection.otherVolts", volts));
        }
        double most = there.stream().mapToDouble(MotorRating::horsepower).max().orElse(0);
        return most >= horsepower * 0.99
                ? Optional.empty()
                : Optional.of(Sentence.of("objection.tooSmall", inHundredths(most), volts, inHundredths(horsepower)));
    }

    private static String inHundredths(double horsepower) {
        return String.format(Locale.ROOT, "%.2f", horsepower);
    }
}
