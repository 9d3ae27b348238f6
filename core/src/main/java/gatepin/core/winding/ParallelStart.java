package gatepin.core.winding;

/**
 * A start winding that does not come out by itself: it lies side by side with the run winding as long as the start switch is
 * closed. Read with the switch closed and held open, its resistance follows from 1 / R = 1 / R run + 1 / R start.
 *
 * @param a one lead of the run winding
 * @param b its other lead
 * @param runOhms the run winding alone, Ω
 * @param startOhms the start winding, Ω
 * @param band how far the meter's error may put the start winding's value off, Ω
 */
public record ParallelStart(String a, String b, double runOhms, double startOhms, double band) {
    /**
     * Works it out.
     *
     * @param closedOhms reading with the start switch closed, Ω
     * @param openOhms reading with the start switch held open, Ω; above the other
     */
    static ParallelStart of(String a, String b, double closedOhms, double openOhms, MeterError error) {
        double least =
                start(Span.of(closedOhms, error).low(), Span.of(openOhms, error).high());
        double most = start(
                Span.of(closedOhms, error).high(), Span.of(openOhms, error).low());
        double middle = start(closedOhms, openOhms);
        return new ParallelStart(a, b, openOhms, middle, Math.max(middle - least, most - middle));
    }

    private static double start(double closed, double open) {
        return open > closed ? 1 / (1 / closed - 1 / open) : Double.POSITIVE_INFINITY;
    }
}
