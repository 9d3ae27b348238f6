package gatepin.core.plan;

import gatepin.core.Effort;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.plan.PlanResult.Hindrance;
import java.time.Duration;
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
    /** On faces up to this size all landings of one cost are looked at, for the one that is neatest to draw. */
    private static final int TIDY_SEARCH = 6;
    /** That there is no plan is known by then; why is worth no longer wait. */
    private static final Duration TO_FIND_OUT_WHY = Duration.ofSeconds(3);

    private final PlanRequest request;
    private final Effort effort;
    private final List<Terminal> points;
    private final Bundling.Motor motor;
    private final Face face;
    private final Front front;
    private final Landings landings;

    /**
     * A bundling to try.
     *
     * @param floor what a plan of it costs at least, but for jumpers and shared terminals
     * @param leastJumpers the fewest jumpers that its joins take
     */
    record Attempt(Bundling bundling, PlanCost floor, int leastJumpers) {
        Attempt(Bundling bundling, PlanCost floor) {
            this(bundling, floor, 0);
        }

        PlanCost least() {
            return floor.with(leastJumpers, bundling.leastOnOneTerminal());
        }
    }

    private Planner(PlanRequest request, Front front, Effort effort) {
        this.front = front;
        this.effort = effort;
        this.request = request;
        this.motor = Bundling.Motor.of(request);
        this.points = motor.points();
        this.face = new Face(request);
        this.landings = new Landings(request, face, effort);
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
        if (request.running().reverse().isEmpty()
                && !request.running().forward().isEmpty()) {
            return new PlanResult(List.of(), 0, Hindrance.MOTOR_TURNS_ONE_WAY, List.of());
        }
        Planner planner = new Planner(request, new Front(), effort);
        planner.run();
        List<Plan> plans = planner.plans();
        if (!plans.isEmpty()) {
            return new PlanResult(plans, planner.landings.arrangements(), Hindrance.NONE, List.of());
        }
        long looked = planner.landings.arrangements();
        try {
            return hindrance(request, looked, effort.within(TO_FIND_OUT_WHY));
        } catch (Effort.TooMuch e) {
            // stopped as a whole, or only the search for the reason was too long
            effort.look();
            return new PlanResult(List.of(), looked, Hindrance.NOT_FOUND_OUT, List.of());
        }
    }

    /** What stands in the way of a request that no plan meets. */
    private static PlanResult hindrance(PlanRequest request, long looked, Effort effort) {
        if (!request.wishes().areNone() && canDo(request.wishing(Wishes.NONE), effort)) {
            List<String> asksTooMuch = request.wishes().eachLeftOut().stream()
                    .filter(w -> canDo(request.wishing(w.rest()), effort))
                    .map(Wishes.Without::wish)
                    .toList();
            return new PlanResult(List.of(), looked, Hindrance.WISHES, asksTooMuch);
        }
        PlanRequest withoutOff = new PlanRequest(
                request.leads(),
                request.windings(),
                request.supply(),
                request.chart(),
                false,
                request.running(),
                Wishes.NONE);
        Hindrance hindrance =
                request.hasOff() && canDo(withoutOff, effort) ? Hindrance.NO_OFF : Hindrance.BOTH_WAYS_IMPOSSIBLE;
        return new PlanResult(List.of(), looked, hindrance, List.of());
    }

    private static boolean canDo(PlanRequest request, Effort effort) {
        Planner planner = new Planner(request, Front.ofAny(), effort);
        planner.run();
        return !planner.front.isEmpty();
    }

    private List<Plan> plans() {
        List<Plan> plans = new ArrayList<>();
        front.found()
                .forEach((cost, found) -> plans.add(new Plan(
                        face.tidied(
                                        face.terminals <= TIDY_SEARCH && !face.setsApart()
                                                ? landings.neatest(cost, found)
                                                : found.landing())
                                .wires(request),
                        cost,
                        found.bundling().forward(),
                        found.bundling().reverse())));
        return plans;
    }

    private void run() {
        List<Attempt> attempts = attempts();
        for (int i = 0; i < attempts.size(); i++) {
            effort.reached(i / (double) attempts.size());
            if (!isBeaten(attempts.get(i).least())) {
                landings.land(attempts.get(i), front);
            }
        }
    }

    private boolean isBeaten(PlanCost floor) {
        return !request.wishes().allow(floor) || front.isNoWorseThan(floor);
    }

    /** The fewest jumpers that a bundling's joins take. */
    private int leastJumpers(Bundling bundling) {
        int land = 0;
        for (boolean must : bundling.mustLand()) {
            land += must ? 1 : 0;
        }
        int joins = Bundling.joinsNeeded(bundling.forwardGroup()) + Bundling.joinsNeeded(bundling.reverseGroup());
        return face.leastToCome(0, joins, land, face.terminals / 2) - land;
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
                if (alike && seen[f][r] || request.running().oneWay() && f != r) {
                    continue;
                }
                for (Symmetry.Exchange exchange : symmetry.all()) {
                    seen[exchange.forward()[f]][exchange.reverse()[r]] = true;
                }
                new Bundles(f, r, forward.get(f), reverse.get(r), attempts).all();
            }
        }
        attempts.sort(Comparator.comparing(Attempt::floor)
                .thenComparingInt(a -> a.bundling().distance()));
        return attempts;
    }

    private List<int[]> partitions(List<RunningConnection> connections) {
        return connections.stream().map(c -> Partition.of(points, c.groups())).toList();
    }

    /** Goes through all ways to keep apart what is together both ways, in restricted-growth order. */
    private final class Bundles {
        private final int f;
        private final int r;
        private final int[] forward;
        private final int[] reverse;
        /** Points that are together both ways; only such may share a bundle. */
        private final int[] together;

        private final int mostBundles;
        private final List<Attempt> attempts;

        Bundles(int f, int r, int[] forward, int[] reverse, List<Attempt> attempts) {
            this.f = f;
            this.r = r;
            this.forward = forward;
            this.reverse = reverse;
            this.together = Partition.meet(forward, reverse);
            // each bundle more than there are groups is a join that the contacts must make
            this.mostBundles = Math.min(
                    Partition.groups(forward) + face.forwardRankFrom[0],
                    Partition.groups(reverse) + face.reverseRankFrom[0]);
            this.attempts = attempts;
        }

        void all() {
            from(0, new int[points.size()], 0, 0);
        }

        private void from(int point, int[] bundleOf, int bundles, int groupsSeen) {
            effort.step();
            if (bundles + Partition.groups(together) - groupsSeen > mostBundles) {
                return;
            }
            if (point == bundleOf.length) {
                attempt(f, r, forward, reverse, bundleOf.clone(), bundles, attempts);
                return;
            }
            int seen = Math.max(groupsSeen, together[point] + 1);
            for (int bundle = 0; bundle <= bundles; bundle++) {
                int first = firstOf(bundle, point, bundleOf);
                if (first == point || together[first] == together[point]) {
                    bundleOf[point] = bundle;
                    from(point + 1, bundleOf, Math.max(bundles, bundle + 1), seen);
                }
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
        if (!keepsWhatStays(bundleOf)
                || Bundling.joinsNeeded(forwardGroup) > face.forwardRankFrom[0]
                || Bundling.joinsNeeded(reverseGroup) > face.reverseRankFrom[0]) {
            return;
        }
        Bundling bundling = new Bundling(
                motor,
                request.running().forward().get(f),
                request.running().reverse().get(r),
                f + r,
                bundleOf,
                bundles,
                forwardGroup,
                reverseGroup,
                Bundling.mustLand(forwardGroup, reverseGroup));
        int[] apart = new int[bundles];
        Arrays.setAll(apart, i -> i);
        bundling.cost(apart, 0, 1)
                .map(this::withoutDoubt)
                .ifPresent(c -> attempts.add(new Attempt(bundling, c, leastJumpers(bundling))));
    }

    /** What stays on one terminal is one bundle, and nothing stays on one that must not be used. */
    private boolean keepsWhatStays(int[] bundleOf) {
        int[] on = new int[request.chart().terminals().size()];
        Arrays.fill(on, -1);
        for (Wire kept : request.wishes().kept()) {
            boolean fromSwitch = kept.from().isGear();
            int terminal = request.chart().terminals().indexOf(fromSwitch ? kept.from() : kept.to());
            int point = points.indexOf(fromSwitch ? kept.to() : kept.from());
            if (terminal < 0 || point < 0) {
                continue;
            }
            if (on[terminal] >= 0 && on[terminal] != bundleOf[point]
                    || request.wishes()
                            .unusable()
                            .contains(request.chart().terminals().get(terminal))) {
                return false;
            }
            on[terminal] = bundleOf[point];
        }
        return true;
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
