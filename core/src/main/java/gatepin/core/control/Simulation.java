package gatepin.core.control;

import gatepin.core.Effort;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.control.Trace.Look;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A control circuit in time: coils pull in and drop out, normally closed contacts open before others close, timers wait, the shaft gets
 * up to speed and coasts. Times of small contactors (common practice).
 */
public final class Simulation {
    private static final int OPENS_AT = 8;
    private static final int CLOSES_AT = 16;
    private static final int DROPS_AT = 8;
    private static final int CLOSES_AGAIN_AT = 14;
    private static final int TURNS_AFTER = 150;
    /** What moves more often than this after one act chatters. */
    private static final int MOST_MOVES = 200;

    private final Space space;
    private final int coastMillis;
    private final Set<String> operated = new HashSet<>();
    private final Map<Integer, Integer> due = new HashMap<>();
    private final Map<Integer, Long> target = new HashMap<>();
    private final List<Moment> moments = new ArrayList<>();
    private boolean power = true;
    private long state;
    private int now;
    private int motionDue = -1;
    private int moves;
    private boolean chatters;

    private Simulation(Ladder ladder, ControlFault fault, double coastSeconds, Effort effort) {
        this.space = Space.of(ControlNet.of(ladder), fault, effort);
        this.coastMillis = (int) Math.round(coastSeconds * 1000);
    }

    /**
     * A hand, the machine or the supply does something.
     *
     * @param millis when, ms from the beginning
     * @param part the part; {@code power} for the supply
     */
    public record Act(int millis, String part, boolean operated) {}

    /**
     * How everything stands from a moment on.
     *
     * @param millis ms from the beginning
     * @param motion the way the shaft turns; OFF while it stands
     */
    public record Moment(int millis, Look look, HandlePosition motion) {}

    /**
     * What happens.
     *
     * @param moments each change, the first at 0
     * @param chatters it never comes to rest
     */
    public record Run(List<Moment> moments, boolean chatters) {
        public Run {
            moments = List.copyOf(moments);
        }

        /** How it stands at the end. */
        public Moment last() {
            return moments.get(moments.size() - 1);
        }
    }

    /**
     * Runs a ladder.
     *
     * @param acts what is done, in the order of time
     * @param coastSeconds how long the shaft coasts, s
     * @param untilMillis when to stop looking, ms
     * @throws Effort.TooMuch when the ladder is too large
     */
    public static Run run(Ladder ladder, List<Act> acts, double coastSeconds, int untilMillis, Effort effort) {
        return run(ladder, ControlFault.NONE, acts, coastSeconds, untilMillis, effort);
    }

    /**
     * The same of a ladder in which something has failed.
     *
     * @param fault what has failed
     */
    public static Run run(
            Ladder ladder, ControlFault fault, List<Act> acts, double coastSeconds, int untilMillis, Effort effort) {
        Simulation simulation = new Simulation(ladder, fault, coastSeconds, effort);
        simulation.note();
        for (Act act : acts) {
            simulation.until(act.millis());
            simulation.act(act);
        }
        simulation.until(untilMillis);
        return new Run(simulation.moments, simulation.chatters);
    }

    /** The state it is in, as the prover counts them. */
    static List<Long> states(Ladder ladder, List<Act> acts, double coastSeconds, int untilMillis, Effort effort) {
        Simulation simulation = new Simulation(ladder, ControlFault.NONE, coastSeconds, effort);
        List<Long> states = new ArrayList<>(List.of(0L));
        for (Act act : acts) {
            simulation.until(act.millis(), states);
            simulation.act(act);
        }
        simulation.until(untilMillis, states);
        return states;
    }

    private void act(Act act) {
        moves = 0;
        if (act.part().equals("power")) {
            power = act.operated();
        } else if (act.operated()) {
            operated.add(act.part());
        } else {
            operated.remove(act.part());
        }
        note();
        plan();
    }

    private Held held() {
        return space.hands(operated, power);
    }

    private void until(int millis) {
        until(millis, new ArrayList<>());
    }

