package gatepin.core.plan;

import java.util.Arrays;
import java.util.List;

/**
 * The pattern of blocks that are alike.
 *
 * @param size how many terminals a block has
 * @param forward the contacts closed at FORWARD, as pairs of places in the block
 * @param reverse those closed at REVERSE
 * @param off those closed in OFF
 * @param label what sets a place apart: {@link #FREE}, {@link #UNUSABLE}, or the point that must stay on it
 * @param turns the ways to turn a block onto itself, the plain one first
 * @param forwardRankAfter for each place, how many joins the FORWARD contacts can make that get their second end there or later
 * @param reverseRankAfter the same at REVERSE
 */
record BlockPattern(
        int size,
        int[][] forward,
        int[][] reverse,
        int[][] off,
        int[] label,
        List<int[]> turns,
        int[] forwardRankAfter,
        int[] reverseRankAfter) {
    static BlockPattern of(int[][] forward, int[][] reverse, int[][] off, int[] label, List<int[]> turns) {
        return new BlockPattern(
                label.length,
                forward,
                reverse,
                off,
                label,
                turns,
                rankAfter(label.length, forward),
                rankAfter(label.length, reverse));
    }

    private static int[] rankAfter(int size, int[][] contacts) {
        int[] after = new int[size + 1];
        for (int place = 0; place < size; place++) {
            int from = place;
            int[][] left = Arrays.stream(contacts)
                    .filter(c -> Math.max(c[0], c[1]) >= from)
                    .toArray(int[][]::new);
            after[place] =
                    size - (int) Arrays.stream(parts(size, left)).distinct().count();
        }
        return after;
    }

    int rank(int[][] contacts) {
        return rank(contacts, -1);
    }

    /** How many joins contacts make between the places of a set, given as bits; other places conduct, too. */
    private int rank(int[][] contacts, int places) {
        int[] part = parts(size, contacts);
        long landed = java.util.stream.IntStream.range(0, size)
                .filter(i -> (places >> i & 1) == 1)
                .count();
        long parts = java.util.stream.IntStream.range(0, size)
                .filter(i -> (places >> i & 1) == 1)
                .map(i -> part[i])
                .distinct()
                .count();
        return (int) (landed - parts);
    }

    /** The most joins, both ways counted, that a landing can be worth here. */
    double joinsForALanding() {
        double most = 0;
        for (int places = 1; places < 1 << size; places++) {
            most = Math.max(most, (rank(forward, places) + rank(reverse, places)) / (double) Integer.bitCount(places));
        }
        return most;
    }

    /** For each place a place that stands for all that contacts join it with. */
    static int[] parts(int size, int[][] contacts) {
        int[] part = new int[size];
        Arrays.setAll(part, i -> i);
        for (int[] contact : contacts) {
            int from = part[contact[0]];
            int to = part[contact[1]];
            for (int i = 0; i < size; i++) {
                part[i] = part[i] == from ? to : part[i];
            }
        }
        return part;
    }

    /** Every place that is filled joins something, at FORWARD or at REVERSE; empty places are {@code empty}. */
    boolean everyLandingServes(int[] way, int empty) {
        int[][] parts = {parts(size, forward), parts(size, reverse)};
        for (int place = 0; place < way.length; place++) {
            if (way[place] != empty
                    && label[place] == Face.FREE
                    && !serves(parts[0], place, way, empty)
                    && !serves(parts[1], place, way, empty)) {
                return false;
            }
        }
        return true;
    }

    /** The contacts join a place with another net, be it through empty terminals. */
    private static boolean serves(int[] part, int place, int[] way, int empty) {
        for (int other = 0; other < way.length; other++) {
            if (part[other] == part[place] && way[other] != empty && way[other] != way[place]) {
                return true;
            }
        }
        return false;
    }

    /** Of the ways that are one way turned, this one is looked at; nets from {@code bundles} on are all jumpers. */
    boolean isFirstOfItsTurns(int[] way, int bundles) {
        for (int[] turn : turns) {
            for (int i = 0; i < turn.length; i++) {
                int difference = Math.min(way[turn[i]], bundles) - Math.min(way[i], bundles);
                if (difference < 0) {
                    return false;
                }
                if (difference > 0) {
                    break;
                }
            }
        }
        return true;
    }
}
