package gatepin.core.wire;

import gatepin.core.Problem;
import gatepin.core.Reading;
import java.util.ArrayList;
import java.util.List;

/**
 * How long the cables are.
 *
 * @param motorCableMetres from the motor's box to the switch's, m
 * @param supplyCordMetres from the switch's box to the plug or disconnect, m
 */
public record CableLengths(double motorCableMetres, double supplyCordMetres) {
    /** A switch on the machine and a cord to the wall (common practice). */
    public static final CableLengths USUAL = new CableLengths(1.5, 2.5);

    private static final double MOST = 100;

    /** Reads lengths in metres; problems carry the fields {@code motorCable} and {@code supplyCord}. */
    public static Reading<CableLengths> read(String motorCable, String supplyCord) {
        List<Problem> problems = new ArrayList<>();
        double motor = metres("motorCable", motorCable, problems);
        double supply = metres("supplyCord", supplyCord, problems);
        return problems.isEmpty() ? Reading.of(new CableLengths(motor, supply)) : Reading.failed(problems);
    }

    private static double metres(String field, String typed, List<Problem> problems) {
        String text = typed.strip().replace(',', '.').replaceAll("\\s*m$", "");
        if (text.matches("\\d{1,3}(\\.\\d{0,2})?")) {
            double metres = Double.parseDouble(text);
            if (metres >= 0.1 && metres <= MOST) {
                return Math.round(metres * 10) / 10.0;
            }
        }
        problems.add(new Problem(
                field, typed, "“" + typed.strip() + "” is no length: write metres, from 0.1 to 100, such as 1.5."));
        return 0;
    }
}
