package gatepin.core.plate;

import gatepin.core.plate.PlatePiece.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A word of a plate as far as figures are concerned: a number or several, the name or unit of a figure, or something else.
 *
 * @param start where it begins in the text
 * @param end where it ends
 * @param text the word itself; of several numbers with a unit on each, the numbers alone
 * @param name what it names, where it is the name or unit of a figure
 * @param ownUnit the unit that a number brings along on each of its parts: 115V/230V
 */
record FigureToken(int start, int end, String text, Optional<Name> name, Optional<Name> ownUnit) {
    private static final String NUMBER = "(?:\\d{1,4}(?:[.,]\\d{1,3})?|\\.\\d{1,3})(?![.,]?\\d)";
    private static final String MIXED = "\\d[ -]\\d/\\d{1,2}(?![\\d.,])";
    private static final String STROKE = "\\s{0,2}(?:[-–/&]|\\bOR\\b)\\s{0,2}";
    private static final int FLAGS = Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE | Pattern.UNICODE_CHARACTER_CLASS;
    private static final Pattern NUMBERS =
            Pattern.compile("(?:" + MIXED + ")|" + NUMBER + "(?:" + STROKE + NUMBER + "){0,4}", FLAGS);
    private static final Pattern ONE = Pattern.compile(NUMBER, FLAGS);
    private static final Pattern STROKES = Pattern.compile(STROKE, FLAGS);
    /** The comma of a decimal number is a part of its word. */
    private static final Pattern WORD = Pattern.compile("(?:[^\\s,;|]|(?<=\\d),(?=\\d))+");

    /**
     * The name or unit of a figure.
     *
     * @param kind the figure
     * @param unit its unit in one notation, such as hp, kW, W or PS; blank where the kind has only one
     * @param before it may stand before its number
     * @param after it may stand behind its number
     */
    record Name(Kind kind, String unit, boolean before, boolean after) {}

    private record Spelling(Pattern pattern, Name name, boolean glued) {}

    /** Longer spellings first; the first that fits at a place is taken. */
    private static final List<Spelling> SPELLINGS = List.of(
            spelling("(?:FULL[\\s-]LOAD|F\\.?\\s?L\\.?)\\s(?:R\\.?P\\.?M\\.?|SPEED)", Kind.SPEED, "", true, false),
            spelling("(?:FULL[\\s-]LOAD|F\\.?\\s?L\\.?)\\s?(?:AMPS?|A\\b\\.?)", Kind.AMPS, "", true, true),
            spelling("R\\.?L\\.?A\\.?", Kind.AMPS, "", true, false),
            spelling("AMPS?\\.?\\s(?:FULL[\\s-]LOAD|F\\.?\\s?L\\.?)", Kind.AMPS, "", true, false),
            spelling(
                    "(?:REV|R|U|TR|T|1|I|GIRI|G|OMW|RPM)?/MIN\\.?|MIN(?:\\.|⁻|\\^)?(?:-1|-¹|⁻1|⁻¹|¹)",
                    Kind.SPEED,
                    "",
                    true,
                    true),
            spelling("R\\.?\\s?P\\.?\\s?M\\.?|REVS?\\.?", Kind.SPEED, "", true, true),
            spelling("SPEED|DREHZAHL|VITESSE|N[N1]?", Kind.SPEED, "", true, false),
            spelling("H\\.?\\s?P\\.?|HORSE\\s?POWER", Kind.OUTPUT, "hp", true, true),
            spelling("K\\.?W\\.?", Kind.OUTPUT, "kW", true, true),
            spelling("WATTS?|W", Kind.OUTPUT, "W", true, true),
            spelling("C\\.?V\\.?|P\\.?S\\.?|CH", Kind.OUTPUT, "PS", true, true),
            spelling("V(?:OLTS?|\\.)?(?:\\s?(?:A\\.?C\\.?|~))?", Kind.VOLTS, "", true, true),
            spelling("VOLTAGE|SPANNUNG|TENSION|U[N1]?", Kind.VOLTS, "", true, false),
            spelling("A(?:MP(?:ERE)?S?)?\\.?", Kind.AMPS, "", true, true),
            spelling("AMPERAGE|CURRENT|STROM|COURANT|I[N1]?", Kind.AMPS, "", true, false),
            spelling(
                    "H(?:ERT)?Z\\.?|CICL(?:I|OS)|CY(?:C(?:LES?)?)?\\.?|C\\.?P\\.?S\\.?|C/S",
                    Kind.FREQUENCY,
                    "",
                    true,
                    true),
            spelling("FREQ(?:UENCY|UENZ)?\\.?|F", Kind.FREQUENCY, "", true, false),
            spelling("PH(?:ASES?|S)?\\.?|Ø|ϕ|φ|~", Kind.PHASE, "", true, true));

    private static Spelling spelling(String pattern, Kind kind, String unit, boolean before, boolean after) {
        // a bare letter before digits is as likely a mark: U1, N4, F2
        boolean glued = after || pattern.startsWith("(?:FULL");
        return new Spelling(Pattern.compile(pattern, FLAGS), new Name(kind, unit, before, after), glued);
    }

    boolean isNumber() {
        return name.isEmpty() && !text.isEmpty() && ONE.matcher(text).lookingAt();
    }

