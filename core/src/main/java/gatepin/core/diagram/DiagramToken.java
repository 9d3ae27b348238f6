package gatepin.core.diagram;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A word or sign of a diagram in words.
 *
 * @param kind what it is
 * @param text the mark of a lead, the line's number, or the word as it stands
 */
record DiagramToken(Kind kind, String text) {
    /** What a word of a diagram can be. */
    enum Kind {
        LEAD,
        /** A line, its number as the text; 0 where it says only that it is one. */
        LINE,
        /** Leads are joined: together, tie, insulated. */
        JOIN,
        /** Leads are insulated each by itself. */
        APART,
        /** Two leads change places for the other rotation. */
        SWAP,
        LOW,
        HIGH,
        VOLTS,
        CW,
        CCW,
        /** The two ways of a switch as headings: which of them is clockwise is not said. */
        FORWARD,
        BACKWARD,
        /** Holds leads together: a hyphen, plus, ampersand, stroke. */
        GLUE,
        /** "To", or an arrow: what stands before goes to what stands behind. */
        TO,
        /** Two ends of an arrow: what stands on both sides changes places. */
        BOTH_WAYS,
        AND,
        /** A comma with no space behind it. */
        TIGHT_COMMA,
        COMMA,
        COLON,
        STOP,
        UNKNOWN
    }

    private static final Pattern TOKEN = Pattern.compile(
            "(?<low>\\bLOW(?:ER)?\\s?(?:VOLT(?:AGE|S)?\\b|V\\b)?)"
                    + "|(?<high>\\bHIGH(?:ER)?\\s?(?:VOLT(?:AGE|S)?\\b|V\\b)?)"
                    + "|(?<volts>\\b\\d{3}\\s?V(?:OLTS?|AC)?\\b)"
                    + "|(?<ccw>\\bC\\.?C\\.?W\\b\\.?|\\bCOUNTER[\\s-]?CLOCKWISE\\b|\\bANTI[\\s-]?CLOCKWISE\\b|\\bACW\\b)"
                    + "|(?<forward>\\bF(?:OR)?WA?R?D\\b(?=\\s?[:\\n]))"
                    + "|(?<backward>\\bREV(?:ERSE)?(?=\\s?:?\\s{0,3}(?:L\\s?[12]|LINE)\\b))"
                    + "|(?<cw>\\bC\\.?W\\b\\.?|\\bCLOCKWISE\\b)"
                    + "|(?<swap>\\b(?:(?:TO|FOR)\\s(?:THE\\s)?(?:REV(?:ERSE|ERSAL|\\.)?|OPP(?:OSITE)?\\.?|CHANGE)\\s?(?:ROT(?:ATION|\\.)?|DIRECTION)?[,:\\s]{0,3})?"
                    + "(?:INTERCHANG(?:E[DS]?|ING)|REVERS(?:E[DS]?|ING)|EXCHANG(?:ED?|ING)|SWAP(?:PED|PING)?|TRANSPOSED?|INT\\.?CHG\\.?|REV\\b\\.?))"
                    + "|(?<both><->|<=>|⇄|↔)"
                    + "|(?<to>->|=>|→|\\bTO\\b)"
                    + "|(?<line>\\bLINE\\s?(?:1|2|A|B|ONE|TWO)\\b|\\bL\\s?[12]\\b|\\bLINE\\s?HOT\\b|\\bHOT\\b|\\bNEUTRAL\\b|\\bN\\b|\\bL\\b(?=\\s?[:=])|\\bLINES?\\b|\\bMAINS\\b|\\bSUPPLY\\b)"
                    + "|(?<apart>\\bINS(?:ULATED?|\\.)?\\s(?:EACH\\s)?(?:SEPARATELY|INDIVIDUALLY|EACH)\\b|\\bCAP(?:PED)?\\sSEPARATELY\\b)"
                    + "|(?<join>\\b(?:(?:TIED?|JOIN(?:ED)?|CONNECT(?:ED)?|SPLICED?|TWIST(?:ED)?)\\sTOGETHER|TOGETHER|JOIN(?:ED)?|TIED?|INS(?:ULATED?|\\.)?|SPLICED?|CAP(?:PED)?\\s?(?:OFF)?|BRIDGED?|BRIDGES?|LINK(?:ED|S)?|STRAPS?|JUMPERS?)\\b\\.?)"
                    + "|(?<word>[\\p{L}\\p{N}][\\p{L}\\p{N}/']*)"
                    + "|(?<glue>[-–+&/×])"
                    + "|(?<tight>,(?=\\S))"
                    + "|(?<comma>,)"
                    + "|(?<colon>[:=])"
                    + "|(?<stop>[;.\\n|]+)",
            Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);

