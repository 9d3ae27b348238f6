package gatepin.core.job;

import gatepin.core.Sentence;
import gatepin.core.paper.Paper;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.regex.Pattern;

/**
 * One part of a job, declared once, in the room it belongs to: what a person saves at one go. That a form is told when somebody saved since,
 * at which gate the log says it was done, and, of a part that is kept as a whole, how it is stored, carried in a job's file and compared,
 * what its gate lacks of it, which pins drop when it changes and which papers show it: all that follows from here, for all parts alike
 * (docs/architecture.md walks along one).
 *
 * @param <T> what it holds; nothing where it is kept in rows of its own
 */
public final class Part<T> implements Relied {
    private static final Pattern KEY = Pattern.compile("[a-z][a-z-]{1,39}");

    private final String key;
    private final String words;
    private final Optional<Gate> gate;
    private final Optional<Class<T>> type;
    private final Set<Gate> reliedOnBy;
    private final Set<Paper> shownOn;
    private final Function<Optional<T>, Optional<Sentence>> lack;
    private final boolean ofMotor;
    private final Predicate<T> possible;

    private Part(
            String key,
            String words,
            Optional<Gate> gate,
            Optional<Class<T>> type,
            Set<Gate> reliedOnBy,
            Set<Paper> shownOn,
            Function<Optional<T>, Optional<Sentence>> lack,
            boolean ofMotor,
            Predicate<T> possible) {
        if (!KEY.matcher(key).matches()) {
            throw new IllegalArgumentException(key + " is no key: small letters, at most 40");
        }
        this.key = key;
        this.words = words;
        this.gate = gate;
        this.type = type;
        this.reliedOnBy = reliedOnBy;
        this.shownOn = shownOn;
        this.lack = lack;
        this.ofMotor = ofMotor;
        this.possible = possible;
    }

    /** A part of which nothing is said yet but where and what it is. */
    private Part(String key, String words, Optional<Gate> gate, Optional<Class<T>> type) {
        this(key, words, gate, type, Set.of(), Set.of(), value -> Optional.empty(), false, value -> true);
    }

    /**
     * A part that is kept as a whole.
     *
     * @param key what it is stored as, forever: small letters and hyphens
     * @param words the part as it stands in a sentence, such as "the rotation"
     * @param gate the gate at which it is written
     * @param type a record of values, each of which is a number, a text, an enum, an optional, a list, a set or a record of the same
     */
    public static <T> Part<T> of(String key, String words, Gate gate, Class<T> type) {
        return new Part<>(key, words, Optional.of(gate), Optional.of(type));
    }

    /** A part that is kept in rows of its own, for what is only ever added to, or is asked for by others. */
    public static Part<Void> inRows(String key, String words, Gate gate) {
        return new Part<>(key, words, Optional.of(gate), Optional.empty());
    }

    /** The same for what belongs to the machine itself, and to no gate. */
    public static Part<Void> inRows(String key, String words) {
        return new Part<>(key, words, Optional.empty(), Optional.empty());
    }

    /** The same part, on which these gates rely: their pins drop when it changes. */
    public Part<T> reliedOnBy(Gate first, Gate... more) {
        return new Part<>(key, words, gate, type, EnumSet.of(first, more), shownOn, lack, ofMotor, possible);
    }

    /** The same part, shown on these papers: one that was taken is of an earlier state once it changes. */
    public Part<T> shownOn(Paper first, Paper... more) {
        return new Part<>(key, words, gate, type, reliedOnBy, EnumSet.of(first, more), lack, ofMotor, possible);
    }

    /** The same part with what its gate lacks of it, given what was said so far. */
    public Part<T> lacking(Function<Optional<T>, Optional<Sentence>> its) {
        return new Part<>(key, words, gate, type, reliedOnBy, shownOn, its, ofMotor, possible);
    }

    /** The same part where it is the motor's own: it stays with the motor, in whatever machine or on whatever shelf that is. */
    public Part<T> ofTheMotor() {
        return new Part<>(key, words, gate, type, reliedOnBy, shownOn, lack, true, possible);
    }

    /** What it is stored as. */
    public String key() {
        return key;
    }

    /** The part as it stands in a sentence. */
    public String words() {
        return words;
    }

    /** The gate at which it is written; none for what belongs to the machine itself. */
    public Optional<Gate> gate() {
        return gate;
    }

    /** What it holds; empty where it is kept in rows of its own. */
    public Optional<Class<T>> type() {
        return type;
    }

    /** The same part where not every value of its type can be: what is written, and what comes from a file or the database, is held against it. */
    public Part<T> possibleIf(Predicate<T> canBe) {
        return new Part<>(key, words, gate, type, reliedOnBy, shownOn, lack, ofMotor, canBe);
    }

    /** Whether this value can be. */
    public boolean canBe(T value) {
        return possible.test(value);
    }

    /** Whether it stays with the motor, and not with the machine. */
    public boolean isOfTheMotor() {
        return ofMotor;
    }

    @Override
    public boolean isReliedOnBy(Gate other) {
        return reliedOnBy.contains(other);
    }

    public boolean isShownOn(Paper paper) {
        return shownOn.contains(paper);
    }

    /** What the gate lacks of it; empty where its evidence is there. */
    public Optional<Sentence> lack(Kept kept) {
        return lack.apply(kept.find(this));
    }

    /** The change from what is kept to another value: none where they are the same. */
    public List<Lane.Change> change(Kept before, T after, Sentence what) {
        return before.find(this).equals(Optional.of(after)) ? List.of() : List.of(new Lane.Change(this, what));
    }

    /** Where a thing is done that writes these parts: at the gate of the one that comes first in the order of work. */
    public static Optional<Gate> gateOf(Collection<Part<?>> written) {
        return written.stream().flatMap(p -> p.gate().stream()).min(Gate::compareTo);
    }

    @Override
    public String toString() {
        return key;
    }
}
