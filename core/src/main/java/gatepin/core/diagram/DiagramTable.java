package gatepin.core.diagram;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A diagram that is printed as a table: lines and joins as columns with voltages or rotations as rows, or the other way round, its cells set
 * apart by strokes, tabs or two blanks. It is said again column by column. A table of which one cell is missing or is something else
 * stays as it is, to be asked about.
 */
final class DiagramTable {
    private static final Pattern BETWEEN_CELLS = Pattern.compile("\\t+|\\s{2,}");
    private static final Pattern CELL = Pattern.compile("\\S+(?:\\s\\S+)*+");
    /** So many signs a cell may stand beside the one above it. */
    private static final int ASKEW = 2;

    private static final Pattern RULE = Pattern.compile("[\\s|+=:-]*");
    private static final Pattern NOTHING = Pattern.compile("(?:[-–—.]*|NONE|N/A|OPEN)", Pattern.CASE_INSENSITIVE);
    private static final String LEAD = "\\(?(?:[A-Z]{1,6}\\d{0,2}|\\d{1,2})\\)?";
    private static final Pattern LEADS =
            Pattern.compile(LEAD + "(?:[\\s,;/&+–-]++" + LEAD + ")*+[,;.]?", Pattern.CASE_INSENSITIVE);
    private static final Pattern CASE = Pattern.compile(
            "(?:LOW|HIGH|\\d{3})(?:\\s?V(?:OLTS?|OLTAGE|AC)?)?(?:\\s(?:CC?W))?|CC?W(?:\\s?ROT(?:ATION|\\.)?)?",
            Pattern.CASE_INSENSITIVE);
    private static final int MOST_CELLS = 8;

    /** What a row or a column of a table holds. */
    private enum Holds {
        LINE_1("L1", "L\\s?-?1|LINE\\s?(?:1|A|ONE)|L|HOT"),
        LINE_2("L2", "L\\s?-?2|LINE\\s?(?:2|B|TWO)|N|NEUTRAL"),
        JOINED(
                "JOIN",
                "(?:TIE|JOIN|CONNECT|SPLICE|INSULATE)(?:D|ED)?(?:\\sTOGETHER)?|TOGETHER|JOINED?\\s(?:&|AND)\\sINSULATED"),
        SWAPPED("INTERCHANGE", "(?:TO\\s)?(?:REVERSE|INTERCHANGE|SWAP|REV\\.?)");

        private final String word;
        private final Pattern named;

        Holds(String word, String named) {
            this.word = word;
            this.named = Pattern.compile(named, Pattern.CASE_INSENSITIVE);
        }

        static Optional<Holds> of(String cell) {
            String name = cell.replaceFirst("\\s*:$", "");
            return Arrays.stream(values())
                    .filter(h -> h.named.matcher(name).matches())
                    .findFirst();
        }
    }

    private DiagramTable() {}

    /** The text, its first table said again in words. */
    static String inWords(String text) {
        List<String> lines = text.lines().toList();
        for (int first = 0; first < lines.size() - 1; first++) {
            String headLine = lines.get(first);
            List<String> head = cells(headLine);
            int last = first + 1;
            List<List<String>> rows = new ArrayList<>();
            while (last < lines.size() && rows.size() <= MOST_CELLS && isRow(lines.get(last), headLine)) {
                if (!isRule(lines.get(last))) {
                    rows.add(row(lines.get(last), headLine));
                }
                last++;
            }
            Optional<String> said = said(head, rows);
            if (said.isPresent()) {
                return Stream.of(
                                lines.subList(0, first), List.of(said.orElseThrow()), lines.subList(last, lines.size()))
                        .flatMap(List::stream)
                        .collect(Collectors.joining("\n"));
            }
        }
        return text;
    }

    private static boolean isRule(String line) {
        return RULE.matcher(line).matches();
    }

    private static boolean isRow(String line, String headLine) {
        int cells = row(line, headLine).size();
        int head = cells(headLine).size();
        return isRule(line) && !line.isBlank() || cells > 1 && (cells == head || cells == head + 1);
    }

    /** The cells of a row; where some are blank, those that stand right under a cell of the head, and the rest of them blank. */
    private static List<String> row(String line, String headLine) {
        List<String> cells = cells(line);
        List<Integer> under = starts(headLine);
        if ((line + headLine).matches("(?s).*[|\\t].*") || cells.size() < 2 || under.isEmpty()) {
            return cells;
        }
        boolean ownNames = starts(line).get(0) < under.get(0) - ASKEW;
        if (cells.size() >= under.size() + (ownNames ? 1 : 0)) {
            return cells;
        }
        List<String> row = new ArrayList<>(ownNames ? List.of(cells.get(0)) : List.of());
        int taken = row.size();
        for (int start : under) {
            boolean stands = taken < cells.size() && Math.abs(starts(line).get(taken) - start) <= ASKEW;
            row.add(stands ? cells.get(taken++) : "");
        }
        return taken == cells.size() ? row : cells;
    }

    /** Where the cells of a line begin. */
    private static List<Integer> starts(String line) {
        return CELL.matcher(line).results().map(MatchResult::start).toList();
    }

