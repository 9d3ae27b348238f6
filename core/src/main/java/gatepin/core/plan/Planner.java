package gatepin.core.plan;

import gatepin.core.circuit.Contact;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.plan.PlanResult.Hindrance;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.SortedSet;
import java.util.TreeMap;

/**
 * Finds every way to land motor leads and lines on a switch so that each handle position joins just what it must.
 *
 * <p>Leads and lines that are together in both directions may be spliced into one <em>bundle</em> or kept apart
 * for a contact to join; the search goes through all such splits, and for each through all ways to land the
 * bundles, and jumpers between otherwise empty terminals, on the switch. A branch is left as soon as a closed
 * contact joins two bundles that must be apart.
 */
public final class Planner {
    private static final int EMPTY = -1;
    private static final int UNKNOWN = -1;

    private final PlanRequest request;
    private final List<Terminal> points;
    private final int terminals;
    private final int[][] forwardContacts;
    private final int[][] reverseContacts;
    private final int[][] offContacts;
    private final int[] forwardTarget;
    private final int[] reverseTarget;
    private final int[][] windingEnds;
    private final int[][] forwardPartners;
    private final int[][] reversePartners;
    /** How many contacts of the position have their later terminal at or after each terminal. */
    private final int[] forwardContactsFrom;

    private final int[] reverseContactsFrom;

    private final Map<PlanCost, Landing> best = new TreeMap<>();
    private long arrangements;
    private boolean bothSeen;

    private Planner(PlanRequest request) {
        this.request = request;
        this.points = new ArrayList<>(request.leads());
        points.add(Terminal.L1);
        points.add(Terminal.L2);
        this.terminals = request.chart().terminals().size();
        this.forwardContacts = contacts(HandlePosition.FORWARD);
        this.reverseContacts = contacts(HandlePosition.REVERSE);
        this.offContacts = contacts(HandlePosition.OFF);
        this.forwardTarget = targets(request.forward());
        this.reverseTarget = targets(request.reverse());
        this.windingEnds = request.windings().stream()
                .map(w -> new int[] {points.indexOf(w.like()), points.indexOf(w.other())})
                .toArray(int[][]::new);
        this.forwardPartners = earlierPartners(forwardContacts);
        this.reversePartners = earlierPartners(reverseContacts);
        this.forwardContactsFrom = contactsFrom(forwardPartners);
        this.reverseContactsFrom = contactsFrom(reversePartners);
    }

    private static int[] contactsFrom(int[][] partners) {
        int[] from = new int[partners.length + 1];
        for (int terminal = partners.length - 1; terminal >= 0; terminal--) {
            from[terminal] = from[terminal + 1] + partners[terminal].length;
        }
        return from;
    }

    /**
     * Searches completely.
     *
     * @throws IllegalArgumentException when a group names a lead the motor does not have, or joins both lines
     */
    public static PlanResult search(PlanRequest request) {
        Planner planner = new Planner(request);
        planner.overBundlings(0, new int[planner.points.size()], 0);
        return planner.result();
    }

    private PlanResult result() {
        List<Plan> plans = new ArrayList<>();
        for (Map.Entry<PlanCost, Landing> entry : best.entrySet()) {
            if (best.keySet().stream().noneMatch(c -> c.dominates(entry.getKey()))) {
                plans.add(new Plan(entry.getValue().wiring(request), entry.getKey()));
            }
        }
        Hindrance found = bothSeen ? Hindrance.NO_OFF : Hindrance.BOTH_WAYS_IMPOSSIBLE;
        Hindrance hindrance = plans.isEmpty() ? found : Hindrance.NONE;
        return new PlanResult(plans, arrangements, hindrance);
    }

    private int[][] contacts(HandlePosition position) {
        return request.chart().closedIn(position).stream().map(this::ends).toArray(int[][]::new);
    }

    private int[] ends(Contact contact) {
        int a = request.chart().terminals().indexOf(contact.a());
        int b = request.chart().terminals().indexOf(contact.b());
        return new int[] {a, b};
    }

    /** For every point the number of the group it must be in; a lead that is in no group is a group of its own. */
    private int[] targets(List<SortedSet<Terminal>> groups) {
        int[] target = new int[points.size()];
        Arrays.fill(target, UNKNOWN);
        int next = 0;
        for (SortedSet<Terminal> group : groups) {
            if (group.contains(Terminal.L1) && group.contains(Terminal.L2)) {
                throw new IllegalArgumentException("a group joins both lines: " + group);
            }
            for (Terminal terminal : group) {
                int point = points.indexOf(terminal);
                if (point < 0) {
                    throw new IllegalArgumentException("a group names " + terminal + ", which the motor does not have");
                }
                target[point] = next;
            }
            next++;
        }
        for (int i = 0; i < target.length; i++) {
            if (target[i] == UNKNOWN) {
                target[i] = next++;
            }
        }
        return target;
    }

