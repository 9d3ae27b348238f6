package gatepin.core.plan;

import gatepin.core.Effort;
import gatepin.core.circuit.Terminal;
import gatepin.core.plan.PlanResult.Hindrance;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Finds every way to land motor leads and lines on a switch so that one position runs the motor one way, the other runs it
 * the other way, and OFF runs nothing.
 *
 * <p>For each pair of running connections, one of each direction, the points that are together in both may be spliced into
 * one <em>bundle</em> or kept apart for a contact to join. What a plan costs in OFF follows from the bundles alone,
 * so the bundlings are taken best first, and those that cannot beat what is found already are left out. Pairs that
 * differ only by the names of equal parts ({@link Symmetry}) are searched once, in the form nearest the diagram.
 * The search is complete: what is not found is no better than what is.
 */
public final class Planner {
    private final PlanRequest request;
    private final Effort effort;
    private final List<Terminal> points;
    private final Face face;
    private final Front front = new Front();
    private long arrangements;

    /**
     * A bundling to try.
     *
     * @param floor what a plan of it costs at least
     */
    record Attempt(Bundling bundling, PlanCost floor) {}

    private Planner(PlanRequest request, Effort effort) {
        this.effort = effort;
        this.request = request;
        this.points = request.points();
        this.face = new Face(request);
    }

    /**
     * Searches completely.
     *
     * @throws IllegalArgumentException when a connection names a lead the motor does not have, or joins both lines
     */
    public static PlanResult search(PlanRequest request) {
        return search(request, Effort.unlimited());
    }

    /**
     * The same within bounds.
     *
     * @throws Effort.TooMuch when it was stopped or took too long
     */
    public static PlanResult search(PlanRequest request, Effort effort) {
        Planner planner = new Planner(request, effort);
        planner.run();
        List<Plan> plans = planner.plans();
        if (!plans.isEmpty()) {
            return new PlanResult(plans, planner.arrangements, Hindrance.NONE, List.of());
        }
        if (!request.wishes().areNone() && canDo(request.wishing(Wishes.NONE), effort)) {
            List<String> asksTooMuch = request.wishes().eachLeftOut().stream()
                    .filter(w -> canDo(request.wishing(w.rest()), effort))
                    .map(Wishes.Without::wish)
                    .toList();
            return new PlanResult(List.of(), planner.arrangements, Hindrance.WISHES, asksTooMuch);
        }
        PlanRequest withoutOff = new PlanRequest(
                request.leads(),
                request.windings(),
                request.supply(),
                request.chart(),
                false,
                request.running(),
                Wishes.NONE);
        Hindrance hindrance = request.hasOff() && canDo(withoutOff, effort) ? Hindrance.NO_OFF : Hindrance.BOTH_WAYS_IMPOSSIBLE;
        return new PlanResult(List.of(), planner.arrangements, hindrance, List.of());
    }

    private static boolean canDo(PlanRequest request, Effort effort) {
        Planner planner = new Planner(request, effort);
        planner.run();
        return !planner.front.isEmpty();
    }

    private List<Plan> plans() {
        List<Plan> plans = new ArrayList<>();
        front.found()
                .forEach((cost, found) -> plans.add(new Plan(
                        face.tidied(found.landing()).wires(request),
                        cost,
                        found.bundling().forward(),
                        found.bundling().reverse())));
        return plans;
    }

    private void run() {
        List<Attempt> attempts = attempts();
        for (int i = 0; i < attempts.size(); i++) {
            Attempt attempt = attempts.get(i);
            effort.reached(i / (double) attempts.size());
            if (!isBeaten(leastCost(attempt))) {
                LandingSearch search = new LandingSearch(request, face, attempt, front, effort);
                search.block(0, 0, 0);
                arrangements += search.arrangements();
            }
        }
    }

    private boolean isBeaten(PlanCost floor) {
        return !request.wishes().allow(floor) || front.isNoWorseThan(floor);
    }

