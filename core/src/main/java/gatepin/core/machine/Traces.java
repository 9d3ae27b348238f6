package gatepin.core.machine;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.TypedMeasure;
import gatepin.core.TypedNumber.Field;
import gatepin.core.job.Gate;
import gatepin.core.job.Part;
import gatepin.core.plate.MotorFamily;
import gatepin.core.supply.CordSize;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What is left to see of a motor whose plate is gone.
 *
 * @param volts the voltage its old cord brought, V
 * @param shaftMillimetres diameter over the shaft, mm
 * @param heightMillimetres from the feet to the middle of the shaft, mm
 * @param startMicrofarads print of the start capacitor, µF
 * @param runMicrofarads print of the run capacitor, µF
 * @param cordAmps what its old cord or its leads may carry, A
 * @param idleAmps clamp current running free on that voltage, A
 * @param rpm the speed it runs at, free or loaded, 1/min
 * @param family the family, by humps and click
 */
public record Traces(
        int volts,
        Optional<Double> shaftMillimetres,
        Optional<Double> heightMillimetres,
        Optional<Double> startMicrofarads,
        Optional<Double> runMicrofarads,
        Optional<Double> cordAmps,
        Optional<Double> idleAmps,
        Optional<Integer> rpm,
        Optional<MotorFamily> family) {
    /** A shaft's number below this is in inches, a height's below that: there are no motors so small in millimetres. */
    private static final double LEAST_SHAFT_MM = 4;

    private static final double LEAST_HEIGHT_MM = 30;

    private static final int LONGEST = 40;

    /**
     * What was typed, as it was typed.
     *
     * @param conductor the conductor size of the old cord, such as 16 AWG or 1.5 mm²
     */
    public record Typed(
            String volts,
            String shaft,
            String height,
            String startMicrofarads,
            String runMicrofarads,
            String conductor,
            String idleAmps,
            String rpm,
            String family) {
        /** What is left to see where there is no plate. */
        public static final Part<Typed> PART = Part.of("traces", "what is left to see", Gate.PLATE, Typed.class)
                .ofTheMotor()
                .possibleIf(Typed::isShort);

        /** Nothing was typed. */
        public static final Typed NONE = new Typed("", "", "", "", "", "", "", "", "");

        /** No figure of a motor takes more letters. */
        private boolean isShort() {
            return Stream.of(volts, shaft, height, startMicrofarads, runMicrofarads, conductor, idleAmps, rpm, family)
                    .allMatch(t -> t.length() <= LONGEST);
        }

        public boolean isBlank() {
            return equals(NONE);
        }
    }

    /** The likeliest family: as seen, or as the capacitors say, or else the commonest one. */
    public MotorFamily likelyFamily() {
        return family.orElseGet(() -> startMicrofarads.isPresent() && runMicrofarads.isPresent()
                ? MotorFamily.CAPACITOR_START_CAPACITOR_RUN
                : runMicrofarads.isPresent() ? MotorFamily.PERMANENT_SPLIT_CAPACITOR : MotorFamily.CAPACITOR_START);
    }

    /** The number of poles whose synchronous speed lies next above the speed; 4 where nobody counted. */
    public int poles(int hertz) {
        int poles = 2;
        int counted = rpm.orElse((int) (28.5 * hertz));
        while (120.0 * hertz / (poles + 2) > counted) {
            poles += 2;
        }
        return poles;
    }

    /** Reads what was typed; each problem names its field. */
    public static Reading<Traces> read(Typed typed) {
        List<Problem> problems = new ArrayList<>();
        if (!typed.isShort()) {
            problems.add(new Problem("volts", typed.volts(), "Use at most " + LONGEST + " letters in each field."));
        }
        Optional<Double> volts = TypedMeasure.number(
                problems, "volts", typed.volts(), Field.of(90, 480, "v", "volt", "volts"), "90 to 480 V");
        if (typed.volts().isBlank()) {
            problems.add(new Problem(
                    "volts", "", "Say which voltage it was on: the plug, the outlet or the old cord tells."));
        }
        Traces traces = new Traces(
                volts.map(v -> (int) Math.round(v)).orElse(0),
                TypedMeasure.length(problems, "shaft", typed.shaft(), LEAST_SHAFT_MM, 80),
                TypedMeasure.length(problems, "height", typed.height(), LEAST_HEIGHT_MM, 300),
                TypedMeasure.number(
                        problems, "startMicrofarads", typed.startMicrofarads(), microfarads(10, 2000), "10 to 2000 µF"),
                TypedMeasure.number(
                        problems, "runMicrofarads", typed.runMicrofarads(), microfarads(0.5, 150), "0.5 to 150 µF"),
                conductor(problems, typed.conductor()),
                TypedMeasure.number(
                        problems,
                        "idleAmps",
                        typed.idleAmps(),
                        Field.of(0.05, 100, "a", "amp", "amps").fromADisplay(),
                        "0.05 to 100 A"),
                TypedMeasure.number(
                                problems,
                                "rpm",
                                typed.rpm(),
                                Field.of(200, 3600, "rpm", "1/min", "min-1"),
                                "200 to 3600 rpm")
                        .map(r -> (int) Math.round(r)),
                MotorFamily.of(typed.family()));
        return problems.isEmpty() ? Reading.of(traces) : Reading.failed(problems);
    }

    private static Field microfarads(double least, double most) {
        return Field.of(least, most, "µf", "μf", "uf", "mf", "mfd");
    }

    private static Optional<Double> conductor(List<Problem> problems, String typed) {
        if (typed.isBlank()) {
            return Optional.empty();
        }
        Optional<Double> amps = CordSize.of(typed).map(CordSize::amps);
        if (amps.isEmpty()) {
            problems.add(new Problem(
                    "conductor", typed, "“" + typed.strip() + "” is no cord size: write 16 AWG or 1.5 mm²."));
        }
        return amps;
    }
}
