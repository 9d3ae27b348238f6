package gatepin.core.control;

import gatepin.core.Effort;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.control.ControlNet.Contact;
import gatepin.core.control.Part.Kind;
import gatepin.core.control.Paths.Way;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The states a control circuit can get into with one thing wrong in it, and the steps between them.
 *
 * <p>A state says of every contact that a coil moves whether it is operated, of each contactor whether its main contacts are in, whether
 * the shaft turns and which way, and how far each timer is. A step moves one contact; which comes first is left open. What a hand moves is
 * no part of the state: any button may be pressed at any moment, each of its contacts for itself. Within one sound device a normally
 * closed contact opens before a normally open one or a main contact closes, and the other way round (IEC 60947-5-1, from memory).
 *
 * <p>What takes seconds, the shaft getting up to speed or coming to rest and a timer's wait, happens only once every contact that must
 * move has moved. A timer's wait is taken to be longer than the machine coasts.
 */
final class Space {
    /** More contacts that coils move are not followed. */
    static final int MOST_BITS = 24;

    private static final int MOTION_BITS = 2;
    static final int STILL = 0;
    static final int TURNS_FORWARD = 1;
    static final int TURNS_REVERSE = 2;

    private final ControlNet net;
    private final ControlFault fault;
    private final Paths paths;
    /** Contacts moved by a coil or the shaft that matter, by their bit. */
    private final List<Integer> inner = new ArrayList<>();
    /** Contacts moved by a hand, a machine or an overload that matter, by their bit. */
    private final List<Integer> outer = new ArrayList<>();

    private final List<Coil> coils = new ArrayList<>();
    final int bits;
    private long standstillBits;
    private long outerMakers;
    private long forwardMains;
    private long reverseMains;
    private long masterMains;

    private Space(ControlNet net, ControlFault fault, Effort effort) {
        this.net = net;
        this.fault = fault;
        this.paths = Paths.of(net, fault, effort);
        Ladder ladder = net.ladder();
        Map<String, List<Way>> ways = new HashMap<>();
        BitSet matter = new BitSet();
        for (Part part : ladder.of(Kind.CONTACTOR, Kind.RELAY, Kind.TIMER)) {
            Coil coil = new Coil(part);
            coils.add(coil);
            List<Way> to = net.load(part.name()).map(l -> paths.to(l.number())).orElse(List.of());
            ways.put(part.name(), to);
            to.forEach(w -> matter.or(w.contacts()));
        }
        for (int c = matter.nextSetBit(0); c >= 0; c = matter.nextSetBit(c + 1)) {
            Kind kind = kind(net.contacts().get(c));
            (kind.hasCoil() || kind == Kind.STANDSTILL ? inner : outer).add(c);
        }
        int at = inner.size();
        for (Coil coil : coils) {
            file(coil);
            if (coil.part.kind() == Kind.CONTACTOR) {
                coil.main = 1L << at++;
                if (coil.part.way().equals(Optional.of(HandlePosition.OFF))) {
                    masterMains |= coil.main;
                } else if (coil.part.way().isEmpty()) {
                    // nobody said that it carries the motor: whether it is in tells nothing
                    continue;
                } else if (coil.part.way().get() == HandlePosition.FORWARD) {
                    forwardMains |= coil.main;
                } else {
                    reverseMains |= coil.main;
                }
            }
        }
        for (Coil coil : coils) {
            if (coil.part.kind() == Kind.TIMER && !coil.noWait) {
                coil.timing = at;
                at += 2;
            }
        }
        bits = at + MOTION_BITS;
        if (bits > MOST_BITS || outer.size() > 62) {
            throw new Effort.TooMuch(
                    "Its coils move more contacts (" + bits + ") than can be followed (" + MOST_BITS + ").");
        }
        for (int i = 0; i < inner.size(); i++) {
            if (kind(net.contacts().get(inner.get(i))) == Kind.STANDSTILL) {
                standstillBits |= 1L << i;
            }
        }
        for (int i = 0; i < outer.size(); i++) {
            outerMakers |= net.contacts().get(outer.get(i)).touch().normallyClosed() ? 0 : 1L << i;
        }
        for (Coil coil : coils) {
            ways.getOrDefault(coil.part.name(), List.of()).forEach(w -> coil.terms.add(term(w)));
        }
    }

