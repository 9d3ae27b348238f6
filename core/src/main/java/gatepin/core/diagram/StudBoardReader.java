package gatepin.core.diagram;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.diagram.StudBoard.Layout;
import gatepin.core.diagram.StudBoard.Link;
import gatepin.core.machine.Leads;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** Reads a stud board as typed: its studs row by row, its links as U1-V1, its leads as L1 on U1. */
public final class StudBoardReader {
    private static final int MOST_STUDS = 16;

    private StudBoardReader() {}

    /** Reads the studs: rows set apart by lines or strokes, studs by spaces. Problems carry the field {@code studs}. */
    public static Reading<StudBoard> board(String typed) {
        List<Problem> problems = new ArrayList<>();
        List<List<String>> rows = Arrays.stream(typed.split("[\\n\\r/;]+"))
                .map(r -> Arrays.stream(r.strip().split("[\\s,]+"))
                        .filter(s -> !s.isBlank())
                        .map(String::toUpperCase)
                        .toList())
                .filter(r -> !r.isEmpty())
                .toList();
        List<String> studs = rows.stream().flatMap(List::stream).toList();
        Set<String> seen = new HashSet<>();
        if (studs.isEmpty()) {
            problems.add(new Problem(
                    "studs",
                    typed,
                    "Write the studs as they stand, one row a line, such as U1 V1 and below it U2 V2."));
        }
        if (studs.size() > MOST_STUDS) {
            problems.add(new Problem("studs", typed, "At most " + MOST_STUDS + " studs fit here."));
        }
        for (String stud : studs) {
            if (!stud.matches("[\\p{L}\\d']{1,6}")) {
                problems.add(
                        new Problem("studs", stud, "“" + stud + "” cannot be a stud: use up to 6 letters and digits."));
            } else if (!seen.add(stud)) {
                problems.add(
                        new Problem("studs", stud, "There are two studs " + stud + ". Give one a letter of your own."));
            }
        }
        return problems.isEmpty() ? Reading.of(new StudBoard(rows)) : Reading.failed(problems);
    }

    /**
     * Reads what is on the board.
     *
     * @param linksField the name of the links' field, for problems
     * @param leadsField the name of the leads' field, for problems
     */
    public static Reading<Layout> layout(
            StudBoard board, Leads leads, String links, String linksField, String placed, String leadsField) {
        List<Problem> problems = new ArrayList<>();
        TreeSet<Link> found = new TreeSet<>();
        for (String word : links.strip().split("[\\s,;]+")) {
            if (!word.isBlank()) {
                link(board, word, linksField, problems, found);
            }
        }
        TreeMap<String, String> places = new TreeMap<>();
        String spaced = placed.strip().replaceAll("(?i)\\s*(?:@|=|->|→|\\bon\\b|\\bto\\b)\\s*", "@");
        for (String word : spaced.split("[\\s,;]+")) {
            if (!word.isBlank()) {
                place(board, leads, word, leadsField, problems, places);
            }
        }
        for (String line : List.of("L1", "L2")) {
            if (!places.containsKey(line) && problems.isEmpty()) {
                problems.add(new Problem(
                        leadsField, placed, "Say which stud " + line + " sits on, such as " + line + " on U1."));
            }
        }
        return problems.isEmpty() ? Reading.of(new Layout(found, places)) : Reading.failed(problems);
    }

    private static void link(StudBoard board, String word, String field, List<Problem> problems, TreeSet<Link> found) {
        String[] ends = word.toUpperCase(java.util.Locale.ROOT).split("[-–+]");
        for (String end : ends) {
            if (!board.studs().contains(end)) {
                problems.add(new Problem(
                        field,
                        word,
                        "There is no stud " + end + ". The studs are " + String.join(", ", board.studs()) + "."));
                return;
            }
        }
        if (ends.length < 2 || Set.of(ends[0]).contains(ends[1])) {
            problems.add(new Problem(field, word, "A link joins two studs; write it as U1-V1."));
            return;
        }
        for (int i = 1; i < ends.length; i++) {
            found.add(new Link(ends[i - 1], ends[i]));
        }
    }

    private static void place(
            StudBoard board,
            Leads leads,
            String word,
            String field,
            List<Problem> problems,
            TreeMap<String, String> places) {
        String[] parts = word.toUpperCase(java.util.Locale.ROOT).split("@");
        if (parts.length != 2) {
            problems.add(new Problem(field, word, "“" + word + "” does not say where it sits; write it as Z1 on V1."));
            return;
        }
        String lead = parts[0].equals("N") ? "L2" : parts[0];
        if (!lead.equals("L1") && !lead.equals("L2") && leads.find(lead).isEmpty()) {
            problems.add(new Problem(
                    field,
                    word,
                    "This motor has no lead " + lead + ". Its leads are " + String.join(", ", leads.marks())
                            + "; the lines are L1 and L2."));
        } else if (!board.studs().contains(parts[1])) {
            problems.add(new Problem(
                    field,
                    word,
                    "There is no stud " + parts[1] + ". The studs are " + String.join(", ", board.studs()) + "."));
        } else if (places.put(lead, parts[1]) != null) {
            problems.add(new Problem(field, word, lead + " is said to sit in two places."));
        }
    }
}
