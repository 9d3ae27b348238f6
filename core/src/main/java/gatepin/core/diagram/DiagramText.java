package gatepin.core.diagram;

import gatepin.core.circuit.Marks;
import gatepin.core.diagram.DiagramToken.Kind;
import gatepin.core.plate.VoltageRange;
import gatepin.core.rotation.StatedRotation.Direction;
import gatepin.core.rotation.StatedRotation.End;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
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
        /** Forward or backward, where the heading says one of them; blank otherwise. */
        private String way = "";

        private final List<DiagramToken> words = new ArrayList<>();
        private List<Statements.Statement> said = List.of();
        private Optional<Connection.Swap> swap = Optional.empty();
        private final SortedSet<String> line1 = new TreeSet<>(Marks.NATURAL_ORDER);
        private final SortedSet<String> line2 = new TreeSet<>(Marks.NATURAL_ORDER);
        private final List<SortedSet<String>> joined = new ArrayList<>();

        boolean isEmpty() {
            return line1.isEmpty() && line2.isEmpty() && joined.isEmpty();
        }

        boolean saysSomething() {
            return words.stream().anyMatch(w -> w.is(Kind.LEAD));
        }
    }

    /** CAPACITOR BETWEEN Z2 AND U2: these two are not joined. */
    private static final Pattern CAPACITOR = Pattern.compile(
            "\\bCAP(?:ACITOR|\\.)?\\s(?:BETWEEN|FROM|ACROSS)\\s(\\w{1,12})\\s?(?:AND|TO|&|-)\\s?(\\w{1,12})",
            Pattern.CASE_INSENSITIVE);

    /** CAP T6 T7: a capacitor, or a nut. Three are capped. */
    private static final Pattern CAP_OF_TWO = Pattern.compile(
            "\\bCAP(?:ACITOR|\\.)?\\s?:?\\s?([TPUVWZJ]\\d{1,2})\\s?(?:AND|[-–&,/])?\\s?([TPUVWZJ]\\d{1,2})(?!\\s?[-–&,/]?\\s?(?:AND\\s)?[TPUVWZJ]\\d)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern OPPOSITE_END = Pattern.compile(
            "\\bC?CW[-\\s]?(?:OPE|ODE|OSE|NDE|LE)\\b|\\b(?:OPE|ODE|OSE|NDE)\\b|\\bLEAD\\s?END\\b|\\bNON[-\\s]?DRIVE\\s?END\\b"
                    + "|\\bOPP(?:OSITE|\\.)?\\s(?:THE\\s)?(?:END\\s)?(?:OF\\s)?(?:THE\\s)?(?:SHAFT|PULLEY|DRIVE)(?:\\s(?:END|EXTENSION))?\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern SHAFT_END = Pattern.compile(
            "\\bC?CW[-\\s]?(?:SE|PE|DE)\\b|\\b(?:SHAFT|PULLEY|DRIVE)\\s?(?:END|EXTENSION)\\b|\\bFACING\\s(?:THE\\s)?(?:SHAFT|PULLEY)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final int LONGEST = 3000;
    private static final int MOST_WORDS = 500;

    private final List<Draft> drafts = new ArrayList<>(List.of(new Draft()));
    private final List<String> doubts = new ArrayList<>();
    private final List<String> questions = new ArrayList<>();
    private Optional<Connection.Swap> swap = Optional.empty();
    private Optional<End> seenFrom = Optional.empty();

    private DiagramText() {}

    /**
     * Reads a diagram.
     *
     * @param knownLeads marks of leads written down already; others are known by their form, as T1 or U2
     */
    public static DiagramText read(String typed, Collection<String> knownLeads) {
        DiagramText text = new DiagramText();
        List<DiagramToken> tokens = DiagramToken.of(
                CAPACITOR
                        .matcher(typed.length() > LONGEST ? typed.substring(0, LONGEST) : typed)
                        .replaceAll(" "),
                knownLeads);
        if (tokens.size() > MOST_WORDS || typed.length() > LONGEST) {
            text.questions.add("So long a text is read only in part. Write one column at a time.");
        }
        Set<End> ends = ends(typed);
        if (ends.size() > 1) {
            text.questions.add("Both ends are named: which one is the rotation seen from?");
        } else {
            text.seenFrom = ends.stream().findFirst();
        }
        Matcher capacitor = CAPACITOR.matcher(typed);
        while (capacitor.find()) {
            text.questions.add("A capacitor stands between " + capacitor.group(1) + " and " + capacitor.group(2)
                    + ". If it has leads of its own, write them as C1 and C2 where they go.");
        }
        Matcher cap = CAP_OF_TWO.matcher(typed);
        while (cap.find()) {
            text.questions.add(
                    cap.group(1) + " and " + cap.group(2)
                            + ": is there a capacitor between them, or are they capped? Write CAPACITOR BETWEEN, or INSULATED.");
        }
        text.columns(tokens.size() > MOST_WORDS ? tokens.subList(0, MOST_WORDS) : tokens);
        text.drafts.forEach(text::understand);
        text.drafts.removeIf(Draft::isEmpty);
        text.drafts.forEach(d -> text.unmentioned(d, knownLeads));
        text.drafts.forEach(text::withinAGroup);
        return text;
    }

    /** Cuts the words into columns at their headings. */
    private void columns(List<DiagramToken> tokens) {
        boolean inSwap = false;
        for (int i = 0; i < tokens.size(); i++) {
            DiagramToken token = tokens.get(i);
            if (token.is(Kind.SWAP)) {
                inSwap = true;
            } else if (token.is(Kind.STOP)) {
                inSwap = false;
            }
            if (!token.is(Kind.LOW, Kind.HIGH, Kind.VOLTS, Kind.CW, Kind.CCW, Kind.FORWARD, Kind.BACKWARD)) {
                drafts.get(drafts.size() - 1).words.add(token);
            } else if (token.is(Kind.CW, Kind.CCW) && inSwap) {
                // the rotation that the interchange gives, and no column of its own
            } else if (token.is(Kind.CW, Kind.CCW) && !opensColumn(tokens, i + 1)) {
                Draft draft = drafts.get(drafts.size() - 1);
                draft.direction = draft.direction == Direction.NOT_STATED ? direction(token) : draft.direction;
            } else {
                heading(token);
                inSwap = false;
            }
        }
    }

    /** After a heading come a colon, leads or a line; a rotation at a sentence's end says how what was said turns. */
    private static boolean opensColumn(List<DiagramToken> tokens, int from) {
        for (int i = from; i < tokens.size(); i++) {
            if (tokens.get(i).is(Kind.STOP) && i + 1 < tokens.size() && i > from) {
                return false;
            }
            if (tokens.get(i).is(Kind.LEAD, Kind.LINE, Kind.JOIN, Kind.COLON)) {
                return true;
            }
            if (tokens.get(i).is(Kind.SWAP)) {
                return false;
            }
        }
        return false;
    }

    private static Direction direction(DiagramToken token) {
        return token.is(Kind.CW) ? Direction.CLOCKWISE : Direction.COUNTER_CLOCKWISE;
    }

    private void heading(DiagramToken token) {
        Draft draft = drafts.get(drafts.size() - 1);
        if (draft.saysSomething()) {
            Draft fresh = new Draft();
            if (token.is(Kind.CW, Kind.CCW, Kind.FORWARD, Kind.BACKWARD)) {
                // the next rotation of the same voltage
                fresh.volts = draft.volts;
                fresh.low = draft.low;
                fresh.heading = draft.direction == Direction.NOT_STATED ? draft.heading : voltsOf(draft);
            }
            drafts.add(fresh);
            draft = fresh;
        }
        switch (token.kind()) {
            case LOW -> draft.low = Optional.of(true);
            case HIGH -> draft.low = Optional.of(false);
            case VOLTS ->
                draft.volts = Optional.of(Integer.parseInt(token.text().replaceAll("\\D", "")));
            case FORWARD, BACKWARD -> draft.way = token.kind().name();
            default -> draft.direction = direction(token);
        }
        draft.heading = (draft.heading + " " + token.text()).strip();
    }

    private static String voltsOf(Draft draft) {
        return draft.volts
                .map(v -> v + " V")
                .orElse(draft.low.map(l -> l ? "low" : "high").orElse(""));
    }

    private void understand(Draft draft) {
        Statements.Reading reading = Statements.read(draft.words);
        for (Statements.Statement statement : reading.said()) {
            switch (statement.what()) {
                case LINE1 -> draft.line1.addAll(statement.leads());
                case LINE2 -> draft.line2.addAll(statement.leads());
                case JOINED -> {
                    SortedSet<String> group = new TreeSet<>(Marks.NATURAL_ORDER);
                    group.addAll(statement.leads());
                    draft.joined.add(group);
                }
                case SWAP -> interchange(draft, statement.leads());
                default -> {
                    // each by itself is joined with nothing; a line without its number finds one below
                }
            }
        }
        lines(draft, reading.said());
        together(draft);
        if (!draft.isEmpty() && (draft.line1.isEmpty() || draft.line2.isEmpty())) {
            questions.add(
                    (draft.line1.isEmpty() && draft.line2.isEmpty()
                            ? "Which leads are on the lines?"
                            : "Only one line has leads. Which are on the other one?"));
        }
        doubts.addAll(reading.unknown());
        questions.addAll(reading.questions());
        draft.said = reading.said();
    }

    /** A lead of the motor that a column does not speak of. */
    private void unmentioned(Draft draft, Collection<String> known) {
        List<String> missing = known.stream()
                .filter(k -> draft.said.stream().noneMatch(s -> s.leads().contains(k)))
                .filter(k -> swap.stream()
                        .noneMatch(s -> s.first().equals(k) || s.second().equals(k)))
                .toList();
        if (!missing.isEmpty()) {
            questions.add(String.join(", ", missing) + (missing.size() == 1 ? " is" : " are") + " not mentioned"
                    + (draft.heading.isBlank() ? "" : " under " + draft.heading)
                    + ". If each stays insulated by itself, write INSULATE SEPARATELY.");
        }
    }

    /** Two leads that are one point in a column change nothing when they change places. */
    private void withinAGroup(Draft draft) {
        List<SortedSet<String>> points = new ArrayList<>(List.of(draft.line1, draft.line2));
        points.addAll(draft.joined);
        draft.swap
                .filter(s -> points.stream().anyMatch(p -> p.contains(s.first()) && p.contains(s.second())))
                .ifPresent(s -> questions.add(s.first() + " and " + s.second()
                        + (draft.heading.isBlank() ? "" : " under " + draft.heading)
                        + " are on one point: to exchange them changes nothing. Which two reverse it?"));
    }

    /** Groups that share a lead are one; what is joined with a lead on a line is on that line. */
    private static void together(Draft draft) {
        boolean changed = true;
        while (changed) {
            changed = false;
            for (int i = 0; i < draft.joined.size() && !changed; i++) {
                SortedSet<String> group = draft.joined.get(i);
                List<SortedSet<String>> others = new ArrayList<>(List.of(draft.line1, draft.line2));
                others.addAll(draft.joined.subList(0, i));
                Optional<SortedSet<String>> sharing = others.stream()
                        .filter(o -> o.stream().anyMatch(group::contains))
                        .findFirst();
                if (sharing.isPresent()) {
                    sharing.orElseThrow().addAll(group);
                    draft.joined.remove(i);
                    changed = true;
                }
            }
        }
    }

    /** A column's own interchange; one that stands in only one column holds for all of them. */
    private void interchange(Draft draft, List<String> leads) {
        Connection.Swap said = new Connection.Swap(leads.get(0), leads.get(1));
        draft.swap
                .filter(s -> !Set.of(s.first(), s.second()).equals(Set.of(said.first(), said.second())))
                .ifPresent(s -> questions.add("Two interchanges: " + s.first() + " and " + s.second() + ", or "
                        + said.first() + " and " + said.second() + ". Which one reverses it?"));
        draft.swap = Optional.of(said);
        swap = draft.swap;
    }

    /** Lines that only say they are one: which is which is no matter on one phase; the protector's is called the first. */
    private static void lines(Draft draft, List<Statements.Statement> said) {
        List<Statements.Statement> unnamed = new ArrayList<>(
                said.stream().filter(s -> s.what() == Statements.What.LINE).toList());
        unnamed.sort(java.util.Comparator.comparing(s ->
                s.leads().stream().noneMatch(l -> l.toUpperCase(Locale.ROOT).startsWith("P"))));
        if (unnamed.size() == 1
                && unnamed.get(0).leads().size() == 2
                && draft.line1.isEmpty()
                && draft.line2.isEmpty()) {
            // the supply on two leads is one line on each
            draft.line1.add(unnamed.get(0).leads().get(0));
            draft.line2.add(unnamed.get(0).leads().get(1));
            return;
        }
        for (Statements.Statement statement : unnamed) {
            (draft.line1.isEmpty() ? draft.line1 : draft.line2).addAll(statement.leads());
        }
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
                    draft.swap.or(() -> swap));
            Optional<Column> opposite = columns.stream()
                    .filter(c -> c.volts().equals(column.volts())
                            && c.low().equals(column.low())
                            && (c.direction() == column.direction().opposite() && c.direction() != Direction.NOT_STATED
                                    || draft.way.equals(Kind.BACKWARD.name())))
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

    /** The end that the rotation is seen from, in a sentence or behind it as in CWOPE; empty where the text is silent. */
    public Optional<End> seenFrom() {
        return seenFrom;
    }

    private static Set<End> ends(String typed) {
        Set<End> ends = EnumSet.noneOf(End.class);
        Matcher opposite = OPPOSITE_END.matcher(typed);
        if (opposite.find()) {
            ends.add(End.OPPOSITE_END);
        }
        if (SHAFT_END.matcher(opposite.replaceAll(" ")).find()) {
            ends.add(End.SHAFT_END);
        }
        return ends;
    }

    /** Words that were not understood. */
    public List<String> doubts() {
        return List.copyOf(doubts);
    }

    /** What has to be asked: two readings that are as good, a lead without a place or with two. */
    public List<String> questions() {
        return List.copyOf(questions);
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
