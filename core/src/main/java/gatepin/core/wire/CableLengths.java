package gatepin.core.wire;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.TypedNumber;
import gatepin.core.job.Gate;
import gatepin.core.job.Part;
import gatepin.core.paper.Paper;
import gatepin.core.supply.LengthUnit;
import java.util.ArrayList;
import java.util.List;

/**
 * How long the cables are.
 *
 * @param motorCableMetres from the motor's box to the switch's, m; 0 where the switch sits on the motor
 * @param supplyCordMetres from the switch's box to the plug or disconnect, m
 */
public record CableLengths(double motorCableMetres, double supplyCordMetres) {
    /** How long they are; the usual where nobody says. */
    public static final Part<CableLengths> PART = Part.of("cables", "the lengths", Gate.WIRE, CableLengths.class)
            .shownOn(Paper.LABELS, Paper.BUYING, Paper.SHEET);

    /** A switch on the machine and a cord to the wall: 5 and 8 feet (common practice). */
    public static final CableLengths USUAL = new CableLengths(1.524, 2.438);

    private static final double LEAST = 0.1;
    private static final double MOST = 100;

    public CableLengths {
        if (!(motorCableMetres >= 0 && motorCableMetres <= MOST)
                || !(supplyCordMetres >= LEAST && supplyCordMetres <= MOST)) {
            throw new IllegalArgumentException("a cable is " + LEAST + " to " + MOST + " m long");
        }
    }

    /** The switch sits on the motor: there is no cable between them. */
    public boolean onMotor() {
        return motorCableMetres == 0;
    }

    /** Reads lengths; problems carry the fields {@code motorCable} and {@code supplyCord}. */
    public static Reading<CableLengths> read(String motorCable, String supplyCord, LengthUnit unit) {
        List<Problem> problems = new ArrayList<>();
        double motor = metres("motorCable", motorCable, 0, unit, problems);
        double supply = metres("supplyCord", supplyCord, LEAST, unit, problems);
        return problems.isEmpty() ? Reading.of(new CableLengths(motor, supply)) : Reading.failed(problems);
    }

    private static double metres(String field, String typed, double least, LengthUnit unit, List<Problem> problems) {
        TypedNumber number = unit.read(typed, least, MOST);
        switch (number.kind()) {
            case GOOD -> {
                return number.value();
            }
            case EITHER -> problems.add(new Problem(field, typed, number.question(typed)));
            default ->
                problems.add(new Problem(
                        field,
                        typed,
                        "“" + typed.strip() + "” is no length: write " + unit.word() + ", up to " + unit.distance(MOST)
                                + ", such as " + unit.typed(USUAL.motorCableMetres())
                                + (least == 0 ? ", or 0 where the switch sits on the motor." : ".")));
        }
        return 0;
    }
}