    private static List<String> cells(String line) {
        String inner = line.strip();
        if (!inner.contains("|")) {
            return Arrays.stream(BETWEEN_CELLS.split(inner)).map(String::strip).toList();
        }
        String bare = inner.replaceFirst("^\\|", "").replaceFirst("\\|$", "");
        return Arrays.stream(bare.split("\\|", -1)).map(String::strip).toList();
    }

    private static Optional<String> said(List<String> head, List<List<String>> rows) {
        if (rows.isEmpty() || head.size() > MOST_CELLS) {
            return Optional.empty();
        }
        // a head without a name over the rows' own names
        int before = rows.get(0).size() - head.size();
        List<String> names = before == 1 ? head : head.subList(1, head.size());
        List<List<String>> cells =
                rows.stream().map(r -> r.subList(1, r.size())).toList();
        List<String> labels = rows.stream().map(r -> r.get(0)).toList();
        boolean even = rows.stream().allMatch(r -> r.size() == names.size() + 1);
        if (!even || before < 0) {
            return Optional.empty();
        }
        if (names.stream().allMatch(n -> Holds.of(n).isPresent())
                && labels.stream().allMatch(DiagramTable::isCase)) {
            return inWords(labels, names, cells);
        }
        if (labels.stream().allMatch(n -> Holds.of(n).isPresent())
                && names.stream().allMatch(DiagramTable::isCase)) {
            return inWords(names, labels, turned(cells));
        }
        return Optional.empty();
    }

    private static boolean isCase(String label) {
        return CASE.matcher(label.replaceFirst("\\s*:$", "")).matches();
    }

    private static List<List<String>> turned(List<List<String>> cells) {
        List<List<String>> turned = new ArrayList<>();
        for (int i = 0; i < cells.get(0).size(); i++) {
            int column = i;
            turned.add(cells.stream().map(r -> r.get(column)).toList());
        }
        return turned;
    }

    private static Optional<String> inWords(List<String> cases, List<String> holds, List<List<String>> cells) {
        List<Holds> kinds = holds.stream().flatMap(h -> Holds.of(h).stream()).toList();
        boolean whole = kinds.containsAll(List.of(Holds.LINE_1, Holds.LINE_2))
                && kinds.stream().distinct().count() == kinds.size();
        boolean ofLeads = cells.stream()
                .flatMap(List::stream)
                .allMatch(c -> isNothing(c) || LEADS.matcher(c).matches());
        if (!whole || !ofLeads) {
            return Optional.empty();
        }
        List<String> said = new ArrayList<>();
        for (int i = 0; i < cases.size(); i++) {
            List<String> parts = new ArrayList<>();
            for (int k = 0; k < kinds.size(); k++) {
                Holds kind = kinds.get(k);
                Optional<List<String>> groups = groups(kind, cells.get(i).get(k));
                if (groups.isEmpty()) {
                    return Optional.empty();
                }
                groups.orElseThrow().forEach(group -> parts.add(told(kind, group)));
            }
            String label = cases.get(i).replaceFirst("\\s*:$", "");
            said.add((label.matches("\\d{3}") ? label + " V" : label) + ": " + String.join("; ", parts));
        }
        return Optional.of(String.join("\n", said));
    }

    private static String told(Holds kind, String group) {
        return kind.word + (kind == Holds.LINE_1 || kind == Holds.LINE_2 ? ": " : " ") + group;
    }

    private static boolean isNothing(String cell) {
        return NOTHING.matcher(cell).matches();
    }

    /**
     * The groups of a cell: of what is joined there may be several, set apart by semicolons, or by strokes or commas where each of them has
     * leads that are set apart otherwise. Empty where it could be meant either way.
     */
    private static Optional<List<String>> groups(Holds kind, String cell) {
        if (kind != Holds.JOINED) {
            return Optional.of(isNothing(cell) ? List.of() : List.of(glued(cell)));
        }
        List<String> groups = new ArrayList<>();
        for (String part : cell.split(";")) {
            Optional<List<String>> apart = isNothing(part.strip()) ? Optional.of(List.of()) : apart(part, "/,");
            if (apart.isEmpty()) {
                return Optional.empty();
            }
            groups.addAll(apart.orElseThrow());
        }
        return Optional.of(groups);
    }

    /** Cut at the first of these signs, if each piece is a group; whole, if none is; and each piece likewise at the next sign. */
    private static Optional<List<String>> apart(String text, String signs) {
        if (signs.isEmpty()) {
            return Optional.of(List.of(glued(text)));
        }
        List<String> pieces = Arrays.stream(text.split(Pattern.quote(signs.substring(0, 1))))
                .filter(p -> !glued(p).isEmpty())
                .toList();
        long several = pieces.stream().filter(p -> glued(p).contains("-")).count();
        if (several > 0 && several < pieces.size()) {
            return Optional.empty();
        }
        List<String> groups = new ArrayList<>();
        for (String piece : several == 0 ? List.of(text) : pieces) {
            Optional<List<String>> next = apart(piece, signs.substring(1));
            if (next.isEmpty()) {
                return Optional.empty();
            }
            groups.addAll(next.orElseThrow());
        }
        return Optional.of(groups);
    }

    private static String glued(String leads) {
        return leads.replaceAll("(?i)[\\s,;/&+().–-]+|\\bAND\\b", " ").strip().replaceAll("\\s+", "-");
    }
}