    /** The words of a text where nothing else has taken them; what has is a gap that nothing reaches across. */
    static List<FigureToken> of(String text, boolean[] taken) {
        List<FigureToken> tokens = new ArrayList<>();
        int at = 0;
        while (at < text.length()) {
            char c = text.charAt(at);
            if (taken[at]) {
                int end = at;
                while (end < text.length() && taken[end]) {
                    end++;
                }
                tokens.add(other(at, end, ""));
                at = end;
            } else if (Character.isLetterOrDigit(c) || "~Ø./".indexOf(c) >= 0 && startsSomething(text, at)) {
                FigureToken token = at(text, at, taken);
                tokens.add(token);
                at = token.end();
            } else {
                at++;
            }
        }
        return merged(tokens, text);
    }

    private static boolean startsSomething(String text, int at) {
        return name(text, at).isPresent()
                || text.charAt(at) == '.'
                        && at + 1 < text.length()
                        && Character.isDigit(text.charAt(at + 1))
                        && (at == 0 || !Character.isDigit(text.charAt(at - 1)) && text.charAt(at - 1) != '.');
    }

    private static FigureToken other(int start, int end, String text) {
        return new FigureToken(start, end, text, Optional.empty(), Optional.empty());
    }

    private static FigureToken at(String text, int at, boolean[] taken) {
        Optional<FigureToken> name = name(text, at);
        if (name.isPresent()) {
            return name.orElseThrow();
        }
        Matcher numbers = NUMBERS.matcher(text).region(at, text.length());
        int end = numbers.lookingAt() ? untaken(at, numbers.end(), taken) : at;
        boolean alone = end > at
                && (end == text.length()
                        || !Character.isLetterOrDigit(text.charAt(end))
                        || name(text, end).isPresent());
        if (alone) {
            return other(at, end, text.substring(at, end));
        }
        Matcher word = WORD.matcher(text).region(at, text.length());
        int to = word.lookingAt() ? untaken(at, word.end(), taken) : at + 1;
        // its letters are not those of a number
        return other(at, Math.max(to, at + 1), " " + text.substring(at, Math.max(to, at + 1)));
    }

    private static int untaken(int from, int to, boolean[] taken) {
        int end = from;
        while (end < to && !taken[end]) {
            end++;
        }
        return end;
    }

    /** The name or unit of a figure that stands there by itself, or with digits at it. */
    static Optional<FigureToken> name(String text, int at) {
        if (at > 0 && Character.isLetter(text.charAt(at - 1))) {
            return Optional.empty();
        }
        Optional<FigureToken> longest = Optional.empty();
        for (Spelling spelling : SPELLINGS) {
            Matcher matcher = spelling.pattern().matcher(text).region(at, text.length());
            if (!matcher.lookingAt() || matcher.end() == at) {
                continue;
            }
            int end = withoutPoint(text, at, matcher.end());
            boolean stands = end == text.length()
                    || !Character.isLetterOrDigit(text.charAt(end))
                    || text.charAt(end - 1) == '.' && !Character.isLetter(text.charAt(end))
                    || spelling.glued() && Character.isDigit(text.charAt(end));
            if (stands && longest.map(l -> l.end() < end).orElse(true)) {
                longest = Optional.of(new FigureToken(
                        at, end, text.substring(at, end), Optional.of(spelling.name()), Optional.empty()));
            }
        }
        return longest;
    }

    /** The point of HP.5 may be the number's own: it is left to it, unless the name is written with points. */
    private static int withoutPoint(String text, int start, int end) {
        boolean point = end - 1 > start
                && text.charAt(end - 1) == '.'
                && end < text.length()
                && Character.isDigit(text.charAt(end))
                && text.indexOf('.', start) == end - 1;
        return point ? end - 1 : end;
    }

    /** Numbers with a unit on each part are one figure: 115V/230V, 8.6A or 4.3A. */
    private static List<FigureToken> merged(List<FigureToken> tokens, String text) {
        List<FigureToken> merged = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            FigureToken token = tokens.get(i);
            int next = i + 1;
            if (token.isNumber() && unitOf(tokens, i).isPresent()) {
                Name unit = unitOf(tokens, i).orElseThrow();
                StringBuilder numbers = new StringBuilder(token.text());
                int last = i;
                while (last + 3 < tokens.size()
                        && tokens.get(last + 2).isNumber()
                        && unitOf(tokens, last + 2).equals(Optional.of(unit))
                        && STROKES.matcher(text.substring(
                                        tokens.get(last + 1).end(),
                                        tokens.get(last + 2).start()))
                                .matches()) {
                    numbers.append(stroke(text.substring(
                            tokens.get(last + 1).end(), tokens.get(last + 2).start())));
                    numbers.append(tokens.get(last + 2).text());
                    last += 2;
                }
                if (last > i) {
                    token = new FigureToken(
                            token.start(),
                            tokens.get(last + 1).end(),
                            numbers.toString(),
                            Optional.empty(),
                            Optional.of(unit));
                    next = last + 2;
                }
            }
            merged.add(token);
            i = next - 1;
        }
        return merged;
    }

    private static String stroke(String between) {
        return between.contains("-") || between.contains("–") ? "-" : "/";
    }

    /** The unit close behind a number. */
    private static Optional<Name> unitOf(List<FigureToken> tokens, int number) {
        return number + 1 < tokens.size()
                        && tokens.get(number + 1).start() - tokens.get(number).end() <= 1
                ? tokens.get(number + 1).name().filter(Name::after)
                : Optional.empty();
    }
}
