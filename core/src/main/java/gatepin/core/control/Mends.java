package gatepin.core.control;

import static gatepin.core.control.Branch.beside;
import static gatepin.core.control.Branch.nc;
import static gatepin.core.control.Branch.no;
import static gatepin.core.control.Branch.series;

import gatepin.core.Effort;
import gatepin.core.Sentence;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.control.Branch.Touch;
import gatepin.core.control.Claim.Asked;
import gatepin.core.control.Ladder.Guards;
import gatepin.core.control.Part.Kind;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What mends a control circuit: each change is tried by the prover before it is advised, and none is advised that breaks something else.
 */
public final class Mends {
    /** Where no wait is known: long enough for most shop machines (common practice). */
    private static final double USUAL_WAIT_SECONDS = 5;

    private final Ladder ladder;
    private final Asked asked;
    private final Effort effort;

    private Mends(Ladder ladder, Asked asked, Effort effort) {
        this.ladder = ladder;
        this.asked = asked;
        this.effort = effort;
    }

    /**
     * A change.
     *
     * @param words what to do
     * @param after the ladder with it
     */
    public record Mend(Sentence words, Ladder after) {}

    /**
     * The first change that makes a claim hold and breaks nothing; empty where none of those known does.
     *
     * @throws Effort.TooMuch when it was stopped or took too long
     */
    public static Optional<Mend> of(Ladder ladder, Asked asked, Claim claim, Effort effort) {
        return new Mends(ladder, asked, effort).first(claim);
    }

    private Optional<Mend> first(Claim claim) {
        Set<Claim> failing = new HashSet<>(Prover.failing(ladder, asked, effort));
        List<Mend> candidates = new ArrayList<>(known(claim));
        candidates.addAll(turnedRound());
        for (Mend mend : candidates) {
            effort.look();
            List<Claim> then = Prover.failing(mend.after(), asked, effort);
            if (!then.contains(claim)
                    && failing.containsAll(then)
                    && dangers(mend.after()) <= dangers(ladder)
                    && worksAlike(mend.after())) {
                return Optional.of(mend);
            }
        }
        return Optional.empty();
    }

    /** It still stops, starts and holds by the same hands: what was a break contact of a stop stays one, and what sealed in still does. */
    private boolean worksAlike(Ladder after) {
        for (Part part : ladder.parts()) {
            boolean breaks = ladder.touches().contains(new Touch(part.name(), true));
            boolean makes = ladder.touches().contains(new Touch(part.name(), false));
            boolean still = after.touches().contains(new Touch(part.name(), false));
            if (part.kind().isStop() && breaks && !makes && still) {
                return false;
            }
            if (part.kind() == Kind.BUTTON && makes && !still) {
                return false;
            }
            if (part.kind() == Kind.CONTACTOR
                    && part.way().isPresent()
                    && isSealed(ladder, part)
                    && !isSealed(after, part)) {
                return false;
            }
        }
        return true;
    }

    private static boolean isSealed(Ladder in, Part contactor) {
        return in.rung(contactor.name())
                .filter(r -> r.touches().contains(new Touch(contactor.name(), false)))
                .isPresent();
    }

    private long dangers(Ladder of) {
        return Plain.findings(ControlNet.of(of), effort).stream()
                .filter(Proof.Finding::danger)
                .count();
    }

    private List<Mend> known(Claim claim) {
        return switch (claim.rule()) {
            case NEVER_BOTH -> apart();
            case STOPS, OVERLOAD_STOPS -> first(claim.part());
            case LIMIT_STOPS -> limit(claim.part(), claim.way());
            case POWER_RETURNS, LET_GO -> controlOn();
            case STANDS_STILL_FIRST -> waits();
            case RUNS, SOMETHING_STOPS, BUTTON, LIMIT_BACK, NO_CHATTER -> List.of();
        };
    }

