package gatepin.core.circuit;

import java.util.Comparator;

/** How marks on leads and terminals sort: letters first, then the number by its value, so T10 follows T9. */
public final class Marks {
    /** More digits than this are no number. */
    private static final int MOST_DIGITS = 9;

    /** The order in which a person lists marks. */
    public static final Comparator<String> NATURAL_ORDER = Marks::compare;

    private Marks() {}

    /** Upside down, 6 and 9 are taken for each other: such marks are underlined (common practice). */
    public static boolean readsUpsideDown(String mark) {
        return mark.indexOf('6') >= 0 || mark.indexOf('9') >= 0;
    }

    private static int compare(String one, String other) {
        int lettersOfOne = letters(one);
        int lettersOfOther = letters(other);
        int byLetters = one.substring(0, lettersOfOne).compareTo(other.substring(0, lettersOfOther));
        if (byLetters != 0) {
            return byLetters;
        }
        int byNumber = Integer.compare(number(one, lettersOfOne), number(other, lettersOfOther));
        return byNumber != 0 ? byNumber : one.compareTo(other);
    }

    /** How many letters stand before the first digit. */
    private static int letters(String mark) {
        int at = 0;
        while (at < mark.length() && !isDigit(mark.charAt(at))) {
            at++;
        }
        return at;
    }

    private static boolean isDigit(char letter) {
        return letter >= '0' && letter <= '9';
    }

    /** The number that begins at a place; −1 where there is none. */
    private static int number(String mark, int from) {
        int value = -1;
        for (int at = from; at < mark.length() && at < from + MOST_DIGITS && isDigit(mark.charAt(at)); at++) {
            value = Math.max(0, value) * 10 + mark.charAt(at) - '0';
        }
        return value;
    }
}
