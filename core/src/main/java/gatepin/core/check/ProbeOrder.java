package gatepin.core.check;

import gatepin.core.check.ColdPlan.Step;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The order of readings that moves probes and handle least: exact for up to a dozen (dynamic programming over sets, Held and Karp),
 * beyond that improved until no turn of a stretch makes it better. The first stays first.
 */
final class ProbeOrder {
    private static final int EXACT = 12;
    private static final int A_PROBE = 2;
    private static final int A_THROW = 3;
    private static final int THE_CARD = 5;
    private static final int A_TAG_OFF = 9;

    private ProbeOrder() {}

    /** Puts readings in order. */
    static List<Step> least(List<Step> steps) {
        int n = steps.size();
        if (n < 3) {
            return steps;
        }
        int[][] cost = new int[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                cost[i][j] = moves(steps.get(i).read(), steps.get(j).read());
            }
        }
        int[] order = n <= EXACT ? exact(cost) : improved(cost);
        return Arrays.stream(order).mapToObj(steps::get).toList();
    }

    /** What it takes to get from one reading to the next. */
    static int moves(Read from, Read to) {
        if (!(from instanceof Read.Ohms a) || !(to instanceof Read.Ohms b)) {
            return from.equals(to) ? 0 : A_TAG_OFF;
        }
        int probes = 2;
        if (a.a().equals(b.a()) || a.a().equals(b.b())) {
            probes--;
        }
        if (a.b().equals(b.b()) || a.b().equals(b.a())) {
            probes--;
        }
        return A_PROBE * probes
                + (a.setting().equals(b.setting()) ? 0 : A_THROW)
                + (a.heldOpen() == b.heldOpen() ? 0 : THE_CARD);
    }

    private static int[] exact(int[][] cost) {
        int n = cost.length;
        int[][] best = new int[1 << n][n];
        int[][] before = new int[1 << n][n];
        for (int[] row : best) {
            Arrays.fill(row, Integer.MAX_VALUE / 2);
        }
        best[1][0] = 0;
        for (int set = 1; set < 1 << n; set += 2) {
            for (int last = 0; last < n; last++) {
                if ((set & 1 << last) == 0 || best[set][last] >= Integer.MAX_VALUE / 2) {
                    continue;
                }
                for (int next = 1; next < n; next++) {
                    int with = set | 1 << next;
                    int then = best[set][last] + cost[last][next];
                    if (with != set && then < best[with][next]) {
                        best[with][next] = then;
                        before[with][next] = last;
                    }
                }
            }
        }
        int set = (1 << n) - 1;
        int last = 0;
        for (int i = 1; i < n; i++) {
            last = best[set][i] < best[set][last] || last == 0 ? i : last;
        }
        int[] order = new int[n];
        for (int at = n - 1; at > 0; at--) {
            order[at] = last;
            int previous = before[set][last];
            set &= ~(1 << last);
            last = previous;
        }
        return order;
    }

    private static int[] improved(int[][] cost) {
        int n = cost.length;
        List<Integer> left = new ArrayList<>();
        for (int i = 1; i < n; i++) {
            left.add(i);
        }
        int[] order = new int[n];
        for (int at = 1; at < n; at++) {
            int here = order[at - 1];
            Integer nearest = left.stream()
                    .min((a, b) -> Integer.compare(cost[here][a], cost[here][b]))
                    .orElseThrow();
            order[at] = nearest;
            left.remove(nearest);
        }
        boolean better = true;
        while (better) {
            better = false;
            for (int i = 1; i < n - 1; i++) {
                for (int j = i + 1; j < n; j++) {
                    int[] turned = turned(order, i, j);
                    if (length(turned, cost) < length(order, cost)) {
                        order = turned;
                        better = true;
                    }
                }
            }
        }
        return order;
    }

    private static int[] turned(int[] order, int from, int to) {
        int[] turned = order.clone();
        for (int i = from; i <= to; i++) {
            turned[i] = order[from + to - i];
        }
        return turned;
    }

    private static int length(int[] order, int[][] cost) {
        int length = 0;
        for (int i = 1; i < order.length; i++) {
            length += cost[order[i - 1]][order[i]];
        }
        return length;
    }
}
