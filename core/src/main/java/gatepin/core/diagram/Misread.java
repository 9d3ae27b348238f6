package gatepin.core.diagram;

import gatepin.core.circuit.Marks;
import gatepin.core.machine.Leads;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.Predicate;

/**
 * Which lead of a connection is likely misread. Every single slip of the pen is undone in turn; what the engine then finds
 * sound is proposed, the slips people make most first.
 */
public final class Misread {
    /** Digits that look alike on a worn plate or upside down (common practice). */
    private static final List<Set<Character>> ALIKE =
            List.of(Set.of('6', '9'), Set.of('5', '8'), Set.of('3', '8'), Set.of('1', '7'), Set.of('5', '6'));

    private static final int MOST = 3;

    private Misread() {}

    /** One way to mend a connection, in words. */
    public record Mend(String words, Connection connection) {}

    private record Candidate(int rank, Mend mend) {}

    /**
     * Ways to mend a connection that is not sound, the likeliest first.
     *
     * @param sound whether the engine finds nothing wrong with a connection
     */
    public static List<Mend> mends(Connection connection, Leads leads, Predicate<Connection> sound) {
        return mends(connection, leads.marks(), sound);
    }

    /** The same by the marks of all leads, in their natural order. */
    static List<Mend> mends(Connection connection, List<String> marks, Predicate<Connection> sound) {
        List<Candidate> candidates = new ArrayList<>();
        for (int i = 0; i < marks.size(); i++) {
            for (int j = i + 1; j < marks.size(); j++) {
                interchanged(connection, marks.get(i), marks.get(j), candidates);
            }
            moved(connection, marks.get(i), candidates);
        }
        otherSwaps(connection, marks, candidates);
        Set<List<Set<String>>> seen = new LinkedHashSet<>();
        return candidates.stream()
                .sorted(Comparator.comparingInt(Candidate::rank))
                .map(Candidate::mend)
                .filter(m -> sound.test(m.connection()))
                .filter(m -> seen.add(m.connection().marks()))
                .limit(MOST)
                .toList();
    }

    private static void interchanged(Connection connection, String a, String b, List<Candidate> candidates) {
        Connection other = withGroups(connection, connection.swap(), g -> {
            SortedSet<String> group = copy(g);
            if (g.contains(a) != g.contains(b)) {
                group.remove(g.contains(a) ? a : b);
                group.add(g.contains(a) ? b : a);
            }
            return group;
        });
        if (!other.equals(connection)) {
            candidates.add(new Candidate(
                    alike(a, b) ? 0 : 2,
                    new Mend(
                            alike(a, b)
                                    ? a + " and " + b + " are mistaken for each other: they look alike."
                                    : a + " and " + b + " are mistaken for each other.",
                            other)));
        }
    }

    private static boolean alike(String a, String b) {
        if (a.length() != b.length()) {
            return false;
        }
        int differing = -1;
        for (int i = 0; i < a.length(); i++) {
            if (a.charAt(i) != b.charAt(i)) {
                if (differing >= 0) {
                    return false;
                }
                differing = i;
            }
        }
        if (differing < 0) {
            return false;
        }
        Set<Character> pair = Set.of(a.charAt(differing), b.charAt(differing));
        return ALIKE.contains(pair);
    }

    private static void moved(Connection connection, String lead, List<Candidate> candidates) {
        List<SortedSet<String>> groups = new ArrayList<>(List.of(connection.line1(), connection.line2()));
        groups.addAll(connection.joined());
        for (SortedSet<String> target : groups) {
            if (target.contains(lead)) {
                continue;
            }
            Connection other = withGroups(connection, connection.swap(), g -> {
                SortedSet<String> group = copy(g);
                group.remove(lead);
                if (g.equals(target)) {
                    group.add(lead);
                }
                return group;
            });
            boolean left = groups.stream().anyMatch(g -> g.contains(lead));
            candidates.add(new Candidate(
                    left ? 3 : 1,
                    new Mend(
                            lead + (left ? " belongs with " : " is missing: it belongs with ")
                                    + name(connection, target, lead) + ".",
                            other)));
        }
    }

    private static String name(Connection connection, SortedSet<String> group, String lead) {
        String line = group.equals(connection.line1()) ? "L1" : group.equals(connection.line2()) ? "L2" : "";
        String others =
                String.join(", ", group.stream().filter(l -> !l.equals(lead)).toList());
        return line.isEmpty() ? others : line + " and " + others;
    }

    /** Only the two ends of one winding, or of the whole run winding, reverse a motor. */
    private static void otherSwaps(Connection connection, List<String> marks, List<Candidate> candidates) {
        for (String a : marks) {
            for (String b : marks) {
                if (Marks.NATURAL_ORDER.compare(a, b) < 0) {
                    Connection.Swap swap = new Connection.Swap(a, b);
                    Connection other = withGroups(connection, swap, Misread::copy);
                    if (!swap.equals(connection.swap())
                            && !other.reversed().marks().equals(other.marks())) {
                        candidates.add(new Candidate(
                                1, new Mend("To reverse, " + a + " and " + b + " are interchanged.", other)));
                    }
                }
            }
        }
    }

    private static SortedSet<String> copy(SortedSet<String> group) {
        SortedSet<String> fresh = new TreeSet<>(Marks.NATURAL_ORDER);
        fresh.addAll(group);
        return fresh;
    }

    private static Connection withGroups(
            Connection c, Connection.Swap swap, java.util.function.UnaryOperator<SortedSet<String>> change) {
        return new Connection(
                c.volts(),
                change.apply(c.line1()),
                change.apply(c.line2()),
                c.joined().stream().map(change).filter(g -> g.size() > 1).toList(),
                swap);
    }
}
