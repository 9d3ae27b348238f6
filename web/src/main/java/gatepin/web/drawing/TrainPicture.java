package gatepin.web.drawing;

import gatepin.core.rotation.DriveStage;
import gatepin.core.rotation.RotationPlan;
import gatepin.core.rotation.StatedRotation.Direction;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * The way from motor to tool as a row of wheels, each turning as it would be seen facing its own end.
 *
 * @param width of the picture
 * @param wheels from the motor to the tool
 * @param links what hands the rotation on, between two wheels
 */
public record TrainPicture(int width, List<Wheel> wheels, List<Link> links) {
    private static final int PITCH = 190;
    private static final int FIRST = 95;
    private static final int MIDDLE = 100;
    /** Room for the picture of the tool beside its wheel. */
    private static final int TOOL = 130;

    /** Where the picture of the tool begins. */
    public int toolX() {
        return width - TOOL - 10;
    }

    /**
     * A wheel.
     *
     * @param seconds the time of one turn in the picture, s
     */
    public record Wheel(int x, int y, int radius, boolean clockwise, String name, String rpm, double seconds) {
        /** The arrow around the wheel, ending in a point. */
        public String arrow() {
            int r = radius + 11;
            int sweep = clockwise ? 1 : 0;
            double end = Math.toRadians(clockwise ? -25 : 205);
            double start = Math.toRadians(clockwise ? -155 : 335);
            return String.format(
                    Locale.ROOT,
                    "M%.0f %.0fA%d %d 0 0 %d %.0f %.0f",
                    x + r * Math.cos(start),
                    y + r * Math.sin(start),
                    r,
                    r,
                    sweep,
                    x + r * Math.cos(end),
                    y + r * Math.sin(end));
        }

        /** The arrow's point. */
        public String point() {
            int r = radius + 11;
            double end = Math.toRadians(clockwise ? -25 : 205);
            double ex = x + r * Math.cos(end);
            double ey = y + r * Math.sin(end);
            double along = end + (clockwise ? Math.PI / 2 : -Math.PI / 2);
            double tipX = ex + 11 * Math.cos(along);
            double tipY = ey + 11 * Math.sin(along);
            double outX = Math.cos(end) * 8;
            double outY = Math.sin(end) * 8;
            return String.format(
                    Locale.ROOT,
                    "M%.0f %.0fL%.0f %.0fL%.0f %.0fZ",
                    tipX,
                    tipY,
                    ex + outX,
                    ey + outY,
                    ex - outX,
                    ey - outY);
        }
    }

    /** What joins two wheels, as lines, and its name. */
    public record Link(String path, String name, int x) {}

    /** Draws a train that works its tool, the motor at its rated speed. */
    public static TrainPicture of(RotationPlan plan, double motorRpm) {
        List<Wheel> wheels = new ArrayList<>();
        List<Link> links = new ArrayList<>();
        boolean clockwise = plan.shaft().direction() == Direction.CLOCKWISE;
        double rpm = motorRpm;
        List<DriveStage> stages = plan.train().stages();
        wheels.add(wheel(0, driverRadius(stages.get(0)), clockwise, "motor, facing its shaft", rpm, motorRpm));
        for (int i = 0; i < stages.size(); i++) {
            DriveStage stage = stages.get(i);
            rpm *= stage.ratio();
            clockwise ^= stage.reverses();
            boolean last = i == stages.size() - 1;
            // on parallel axes the tool is seen facing its own end
            boolean seen = last ? plan.tool() == Direction.CLOCKWISE : clockwise;
            wheels.add(wheel(
                    i + 1,
                    drivenRadius(stage),
                    seen,
                    last ? "tool, facing its free end" : "shaft " + (i + 2),
                    rpm,
                    motorRpm));
            links.add(link(stage, wheels.get(i), wheels.get(i + 1)));
        }
        return new TrainPicture(FIRST * 2 + PITCH * stages.size() + TOOL, wheels, links);
    }

    private static int driverRadius(DriveStage stage) {
        return radius(stage.driver() / Math.max(stage.driver(), stage.driven()));
    }

    private static int drivenRadius(DriveStage stage) {
        return radius(stage.driven() / Math.max(stage.driver(), stage.driven()));
    }

    private static int radius(double share) {
        return (int) Math.round(18 + 32 * share);
    }

    private static Wheel wheel(int number, int radius, boolean clockwise, String name, double rpm, double motorRpm) {
        double turns = Math.max(0.08, Math.min(1.5, rpm / motorRpm * 0.5));
        return new Wheel(
                FIRST + PITCH * number,
                MIDDLE,
                radius,
                clockwise,
                name,
                String.format(Locale.ROOT, rpm < 10 ? "%.1f rpm" : "%.0f rpm", rpm),
                1 / turns);
    }

    private static Link link(DriveStage stage, Wheel from, Wheel to) {
        String path = switch (stage.kind()) {
            case BELT, CHAIN, INTERNAL_GEAR ->
                String.format(
                        Locale.ROOT,
                        "M%d %dL%d %dM%d %dL%d %d",
                        from.x(),
                        from.y() - from.radius(),
                        to.x(),
                        to.y() - to.radius(),
                        from.x(),
                        from.y() + from.radius(),
                        to.x(),
                        to.y() + to.radius());
            case CROSSED_BELT ->
                String.format(
                        Locale.ROOT,
                        "M%d %dL%d %dM%d %dL%d %d",
                        from.x(),
                        from.y() - from.radius(),
                        to.x(),
                        to.y() + to.radius(),
                        from.x(),
                        from.y() + from.radius(),
                        to.x(),
                        to.y() - to.radius());
            default ->
                String.format(Locale.ROOT, "M%d %dH%d", from.x() + from.radius(), from.y(), to.x() - to.radius());
        };
        return new Link(path, stage.kind().words(), (from.x() + to.x()) / 2);
    }
}
