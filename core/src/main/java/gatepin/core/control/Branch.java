package gatepin.core.control;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** Contacts between two points of a ladder: one, several one after another, or several side by side. */
public sealed interface Branch {
    /** A plain wire. */
    Branch WIRE = new InSeries(List.of());

    /**
     * A contact of a part.
     *
     * @param part the part's name
     * @param normallyClosed whether it is closed while nothing operates the part
     */
    record Touch(String part, boolean normallyClosed) implements Branch {
        @Override
        public String toString() {
            return part + (normallyClosed ? " nc" : " no");
        }
    }

    /** Branches one after another; none at all is a plain wire. */
    record InSeries(List<Branch> parts) implements Branch {
        public InSeries {
            parts = List.copyOf(parts);
        }
    }

    /** Branches side by side, two or more. */
    record SideBySide(List<Branch> parts) implements Branch {
        public SideBySide {
            parts = List.copyOf(parts);
            if (parts.size() < 2) {
                throw new IllegalArgumentException("side by side stand two branches or more, not " + parts.size());
            }
        }
    }

    /** A normally closed contact. */
    static Branch nc(String part) {
        return new Touch(part, true);
    }

    /** A normally open contact. */
    static Branch no(String part) {
        return new Touch(part, false);
    }

    /** One after another, flat: a series within a series is none. */
    static Branch series(List<Branch> parts) {
        List<Branch> flat = new ArrayList<>();
        for (Branch part : parts) {
            if (part instanceof InSeries inner) {
                flat.addAll(inner.parts());
            } else {
                flat.add(part);
            }
        }
        return flat.size() == 1 ? flat.get(0) : new InSeries(flat);
    }

    /** One after another. */
    static Branch series(Branch... parts) {
        return series(List.of(parts));
    }

    /** Side by side, flat; one alone is itself. */
    static Branch beside(List<Branch> parts) {
        List<Branch> flat = new ArrayList<>();
        for (Branch part : parts) {
            if (part instanceof SideBySide inner) {
                flat.addAll(inner.parts());
            } else {
                flat.add(part);
            }
        }
        return flat.size() == 1 ? flat.get(0) : new SideBySide(flat);
    }

    /** Side by side. */
    static Branch beside(Branch... parts) {
        return beside(List.of(parts));
    }

    /** Every contact, in the order in which it is read. */
    default List<Touch> touches() {
        List<Touch> found = new ArrayList<>();
        collect(found);
        return found;
    }

    private void collect(List<Touch> found) {
        if (this instanceof Touch touch) {
            found.add(touch);
        } else if (this instanceof InSeries s) {
            s.parts().forEach(b -> b.collect(found));
        } else if (this instanceof SideBySide s) {
            s.parts().forEach(b -> b.collect(found));
        }
    }

    /** Whether it conducts by itself, with no contact in the way. */
    default boolean isWire() {
        if (this instanceof InSeries s) {
            return s.parts().stream().allMatch(Branch::isWire);
        }
        return this instanceof SideBySide s && s.parts().stream().anyMatch(Branch::isWire);
    }

    /** The same with every contact put through a change; one that becomes a plain wire is left out. */
    default Branch map(UnaryOperator<Branch> change) {
        if (this instanceof InSeries s) {
            return series(s.parts().stream().map(b -> b.map(change)).toList());
        }
        if (this instanceof SideBySide s) {
            return beside(s.parts().stream().map(b -> b.map(change)).toList());
        }
        return change.apply(this);
    }
}