    /**
     * The states of a net with a fault.
     *
     * @throws Effort.TooMuch when there are more than can be followed
     */
    static Space of(ControlNet net, ControlFault fault, Effort effort) {
        return new Space(net, fault, effort);
    }

    private void file(Coil coil) {
        String name = coil.part.name();
        coil.dead = fault instanceof ControlFault.DeadCoil f && f.part().equals(name);
        coil.loose = fault instanceof ControlFault.LooseAuxiliaries f
                && f.contactor().equals(name);
        coil.welded = fault instanceof ControlFault.Welded f && f.contactor().equals(name);
        coil.noWait = fault instanceof ControlFault.NoWait f && f.timer().equals(name);
        for (int i = 0; i < inner.size(); i++) {
            Contact contact = net.contacts().get(inner.get(i));
            if (contact.touch().part().equals(name)) {
                if (contact.touch().normallyClosed()) {
                    coil.openers |= 1L << i;
                } else {
                    coil.makers |= 1L << i;
                }
            }
        }
    }

    private Kind kind(Contact contact) {
        return net.ladder().part(contact.touch().part()).map(Part::kind).orElse(Kind.BUTTON);
    }

    private Term term(Way way) {
        long innerMask = 0;
        long innerValue = 0;
        long outerMask = 0;
        long outerValue = 0;
        for (int i = 0; i < inner.size(); i++) {
            if (way.contacts().get(inner.get(i))) {
                innerMask |= 1L << i;
                innerValue |= net.contacts().get(inner.get(i)).touch().normallyClosed() ? 0 : 1L << i;
            }
        }
        for (int i = 0; i < outer.size(); i++) {
            if (way.contacts().get(outer.get(i))) {
                outerMask |= 1L << i;
                outerValue |= net.contacts().get(outer.get(i)).touch().normallyClosed() ? 0 : 1L << i;
            }
        }
        return new Term(innerMask, innerValue, outerMask, outerValue, way.throughLoad());
    }

    ControlNet net() {
        return net;
    }

    /** The contacts that coils or the shaft move and that matter, by their bit. */
    List<Integer> inner() {
        return inner;
    }

    List<Coil> coils() {
        return coils;
    }

    Paths paths() {
        return paths;
    }

    /** Whatever a part's outer contacts are, they are held where they are when it is operated, or where they are when it is not. */
    Held held(String part, boolean operated) {
        long mask = 0;
        for (int i = 0; i < outer.size(); i++) {
            mask |= net.contacts().get(outer.get(i)).touch().part().equals(part) ? 1L << i : 0;
        }
        return new Held(mask, operated ? mask : 0, true);
    }

    /** Every outer contact stands where its part is: operated, or at rest. */
    Held hands(Set<String> operated, boolean power) {
        long value = 0;
        for (int i = 0; i < outer.size(); i++) {
            value |= operated.contains(net.contacts().get(outer.get(i)).touch().part()) ? 1L << i : 0;
        }
        return exactly(value, power);
    }

    /** Every part that springs back is let go. */
    Held letGo() {
        Held all = Held.NOTHING;
        for (Part part : net.ladder().parts()) {
            if (part.kind().springsBack()) {
                all = all.and(held(part.name(), false));
            }
        }
        return all;
    }

    /** Whether a contactor's main contacts are in, with those of a master before them. */
    boolean runs(long state, HandlePosition way) {
        long mains = way == HandlePosition.FORWARD ? forwardMains : reverseMains;
        return (state & mains) != 0 && (state & masterMains) == masterMains;
    }

    boolean runs(long state) {
        return runs(state, HandlePosition.FORWARD) || runs(state, HandlePosition.REVERSE);
    }

    boolean bothIn(long state) {
        return (state & forwardMains) != 0 && (state & reverseMains) != 0 && (state & masterMains) == masterMains;
    }

    int motion(long state) {
        return (int) (state >>> (bits - MOTION_BITS)) & 3;
    }

