package gatepin.core.diagram;

import gatepin.core.diagram.DiagramToken.Kind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/**
 * What the words of one column say of each lead. A line or "together" may stand before its leads or behind them, a comma may end a group
 * or only count it up: of all ways to cut the words into statements, the one is taken in which every word has its use and every lead one
 * place. Another one that is nearly as good and says something else is told.
 */
final class Statements {
    private static final int BEAM = 40;
    private static final int MOST_TOKENS = 200;
    /** The longest group there is: a line with all run halves, start halves and a protector. */
    private static final int MOST_LEADS = 8;
    /** Readings that score within this are as good to somebody who has not seen the motor. */
    private static final int AS_GOOD = 2;

    private static final int ORPHAN = -7;
    private static final int SECOND_PLACE = -12;
    /** A lead that is joined with others may be on a line as well: they all are, then. */
    private static final int JOINED_TO_PLACED = -2;
    /** Leads side by side of which nothing says that they are joined. */
    private static final int UNSAID = -8;
    /** A hyphen or plus holds what is on both sides together. */
    private static final int BROKEN_GLUE = -6;

    /** What a statement makes of its leads. */
    enum What {
        LINE1,
        LINE2,
        LINE,
        JOINED,
        APART,
        SWAP
    }

    /**
     * One statement.
     *
     * @param leads the leads it speaks of
     * @param asked nothing says what holds them together
     */
    record Statement(What what, List<String> leads, boolean asked) {}

    private record Partial(
            int at,
            List<Statement> said,
            Map<String, What> placed,
            List<DiagramToken> orphans,
            int score,
            boolean nameFirst) {}

    /** A reading that goes one step further, not written out before it is known to be among the best. */
    private record Step(int at, int score, Supplier<Partial> partial) {
        static Step of(Partial partial) {
            return new Step(partial.at(), partial.score(), () -> partial);
        }
    }

    private final List<DiagramToken> tokens;

    private Statements(List<DiagramToken> tokens) {
        this.tokens = tokens.size() > MOST_TOKENS ? tokens.subList(0, MOST_TOKENS) : tokens;
    }

    /**
     * What a column says.
     *
     * @param said its statements
     * @param unknown words that were not understood
     * @param questions what has to be asked, as sentences
     */
    record Reading(List<Statement> said, List<String> unknown, List<String> questions) {}

    /** Reads the words of one column, without its heading. */
    static Reading read(List<DiagramToken> tokens) {
        Statements statements = new Statements(tokens);
        List<Partial> ends = statements.search();
        Partial best = ends.get(0);
        List<String> questions = new ArrayList<>();
        Set<String> groups = groups(best.said());
        for (Partial other : ends) {
            if (other.score() >= best.score() - AS_GOOD && !groups(other.said()).equals(groups)) {
                questions.add("Two readings: " + words(best.said()) + ", or " + words(other.said())
                        + "? Write a semicolon between groups.");
                break;
            }
        }
        best.said().stream().filter(Statement::asked).forEach(s -> questions.add(asked(s)));
        questions.addAll(unplaced(best));
        if (tokens.size() > MOST_TOKENS) {
            questions.add("One column of so many words is read only in part. Write less of it at a time.");
        }
        List<String> unknown = tokens.stream()
                .filter(t -> t.is(Kind.UNKNOWN))
                .map(DiagramToken::text)
                .toList();
        return new Reading(best.said(), unknown, questions);
    }

    private static String asked(Statement statement) {
        return String.join(" ", statement.leads())
                + ": joined together, or each by itself? Write TOGETHER, or INSULATE SEPARATELY.";
    }

