package gatepin.core.winding;

import gatepin.core.circuit.Marks;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * Which leads hang together. Leads with a reading between them are on one island; an OL between two leads sets their
 * islands apart.
 */
final class Islands {
    private final List<String> leads;
    private final Map<String, MeterReading> latest;
    private final int[] islandOf;
    private final boolean[][] apart;
    private final List<SortedSet<String>> islands;

    Islands(List<String> leads, Map<String, MeterReading> latest) {
        this.leads = leads;
        this.latest = latest;
        this.islandOf = new int[leads.size()];
        for (int i = 0; i < islandOf.length; i++) {
            islandOf[i] = i;
        }
        latest.values().stream().filter(r -> !r.isOpen()).forEach(r -> join(index(r.a()), index(r.b())));
        this.islands = islands(leads, islandOf);
        this.apart = new boolean[leads.size()][leads.size()];
        latest.values().stream().filter(MeterReading::isOpen).forEach(r -> {
            int a = islandOf[index(r.a())];
            int b = islandOf[index(r.b())];
            apart[a][b] = true;
            apart[b][a] = true;
        });
    }

    /** The pair's name in maps of readings. */
    static String key(String a, String b) {
        return Marks.NATURAL_ORDER.compare(a, b) < 0 ? a + "\n" + b : b + "\n" + a;
    }

    private int index(String lead) {
        return leads.indexOf(lead);
    }

    private void join(int a, int b) {
        int from = islandOf[b];
        int to = islandOf[a];
        for (int i = 0; i < islandOf.length; i++) {
            if (islandOf[i] == from) {
                islandOf[i] = to;
            }
        }
    }

    /** The islands as far as they are known. */
    List<SortedSet<String>> all() {
        return islands;
    }

    private static List<SortedSet<String>> islands(List<String> leads, int[] islandOf) {
        Map<Integer, SortedSet<String>> byIsland = new TreeMap<>();
        for (int i = 0; i < islandOf.length; i++) {
            byIsland.computeIfAbsent(islandOf[i], k -> new TreeSet<>(Marks.NATURAL_ORDER))
                    .add(leads.get(i));
        }
        return List.copyOf(byIsland.values());
    }

    boolean areApart(SortedSet<String> one, SortedSet<String> other) {
        return apart[islandOf[index(one.first())]][islandOf[index(other.first())]];
    }

    /** An OL inside an island: at least one reading there is wrong. */
    List<MeterReading> contradictions() {
        return latest.values().stream()
                .filter(r -> r.isOpen() && islandOf[index(r.a())] == islandOf[index(r.b())])
                .toList();
    }

    /** Every two islands are proved apart. */
    boolean isComplete() {
        List<SortedSet<String>> all = all();
        for (int i = 0; i < all.size(); i++) {
            for (int j = 0; j < i; j++) {
                if (!areApart(all.get(i), all.get(j))) {
                    return false;
                }
            }
        }
        return true;
    }

    /** A pair inside an island of three or more that has not been read. */
    Optional<Probe> unreadInside() {
        for (SortedSet<String> island : all()) {
            List<String> members = List.copyOf(island);
            for (int i = 0; i < members.size(); i++) {
                for (int j = i + 1; j < members.size(); j++) {
                    if (!latest.containsKey(key(members.get(i), members.get(j)))) {
                        return Optional.of(new Probe(members.get(i), members.get(j)));
                    }
                }
            }
        }
        return Optional.empty();
    }

    /**
     * The pair between two islands whose reading tells most: the one whose outcome is least certain over every way the
     * islands may still hang together, weighed by how usual such a way is.
     */
    Optional<Probe> unreadBetween() {
        List<SortedSet<String>> all = all();
        int n = all.size();
        if (n > MOST_ENUMERATED) {
            return firstUnread(all);
        }
        boolean[][] proved = new boolean[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                proved[i][j] = i != j && areApart(all.get(i), all.get(j));
            }
        }
        Ways ways = new Ways(all.stream().mapToInt(SortedSet::size).toArray(), proved);
        double total = ways.weigh(0, 0);
        Optional<Probe> best = Optional.empty();
        double sharpest = -1;
        for (int i = 0; i < n; i++) {
            for (int j = i + 1; j < n; j++) {
                if (areApart(all.get(i), all.get(j))) {
                    continue;
                }
                double share = ways.together[i][j] / total;
                double doubt = share * (1 - share);
                if (doubt > sharpest + 1e-12) {
                    sharpest = doubt;
                    best = Optional.of(new Probe(all.get(i).first(), all.get(j).first()));
                }
            }
        }
        return best;
    }

    /** Above this many islands the ways to join them are too many to go through. */
    private static final int MOST_ENUMERATED = 8;

    private Optional<Probe> firstUnread(List<SortedSet<String>> all) {
        for (int i = 0; i < all.size(); i++) {
            for (int j = i + 1; j < all.size(); j++) {
                if (!areApart(all.get(i), all.get(j))) {
                    return Optional.of(new Probe(all.get(i).first(), all.get(j).first()));
                }
            }
        }
        return Optional.empty();
    }

    /** How usual an island of so many leads is in a motor (common practice: mostly pairs). */
    private static double usual(int leads) {
        return switch (leads) {
            case 1 -> 0.05;
            case 2 -> 1;
            case 3 -> 0.25;
            case 4 -> 0.03;
            default -> 0.002;
        };
    }

    /** Every way the islands may still hang together, weighed. */
    private static final class Ways {
        private final int[] leadsIn;
        private final boolean[][] apart;
        private final int[] blockOf;
        private final int[] leadsOfBlock;
        private final double[][] together;

        Ways(int[] leadsIn, boolean[][] apart) {
            this.leadsIn = leadsIn;
            this.apart = apart;
            this.blockOf = new int[leadsIn.length];
            this.leadsOfBlock = new int[leadsIn.length];
            this.together = new double[leadsIn.length][leadsIn.length];
        }

        /** Adds up the weights of all ways from {@code next} on, and for each two islands that of being one. */
        double weigh(int next, int blocks) {
            if (next == leadsIn.length) {
                return weight(blocks);
            }
            double sum = 0;
            for (int block = 0; block <= blocks; block++) {
                if (mayJoin(next, block)) {
                    blockOf[next] = block;
                    leadsOfBlock[block] += leadsIn[next];
                    sum += weigh(next + 1, Math.max(blocks, block + 1));
                    leadsOfBlock[block] -= leadsIn[next];
                }
            }
            return sum;
        }

        private double weight(int blocks) {
            double weight = 1;
            for (int block = 0; block < blocks; block++) {
                weight *= usual(leadsOfBlock[block]);
            }
            for (int i = 0; i < blockOf.length; i++) {
                for (int j = i + 1; j < blockOf.length; j++) {
                    if (blockOf[i] == blockOf[j]) {
                        together[i][j] += weight;
                    }
                }
            }
            return weight;
        }

        private boolean mayJoin(int next, int block) {
            for (int i = 0; i < next; i++) {
                if (blockOf[i] == block && apart[i][next]) {
                    return false;
                }
            }
            return true;
        }
    }
}
