package gatepin.core.control;

import gatepin.core.Effort;
import gatepin.core.Sentence;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.control.Claim.Rule;
import gatepin.core.control.Part.Kind;
import gatepin.core.control.Trace.By;
import gatepin.core.control.Trace.Look;
import gatepin.core.control.Trace.Step;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;

/**
 * Looks for the shortest sequence of events that breaks a claim: the fewest things that a hand, the machine or the supply does, then the
 * fewest contacts that move.
 */
final class Tracer {
    private static final int MOST_STATES = 400_000;
    private static final int EVENT_COST = 64;
    /** A trace in which nothing is held at first and let go then. */
    private static final long PHASE = 1L << 62;

    private static final long POWER = 1L << 61;

    private final Space space;
    private final Readout readout;
    private final ControlNet net;
    private final Claim claim;
    private final Effort effort;
    private final List<List<Integer>> hands;
    private final List<String> handNames;
    private final int shift;
    private final Map<Long, Long> from = new HashMap<>();
    private final Map<Long, Integer> costs = new HashMap<>();
    private final PriorityQueue<long[]> open = new PriorityQueue<>((a, b) -> Long.compare(a[0], b[0]));

    private Tracer(ControlNet net, Claim claim, ControlFault fault, boolean apart, Effort effort) {
        this.net = net;
        this.claim = claim;
        this.effort = effort;
        this.space = Space.of(net, fault, effort);
        this.readout = new Readout(space);
        this.shift = space.bits;
        this.hands = new ArrayList<>();
        this.handNames = new ArrayList<>();
        for (Part part : net.ladder().parts()) {
            List<Integer> bits = new ArrayList<>();
            for (int i = 0; i < space.outer().size(); i++) {
                if (net.contacts().get(space.outer().get(i)).touch().part().equals(part.name())) {
                    bits.add(i);
                }
            }
            if (apart && !bits.isEmpty()) {
                for (int bit : bits) {
                    hands.add(List.of(bit));
                    handNames.add(part.name());
                }
            } else if (!bits.isEmpty() || part.name().equals(claim.part())) {
                hands.add(bits);
                handNames.add(part.name());
            }
        }
    }

    /** The shortest way to break a claim with something wrong; empty where none is found. */
    static Optional<Trace> trace(ControlNet net, Claim claim, ControlFault fault, Effort effort) {
        Optional<Trace> whole = new Tracer(net, claim, fault, false, effort).search();
        // contacts of one button may be seen to move apart
        return whole.isPresent()
                ? whole.map(t -> new Trace(t.steps(), fault))
                : new Tracer(net, claim, fault, true, effort).search().map(t -> new Trace(t.steps(), fault));
    }

    private Optional<Trace> search() {
        if (shift + hands.size() > 60) {
            return Optional.empty();
        }
        reach(POWER, -1, 0);
        while (!open.isEmpty() && costs.size() < MOST_STATES) {
            effort.step();
            long[] next = open.poll();
            long state = next[1];
            int cost = costs.getOrDefault(state, Integer.MAX_VALUE);
            if (cost < next[0]) {
                continue;
            }
            if (isGoal(state)) {
                return Optional.of(read(state));
            }
            expand(state, cost);
        }
        return Optional.empty();
    }

    private void reach(long state, long before, int cost) {
        Integer known = costs.get(state);
        if (known == null || known > cost) {
            costs.put(state, cost);
            from.put(state, before);
            open.add(new long[] {cost, state});
        }
    }

    private long inner(long state) {
        return state & ((1L << shift) - 1);
    }

    private Held held(long state) {
        long operated = 0;
        for (int h = 0; h < hands.size(); h++) {
            if ((state >>> (shift + h) & 1) == 1) {
                for (int bit : hands.get(h)) {
                    operated |= 1L << bit;
                }
            }
        }
        return space.exactly(operated, (state & POWER) != 0);
    }

    private void expand(long state, int cost) {
        long outside = state & ~((1L << shift) - 1);
        Held held = held(state);
        boolean[] moves = {false};
        Space.Steps steps = next -> {
            moves[0] = true;
            reach(outside | next, state, cost + 1);
        };
        space.forced(inner(state), held, steps);
        boolean atRest = !moves[0];
        if (atRest) {
            space.later(inner(state), next -> reach(outside | next, state, cost + 1));
        }
        if ((state & PHASE) != 0) {
            return;
        }
        for (int h = 0; h < hands.size(); h++) {
            reach(state ^ 1L << (shift + h), state, cost + EVENT_COST);
        }
        if (claim.rule() == Rule.POWER_RETURNS && (state & POWER) != 0) {
            reach(state ^ POWER, state, cost + EVENT_COST);
        }
        if (atRest && isBeforeLettingGo(state)) {
            reach(letGo(state) | PHASE, state, cost + EVENT_COST);
        }
    }

    private long letGo(long state) {
        if (claim.rule() == Rule.POWER_RETURNS) {
            return state | POWER;
        }
        long let = state;
        for (int h = 0; h < hands.size(); h++) {
            if (handNames.get(h).equals(claim.part())) {
                let &= ~(1L << (shift + h));
            }
        }
        return let;
    }

    private boolean isBeforeLettingGo(long state) {
        if (claim.rule() != Rule.POWER_RETURNS && claim.rule() != Rule.LET_GO || space.runs(inner(state))) {
            return false;
        }
        for (int h = 0; h < hands.size(); h++) {
            boolean operated = (state >>> (shift + h) & 1) == 1;
            boolean isCause = handNames.get(h).equals(claim.part());
            boolean springs = net.ladder()
                    .part(handNames.get(h))
                    .map(p -> p.kind().springsBack())
                    .orElse(false);
            if (isCause != operated && (isCause || springs)) {
                return false;
            }
        }
        return claim.rule() == Rule.LET_GO || (state & POWER) == 0;
    }

