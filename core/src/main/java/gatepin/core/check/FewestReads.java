package gatepin.core.check;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * The cheapest choice of columns that covers every row: branch and bound, exact unless it is cut short. A column's price is a thousand
 * for being there at all and a little for what it takes to get at it, so that the fewest come first and then the easiest.
 */
public final class FewestReads {
    /** What a column costs for being there. */
    static final int ONE = 1000;

    /** So many branches and no more. */
    private static final int MOST_NODES = 6_000;

    private static final int MOST_FOR_PRICE = 40;
    private static final int AT_THE_ROOT = 200;
    private static final int AT_A_BRANCH = 25;
    /** After so many rounds without getting better a smaller step is taken. */
    private static final int PATIENCE = 5;

    /** Prices are driven towards a little more than the best that is known. */
    private static final double AIM = 1.02;

    /**
     * What came of it.
     *
     * @param chosen the columns, by their places
     * @param leastNumber no choice has fewer
     */
    public record Choice(List<Integer> chosen, int leastNumber) {}

    private final List<BitSet> covers;
    private final int[] costs;
    private final int[][] columnsOf;
    private final int[][] rowsOf;
    private final int mostNodes;
    private final boolean allAlike;
    private List<Integer> best = List.of();
    private int bestCost = Integer.MAX_VALUE;
    private int nodes;
    private boolean cut;

    private FewestReads(List<BitSet> covers, int[] costs, int rows, int mostNodes) {
        this.covers = covers;
        this.costs = costs;
        this.mostNodes = mostNodes;
        this.allAlike = Arrays.stream(costs).allMatch(c -> c == ONE);
        this.rowsOf = covers.stream().map(c -> c.stream().toArray()).toArray(int[][]::new);
        this.columnsOf = new int[rows][];
        for (int r = 0; r < rows; r++) {
            int row = r;
            columnsOf[r] = IntStream.range(0, covers.size())
                    .filter(c -> covers.get(c).get(row))
                    .toArray();
        }
    }

    /**
     * Chooses.
     *
     * @param columns for each column the rows it covers
     * @param access for each column what it takes to get at it, below a thousand
     * @param given columns that are chosen whatever comes
     * @param rows the rows to cover; each has to be in some column
     */
    public static Choice choose(List<BitSet> columns, int[] access, List<Integer> given, BitSet rows) {
        BitSet left = (BitSet) rows.clone();
        given.forEach(c -> left.andNot(columns.get(c)));
        List<Integer> kept = undominated(columns, access, left);
        List<BitSet> narrowed = distinctRows(kept.stream()
                .map(c -> {
                    BitSet covered = (BitSet) columns.get(c).clone();
                    covered.and(left);
                    return covered;
                })
                .toList());
        BitSet all = new BitSet();
        narrowed.forEach(all::or);
        int[] ones = new int[kept.size()];
        Arrays.fill(ones, ONE);
        FewestReads number = new FewestReads(narrowed, ones, all.length(), MOST_NODES);
        int bound = number.solve(all);
        FewestReads price = new FewestReads(
                narrowed, kept.stream().mapToInt(c -> ONE + access[c]).toArray(), all.length(), MOST_FOR_PRICE);
        price.best = number.best;
        price.bestCost = number.best.stream().mapToInt(c -> price.costs[c]).sum();
        price.solve(all);
        List<Integer> chosen = new ArrayList<>(given);
        price.best.forEach(c -> chosen.add(kept.get(c)));
        return new Choice(chosen, given.size() + bound / ONE);
    }

    /** Searches; gives what no choice can be below. */
    private int solve(BitSet rows) {
        if (rows.isEmpty()) {
            return 0;
        }
        BitSet open = new BitSet();
        open.set(0, costs.length);
        greedy(rows);
        double[] prices = new double[columnsOf.length];
        for (int r = 0; r < prices.length; r++) {
            double least = Double.MAX_VALUE;
            for (int c : columnsOf[r]) {
                least = Math.min(least, (double) costs[c] / rowsOf[c].length);
            }
            prices[r] = least;
        }
        int bound = bound(rows, open, prices, AT_THE_ROOT, bestCost);
        search(rows, open, new ArrayList<>(), 0, prices);
        return cut ? Math.min(bound, bestCost) : bestCost;
    }

