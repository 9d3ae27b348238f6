package gatepin.core.plate;

import gatepin.core.plate.PlatePiece.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A figure of which a part cannot be read: a person types {@code 17?5 RPM}, {@code 8._ A}, {@code 1x5 V}, or a letter for a digit. Such a
 * figure is never a value; it is asked about, with what it may be.
 *
 * @param start where it begins, with its name where one stands before it
 * @param end where it ends, its unit included
 * @param kind which figure it is, by the name before it or the unit behind it
 * @param alone neither a name nor a unit stands at it
 */
record Scratched(int start, int end, Optional<Kind> kind, boolean alone) {
    private static final int FLAGS = Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE | Pattern.UNICODE_CHARACTER_CLASS;

    private static final String SEPARATORS = ".,/–-";
    private static final String GAPS = "?*#¿□▯…_";
    /** Letters that are taken for digits, and the one that stands for any digit. */
    private static final String LIKE_DIGITS = "XOILSBZ";

    /** So many rules in a row lead from a name to its figure. */
    private static final int LEADER = 3;

    private static final String UNIT =
            "[ \\t]?(?:(H\\.?P|K\\.?W|WATTS?|W)|(V(?:OLTS?)?)|(A(?:MPS?)?)|(HZ|CY(?:C(?:LES?)?)?)|(R\\.?P\\.?M|(?:U|TR|T|1)?/MIN|MIN(?:-1|⁻¹|\\^-1))|(?:MFD|MF|[µU]F)(?:[ ,]{0,2}\\d{2,3}[ ]?V(?:AC)?)?)(?![\\p{L}])\\.?";
    private static final Pattern BEHIND = Pattern.compile(UNIT, FLAGS);
    private static final Pattern BEFORE = Pattern.compile(
            "(?:(H\\.?P|K\\.?W|P|WATTS?)|(V(?:OLTS?|OLTAGE)?|U)|(F\\.?L\\.?A|A(?:MP(?:ERE)?S?)?|I)|(H(?:ERT)?Z|CY(?:C(?:LES?)?)?|FREQ|F)|(R\\.?P\\.?M|SPEED|N))\\.?[:=.…_–\\s-]{0,12}$",
            FLAGS);
    private static final String NUMERIC = "[\\d.,/–?*#¿□▯…_-]";
    private static final String ENDS = "(?![\\p{L}\\d])";
    private static final String BEGINS = "(?<![\\p{L}\\d])";
    private static final String LETTER = "[" + LIKE_DIGITS + "]";

    /** Where a letter stands for a digit, by what is before and behind it. */
    private static final Pattern FOR_A_DIGIT = Pattern.compile(
            String.join(
                    "|",
                    // between what numbers are made of, a digit among it
                    "(?<=\\d" + NUMERIC + "?)" + LETTER + "(?=" + NUMERIC + ")",
                    "(?<=" + NUMERIC + ")" + LETTER + "(?=" + NUMERIC + "?\\d)",
                    // behind a point or a stroke, or behind digits that have one: 8.S A, 0.7S, 11.ZA
                    "(?<=\\d[.,/]\\d{0,4})" + LETTER + "(?:" + ENDS + "|(?=" + UNIT + "))",
                    "(?<=(?:HP|KW|AMPS?|A)[ =:]{1,2}[.,])" + LETTER + ENDS,
                    // before a point or a stroke: l.5, O/4
                    BEGINS + LETTER + "(?=[.,/]\\d)",
                    // the last digit before its unit, or all of them: 24OV, l HP
                    "(?<=\\d)" + LETTER + "(?=\\p{L})(?=" + UNIT + ")",
                    BEGINS + "[XIO](?=[ \\t]" + UNIT + ")",
                    BEGINS + "l(?=[ \\t]" + UNIT + ")",
                    // X for any digit, first or last: xx5, 22X
                    "(?<=" + NUMERIC + ")X" + ENDS,
                    "(?:" + BEGINS + "|(?<=X))X(?=" + NUMERIC + "|X" + NUMERIC + ")"),
            FLAGS);

    private static final Pattern LIKE_A_NUMBER =
            Pattern.compile("\\d{2,3}[OIBZ]|[OILZ](?:\\d{2,3}|\\d[.,]\\d+)", FLAGS);
    /** The same with a letter that ends a frame, or begins another mark. */
    private static final Pattern LIKE_A_FRAME = Pattern.compile("\\d{2,3}[SL]|[BS]\\d{2,3}", FLAGS);

