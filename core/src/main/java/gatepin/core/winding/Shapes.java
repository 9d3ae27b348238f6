package gatepin.core.winding;

import gatepin.core.winding.Part.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;

/** What an island of leads can look like inside: which leads a winding lies between. */
final class Shapes {
    /** A protector has no more than this, Ω (common practice: a few hundredths). */
    static final double MOST_PROTECTOR_OHMS = 0.15;
    /** No winding of a motor in a shop has less than this between its leads, Ω (common practice). */
    static final double LEAST_WINDING_OHMS = 0.25;

    private final Map<String, Span> spans;

    Shapes(Map<String, Span> spans) {
        this.spans = spans;
    }

    /**
     * A winding, or a closed contact, between two leads.
     *
     * @param a one lead
     * @param b the other lead
     * @param span its resistance
     */
    record Edge(String a, String b, Span span) {
        boolean canBeWinding() {
            return span.high() >= LEAST_WINDING_OHMS;
        }

        boolean canBeProtector() {
            return span.low() <= MOST_PROTECTOR_OHMS;
        }

        Part as(Role role) {
            return new Part(role, a, b);
        }
    }

    /** Edges that meet in a common lead. */
    record Fork(String common, List<Edge> edges) {}

    Span span(String a, String b) {
        Span span = spans.get(Islands.key(a, b));
        if (span == null) {
            throw new IllegalStateException("no reading between " + a + " and " + b);
        }
        return span;
    }

    Edge edge(String a, String b) {
        return new Edge(a, b, span(a, b));
    }

    /**
     * Every lead of the island that can be the common end of windings to all the others: any two of them read as much as
     * both windings together.
     *
     * @param hiddenOhms what may lie inside between the common lead and the joint, Ω: a protector
     */
    List<Fork> forks(SortedSet<String> island, double hiddenOhms) {
        List<Fork> forks = new ArrayList<>();
        for (String common : island) {
            List<String> others = island.stream().filter(l -> !l.equals(common)).toList();
            if (addsUp(common, others, hiddenOhms)) {
                forks.add(new Fork(
                        common, others.stream().map(o -> edge(common, o)).toList()));
            }
        }
        return forks;
    }

    private boolean addsUp(String common, List<String> others, double hiddenOhms) {
        for (int i = 0; i < others.size(); i++) {
            for (int j = i + 1; j < others.size(); j++) {
                Span sum = span(common, others.get(i)).plus(span(common, others.get(j)));
                Span read = span(others.get(i), others.get(j));
                if (!new Span(sum.low() - 2 * hiddenOhms, sum.high()).meets(read)) {
                    return false;
                }
            }
        }
        return true;
    }

    /** The three leads of an island read alike: windings joined in a point inside. */
    boolean isStar(SortedSet<String> island, double alike) {
        List<String> l = List.copyOf(island);
        return span(l.get(0), l.get(1)).canEqual(span(l.get(1), l.get(2)), alike)
                && span(l.get(0), l.get(1)).canEqual(span(l.get(0), l.get(2)), alike)
                && span(l.get(1), l.get(2)).canEqual(span(l.get(0), l.get(2)), alike);
    }

    /** All the pairs of the island read next to nothing: a protector of three terminals. */
    boolean isThreeTerminalProtector(SortedSet<String> island) {
        List<String> l = List.copyOf(island);
        return Set.of(edge(l.get(0), l.get(1)), edge(l.get(1), l.get(2)), edge(l.get(0), l.get(2))).stream()
                .allMatch(Edge::canBeProtector);
    }
}
