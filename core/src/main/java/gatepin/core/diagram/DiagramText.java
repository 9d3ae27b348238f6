package gatepin.core.diagram;

import gatepin.core.circuit.Marks;
import gatepin.core.plate.VoltageRange;
import gatepin.core.rotation.StatedRotation.Direction;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Reads a connection diagram typed the way plates write it: "LOW VOLTS L1: T1-T3-T5, L2: T2-T4-T8. HIGH VOLTS L1: T1, L2:
 * T4-T8, T2-T3-T5 TOGETHER. TO REVERSE INTERCHANGE T5 AND T8." Columns by voltage or by rotation are told apart; nothing
 * typed makes it fail.
 */
public final class DiagramText {
    private static final Pattern TOKEN = Pattern.compile(
            "(?<low>\\bLOW(?:ER)?\\s*(?:VOLT(?:AGE|S)?|V)?\\b)"
                    + "|(?<high>\\bHIGH(?:ER)?\\s*(?:VOLT(?:AGE|S)?|V)?\\b)"
                    + "|(?<volts>\\b\\d{2,3}\\s*V(?:OLTS?|AC)?\\b)"
                    + "|(?<ccw>\\b(?:C\\.?C\\.?W\\b\\.?|COUNTER[\\s-]?CLOCKWISE|ANTI[\\s-]?CLOCKWISE|ACW\\b))"
                    + "|(?<cw>\\b(?:C\\.?W\\b\\.?|CLOCKWISE)(?:\\s*ROT(?:ATION|\\.)?)?)"
                    + "|(?<reverse>\\b(?:(?:TO|FOR)\\s+(?:THE\\s+)?(?:REV(?:ERSE|\\.)?|OPP(?:OSITE)?\\.?|CHANGE)\\s*(?:ROT(?:ATION|\\.)?|DIRECTION)?[,:\\s]*)?"
                    + "(?:INTERCHANGE|REVERSE|EXCHANGE|SWAP|TRANSPOSE|INT\\.?CHG\\.?|REV\\b\\.?)(?:\\s*(?:LEADS?|WIRES?))?)"
                    + "|(?<arrow><->|<=>|⇄|↔)"
                    + "|(?<line1>\\b(?:LINE\\s*(?:1|A|ONE)|L\\s?1|LINE\\s+HOT|HOT)\\b)"
                    + "|(?<line2>\\b(?:LINE\\s*(?:2|B|TWO)|L\\s?2|NEUTRAL|N)\\b)"
                    + "|(?<joined>\\b(?:TOGETHER|JOIN(?:ED)?|TIED?|INS(?:ULATED?|\\.)?|SPLICED?|CONNECT(?:ED)?(?:\\s+TOGETHER)?|CAP(?:PED)?\\s+OFF|BRIDGED?)\\b\\.?)"
                    + "|(?<word>[\\p{L}\\p{N}][\\p{L}\\p{N}/']*)"
                    + "|(?<stop>[;.\\n|]+)"
                    + "|(?<comma>,)",
            Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    private static final Pattern LEAD = Pattern.compile("(?:[TPUVWZ]\\d{1,2}|[RSCMA][12]?)", Pattern.CASE_INSENSITIVE);
    private static final Pattern LEADS_FOLLOW =
            Pattern.compile("\\s*[:=-]?\\s*(?:[TPUVWZ]?\\d|[RSCMA][12]?\\b)", Pattern.CASE_INSENSITIVE);
    private static final Set<String> NOISE = Set.of(
            "AND",
            "TO",
            "THE",
            "WITH",
            "LEAD",
            "LEADS",
            "CONNECT",
            "CONNECTION",
            "ROTATION",
            "ROT",
            "VOLTAGE",
            "VOLTS",
            "LINE",
            "LINES",
            "FOR",
            "OF",
            "ON",
            "DIAGRAM",
            "WIRING",
            "FACING",
            "SHAFT",
            "END",
            "OPPOSITE",
            "OPE");

    private enum What {
        NOTHING,
        LINE1,
        LINE2,
        JOINED,
        SWAP
    }

    /**
     * One column as read.
     *
     * @param heading what stands above it, such as 230 V or CW; blank where nothing does
     * @param volts its voltage, if the heading names it in figures
     * @param low whether the heading says low or high; empty where it says neither
     * @param direction the rotation it is for; not stated where the heading is silent
     */
    public record Column(
            String heading,
            Optional<Integer> volts,
            Optional<Boolean> low,
            Direction direction,
            SortedSet<String> line1,
            SortedSet<String> line2,
            List<SortedSet<String>> joined,
            Optional<Connection.Swap> swap) {

        /** The column in the fields of the form. */
        public ConnectionReader.Typed fields(String otherwiseVolts) {
            return new ConnectionReader.Typed(
                    volts.map(String::valueOf).orElse(otherwiseVolts),
                    String.join(" ", line1),
                    String.join(" ", line2),
                    joined.stream().map(g -> String.join(" ", g)).collect(Collectors.joining("\n")),
                    swap.map(s -> s.first() + " " + s.second()).orElse(""));
        }

        /** Every lead the column names. */
        public SortedSet<String> leads() {
            SortedSet<String> all = new TreeSet<>(Marks.NATURAL_ORDER);
            all.addAll(line1);
            all.addAll(line2);
            joined.forEach(all::addAll);
            return all;
        }
    }

    private static final class Draft {
        private String heading = "";
        private Optional<Integer> volts = Optional.empty();
        private Optional<Boolean> low = Optional.empty();
        private Direction direction = Direction.NOT_STATED;
        private final SortedSet<String> line1 = new TreeSet<>(Marks.NATURAL_ORDER);
        private final SortedSet<String> line2 = new TreeSet<>(Marks.NATURAL_ORDER);
        private final List<SortedSet<String>> joined = new ArrayList<>();

        boolean isEmpty() {
            return line1.isEmpty() && line2.isEmpty() && joined.isEmpty();
        }
    }

    private final Collection<String> known;
    private final List<Draft> drafts = new ArrayList<>(List.of(new Draft()));
    private final List<String> doubts = new ArrayList<>();
    private Optional<Connection.Swap> swap = Optional.empty();
    private What what = What.NOTHING;
    private final List<String> leads = new ArrayList<>();
    private boolean afterComma;
    /** How many leads of the statement at hand stood before its last comma. */
    private int lastComma;

    private DiagramText(Collection<String> known) {
        this.known = known;
    }

    /**
     * Reads a diagram.
     *
     * @param knownLeads marks of leads written down already; others are known by their form, as T1 or U2
     */
    public static DiagramText read(String typed, Collection<String> knownLeads) {
        DiagramText text = new DiagramText(knownLeads);
        text.scan(typed.length() > 3000 ? typed.substring(0, 3000) : typed);
        return text;
    }

    private Draft now() {
        return drafts.get(drafts.size() - 1);
    }

    private void scan(String text) {
        Matcher token = TOKEN.matcher(text);
        while (token.find()) {
            String word = token.group();
            if (token.group("word") != null) {
                word(word);
            } else if (token.group("comma") != null) {
                afterComma = true;
                lastComma = leads.size();
                continue;
            } else if (token.group("stop") != null) {
                flush();
            } else if (token.group("arrow") != null) {
                if (what == What.NOTHING) {
                    what = What.SWAP;
                }
            } else if (token.group("joined") != null) {
                joinedWord(LEADS_FOLLOW.matcher(text.substring(token.end())).lookingAt());
            } else if (token.group("line1") != null) {
                line(What.LINE1);
            } else if (token.group("line2") != null) {
                line(What.LINE2);
            } else if (token.group("reverse") != null) {
                flush();
                what = What.SWAP;
            } else {
                heading(token, word);
            }
            afterComma = false;
        }
        flush();
        drafts.removeIf(Draft::isEmpty);
    }

    private void word(String word) {
        Optional<String> lead = lead(word);
        if (lead.isPresent()) {
            leads.add(lead.orElseThrow());
        } else if (!NOISE.contains(word.toUpperCase(Locale.ROOT))) {
            doubts.add(word);
        }
    }

    /** A known mark, a mark by its form, or a bare number, which plates write for T1 to T9. */
    private Optional<String> lead(String word) {
        for (String mark : known) {
            if (mark.equalsIgnoreCase(word) || mark.equalsIgnoreCase("T" + word)) {
                return Optional.of(mark);
            }
        }
        if (word.matches("[1-9]")) {
            return Optional.of("T" + word);
        }
        return LEAD.matcher(word).matches() ? Optional.of(word.toUpperCase(Locale.ROOT)) : Optional.empty();
    }

    /** "T2 T3 T5 TOGETHER" names the group before the word, back to a comma; "INS: T2 T3 T5" names it after. */
    private void joinedWord(boolean leadsFollow) {
        if (leadsFollow || leads.isEmpty()) {
            flush();
            what = What.JOINED;
            return;
        }
        if (what != What.NOTHING && lastComma > 0 && leads.size() - lastComma > 1) {
            List<String> group = List.copyOf(leads.subList(lastComma, leads.size()));
            leads.subList(lastComma, leads.size()).clear();
            flush();
            leads.addAll(group);
            what = What.JOINED;
        } else if (what == What.NOTHING) {
            what = What.JOINED;
        }
        flush();
    }

    /** "T1 T3 TO L1" names the group before the line, "L1: T1 T3" after it; a comma before the line ends a group. */
    private void line(What line) {
        if (what == What.NOTHING && !leads.isEmpty() && !afterComma) {
            what = line;
            flush();
        } else {
            flush();
            what = line;
        }
    }

    private void heading(Matcher token, String word) {
        flush();
        Draft draft = now();
        if (!draft.isEmpty()) {
            Draft fresh = new Draft();
            boolean rotation = token.group("cw") != null || token.group("ccw") != null;
            if (rotation) {
                // the next rotation of the same voltage
                fresh.volts = draft.volts;
                fresh.low = draft.low;
                fresh.heading = draft.direction == Direction.NOT_STATED ? draft.heading : voltsOf(draft);
            }
            drafts.add(fresh);
            draft = fresh;
        }
        if (token.group("low") != null) {
            draft.low = Optional.of(true);
        } else if (token.group("high") != null) {
            draft.low = Optional.of(false);
        } else if (token.group("volts") != null) {
            draft.volts = Optional.of(Integer.parseInt(word.replaceAll("\\D", "")));
        } else {
            draft.direction = token.group("cw") != null ? Direction.CLOCKWISE : Direction.COUNTER_CLOCKWISE;
        }
        draft.heading = (draft.heading + " " + word.strip()).strip();
    }

    private static String voltsOf(Draft draft) {
        return draft.volts
                .map(v -> v + " V")
                .orElse(draft.low.map(l -> l ? "low" : "high").orElse(""));
    }

    private void flush() {
        if (leads.isEmpty()) {
            what = What.NOTHING;
            return;
        }
        Draft draft = now();
        switch (what) {
            case LINE1 -> draft.line1.addAll(leads);
            case LINE2 -> draft.line2.addAll(leads);
            case SWAP -> {
                if (leads.size() >= 2) {
                    swap = Optional.of(new Connection.Swap(leads.get(0), leads.get(1)));
                } else {
                    doubts.add(leads.get(0));
                }
            }
            default -> {
                if (leads.size() > 1) {
                    SortedSet<String> group = new TreeSet<>(Marks.NATURAL_ORDER);
                    group.addAll(leads);
                    draft.joined.add(group);
                } else {
                    doubts.add(leads.get(0));
                }
            }
        }
        leads.clear();
        lastComma = 0;
        what = What.NOTHING;
    }

    /** The columns in the order of the text; two for the two rotations of one voltage become one with its swap. */
    public List<Column> columns() {
        List<Column> columns = new ArrayList<>();
        for (Draft draft : drafts) {
            Column column = new Column(
                    draft.heading,
                    draft.volts,
                    draft.low,
                    draft.direction,
                    draft.line1,
                    draft.line2,
                    draft.joined,
                    swap);
            Optional<Column> opposite = columns.stream()
                    .filter(c -> c.volts().equals(column.volts())
                            && c.low().equals(column.low())
                            && c.direction() == column.direction().opposite()
                            && c.direction() != Direction.NOT_STATED)
                    .findFirst();
            if (opposite.isPresent()) {
                int at = columns.indexOf(opposite.orElseThrow());
                columns.set(at, withSwap(opposite.orElseThrow(), column));
            } else {
                columns.add(column);
            }
        }
        return columns;
    }

    /** The two leads that change places between two rotations. */
    private static Column withSwap(Column one, Column other) {
        List<String> moved = new ArrayList<>();
        for (String lead : one.leads()) {
            if (!partners(one, lead).equals(partners(other, lead))) {
                moved.add(lead);
            }
        }
        for (String first : moved) {
            for (String second : moved) {
                if (first.compareTo(second) < 0) {
                    Connection.Swap swap = new Connection.Swap(first, second);
                    Connection connection = new Connection(0, one.line1(), one.line2(), one.joined(), swap);
                    Connection wanted = new Connection(0, other.line1(), other.line2(), other.joined(), swap);
                    if (connection.reversed().marks().equals(wanted.marks())) {
                        return new Column(
                                one.heading(),
                                one.volts(),
                                one.low(),
                                one.direction(),
                                one.line1(),
                                one.line2(),
                                one.joined(),
                                Optional.of(swap));
                    }
                }
            }
        }
        return one;
    }

    private static Set<String> partners(Column column, String lead) {
        if (column.line1().contains(lead)) {
            return Set.of("L1");
        }
        if (column.line2().contains(lead)) {
            return Set.of("L2");
        }
        return column.joined().stream()
                .filter(g -> g.contains(lead))
                .findFirst()
                .<Set<String>>map(g -> g)
                .orElse(Set.of());
    }

    /** Words that were not understood. */
    public List<String> doubts() {
        return List.copyOf(doubts);
    }

    /** The column for a voltage: by its figures, by low or high, or the only one. */
    public Optional<Column> columnFor(int volts, List<Integer> plateVolts) {
        List<Column> all = columns();
        boolean low = VoltageRange.isLower(volts, plateVolts);
        boolean high = VoltageRange.isHigher(volts, plateVolts);
        return all.stream()
                .filter(c -> c.volts().equals(Optional.of(volts))
                        || (c.volts().isEmpty()
                                && c.low().map(l -> l ? low : high).orElse(false)))
                .findFirst()
                .or(() -> all.size() == 1 ? Optional.of(all.get(0)) : Optional.empty());
    }
}