    /** Goes through all partitions of the points into bundles, in restricted-growth order. */
    private void overBundlings(int point, int[] bundleOf, int bundles) {
        if (point == bundleOf.length) {
            Landings landings = new Landings(bundleOf, bundles);
            if (landings.enoughContacts()) {
                landings.search(0);
            }
            return;
        }
        for (int bundle = 0; bundle <= bundles; bundle++) {
            if (bundle == bundles || mayShare(point, bundle, bundleOf)) {
                bundleOf[point] = bundle;
                overBundlings(point + 1, bundleOf, Math.max(bundles, bundle + 1));
            }
        }
    }

    private boolean mayShare(int point, int bundle, int[] bundleOf) {
        for (int other = 0; other < point; other++) {
            if (bundleOf[other] == bundle) {
                return forwardTarget[other] == forwardTarget[point] && reverseTarget[other] == reverseTarget[point];
            }
        }
        return false;
    }

    /** For each terminal the earlier terminals that a position's contacts join it with. */
    private int[][] earlierPartners(int[][] contacts) {
        int[][] partners = new int[terminals][];
        for (int terminal = 0; terminal < terminals; terminal++) {
            int last = terminal;
            partners[terminal] = Arrays.stream(contacts)
                    .filter(c -> Math.max(c[0], c[1]) == last)
                    .mapToInt(c -> Math.min(c[0], c[1]))
                    .toArray();
        }
        return partners;
    }

    /** All ways to land one bundling on the switch. Nets 0 … bundles-1 are bundles, those above are jumpers alone. */
    private final class Landings {
        private final int[] bundleOf;
        private final int bundles;
        private final int[] forwardGroup;
        private final int[] reverseGroup;
        private final int[] netOn = new int[terminals];
        /** How many terminals each net lands on. */
        private final int[] landings;
        /** Bundles that a contact has to join to others, so they must land somewhere. */
        private final boolean[] mustLand;

        private final Joined forward;
        private final Joined reverse;
        private final int[] union;
        private int mustLandYet;

        Landings(int[] bundleOf, int bundles) {
            this.bundleOf = bundleOf.clone();
            this.bundles = bundles;
            this.forwardGroup = new int[bundles];
            this.reverseGroup = new int[bundles];
            for (int point = 0; point < bundleOf.length; point++) {
                forwardGroup[bundleOf[point]] = forwardTarget[point];
                reverseGroup[bundleOf[point]] = reverseTarget[point];
            }
            int nodes = bundles + terminals * 2;
            this.union = new int[nodes];
            this.forward = new Joined(nodes, forwardGroup, forwardContacts.length);
            this.reverse = new Joined(nodes, reverseGroup, reverseContacts.length);
            this.landings = new int[bundles + terminals + 1];
            this.mustLand = new boolean[bundles];
            for (int bundle = 0; bundle < bundles; bundle++) {
                mustLand[bundle] = shares(bundle, forwardGroup) || shares(bundle, reverseGroup);
                mustLandYet += mustLand[bundle] ? 1 : 0;
            }
            Arrays.fill(netOn, EMPTY);
        }

        private boolean shares(int bundle, int[] groupOf) {
            for (int other = 0; other < groupOf.length; other++) {
                if (other != bundle && groupOf[other] == groupOf[bundle]) {
                    return true;
                }
            }
            return false;
        }

        /** Joining n bundles takes n − 1 contacts, and each bundle to be joined takes a terminal. */
        boolean enoughContacts() {
            return joinsNeeded(forwardGroup) <= forwardContacts.length
                    && joinsNeeded(reverseGroup) <= reverseContacts.length
                    && mustLandYet <= terminals;
        }

        private int joinsNeeded(int[] groupOf) {
            return bundles - (int) Arrays.stream(groupOf).distinct().count();
        }