    private static final Pattern MARK =
            Pattern.compile("(?:[TPUVWZJC]\\d{1,2}|[RSMA][12]?|[BDKXY][1-9])", Pattern.CASE_INSENSITIVE);
    private static final String COLOUR =
            "(?:BLK|BLACK|BLU|BLUE|BRN|BROWN|GRY|GRAY|GREY|ORG|ORN|ORANGE|PNK|PINK|RED|VIO|VIOLET|PUR|PURPLE|WHT|WHITE|YEL|YELLOW)";
    private static final Pattern COLOURS = Pattern.compile(COLOUR + "(?:/" + COLOUR + ")?", Pattern.CASE_INSENSITIVE);
    private static final Set<String> SECOND = Set.of("2", "B", "TWO", "NEUTRAL", "N");
    private static final Set<String> NOISE = Set.of(
            "THE",
            "WITH",
            "LEAD",
            "LEADS",
            "WIRE",
            "WIRES",
            "CONNECT",
            "CONNECTION",
            "CONNECTIONS",
            "ROTATION",
            "ROT",
            "VOLTAGE",
            "VOLTS",
            "FOR",
            "OF",
            "ON",
            "DIAGRAM",
            "WIRING",
            "FACING",
            "SHAFT",
            "LEADEND",
            "END",
            "OPPOSITE",
            "PULLEY",
            "DRIVE",
            "VIEWED",
            "SEEN",
            "FROM",
            "OPE",
            "ODE",
            "SE",
            "MOTOR",
            "RUN",
            "RUNS",
            "DIRECTION",
            "TERMINAL",
            "TERMINALS",
            "STUD",
            "STUDS",
            "OTHER",
            "BY",
            "CONN",
            "TAPE",
            "TAPED",
            "GET",
            "GETS",
            "GOES",
            "GO",
            "IN",
            "HORIZONTAL",
            "VERTICAL");

    boolean is(Kind... kinds) {
        for (Kind k : kinds) {
            if (kind == k) {
                return true;
            }
        }
        return false;
    }

    /** The words and signs of a text. */
    static List<DiagramToken> of(String text, Collection<String> known) {
        String plain = PlainWords.of(text);
        boolean tight =
                TIGHT_STOP.matcher(plain).find() && !LOOSE_STOP.matcher(plain).find();
        String counted = tight ? TIGHT_STOP.matcher(plain).replaceAll(",") : plain;
        return withoutColours(withLine(pairsApart(cut(counted, known))));
    }

    /** T1;T3;T5: where no semicolon has a space behind it, they count leads up. */
    private static final Pattern TIGHT_STOP =
            Pattern.compile("(?<=[A-Z0-9]);(?=[TUVZPWRS]?\\d)", Pattern.CASE_INSENSITIVE);

    private static final Pattern LOOSE_STOP = Pattern.compile(";\\s");

    /** BLK/RED is one lead with a tracer, unless BLK and RED are leads of this motor and nothing else speaks of BLK/RED. */
    private static List<DiagramToken> pairsApart(List<DiagramToken> tokens) {
        List<DiagramToken> apart = new ArrayList<>();
        for (DiagramToken token : tokens) {
            int stroke = token.is(Kind.LEAD) ? token.text().indexOf('/') : -1;
            List<DiagramToken> two = stroke < 0
                    ? List.of()
                    : List.of(
                            new DiagramToken(Kind.LEAD, token.text().substring(0, stroke)),
                            new DiagramToken(Kind.LEAD, token.text().substring(stroke + 1)));
            boolean once = tokens.stream().filter(token::equals).count() == 1;
            if (!two.isEmpty() && once && tokens.containsAll(two)) {
                apart.addAll(List.of(two.get(0), new DiagramToken(Kind.GLUE, "/"), two.get(1)));
            } else {
                apart.add(token);
            }
        }
        return apart;
    }

    /** Where the second line is the neutral, an L by itself is the other one. */
    private static List<DiagramToken> withLine(List<DiagramToken> tokens) {
        boolean neutral =
                tokens.stream().anyMatch(t -> t.is(Kind.LINE) && t.text().equals("2"));
        return !neutral
                ? tokens
                : tokens.stream()
                        .map(t -> t.is(Kind.UNKNOWN) && t.text().equalsIgnoreCase("L")
                                ? new DiagramToken(Kind.LINE, "1")
                                : t)
                        .toList();
    }

