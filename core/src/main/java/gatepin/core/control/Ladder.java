package gatepin.core.control;

import gatepin.core.circuit.HandlePosition;
import gatepin.core.control.Branch.Touch;
import gatepin.core.control.Part.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A control circuit as a ladder: rungs between a hot side behind a fuse and a common side.
 *
 * @param parts everything in it, in the order it is listed
 * @param supply what feeds it
 * @param guards what stands between the two contactors besides wires
 * @param head the contacts that the rungs share, between the fuse and the rungs behind them
 * @param rungs the rungs from top to bottom
 */
public record Ladder(List<Part> parts, ControlSupply supply, Guards guards, Branch head, List<Rung> rungs) {
    /**
     * What contactors promise by their making.
     *
     * @param mechanical a mechanical interlock: while one armature is in, the other cannot get in
     * @param mirror mirror contacts: a normally closed auxiliary cannot close while a main contact of its contactor is closed, welded or not
     *     (IEC 60947-4-1, Annex F, from memory)
     */
    public record Guards(boolean mechanical, boolean mirror) {
        /** Two contactors side by side and nothing more. */
        public static final Guards NONE = new Guards(false, false);
    }

    public Ladder {
        parts = List.copyOf(parts);
        rungs = List.copyOf(rungs);
    }

    /** A part by its name. */
    public Optional<Part> part(String name) {
        return parts.stream().filter(p -> p.name().equals(name)).findFirst();
    }

    /** The parts of some kinds, in their order. */
    public List<Part> of(Kind... kinds) {
        List<Kind> wanted = List.of(kinds);
        return parts.stream().filter(p -> wanted.contains(p.kind())).toList();
    }

    /** The contactors of a way. */
    public List<Part> contactors(HandlePosition way) {
        return of(Kind.CONTACTOR).stream().filter(p -> p.serves(way)).toList();
    }

    /** Every contact, the head's first, then rung by rung. */
    public List<Touch> touches() {
        List<Touch> all = new ArrayList<>(head.touches());
        rungs.forEach(r -> all.addAll(r.touches()));
        return all;
    }

    /** The rung of a load. */
    public Optional<Rung> rung(String load) {
        return rungs.stream().filter(r -> r.load().equals(load)).findFirst();
    }

    /** The same with other contacts in the head. */
    public Ladder withHead(Branch other) {
        return new Ladder(parts, supply, guards, other, rungs);
    }

    /** The same with every rung put through a change. */
    public Ladder withRungs(UnaryOperator<Rung> change) {
        return new Ladder(
                parts, supply, guards, head, rungs.stream().map(change).toList());
    }

    /** The same with one rung more at its end. */
    public Ladder plus(Part part, Rung rung) {
        List<Part> more = new ArrayList<>(parts);
        more.add(part);
        List<Rung> longer = new ArrayList<>(rungs);
        longer.add(rung);
        return new Ladder(more, supply, guards, head, longer);
    }

    /** The same with other guards. */
    public Ladder with(Guards other) {
        return new Ladder(parts, supply, other, head, rungs);
    }

    /** The same on another supply. */
    public Ladder on(ControlSupply other) {
        return new Ladder(parts, other, guards, head, rungs);
    }
}
