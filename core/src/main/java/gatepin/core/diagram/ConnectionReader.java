package gatepin.core.diagram;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.circuit.Marks;
import gatepin.core.diagram.Connection.Swap;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Leads;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Reads a column of a connection diagram typed as groups, and says what keeps it from being one. */
public final class ConnectionReader {
    private final Leads leads;
    private final List<Problem> problems = new ArrayList<>();
    /** Where each lead was named first: the words for that place. */
    private final Map<String, String> placed = new LinkedHashMap<>();

    private ConnectionReader(Leads leads) {
        this.leads = leads;
    }

    /**
     * What was typed.
     *
     * @param volts the voltage of the column
     * @param line1 leads that go to L1, separated by spaces, commas, plus signs or hyphens
     * @param line2 leads that go to L2
     * @param joined leads joined and insulated: one group a line, or groups set apart by a semicolon
     * @param swap the two leads to interchange
     */
    public record Typed(String volts, String line1, String line2, String joined, String swap) {}

    /** Reads the column against the motor's leads. Problems carry the names of the fields of {@link Typed}. */
    public static Reading<Connection> read(Typed typed, Leads leads) {
        return new ConnectionReader(leads).read(typed);
    }

    private Reading<Connection> read(Typed typed) {
        Optional<Integer> volts = volts(typed.volts());
        SortedSet<String> line1 = group("line1", typed.line1(), "L1");
        SortedSet<String> line2 = group("line2", typed.line2(), "L2");
        needsALead("line1", typed.line1(), line1, "L1");
        needsALead("line2", typed.line2(), line2, "L2");
        List<SortedSet<String>> joined = new ArrayList<>();
        for (String part : parts(typed.joined()).toList()) {
            SortedSet<String> group = group("joined", part, "a joined group");
            if (group.size() == 1) {
                problems.add(new Problem(
                        "joined",
                        part.strip(),
                        group.first() + " stands alone. A joined group needs two leads or more; a lead that is only"
                                + " capped off need not be written."));
            } else if (!group.isEmpty()) {
                joined.add(group);
            }
        }
        Optional<Swap> swap = swap(typed.swap(), line1, line2, joined);
        if (problems.isEmpty()) {
            everyRunLeadIsUsed();
        }
        if (!problems.isEmpty()) {
            return Reading.failed(problems);
        }
        return Reading.of(new Connection(volts.orElseThrow(), line1, line2, joined, swap.orElseThrow()));
    }

    private Optional<Integer> volts(String typed) {
        String text = typed.strip().replaceFirst("(?i)\\s*v(olts?)?$", "");
        try {
            int volts = Integer.parseInt(text);
            if (volts >= 24 && volts <= 600) {
                return Optional.of(volts);
            }
            problems.add(new Problem(
                    "volts",
                    typed,
                    volts + " V is out of range. Motors here run on 24 to 600 V; read the plate again."));
        } catch (NumberFormatException e) {
            problems.add(new Problem(
                    "volts",
                    typed,
                    text.isEmpty()
                            ? "Say which voltage this column is for."
                            : "“" + text + "” is not a whole number of volts."));
        }
        return Optional.empty();
    }

    private SortedSet<String> group(String field, String typed, String where) {
        SortedSet<String> group = new TreeSet<>(Marks.NATURAL_ORDER);
        for (String word : words(typed)) {
            Optional<Lead> lead = leads.find(word);
            if (lead.isEmpty()) {
                problems.add(new Problem(field, word, unknown(word)));
                continue;
            }
            String mark = lead.orElseThrow().mark();
            String before = placed.putIfAbsent(mark, where);
            if (before != null) {
                problems.add(new Problem(
                        field,
                        word,
                        before.equals(where) && !where.startsWith("a ")
                                ? mark + " is written twice for " + where + ". Once is enough."
                                : mark + " is already on " + before
                                        + ". A lead can be in one group only: take it out of one."));
            } else {
                group.add(mark);
            }
        }
        return group;
    }

    private String unknown(String word) {
        String turned = word.replace('6', '#').replace('9', '6').replace('#', '9');
        Optional<Lead> upsideDown = turned.equals(word) ? Optional.empty() : leads.find(turned);
        return "This motor has no lead " + word + "."
                + upsideDown
                        .map(l -> " Read upside down it is " + l.mark() + ": 6 and 9 are easily mistaken.")
                        .orElse(" Its leads are " + String.join(", ", leads.marks()) + ".");
    }

