package gatepin.core.plan;

import gatepin.core.Effort;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;

/** All ways to land one bundling on the switch. Nets 0 … bundles-1 are bundles, those above are jumpers alone. */
final class LandingSearch {
    private static final int EMPTY = -1;

    /**
     * How far to look.
     *
     * @param mostJumpers landings with more jumpers are of no use
     * @param tidy all landings of one cost are looked at, for the one that is neatest to draw
     */
    record Bounds(int mostJumpers, boolean tidy) {}

    private final PlanRequest request;
    private final Effort effort;
    private final Bounds bounds;
    private final Face face;
    private final Front front;
    private final Planner.Attempt attempt;
    private final Bundling bundling;
    private final int bundles;
    private final boolean[] mustLand;
    private final List<List<int[]>> waysOfPattern = new ArrayList<>();
    private final List<int[]> rankOfWay = new ArrayList<>();
    private final Joined forward;
    private final Joined reverse;
    private final int[] landings;
    private final int[] netOn;
    private final int jumperNets;
    private long arrangements;
    private int mustLandYet;
    private int landed;
    private int netsLanded;
    private int netsLandedTwice;

    LandingSearch(PlanRequest request, Face face, Planner.Attempt attempt, Front front, Bounds bounds, Effort effort) {
        this.bounds = bounds;
        this.effort = effort;
        this.request = request;
        this.face = face;
        this.front = front;
        this.attempt = attempt;
        this.bundling = attempt.bundling();
        this.bundles = bundling.bundles();
        this.mustLand = bundling.mustLand();
        for (boolean must : mustLand) {
            mustLandYet += must ? 1 : 0;
        }
        int forwardSpare = face.forwardRankFrom[0] - Bundling.joinsNeeded(bundling.forwardGroup());
        int reverseSpare = face.reverseRankFrom[0] - Bundling.joinsNeeded(bundling.reverseGroup());
        this.jumperNets = Math.min(Math.max(forwardSpare, reverseSpare), (face.terminals - mustLandYet) / 2);
        // an empty terminal conducts from contact to contact: it is a net of its own
        int nodes = bundles + jumperNets + face.terminals;
        this.forward = new Joined(nodes, bundling.forwardGroup());
        this.reverse = new Joined(nodes, bundling.reverseGroup());
        this.landings = new int[bundles + jumperNets];
        this.netOn = new int[face.terminals];
        Arrays.fill(netOn, EMPTY);
        for (BlockPattern pattern : face.patterns) {
            List<int[]> ways = new ArrayList<>();
            if (!placeByPlace(pattern)) {
                fill(pattern, 0, new int[pattern.size()], way -> ways.add(way.clone()));
            }
            if (jumperNets > 1) {
                ways.sort((a, b) -> Arrays.compare(plain(a), plain(b)));
            }
            waysOfPattern.add(ways);
            rankOfWay.add(ranks(ways));
        }
    }