    /** What a bundling costs at least, with the fewest jumpers that its joins take. */
    private PlanCost leastCost(Attempt attempt) {
        Bundling bundling = attempt.bundling();
        int land = 0;
        for (boolean must : bundling.mustLand()) {
            land += must ? 1 : 0;
        }
        int joins = Bundling.joinsNeeded(bundling.forwardGroup()) + Bundling.joinsNeeded(bundling.reverseGroup());
        int jumpers = face.leastToCome(0, joins, land, face.terminals / 2) - land;
        return attempt.floor().with(jumpers, 1);
    }

    /** Every bundling that can be had from the switch's contacts, the best in OFF first, then the nearest to the diagram. */
    private List<Attempt> attempts() {
        List<Attempt> attempts = new ArrayList<>();
        List<int[]> forward = partitions(request.running().forward());
        List<int[]> reverse = partitions(request.running().reverse());
        Symmetry symmetry = new Symmetry(request, forward, reverse);
        boolean alike = request.wishes().kept().isEmpty();
        boolean[][] seen = new boolean[forward.size()][reverse.size()];
        for (int f = 0; f < forward.size(); f++) {
            for (int r = 0; r < reverse.size(); r++) {
                if (alike && seen[f][r]) {
                    continue;
                }
                for (Symmetry.Exchange exchange : symmetry.all()) {
                    seen[exchange.forward()[f]][exchange.reverse()[r]] = true;
                }
                bundle(f, r, forward.get(f), reverse.get(r), 0, new int[points.size()], 0, attempts);
            }
        }
        attempts.sort(Comparator.comparing(Attempt::floor)
                .thenComparingInt(a -> a.bundling().distance()));
        return attempts;
    }

    private List<int[]> partitions(List<RunningConnection> connections) {
        return connections.stream().map(c -> Partition.of(points, c.groups())).toList();
    }

    /** Goes through all partitions of the points into bundles, in restricted-growth order. */
    private void bundle(
            int f,
            int r,
            int[] forward,
            int[] reverse,
            int point,
            int[] bundleOf,
            int bundles,
            List<Attempt> attempts) {
        effort.step();
        if (point == bundleOf.length) {
            attempt(f, r, forward, reverse, bundleOf.clone(), bundles, attempts);
            return;
        }
        for (int bundle = 0; bundle <= bundles; bundle++) {
            int first = firstOf(bundle, point, bundleOf);
            if (first == point || (forward[first] == forward[point] && reverse[first] == reverse[point])) {
                bundleOf[point] = bundle;
                bundle(f, r, forward, reverse, point + 1, bundleOf, Math.max(bundles, bundle + 1), attempts);
            }
        }
    }

    private static int firstOf(int bundle, int point, int[] bundleOf) {
        for (int before = 0; before < point; before++) {
            if (bundleOf[before] == bundle) {
                return before;
            }
        }
        return point;
    }

    private void attempt(
            int f, int r, int[] forward, int[] reverse, int[] bundleOf, int bundles, List<Attempt> attempts) {
        int[] forwardGroup = new int[bundles];
        int[] reverseGroup = new int[bundles];
        for (int point = 0; point < bundleOf.length; point++) {
            forwardGroup[bundleOf[point]] = forward[point];
            reverseGroup[bundleOf[point]] = reverse[point];
        }
        if (Bundling.joinsNeeded(forwardGroup) > face.forwardRankFrom[0]
                || Bundling.joinsNeeded(reverseGroup) > face.reverseRankFrom[0]) {
            return;
        }
        Bundling bundling = new Bundling(
                request,
                points,
                request.running().forward().get(f),
                request.running().reverse().get(r),
                f + r,
                bundleOf,
                bundles,
                forwardGroup,
                reverseGroup);
        int[] apart = new int[bundles];
        Arrays.setAll(apart, i -> i);
        bundling.cost(apart, 0, 1).map(this::withoutDoubt).ifPresent(c -> attempts.add(new Attempt(bundling, c)));
    }

    /** Contacts closed in OFF can leave a neutral unswitched that the bundles alone would switch. */
    private PlanCost withoutDoubt(PlanCost floor) {
        return face.offContacts().isEmpty()
                ? floor
                : new PlanCost(
                        floor.hotLeadsInOff(),
                        floor.hotLinesUnbroken(),
                        0,
                        floor.besideProtector(),
                        floor.beyondDiagram(),
                        floor.conductors(),
                        0,
                        1);
    }
}