    private static final Pattern FRAME = Pattern.compile("\\bFR(?:AME)?[\\s.:=-]*$", FLAGS);
    private static final Pattern DOTTED = Pattern.compile("\\p{L}\\s?(?:…|\\.{2,})", FLAGS);
    private static final List<Kind> KINDS = List.of(Kind.OUTPUT, Kind.VOLTS, Kind.AMPS, Kind.FREQUENCY, Kind.SPEED);

    /** What plates usually say. */
    private static final Map<Kind, List<String>> USUAL = Map.of(
            Kind.VOLTS,
            List.of(
                    "115", "230", "120", "240", "110", "220", "127", "208", "100", "200", "277", "380", "400", "415",
                    "440", "460", "480"),
            Kind.FREQUENCY,
            List.of("60", "50"),
            Kind.SPEED,
            List.of(
                    "1725", "3450", "1750", "3500", "1140", "1150", "860", "2850", "2800", "2900", "1425", "1440",
                    "1450", "940", "950"),
            Kind.OUTPUT,
            List.of(
                    "1/8", "1/6", "1/4", "1/3", "1/2", "3/4", "1-1/2", "0.25", "0.37", "0.55", "0.75", "1.1", "1.5",
                    "2.2"));

    private static final int MOST_OFFERED = 4;

    /** Every such figure of a text, outside of what is taken already. */
    static List<Scratched> in(String text, boolean[] taken) {
        List<Scratched> found = new ArrayList<>();
        boolean namesFirst = namesFirst(text, taken);
        int at = 0;
        while (at < text.length()) {
            int end = at;
            while (end < text.length() && !taken[end] && isPart(text, end)) {
                end++;
            }
            if (end > at) {
                of(text, at, end, at > 0 && taken[at - 1], namesFirst).ifPresent(found::add);
            }
            at = Math.max(end, at + 1);
        }
        return found;
    }

    /** The first figure has its name before it: so has every one, more likely than its unit behind it. */
    private static boolean namesFirst(String text, boolean[] taken) {
        int first = 0;
        while (first < text.length() && (taken[first] || !Character.isDigit(text.charAt(first)))) {
            first++;
        }
        Matcher name = BEFORE.matcher(text.substring(0, first));
        return name.find() && !Character.isLetter(at(text, name.start() - 1));
    }

    private static char at(String text, int i) {
        return i >= 0 && i < text.length() ? text.charAt(i) : ' ';
    }

    private static boolean isNumeric(char c) {
        return Character.isDigit(c) || SEPARATORS.indexOf(c) >= 0 || GAPS.indexOf(c) >= 0;
    }

    /** Digits, what stands between them, and what stands for one. */
    private static boolean isPart(String text, int i) {
        char c = at(text, i);
        boolean letter = Character.isLetter(c) && LIKE_DIGITS.indexOf(Character.toUpperCase(c)) >= 0;
        return isNumeric(c)
                || letter
                        && (FOR_A_DIGIT
                                        .matcher(text)
                                        .region(i, text.length())
                                        .useTransparentBounds(true)
                                        .lookingAt()
                                || isOfANumber(text, i)
                                || !Character.isLetterOrDigit(at(text, i - 1))
                                        && !Character.isLetterOrDigit(at(text, i + 1))
                                        && isNamed(text, i, "XxlO".indexOf(c) >= 0 ? 1 : 2));
    }

    /** A word of digits with a letter for the first or the last of them, and no frame. */
    private static boolean isOfANumber(String text, int i) {
        int from = i;
        int to = i + 1;
        while (Character.isLetterOrDigit(at(text, from - 1))) {
            from--;
        }
        while (Character.isLetterOrDigit(at(text, to))
                || ".,".indexOf(at(text, to)) >= 0 && Character.isDigit(at(text, to + 1))) {
            to++;
        }
        String word = text.substring(from, to);
        return (LIKE_A_NUMBER.matcher(word).matches()
                        || LIKE_A_FRAME.matcher(word).matches() && isNamed(text, from, 1))
                && !FRAME.matcher(text.substring(0, from)).find();
    }

    /** The name of a figure, of so many letters at least, leads there. */
    private static boolean isNamed(String text, int i, int letters) {
        Matcher name = BEFORE.matcher(text.substring(0, i));
        return name.find()
                && name.group().chars().filter(Character::isLetter).count() >= letters
                && !Character.isLetter(at(text, name.start() - 1));
    }

    /** A text ends with a number and its unit. */
    private static boolean isUnit(String head) {
        Matcher name = BEFORE.matcher(head);
        return name.find() && Character.isDigit(at(head, name.start() - 1));
    }

