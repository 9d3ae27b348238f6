package gatepin.core.circuit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** A spanning forest over nodes and branches: one tree from node 0, one from each island, and the loops left over. */
final class Forest {
    private final int[] from;
    private final int[] to;
    private final int[] parentBranch;
    private final int[] depth;
    private final List<Integer> outward = new ArrayList<>();
    private final List<int[]> loops = new ArrayList<>();

    /**
     * Grows it.
     *
     * @param nodes how many there are
     * @param from by branch, the node it begins at
     * @param to by branch, the node it ends at
     */
    Forest(int nodes, int[] from, int[] to) {
        this.from = from;
        this.to = to;
        this.parentBranch = new int[nodes];
        this.depth = new int[nodes];
        Arrays.fill(parentBranch, -1);
        boolean[] reached = new boolean[nodes];
        boolean[] inTree = new boolean[from.length];
        for (int root = 0; root < nodes; root++) {
            if (!reached[root]) {
                reached[root] = true;
                outward.add(root);
                grow(outward.size() - 1, reached, inTree);
            }
        }
        for (int b = 0; b < from.length; b++) {
            if (!inTree[b]) {
                loops.add(closedBy(b));
            }
        }
    }

    private void grow(int first, boolean[] reached, boolean[] inTree) {
        for (int next = first; next < outward.size(); next++) {
            int node = outward.get(next);
            for (int b = 0; b < from.length; b++) {
                int far = from[b] == node ? to[b] : to[b] == node ? from[b] : -1;
                if (far >= 0 && !reached[far]) {
                    reached[far] = true;
                    inTree[b] = true;
                    parentBranch[far] = b;
                    depth[far] = depth[node] + 1;
                    outward.add(far);
                }
            }
        }
    }

    /** Along the chord, then from its end back to its start through the tree. */
    private int[] closedBy(int chord) {
        int[] signs = new int[from.length];
        signs[chord] = 1;
        int here = to[chord];
        int there = from[chord];
        while (here != there) {
            if (depth[here] >= depth[there]) {
                int up = parentBranch[here];
                boolean along = from[up] == here;
                signs[up] += along ? 1 : -1;
                here = along ? to[up] : from[up];
            } else {
                int up = parentBranch[there];
                boolean along = to[up] == there;
                signs[up] += along ? 1 : -1;
                there = along ? from[up] : to[up];
            }
        }
        return signs;
    }

    /** Every independent loop: for each branch +1 along the loop, −1 against it, 0 not in it. */
    List<int[]> loops() {
        return loops;
    }

    /** All nodes, each after the one it hangs on. */
    List<Integer> outward() {
        return outward;
    }

    /** The branch a node hangs on; −1 for the root of a tree. */
    int parentBranch(int node) {
        return parentBranch[node];
    }
}