    /** Leads that are named and have no place, or two. */
    private static List<String> unplaced(Partial best) {
        Set<String> seen = new LinkedHashSet<>();
        Set<String> onLine = new LinkedHashSet<>();
        Set<String> twice = new LinkedHashSet<>();
        for (Statement statement : best.said()) {
            seen.addAll(statement.leads());
            if (statement.what() == What.LINE1 || statement.what() == What.LINE2 || statement.what() == What.LINE) {
                statement.leads().stream()
                        .filter(l -> !onLine.add(l))
                        .forEach(l -> twice.add(l + " stands on two lines. Which one is it on?"));
            }
        }
        List<String> unplaced = new ArrayList<>(twice);
        boolean swaps = best.said().stream().anyMatch(x -> x.what() == What.SWAP);
        for (DiagramToken orphan : best.orphans()) {
            if (orphan.is(Kind.SWAP) && swaps) {
                // interchange … to reverse: said twice
                continue;
            }
            unplaced.add(
                    !orphan.is(Kind.LEAD)
                            ? "“" + spoken(orphan) + "” stands without leads. Which ones does it speak of?"
                            : seen.contains(orphan.text())
                                    ? orphan.text() + " stands in two places. Which one is it in?"
                                    : orphan.text() + " has no place: on which line is it, or with what is it joined?");
        }
        return unplaced;
    }

    private static String spoken(DiagramToken token) {
        return !token.is(Kind.LINE) ? token.text() : token.text().equals("0") ? "LINE" : "L" + token.text();
    }

