package gatepin.core;

import gatepin.core.TypedNumber.Field;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Numbers and lengths as people type them, with what is wrong said by their field. */
public final class TypedMeasure {
    private static final double INCH = 25.4;
    private static final Pattern FRACTION =
            Pattern.compile("(?:(\\d{1,2})[\\s-]+)?(\\d{1,2})\\s*/\\s*(\\d{1,2})\\s*(.*)");

    private TypedMeasure() {}

    /**
     * A number within bounds; what is wrong with it is added to the problems.
     *
     * @param words the bounds as a person says them
     */
    public static Optional<Double> number(
            List<Problem> problems, String field, String typed, Field bounds, String words) {
        TypedNumber number = TypedNumber.read(typed, bounds);
        switch (number.kind()) {
            case BLANK -> {}
            case GOOD -> {
                return Optional.of(number.value());
            }
            case EITHER -> problems.add(new Problem(field, typed, number.question(typed)));
            case OUT_OF_RANGE ->
                problems.add(
                        new Problem(field, typed, "“" + typed.strip() + "” is out of range: " + words + " is usual."));
            case NO_NUMBER ->
                problems.add(new Problem(field, typed, "“" + typed.strip() + "” is no number here: " + words + "."));
        }
        return Optional.empty();
    }

    /**
     * A length in millimetres, in inches, or as a fraction of an inch. A bare number below the least is one of inches.
     *
     * @param least the least there is, mm
     * @param most the most there is, mm
     * @return mm
     */
    public static Optional<Double> length(
            List<Problem> problems, String field, String typed, double least, double most) {
        Matcher fraction = FRACTION.matcher(typed.strip());
        if (fraction.matches() && fraction.group(4).toLowerCase(Locale.ROOT).matches("(in|inch|inches|\"|”)?")) {
            double whole = fraction.group(1) == null ? 0 : Double.parseDouble(fraction.group(1));
            double inches = whole + Double.parseDouble(fraction.group(2)) / Double.parseDouble(fraction.group(3));
            if (inches * INCH >= least && inches * INCH <= most) {
                return Optional.of(inches * INCH);
            }
        }
        Field bounds = Field.of(least / INCH / 2, most, "mm")
                .and("cm", 10)
                .and("in", INCH)
                .and("inch", INCH)
                .and("\"", INCH)
                .and("”", INCH);
        String words = Math.round(least) + " to " + Math.round(most) + " mm, or inches such as 5/8";
        Optional<Double> read = number(problems, field, typed, bounds, words);
        boolean noUnit = !typed.isBlank()
                && Character.isDigit(typed.strip().charAt(typed.strip().length() - 1));
        Optional<Double> millimetres = read.map(r -> noUnit && r < least ? r * INCH : r);
        if (millimetres.filter(m -> m < least || m > most).isPresent()) {
            problems.add(new Problem(field, typed, "“" + typed.strip() + "” is out of range: " + words + "."));
            return Optional.empty();
        }
        return millimetres;
    }
}
