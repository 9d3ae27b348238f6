package gatepin.core.circuit;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What is joined to what in a network, whatever the values: the same for every motor between the same terminals. Its branches are the
 * feeders, then the elements.
 *
 * @param nodes terminals that are one point
 * @param indexOf a number for each of those points; the panel is 0
 * @param from by branch, where it begins
 * @param to by branch, where it ends
 * @param forest a tree through every island, and the loops that are left
 */
record NetworkShape(Nodes nodes, Map<Terminal, Integer> indexOf, int[] from, int[] to, Forest forest) {
    static final int PANEL = 0;

    /** The feeders of the two lines and of the ground. */
    static final List<Terminal> FEEDERS = List.of(Terminal.L1, Terminal.L2, Terminal.GROUND);

    static NetworkShape of(Nodes nodes, List<Element> elements) {
        Map<Terminal, Integer> indexOf = new HashMap<>();
        for (Terminal terminal : nodes.terminals()) {
            indexOf.computeIfAbsent(nodes.nodeOf(terminal), n -> indexOf.size() + 1);
        }
        int feeders = FEEDERS.size();
        int[] from = new int[feeders + elements.size()];
        int[] to = new int[from.length];
        for (int f = 0; f < feeders; f++) {
            from[f] = PANEL;
            to[f] = index(nodes, indexOf, FEEDERS.get(f));
        }
        for (int e = 0; e < elements.size(); e++) {
            from[feeders + e] = index(nodes, indexOf, elements.get(e).a());
            to[feeders + e] = index(nodes, indexOf, elements.get(e).b());
        }
        return new NetworkShape(nodes, indexOf, from, to, new Forest(indexOf.size() + 1, from, to));
    }

    /** The branches of each loop, +1 along the loop, −1 against it, 0 not in it. */
    List<int[]> loops() {
        return forest.loops();
    }

    /** The number of a terminal's point. */
    int index(Terminal terminal) {
        return index(nodes, indexOf, terminal);
    }

    private static int index(Nodes nodes, Map<Terminal, Integer> indexOf, Terminal terminal) {
        Integer index = indexOf.get(nodes.nodeOf(terminal));
        if (index == null) {
            throw new IllegalArgumentException("this circuit has no terminal " + terminal);
        }
        return index;
    }
}
