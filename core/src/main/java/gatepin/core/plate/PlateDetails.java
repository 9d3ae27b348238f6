package gatepin.core.plate;

import gatepin.core.Sentence;
import gatepin.core.plate.PlatePiece.Kind;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.rotation.StatedRotation.Direction;
import gatepin.core.rotation.StatedRotation.End;
import java.util.Optional;

/**
 * What a plate says beside its figures.
 *
 * @param phases 1 or 3
 * @param serviceFactor how far it may be overloaded, as a factor
 * @param insulation insulation class
 * @param ambientCelsius highest ambient, °C
 * @param duty continuous, or how it may run
 * @param frame frame size
 * @param rotation the stated rotation; not stated where the plate is silent or names no end
 * @param reversible whether it says so; empty where it is silent
 * @param protection automatic, manual, impedance or none
 * @param otherFamily universal, repulsion or shaded-pole: families this tool does not serve
 */
public record PlateDetails(
        Optional<Integer> phases,
        Optional<Double> serviceFactor,
        Optional<String> insulation,
        Optional<Integer> ambientCelsius,
        Optional<String> duty,
        Optional<String> frame,
        StatedRotation rotation,
        Optional<Boolean> reversible,
        Optional<String> protection,
        Optional<String> otherFamily) {

    /** Reads them out of a plate's text. */
    public static PlateDetails of(String text) {
        PlateText plate = PlateText.read(text);
        Optional<Boolean> no = plate.value(Kind.NOT_REVERSIBLE).map(v -> false);
        return new PlateDetails(
                plate.value(Kind.PHASE).map(Integer::parseInt),
                plate.value(Kind.SERVICE_FACTOR).map(Double::parseDouble),
                plate.value(Kind.INSULATION),
                plate.value(Kind.AMBIENT).map(Integer::parseInt),
                plate.value(Kind.DUTY),
                plate.value(Kind.FRAME),
                plate.value(Kind.ROTATION).map(PlateDetails::rotation).orElse(StatedRotation.NOT_STATED),
                no.or(() -> plate.value(Kind.REVERSIBLE).map(v -> true)),
                plate.value(Kind.PROTECTION),
                plate.value(Kind.OTHER_FAMILY));
    }

    private static StatedRotation rotation(String value) {
        return new StatedRotation(
                value.startsWith("clockwise") ? Direction.CLOCKWISE : Direction.COUNTER_CLOCKWISE,
                value.endsWith("opposite-end") ? End.OPPOSITE_END : End.SHAFT_END);
    }

    /** Why this motor cannot be run and reversed here as it is; empty where nothing on the plate speaks against it. */
    public Optional<Sentence> obstacle() {
        if (phases.equals(Optional.of(3))) {
            return Optional.of(Sentence.of("obstacle.threePhase"));
        }
        return otherFamily.map(f -> Sentence.of("obstacle.family", f));
    }
}