    /** Each coil through the other contactor's normally closed contact, or a mechanical interlock. */
    private List<Mend> apart() {
        List<Mend> mends = new ArrayList<>(takenForAnother());
        List<Mend> single = new ArrayList<>();
        Ladder both = ladder;
        for (Part own : ladder.of(Kind.CONTACTOR)) {
            for (Part other : ladder.of(Kind.CONTACTOR)) {
                boolean opposite = own.way().isPresent()
                        && other.way().isPresent()
                        && !own.way().equals(other.way());
                Optional<Rung> rung = ladder.rung(own.name());
                if (opposite && rung.isPresent() && !has(rung.get(), other.name(), true)) {
                    Ladder with = both.withRungs(r -> r.load().equals(own.name()) ? behind(r, nc(other.name())) : r);
                    single.add(new Mend(
                            Sentence.of("control.mend.interlock", own.name(), other.name()),
                            ladder.withRungs(r -> r.load().equals(own.name()) ? behind(r, nc(other.name())) : r)));
                    both = with;
                }
            }
        }
        mends.addAll(single);
        if (single.size() > 1) {
            mends.add(new Mend(Sentence.of("control.mend.interlocks"), both));
        }
        if (!ladder.guards().mechanical()) {
            mends.add(new Mend(
                    Sentence.of("control.mend.mechanical"),
                    ladder.with(new Guards(true, ladder.guards().mirror()))));
        }
        return mends;
    }

    /** Normally open contacts of one contactor in the circuit of the other: taken for normally closed ones. */
    private List<Mend> takenForAnother() {
        List<Mend> mends = new ArrayList<>();
        for (int i = 0; i < ladder.touches().size(); i++) {
            Touch touch = ladder.touches().get(i);
            Optional<Part> in = ladder.part(whereIs(i));
            boolean isOther = ladder.part(touch.part())
                    .filter(p -> p.kind() == Kind.CONTACTOR
                            && in.map(Part::kind).equals(Optional.of(Kind.CONTACTOR))
                            && !in.map(Part::way).equals(Optional.of(p.way())))
                    .isPresent();
            if (isOther && !touch.normallyClosed()) {
                mends.add(turning(i, touch));
            }
        }
        return mends;
    }

    private static boolean has(Rung rung, String part, boolean closed) {
        return rung.touches().contains(new Touch(part, closed));
    }

    private static Rung behind(Rung rung, Branch contact) {
        return rung.with(series(rung.before(), contact));
    }

    /** A stop or an overload relay before everything else, and only there. */
    private List<Mend> first(String part) {
        Ladder without = ladder.withRungs(r -> new Rung(
                r.load(),
                r.before().map(b -> isOf(b, part, true) ? Branch.WIRE : b),
                r.after().map(b -> isOf(b, part, true) ? Branch.WIRE : b),
                r.afterHead()));
        Branch head = series(nc(part), ladder.head().map(b -> isOf(b, part, true) ? Branch.WIRE : b));
        Sentence words = Sentence.of("control.mend.first", part);
        Ladder behindIt = ladder.withHead(series(nc(part), ladder.head()));
        return List.of(
                new Mend(words, behindIt),
                new Mend(words, all(behindIt)),
                new Mend(words, without.withHead(head)),
                new Mend(words, all(without.withHead(head))));
    }

    /** The same with every contactor behind what the rungs share. */
    private static Ladder all(Ladder ladder) {
        return ladder.withRungs(r -> ladder.part(r.load())
                        .filter(p -> p.kind() == Kind.CONTACTOR || p.kind() == Kind.RELAY)
                        .isPresent()
                ? new Rung(r.load(), r.before(), r.after(), true)
                : r);
    }

    private static boolean isOf(Branch branch, String part, boolean closed) {
        return branch instanceof Touch touch && touch.part().equals(part) && touch.normallyClosed() == closed;
    }

    /** A limit switch in the circuit of the way that leads to it, and only there. */
    private List<Mend> limit(String part, HandlePosition way) {
        List<Mend> mends = new ArrayList<>();
        for (Part other : ladder.of(Kind.LIMIT)) {
            if (!other.name().equals(part)) {
                mends.add(new Mend(
                        Sentence.of("control.mend.exchange", part, other.name()),
                        ladder.withRungs(r -> new Rung(
                                r.load(),
                                exchanged(r.before(), part, other.name()),
                                exchanged(r.after(), part, other.name()),
                                r.afterHead()))));
            }
        }
        mends.add(new Mend(
                Sentence.of("control.mend.limit", part, way.title()),
                ladder.withRungs(r -> isOfWay(r, way) ? behind(r, nc(part)) : r)));
        return mends;
    }

