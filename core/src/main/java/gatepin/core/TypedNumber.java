package gatepin.core;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * A number as somebody typed it, with or without its unit: the one reader of numbers. A comma or point before three digits can be a
 * decimal mark or stand between thousands ({@code 1,200}); where both are possible for the field it is asked, never guessed. It reads
 * in time that grows with the length only, and nothing longer than {@link #LONGEST} letters.
 *
 * @param kind what came of reading
 * @param value the number; of {@link Kind#EITHER} what it is as a decimal
 * @param other of {@link Kind#EITHER} what it is with thousands, otherwise the same as {@code value}
 */
public record TypedNumber(Kind kind, double value, double other) {
    /** Letters of the longest number with a unit. */
    public static final int LONGEST = 40;

    private static final String THOUSANDS_ONLY = " \u00a0\u2009\u202f'’";

    /** What came of reading. */
    public enum Kind {
        /** Nothing was typed. */
        BLANK,
        /** A number within the bounds. */
        GOOD,
        /** It can be two numbers, both within the bounds. */
        EITHER,
        /** A number out of the bounds. */
        OUT_OF_RANGE,
        /** No number, or a unit that does not belong here. */
        NO_NUMBER
    }

    /**
     * What may stand in a field.
     *
     * @param units what may be written behind the number, in small letters, with what it multiplies by; without one it is 1
     * @param least the smallest that can be
     * @param most the largest that can be
     * @param pointIsDecimal a point is always a decimal mark, as on a meter's display
     */
    public record Field(Map<String, Double> units, double least, double most, boolean pointIsDecimal) {
        public Field {
            units = Map.copyOf(units);
        }

        /** A field of one unit that may be written in several ways. */
        public static Field of(double least, double most, String... written) {
            Map<String, Double> units = new java.util.HashMap<>();
            for (String unit : written) {
                units.put(unit, 1.0);
            }
            return new Field(units, least, most, false);
        }

        /** The same where a point is always a decimal mark. */
        public Field fromADisplay() {
            return new Field(units, least, most, true);
        }

        /** The same with a unit that multiplies. */
        public Field and(String unit, double times) {
            Map<String, Double> more = new java.util.HashMap<>(units);
            more.put(unit, times);
            return new Field(more, least, most, pointIsDecimal);
        }
    }

    private static final TypedNumber NONE = new TypedNumber(Kind.NO_NUMBER, 0, 0);

    /** Reads what was typed into a field. */
    public static TypedNumber read(String typed, Field field) {
        String text = typed.strip();
        if (text.isEmpty()) {
            return new TypedNumber(Kind.BLANK, 0, 0);
        }
        if (text.length() > LONGEST) {
            return NONE;
        }
        int end = text.length();
        while (end > 0 && !isDigit(text.charAt(end - 1))) {
            end--;
        }
        // a number may end in its decimal mark, as some displays do
        String unit = text.substring(end).strip().toLowerCase(Locale.ROOT);
        if (unit.startsWith(".") || unit.startsWith(",")) {
            unit = unit.substring(1).strip();
        }
        Double times = unit.isEmpty() ? Double.valueOf(1) : field.units().get(unit);
        List<Double> meanings = meanings(text.substring(0, end).strip(), field.pointIsDecimal());
        if (times == null || meanings.isEmpty()) {
            return NONE;
        }
        List<Double> possible = meanings.stream()
                .map(m -> m * times)
                .filter(m -> m >= field.least() && m <= field.most())
                .toList();
        return switch (possible.size()) {
            case 0 -> new TypedNumber(Kind.OUT_OF_RANGE, meanings.get(0) * times, meanings.get(0) * times);
            case 1 -> new TypedNumber(Kind.GOOD, possible.get(0), possible.get(0));
            default -> new TypedNumber(Kind.EITHER, possible.get(0), possible.get(1));
        };
    }

    private static boolean isDigit(char letter) {
        return letter >= '0' && letter <= '9';
    }

    /** What digits with marks between them can mean: nothing, one number, or a decimal and one with thousands. */
    private static List<Double> meanings(String digits, boolean pointIsDecimal) {
        boolean negative = digits.startsWith("-") || digits.startsWith("−");
        String text = negative || digits.startsWith("+") ? digits.substring(1) : digits;
        StringBuilder marks = new StringBuilder();
        StringBuilder plain = new StringBuilder();
        int sinceMark = 0;
        int before = 0;
        for (int i = 0; i < text.length(); i++) {
            char letter = text.charAt(i);
            if (isDigit(letter)) {
                plain.append(letter);
                sinceMark++;
            } else if (letter == '.' || letter == ',' || THOUSANDS_ONLY.indexOf(letter) >= 0) {
                if (marks.isEmpty()) {
                    before = sinceMark;
                } else if (sinceMark != 3) {
                    return List.of();
                }
                marks.append(letter);
                sinceMark = 0;
            } else {
                return List.of();
            }
        }
        if (plain.isEmpty()) {
            return List.of();
        }
        return meanings(negative, plain.toString(), marks.toString(), before, sinceMark, pointIsDecimal);
    }

    private static List<Double> meanings(
            boolean negative, String plain, String marks, int before, int after, boolean pointIsDecimal) {
        double whole = signed(negative, new BigDecimal(plain));
        if (marks.isEmpty()) {
            return List.of(whole);
        }
        double decimal = signed(negative, new BigDecimal(plain).movePointLeft(after));
        char last = marks.charAt(marks.length() - 1);
        boolean mayBeThousands = after == 3 && before >= 1 && before <= 3 && plain.charAt(0) != '0';
        if (marks.length() > 1) {
            String others = marks.substring(0, marks.length() - 1);
            boolean alike = others.chars().allMatch(c -> c == others.charAt(0));
            if (!alike || before < 1 || before > 3) {
                return List.of();
            }
            if (others.charAt(0) == last) {
                return after == 3 ? List.of(whole) : List.of();
            }
            return THOUSANDS_ONLY.indexOf(last) >= 0 ? List.of() : List.of(decimal);
        }
        if (THOUSANDS_ONLY.indexOf(last) >= 0) {
            return mayBeThousands ? List.of(whole) : List.of();
        }
        boolean decimalOnly = !mayBeThousands || (last == '.' && pointIsDecimal);
        return decimalOnly ? List.of(decimal) : List.of(decimal, whole);
    }

    private static double signed(boolean negative, BigDecimal number) {
        return negative ? -number.doubleValue() : number.doubleValue();
    }

    /** What to ask where it can be two numbers. */
    public String question(String typed) {
        return "“" + typed.strip() + "” can be " + plain(value) + " or " + plain(other)
                + ". Write it without a mark between thousands.";
    }

    private static String plain(double number) {
        return new BigDecimal(number)
                .round(new java.math.MathContext(9))
                .stripTrailingZeros()
                .toPlainString();
    }
}
