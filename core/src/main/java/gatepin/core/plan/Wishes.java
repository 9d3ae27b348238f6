package gatepin.core.plan;

import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.job.Gate;
import gatepin.core.job.Part;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * What a person asks of a plan besides running the motor right.
 *
 * @param everyHotBroken every hot line is broken in OFF
 * @param wholeCurrentProtected all current passes the motor's own protector, both ways
 * @param mostConductors the cable that is there has no more conductors than this, ground not counted
 * @param unusable terminals of the switch that nothing may land on
 * @param kept wires from a lead or line to a switch terminal that stay where they are
 */
public record Wishes(
        boolean everyHotBroken,
        boolean wholeCurrentProtected,
        OptionalInt mostConductors,
        Set<Terminal> unusable,
        Set<Wire> kept) {
    /** What is wished of the plan of a job; nothing where nobody says. */
    public static final Part<Wishes> PART = Part.of("wishes", "the wishes", Gate.SWITCH, Wishes.class);

    /** No wish at all. */
    public static final Wishes NONE = new Wishes(false, false, OptionalInt.empty(), Set.of(), Set.of());

    private static final int MOST_CONDUCTORS = 20;
    private static final int MOST_TERMINALS = 60;

    public Wishes {
        if (mostConductors.isPresent() && (mostConductors.getAsInt() < 1 || mostConductors.getAsInt() > MOST_CONDUCTORS)
                || unusable.size() > MOST_TERMINALS
                || kept.size() > MOST_TERMINALS) {
            throw new IllegalArgumentException("more than a switch has");
        }
        unusable = Set.copyOf(unusable);
        kept = Set.copyOf(kept);
    }

    /** The same, and these terminals left empty, too. */
    public Wishes sparing(Set<Terminal> more) {
        Set<Terminal> all = new HashSet<>(unusable);
        all.addAll(more);
        return new Wishes(everyHotBroken, wholeCurrentProtected, mostConductors, all, kept);
    }

    /** The terminals of a switch that they name and a face does not have: they were asked for another switch. */
    public SortedSet<Terminal> notOn(Collection<Terminal> face) {
        SortedSet<Terminal> missing = new TreeSet<>(unusable);
        kept.forEach(w -> missing.addAll(List.of(w.from(), w.to())));
        missing.removeIf(t -> !t.isGear() || face.contains(t));
        return missing;
    }

    /** The same without what names a terminal that a face does not have. */
    public Wishes on(Collection<Terminal> face) {
        Set<Terminal> missing = notOn(face);
        Set<Terminal> empty = new HashSet<>(unusable);
        empty.removeAll(missing);
        Set<Wire> staying = new HashSet<>(kept);
        staying.removeIf(w -> missing.contains(w.from()) || missing.contains(w.to()));
        return new Wishes(everyHotBroken, wholeCurrentProtected, mostConductors, empty, staying);
    }

    public boolean areNone() {
        return equals(NONE);
    }

    /** Whether a plan of this cost, or of no lower, can satisfy. */
    boolean allow(PlanCost cost) {
        return !(everyHotBroken && cost.hotLinesUnbroken() > 0)
                && !(wholeCurrentProtected && cost.besideProtector() > 0)
                && cost.conductors() <= mostConductors.orElse(Integer.MAX_VALUE);
    }

    /** A wish left out, with its name. */
    public record Without(String wish, Wishes rest) {}

    /** Each single wish left out. */
    List<Without> eachLeftOut() {
        List<Without> each = new ArrayList<>();
        if (everyHotBroken) {
            each.add(new Without(
                    "every hot line broken", new Wishes(false, wholeCurrentProtected, mostConductors, unusable, kept)));
        }
        if (wholeCurrentProtected) {
            each.add(new Without(
                    "protector always in circuit", new Wishes(everyHotBroken, false, mostConductors, unusable, kept)));
        }
        if (mostConductors.isPresent()) {
            each.add(new Without(
                    "at most " + mostConductors.getAsInt() + " conductors",
                    new Wishes(everyHotBroken, wholeCurrentProtected, OptionalInt.empty(), unusable, kept)));
        }
        if (!unusable.isEmpty()) {
            each.add(new Without(
                    "terminals left empty",
                    new Wishes(everyHotBroken, wholeCurrentProtected, mostConductors, Set.of(), kept)));
        }
        if (!kept.isEmpty()) {
            each.add(new Without(
                    "wires that stay",
                    new Wishes(everyHotBroken, wholeCurrentProtected, mostConductors, unusable, Set.of())));
        }
        return each;
    }
}
