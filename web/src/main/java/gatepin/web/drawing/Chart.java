package gatepin.web.drawing;

import java.util.List;

/**
 * Curves over one axis, in the units of its view box.
 *
 * @param shape "wide" or "tall"
 * @param title what it shows
 * @param words the same for those who listen
 * @param xTitle the lower axis with its unit
 * @param yTitle the left axis with its unit
 * @param left left edge of the plot
 * @param top upper edge of the plot
 * @param right right edge of the plot
 * @param bottom lower edge of the plot
 * @param zero where the left axis has its zero
 * @param xTicks ticks below
 * @param yTicks ticks at the left
 * @param bands areas between a low and a high curve
 * @param lines curves
 * @param moments upright lines with a letter, explained below the chart
 */
public record Chart(
        String shape,
        String title,
        String words,
        String xTitle,
        String yTitle,
        int left,
        int top,
        int right,
        int bottom,
        double zero,
        List<Tick> xTicks,
        List<Tick> yTicks,
        List<Band> bands,
        List<Line> lines,
        List<Moment> moments) {
    /** A tick with its number. */
    public record Tick(double at, String text) {}

    /** A shaded area. */
    public record Band(String kind, String path) {}

    /** A curve with its name at its end. */
    public record Line(String kind, String name, String path, double endY, double nameY) {}

    /** Something that happened. */
    public record Moment(double x, String letter, String text, int textY) {}

    public int width() {
        return right + 118;
    }

    public int height() {
        return bottom + 46;
    }
}