    long turning(long state, int motion) {
        long cleared = state & ~(3L << (bits - MOTION_BITS));
        long sensed = motion == STILL ? cleared & ~standstillBits : cleared | standstillBits;
        return sensed | (long) motion << (bits - MOTION_BITS);
    }

    /** The machine reverses while it turns. */
    boolean reversesOnTheRun(long state) {
        return motion(state) == TURNS_FORWARD && runs(state, HandlePosition.REVERSE)
                || motion(state) == TURNS_REVERSE && runs(state, HandlePosition.FORWARD);
    }

    /**
     * Whether hands can leave everything as it is: some way for the outer contacts to stand keeps every coil live that has pulled in, and
     * none that has not.
     */
    boolean canStay(long state, Held held) {
        if (!held.power()) {
            return isAtRest(state, new Held(held.mask(), held.value(), false));
        }
        long forced = held.mask() & ~(held.value() ^ outerMakers);
        return canStay(state, held, 0, forced);
    }

    /** @param conducting the outer contacts that have to be closed for the coils before this one */
    private boolean canStay(long state, Held held, int number, long conducting) {
        if (number == coils.size()) {
            return coils.stream().noneMatch(c -> pullsIn(c, state, conducting));
        }
        Coil coil = coils.get(number);
        boolean isOut = (state & (coil.driven() | coil.contacts())) == 0;
        if (isOut || isHeldIn(coil, state)) {
            return canStay(state, held, number + 1, conducting);
        }
        if (coil.dead) {
            return false;
        }
        for (Term term : coil.terms) {
            boolean whole = (coil.driven() & ~state) == 0 || term.weak();
            if (whole
                    && term.inside(state)
                    && term.allowedBy(held)
                    && canStay(state, held, number + 1, conducting | term.outerMask())) {
                return true;
            }
        }
        return false;
    }

    /** Whether a coil has its voltage, and has something still to move. */
    private boolean pullsIn(Coil coil, long state, long conducting) {
        if (coil.dead || (coil.driven() & ~state) == 0 || isBlocked(coil, state)) {
            return false;
        }
        for (Term term : coil.terms) {
            if (!term.weak() && term.inside(state) && (term.outerMask() & ~conducting) == 0) {
                return true;
            }
        }
        return false;
    }

    /** All that is operated of it is held by a weld: mirror contacts cannot go back while a main contact sticks. */
    private boolean isHeldIn(Coil coil, long state) {
        return coil.welded
                && (state & coil.main) != 0
                && (state & coil.makers) == 0
                && (net.ladder().guards().mirror() || (state & coil.openers) == 0);
    }

    /** What takes a step from a state. */
    @FunctionalInterface
    interface Steps {
        void to(long next);
    }

    /** Every step from a state while some outer contacts are held. */
    void from(long state, Held held, Steps steps) {
        for (Coil coil : coils) {
            boolean live = coil.canBeLive(state, held, false);
            if (live) {
                pullIn(coil, state, steps);
            }
            // a hand may take its voltage away at any moment
            dropOut(coil, state, steps);
        }
        if (canStay(state, held)) {
            slow(state, steps);
        }
    }

    private void pullIn(Coil coil, long state, Steps steps) {
        if (coil.timing >= 0) {
            if ((state & 1L << coil.timing) == 0) {
                // its time counts for coming to rest only when nothing drives the shaft
                long fresh = runs(state) ? 0 : 2L << coil.timing;
                steps.to(state | 1L << coil.timing | fresh);
            }
            return;
        }
        if (isBlocked(coil, state)) {
            return;
        }
        operate(coil, state, steps);
    }

    private void operate(Coil coil, long state, Steps steps) {
        each(coil.openers & ~state, bit -> steps.to(state | bit));
        if (coil.loose || (coil.openers & ~state) == 0) {
            each((coil.makers | coil.main) & ~state, bit -> steps.to(state | bit));
        }
    }