    /**
     * Marks with their colours beside them, as T1 BLU or 1-BLU: the colour says how the lead looks, and is no lead of its own. Only
     * where every colour stands beside a mark, always the same one.
     */
    private static List<DiagramToken> withoutColours(List<DiagramToken> tokens) {
        List<DiagramToken> left = new ArrayList<>();
        Map<String, String> markOf = new HashMap<>();
        for (DiagramToken token : tokens) {
            if (!token.isColour()) {
                left.add(token);
                continue;
            }
            int last = left.size() - 1;
            boolean glued = last > 0 && left.get(last).is(Kind.GLUE);
            DiagramToken before = last < 0 ? token : left.get(glued ? last - 1 : last);
            String mark = before.is(Kind.LEAD) ? before.text() : "";
            if (mark.isEmpty()
                    || !markOf.computeIfAbsent(token.text(), k -> mark).equals(mark)) {
                return tokens;
            }
            if (glued) {
                left.remove(last);
            }
        }
        boolean each = markOf.values().stream().distinct().count() == markOf.size()
                && left.stream().filter(t -> t.is(Kind.LEAD)).allMatch(t -> markOf.containsValue(t.text()));
        return markOf.size() > 1 && each ? left : tokens;
    }

    private boolean isColour() {
        return is(Kind.LEAD) && COLOURS.matcher(text).matches();
    }

    private static List<DiagramToken> cut(String text, Collection<String> known) {
        List<DiagramToken> tokens = new ArrayList<>();
        Matcher matcher = TOKEN.matcher(text);
        while (matcher.find()) {
            String word = matcher.group();
            if (matcher.group("word") != null
                    && word.contains("/")
                    && lead(word, known).isEmpty()) {
                // T1/T3 are two leads, BLK/YEL is one
                apart(word, known, tokens);
            } else {
                token(matcher, known).ifPresent(tokens::add);
            }
        }
        return tokens;
    }

    private static void apart(String word, Collection<String> known, List<DiagramToken> tokens) {
        for (String part : word.split("/")) {
            if (!tokens.isEmpty() && tokens.get(tokens.size() - 1).is(Kind.LEAD)) {
                tokens.add(new DiagramToken(Kind.GLUE, "/"));
            }
            tokens.addAll(cut(part, known));
        }
    }

    private static Optional<DiagramToken> token(Matcher m, Collection<String> known) {
        String word = m.group();
        // a mark that is written down already is that, whatever else it could be
        Optional<String> marked =
                known.stream().filter(k -> k.equalsIgnoreCase(word)).findFirst();
        if (marked.isPresent()) {
            return Optional.of(new DiagramToken(Kind.LEAD, marked.orElseThrow()));
        }
        for (Kind kind : List.of(
                Kind.LOW,
                Kind.HIGH,
                Kind.VOLTS,
                Kind.CCW,
                Kind.CW,
                Kind.FORWARD,
                Kind.BACKWARD,
                Kind.SWAP,
                Kind.TO,
                Kind.APART,
                Kind.JOIN,
                Kind.GLUE,
                Kind.COMMA,
                Kind.COLON,
                Kind.STOP)) {
            if (m.group(kind.name().toLowerCase(Locale.ROOT)) != null) {
                return Optional.of(new DiagramToken(kind, word.strip()));
            }
        }
        if (m.group("both") != null) {
            return Optional.of(new DiagramToken(Kind.BOTH_WAYS, word));
        }
        if (m.group("tight") != null) {
            return Optional.of(new DiagramToken(Kind.TIGHT_COMMA, word));
        }
        if (m.group("line") != null) {
            return Optional.of(new DiagramToken(Kind.LINE, lineNumber(word)));
        }
        if (word.equalsIgnoreCase("AND")) {
            return Optional.of(new DiagramToken(Kind.AND, word));
        }
        Optional<String> lead = lead(word, known);
        if (lead.isPresent()) {
            return Optional.of(new DiagramToken(Kind.LEAD, lead.orElseThrow()));
        }
        return NOISE.contains(word.toUpperCase(Locale.ROOT))
                ? Optional.empty()
                : Optional.of(new DiagramToken(Kind.UNKNOWN, word));
    }

    private static String lineNumber(String word) {
        String upper = word.toUpperCase(Locale.ROOT);
        if (upper.matches("LINES?|MAINS|SUPPLY")) {
            return "0";
        }
        String last = upper.replaceFirst("^(?:LINE|L(?=\\s?[12]))\\s?", "");
        return SECOND.contains(last) ? "2" : "1";
    }

    /** A known mark, a mark by its form, a colour, or a bare number, which plates write for T1 to T9. */
    private static Optional<String> lead(String word, Collection<String> known) {
        for (String mark : known) {
            if (mark.equalsIgnoreCase(word) || mark.equalsIgnoreCase("T" + word)) {
                return Optional.of(mark);
            }
        }
        if (word.matches("[1-9]")) {
            return Optional.of("T" + word);
        }
        return MARK.matcher(word).matches() || COLOURS.matcher(word).matches()
                ? Optional.of(word.toUpperCase(Locale.ROOT))
                : Optional.empty();
    }
}
