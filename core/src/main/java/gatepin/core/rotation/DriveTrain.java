package gatepin.core.rotation;

import gatepin.core.rotation.StatedRotation.Direction;
import gatepin.core.rotation.StatedRotation.End;
import java.util.List;

/**
 * The way from the motor's shaft to the tool.
 *
 * @param stages from the motor to the tool
 * @param shaftPointsLikeTool whether the motor's shaft end points the same way as the tool's free end; on a right-angle drive
 *     it does not matter, for each is seen facing its own end
 */
public record DriveTrain(List<DriveStage> stages, boolean shaftPointsLikeTool) {
    /** Nothing between them is the tool on the shaft itself. */
    public DriveTrain {
        stages = stages.isEmpty() ? List.of(DriveStage.direct()) : List.copyOf(stages);
    }

    /** Tool speed over motor speed. */
    public double ratio() {
        return stages.stream().mapToDouble(DriveStage::ratio).reduce(1, (a, b) -> a * b);
    }

    /** Whether the train turns the tool the other way than the motor, both seen facing their own ends. */
    public boolean reverses() {
        long reversing = stages.stream().filter(DriveStage::reverses).count();
        boolean parallel = stages.stream().noneMatch(s -> s.kind() == DriveStage.Kind.RIGHT_ANGLE);
        // on parallel axes a shaft that points the other way is seen from its back
        return reversing % 2 == (parallel && !shaftPointsLikeTool ? 0 : 1);
    }

    /**
     * Which way the motor's shaft must turn for the tool to turn as wanted.
     *
     * @param tool the tool's direction, seen facing its free end
     */
    public StatedRotation shaftFor(Direction tool) {
        return new StatedRotation(reverses() ? tool.opposite() : tool, End.SHAFT_END);
    }
}