    boolean isBlocked(Coil coil, long state) {
        if (!net.ladder().guards().mechanical() || fault instanceof ControlFault.NoMechanicalInterlock) {
            return false;
        }
        return (coil.main & forwardMains) != 0 && (state & reverseMains) != 0
                || (coil.main & reverseMains) != 0 && (state & forwardMains) != 0;
    }

    private void dropOut(Coil coil, long state, Steps steps) {
        if (coil.timing >= 0 && (state & 1L << coil.timing) != 0) {
            steps.to(state & ~(3L << coil.timing));
            return;
        }
        long mains = coil.welded ? 0 : coil.main;
        each((coil.makers | mains) & state, bit -> steps.to(state & ~bit));
        boolean mainsOut = (state & coil.main) == 0
                || coil.welded && !net.ladder().guards().mirror();
        if (coil.loose || (state & coil.makers) == 0 && mainsOut) {
            each(coil.openers & state, bit -> steps.to(state & ~bit));
        }
    }

    /** What takes seconds. */
    private void slow(long state, Steps steps) {
        int motion = motion(state);
        boolean forward = runs(state, HandlePosition.FORWARD);
        boolean reverse = runs(state, HandlePosition.REVERSE);
        if (motion == STILL && forward != reverse) {
            steps.to(turning(state, forward ? TURNS_FORWARD : TURNS_REVERSE));
        }
        if (motion != STILL && !forward && !reverse) {
            steps.to(turning(state, STILL));
        }
        for (Coil coil : coils) {
            if (coil.timing >= 0 && (state & 1L << coil.timing) != 0) {
                boolean fresh = (state & 2L << coil.timing) != 0;
                if (!fresh || motion == STILL || runs(state)) {
                    operate(coil, state, steps);
                }
            }
        }
    }

    private static void each(long mask, Steps bits) {
        for (long left = mask; left != 0; left &= left - 1) {
            bits.to(Long.lowestOneBit(left));
        }
    }

    // with the outer contacts known

    /** The outer contacts that matter, by their bit. */
    List<Integer> outer() {
        return outer;
    }

    /** Everything held: where each outer contact is operated. */
    Held exactly(long operated, boolean power) {
        return new Held((1L << outer.size()) - 1, operated, power);
    }

    /** The steps that must come, with every outer contact where it is: none from a state at rest. */
    void forced(long state, Held exactly, Steps steps) {
        for (Coil coil : coils) {
            boolean live = coil.canBeLive(state, exactly, false);
            if (live) {
                pullIn(coil, state, steps);
            } else if (!coil.canBeLive(state, exactly, true)) {
                dropOut(coil, state, steps);
            }
        }
    }

    /** Whether nothing has to move, with every outer contact where it is. */
    boolean isAtRest(long state, Held exactly) {
        for (Coil coil : coils) {
            long all = coil.driven();
            if (coil.canBeLive(state, exactly, false)) {
                if ((all & ~state) != 0 && !isBlocked(coil, state)) {
                    return false;
                }
            } else if ((state & (all | coil.contacts())) != 0
                    && !coil.canBeLive(state, exactly, true)
                    && !isHeldIn(coil, state)) {
                return false;
            }
        }
        return true;
    }

    /** Whether each coil has moved all of its contacts or none: no other state can be at rest, but where currents pass other loads. */
    boolean canBeAtRest(long state) {
        for (Coil coil : coils) {
            long all = coil.contacts() | coil.main;
            long in = state & all;
            boolean part = in != 0 && in != all;
            if (part && coil.timing < 0 && !coil.welded && coil.terms.stream().noneMatch(Term::weak)) {
                return false;
            }
        }
        return true;
    }

    /** Whether a contactor can be got in while some outer contacts are held, by something other than its own seal. */
    boolean canStart(Held held) {
        for (Coil coil : coils) {
            for (Term term : coil.terms) {
                boolean ownSeal = (term.innerValue() & coil.makers) != 0;
                if (coil.main != 0 && !coil.dead && !ownSeal && !term.weak() && term.allowedBy(held)) {
                    return true;
                }
            }
        }
        return false;
    }

    /** What takes seconds, in a state at rest. */
    void later(long state, Steps steps) {
        slow(state, steps);
    }
}
