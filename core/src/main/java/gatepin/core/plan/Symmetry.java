package gatepin.core.plan;

import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The ways to give a motor's equal parts each other's places, and the two lines, where both are hot, that change nothing: not
 * what runs forward, not what runs in reverse, not what is hot.
 */
final class Symmetry {
    private final List<Terminal> points;
    private final List<Winding> windings;
    private final List<Exchange> all = new ArrayList<>();

    /**
     * One such way.
     *
     * @param forward for each forward connection which one it becomes
     * @param reverse the same for the reverse connections
     */
    record Exchange(int[] forward, int[] reverse) {}

    /**
     * @param forward the forward connections, each as {@link Partition} numbers them
     * @param reverse the reverse connections
     */
    Symmetry(PlanRequest request, List<int[]> forward, List<int[]> reverse) {
        this.points = request.points();
        this.windings = request.windings();
        Map<String, Integer> forwardIndex = index(forward);
        Map<String, Integer> reverseIndex = index(reverse);
        List<int[]> lines = new ArrayList<>(List.of(new int[] {0, 1}));
        if (request.supply().isHot(Terminal.L2)) {
            lines.add(new int[] {1, 0});
        }
        for (int[] line : lines) {
            int[] to = new int[points.size()];
            Arrays.fill(to, -1);
            to[points.size() - 2] = points.size() - 2 + line[0];
            to[points.size() - 1] = points.size() - 2 + line[1];
            place(0, new boolean[windings.size()], to, image -> {
                int[] forwardTo = images(forward, forwardIndex, image);
                int[] reverseTo = images(reverse, reverseIndex, image);
                if (forwardTo.length == forward.size() && reverseTo.length == reverse.size()) {
                    all.add(new Exchange(forwardTo, reverseTo));
                }
            });
        }
    }

    private void place(int number, boolean[] taken, int[] to, java.util.function.Consumer<int[]> found) {
        if (number == windings.size()) {
            int[] image = to.clone();
            for (int i = 0; i < image.length; i++) {
                image[i] = image[i] < 0 ? i : image[i];
            }
            if (Arrays.stream(image).distinct().count() == image.length) {
                found.accept(image);
            }
            return;
        }
        Winding winding = windings.get(number);
        for (int other = 0; other < taken.length; other++) {
            if (taken[other] || windings.get(other).role() != winding.role()) {
                continue;
            }
            taken[other] = true;
            for (boolean turned : new boolean[] {false, true}) {
                int[] next = to.clone();
                if (send(next, winding.like(), end(windings.get(other), turned))
                        && send(next, winding.other(), end(windings.get(other), !turned))) {
                    place(number + 1, taken, next, found);
                }
            }
            taken[other] = false;
        }
    }

    private static Terminal end(Winding winding, boolean turned) {
        return turned ? winding.other() : winding.like();
    }

    private boolean send(int[] to, Terminal from, Terminal there) {
        int point = points.indexOf(from);
        int image = points.indexOf(there);
        if (to[point] >= 0) {
            return to[point] == image;
        }
        to[point] = image;
        return true;
    }

    private static Map<String, Integer> index(List<int[]> connections) {
        Map<String, Integer> index = new HashMap<>();
        for (int i = 0; i < connections.size(); i++) {
            index.put(Arrays.toString(connections.get(i)), i);
        }
        return index;
    }

    /** For each connection the one it becomes when every point goes to its image; shorter when one becomes none of them. */
    private static int[] images(List<int[]> connections, Map<String, Integer> index, int[] image) {
        int[] to = new int[connections.size()];
        for (int i = 0; i < to.length; i++) {
            int[] moved = new int[image.length];
            for (int point = 0; point < image.length; point++) {
                moved[image[point]] = connections.get(i)[point];
            }
            Integer found = index.get(Arrays.toString(Partition.counted(moved)));
            if (found == null) {
                return new int[0];
            }
            to[i] = found;
        }
        return to;
    }

    List<Exchange> all() {
        return all;
    }
}
