package gatepin.core.control;

import gatepin.core.Effort;
import gatepin.core.Sentence;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.control.Claim.Asked;
import gatepin.core.control.Part.Kind;
import gatepin.core.control.Proof.Outcome;
import gatepin.core.control.Proof.Standing;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.LongPredicate;

/**
 * Proves what holds of a control circuit: goes through every state it can get into, without a fault and with every single one, and holds
 * each claim against all of them.
 */
public final class Prover {
    /** More positions of selectors, limit switches and the like than this are not gone through. */
    private static final int MOST_HELD = 10;

    private final ControlNet net;
    private final Effort effort;
    private final List<Claim> claims;
    private long states;

    private Prover(ControlNet net, List<Claim> claims, Effort effort) {
        this.net = net;
        this.claims = claims;
        this.effort = effort;
    }

    /**
     * Proves a ladder, or finds where it fails.
     *
     * @throws Effort.TooMuch when it is too large, was stopped or took too long
     */
    public static Proof prove(Ladder ladder, Asked asked, Effort effort) {
        return prove(ladder, asked, Optional.empty(), effort);
    }

    /**
     * The same of a ladder that works a wired power circuit.
     *
     * @param duty what the power circuit asks of it; empty where nobody knows it
     */
    public static Proof prove(Ladder written, Asked asked, Optional<Duty> duty, Effort effort) {
        Ladder ladder = duty.map(d -> d.told(written)).orElse(written);
        ControlNet net = ControlNet.of(ladder);
        List<Claim> claims = Claim.of(ladder, asked);
        Prover prover = new Prover(net, claims, effort);
        Map<Claim, List<ControlFault>> broken = new LinkedHashMap<>();
        claims.forEach(c -> broken.put(c, new ArrayList<>()));
        List<ControlFault> faults = ControlFault.all(net);
        Map<Claim, Boolean> sound = prover.holdings(ControlFault.NONE);
        for (int i = 0; i < faults.size(); i++) {
            effort.reached(i / (double) faults.size());
            ControlFault fault = faults.get(i);
            prover.holdings(fault).forEach((claim, holds) -> {
                if (!holds && !claim.rule().isOfSoundOnly()) {
                    broken.getOrDefault(claim, new ArrayList<>()).add(fault);
                }
            });
        }
        List<Outcome> outcomes = new ArrayList<>();
        for (Claim claim : claims) {
            List<ControlFault> by = broken.getOrDefault(claim, List.of());
            boolean holds = Boolean.TRUE.equals(sound.get(claim));
            outcomes.add(new Outcome(
                    claim,
                    !holds ? Standing.FAILS : by.isEmpty() ? Standing.HOLDS : Standing.HOLDS_SOUND,
                    holds ? by : List.of(),
                    holds || (claim.rule().isOfSoundOnly() && claim.rule() != Claim.Rule.SOMETHING_STOPS)
                            ? Optional.empty()
                            : Tracer.trace(net, claim, ControlFault.NONE, effort)));
        }
        return new Proof(
                outcomes, Plain.findings(net, duty, effort), prover.liveOnStops(), prover.states, faults.size());
    }

    /**
     * Whether every claim holds as long as nothing has failed; quicker than a whole proof, for mends that are tried.
     *
     * @throws Effort.TooMuch when it is too large, was stopped or took too long
     */
    static List<Claim> failing(Ladder ladder, Asked asked, Effort effort) {
        List<Claim> claims = Claim.of(ladder, asked);
        return new Prover(ControlNet.of(ladder), claims, effort)
                .holdings(ControlFault.NONE).entrySet().stream()
                        .filter(e -> !e.getValue())
                        .map(Map.Entry::getKey)
                        .toList();
    }

    /** Why a ladder is not to get power: the first danger that is plain to see, or the first claim that fails with nothing broken. */
    public static Optional<Sentence> objection(Ladder ladder, Asked asked, Effort effort) {
        return objection(ladder, asked, Optional.empty(), effort);
    }

    /** The same of a ladder that works a wired power circuit. */
    public static Optional<Sentence> objection(Ladder written, Asked asked, Optional<Duty> duty, Effort effort) {
        Ladder ladder = duty.map(d -> d.told(written)).orElse(written);
        try {
            return Plain.findings(ControlNet.of(ladder), duty, effort).stream()
                    .filter(Proof.Finding::danger)
                    .map(f -> Sentence.of("lack.control.danger", f.words()))
                    .findFirst()
                    .or(() -> failing(ladder, asked, effort).stream()
                            .map(c -> Sentence.of("lack.control.fails", c.words()))
                            .findFirst());
        } catch (Effort.TooMuch e) {
            return Optional.of(Sentence.of("lack.control.large", Sentence.own(e.why())));
        }
    }

