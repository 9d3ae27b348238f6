package gatepin.core.gear;

import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.gear.Buzz.Probe;
import gatepin.core.gear.Buzz.Result;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * A switch whose chart is being found out with a buzzer. What is joined to the same terminal is joined, and what is apart from
 * one of two joined terminals is apart from the other; so not every pair needs a probe.
 *
 * @param rows the terminals as seen on the face, top to bottom, left to right
 * @param hasOff the handle has a place for OFF
 * @param pairsOnly every contact joins two terminals of its own, as in a cam switch: a terminal whose partner is known
 *     joins nothing else
 * @param buzzes every reading, the oldest first; of two on one pair in one position the later counts
 */
public record SwitchMap(List<List<Terminal>> rows, boolean hasOff, boolean pairsOnly, List<Buzz> buzzes) {
    /** Most terminals a face can have here. */
    public static final int MOST = 16;

    /** What is known of a pair in a position. */
    public enum Known {
        JOINED,
        APART,
        /** Nobody tried it, and it does not follow. */
        OPEN_QUESTION
    }

    /**
     * Readings that cannot all be true.
     *
     * @param position where the handle stood
     * @param apart the pair that did not buzz
     * @param by the terminals through which it should have
     */
    public record Contradiction(HandlePosition position, Contact apart, List<Terminal> by) {}

    public SwitchMap {
        rows = rows.stream().map(List::copyOf).toList();
        buzzes = List.copyOf(buzzes);
    }

    public List<Terminal> terminals() {
        return rows.stream().flatMap(List::stream).toList();
    }

    public List<HandlePosition> positions() {
        return hasOff ? List.of(HandlePosition.values()) : List.of(HandlePosition.FORWARD, HandlePosition.REVERSE);
    }

    /** The readings that count in a position, by pair. */
    private Map<Contact, Result> readings(HandlePosition position) {
        Map<Contact, Result> last = new LinkedHashMap<>();
        buzzes.stream().filter(b -> b.position() == position).forEach(b -> last.put(b.pair(), b.result()));
        return last;
    }

    /** The same map with one more reading. */
    public SwitchMap with(Buzz buzz) {
        List<Buzz> more = new ArrayList<>(buzzes);
        more.add(buzz);
        return new SwitchMap(rows, hasOff, pairsOnly, more);
    }

    /** Readings that say a terminal joins none of those it is not known to join or to be apart from. */
    public List<Buzz> nothingElse(HandlePosition position, Terminal terminal) {
        Knowledge known = knowledge(position);
        return terminals().stream()
                .filter(t -> !t.equals(terminal) && known.of(t, terminal) == Known.OPEN_QUESTION)
                .map(t -> new Buzz(position, new Contact(t, terminal), Result.OPEN))
                .toList();
    }

    /** What is known of a pair in a position. */
    public Known known(HandlePosition position, Contact pair) {
        return knowledge(position).of(pair.a(), pair.b());
    }

    /** What readings and deduction say of one position. */
    private final class Knowledge {
        private final List<Terminal> terminals = terminals();
        private final int[] set = new int[terminals.size()];
        private final boolean[][] apart = new boolean[terminals.size()][terminals.size()];
        private final Map<Terminal, Set<Terminal>> partners = partners();

        Knowledge(HandlePosition position) {
            java.util.Arrays.setAll(set, i -> i);
            Map<Contact, Result> readings = readings(position);
            readings.forEach((pair, result) -> {
                if (result != Result.OPEN) {
                    int a = set[index(pair.a())];
                    int b = set[index(pair.b())];
                    for (int i = 0; i < set.length; i++) {
                        set[i] = set[i] == b ? a : set[i];
                    }
                }
            });
            readings.forEach((pair, result) -> {
                if (result == Result.OPEN) {
                    int a = set[index(pair.a())];
                    int b = set[index(pair.b())];
                    apart[a][b] = true;
                    apart[b][a] = true;
                }
            });
        }

        private int index(Terminal terminal) {
            return terminals.indexOf(terminal);
        }