    /** A first choice: always the column that covers most of what is left for its price. */
    private void greedy(BitSet rows) {
        BitSet left = (BitSet) rows.clone();
        List<Integer> chosen = new ArrayList<>();
        int cost = 0;
        while (!left.isEmpty()) {
            int most = -1;
            for (int c = 0; c < costs.length; c++) {
                if (most < 0 || (long) covered(c, left) * costs[most] > (long) covered(most, left) * costs[c]) {
                    most = c;
                }
            }
            chosen.add(most);
            cost += costs[most];
            left.andNot(covers.get(most));
        }
        if (cost < bestCost) {
            bestCost = cost;
            best = List.copyOf(chosen);
        }
    }

    /** Columns that no other one covers as much as at no higher price. */
    private static List<Integer> undominated(List<BitSet> columns, int[] access, BitSet rows) {
        Map<BitSet, Integer> cheapest = new LinkedHashMap<>();
        for (int c = 0; c < columns.size(); c++) {
            BitSet covered = (BitSet) columns.get(c).clone();
            covered.and(rows);
            int here = c;
            if (!covered.isEmpty()) {
                cheapest.merge(covered, c, (a, b) -> access[a] <= access[here] ? a : b);
            }
        }
        List<Map.Entry<BitSet, Integer>> all = new ArrayList<>(cheapest.entrySet());
        all.sort((a, b) -> b.getKey().cardinality() - a.getKey().cardinality());
        List<Map.Entry<BitSet, Integer>> kept = new ArrayList<>();
        for (Map.Entry<BitSet, Integer> entry : all) {
            boolean beaten = kept.stream()
                    .anyMatch(
                            k -> access[k.getValue()] <= access[entry.getValue()] && holds(k.getKey(), entry.getKey()));
            if (!beaten) {
                kept.add(entry);
            }
        }
        return kept.stream().map(Map.Entry::getValue).toList();
    }

    private static boolean holds(BitSet larger, BitSet smaller) {
        BitSet rest = (BitSet) smaller.clone();
        rest.andNot(larger);
        return rest.isEmpty();
    }

    /** The same columns over the rows that matter: one covered wherever another is, is covered with it. */
    private static List<BitSet> distinctRows(List<BitSet> columns) {
        BitSet all = new BitSet();
        columns.forEach(all::or);
        Map<BitSet, Integer> seen = new LinkedHashMap<>();
        all.stream().forEach(r -> {
            BitSet in = new BitSet();
            for (int c = 0; c < columns.size(); c++) {
                in.set(c, columns.get(c).get(r));
            }
            seen.putIfAbsent(in, r);
        });
        List<BitSet> rows = new ArrayList<>(seen.keySet());
        rows.sort((a, b) -> a.cardinality() - b.cardinality());
        List<BitSet> kept = new ArrayList<>();
        for (BitSet row : rows) {
            if (kept.stream().noneMatch(k -> holds(row, k))) {
                kept.add(row);
            }
        }
        List<BitSet> narrowed = new ArrayList<>();
        for (int c = 0; c < columns.size(); c++) {
            BitSet covered = new BitSet();
            for (int r = 0; r < kept.size(); r++) {
                covered.set(r, kept.get(r).get(c));
            }
            narrowed.add(covered);
        }
        return narrowed;
    }