    private boolean isOperated(long state, String part) {
        boolean all = true;
        for (int h = 0; h < hands.size(); h++) {
            all &= !handNames.get(h).equals(part) || (state >>> (shift + h) & 1) == 1;
        }
        return all;
    }

    /** Every stop is pressed, every button let go, every selector where it selects nothing. */
    private boolean areStopped(long state) {
        for (int h = 0; h < hands.size(); h++) {
            Kind kind = net.ladder().part(handNames.get(h)).map(Part::kind).orElse(Kind.BUTTON);
            boolean operated = (state >>> (shift + h) & 1) == 1;
            if (kind.isStop() != operated && (kind.isStop() || kind == Kind.BUTTON || kind == Kind.SELECTOR)) {
                return false;
            }
        }
        return true;
    }

    private boolean isAtRest(long state) {
        return space.isAtRest(inner(state), held(state));
    }

    private boolean isGoal(long state) {
        long inner = inner(state);
        return switch (claim.rule()) {
            case NEVER_BOTH -> space.bothIn(inner);
            case STANDS_STILL_FIRST -> space.reversesOnTheRun(inner);
            case STOPS, OVERLOAD_STOPS -> space.runs(inner) && isOperated(state, claim.part()) && isAtRest(state);
            case LIMIT_STOPS -> space.runs(inner, claim.way()) && isOperated(state, claim.part()) && isAtRest(state);
            case POWER_RETURNS, LET_GO -> (state & PHASE) != 0 && space.runs(inner);
            case RUNS -> space.runs(inner, claim.way());
            case SOMETHING_STOPS -> space.runs(inner) && areStopped(state) && isAtRest(state);
            case BUTTON, LIMIT_BACK, NO_CHATTER -> false;
        };
    }

    private Trace read(long goal) {
        List<Long> way = new ArrayList<>();
        for (long at = goal; at != -1; at = from.getOrDefault(at, -1L)) {
            way.add(at);
        }
        Collections.reverse(way);
        List<Step> steps = new ArrayList<>();
        for (int i = 1; i < way.size(); i++) {
            steps.add(step(way.get(i - 1), way.get(i)));
        }
        return new Trace(steps, ControlFault.NONE);
    }

    private Step step(long before, long after) {
        long changed = before ^ after;
        if ((changed & POWER) != 0) {
            return new Step(
                    By.EVENT,
                    Sentence.of((after & POWER) != 0 ? "control.step.powerOn" : "control.step.powerOff"),
                    look(after));
        }
        for (int h = 0; h < hands.size(); h++) {
            if ((changed >>> (shift + h) & 1) == 1) {
                boolean operated = (after >>> (shift + h) & 1) == 1;
                return new Step(By.EVENT, event(handNames.get(h), operated), look(after));
            }
        }
        for (int bit = 0; bit < readout.innerBits(); bit++) {
            if ((changed >>> bit & 1) == 1 && !isStandstill(bit)) {
                ControlNet.Contact contact = net.contacts().get(readout.contactOf(bit));
                boolean closes = (after >>> bit & 1) == 1 != contact.touch().normallyClosed();
                return new Step(
                        By.CONTACT,
                        Sentence.of(closes ? "control.step.closes" : "control.step.opens", contact.title()),
                        look(after));
            }
        }
        for (int bit = readout.innerBits(); bit < shift; bit++) {
            if ((changed >>> bit & 1) == 1) {
                return other(bit, after);
            }
        }
        throw new IllegalStateException("two states of a trace are the same");
    }

    private boolean isStandstill(int bit) {
        String part = net.contacts().get(readout.contactOf(bit)).touch().part();
        return net.ladder().part(part).map(Part::kind).equals(Optional.of(Kind.STANDSTILL));
    }

    private Step other(int bit, long after) {
        boolean set = (after >>> bit & 1) == 1;
        if (!readout.mainOf(bit).isEmpty()) {
            return new Step(
                    By.CONTACT,
                    Sentence.of(set ? "control.step.mainIn" : "control.step.mainOut", readout.mainOf(bit)),
                    look(after));
        }
        if (!readout.timerOf(bit).isEmpty()) {
            return new Step(
                    By.CONTACT,
                    Sentence.of(set ? "control.step.times" : "control.step.timesNot", readout.timerOf(bit)),
                    look(after));
        }
        int motion = space.motion(inner(after));
        return new Step(
                By.TIME,
                motion == Space.STILL
                        ? Sentence.of("control.step.still")
                        : Sentence.of(
                                "control.step.turns",
                                (motion == Space.TURNS_FORWARD ? HandlePosition.FORWARD : HandlePosition.REVERSE)
                                        .title()),
                look(after));
    }

    private Sentence event(String name, boolean operated) {
        Kind kind = net.ladder().part(name).map(Part::kind).orElse(Kind.BUTTON);
        return Sentence.of(
                "control.step." + (operated ? "on." : "off.") + kind.name().toLowerCase(Locale.ROOT), name);
    }

    private Look look(long state) {
        Set<String> operated = new HashSet<>();
        for (int h = 0; h < hands.size(); h++) {
            if ((state >>> (shift + h) & 1) == 1) {
                operated.add(handNames.get(h));
            }
        }
        return readout.look(inner(state), held(state), operated);
    }
}
