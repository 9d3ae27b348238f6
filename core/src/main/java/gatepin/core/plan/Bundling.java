package gatepin.core.plan;

import gatepin.core.circuit.Terminal;
import java.util.List;

/**
 * Leads and lines gathered into bundles for one pair of connections. What is in a bundle is joined for good; the
 * switch joins bundles. With no contact closed in OFF, all but the landing's own figures follow from this alone.
 *
 * @param motor the motor and its supply, by numbers
 * @param forward the forward connection
 * @param reverse the reverse connection
 * @param distance how far the pair is from what the diagram shows
 * @param bundleOf the bundle of each point
 * @param bundles how many bundles there are
 * @param forwardGroup the group of each bundle at FORWARD
 * @param reverseGroup the same at REVERSE
 * @param mustLand bundles that the switch has to join to others
 */
record Bundling(
        Motor motor,
        RunningConnection forward,
        RunningConnection reverse,
        int distance,
        int[] bundleOf,
        int bundles,
        int[] forwardGroup,
        int[] reverseGroup,
        boolean[] mustLand) {
    /**
     * What a request says of motor and supply, looked up once for all its bundlings.
     *
     * @param points the motor leads, then L1 and L2
     * @param windings the points that each winding lies between
     * @param isHot whether L1 and L2 are hot
     * @param hasOff the handle has a place where it stays OFF
     */
    record Motor(List<Terminal> points, int[][] windings, boolean[] isHot, boolean hasOff) {
        static Motor of(PlanRequest request) {
            List<Terminal> points = request.points();
            return new Motor(
                    points,
                    request.windings().stream()
                            .map(w -> new int[] {points.indexOf(w.like()), points.indexOf(w.other())})
                            .toArray(int[][]::new),
                    new boolean[] {
                        request.supply().isHot(Terminal.L1), request.supply().isHot(Terminal.L2)
                    },
                    request.hasOff());
        }
    }

    List<Terminal> points() {
        return motor.points();
    }

    static boolean[] mustLand(int[] forwardGroup, int[] reverseGroup) {
        boolean[] must = new boolean[forwardGroup.length];
        for (int a = 0; a < must.length; a++) {
            for (int b = 0; b < a; b++) {
                boolean together = forwardGroup[a] == forwardGroup[b] || reverseGroup[a] == reverseGroup[b];
                must[a] |= together;
                must[b] |= together;
            }
        }
        return must;
    }

    /** The wires that must share a terminal at least: a bundle of leads with a line in it brings a conductor and the line. */
    int leastOnOneTerminal() {
        for (int line = bundleOf.length - 2; line < bundleOf.length; line++) {
            for (int lead = 0; lead < bundleOf.length - 2; lead++) {
                if (bundleOf[lead] == bundleOf[line] && mustLand[bundleOf[line]]) {
                    return 2;
                }
            }
        }
        return 1;
    }

    /** How many joins the contacts must make; groups are numbered below {@code 64}. */
    static int joinsNeeded(int[] groupOf) {
        long seen = 0;
        for (int group : groupOf) {
            seen |= 1L << group;
        }
        return groupOf.length - Long.bitCount(seen);
    }

    /** Conductors between motor box and switch box, ground not counted: bundles with leads that land or take a line. */
    private int conductors() {
        boolean[] lead = new boolean[bundles];
        boolean[] line = new boolean[bundles];
        for (int point = 0; point < bundleOf.length; point++) {
            (point < bundleOf.length - 2 ? lead : line)[bundleOf[point]] = true;
        }
        int conductors = 0;
        for (int bundle = 0; bundle < bundles; bundle++) {
            conductors += lead[bundle] && (line[bundle] || mustLand[bundle]) ? 1 : 0;
        }
        return conductors;
    }

    /**
     * What it costs when OFF joins bundles like this; empty when current flows.
     *
     * @param root for each bundle a bundle that stands for all it is joined with in OFF
     */
    java.util.Optional<PlanCost> cost(int[] root, int jumpers, int mostOnOneTerminal) {
        int line1 = bundleOf.length - 2;
        int line2 = bundleOf.length - 1;
        int beside = (forward.wholeCurrentProtected() ? 0 : 1) + (reverse.wholeCurrentProtected() ? 0 : 1);
        int beyond = (forward.onDiagram() ? 0 : 1) + (reverse.onDiagram() ? 0 : 1);
        int conductors = conductors();
        if (!motor.hasOff()) {
            return java.util.Optional.of(new PlanCost(0, 0, 0, beside, beyond, conductors, jumpers, mostOnOneTerminal));
        }
        boolean[][] reached = {reachedFrom(root[bundleOf[line1]], root), reachedFrom(root[bundleOf[line2]], root)};
        if (reached[0][root[bundleOf[line2]]]) {
            return java.util.Optional.empty();
        }
        boolean[] hot = new boolean[line1];
        int unbroken = 0;
        int neutralSwitched = 0;
        for (int line = line1; line <= line2; line++) {
            boolean isHot = motor.isHot()[line - line1];
            boolean broken = true;
            for (int lead = 0; lead < line1; lead++) {
                int here = root[bundleOf[lead]];
                broken &= here != root[bundleOf[line]];
                hot[lead] |= isHot && reached[line - line1][here];
            }
            unbroken += isHot && !broken ? 1 : 0;
            neutralSwitched += !isHot && broken ? 1 : 0;
        }
        int hotLeads = 0;
        for (boolean isHot : hot) {
            hotLeads += isHot ? 1 : 0;
        }
        return java.util.Optional.of(new PlanCost(
                hotLeads, unbroken, neutralSwitched, beside, beyond, conductors, jumpers, mostOnOneTerminal));
    }

    private boolean[] reachedFrom(int start, int[] root) {
        boolean[] reached = new boolean[bundles];
        reached[start] = true;
        boolean grew = true;
        while (grew) {
            grew = false;
            for (int[] winding : motor.windings()) {
                int a = root[bundleOf[winding[0]]];
                int b = root[bundleOf[winding[1]]];
                if (reached[a] != reached[b]) {
                    reached[a] = true;
                    reached[b] = true;
                    grew = true;
                }
            }
        }
        return reached;
    }
}