    /**
     * The groups as they are typed, before anybody asks whether there are such leads: first line 1, then line 2, then those joined and
     * insulated that are not blank.
     */
    public static List<List<String>> groups(Typed typed) {
        List<List<String>> groups = new ArrayList<>(List.of(words(typed.line1()), words(typed.line2())));
        parts(typed.joined())
                .map(ConnectionReader::words)
                .filter(g -> !g.isEmpty())
                .forEach(groups::add);
        return groups;
    }

    private static Stream<String> parts(String joined) {
        return Arrays.stream(joined.split("[;\\n\\r]+", -1));
    }

    private static List<String> words(String typed) {
        List<String> words = new ArrayList<>();
        for (String word : typed.strip().split("(?i)[\\s,+&]+|-|\\band\\b|\\bwith\\b")) {
            if (!word.isBlank()) {
                words.add(word);
            }
        }
        return words;
    }

    private void needsALead(String field, String typed, SortedSet<String> group, String line) {
        if (group.isEmpty() && problems.stream().noneMatch(p -> p.field().equals(field))) {
            problems.add(new Problem(
                    field,
                    typed,
                    "No lead goes to " + line + ". Without both lines no current can flow: read the column again."));
        }
    }

    private Optional<Swap> swap(
            String typed, SortedSet<String> line1, SortedSet<String> line2, List<SortedSet<String>> joined) {
        List<String> words = words(typed);
        if (words.isEmpty()) {
            return Optional.of(Swap.NONE);
        }
        if (words.size() != 2) {
            problems.add(new Problem(
                    "swap",
                    typed,
                    "Interchange takes two leads; here "
                            + (words.size() == 1 ? "is one." : "are " + words.size() + ".")));
            return Optional.empty();
        }
        List<String> marks = new ArrayList<>();
        for (String word : words) {
            Optional<Lead> lead = leads.find(word);
            if (lead.isEmpty()) {
                problems.add(new Problem("swap", word, unknown(word)));
            } else {
                marks.add(lead.orElseThrow().mark());
            }
        }
        if (marks.size() < 2) {
            return Optional.empty();
        }
        Optional<SortedSet<String>> first = groupOf(marks.get(0), line1, line2, joined);
        Optional<SortedSet<String>> second = groupOf(marks.get(1), line1, line2, joined);
        for (int i = 0; i < 2; i++) {
            if ((i == 0 ? first : second).isEmpty()) {
                problems.add(new Problem(
                        "swap",
                        marks.get(i),
                        marks.get(i)
                                + " is in no group above, so it cannot change places. Write where it goes first."));
                return Optional.empty();
            }
        }
        if (first.equals(second)) {
            problems.add(
                    new Problem(
                            "swap",
                            typed,
                            marks.get(0).equals(marks.get(1))
                                    ? marks.get(0) + " cannot be interchanged with itself."
                                    : marks.get(0) + " and " + marks.get(1)
                                            + " are in the same group: interchanging them changes nothing. One of them is misread."));
            return Optional.empty();
        }
        return Optional.of(new Swap(marks.get(0), marks.get(1)));
    }

    private static Optional<SortedSet<String>> groupOf(
            String mark, SortedSet<String> line1, SortedSet<String> line2, List<SortedSet<String>> joined) {
        List<SortedSet<String>> all = new ArrayList<>(joined);
        all.add(line1);
        all.add(line2);
        return all.stream().filter(g -> g.contains(mark)).findFirst();
    }

    private void everyRunLeadIsUsed() {
        List<String> missing = leads.all().stream()
                .filter(l -> l.isOf(gatepin.core.circuit.Winding.Role.RUN))
                .map(Lead::mark)
                .filter(m -> !placed.containsKey(m))
                .toList();
        if (!missing.isEmpty()) {
            problems.add(new Problem(
                    "joined",
                    "",
                    missing.stream().collect(Collectors.joining(" and ")) + (missing.size() == 1 ? " is" : " are")
                            + " in no group. Run leads must go somewhere: to a line, or joined with others."));
        }
    }
}