    private static Optional<Scratched> of(String text, int from, int to, boolean behindANumber, boolean namesFirst) {
        String head = text.substring(0, from);
        Matcher name = BEFORE.matcher(head);
        // a name right behind a number is that number's unit
        boolean named = name.find()
                && at(head, name.start() - 1) != '.'
                && !Character.isLetterOrDigit(at(head, name.start() - 1));
        if (behindANumber || Character.isLetter(at(text, from - 1)) && !named && !isUnit(head)) {
            return Optional.empty();
        }
        int start = from;
        boolean leads = Character.isLetter(at(text, from - 1))
                && DOTTED.matcher(text).results().count() > 1;
        while (start < to && isLeader(text, start, to, leads)) {
            start++;
        }
        int end = to;
        while (end > start && ".,–-".indexOf(text.charAt(end - 1)) >= 0) {
            end--;
        }
        int rules = end;
        while (rules > start && text.charAt(rules - 1) == '_') {
            rules--;
        }
        end = end - rules < LEADER ? end : rules;
        String figure = text.substring(start, end);
        Matcher behind = BEHIND.matcher(text).region(end, text.length());
        boolean behindIt = behind.lookingAt();
        boolean unit = behindIt && (!named || !namesFirst);
        named &= !unit;
        // the numerator is gone; behind a unit it is only the other part of a pair
        boolean half = figure.startsWith("/") && (start > from || !Character.isLetterOrDigit(at(text, from - 1)));
        boolean gap = half || figure.chars().anyMatch(c -> GAPS.indexOf(c) >= 0 || Character.isLetter(c));
        boolean somewhere = figure.chars().anyMatch(Character::isDigit) || unit || named;
        if (!gap || !somewhere || figure.equals("/")) {
            return Optional.empty();
        }
        Optional<Kind> kind = unit ? kind(behind) : named ? kind(name) : Optional.empty();
        return Optional.of(
                new Scratched(named ? name.start() : start, unit ? behind.end() : end, kind, !unit && !named));
    }

    /** Dots, hyphens and rules that lead from a name to its figure. */
    private static boolean isLeader(String text, int i, int to, boolean leads) {
        char c = text.charAt(i);
        if (c == '.' && Character.isDigit(at(text, i + 1))) {
            return false;
        }
        if (c == '_' || c == '…') {
            int from = i;
            while (at(text, from - 1) == c) {
                from--;
            }
            int end = i;
            while (end < to && text.charAt(end) == c) {
                end++;
            }
            int rules = end - from;
            boolean alone = c == '_' || rules == 2 && text.indexOf("……") == text.lastIndexOf("……");
            boolean stands = (alone || ".,/".indexOf(at(text, end)) >= 0) && rules < LEADER;
            return !stands && (leads && at(text, i - 1) != '.' || at(text, i - 1) == c || c == '_');
        }
        return ".–-".indexOf(c) >= 0;
    }

    private static Optional<Kind> kind(Matcher named) {
        for (int g = 1; g <= KINDS.size(); g++) {
            if (named.group(g) != null) {
                return Optional.of(KINDS.get(g - 1));
            }
        }
        return Optional.empty();
    }

    /** Whether a figure that was understood may be another one because of this: the other part of a pair, or the other figure of its kind. */
    boolean touches(PlatePiece piece, String text) {
        if (kind.filter(k -> k == piece.kind()).isPresent()) {
            return true;
        }
        String between = piece.end() <= start
                ? text.substring(piece.end(), start)
                : end <= piece.start() ? text.substring(end, piece.start()) : "|";
        boolean stroke = between.matches("(?i)\\s{0,2}(?:[-–/&]|\\bOR\\b)\\s{0,2}");
        boolean column = piece.end() <= start
                && between.matches("[ \\t]{0,8}")
                && Character.isDigit(at(text, piece.end() - 1))
                && alone;
        return stroke || column;
    }

    /** The question about it. */
    PlatePiece piece(String text) {
        String written = text.substring(start, end);
        String digits = BEHIND.matcher(written).replaceFirst("").replaceFirst("^[^\\d?*#¿□▯…_]*", "");
        Pattern like = Pattern.compile(Stream.of(digits.split(""))
                .map(c -> c.matches("[\\d.,/–-]") ? Pattern.quote(c) : "[\\d.,/-]{1,2}")
                .collect(Collectors.joining()));
        List<String> may = kind.map(k -> USUAL.getOrDefault(k, List.of())).orElse(List.of()).stream()
                .filter(u -> like.matcher(u).matches())
                .limit(MOST_OFFERED)
                .toList();
        return PlatePiece.doubtful(start, end, written)
                .asked("A part of “" + written + "” cannot be read."
                        + (may.isEmpty() ? "" : " It may be " + String.join(" or ", may) + ".")
                        + " Write what it says into its field, or leave it open.");
    }
}
