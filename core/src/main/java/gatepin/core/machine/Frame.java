package gatepin.core.machine;

import java.util.List;

/**
 * A frame of a motor by its main dimensions, with the single-phase powers built in it.
 *
 * @param name the frame
 * @param heightMillimetres shaft height D or H, mm
 * @param shaftMillimetres shaft diameter U or D, mm
 * @param feetMillimetres across and along between the middles of the feet's holes, mm
 * @param leastHp the smallest usual motor in it, hp (common practice)
 * @param mostHp the largest usual motor in it, hp (common practice)
 * @param source where its dimensions stand
 */
public record Frame(
        String name,
        double heightMillimetres,
        double shaftMillimetres,
        double[] feetMillimetres,
        double leastHp,
        double mostHp,
        String source) {
    private static final String NEMA = "NEMA MG 1 part 4, from memory";
    private static final String IEC = "IEC 60072-1, from memory";

    /** Usual frames, smallest first within each standard. */
    public static final List<Frame> ALL = List.of(
            nema("42", 2.625, 0.375, 3.50, 1.69, 1.0 / 20, 1.0 / 3),
            nema("48", 3.00, 0.500, 4.25, 2.75, 1.0 / 8, 1),
            nema("56", 3.50, 0.625, 4.88, 3.00, 1.0 / 4, 2),
            nema("143T", 3.50, 0.875, 5.50, 4.00, 3.0 / 4, 2),
            nema("145T", 3.50, 0.875, 5.50, 5.00, 1, 3),
            nema("182T", 4.50, 1.125, 7.50, 4.50, 1.5, 5),
            nema("184T", 4.50, 1.125, 7.50, 5.50, 2, 5),
            nema("213T", 5.25, 1.375, 8.50, 5.50, 5, 10),
            nema("215T", 5.25, 1.375, 8.50, 7.00, 5, 10),
            iec("63", 63, 11, 100, 80, 0.09, 0.3),
            iec("71", 71, 14, 112, 90, 0.18, 0.6),
            iec("80", 80, 19, 125, 100, 0.37, 1.1),
            iec("90S", 90, 24, 140, 100, 0.75, 1.5),
            iec("90L", 90, 24, 140, 125, 1.1, 2.2),
            iec("100L", 100, 28, 160, 140, 1.5, 3),
            iec("112M", 112, 28, 190, 140, 2.2, 4),
            iec("132S", 132, 38, 216, 140, 3, 7.5),
            iec("132M", 132, 38, 216, 178, 4, 7.5));

    private static Frame nema(String name, double d, double u, double e2, double f2, double least, double most) {
        return new Frame(name, d * 25.4, u * 25.4, new double[] {e2 * 25.4, f2 * 25.4}, least, most, NEMA);
    }

    private static Frame iec(String name, double h, double d, double a, double b, double leastKw, double mostKw) {
        return new Frame(name, h, d, new double[] {a, b}, leastKw / 0.7457, mostKw / 0.7457, IEC);
    }

    /** Frames of NEMA's standard have letters for inches, others are metric. */
    public boolean isNema() {
        return source.equals(NEMA);
    }
}
