package gatepin.core.plan;

import gatepin.core.Effort;
import gatepin.core.plan.LandingSearch.Bounds;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The ways to land bundles, worked out once for all bundlings that are alike: which leads are in a bundle does not matter to the switch,
 * only which bundles must come together in each position. Holds where no contact is closed in OFF and no terminal is set apart, since then
 * the landing bears on jumpers and shared terminals alone.
 */
final class Landings {
    /** Farther than any landing needs. */
    private static final int ANY = 99;

    private final PlanRequest request;
    private final Face face;
    private final Effort effort;
    private final Map<List<Integer>, Known> known = new HashMap<>();
    private long arrangements;

    /**
     * What is known of bundlings that are alike.
     *
     * @param upTo it is complete for this many jumpers
     * @param best landings none of which is worse than another, with nets numbered as in the key
     */
    private record Known(int upTo, List<Best> best) {}

    private record Best(int jumpers, int mostOnOneTerminal, int[] netOn) {}

    Landings(PlanRequest request, Face face, Effort effort) {
        this.request = request;
        this.face = face;
        this.effort = effort;
    }

    /** How many ways of filling the switch, whole or in part, were looked at. */
    long arrangements() {
        return arrangements;
    }

    /** Takes into the front whatever landings of a bundling it is better for. */
    void land(Planner.Attempt attempt, Front front) {
        if (face.setsApart()) {
            LandingSearch search = new LandingSearch(request, face, attempt, front, new Bounds(ANY, false), effort);
            search.block(0, 0, 0);
            arrangements += search.arrangements();
            return;
        }
        Bundling bundling = attempt.bundling();
        int upTo = mostOfUse(attempt, front);
        Integer[] order = order(bundling);
        Known there = known.get(key(bundling, order));
        if (there == null || there.upTo() < upTo) {
            there = search(attempt, order, upTo);
            known.put(key(bundling, order), there);
        }
        for (Best best : there.best()) {
            if (best.jumpers() <= upTo) {
                Landing landing = new Landing(
                        bundling.points(), bundling.bundleOf(), bundling.bundles(), named(best.netOn(), order));
                front.keep(attempt.floor().with(best.jumpers(), best.mostOnOneTerminal()), landing, bundling);
            }
        }
    }

    /** The landing of a found plan that is neatest to draw, among all of the same cost. */
    Landing neatest(PlanCost cost, Front.Found found) {
        Planner.Attempt attempt = new Planner.Attempt(found.bundling(), cost);
        Front alone = new Front();
        alone.keep(cost, found.landing(), found.bundling());
        new LandingSearch(request, face, attempt, alone, new Bounds(cost.jumpers(), true), effort).block(0, 0, 0);
        Front.Found best = alone.found().get(cost);
        return best == null ? found.landing() : best.landing();
    }

    /** More jumpers than this, and a plan of the front is as good. */
    private int mostOfUse(Planner.Attempt attempt, Front front) {
        int jumpers = attempt.leastJumpers();
        while (jumpers < ANY
                && !front.isNoWorseThan(
                        attempt.floor().with(jumpers + 1, attempt.bundling().leastOnOneTerminal()))) {
            jumpers++;
            if (jumpers > face.terminals) {
                return ANY;
            }
        }
        return jumpers;
    }

    private Known search(Planner.Attempt attempt, Integer[] order, int upTo) {
        Front alone = new Front();
        LandingSearch search = new LandingSearch(request, face, attempt, alone, new Bounds(upTo, false), effort);
        search.block(0, 0, 0);
        arrangements += search.arrangements();
        List<Best> best = new ArrayList<>();
        alone.found()
                .forEach((cost, found) -> best.add(new Best(
                        cost.jumpers(),
                        cost.mostOnOneTerminal(),
                        numbered(found.landing().netOn(), order))));
        return new Known(upTo, best);
    }

    /** The bundles in an order that depends on nothing but what the switch has to do with them. */
    private static Integer[] order(Bundling bundling) {
        int[] forward = sizes(bundling.forwardGroup());
        int[] reverse = sizes(bundling.reverseGroup());
        int[] traits = traits(bundling);
        Integer[] order = new Integer[bundling.bundles()];
        Arrays.setAll(order, i -> i);
        Arrays.sort(
                order,
                Comparator.comparingInt((Integer b) -> traits[b])
                        .thenComparingInt(b -> forward[b])
                        .thenComparingInt(b -> reverse[b]));
        return order;
    }

    private static int[] sizes(int[] groupOf) {
        return Arrays.stream(groupOf)
                .map(g -> (int) Arrays.stream(groupOf).filter(o -> o == g).count())
                .toArray();
    }

    /** Whether leads are in a bundle, and whether a line is: wires that will share its terminal. */
    private static int[] traits(Bundling bundling) {
        int[] traits = new int[bundling.bundles()];
        int[] bundleOf = bundling.bundleOf();
        for (int point = 0; point < bundleOf.length; point++) {
            traits[bundleOf[point]] |= point < bundleOf.length - 2 ? 1 : 2;
        }
        return traits;
    }

    private static List<Integer> key(Bundling bundling, Integer[] order) {
        int[] traits = traits(bundling);
        Map<Integer, Integer> forward = new HashMap<>();
        Map<Integer, Integer> reverse = new HashMap<>();
        List<Integer> key = new ArrayList<>();
        for (int bundle : order) {
            int f = forward.computeIfAbsent(bundling.forwardGroup()[bundle], g -> forward.size());
            int r = reverse.computeIfAbsent(bundling.reverseGroup()[bundle], g -> reverse.size());
            key.add((traits[bundle] * 100 + f) * 100 + r);
        }
        return key;
    }

    /** Nets by their place in the order; jumper nets and empty terminals stay as they are. */
    private static int[] numbered(int[] netOn, Integer[] order) {
        int[] place = new int[order.length];
        for (int i = 0; i < order.length; i++) {
            place[order[i]] = i;
        }
        return Arrays.stream(netOn)
                .map(n -> n >= 0 && n < place.length ? place[n] : n)
                .toArray();
    }

    private static int[] named(int[] netOn, Integer[] order) {
        return Arrays.stream(netOn)
                .map(n -> n >= 0 && n < order.length ? order[n] : n)
                .toArray();
    }
}
