package gatepin.core.plan;

import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;

/**
 * The ways to give a motor's equal parts each other's places, and the two lines, where both are hot, that change nothing: not
 * what runs forward, not what runs in reverse, not what is hot.
 */
final class Symmetry {
    private final List<Terminal> points;
    private final List<Winding> windings;
    private final List<int[]> all = new ArrayList<>();

    /**
     * @param forward the forward connections, each as {@link Partition} numbers them
     * @param reverse the reverse connections
     */
    Symmetry(PlanRequest request, Set<List<Integer>> forward, Set<List<Integer>> reverse) {
        this.points = request.points();
        this.windings = request.windings();
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
                if (keeps(forward, image) && keeps(reverse, image)) {
                    all.add(image);
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
            if (taken[other] || windings.get(other).circuit() != winding.circuit()) {
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

    private static boolean keeps(Set<List<Integer>> connections, int[] image) {
        return connections.stream().allMatch(c -> connections.contains(image(c, image)));
    }

    /** The partition after every point has gone to its image. */
    static List<Integer> image(List<Integer> groupOf, int[] image) {
        int[] moved = new int[image.length];
        for (int i = 0; i < image.length; i++) {
            moved[image[i]] = groupOf.get(i);
        }
        return key(Partition.counted(moved));
    }

    static List<Integer> key(int[] groupOf) {
        return Arrays.stream(groupOf).boxed().toList();
    }

    List<int[]> all() {
        return all;
    }
}