    private Map<Claim, Boolean> holdings(ControlFault fault) {
        Space space = Space.of(net, fault, effort);
        BitSet reach = reach(space, effort);
        states += reach.cardinality();
        Map<Claim, Boolean> holdings = new LinkedHashMap<>();
        boolean sound = fault == ControlFault.NONE;
        claims.stream()
                .filter(c -> sound || !c.rule().isOfSoundOnly())
                .forEach(c -> holdings.put(c, holds(space, reach, c)));
        return holdings;
    }

    /** Every state that can be got into from all at rest. */
    static BitSet reach(Space space, Effort effort) {
        BitSet seen = new BitSet();
        int[] stack = new int[1024];
        int[] top = {0};
        seen.set(0);
        stack[top[0]++] = 0;
        int[][] held = {stack};
        while (top[0] > 0) {
            effort.step();
            int state = held[0][--top[0]];
            space.from(state, Held.NOTHING, next -> {
                if (!seen.get((int) next)) {
                    seen.set((int) next);
                    if (top[0] == held[0].length) {
                        held[0] = java.util.Arrays.copyOf(held[0], 2 * top[0]);
                    }
                    held[0][top[0]++] = (int) next;
                }
            });
        }
        return seen;
    }

    private boolean holds(Space space, BitSet reach, Claim claim) {
        return switch (claim.rule()) {
            case NEVER_BOTH -> !any(reach, space::bothIn);
            case STANDS_STILL_FIRST -> !any(reach, space::reversesOnTheRun);
            case STOPS, OVERLOAD_STOPS -> stops(space, reach, claim);
            case LIMIT_STOPS -> {
                Held held = space.held(claim.part(), true);
                yield !any(reach, s -> space.runs(s, claim.way()) && space.canStay(s, held));
            }
            case POWER_RETURNS, LET_GO -> !startsByItself(space, reach, claim.part());
            case RUNS -> any(reach, s -> space.runs(s, claim.way()) && space.canStay(s, Held.NOTHING));
            case SOMETHING_STOPS -> {
                Held stopped = stopped(space);
                yield !any(reach, s -> space.runs(s) && space.canStay(s, stopped));
            }
            case BUTTON -> startsAlone(space, claim);
            case LIMIT_BACK -> {
                Held held = space.held(claim.part(), true);
                yield any(reach, s -> space.runs(s, claim.way()) && space.canStay(s, held));
            }
            case NO_CHATTER -> new Chatter(space, reach, effort).isQuiet();
        };
    }

    /** Every stop pressed, every button let go, every selector where it selects nothing. */
    private Held stopped(Space space) {
        Held held = space.letGo();
        for (Part part : net.ladder().parts()) {
            if (part.kind().isStop()) {
                held = held.without(space.held(part.name(), true)).and(space.held(part.name(), true));
            } else if (part.kind() == Kind.SELECTOR) {
                held = held.and(space.held(part.name(), false));
            }
        }
        return held;
    }

    /** A button pressed alone from rest: it runs its way, and never the other. */
    private boolean startsAlone(Space space, Claim claim) {
        Held held = space.exactly(space.held(claim.part(), true).mask(), true);
        HandlePosition back = claim.way() == HandlePosition.FORWARD ? HandlePosition.REVERSE : HandlePosition.FORWARD;
        BitSet seen = new BitSet();
        List<Integer> open = new ArrayList<>(List.of(0));
        seen.set(0);
        boolean runs = false;
        while (!open.isEmpty()) {
            effort.step();
            int state = open.remove(open.size() - 1);
            if (space.runs(state, back)) {
                return false;
            }
            runs |= space.runs(state, claim.way());
            Space.Steps steps = next -> {
                if (!seen.get((int) next)) {
                    seen.set((int) next);
                    open.add((int) next);
                }
            };
            space.forced(state, held, steps);
            if (space.isAtRest(state, held)) {
                space.later(state, steps);
            }
        }
        return runs || isInterlockedAtRest(claim);
    }

    /** A selector or another station has to be set before the button does anything: then pressing it alone tells nothing. */
    private boolean isInterlockedAtRest(Claim claim) {
        return !net.ladder().of(Kind.SELECTOR).isEmpty() && claim.rule() == Claim.Rule.BUTTON;
    }

