package gatepin.core.plate;

import gatepin.core.plate.FigureToken.Name;
import gatepin.core.plate.PlatePiece.Kind;
import java.util.ArrayList;
import java.util.HashMap;
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
 * @param figure what is left of the figure itself
 * @param kind which figure it is, by the name before it or the unit behind it
 * @param alone neither a name nor a unit stands at it
 */
record Scratched(int start, int end, String figure, Optional<Kind> kind, boolean alone) {
    private static final int FLAGS = Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE | Pattern.UNICODE_CHARACTER_CLASS;

    private static final String SEPARATORS = ".,/–-";
    private static final String GAPS = "?*#¿□▯…_";
    /** What may stand between two parts of one figure. */
    private static final Pattern STROKE = Pattern.compile("(?i)\\s{0,2}(?:[-–/&]|\\bOR\\b)\\s{0,2}");

    private static final Pattern COLUMN = Pattern.compile("[ \\t]{0,8}");

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
        return new Finder(text, taken).find();
    }

    /** Whether a figure that was understood may be another one because of this: the other part of a pair, or the other figure of its kind. */
    boolean touches(PlatePiece piece, String text) {
        if (kind.filter(k -> k == piece.kind()).isPresent()) {
            return true;
        }
        boolean before = piece.end() <= start;
        int from = before ? piece.end() : end;
        int to = before ? start : piece.start();
        if (to < from || to - from > Finder.REACH) {
            return false;
        }
        String between = text.substring(from, to);
        boolean column =
                alone && before && COLUMN.matcher(between).matches() && Character.isDigit(text.charAt(piece.end() - 1));
        return column || STROKE.matcher(between).matches();
    }

    /** The question about it. */
    PlatePiece piece(String text) {
        String written = text.substring(start, end);
        Pattern like = Pattern.compile(Stream.of(figure.split(""))
                .map(c ->
                        Character.isDigit(c.charAt(0)) || SEPARATORS.contains(c) ? Pattern.quote(c) : "[\\d.,/-]{1,2}")
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

    /** Goes through one text. */
    private static final class Finder {
        /** Letters that are taken for digits, and the one that stands for any digit. */
        private static final String LIKE_DIGITS = "XOILSBZ";

        private static final String NUMERIC = "[\\d.,/–?*#¿□▯…_-]";
        private static final String LETTER = "[" + LIKE_DIGITS + "]";
        private static final String ENDS = "(?![\\p{L}\\d])";
        private static final String BEGINS = "(?<![\\p{L}\\d])";

        /** Where a letter stands for a digit, by the signs and digits around it. */
        private static final Pattern FOR_A_DIGIT = Pattern.compile(
                String.join(
                        "|",
                        // between what numbers are made of, a digit among it
                        "(?<=\\d" + NUMERIC + "?)" + LETTER + "(?=" + NUMERIC + ")",
                        "(?<=" + NUMERIC + ")" + LETTER + "(?=" + NUMERIC + "?\\d)",
                        // behind digits that have a point or a stroke: 8.S, 0.7S
                        "(?<=\\d[.,/]\\d{0,4})" + LETTER + ENDS,
                        // before a point or a stroke: l.5, O/4
                        BEGINS + LETTER + "(?=[.,/]\\d)",
                        // X for any digit, first or last: xx5, 22X
                        "(?<=" + NUMERIC + ")X" + ENDS,
                        "(?:" + BEGINS + "|(?<=X))X(?=" + NUMERIC + "|X" + NUMERIC + ")"),
                FLAGS);

        /** Behind these digits a letter with the unit at it is a digit: 24OV, 11.ZA. */
        private static final Pattern DIGITS_BEFORE = Pattern.compile("(?<=\\d|\\d[.,/])" + LETTER, FLAGS);

        private static final Pattern LIKE_A_NUMBER =
                Pattern.compile("\\d{2,3}[OIBZ]|[OILZ](?:\\d{2,3}|\\d[.,]\\d+)", FLAGS);
        /** The same with a letter that ends a frame, or begins another mark. */
        private static final Pattern LIKE_A_FRAME = Pattern.compile("\\d{2,3}[SL]|[BS]\\d{2,3}", FLAGS);

        private static final Pattern NUMBER =
                Pattern.compile("(?<![\\p{L}\\d.,/?*#¿□▯…_-])\\.?\\d(?:[\\d.,/-]*\\d)?(?![\\d?*#¿□▯…_])", FLAGS);

        private static final Pattern FRAME = Pattern.compile("\\bFR(?:AME)?[\\s.:=-]{0,4}$", FLAGS);
        private static final Pattern DOTTED = Pattern.compile("\\p{L}\\s?(?:…|\\.{2,})", FLAGS);
        private static final Pattern OF_CAPACITOR =
                Pattern.compile("[ \\t]?(?:MFD|MF|[µμu]F)(?:[ ,]{0,2}\\d{2,3} ?V(?:AC)?)?" + ENDS, FLAGS);
        /** I 2.9: the letter is itself a name. */
        private static final Pattern NUMBER_BEHIND = Pattern.compile("[\\s:=.…_–-]{1,12}\\d");

        private static final String LEADS = ":=.…_–-";

        /** So many signs at most lead from a name to its figure, or stand between two figures that belong together. */
        private static final int REACH = 12;

        /** So many rules in a row lead from a name to its figure. */
        private static final int LEADER = 3;

        private static final int LONGEST_NUMBER = 8;

        private final String text;
        private final boolean[] taken;
        /** The names and units of figures, as the rest of the plate is read by, by where they begin and where they end. */
        private final Map<Integer, FigureToken> begins = new HashMap<>();

        private final Map<Integer, FigureToken> ends = new HashMap<>();
        private final boolean namesFirst;
        private final boolean dotted;
        private final boolean doubleDots;

        Finder(String text, boolean[] taken) {
            this.text = text;
            this.taken = taken;
            for (int i = 0; i < text.length(); i++) {
                if (!taken[i]) {
                    FigureToken.name(text, i).ifPresent(this::note);
                }
            }
            this.namesFirst = namesFirst();
            this.dotted = DOTTED.matcher(text).results().limit(2).count() > 1;
            this.doubleDots = text.indexOf("……") != text.lastIndexOf("……");
        }

        private void note(FigureToken name) {
            begins.put(name.start(), name);
            ends.putIfAbsent(name.end(), name);
            // its point may be the first of those that lead to the figure
            if (name.text().endsWith(".")) {
                ends.put(name.end() - 1, name);
            }
        }

        List<Scratched> find() {
            List<Scratched> found = new ArrayList<>();
            int at = 0;
            while (at < text.length()) {
                int end = at;
                while (end < text.length() && !taken[end] && isPart(end)) {
                    end++;
                }
                if (end > at && !(at > 0 && taken[at - 1])) {
                    of(at, end).ifPresent(found::add);
                }
                at = Math.max(end, at + 1);
            }
            return found;
        }

        /** More numbers have only a name before them than only a unit behind them: so has this one, more likely. */
        private boolean namesFirst() {
            int names = 0;
            Matcher number = NUMBER.matcher(text);
            while (number.find()) {
                boolean before = nameBefore(number.start())
                        .filter(n -> !isWord(n.start() - 1))
                        .isPresent();
                boolean behind = unitBehind(number.end()).isPresent();
                names += before == behind ? 0 : before ? 1 : -1;
            }
            return names > 0;
        }

        private char at(int i) {
            return i >= 0 && i < text.length() ? text.charAt(i) : ' ';
        }

        private boolean isWord(int i) {
            return Character.isLetterOrDigit(at(i));
        }

        /** The name that leads to a place. */
        private Optional<FigureToken> nameBefore(int i) {
            int from = i;
            while (from > 0
                    && i - from < REACH
                    && !ends.containsKey(from)
                    && (Character.isWhitespace(at(from - 1)) || LEADS.indexOf(at(from - 1)) >= 0)) {
                from--;
            }
            return Optional.ofNullable(ends.get(from))
                    .filter(n -> n.name().filter(Name::before).isPresent());
        }

        /** The unit at a place, or one blank behind it; right behind a letter, too, for that may stand for a digit. */
        private Optional<FigureToken> unitBehind(int i) {
            int from = at(i) == ' ' || at(i) == '\t' ? i + 1 : i;
            Optional<FigureToken> name = from >= text.length()
                    ? Optional.empty()
                    : Character.isLetter(at(from - 1)) ? nameAtALetter(from) : Optional.ofNullable(begins.get(from));
            return name.filter(n -> n.name().filter(Name::after).isPresent());
        }

        private Optional<FigureToken> nameAtALetter(int i) {
            return FigureToken.name(text.substring(i, Math.min(text.length(), i + REACH)), 0)
                    .map(n -> new FigureToken(i, i + n.end(), n.text(), n.name(), n.ownUnit()));
        }

        /** Digits, what stands between them, and what stands for one. */
        private boolean isPart(int i) {
            char c = at(i);
            if (Character.isDigit(c) || SEPARATORS.indexOf(c) >= 0 || GAPS.indexOf(c) >= 0) {
                return true;
            }
            if (!Character.isLetter(c) || LIKE_DIGITS.indexOf(Character.toUpperCase(c)) < 0) {
                return false;
            }
            return isAt(FOR_A_DIGIT, i)
                    || isAt(DIGITS_BEFORE, i)
                            && Character.isLetter(at(i + 1))
                            && unitBehind(i + 1).isPresent()
                    || isOfANumber(i)
                    || isAlone(i, "XxIiOol".indexOf(c) >= 0, "XxlO".indexOf(c) >= 0 ? 1 : 2);
        }

        private boolean isAt(Pattern pattern, int i) {
            return pattern.matcher(text)
                    .region(i, text.length())
                    .useTransparentBounds(true)
                    .lookingAt();
        }

        /** One letter is all of the figure: it has its unit behind it, or its name, of so many letters at least, before it. */
        private boolean isAlone(int i, boolean unitTells, int letters) {
            if (isWord(i - 1)
                    || isWord(i + 1)
                    || begins.containsKey(i)
                            && NUMBER_BEHIND
                                    .matcher(text)
                                    .region(i + 1, text.length())
                                    .lookingAt()) {
                return false;
            }
            boolean behindAPoint = at(i - 1) == '.' && !isWord(i - 2);
            return unitTells && at(i + 1) != '.' && unitBehind(i + 1).isPresent()
                    || nameBefore(behindAPoint ? i - 1 : i)
                            .filter(n ->
                                    n.text().chars().filter(Character::isLetter).count() >= letters)
                            .isPresent();
        }

        /** A word of digits with a letter for the first or the last of them, and no frame. */
        private boolean isOfANumber(int i) {
            int from = i;
            int to = i + 1;
            while (isWord(from - 1) && to - from <= LONGEST_NUMBER) {
                from--;
            }
            while ((isWord(to) || ".,".indexOf(at(to)) >= 0 && Character.isDigit(at(to + 1)))
                    && to - from <= LONGEST_NUMBER) {
                to++;
            }
            String word = text.substring(from, to);
            boolean like = LIKE_A_NUMBER.matcher(word).matches()
                    || LIKE_A_FRAME.matcher(word).matches() && nameBefore(from).isPresent();
            return like
                    && !FRAME.matcher(text.substring(Math.max(0, from - REACH), from))
                            .find();
        }

        private Optional<Scratched> of(int from, int to) {
            // a name right behind a number is that number's unit, one behind a point a part of an abbreviation
            Optional<FigureToken> name =
                    nameBefore(from).filter(n -> !isWord(n.start() - 1) && at(n.start() - 1) != '.');
            boolean behindAUnit = Optional.ofNullable(ends.get(from))
                    .filter(n -> Character.isDigit(at(n.start() - 1)))
                    .isPresent();
            if (Character.isLetter(at(from - 1)) && name.isEmpty() && !behindAUnit) {
                return Optional.empty();
            }
            int start = from;
            while (start < to && isLeader(start, to, Character.isLetter(at(from - 1)) && dotted)) {
                start++;
            }
            int end = withoutRules(start, to);
            String figure = text.substring(start, end);
            // the numerator is gone; behind a unit it is only the other part of a pair
            boolean half = figure.startsWith("/") && (start > from || !isWord(from - 1));
            boolean gap = half || figure.chars().anyMatch(c -> GAPS.indexOf(c) >= 0 || Character.isLetter(c));
            Matcher capacitor = OF_CAPACITOR.matcher(text).region(end, text.length());
            boolean ofCapacitor = capacitor.lookingAt();
            Optional<FigureToken> unit = unitBehind(end).filter(u -> name.isEmpty() || !namesFirst);
            boolean named = name.isPresent() && unit.isEmpty() && !ofCapacitor;
            boolean alone = unit.isEmpty() && !named && !ofCapacitor;
            if (!gap || figure.equals("/") || alone && figure.chars().noneMatch(Character::isDigit)) {
                return Optional.empty();
            }
            Optional<Kind> kind = unit.or(() -> named ? name : Optional.empty())
                    .flatMap(FigureToken::name)
                    .map(Name::kind);
            return Optional.of(new Scratched(
                    named ? name.orElseThrow().start() : start,
                    ofCapacitor ? capacitor.end() : unit.map(FigureToken::end).orElse(end),
                    figure,
                    kind,
                    alone));
        }

        /** Where a figure ends: dots, hyphens and rows of rules behind it are not its own. */
        private int withoutRules(int start, int to) {
            int end = to;
            while (end > start && ".,–-".indexOf(at(end - 1)) >= 0) {
                end--;
            }
            int rules = end;
            while (rules > start && at(rules - 1) == '_') {
                rules--;
            }
            return end - rules < LEADER ? end : rules;
        }

        /**
         * Dots, hyphens and rules that lead from a name to its figure.
         *
         * @param leads a name stands right before, on a plate that has such leaders
         */
        private boolean isLeader(int i, int to, boolean leads) {
            char c = at(i);
            if (c != '_' && c != '…') {
                return ".–-".indexOf(c) >= 0 && !(c == '.' && Character.isDigit(at(i + 1)));
            }
            int from = i;
            while (at(from - 1) == c && i - from < LEADER) {
                from--;
            }
            int end = i;
            while (end < to && at(end) == c && end - from < LEADER) {
                end++;
            }
            int rules = end - from;
            boolean isGap = c == '_' || rules == 2 && !doubleDots || ".,/".indexOf(at(end)) >= 0;
            if (rules < LEADER && isGap) {
                return false;
            }
            return c == '_' || leads && at(i - 1) != '.' || at(i - 1) == c;
        }
    }
}
