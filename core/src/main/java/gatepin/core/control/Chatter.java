package gatepin.core.control;

import gatepin.core.Effort;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Looks for coils that never come to rest while every hand stays where it is: one whose own contact drops it out and pulls it in again, or
 * several that chase each other. From every state at rest, for every way the hands can stand, what must move is followed; a state from
 * which no rest can be reached chatters.
 */
final class Chatter {
    /** Up to this many parts that hands move every way they can stand together is tried; of more, each alone and each two. */
    private static final int ALL_TOGETHER = 7;

    private final Space space;
    private final Effort effort;
    private final List<Held> patterns = new ArrayList<>();
    private final Set<Integer> resting = new LinkedHashSet<>();

    Chatter(Space space, BitSet reach, Effort effort) {
        this.space = space;
        this.effort = effort;
        patterns();
        resting.add(0);
        for (int s = reach.nextSetBit(0); s >= 0; s = reach.nextSetBit(s + 1)) {
            int state = s;
            if (space.canBeAtRest(state) && patterns.stream().anyMatch(p -> space.isAtRest(state, p))) {
                resting.add(state);
            }
        }
    }

    private void patterns() {
        List<Long> masks = new ArrayList<>();
        for (Part part : space.net().ladder().parts()) {
            long mask = space.held(part.name(), true).mask();
            if (mask != 0) {
                masks.add(mask);
            }
        }
        boolean all = masks.size() <= ALL_TOGETHER;
        for (int chosen = 0; chosen < 1 << Math.min(masks.size(), 20); chosen++) {
            if (all || Integer.bitCount(chosen) <= 2) {
                long operated = 0;
                for (int i = 0; i < masks.size() && i < 20; i++) {
                    operated |= (chosen >> i & 1) == 1 ? masks.get(i) : 0;
                }
                patterns.add(space.exactly(operated, true));
            }
        }
    }

    /** Nothing chatters. */
    boolean isQuiet() {
        return patterns.stream().allMatch(this::comesToRest);
    }

    private boolean comesToRest(Held hands) {
        Map<Integer, List<Integer>> before = new HashMap<>();
        Set<Integer> seen = new HashSet<>(resting);
        List<Integer> open = new ArrayList<>(resting);
        List<Integer> quiet = new ArrayList<>();
        while (!open.isEmpty()) {
            effort.step();
            int state = open.remove(open.size() - 1);
            if (space.isAtRest(state, hands)) {
                quiet.add(state);
                continue;
            }
            space.forced(state, hands, next -> {
                before.computeIfAbsent((int) next, k -> new ArrayList<>()).add(state);
                if (seen.add((int) next)) {
                    open.add((int) next);
                }
            });
        }
        Set<Integer> settles = new HashSet<>(quiet);
        while (!quiet.isEmpty()) {
            for (int earlier : before.getOrDefault(quiet.remove(quiet.size() - 1), List.of())) {
                if (settles.add(earlier)) {
                    quiet.add(earlier);
                }
            }
        }
        return settles.containsAll(seen);
    }
}
