package gatepin.core.circuit;

import java.util.Comparator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How marks on leads and terminals sort: letters first, then the number by its value, so T10 follows T9. */
public final class Marks {
    private static final Pattern PARTS = Pattern.compile("(\\D*)(\\d{0,9})(.*)", Pattern.DOTALL);

    /** The order in which a person lists marks. */
    public static final Comparator<String> NATURAL_ORDER = Comparator.comparing(Marks::letters)
            .thenComparingInt(Marks::number)
            .thenComparing(Comparator.naturalOrder());

    private Marks() {}

    private static Matcher parts(String mark) {
        Matcher matcher = PARTS.matcher(mark);
        if (!matcher.matches()) {
            throw new IllegalStateException("every text matches: " + mark);
        }
        return matcher;
    }

    private static String letters(String mark) {
        return parts(mark).group(1);
    }

    private static int number(String mark) {
        String digits = parts(mark).group(2);
        return digits.isEmpty() ? -1 : Integer.parseInt(digits);
    }
}
