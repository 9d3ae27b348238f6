package gatepin.core.circuit;

import gatepin.core.circuit.AcNetwork.Branch;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** A spanning forest over nodes and branches: one tree from node 0, one from each island, and the loops left over. */
final class Forest {
    private final List<Branch> branches;
    private final int[] parentBranch;
    private final int[] depth;
    private final List<Integer> outward = new ArrayList<>();
    private final List<int[]> loops = new ArrayList<>();

    Forest(int nodes, List<Branch> branches) {
        this.branches = branches;
        this.parentBranch = new int[nodes];
        this.depth = new int[nodes];
        Arrays.fill(parentBranch, -1);
        boolean[] reached = new boolean[nodes];
        boolean[] inTree = new boolean[branches.size()];
        for (int root = 0; root < nodes; root++) {
            if (!reached[root]) {
                reached[root] = true;
                outward.add(root);
                grow(outward.size() - 1, reached, inTree);
            }
        }
        for (int b = 0; b < branches.size(); b++) {
            if (!inTree[b]) {
                loops.add(closedBy(b));
            }
        }
    }

    private void grow(int from, boolean[] reached, boolean[] inTree) {
        for (int next = from; next < outward.size(); next++) {
            int node = outward.get(next);
            for (int b = 0; b < branches.size(); b++) {
                Branch branch = branches.get(b);
                int far = branch.from() == node ? branch.to() : branch.to() == node ? branch.from() : -1;
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
        int[] signs = new int[branches.size()];
        signs[chord] = 1;
        int here = branches.get(chord).to();
        int there = branches.get(chord).from();
        while (here != there) {
            if (depth[here] >= depth[there]) {
                Branch up = branches.get(parentBranch[here]);
                boolean along = up.from() == here;
                signs[parentBranch[here]] += along ? 1 : -1;
                here = along ? up.to() : up.from();
            } else {
                Branch up = branches.get(parentBranch[there]);
                boolean along = up.to() == there;
                signs[parentBranch[there]] += along ? 1 : -1;
                there = along ? up.from() : up.to();
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