        void search(int terminal) {
            if (terminal == terminals) {
                arrangements++;
                consider();
                return;
            }
            int jumperNets = 0;
            for (int before = 0; before < terminal; before++) {
                jumperNets = Math.max(jumperNets, netOn[before] - bundles + 1);
            }
            for (int net = EMPTY; net <= bundles + jumperNets; net++) {
                netOn[terminal] = net;
                boolean firstLanding = net != EMPTY && landings[net]++ == 0 && net < bundles && mustLand[net];
                mustLandYet -= firstLanding ? 1 : 0;
                int forwardMark = forward.mark();
                int reverseMark = reverse.mark();
                if (mustLandYet < terminals - terminal
                        && closes(forward, forwardPartners[terminal], terminal)
                        && closes(reverse, reversePartners[terminal], terminal)
                        && forward.joinsMissing() <= forwardContactsFrom[terminal + 1]
                        && reverse.joinsMissing() <= reverseContactsFrom[terminal + 1]) {
                    search(terminal + 1);
                }
                forward.backTo(forwardMark);
                reverse.backTo(reverseMark);
                mustLandYet += firstLanding ? 1 : 0;
                if (net != EMPTY) {
                    landings[net]--;
                }
            }
            netOn[terminal] = EMPTY;
        }

        /** Closes a position's contacts between a terminal and earlier ones; gives false where they join two groups. */
        private boolean closes(Joined joined, int[] partners, int terminal) {
            for (int partner : partners) {
                if (!joined.join(node(terminal), node(partner))) {
                    return false;
                }
            }
            return true;
        }

        private void join(int[][] contacts) {
            for (int i = 0; i < union.length; i++) {
                union[i] = i;
            }
            for (int[] contact : contacts) {
                union[root(node(contact[0]))] = root(node(contact[1]));
            }
        }

        /** The node a switch terminal belongs to: its net, or itself when empty. */
        private int node(int terminal) {
            return netOn[terminal] == EMPTY ? bundles + terminals + terminal : netOn[terminal];
        }

        /** The node's set after the last {@link #join}. */
        private int root(int node) {
            int root = node;
            while (union[root] != root) {
                root = union[root];
            }
            return root;
        }

        private void consider() {
            if (forward.joinsMissing() > 0 || reverse.joinsMissing() > 0) {
                return;
            }
            bothSeen = true;
            for (int net = bundles; net < landings.length; net++) {
                if (landings[net] == 1) {
                    return;
                }
            }
            join(offContacts);
            if (!deadInOff()) {
                return;
            }
            Landing landing = new Landing(points, bundleOf.clone(), bundles, netOn.clone());
            PlanCost cost = cost(landing);
            Landing known = best.get(cost);
            if (known == null || landing.untidiness() < known.untidiness()) {
                best.put(cost, landing);
            }
        }

        /** No path through windings leads from line to line. */
        private boolean deadInOff() {
            int line1 = root(bundleOf[points.indexOf(Terminal.L1)]);
            int line2 = root(bundleOf[points.indexOf(Terminal.L2)]);
            return !reachedFrom(line1)[line2];
        }

        private boolean[] reachedFrom(int start) {
            boolean[] reached = new boolean[union.length];
            reached[start] = true;
            boolean grew = true;
            while (grew) {
                grew = false;
                for (int[] ends : windingEnds) {
                    int a = root(bundleOf[ends[0]]);
                    int b = root(bundleOf[ends[1]]);
                    if (reached[a] != reached[b]) {
                        reached[a] = true;
                        reached[b] = true;
                        grew = true;
                    }
                }
            }
            return reached;
        }

        private PlanCost cost(Landing landing) {
            boolean[] hotLead = new boolean[points.size()];
            int unbroken = 0;
            int neutralSwitched = 0;
            for (Terminal line : List.of(Terminal.L1, Terminal.L2)) {
                int lineRoot = root(bundleOf[points.indexOf(line)]);
                boolean broken = true;
                boolean[] reached = reachedFrom(lineRoot);
                for (int point = 0; point < points.size() - 2; point++) {
                    int root = root(bundleOf[point]);
                    broken &= root != lineRoot;
                    hotLead[point] |= reached[root] && request.supply().isHot(line);
                }
                if (request.supply().isHot(line)) {
                    unbroken += broken ? 0 : 1;
                } else {
                    neutralSwitched = broken ? 1 : 0;
                }
            }
            int hot = 0;
            for (boolean isHot : hotLead) {
                hot += isHot ? 1 : 0;
            }
            int jumpers = 0;
            for (int terminalsOfNet : landings) {
                jumpers += Math.max(0, terminalsOfNet - 1);
            }
            return new PlanCost(
                    hot, unbroken, neutralSwitched, landing.conductors(), jumpers, landing.mostOnOneTerminal());
        }
    }
}
