package gatepin.core.control;

import gatepin.core.Effort;
import gatepin.core.check.DeadRead.Shows;
import gatepin.core.control.ControlNet.Contact;
import gatepin.core.control.ControlNet.Load;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;

/**
 * The ways a current can take through a control circuit with one thing wrong in it: for each coil the sets of contacts that have to be
 * closed together for it to get its voltage, none of which contains another.
 */
final class Paths {
    /** A load that can be fed in more ways than this is not followed further. */
    private static final int MOST = 3000;

    private final ControlNet net;
    private final Effort effort;
    private final Map<String, Integer> vertexOf = new HashMap<>();
    private final int hot;
    private final int common;
    private final List<Edge> edges = new ArrayList<>();
    private final List<List<Edge>> at = new ArrayList<>();
    private final List<Integer> atA = new ArrayList<>();
    private final List<Integer> atB = new ArrayList<>();
    private int vertices;

    /** A contact, or where {@code contact} is −1 a load, between two vertices. */
    private record Edge(int contact, int load, int a, int b) {
        int other(int vertex) {
            return vertex == a ? b : a;
        }
    }

    /** A way for the current: the contacts that have to be closed, and whether another load lies in it. */
    record Way(BitSet contacts, boolean throughLoad) {}

    /** A simple path, with the points it touches. */
    private record Walk(Way way, BitSet points) {}

    private Paths(ControlNet net, ControlFault fault, Effort effort) {
        this.net = net;
        this.effort = effort;
        Map<Integer, List<String>> terminals = net.terminals();
        Map<Integer, Integer> first = new HashMap<>();
        terminals.forEach((point, on) -> {
            int vertex = vertices++;
            first.put(point, vertex);
            for (int i = 0; i < on.size(); i++) {
                if (fault instanceof ControlFault.Broken broken
                        && broken.wire().point() == point
                        && i > 0
                        && on.get(i).equals(broken.wire().to())
                        && on.get(i - 1).equals(broken.wire().from())) {
                    vertex = vertices++;
                }
                vertexOf.put(on.get(i), vertex);
            }
        });
        int[] same = new int[vertices];
        for (int v = 0; v < vertices; v++) {
            same[v] = v;
        }
        int common0 = at(vertexOf, ControlNet.COMMON);
        if (fault instanceof ControlFault.Touching touching) {
            merge(same, at(first, touching.onePoint()), at(first, touching.otherPoint()));
        } else if (fault instanceof ControlFault.Earth earth) {
            merge(same, at(first, earth.point()), common0);
        }
        vertexOf.replaceAll((t, v) -> same[v]);
        hot = at(vertexOf, ControlNet.HOT);
        common = at(vertexOf, ControlNet.COMMON);
        for (Contact c : net.contacts()) {
            boolean closed = fault instanceof ControlFault.StuckClosed s && s.contact() == c.number();
            boolean open = fault instanceof ControlFault.StuckOpen s && s.contact() == c.number();
            if (!open && at(vertexOf, c.a()) != at(vertexOf, c.b())) {
                edges.add(new Edge(closed ? -2 : c.number(), -1, at(vertexOf, c.a()), at(vertexOf, c.b())));
            }
        }
        for (Load l : net.loads()) {
            atA.add(at(vertexOf, l.a()));
            atB.add(at(vertexOf, l.b()));
            edges.add(new Edge(-1, l.number(), at(vertexOf, l.a()), at(vertexOf, l.b())));
        }
        for (int v = 0; v < vertices; v++) {
            at.add(new ArrayList<>());
        }
        edges.forEach(e -> at.get(e.a()).add(e));
        edges.stream().filter(e -> e.a() != e.b()).forEach(e -> at.get(e.b()).add(e));
    }

    private static <K> int at(Map<K, Integer> map, K key) {
        return java.util.Objects.requireNonNull(map.get(key), () -> "there is no " + key);
    }

    private static void merge(int[] same, int one, int other) {
        int to = same[one];
        int from = same[other];
        for (int v = 0; v < same.length; v++) {
            same[v] = same[v] == from ? to : same[v];
        }
    }

    /**
     * Follows the current through a net.
     *
     * @throws Effort.TooMuch when there are too many ways, or it takes too long
     */
    static Paths of(ControlNet net, ControlFault fault, Effort effort) {
        return new Paths(net, fault, effort);
    }

    /** The ways to feed a load, the shortest first. */
    List<Way> to(int load) {
        int a = atA.get(load);
        int b = atB.get(load);
        if (a == b) {
            return List.of();
        }
        List<Way> all = new ArrayList<>();
        combine(walk(hot, a, load, common, b), walk(b, common, load, hot, a), all);
        combine(walk(hot, b, load, common, a), walk(a, common, load, hot, b), all);
        return least(all);
    }

    /** The ways to join hot and common with no load between: each of them blows the fuse. */
    List<Way> shorts() {
        return hot == common
                ? List.of(new Way(new BitSet(), false))
                : least(walk(hot, common, -1, -1, -1).stream()
                        .map(Walk::way)
                        .filter(w -> !w.throughLoad())
                        .toList());
    }

    /** A current that would pass one point twice does not pass the load. */
    private void combine(List<Walk> in, List<Walk> out, List<Way> all) {
        for (Walk one : in) {
            for (Walk other : out) {
                if (!one.points().intersects(other.points())) {
                    BitSet contacts = (BitSet) one.way().contacts().clone();
                    contacts.or(other.way().contacts());
                    all.add(new Way(
                            contacts, one.way().throughLoad() || other.way().throughLoad()));
                    enough(all.size());
                }
            }
        }
    }