    private void search(BitSet rows, BitSet open, List<Integer> chosen, int cost, double[] prices) {
        if (rows.isEmpty()) {
            if (cost < bestCost) {
                bestCost = cost;
                best = List.copyOf(chosen);
            }
            return;
        }
        cut |= ++nodes > mostNodes;
        double[] mine = prices.clone();
        BitSet still = (BitSet) open.clone();
        if (cut || cost + bound(rows, still, mine, AT_A_BRANCH, bestCost - cost) >= bestCost) {
            return;
        }
        int hardest = -1;
        int fewest = Integer.MAX_VALUE;
        for (int r = rows.nextSetBit(0); r >= 0; r = rows.nextSetBit(r + 1)) {
            int count = 0;
            for (int c : columnsOf[r]) {
                count += still.get(c) ? 1 : 0;
            }
            if (count < fewest) {
                fewest = count;
                hardest = r;
            }
        }
        List<Integer> candidates = new ArrayList<>();
        for (int c : columnsOf[hardest]) {
            if (still.get(c)) {
                candidates.add(c);
            }
        }
        candidates.sort((a, b) -> covered(b, rows) - covered(a, rows));
        for (int column : candidates) {
            BitSet rest = (BitSet) rows.clone();
            rest.andNot(covers.get(column));
            // what was tried is not tried again beside the others
            still.clear(column);
            chosen.add(column);
            search(rest, still, chosen, cost + costs[column], mine);
            chosen.remove(chosen.size() - 1);
        }
    }

    private int covered(int column, BitSet rows) {
        int count = 0;
        for (int r : rowsOf[column]) {
            count += rows.get(r) ? 1 : 0;
        }
        return count;
    }

    /**
     * No choice covers these rows for less: each row offers a price for being covered, and what is offered beyond what columns cost is
     * taken off again (Lagrangian relaxation; Beasley, OR-Library papers on set covering, from memory). The prices are made better as
     * it goes, and rounded up to whole readings where all cost the same. Columns that no choice below the aim can have are no longer
     * open then.
     */
    private int bound(BitSet rows, BitSet open, double[] prices, int rounds, int aim) {
        int[] columns = open.stream().toArray();
        int[][] live = new int[columns.length][];
        for (int k = 0; k < columns.length; k++) {
            live[k] = within(rowsOf[columns[k]], rows);
        }
        int[] wanted = rows.stream().toArray();
        int[] slack = new int[prices.length];
        double best = 0;
        double[] bestPrices = prices.clone();
        double step = 1;
        int worse = 0;
        for (int round = 0; round < rounds; round++) {
            double offered = 0;
            for (int r : wanted) {
                offered += prices[r];
                slack[r] = 1;
            }
            for (int k = 0; k < columns.length; k++) {
                double reduced = reduced(columns[k], live[k], prices);
                if (reduced < 0) {
                    offered += reduced;
                    for (int r : live[k]) {
                        slack[r]--;
                    }
                }
            }
            if (offered > best) {
                best = offered;
                System.arraycopy(prices, 0, bestPrices, 0, prices.length);
                worse = 0;
            } else if (++worse == PATIENCE) {
                step /= 2;
                worse = 0;
            }
            if (whole(best) >= aim) {
                break;
            }
            double length = 0;
            for (int r : wanted) {
                length += slack[r] * slack[r];
            }
            if (length == 0) {
                break;
            }
            double by = step * (AIM * aim - offered) / length;
            for (int r : wanted) {
                prices[r] = Math.max(0, prices[r] + by * slack[r]);
            }
        }
        System.arraycopy(bestPrices, 0, prices, 0, prices.length);
        for (int k = 0; k < columns.length; k++) {
            if (whole(best + reduced(columns[k], live[k], prices)) >= aim) {
                open.clear(columns[k]);
            }
        }
        return whole(best);
    }

    private static int[] within(int[] all, BitSet rows) {
        int[] within = new int[all.length];
        int count = 0;
        for (int r : all) {
            if (rows.get(r)) {
                within[count++] = r;
            }
        }
        return Arrays.copyOf(within, count);
    }

    /** What a column costs beyond what the rows offer for it. */
    private double reduced(int column, int[] live, double[] prices) {
        double reduced = costs[column];
        for (int r : live) {
            reduced -= prices[r];
        }
        return reduced;
    }

    /** A bound rounded up to what a choice can cost. */
    private int whole(double bound) {
        int whole = (int) Math.ceil(bound - 1e-6);
        return allAlike ? (whole + ONE - 1) / ONE * ONE : whole;
    }
}