    private void until(int millis, List<Long> seen) {
        plan();
        while (!chatters) {
            int next = motionDue >= 0 ? motionDue : Integer.MAX_VALUE;
            for (int at : due.values()) {
                next = Math.min(next, at);
            }
            if (next > millis) {
                break;
            }
            now = next;
            move(seen);
            plan();
            chatters = ++moves > MOST_MOVES;
        }
        now = millis;
    }

    private void move(List<Long> seen) {
        if (motionDue == now) {
            motionDue = -1;
            state = space.turning(state, runsAs());
            seen.add(state);
        } else {
            // of contacts that are due at once one comes first, and may keep the others from moving
            int bit = due.entrySet().stream()
                    .filter(e -> e.getValue() == now)
                    .mapToInt(Map.Entry::getKey)
                    .min()
                    .orElseThrow();
            due.remove(bit);
            target.remove(bit);
            state ^= 1L << bit;
            seen.add(state);
        }
        note();
    }

    private int runsAs() {
        boolean forward = space.runs(state, HandlePosition.FORWARD);
        boolean reverse = space.runs(state, HandlePosition.REVERSE);
        return forward == reverse ? Space.STILL : forward ? Space.TURNS_FORWARD : Space.TURNS_REVERSE;
    }

    /** What is to move, and when. */
    private void plan() {
        Held held = held();
        for (Coil coil : space.coils()) {
            boolean live = coil.canBeLive(state, held, false) && !space.isBlocked(coil, state);
            boolean stays = !live && coil.canBeLive(state, held, true);
            long all = coil.contacts() | coil.main;
            if (coil.timing >= 0) {
                times(coil, live);
                continue;
            }
            for (int bit = 0; bit < space.bits; bit++) {
                if ((all >>> bit & 1) == 1) {
                    boolean opener = (coil.openers >>> bit & 1) == 1;
                    int delay = live ? opener ? OPENS_AT : CLOSES_AT : opener ? CLOSES_AGAIN_AT : DROPS_AT;
                    boolean is = (state >>> bit & 1) == 1;
                    boolean welded = coil.welded && is && (coil.main >>> bit & 1) == 1;
                    plan(bit, welded || (stays ? is : live), delay);
                }
            }
        }
        boolean moving = space.motion(state) != Space.STILL;
        int runs = runsAs();
        if (moving == (runs != Space.STILL)) {
            motionDue = -1;
        } else if (motionDue < 0) {
            motionDue = now + (moving ? Math.max(coastMillis, 1) : TURNS_AFTER);
        }
    }

    private void times(Coil coil, boolean live) {
        int bit = coil.timing;
        if (live != ((state >>> bit & 1) == 1)) {
            // the second bit says that nothing drove the shaft when it began
            state = live ? state | 1L << bit | (space.runs(state) ? 0 : 2L << bit) : state & ~(3L << bit);
        }
        for (int contact = 0; contact < space.bits; contact++) {
            if ((coil.contacts() >>> contact & 1) == 1) {
                boolean opener = (coil.openers >>> contact & 1) == 1;
                int delay = live
                        ? (coil.noWait ? 0 : (int) Math.round(coil.part.seconds() * 1000)) + (opener ? 0 : OPENS_AT)
                        : CLOSES_AGAIN_AT + (opener ? CLOSES_AT : DROPS_AT);
                plan(contact, live, delay);
            }
        }
    }

    private void plan(int bit, boolean wanted, int delay) {
        boolean is = (state >>> bit & 1) == 1;
        if (is == wanted) {
            due.remove(bit);
            target.remove(bit);
        } else if (!due.containsKey(bit) || target.getOrDefault(bit, -1L) != (wanted ? 1 : 0)) {
            due.put(bit, now + delay);
            target.put(bit, wanted ? 1L : 0L);
        }
    }

    private void note() {
        int motion = space.motion(state);
        Moment moment = new Moment(
                now,
                new Readout(space).look(state, held(), operated),
                motion == Space.STILL
                        ? HandlePosition.OFF
                        : motion == Space.TURNS_FORWARD ? HandlePosition.FORWARD : HandlePosition.REVERSE);
        if (moments.isEmpty()
                || !moments.get(moments.size() - 1).look().equals(moment.look())
                || moments.get(moments.size() - 1).motion() != moment.motion()) {
            moments.add(moment);
        }
    }
}