    /** A block that has no equal, or the whole face: its ways are not listed first, but looked at as they come. */
    private boolean placeByPlace(BlockPattern pattern) {
        return face.blocks.size() == 1 || pattern.size() > Face.MOST_TURNED;
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

    /** Gives the ways to fill a block: no contact joins what must be apart, and nothing lands where it serves nothing. */
    private void fill(BlockPattern pattern, int place, int[] way, Consumer<int[]> found) {
        effort.step();
        if (place == way.length) {
            if (pattern.everyLandingServes(way, EMPTY) && pattern.isFirstOfItsTurns(way, bundles)) {
                found.accept(way);
            }
            return;
        }
        for (int net = EMPTY; net < bundles + jumperNets; net++) {
            way[place] = net;
            if (mayLand(pattern.label()[place], net)
                    && keepsApart(pattern.forward(), bundling.forwardGroup(), place, way)
                    && keepsApart(pattern.reverse(), bundling.reverseGroup(), place, way)) {
                fill(pattern, place + 1, way, found);
            }
        }
    }

    /**
     * Fills a block place by place; a contact is closed as soon as both its ends are filled, so that what cannot become a plan is seen
     * early.
     */
    private void place(int number, int[] way, int place, int jumperNetsUsed) {
        effort.step();
        Face.Block block = face.blocks.get(number);
        BlockPattern pattern = face.patterns.get(block.pattern());
        if (place == way.length) {
            if (pattern.everyLandingServes(way, EMPTY) && pattern.isFirstOfItsTurns(way, bundles)) {
                block(number + 1, 0, jumperNetsUsed);
            }
            return;
        }
        if (cannotDo(number, pattern, place)) {
            return;
        }
        // of the jumper nets that are still unused one stands for all
        int nets = Math.min(bundles + jumperNets, bundles + jumperNetsUsed + 1);
        int terminal = block.terminals()[place];
        for (int net = EMPTY; net < nets; net++) {
            if (!mayLand(pattern.label()[place], net)) {
                continue;
            }
            way[place] = net;
            land(terminal, net);
            int forwardMark = forward.mark();
            int reverseMark = reverse.mark();
            if (close(forward, pattern.forward(), block, place) && close(reverse, pattern.reverse(), block, place)) {
                place(number, way, place + 1, Math.max(jumperNetsUsed, net - bundles + 1));
            }
            forward.backTo(forwardMark);
            reverse.backTo(reverseMark);
            lift(terminal, net);
        }
    }

    /** The places left do not suffice, their contacts cannot make the joins, or what is landed takes too many jumpers already. */
    private boolean cannotDo(int number, BlockPattern pattern, int place) {
        int terminals = pattern.size() - place + face.terminalsFrom[number + 1];
        if (mustLandYet > terminals
                || forward.joinsMissing() > pattern.forwardRankAfter()[place] + face.forwardRankFrom[number + 1]
                || reverse.joinsMissing() > pattern.reverseRankAfter()[place] + face.reverseRankFrom[number + 1]) {
            return true;
        }
        // a place left empty conducts, so that joins may come without any landing
        return isHopeless(landed - netsLanded);
    }

    private boolean mayLand(int label, int net) {
        return suitsLabel(label, net) && (net < 0 || net >= bundles || mustLand[net] || label >= 0);
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

    /** How many ways of filling the switch, whole or in part, were looked at. */
    long arrangements() {
        return arrangements;
    }

    /** Fills block after block; of blocks alike, a later one is filled no earlier in the list of ways. */
    void block(int number, int leastRank, int jumperNetsUsed) {
        arrangements++;
        effort.step();
        if (forward.joinsMissing() > face.forwardRankFrom[number]
                || reverse.joinsMissing() > face.reverseRankFrom[number]
                || mustLandYet > face.terminalsFrom[number]) {
            return;
        }
        int toCome = face.leastToCome(
                number, forward.joinsMissing() + reverse.joinsMissing(), mustLandYet, jumperNets - jumperNetsUsed);
        int jumpers = landed + toCome - netsLanded - mustLandYet;
        if (isHopeless(jumpers)) {
            return;
        }
        if (number == face.blocks.size()) {
            consider(jumpers);
            return;
        }
        Face.Block block = face.blocks.get(number);
        BlockPattern own = face.patterns.get(block.pattern());
        if (placeByPlace(own)) {
            place(number, new int[own.size()], 0, jumperNetsUsed);
            return;
        }
        List<int[]> ways = waysOfPattern.get(block.pattern());
        int[] rank = rankOfWay.get(block.pattern());
        boolean nextIsAlike =
                number + 1 < face.blocks.size() && face.blocks.get(number + 1).pattern() == block.pattern();
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
        for (int place = 0; place < way.length; place++) {
            land(block.terminals()[place], way[place]);
        }
        int forwardMark = forward.mark();
        int reverseMark = reverse.mark();
        BlockPattern pattern = face.patterns.get(block.pattern());
        if (close(forward, pattern.forward(), block) && close(reverse, pattern.reverse(), block)) {
            block(number + 1, leastRank, used);
        }
        forward.backTo(forwardMark);
        reverse.backTo(reverseMark);
        for (int place = 0; place < way.length; place++) {
            lift(block.terminals()[place], way[place]);
        }
    }

    private void land(int terminal, int net) {
        netOn[terminal] = net;
        if (net != EMPTY) {
            landed++;
            netsLanded += landings[net] == 0 ? 1 : 0;
            netsLandedTwice += landings[net] == 1 && net < bundles ? 1 : 0;
            mustLandYet -= landings[net]++ == 0 && net < bundles && mustLand[net] ? 1 : 0;
        }
    }

    private void lift(int terminal, int net) {
        netOn[terminal] = EMPTY;
        if (net != EMPTY) {
            landed--;
            netsLanded -= landings[net] == 1 ? 1 : 0;
            mustLandYet += --landings[net] == 0 && net < bundles && mustLand[net] ? 1 : 0;
            netsLandedTwice -= landings[net] == 1 && net < bundles ? 1 : 0;
        }
    }

    /** Closes the contacts that get their second end at a place. */
    private boolean close(Joined joined, int[][] contacts, Face.Block block, int place) {
        for (int[] contact : contacts) {
            if (Math.max(contact[0], contact[1]) == place
                    && !joined.join(node(block.terminals()[contact[0]]), node(block.terminals()[contact[1]]))) {
                return false;
            }
        }
        return true;
    }

    private boolean close(Joined joined, int[][] contacts, Face.Block block) {
        for (int[] contact : contacts) {
            if (!joined.join(node(block.terminals()[contact[0]]), node(block.terminals()[contact[1]]))) {
                return false;
            }
        }
        return true;
    }

    /** The net on a terminal; where it is empty, the terminal itself. */
    private int node(int terminal) {
        return netOn[terminal] == EMPTY ? bundles + jumperNets + terminal : netOn[terminal];
    }

    /** A plan with these jumpers would be beaten by one from another bundling, or by a cheaper one. */
    private boolean isHopeless(int jumpers) {
        if (jumpers > bounds.mostJumpers()) {
            return true;
        }
        int most = netsLandedTwice > 0 ? 2 : bundling.leastOnOneTerminal();
        return bounds.tidy()
                ? front.isBetterThan(attempt.floor().with(jumpers, most))
                : front.isNoWorseThan(attempt.floor().with(jumpers, most));
    }

    private void consider(int jumpers) {
        for (int net = bundles; net < landings.length; net++) {
            if (landings[net] == 1) {
                return;
            }
        }
        if (!wishesHold()
                || !joinsWithoutUnusable(HandlePosition.FORWARD, bundling.forwardGroup())
                || !joinsWithoutUnusable(HandlePosition.REVERSE, bundling.reverseGroup())) {
            return;
        }
        Landing landing = new Landing(bundling.points(), bundling.bundleOf(), bundles, netOn.clone());
        bundling.cost(inOff(), jumpers, landing.mostOnOneTerminal())
                .filter(request.wishes()::allow)
                .ifPresent(cost -> front.keep(cost, landing, bundling));
    }

    /** Of several wishes for one terminal a block's label knows only one; here all of them count. */
    private boolean wishesHold() {
        List<Terminal> terminals = request.chart().terminals();
        for (Wire kept : request.wishes().kept()) {
            boolean fromSwitch = kept.from().isGear();
            int terminal = terminals.indexOf(fromSwitch ? kept.from() : kept.to());
            int point = bundling.points().indexOf(fromSwitch ? kept.to() : kept.from());
            if (terminal >= 0 && point >= 0 && netOn[terminal] != bundling.bundleOf()[point]) {
                return false;
            }
        }
        return request.wishes().unusable().stream()
                .mapToInt(terminals::indexOf)
                .noneMatch(t -> t >= 0 && netOn[t] != EMPTY);
    }

    /** No current has to pass through a terminal that must not be used: its contacts may be worn or burnt. */
    private boolean joinsWithoutUnusable(HandlePosition position, int[] groupOf) {
        Set<Terminal> unusable = request.wishes().unusable();
        if (unusable.isEmpty()) {
            return true;
        }
        List<Terminal> terminals = request.chart().terminals();
        int[][] contacts = request.chart().closedIn(position).stream()
                .filter(c -> !unusable.contains(c.a()) && !unusable.contains(c.b()))
                .map(c -> new int[] {node(terminals.indexOf(c.a())), node(terminals.indexOf(c.b()))})
                .toArray(int[][]::new);
        int[] part = BlockPattern.parts(bundles + jumperNets + face.terminals, contacts);
        for (int a = 0; a < bundles; a++) {
            for (int other = 0; other < a; other++) {
                if (groupOf[a] == groupOf[other] && part[a] != part[other]) {
                    return false;
                }
            }
        }
        return true;
    }

    /** For each bundle one that stands for all that OFF joins it with. */
    private int[] inOff() {
        int[][] contacts = face.offContacts().stream()
                .map(c -> new int[] {node(c[0]), node(c[1])})
                .toArray(int[][]::new);
        int[] root = BlockPattern.parts(bundles + jumperNets + face.terminals, contacts);
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
