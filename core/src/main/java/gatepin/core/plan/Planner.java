package gatepin.core.plan;

import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.plan.PlanResult.Hindrance;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

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

    private final PlanRequest request;
    private final List<Terminal> points;
    private final Face face;
    private final int[] forwardRankFrom;
    private final int[] reverseRankFrom;
    private final int[][] leastLandings;
    private final Map<PlanCost, Found> best = new TreeMap<>();
    private long arrangements;

    private record Found(Landing landing, Bundling bundling) {}

    private record Attempt(Bundling bundling, PlanCost floor) {}

    private Planner(PlanRequest request) {
        this.request = request;
        this.points = request.points();
        this.face = new Face(request);
        this.forwardRankFrom = face.rankFrom(HandlePosition.FORWARD);
        this.reverseRankFrom = face.rankFrom(HandlePosition.REVERSE);
        this.leastLandings = face.leastLandings(forwardRankFrom[0] + reverseRankFrom[0]);
    }

    /**
     * Searches completely.
     *
     * @throws IllegalArgumentException when a connection names a lead the motor does not have, or joins both lines
     */
    public static PlanResult search(PlanRequest request) {
        Planner planner = new Planner(request);
        planner.run();
        List<Plan> plans = planner.plans();
        if (!plans.isEmpty()) {
            return new PlanResult(plans, planner.arrangements, Hindrance.NONE, List.of());
        }
        if (!request.wishes().areNone() && canDo(request.wishing(Wishes.NONE))) {
            List<String> asksTooMuch = request.wishes().eachLeftOut().stream()
                    .filter(w -> canDo(request.wishing(w.rest())))
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
        Hindrance hindrance = request.hasOff() && canDo(withoutOff) ? Hindrance.NO_OFF : Hindrance.BOTH_WAYS_IMPOSSIBLE;
        return new PlanResult(List.of(), planner.arrangements, hindrance, List.of());
    }

    private static boolean canDo(PlanRequest request) {
        Planner planner = new Planner(request);
        planner.run();
        return !planner.best.isEmpty();
    }

    private List<Plan> plans() {
        List<Plan> plans = new ArrayList<>();
        best.forEach((cost, found) -> plans.add(new Plan(
                face.tidied(found.landing()).wiring(request),
                cost,
                found.bundling().forward(),
                found.bundling().reverse())));
        return plans;
    }

    private void run() {
        for (Attempt attempt : attempts()) {
            if (!isBeaten(leastCost(attempt))) {
                new Search(attempt).block(0, 0, 0);
            }
        }
    }

    private boolean isBeaten(PlanCost floor) {
        return !request.wishes().allow(floor) || best.keySet().stream().anyMatch(c -> c.isNoWorseThan(floor));
    }

    /** What a bundling costs at least, with the fewest jumpers that its joins take. */
    private PlanCost leastCost(Attempt attempt) {
        Bundling bundling = attempt.bundling();
        int land = 0;
        for (boolean must : bundling.mustLand()) {
            land += must ? 1 : 0;
        }
        int joins = Bundling.joinsNeeded(bundling.forwardGroup()) + Bundling.joinsNeeded(bundling.reverseGroup());
        int jumpers = Math.max(land, leastLandings[0][joins]) - land;
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
        if (Bundling.joinsNeeded(forwardGroup) > forwardRankFrom[0]
                || Bundling.joinsNeeded(reverseGroup) > reverseRankFrom[0]) {
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

    /** All ways to land one bundling on the switch. Nets 0 … bundles-1 are bundles, those above are jumpers alone. */
    private final class Search {
        private static final int EMPTY = -1;

        private final Attempt attempt;
        private final Bundling bundling;
        private final int bundles;
        private final boolean[] mustLand;
        private final List<List<int[]>> waysOfPattern = new ArrayList<>();
        private final List<int[]> rankOfWay = new ArrayList<>();
        private final int[] terminalsFrom = face.terminalsFrom();
        private final Joined forward;
        private final Joined reverse;
        private final int[] landings;
        private final int[] netOn;
        private final int jumperNets;
        private int mustLandYet;
        private int landed;
        private int netsLanded;
        private int netsLandedTwice;

        Search(Attempt attempt) {
            this.attempt = attempt;
            this.bundling = attempt.bundling();
            this.bundles = bundling.bundles();
            this.mustLand = bundling.mustLand();
            for (boolean must : mustLand) {
                mustLandYet += must ? 1 : 0;
            }
            int forwardSpare = forwardRankFrom[0] - Bundling.joinsNeeded(bundling.forwardGroup());
            int reverseSpare = reverseRankFrom[0] - Bundling.joinsNeeded(bundling.reverseGroup());
            this.jumperNets = Math.min(Math.max(forwardSpare, reverseSpare), (face.terminals - mustLandYet) / 2);
            this.forward = new Joined(bundles + jumperNets, bundling.forwardGroup());
            this.reverse = new Joined(bundles + jumperNets, bundling.reverseGroup());
            this.landings = new int[bundles + jumperNets];
            this.netOn = new int[face.terminals];
            Arrays.fill(netOn, EMPTY);
            for (Face.Pattern pattern : face.patterns) {
                List<int[]> ways = new ArrayList<>();
                fill(pattern, 0, new int[pattern.size()], ways);
                if (jumperNets > 1) {
                    ways.sort((a, b) -> Arrays.compare(plain(a), plain(b)));
                }
                waysOfPattern.add(ways);
                rankOfWay.add(ranks(ways));
            }
        }

        /** Ways that differ only in which jumper net they name share a rank. */
        private int[] ranks(List<int[]> ways) {
            int[] ranks = new int[ways.size()];
            for (int i = 1; i < ranks.length; i++) {
                ranks[i] = ranks[i - 1] + (Arrays.equals(plain(ways.get(i - 1)), plain(ways.get(i))) ? 0 : 1);
            }
            return ranks;
        }

        private int[] plain(int[] way) {
            return Arrays.stream(way).map(n -> Math.min(n, bundles)).toArray();
        }

        /** Lists the ways to fill a block: no contact joins what must be apart, and nothing lands where it serves nothing. */
        private void fill(Face.Pattern pattern, int place, int[] way, List<int[]> ways) {
            if (place == way.length) {
                if (everyLandingServes(pattern, way) && isFirstOfItsTurns(pattern, way)) {
                    ways.add(way.clone());
                }
                return;
            }
            for (int net = EMPTY; net < bundles + jumperNets; net++) {
                way[place] = net;
                if (suitsLabel(pattern.label()[place], net)
                        && (net < 0 || net >= bundles || mustLand[net] || pattern.label()[place] >= 0)
                        && keepsApart(pattern.forward(), bundling.forwardGroup(), place, way)
                        && keepsApart(pattern.reverse(), bundling.reverseGroup(), place, way)) {
                    fill(pattern, place + 1, way, ways);
                }
            }
        }

        private boolean suitsLabel(int label, int net) {
            return switch (label) {
                case Face.FREE -> true;
                case Face.UNUSABLE -> net == EMPTY;
                default -> net == bundling.bundleOf()[label];
            };
        }

        private boolean keepsApart(int[][] contacts, int[] groupOf, int place, int[] way) {
            for (int[] contact : contacts) {
                if (Math.max(contact[0], contact[1]) == place) {
                    int a = way[contact[0]];
                    int b = way[contact[1]];
                    if (a >= 0 && b >= 0 && a < bundles && b < bundles && groupOf[a] != groupOf[b]) {
                        return false;
                    }
                }
            }
            return true;
        }

        private boolean everyLandingServes(Face.Pattern pattern, int[] way) {
            for (int place = 0; place < way.length; place++) {
                if (way[place] != EMPTY
                        && pattern.label()[place] == Face.FREE
                        && !serves(pattern.forward(), place, way)
                        && !serves(pattern.reverse(), place, way)) {
                    return false;
                }
            }
            return true;
        }

        private boolean serves(int[][] contacts, int place, int[] way) {
            for (int[] contact : contacts) {
                if (contact[0] == place || contact[1] == place) {
                    int other = way[contact[0] == place ? contact[1] : contact[0]];
                    if (other != EMPTY && other != way[place]) {
                        return true;
                    }
                }
            }
            return false;
        }

        private boolean isFirstOfItsTurns(Face.Pattern pattern, int[] way) {
            for (int[] turn : pattern.turns()) {
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

        /** Fills block after block; of blocks alike, a later one is filled no earlier in the list of ways. */
        void block(int number, int leastRank, int jumperNetsUsed) {
            arrangements++;
            if (forward.joinsMissing() > forwardRankFrom[number]
                    || reverse.joinsMissing() > reverseRankFrom[number]
                    || mustLandYet > terminalsFrom[number]) {
                return;
            }
            int toCome = Math.max(mustLandYet, leastLandings[number][forward.joinsMissing() + reverse.joinsMissing()]);
            int jumpers = landed + toCome - netsLanded - mustLandYet;
            if (isHopeless(jumpers)) {
                return;
            }
            if (number == face.blocks.size()) {
                consider(jumpers);
                return;
            }
            Face.Block block = face.blocks.get(number);
            List<int[]> ways = waysOfPattern.get(block.pattern());
            int[] rank = rankOfWay.get(block.pattern());
            boolean nextIsAlike = number + 1 < face.blocks.size()
                    && face.blocks.get(number + 1).pattern() == block.pattern();
            for (int w = 0; w < ways.size(); w++) {
                if (rank[w] >= leastRank) {
                    take(number, block, ways.get(w), nextIsAlike ? rank[w] : 0, jumperNetsUsed);
                }
            }
        }

        private void take(int number, Face.Block block, int[] way, int leastRank, int jumperNetsUsed) {
            int used = jumperNetsUsed;
            for (int net : way) {
                if (net >= bundles + used) {
                    if (net > bundles + used) {
                        return;
                    }
                    used++;
                }
            }
            boolean lands = false;
            for (int place = 0; place < way.length; place++) {
                int net = way[place];
                netOn[block.terminals()[place]] = net;
                if (net != EMPTY) {
                    lands = true;
                    landed++;
                    netsLanded += landings[net] == 0 ? 1 : 0;
                    netsLandedTwice += landings[net] == 1 && net < bundles ? 1 : 0;
                    mustLandYet -= landings[net]++ == 0 && net < bundles && mustLand[net] ? 1 : 0;
                }
            }
            int forwardMark = forward.mark();
            int reverseMark = reverse.mark();
            Face.Pattern pattern = face.patterns.get(block.pattern());
            if (close(forward, pattern.forward(), way)
                    && close(reverse, pattern.reverse(), way)
                    && !(lands && forward.mark() == forwardMark && reverse.mark() == reverseMark && isFree(pattern))) {
                block(number + 1, leastRank, used);
            }
            forward.backTo(forwardMark);
            reverse.backTo(reverseMark);
            for (int place = 0; place < way.length; place++) {
                int net = way[place];
                netOn[block.terminals()[place]] = EMPTY;
                if (net != EMPTY) {
                    landed--;
                    netsLanded -= landings[net] == 1 ? 1 : 0;
                    mustLandYet += --landings[net] == 0 && net < bundles && mustLand[net] ? 1 : 0;
                    netsLandedTwice -= landings[net] == 1 && net < bundles ? 1 : 0;
                }
            }
        }

        /** Nothing has to stay on a block of this pattern. */
        private static boolean isFree(Face.Pattern pattern) {
            return Arrays.stream(pattern.label()).allMatch(l -> l < 0);
        }

        private boolean close(Joined joined, int[][] contacts, int[] way) {
            for (int[] contact : contacts) {
                int a = way[contact[0]];
                int b = way[contact[1]];
                if (a != EMPTY && b != EMPTY && !joined.join(a, b)) {
                    return false;
                }
            }
            return true;
        }

        /** A plan with these jumpers would be beaten by one from another bundling, or by a cheaper one. */
        private boolean isHopeless(int jumpers) {
            PlanCost least = attempt.floor().with(jumpers, netsLandedTwice > 0 && face.terminals > TIDY_SEARCH ? 2 : 1);
            for (Map.Entry<PlanCost, Found> known : best.entrySet()) {
                if (known.getKey().isNoWorseThan(least)) {
                    return true;
                }
            }
            return false;
        }

        private void consider(int jumpers) {
            for (int net = bundles; net < landings.length; net++) {
                if (landings[net] == 1) {
                    return;
                }
            }
            Landing landing = new Landing(points, bundling.bundleOf(), bundles, netOn.clone());
            bundling.cost(inOff(), jumpers, landing.mostOnOneTerminal())
                    .filter(request.wishes()::allow)
                    .ifPresent(cost -> keep(cost, landing));
        }

        private void keep(PlanCost cost, Landing landing) {
            Found known = best.get(cost);
            if (known != null) {
                if (known.bundling() == bundling
                        && landing.untidiness() < known.landing().untidiness()) {
                    best.put(cost, new Found(landing, bundling));
                }
                return;
            }
            if (best.keySet().stream().noneMatch(c -> c.isNoWorseThan(cost))) {
                best.keySet().removeIf(cost::dominates);
                best.put(cost, new Found(landing, bundling));
            }
        }

        /** For each bundle one that stands for all that OFF joins it with. */
        private int[] inOff() {
            int[] root = new int[bundles + jumperNets];
            Arrays.setAll(root, i -> i);
            for (int[] contact : face.offContacts()) {
                int a = netOn[contact[0]];
                int b = netOn[contact[1]];
                if (a != EMPTY && b != EMPTY) {
                    int from = root[a];
                    int to = root[b];
                    for (int i = 0; i < root.length; i++) {
                        root[i] = root[i] == from ? to : root[i];
                    }
                }
            }
            int[] first = new int[bundles];
            for (int bundle = 0; bundle < bundles; bundle++) {
                first[bundle] = bundle;
                for (int before = bundle - 1; before >= 0; before--) {
                    first[bundle] = root[before] == root[bundle] ? before : first[bundle];
                }
            }
            return first;
        }
    }
}
