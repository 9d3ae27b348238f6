package gatepin.core.plan;

import java.util.Arrays;

/**
 * What the contacts of one position join as block after block of the switch is taken, with every step undone on the way
 * back: a union-find whose sets know the group of the bundles in them.
 */
final class Joined {
    private static final int UNKNOWN = -1;

    private final int[] parent;
    private final int[] group;
    private final int[] undo;
    private int undone;
    private int joinsMissing;

    /**
     * @param nets how many nets there are; the bundles come first
     * @param groupOfBundle the group each bundle must be in
     */
    Joined(int nets, int[] groupOfBundle) {
        this.parent = new int[nets];
        this.group = new int[nets];
        this.undo = new int[3 * nets];
        for (int i = 0; i < nets; i++) {
            parent[i] = i;
            group[i] = i < groupOfBundle.length ? groupOfBundle[i] : UNKNOWN;
        }
        this.joinsMissing = groupOfBundle.length
                - (int) Arrays.stream(groupOfBundle).distinct().count();
    }

    private int root(int net) {
        int root = net;
        while (parent[root] != root) {
            root = parent[root];
        }
        return root;
    }

    /** Joins two nets; gives false, and joins nothing, when that would join two groups. */
    boolean join(int one, int other) {
        int a = root(one);
        int b = root(other);
        if (a == b) {
            return true;
        }
        if (group[a] != UNKNOWN && group[b] != UNKNOWN && group[a] != group[b]) {
            return false;
        }
        boolean joinsBundles = group[a] != UNKNOWN && group[b] != UNKNOWN;
        undo[undone++] = b;
        undo[undone++] = group[a];
        undo[undone++] = joinsBundles ? 1 : 0;
        parent[b] = a;
        group[a] = group[a] == UNKNOWN ? group[b] : group[a];
        joinsMissing -= joinsBundles ? 1 : 0;
        return true;
    }

    /** How many joins between bundles of one group are still missing. */
    int joinsMissing() {
        return joinsMissing;
    }

    /** Where the joins stand, for {@link #backTo}. */
    int mark() {
        return undone;
    }

    /** Undoes every join since a mark. */
    void backTo(int mark) {
        while (undone > mark) {
            joinsMissing += undo[--undone];
            int before = undo[--undone];
            int child = undo[--undone];
            group[parent[child]] = before;
            parent[child] = child;
        }
    }
}