    private static Set<String> groups(List<Statement> said) {
        return said.stream()
                .map(s -> s.what() + " " + new TreeSet<>(s.leads()))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static String words(List<Statement> said) {
        return said.stream()
                .map(s -> String.join(" ", s.leads())
                        + switch (s.what()) {
                            case LINE1 -> " on L1";
                            case LINE2 -> " on L2";
                            case LINE -> " on a line";
                            case JOINED -> " joined";
                            case APART -> " apart";
                            case SWAP -> " interchanged";
                        })
                .collect(Collectors.joining(", "));
    }

    private List<Partial> search() {
        List<List<Step>> at = new ArrayList<>();
        for (int i = 0; i <= tokens.size(); i++) {
            at.add(new ArrayList<>());
        }
        at.get(0).add(Step.of(new Partial(0, List.of(), Map.of(), List.of(), 0, false)));
        for (int i = 0; i < tokens.size(); i++) {
            for (Partial partial : best(at.get(i))) {
                next(partial).forEach(p -> at.get(p.at()).add(p));
            }
            at.set(i, List.of());
        }
        return best(at.get(tokens.size()));
    }

    private static List<Partial> best(List<Step> all) {
        all.sort(Comparator.comparingInt(Step::score).reversed());
        return all.stream().limit(BEAM).map(s -> s.partial().get()).toList();
    }

    private List<Step> next(Partial from) {
        List<Step> next = new ArrayList<>();
        DiagramToken token = tokens.get(from.at());
        switch (token.kind()) {
            case LEAD, LINE, JOIN, APART, SWAP -> {
                statements(from, next);
                next.add(saysItAgain(from) ? skip(from, 0) : orphan(from));
            }
            case STOP -> next.add(skip(from, 3));
            case COMMA -> next.add(skip(from, 1));
            case TIGHT_COMMA -> next.add(skip(from, -1));
            case GLUE ->
                next.add(skip(from, from.at() > 0 && tokens.get(from.at() - 1).is(Kind.LEAD) ? BROKEN_GLUE : 0));
            case BOTH_WAYS -> next.add(skip(from, ORPHAN));
            default -> next.add(skip(from, 0));
        }
        return next;
    }

    /** INSULATE T2, T3 TOGETHER: what was insulated is joined, and said so twice. */
    private boolean saysItAgain(Partial from) {
        if (!tokens.get(from.at()).is(Kind.JOIN)
                || from.said().isEmpty()
                || from.said().get(from.said().size() - 1).what() != What.JOINED) {
            return false;
        }
        int at = from.at() - 1;
        while (at >= 0 && tokens.get(at).is(Kind.LEAD, Kind.COMMA, Kind.TIGHT_COMMA, Kind.AND, Kind.GLUE, Kind.COLON)) {
            at--;
        }
        String opened = at < 0 || !tokens.get(at).is(Kind.JOIN)
                ? ""
                : tokens.get(at).text().toUpperCase(Locale.ROOT);
        return at < from.at() - 1 && (opened.startsWith("INS") || opened.startsWith("CAP"));
    }

    /** A word that has no use in this reading: it is asked about. */
    private Step orphan(Partial from) {
        return new Step(from.at() + 1, from.score() + ORPHAN, () -> orphaned(from));
    }

    private Partial orphaned(Partial from) {
        List<DiagramToken> orphans = new ArrayList<>(from.orphans());
        orphans.add(tokens.get(from.at()));
        return new Partial(from.at() + 1, from.said(), from.placed(), orphans, from.score() + ORPHAN, from.nameFirst());
    }

    private static Step skip(Partial from, int score) {
        return Step.of(new Partial(
                from.at() + 1, from.said(), from.placed(), from.orphans(), from.score() + score, from.nameFirst()));
    }

    /** Every statement that can begin here. */
    private void statements(Partial from, List<Step> next) {
        DiagramToken first = tokens.get(from.at());
        if (first.is(Kind.LINE, Kind.JOIN, Kind.APART, Kind.SWAP)) {
            int at = from.at() + 1;
            int score = 6;
            while (at < tokens.size() && tokens.get(at).is(Kind.COLON, Kind.GLUE, Kind.TO)) {
                score += tokens.get(at).is(Kind.COLON) ? 2 : tokens.get(at).is(Kind.GLUE) ? 0 : -1;
                at++;
            }
            for (Group group : groupsFrom(at, true)) {
                say(from, next, what(first), group, score + (from.nameFirst() ? 1 : 0), group.end(), true);
            }
            return;
        }
        for (Group group : groupsFrom(from.at(), false)) {
            int at = group.end();
            boolean to = false;
            boolean glue = false;
            while (at < tokens.size() && (tokens.get(at).is(Kind.TO, Kind.GLUE) || namesBehind(at))) {
                to |= tokens.get(at).is(Kind.TO, Kind.COLON);
                glue |= tokens.get(at).is(Kind.GLUE);
                at++;
            }
            boolean named =
                    at < tokens.size() && (tokens.get(at).is(Kind.LINE, Kind.JOIN, Kind.APART) || swapsBehind(at));
            // a name with a colon behind it names what follows
            if (named && !(at + 1 < tokens.size() && tokens.get(at + 1).is(Kind.COLON))) {
                int score = 6
                        + (to ? 2 : glue ? -1 : 0)
                        + (from.nameFirst() || from.said().isEmpty() ? 0 : 1);
                say(from, next, what(tokens.get(at)), group, score, at + 1, false);
            }
            if (group.leads().size() > 1) {
                say(from, next, What.JOINED, group, group.held() ? 1 : UNSAID, group.end(), from.nameFirst());
            }
        }
        arrow(from, next);
    }

    /** T1,T3=L1, and T1: L1 where nothing else follows: the name stands behind the sign. */
    private boolean namesBehind(int at) {
        if (!tokens.get(at).is(Kind.COLON)
                || at + 1 >= tokens.size()
                || !tokens.get(at + 1).is(Kind.LINE, Kind.JOIN)) {
            return false;
        }
        boolean last = at + 2 >= tokens.size() || tokens.get(at + 2).is(Kind.STOP, Kind.COMMA);
        return last || tokens.get(at).text().equals("=");
    }

    /** T5 & T8 REVERSE: no leads follow. */
    private boolean swapsBehind(int at) {
        return tokens.get(at).is(Kind.SWAP)
                && (at + 1 >= tokens.size() || !tokens.get(at + 1).is(Kind.LEAD, Kind.COLON, Kind.GLUE, Kind.TO));
    }

    /** T5 <-> T8. */
    private void arrow(Partial from, List<Step> next) {
        int at = from.at();
        if (at + 2 < tokens.size()
                && tokens.get(at + 1).is(Kind.BOTH_WAYS)
                && tokens.get(at + 2).is(Kind.LEAD)) {
            Group both =
                    new Group(List.of(tokens.get(at).text(), tokens.get(at + 2).text()), at + 3, 4, true, List.of());
            say(from, next, What.SWAP, both, 6, at + 3, from.nameFirst());
        }
    }

    private static What what(DiagramToken name) {
        return switch (name.kind()) {
            case JOIN -> What.JOINED;
            case APART -> What.APART;
            case SWAP -> What.SWAP;
            default ->
                switch (name.text()) {
                    case "1" -> What.LINE1;
                    case "2" -> What.LINE2;
                    default -> What.LINE;
                };
        };
    }

    private void say(Partial from, List<Step> next, What what, Group group, int score, int end, boolean nameFirst) {
        if (what == What.SWAP && group.leads().size() != 2
                || what == What.JOINED && group.leads().size() < 2) {
            return;
        }
        int all = from.score() + score + group.score();
        if (what != What.SWAP) {
            for (String lead : group.leads()) {
                What before = from.placed().get(lead);
                boolean joined = what == What.JOINED || before == What.JOINED;
                all += before == null ? 0 : joined ? JOINED_TO_PLACED : SECOND_PLACE;
            }
        }
        int reached = all;
        next.add(new Step(end, reached, () -> said(from, what, group, reached, end, nameFirst)));
    }

    private Partial said(Partial from, What what, Group group, int score, int end, boolean nameFirst) {
        List<Statement> said = new ArrayList<>(from.said());
        Map<String, What> placed = new HashMap<>(from.placed());
        if (what != What.SWAP) {
            group.leads().forEach(lead -> placed.put(lead, what));
        }
        if (what == What.JOINED && nameFirst && group.parts().size() > 1) {
            group.parts().forEach(p -> said.add(new Statement(What.JOINED, p, false)));
        } else {
            boolean silent = what == What.JOINED && !group.held() && end == group.end() && !nameFirstAt(from);
            said.add(new Statement(what, group.leads(), silent));
        }
        return new Partial(end, said, placed, from.orphans(), score, nameFirst);
    }

    private boolean nameFirstAt(Partial from) {
        return tokens.get(from.at()).is(Kind.JOIN);
    }

    /**
     * Leads one after the other.
     *
     * @param end where the words go on
     * @param score how well they hold together
     * @param held a sign between them says that they belong together
     * @param parts the same cut at its commas, where other signs hold the leads of each part together
     */
    private record Group(List<String> leads, int end, int score, boolean held, List<List<String>> parts) {}

    private List<Group> groupsFrom(int start, boolean listed) {
        List<Group> groups = new ArrayList<>();
        List<String> leads = new ArrayList<>();
        List<List<String>> parts = new ArrayList<>(List.of(new ArrayList<>()));
        int commas = 0;
        int ands = 0;
        int glue = 0;
        int spaces = 0;
        int at = start;
        while (at < tokens.size() && tokens.get(at).is(Kind.LEAD) && leads.size() < MOST_LEADS) {
            String lead = tokens.get(at).text();
            if (leads.contains(lead)) {
                break;
            }
            leads.add(lead);
            parts.get(parts.size() - 1).add(lead);
            at++;
            boolean mixed = commas > 0 && glue + spaces > 0;
            boolean split = mixed && parts.stream().allMatch(p -> p.size() > 1);
            int score = (listed ? 0 : -2 * commas) - ands + Math.min(glue, 1) - (mixed && !(listed && split) ? 3 : 0);
            List<List<String>> copy = parts.stream().map(p -> List.copyOf(p)).toList();
            groups.add(new Group(List.copyOf(leads), at, score, glue > 0, split ? copy : List.of()));
            int between = at;
            boolean comma = false;
            boolean sign = false;
            while (between < tokens.size()
                    && (tokens.get(between).is(Kind.GLUE, Kind.COMMA, Kind.TIGHT_COMMA, Kind.AND)
                            || listed && tokens.get(between).is(Kind.BOTH_WAYS)
                            || toALead(between, listed))) {
                Kind kind = tokens.get(between).kind();
                commas += kind == Kind.COMMA ? 1 : 0;
                ands += kind == Kind.AND ? 1 : 0;
                glue += kind == Kind.GLUE || kind == Kind.TO ? 1 : 0;
                comma |= kind == Kind.COMMA;
                sign = true;
                between++;
            }
            spaces += sign ? 0 : 1;
            if (comma) {
                parts.add(new ArrayList<>());
            }
            at = between;
        }
        return groups;
    }

    /** T2 TO T3 joins the two. */
    private boolean toALead(int at, boolean listed) {
        return !listed
                && tokens.get(at).is(Kind.TO)
                && at + 1 < tokens.size()
                && tokens.get(at + 1).is(Kind.LEAD);
    }
}
