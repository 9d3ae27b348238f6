package gatepin.core.rotation;

import gatepin.core.Sentence;
import gatepin.core.job.Gate;
import gatepin.core.job.Part;
import gatepin.core.rotation.StatedRotation.Direction;
import gatepin.core.rotation.StatedRotation.End;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Which way a machine must turn, and whether it may be reversed.
 *
 * @param machine what machine it is, and what its two ways are called
 * @param motion what the tool does to work
 * @param tool which way that turns it, seen facing its free end
 * @param train the way from motor to tool
 * @param bothWays whether it must turn both ways
 * @param hazards what makes reversing dangerous on this machine
 * @param secured somebody says that the hazards are dealt with: chuck locked, pump rated for it, clutch out
 * @param coastSeconds how long it coasts; empty where nobody took the time
 * @param momentary whether the handle must spring back
 */
public record RotationPlan(
        Machine machine,
        ToolMotion motion,
        Direction tool,
        DriveTrain train,
        boolean bothWays,
        List<Hazard> hazards,
        boolean secured,
        Optional<Double> coastSeconds,
        boolean momentary) {
    /** Which way the machine of a job must turn. */
    public static final Part<RotationPlan> PART = Part.of("rotation", "the rotation", Gate.ROTATION, RotationPlan.class)
            .reliedOnBy(Gate.ROTATION, Gate.SWITCH, Gate.HANDOVER)
            .lacking(plan -> plan.map(RotationPlan::lack).orElse(Optional.of(Sentence.of("lack.rotation"))));

    /** What makes reversing dangerous (common practice). */
    public enum Hazard {
        SCREWED_ON(
                "chuck or wheel screwed on",
                "In reverse it unscrews and comes off. Lock it, or never reverse under power."),
        ONE_WAY_PUMP("pump for one direction", "In reverse it runs dry or sucks from the wrong side."),
        ONE_WAY_GEARBOX("gearbox or ratchet for one direction", "In reverse it locks or breaks."),
        BLADE("blade or cutter with teeth", "In reverse it does not cut, it throws; its nut may loosen."),
        OIL_PUMP("oil pump on the shaft", "In reverse the bearings get no oil."),
        FAN("fan that must blow one way", "In reverse it blows weakly the other way, and the motor it cools gets hot.");

        private final String words;
        private final String why;

        Hazard(String words, String why) {
            this.words = words;
            this.why = why;
        }

        public String words() {
            return words;
        }

        public String why() {
            return why;
        }
    }

    /** A machine, and what its two ways are called. */
    public record Machine(Tool tool, Ways ways) {
        /** A machine whose ways are called as usual. */
        public static Machine usual(Tool tool) {
            return new Machine(tool, tool.ways());
        }
    }

    private static final int MOST_STAGES = 20;

    public RotationPlan {
        if (tool == Direction.NOT_STATED
                || train.stages().size() > MOST_STAGES
                || coastSeconds.filter(s -> !(s >= 0 && s < 100_000)).isPresent()
                || machine.ways().work().length() > Ways.LONGEST
                || machine.ways().back().length() > Ways.LONGEST) {
            throw new IllegalArgumentException("no machine turns like that");
        }
        hazards = List.copyOf(hazards);
    }

    /** Which way the shaft must turn for the tool to work, seen facing the shaft end. */
    public StatedRotation shaft() {
        return train.shaftFor(tool);
    }

    /** A rotation as seen facing the other end. */
    public static StatedRotation fromOtherEnd(StatedRotation rotation) {
        return new StatedRotation(
                rotation.direction().opposite(),
                rotation.seenFrom() == End.SHAFT_END ? End.OPPOSITE_END : End.SHAFT_END);
    }

    /** The tool's speed at a motor speed, 1/min. */
    public double toolRpm(double motorRpm) {
        return motorRpm * train.ratio();
    }

    /**
     * Whether the diagram's connection turns the tool the way it works, or the interchanged one does.
     *
     * @param stated what the diagram says of its connection
     * @return true for as the diagram writes it, false for interchanged; empty where the diagram is silent
     */
    public Optional<Boolean> worksAsWritten(StatedRotation stated) {
        if (!stated.isStated() || tool == Direction.NOT_STATED) {
            return Optional.empty();
        }
        StatedRotation facingShaft = stated.seenFrom() == End.SHAFT_END ? stated : fromOtherEnd(stated);
        return Optional.of(facingShaft.direction() == shaft().direction());
    }

    /**
     * What the first and the other position of the handle are called: the first is the diagram's own connection, which may be the one
     * that turns the tool back.
     *
     * @param stated what the diagram says of its connection
     */
    public Ways handle(StatedRotation stated) {
        return worksAsWritten(stated).orElse(true)
                ? machine.ways()
                : machine.ways().exchanged();
    }

    /** What keeps the Rotation gate shut; empty when nothing does. */
    public Optional<Sentence> lack() {
        if (bothWays && !hazards.isEmpty() && !secured) {
            List<String> words = new ArrayList<>();
            hazards.forEach(h -> words.add(h.words()));
            return Optional.of(Sentence.of("lack.rotation.hazards", words));
        }
        return Optional.empty();
    }
}
