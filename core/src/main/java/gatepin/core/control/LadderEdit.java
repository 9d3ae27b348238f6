package gatepin.core.control;

import gatepin.core.circuit.HandlePosition;
import gatepin.core.control.Branch.Touch;
import gatepin.core.control.Part.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** One change to a ladder by hand; contacts are counted as {@link Ladder#touches()} lists them. */
public final class LadderEdit {
    private LadderEdit() {}

    /** What is done to a contact. */
    public enum Act {
        /** Normally open becomes normally closed, or the other way. */
        TURN,
        /** It comes out: a plain wire is left, or nothing where another stands beside it. */
        TAKE_OUT,
        /** Another contact takes its place. */
        REPLACE,
        /** Another contact is put before it. */
        BEFORE,
        /** Another contact is put beside it. */
        BESIDE
    }

    /**
     * Changes a contact.
     *
     * @param number which, from 0
     * @param other the other contact; only for acts that speak of another
     * @throws IllegalArgumentException when there is no such contact
     */
    public static Ladder at(Ladder ladder, int number, Act act, Touch other) {
        if (number < 0 || number >= ladder.touches().size()) {
            throw new IllegalArgumentException("there is no contact " + number);
        }
        Function<Touch, Branch> change = touch -> switch (act) {
            case TURN -> new Touch(touch.part(), !touch.normallyClosed());
            case TAKE_OUT -> Branch.WIRE;
            case REPLACE -> other;
            case BEFORE -> Branch.series(other, touch);
            case BESIDE -> Branch.beside(touch, other);
        };
        int[] at = {0};
        Branch head = changed(ladder.head(), number, at, change);
        return ladder.withHead(head)
                .withRungs(r -> new Rung(
                        r.load(),
                        changed(r.before(), number, at, change),
                        changed(r.after(), number, at, change),
                        r.afterHead()));
    }

    /**
     * Puts one part more in: a coil or a lamp with a rung of its own at the end, anything else for contacts to be chosen from.
     *
     * @param kind what it is
     * @param way the way it serves; empty where it serves both
     * @param seconds how long a timer waits, s
     * @param contact the first contact of its rung
     */
    public static Ladder plus(Ladder ladder, Kind kind, Optional<HandlePosition> way, double seconds, Branch contact) {
        String letter = letter(kind);
        int number = 1;
        while (ladder.part(letter + number).isPresent()) {
            number++;
        }
        Part part = new Part(letter + number, kind, way, kind == Kind.TIMER ? seconds : 0);
        if (kind.isLoad()) {
            return ladder.plus(part, Rung.of(part.name(), contact));
        }
        List<Part> more = new ArrayList<>(ladder.parts());
        more.add(part);
        return new Ladder(more, ladder.supply(), ladder.guards(), ladder.head(), ladder.rungs());
    }

    private static String letter(Kind kind) {
        return switch (kind) {
            case STOP, EMERGENCY_STOP, BUTTON, SELECTOR -> "S";
            case LIMIT, STANDSTILL -> "B";
            case OVERLOAD -> "F";
            case CONTACTOR, RELAY, TIMER -> "K";
            case LAMP -> "H";
        };
    }

    /**
     * Takes a part out with its rung and every contact of it.
     *
     * @throws IllegalArgumentException when there is no such part
     */
    public static Ladder without(Ladder ladder, String name) {
        Part part = ladder.part(name).orElseThrow(() -> new IllegalArgumentException("there is no part " + name));
        Ladder left = ladder;
        for (int i = left.touches().size() - 1; i >= 0; i--) {
            if (left.touches().get(i).part().equals(name)) {
                left = at(left, i, Act.TAKE_OUT, left.touches().get(i));
            }
        }
        return new Ladder(
                left.parts().stream().filter(p -> !p.equals(part)).toList(),
                left.supply(),
                left.guards(),
                left.head(),
                left.rungs().stream().filter(r -> !r.load().equals(name)).toList());
    }

    private static Branch changed(Branch branch, int number, int[] at, Function<Touch, Branch> change) {
        if (branch instanceof Touch touch) {
            return at[0]++ == number ? change.apply(touch) : touch;
        }
        if (branch instanceof Branch.InSeries series) {
            return Branch.series(series.parts().stream()
                    .map(b -> changed(b, number, at, change))
                    .toList());
        }
        List<Branch> kept = new ArrayList<>();
        for (Branch part : ((Branch.SideBySide) branch).parts()) {
            Branch then = changed(part, number, at, change);
            // a branch of which nothing is left is taken away: it would bridge the others
            if (!then.isWire() || part.isWire()) {
                kept.add(then);
            }
        }
        return kept.isEmpty() ? Branch.WIRE : Branch.beside(kept);
    }
}
