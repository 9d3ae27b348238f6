package gatepin.core.control;

import gatepin.core.control.Branch.Touch;
import java.util.ArrayList;
import java.util.List;

/**
 * One rung of a ladder: contacts, a load, and what stands between the load and the common side.
 *
 * @param load the coil or lamp, by its name
 * @param before the contacts between the hot side and the load
 * @param after the contacts between the load and the common side; a plain wire as a rule
 * @param afterHead whether it begins behind the contacts that all rungs share, or at the fuse
 */
public record Rung(String load, Branch before, Branch after, boolean afterHead) {
    /** A rung with a plain wire from its load to the common side. */
    public static Rung of(String load, Branch before) {
        return new Rung(load, before, Branch.WIRE, true);
    }

    /** The same with other contacts before its load. */
    public Rung with(Branch other) {
        return new Rung(load, other, after, afterHead);
    }

    /** Every contact in it. */
    public List<Touch> touches() {
        List<Touch> all = new ArrayList<>(before.touches());
        all.addAll(after.touches());
        return all;
    }
}