        Known of(Terminal one, Terminal other) {
            int a = set[index(one)];
            int b = set[index(other)];
            if (a == b) {
                return Known.JOINED;
            }
            boolean others = pairsOnly && (hasOtherPartner(one, other) || hasOtherPartner(other, one));
            return apart[a][b] || others ? Known.APART : Known.OPEN_QUESTION;
        }

        private boolean hasOtherPartner(Terminal one, Terminal other) {
            Set<Terminal> known = partners.getOrDefault(one, Set.of());
            return !known.isEmpty() && !known.contains(other);
        }

        /** The sets of two or more terminals that are joined. */
        List<SortedSet<Terminal>> joined() {
            Map<Integer, SortedSet<Terminal>> sets = new LinkedHashMap<>();
            for (Terminal terminal : terminals) {
                sets.computeIfAbsent(set[index(terminal)], k -> new TreeSet<>()).add(terminal);
            }
            return sets.values().stream().filter(s -> s.size() > 1).toList();
        }
    }

    private Knowledge knowledge(HandlePosition position) {
        return new Knowledge(position);
    }

    /** What each terminal was found joined with, in whatever position. */
    private Map<Terminal, Set<Terminal>> partners() {
        Map<Terminal, Set<Terminal>> partners = new HashMap<>();
        for (HandlePosition position : positions()) {
            readings(position).forEach((pair, result) -> {
                if (result != Result.OPEN) {
                    partners.computeIfAbsent(pair.a(), k -> new LinkedHashSet<>())
                            .add(pair.b());
                    partners.computeIfAbsent(pair.b(), k -> new LinkedHashSet<>())
                            .add(pair.a());
                }
            });
        }
        return partners;
    }

    /** Terminals of a switch of pairs that were found joined with more than one other. */
    public SortedSet<Terminal> moreThanAPair() {
        SortedSet<Terminal> found = new TreeSet<>();
        if (pairsOnly) {
            partners().forEach((terminal, others) -> {
                if (others.size() > 1) {
                    found.add(terminal);
                }
            });
        }
        return found;
    }

    /** Readings that cannot all be true: two terminals apart that others join. */
    public List<Contradiction> contradictions() {
        List<Contradiction> found = new ArrayList<>();
        for (HandlePosition position : positions()) {
            Map<Contact, Result> readings = readings(position);
            readings.forEach((pair, result) -> {
                if (result == Result.OPEN) {
                    List<Terminal> way = way(pair, readings);
                    if (!way.isEmpty()) {
                        found.add(new Contradiction(position, pair, way));
                    }
                }
            });
        }
        return found;
    }

    /** The shortest way from one terminal of a pair to the other through pairs that buzzed; none where there is none. */
    private static List<Terminal> way(Contact pair, Map<Contact, Result> readings) {
        Map<Terminal, Terminal> from = new HashMap<>();
        Deque<Terminal> open = new ArrayDeque<>(List.of(pair.a()));
        from.put(pair.a(), pair.a());
        while (!open.isEmpty() && !from.containsKey(pair.b())) {
            Terminal here = open.remove();
            readings.forEach((other, result) -> {
                boolean touches = other.a().equals(here) || other.b().equals(here);
                Terminal next = other.a().equals(here) ? other.b() : other.a();
                if (result != Result.OPEN && touches && from.putIfAbsent(next, here) == null) {
                    open.add(next);
                }
            });
        }
        if (!from.containsKey(pair.b())) {
            return List.of();
        }
        List<Terminal> way = new ArrayList<>(List.of(pair.b()));
        while (!way.get(0).equals(pair.a())) {
            way.add(0, from.getOrDefault(way.get(0), pair.a()));
        }
        return way;
    }