    private void enough(int ways) {
        effort.step();
        if (ways > MOST) {
            throw new Effort.TooMuch("A coil here can be fed in more than " + MOST + " ways; that is not followed.");
        }
    }

    /** Every simple path from one vertex to another that keeps off two others and does not pass a load. */
    private List<Walk> walk(int from, int to, int load, int keepOff, int alsoKeepOff) {
        List<Walk> found = new ArrayList<>();
        if (from == keepOff || from == alsoKeepOff && from != to) {
            return found;
        }
        boolean[] been = new boolean[vertices];
        if (keepOff >= 0 && keepOff != to) {
            been[keepOff] = true;
        }
        if (alsoKeepOff >= 0 && alsoKeepOff != to) {
            been[alsoKeepOff] = true;
        }
        BitSet off = new BitSet();
        for (int v = 0; v < vertices; v++) {
            off.set(v, been[v]);
        }
        step(from, to, load, been, off, new BitSet(), false, found);
        return found;
    }

    private void step(
            int here,
            int to,
            int load,
            boolean[] been,
            BitSet off,
            BitSet contacts,
            boolean throughLoad,
            List<Walk> found) {
        if (here == to) {
            BitSet points = new BitSet();
            for (int v = 0; v < vertices; v++) {
                points.set(v, been[v]);
            }
            points.set(to);
            points.andNot(off);
            found.add(new Walk(new Way((BitSet) contacts.clone(), throughLoad), points));
            enough(found.size());
            return;
        }
        effort.step();
        been[here] = true;
        for (Edge edge : at.get(here)) {
            if ((load >= 0 && edge.load() == load) || been[edge.other(here)]) {
                continue;
            }
            boolean isNew = edge.contact() >= 0 && !contacts.get(edge.contact());
            if (isNew) {
                contacts.set(edge.contact());
            }
            step(edge.other(here), to, load, been, off, contacts, throughLoad || edge.load() >= 0, found);
            if (isNew) {
                contacts.clear(edge.contact());
            }
        }
        been[here] = false;
    }

    /** Those that contain no other; a way with a load in it is no less than one without. */
    private static List<Way> least(List<Way> ways) {
        List<Way> sorted = new ArrayList<>(ways);
        sorted.sort(java.util.Comparator.comparing(Way::throughLoad)
                .thenComparingInt(w -> w.contacts().cardinality()));
        List<Way> least = new ArrayList<>();
        for (Way way : sorted) {
            boolean contains = least.stream()
                    .anyMatch(l -> (!l.throughLoad() || way.throughLoad()) && within(l.contacts(), way.contacts()));
            if (!contains) {
                least.add(way);
            }
        }
        return least;
    }

    private static boolean within(BitSet small, BitSet large) {
        BitSet rest = (BitSet) small.clone();
        rest.andNot(large);
        return rest.isEmpty();
    }

    /** The terminals that are live while these contacts are closed: joined to hot through contacts alone. */
    List<String> live(BitSet closed) {
        boolean[] reached = new boolean[vertices];
        reached[hot] = true;
        boolean more = true;
        while (more) {
            more = false;
            for (Edge e : edges) {
                boolean conducts = e.load() < 0 && (e.contact() < 0 || closed.get(e.contact()));
                if (conducts && reached[e.a()] != reached[e.b()]) {
                    reached[e.a()] = true;
                    reached[e.b()] = true;
                    more = true;
                }
            }
        }
        return net.terminals().values().stream()
                .flatMap(List::stream)
                .filter(t -> reached[at(vertexOf, t)])
                .toList();
    }

    /**
     * What is joined while these contacts are closed, as an ohmmeter finds it.
     *
     * @param out the loads that are taken out, or broken
     */
    Joined joined(BitSet closed, Set<Integer> out) {
        int[] plain = components(e -> e.load() < 0 && (e.contact() < 0 || closed.get(e.contact())));
        int[] through =
                components(e -> e.load() < 0 ? e.contact() < 0 || closed.get(e.contact()) : !out.contains(e.load()));
        return new Joined(plain, through);
    }

    private int[] components(Predicate<Edge> conducts) {
        int[] of = new int[vertices];
        for (int v = 0; v < vertices; v++) {
            of[v] = v;
        }
        for (Edge edge : edges) {
            if (conducts.test(edge)) {
                int one = end(of, edge.a());
                int other = end(of, edge.b());
                of[Math.max(one, other)] = Math.min(one, other);
            }
        }
        for (int v = 0; v < vertices; v++) {
            of[v] = end(of, v);
        }
        return of;
    }

    private static int end(int[] of, int vertex) {
        int at = vertex;
        while (of[at] != at) {
            at = of[at];
        }
        return at;
    }

    /** What closed contacts join, and what they join with loads between. */
    final class Joined {
        private final int[] plain;
        private final int[] through;

        private Joined(int[] plain, int[] through) {
            this.plain = plain;
            this.through = through;
        }

        /** What an ohmmeter shows between two terminals: next to nothing, some ohms, or nothing at all. */
        Shows between(String one, String other) {
            int from = at(vertexOf, one);
            int to = at(vertexOf, other);
            return plain[from] == plain[to] ? Shows.JOINED : through[from] == through[to] ? Shows.LOAD : Shows.OPEN;
        }
    }
}