    private static Branch exchanged(Branch branch, String one, String other) {
        return branch.map(b -> b instanceof Touch t && t.part().equals(one)
                ? new Touch(other, t.normallyClosed())
                : b instanceof Touch u && u.part().equals(other) ? new Touch(one, u.normallyClosed()) : b);
    }

    private boolean isOfWay(Rung rung, HandlePosition way) {
        return ladder.part(rung.load())
                .filter(p -> p.kind() == Kind.CONTACTOR && p.way().equals(Optional.of(way)))
                .isPresent();
    }

    /** A relay that a button pulls in stands before all contactors: what was cut off stays off. */
    private List<Mend> controlOn() {
        String relay = free("K", 5);
        String button = free("S", 5);
        Ladder gated = ladder.withRungs(r ->
                ladder.part(r.load()).filter(p -> p.kind() == Kind.CONTACTOR).isPresent()
                        ? r.with(series(no(relay), r.before()))
                        : r);
        List<Part> parts = new ArrayList<>(gated.parts());
        parts.add(Part.of(button, Kind.BUTTON));
        parts.add(Part.of(relay, Kind.RELAY));
        List<Rung> rungs = new ArrayList<>();
        rungs.add(Rung.of(relay, beside(no(button), no(relay))));
        rungs.addAll(gated.rungs());
        return List.of(new Mend(
                Sentence.of("control.mend.controlOn", relay, button),
                new Ladder(parts, ladder.supply(), ladder.guards(), ladder.head(), rungs)));
    }

    /** A timer that both contactors have to leave alone before either can be started. */
    private List<Mend> waits() {
        String timer = free("K", 3);
        Ladder waiting = ladder.withRungs(r ->
                ladder.part(r.load()).filter(p -> p.kind() == Kind.CONTACTOR).isPresent()
                        ? r.with(r.before().map(b -> isStart(b) ? series(b, no(timer)) : b))
                        : r);
        List<Branch> out = ladder.of(Kind.CONTACTOR).stream()
                .filter(p -> p.way().isPresent())
                .map(p -> nc(p.name()))
                .toList();
        return List.of(new Mend(
                Sentence.of("control.mend.wait", timer),
                waiting.plus(Part.timer(timer, USUAL_WAIT_SECONDS), new Rung(timer, series(out), Branch.WIRE, false))));
    }

    private boolean isStart(Branch branch) {
        return branch instanceof Touch touch
                && !touch.normallyClosed()
                && ladder.part(touch.part())
                        .filter(p -> p.kind() == Kind.BUTTON || p.kind() == Kind.SELECTOR)
                        .isPresent();
    }

    private String free(String letter, int from) {
        int number = from;
        while (ladder.part(letter + number).isPresent()) {
            number++;
        }
        return letter + number;
    }

    /** One contact turned from normally open to normally closed, or the other way. */
    private List<Mend> turnedRound() {
        List<Mend> mends = new ArrayList<>();
        int all = ladder.touches().size();
        for (int i = 0; i < all; i++) {
            mends.add(turning(i, ladder.touches().get(i)));
        }
        return mends;
    }

    private Mend turning(int number, Touch touch) {
        return new Mend(
                Sentence.of(
                        touch.normallyClosed() ? "control.mend.opened" : "control.mend.closed",
                        touch.part(),
                        whereIs(number)),
                LadderEdit.at(ladder, number, LadderEdit.Act.TURN, touch));
    }

    private String whereIs(int touch) {
        int seen = ladder.head().touches().size();
        for (Rung rung : ladder.rungs()) {
            seen += touch < seen ? 0 : rung.touches().size();
            if (touch < seen && touch >= ladder.head().touches().size()) {
                return rung.load();
            }
        }
        return "all";
    }
}