    /** The pairs not yet settled, the most telling first: partners from other positions, then neighbours on the face. */
    public List<Probe> openQuestions() {
        Map<Terminal, Set<Terminal>> partners = partners();
        Map<Terminal, int[]> places = SwitchKind.places(rows);
        List<Probe> open = new ArrayList<>();
        for (HandlePosition position : positions()) {
            Knowledge known = knowledge(position);
            List<Terminal> terminals = terminals();
            List<Contact> pairs = new ArrayList<>();
            for (int a = 0; a < terminals.size(); a++) {
                for (int b = a + 1; b < terminals.size(); b++) {
                    if (known.of(terminals.get(a), terminals.get(b)) == Known.OPEN_QUESTION) {
                        pairs.add(new Contact(terminals.get(a), terminals.get(b)));
                    }
                }
            }
            pairs.sort(Comparator.comparing((Contact p) ->
                            !partners.getOrDefault(p.a(), Set.of()).contains(p.b()))
                    .thenComparingInt(p -> apartOnFace(places, p)));
            pairs.forEach(p -> open.add(new Probe(position, p)));
        }
        return open;
    }

    private static int apartOnFace(Map<Terminal, int[]> places, Contact pair) {
        int[] a = places.getOrDefault(pair.a(), new int[2]);
        int[] b = places.getOrDefault(pair.b(), new int[2]);
        return Math.abs(a[0] - b[0]) * 2 + Math.abs(a[1] - b[1]);
    }

    /** The pair to try next; empty when every pair in every position is known. */
    public Optional<Probe> next() {
        return openQuestions().stream().findFirst();
    }

    /** Every pair in every position is known, and no reading contradicts the others. */
    public boolean isSettled() {
        return next().isEmpty() && contradictions().isEmpty() && moreThanAPair().isEmpty();
    }

    /** Pairs that close only now and then. */
    public List<Buzz> intermittent() {
        List<Buzz> found = new ArrayList<>();
        for (HandlePosition position : positions()) {
            readings(position).forEach((pair, result) -> {
                if (result == Result.SOMETIMES) {
                    found.add(new Buzz(position, pair, result));
                }
            });
        }
        return found;
    }

    /** Terminals that join nothing in any position. */
    public SortedSet<Terminal> idle() {
        SortedSet<Terminal> idle = new TreeSet<>(terminals());
        for (HandlePosition position : positions()) {
            knowledge(position).joined().forEach(idle::removeAll);
        }
        return idle;
    }

    /** Pairs joined in every position: a link, or a contact that is welded. */
    public List<Contact> alwaysJoined() {
        List<Contact> always = new ArrayList<>();
        List<Terminal> terminals = terminals();
        for (int a = 0; a < terminals.size(); a++) {
            for (int b = a + 1; b < terminals.size(); b++) {
                Contact pair = new Contact(terminals.get(a), terminals.get(b));
                if (positions().stream().allMatch(p -> known(p, pair) == Known.JOINED)) {
                    always.add(pair);
                }
            }
        }
        return always;
    }

    /** The chart as far as it is known. Where three or more are joined, contacts that close in other positions, too, come first. */
    public ContactChart chart() {
        Map<HandlePosition, Set<Contact>> closed = new EnumMap<>(HandlePosition.class);
        for (HandlePosition position : positions()) {
            Set<Contact> contacts = new LinkedHashSet<>();
            knowledge(position).joined().forEach(set -> contacts.addAll(contactsOf(set)));
            closed.put(position, contacts);
        }
        return ContactChart.ofHandle(terminals(), closed);
    }

    private List<Contact> contactsOf(SortedSet<Terminal> set) {
        List<Contact> pairs = new ArrayList<>();
        List<Terminal> members = List.copyOf(set);
        for (int a = 0; a < members.size(); a++) {
            for (int b = a + 1; b < members.size(); b++) {
                pairs.add(new Contact(members.get(a), members.get(b)));
            }
        }
        pairs.sort(Comparator.comparingLong((Contact p) ->
                -positions().stream().filter(h -> known(h, p) == Known.JOINED).count()));
        Map<Terminal, Integer> part = new HashMap<>();
        members.forEach(m -> part.put(m, members.indexOf(m)));
        List<Contact> contacts = new ArrayList<>();
        for (Contact pair : pairs) {
            Integer a = part.get(pair.a());
            Integer b = part.get(pair.b());
            if (a != null && b != null && !a.equals(b)) {
                contacts.add(pair);
                part.replaceAll((t, p) -> p.equals(b) ? a : p);
            }
        }
        return contacts;
    }
}
