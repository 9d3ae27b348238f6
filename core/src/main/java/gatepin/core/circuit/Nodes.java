package gatepin.core.circuit;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * Terminals merged into nodes by the wires and closed contacts between them (union-find). Terminals on one node
 * are the same point electrically.
 */
public final class Nodes {
    private final Map<Terminal, Terminal> parent;

    private Nodes(Map<Terminal, Terminal> parent) {
        this.parent = parent;
    }

    /** What wires and closed contacts join; a terminal that none of them names is a node of its own. */
    public static Nodes of(Collection<Wire> wires, Collection<Contact> closed) {
        return over(List.of()).joinWires(wires).joinContacts(closed).build();
    }

    /** Starts a merge over the given terminals; every terminal is a node of its own at first. */
    public static Builder over(Collection<Terminal> terminals) {
        return new Builder(terminals);
    }

    /** A terminal that stands for the node of {@code terminal}; the same for all terminals on that node. */
    public Terminal nodeOf(Terminal terminal) {
        Terminal root = terminal;
        Terminal next = parent.get(root);
        while (next != null && !next.equals(root)) {
            root = next;
            next = parent.get(root);
        }
        return root;
    }

    /** Every terminal that was merged or named, in the order in which they came. */
    Set<Terminal> terminals() {
        return Collections.unmodifiableSet(parent.keySet());
    }

    /** The terminal is one of these. */
    boolean has(Terminal terminal) {
        return parent.containsKey(terminal);
    }

    public boolean same(Terminal a, Terminal b) {
        return nodeOf(a).equals(nodeOf(b));
    }

    /** The nodes restricted to {@code wanted}: sets of two or more of them that are joined, and singles. */
    public List<SortedSet<Terminal>> groupsAmong(Collection<Terminal> wanted) {
        Map<Terminal, SortedSet<Terminal>> byNode = new TreeMap<>();
        for (Terminal terminal : wanted) {
            byNode.computeIfAbsent(nodeOf(terminal), k -> new TreeSet<>()).add(terminal);
        }
        List<SortedSet<Terminal>> groups = new ArrayList<>(byNode.values());
        groups.sort(java.util.Comparator.comparing(SortedSet::first));
        return groups;
    }

    /** Collects joins, then builds the nodes. */
    public static final class Builder {
        private final Map<Terminal, Terminal> parent = new LinkedHashMap<>();

        private Builder(Collection<Terminal> terminals) {
            terminals.forEach(t -> parent.put(t, t));
        }

        /** Joins two terminals; a terminal not named before is added. */
        public Builder join(Terminal a, Terminal b) {
            Terminal rootA = root(a);
            Terminal rootB = root(b);
            if (!rootA.equals(rootB)) {
                parent.put(rootB, rootA);
            }
            return this;
        }

        public Builder joinWires(Collection<Wire> wires) {
            wires.forEach(w -> join(w.from(), w.to()));
            return this;
        }

        public Builder joinContacts(Collection<Contact> contacts) {
            contacts.forEach(c -> join(c.a(), c.b()));
            return this;
        }

        private Terminal root(Terminal terminal) {
            Terminal up = parent.putIfAbsent(terminal, terminal);
            if (up == null || up.equals(terminal)) {
                return terminal;
            }
            Terminal root = root(up);
            parent.put(terminal, root);
            return root;
        }

        public Nodes build() {
            return new Nodes(parent);
        }
    }
}
