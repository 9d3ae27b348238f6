package gatepin.web.drawing;

import gatepin.core.ahead.Ahead.Kind;
import gatepin.core.ahead.LineUp;
import gatepin.core.ahead.Stage;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import java.util.ArrayList;
import java.util.List;

/**
 * A line-up as it is drawn, panel left and gear right: each device with its poles, in the symbols of IEC 60617 (from memory), and the wires
 * between them.
 *
 * @param width width of the picture
 * @param height its height
 */
public record LineUpPicture(
        int width, int height, List<Line> lines, List<Box> boxes, List<Symbol> symbols, List<Label> labels) {
    private static final int SIDE = 96;
    private static final int STEP = 156;
    private static final int BOX = 104;
    private static final int TOP = 26;
    private static final int FIRST = 82;
    private static final int SECOND = 130;
    private static final int THIRD = 178;
    private static final int GROUND = 236;
    private static final int REACH = 34;

    /** A wire; {@code look} is line or ground, {@code wire} what it is kept under. */
    public record Line(String path, String look, String wire) {}

    /** A device. */
    public record Box(int x, int y, int width, int height) {}

    /** A symbol or a part of one. */
    public record Symbol(String path) {}

    /** Words; {@code look} is part, marks or end. */
    public record Label(String text, int x, int y, String look) {}

    /** Draws a line-up that has something in it. */
    public static LineUpPicture of(LineUp lineUp, Supply supply) {
        return new Drawer(lineUp, supply).draw();
    }

    private static final class Drawer {
        private final LineUp lineUp;
        private final Supply supply;
        private final List<Line> lines = new ArrayList<>();
        private final List<Box> boxes = new ArrayList<>();
        private final List<Symbol> symbols = new ArrayList<>();
        private final List<Label> labels = new ArrayList<>();

        Drawer(LineUp lineUp, Supply supply) {
            this.lineUp = lineUp;
            this.supply = supply;
        }

        LineUpPicture draw() {
            int right = SIDE + STEP * lineUp.stages().size() + SIDE - (STEP - BOX);
            for (int i = 0; i < lineUp.stages().size(); i++) {
                stage(lineUp.stages().get(i), SIDE + STEP * i);
            }
            line(Terminal.L1, FIRST, right);
            line(Terminal.L2, THIRD, right);
            ground(right);
            labels.add(new Label("PANEL", 8, TOP + 8, "end"));
            labels.add(new Label("TO THE GEAR", right - SIDE + 26, TOP + 8, "end"));
            return new LineUpPicture(right + 28, GROUND + 22, lines, boxes, symbols, labels);
        }

        private void stage(Stage stage, int x) {
            boxes.add(new Box(x, TOP + 18, BOX, THIRD - TOP + 12));
            labels.add(new Label(stage.device().name(), x + BOX / 2, TOP + 8, "part"));
            int middle = x + BOX / 2;
            boolean overload = stage.kind() == Kind.OVERLOAD;
            pole(stage, middle, FIRST, "1", "2");
            if (overload) {
                pole(stage, middle, SECOND, "3", "4");
                pole(stage, middle, THIRD, "5", "6");
                int between = (FIRST + SECOND) / 2;
                lines.add(new Line(
                        "M" + (middle + REACH) + " " + FIRST + "H" + (x + BOX + 12) + "V" + between + "H" + (x - 12)
                                + "V" + SECOND + "H" + (middle - REACH),
                        "line",
                        wireAt("F2.3")));
            } else if (stage.second()) {
                pole(stage, middle, THIRD, "3", "4");
            }
            if (stage.kind() == Kind.RESIDUAL_CURRENT) {
                symbols.add(new Symbol("M" + (middle + 24) + " " + (FIRST - 12) + "a8 12 0 0 1 0 24 M" + (middle + 24)
                        + " " + (FIRST - 12) + "a8 12 0 0 0 0 24 M" + (middle + 24) + " " + (THIRD - 12)
                        + "a8 12 0 0 1 0 24 M" + (middle + 24) + " " + (THIRD - 12) + "a8 12 0 0 0 0 24"));
            }
        }

        private void pole(Stage stage, int x, int y, String left, String right) {
            labels.add(new Label(left, x - REACH - 4, y - 7, "marks"));
            labels.add(new Label(right, x + REACH + 4, y - 7, "marks"));
            symbols.add(new Symbol(symbol(stage, x, y)));
        }

        private static String symbol(Stage stage, int x, int y) {
            String ends = "M" + (x - REACH) + " " + y + "H" + (x - 15) + "M" + (x + 15) + " " + y + "H" + (x + REACH);
            String blade = "M" + (x - 15) + " " + y + "L" + (x + 12) + " " + (y - 12);
            String heater = "M" + (x - 15) + " " + y + "H" + (x - 8) + "V" + (y - 11) + "H" + (x + 8) + "V" + y + "H"
                    + (x + 15);
            return switch (stage.kind()) {
                case DISCONNECT -> ends + blade + "M" + (x + 15) + " " + (y - 6) + "V" + (y + 6);
                case FUSES ->
                    "M" + (x - REACH) + " " + y + "H" + (x + REACH) + "M" + (x - 18) + " " + (y - 7) + "h36v14h-36Z";
                case RESIDUAL_CURRENT -> ends + blade;
                case NO_VOLT_RELEASE -> ends + blade + "M" + (x + 15) + " " + y + "a5 5 0 0 1 -8 4";
                case OVERLOAD ->
                    stage.opens() ? ends + blade + "M" + (x - 3) + " " + (y + 3) + "h5v7h5v-7h5" : ends + heater;
            };
        }

        private String wireAt(String id) {
            return lineUp.wires().stream()
                    .filter(w -> w.from().id().equals(id))
                    .findFirst()
                    .map(Wire::key)
                    .orElse("");
        }

        /** A line from the panel through every device that it goes through. */
        private void line(Terminal line, int y, int right) {
            int from = 20;
            int height = y;
            labels.add(new Label(supply.nameOf(line), 8, y + 5, "end"));
            for (int i = 0; i < lineUp.stages().size(); i++) {
                Stage stage = lineUp.stages().get(i);
                int middle = SIDE + STEP * i + BOX / 2;
                boolean through = line.equals(Terminal.L1) || stage.second();
                if (!through) {
                    continue;
                }
                String in = stage.device().name() + "."
                        + (line.equals(Terminal.L1) ? "1" : stage.kind() == Kind.OVERLOAD ? "5" : "3");
                lines.add(new Line("M" + (from + 12) + " " + height + "H" + (middle - REACH), "line", wireAt(in)));
                from = middle + REACH - 12;
                height = line.equals(Terminal.L1) && stage.kind() == Kind.OVERLOAD ? SECOND : y;
            }
            lines.add(new Line("M" + (from + 12) + " " + height + "H" + (right - 30), "line", ""));
            labels.add(new Label(supply.nameOf(line), right - 22, height + 5, "end"));
        }

        private void ground(int right) {
            labels.add(new Label("G", 8, GROUND + 5, "end"));
            labels.add(new Label("G", right - 22, GROUND + 5, "end"));
            lines.add(new Line("M32 " + GROUND + "H" + (right - 30), "ground", ""));
            for (int i = 0; i < lineUp.stages().size(); i++) {
                int x = SIDE + STEP * i + BOX / 2;
                lines.add(new Line("M" + x + " " + (THIRD + 30) + "V" + GROUND, "ground", ""));
            }
        }
    }
}