    private static boolean stops(Space space, BitSet reach, Claim claim) {
        Held held = space.held(claim.part(), true);
        return !any(reach, s -> space.runs(s) && space.canStay(s, held));
    }

    private static boolean any(BitSet states, LongPredicate of) {
        for (int s = states.nextSetBit(0); s >= 0; s = states.nextSetBit(s + 1)) {
            if (of.test(s)) {
                return true;
            }
        }
        return false;
    }

    /**
     * Whether something starts when a part is let go, or power returns, with every button at rest and all that stays where it is put left
     * where it is.
     */
    private boolean startsByItself(Space space, BitSet reach, String cause) {
        List<String> stay = net.ladder().parts().stream()
                .filter(p -> !p.kind().springsBack() && !p.kind().isLoad() && p.kind() != Kind.STANDSTILL)
                .map(Part::name)
                .filter(n -> !n.equals(cause) && space.held(n, true).mask() != 0)
                .toList();
        if (stay.size() > MOST_HELD) {
            throw new Effort.TooMuch("More than " + MOST_HELD + " selectors and limit switches are not gone through.");
        }
        int[] still = reach.stream()
                .filter(s -> !space.runs(s) && space.canBeAtRest(s))
                .toArray();
        for (int pattern = 0; pattern < 1 << stay.size(); pattern++) {
            Held others = space.letGo();
            for (int i = 0; i < stay.size(); i++) {
                others = others.and(space.held(stay.get(i), (pattern >> i & 1) == 1));
            }
            long operated = others.value() & ~space.held(cause, true).mask();
            Held before = space.exactly(operated | space.held(cause, true).value(), !cause.isEmpty());
            Held after = space.exactly(operated, true);
            if (space.canStart(after) && startsBetween(space, still, before, after)) {
                return true;
            }
        }
        return false;
    }

    private boolean startsBetween(Space space, int[] still, Held before, Held after) {
        BitSet seen = new BitSet();
        List<Integer> open = new ArrayList<>();
        for (int s : still) {
            if (space.isAtRest(s, before)) {
                seen.set(s);
                open.add(s);
            }
        }
        while (!open.isEmpty()) {
            effort.step();
            int state = open.remove(open.size() - 1);
            if (space.runs(state)) {
                return true;
            }
            Space.Steps steps = next -> {
                if (!seen.get((int) next)) {
                    seen.set((int) next);
                    open.add((int) next);
                }
            };
            space.forced(state, after, steps);
            if (space.isAtRest(state, after)) {
                space.later(state, steps);
            }
        }
        return false;
    }

    /** What is live with each emergency stop pressed: whatever else a hand does. */
    private List<Proof.LiveOnStop> liveOnStops() {
        List<Proof.LiveOnStop> all = new ArrayList<>();
        Space space = Space.of(net, ControlFault.NONE, effort);
        BitSet reach = reach(space, effort);
        for (Part stop : net.ladder().of(Kind.EMERGENCY_STOP)) {
            Held held = space.held(stop.name(), true);
            java.util.TreeSet<Integer> numbers = new java.util.TreeSet<>();
            for (int s = reach.nextSetBit(0); s >= 0; s = reach.nextSetBit(s + 1)) {
                if (space.canStay(s, held)) {
                    BitSet closed = closed(space, s, stop.name());
                    space.paths().live(closed).forEach(t -> numbers.add(net.wireNumber(pointOf(t))));
                }
            }
            all.add(new Proof.LiveOnStop(stop.name(), List.copyOf(numbers)));
        }
        return all;
    }

    private BitSet closed(Space space, long state, String pressed) {
        Set<Integer> byCoils =
                new Readout(space).look(state, space.exactly(0, true), Set.of()).closed();
        BitSet closed = new BitSet();
        for (ControlNet.Contact contact : net.contacts()) {
            boolean coil = net.ladder()
                    .part(contact.touch().part())
                    .map(p -> p.kind().hasCoil())
                    .orElse(false);
            boolean isPressed = contact.touch().part().equals(pressed);
            // whatever a hand can close is taken to be closed
            closed.set(
                    contact.number(),
                    coil
                            ? byCoils.contains(contact.number())
                            : !isPressed || !contact.touch().normallyClosed());
        }
        return closed;
    }

    private int pointOf(String terminal) {
        return net.terminals().entrySet().stream()
                .filter(e -> e.getValue().contains(terminal))
                .findFirst()
                .orElseThrow()
                .getKey();
    }
}
