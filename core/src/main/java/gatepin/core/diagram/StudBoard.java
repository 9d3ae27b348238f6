package gatepin.core.diagram;

import gatepin.core.circuit.Marks;
import gatepin.core.circuit.Nodes;
import gatepin.core.circuit.Terminal;
import gatepin.core.diagram.Connection.Swap;
import gatepin.core.machine.Leads;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * A motor's board of studs. Internal leads sit on the studs of their own mark; brass links join studs; other leads and the
 * lines sit where somebody put them. Two studs joined by a link are the same point only while that link is there.
 *
 * @param rows the studs in their real places, top to bottom, left to right
 */
public record StudBoard(List<List<String>> rows) {
    /** A link between two studs. */
    public record Link(String a, String b) implements Comparable<Link> {
        public Link {
            if (Marks.NATURAL_ORDER.compare(a, b) > 0) {
                String swap = a;
                a = b;
                b = swap;
            }
        }

        @Override
        public int compareTo(Link other) {
            int first = Marks.NATURAL_ORDER.compare(a, other.a);
            return first != 0 ? first : Marks.NATURAL_ORDER.compare(b, other.b);
        }

        @Override
        public String toString() {
            return a + "–" + b;
        }
    }

    /**
     * What is on the board.
     *
     * @param links the links
     * @param leads which stud a movable lead or a line (L1, L2) sits on, by its mark
     */
    public record Layout(SortedSet<Link> links, SortedMap<String, String> leads) {
        public Layout {
            links = java.util.Collections.unmodifiableSortedSet(new TreeSet<>(links));
            SortedMap<String, String> copy = new TreeMap<>(Marks.NATURAL_ORDER);
            copy.putAll(leads);
            leads = java.util.Collections.unmodifiableSortedMap(copy);
        }

        Layout withLinks(SortedSet<Link> others) {
            return new Layout(others, leads);
        }
    }

    /** What to do with a link or a lead. */
    public enum Act {
        LINK_OFF,
        LEAD_MOVES,
        LINK_ON,
        LEAD_MAY_STAY
    }

    /**
     * One move.
     *
     * @param act what is done
     * @param what the link or the lead
     * @param from the stud it sits on; blank for a link
     * @param to the stud it goes to; blank for a link
     * @param trap the lead is right today only because of a link that comes out
     * @param words why
     */
    public record Move(Act act, String what, String from, String to, boolean trap, String words) {}

    public StudBoard {
        rows = rows.stream().map(List::copyOf).toList();
    }

    public List<String> studs() {
        return rows.stream().flatMap(List::stream).toList();
    }

    boolean has(String stud) {
        return rows.stream().anyMatch(r -> r.contains(stud));
    }

    private Nodes nodes(Collection<Link> links) {
        Nodes.Builder builder =
                Nodes.over(studs().stream().map(Terminal::splice).toList());
        links.forEach(l -> builder.join(Terminal.splice(l.a()), Terminal.splice(l.b())));
        return builder.build();
    }

    private static boolean same(Nodes nodes, String a, String b) {
        return nodes.same(Terminal.splice(a), Terminal.splice(b));
    }

    /** The stud a motor's lead sits on: where it was put, or the stud of its own mark. */
    private Map<String, String> places(Layout layout, Leads leads) {
        Map<String, String> places = new TreeMap<>(Marks.NATURAL_ORDER);
        leads.marks().stream().filter(studs()::contains).forEach(m -> places.put(m, m));
        places.putAll(layout.leads());
        return places;
    }

    /** The leads and lines that are one point, as sets of marks. */
    public Set<SortedSet<String>> groups(Layout layout, Leads leads) {
        Nodes nodes = nodes(layout.links());
        Map<String, SortedSet<String>> byNode = places(layout, leads).entrySet().stream()
                .collect(Collectors.groupingBy(
                        e -> nodes.nodeOf(Terminal.splice(e.getValue())).mark(),
                        Collectors.mapping(
                                Map.Entry::getKey, Collectors.toCollection(() -> new TreeSet<>(Marks.NATURAL_ORDER)))));
        return Set.copyOf(byNode.values());
    }

    /** The layout read into groups: a column of the diagram. */
    public Connection connection(Layout layout, Leads leads, int volts, Swap swap) {
        SortedSet<String> line1 = new TreeSet<>(Marks.NATURAL_ORDER);
        SortedSet<String> line2 = new TreeSet<>(Marks.NATURAL_ORDER);
        List<SortedSet<String>> joined = new ArrayList<>();
        for (SortedSet<String> group : groups(layout, leads)) {
            SortedSet<String> marks = new TreeSet<>(Marks.NATURAL_ORDER);
            group.stream().filter(m -> !m.equals("L1") && !m.equals("L2")).forEach(marks::add);
            if (group.contains("L1")) {
                line1.addAll(marks);
            } else if (group.contains("L2")) {
                line2.addAll(marks);
            } else if (marks.size() > 1) {
                joined.add(marks);
            }
        }
        joined.sort((a, b) -> Marks.NATURAL_ORDER.compare(a.first(), b.first()));
        return new Connection(volts, line1, line2, joined, swap);
    }

    /** Whether two layouts join the same leads and lines. */
    public boolean isEqual(Layout one, Layout other, Leads leads) {
        return groups(one, leads).equals(groups(other, leads));
    }

    /** What the board becomes if somebody moves the links alone and leaves every lead where it is. */
    public Layout linksMovedOnly(Layout found, Layout target) {
        return found.withLinks(target.links());
    }

    /**
     * Every move from what is found to what the diagram shows: links out, leads over, links in (the lines come last with
     * their leads). A lead that sits on the far stud of a link that comes out is a trap and said so.
     */
    public List<Move> moves(Layout found, Layout target) {
        Nodes before = nodes(found.links());
        Nodes after = nodes(target.links());
        List<Move> moves = new ArrayList<>();
        found.links().stream()
                .filter(l -> !target.links().contains(l))
                .forEach(l -> moves.add(
                        new Move(Act.LINK_OFF, l.toString(), "", "", false, "It does not belong to the new voltage.")));
        List<Move> stays = new ArrayList<>();
        List<Move> lines = new ArrayList<>();
        for (String lead : allLeads(found, target)) {
            String from = found.leads().getOrDefault(lead, lead);
            String to = target.leads().getOrDefault(lead, lead);
            if (from.equals(to)) {
                continue;
            }
            if (studs().contains(from) && same(after, from, to)) {
                stays.add(new Move(
                        Act.LEAD_MAY_STAY,
                        lead,
                        from,
                        to,
                        false,
                        "The same point as " + to + " as long as the new link is there."));
                continue;
            }
            boolean trap = studs().contains(from) && same(before, from, to);
            Move move = new Move(
                    Act.LEAD_MOVES,
                    lead,
                    from,
                    to,
                    trap,
                    trap
                            ? from + " and " + to
                                    + " are the same point only while the link between them is there. It comes"
                                    + " out."
                            : "It belongs on " + to + " for the new voltage.");
            (lead.equals("L1") || lead.equals("L2") ? lines : moves).add(move);
        }
        target.links().stream()
                .filter(l -> !found.links().contains(l))
                .forEach(l ->
                        moves.add(new Move(Act.LINK_ON, l.toString(), "", "", false, "It makes the new voltage.")));
        moves.addAll(lines);
        moves.addAll(stays);
        return moves;
    }

    private static SortedSet<String> allLeads(Layout found, Layout target) {
        SortedSet<String> all = new TreeSet<>(Marks.NATURAL_ORDER);
        all.addAll(found.leads().keySet());
        all.addAll(target.leads().keySet());
        return all;
    }
}
