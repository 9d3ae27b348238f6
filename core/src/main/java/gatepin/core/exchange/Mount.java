package gatepin.core.exchange;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.TypedMeasure;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How a motor sits in its machine, measured before it comes off, or of a spare one on the shelf. All in mm; empty where nobody measured.
 *
 * @param pulley outside diameter of the motor's pulley
 * @param face from the mounting face, or the shaft's shoulder, to the near side of the pulley
 * @param shaft diameter of the shaft
 * @param key width of the key
 * @param height from the feet to the middle of the shaft
 * @param clearance how long a motor may be before it meets a cover
 * @param fixing feet or face
 */
public record Mount(
        Optional<Double> pulley,
        Optional<Double> face,
        Optional<Double> shaft,
        Optional<Double> key,
        Optional<Double> height,
        Optional<Double> clearance,
        Fixing fixing) {
    /** Nothing is measured. */
    public static final Mount UNMEASURED = new Mount(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Fixing.UNKNOWN);

    /** A measure beyond this is none of a motor that a person can carry, mm. */
    public static final double MOST = 1500;

    /** What was typed, as it was typed. */
    public record Typed(
            String pulley, String face, String shaft, String key, String height, String clearance, String fixing) {
        /** Nothing was typed. */
        public static final Typed NONE = new Typed("", "", "", "", "", "", "");
    }

    /** Reads what was typed; each problem names its field. */
    public static Reading<Mount> read(Typed typed) {
        List<Problem> problems = new ArrayList<>();
        Mount mount = new Mount(
                TypedMeasure.length(problems, "pulley", typed.pulley(), 20, 600),
                TypedMeasure.length(problems, "face", typed.face(), 3, 400),
                TypedMeasure.length(problems, "shaft", typed.shaft(), 4, 80),
                TypedMeasure.length(problems, "key", typed.key(), 1.5, 22),
                TypedMeasure.length(problems, "height", typed.height(), 30, 300),
                TypedMeasure.length(problems, "clearance", typed.clearance(), 50, MOST),
                Arrays.stream(Fixing.values())
                        .filter(f -> f.name().equals(typed.fixing()))
                        .findFirst()
                        .orElse(Fixing.UNKNOWN));
        return problems.isEmpty() ? Reading.of(mount) : Reading.failed(problems);
    }

    /** What a motor is held by. */
    public enum Fixing {
        FEET,
        FACE,
        BOTH,
        UNKNOWN;

        /** One that is held this way goes where one that is held that way was. */
        boolean goesFor(Fixing other) {
            return this == BOTH || other == BOTH || this == other;
        }
    }

    public Mount {
        Stream.of(pulley, face, shaft, height, clearance)
                .flatMap(Optional::stream)
                .filter(m -> !(m > 0) || m > MOST)
                .findFirst()
                .ifPresent(m -> {
                    throw new IllegalArgumentException(m + " mm is no measure of a motor");
                });
    }
}
