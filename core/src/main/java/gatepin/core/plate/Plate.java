package gatepin.core.plate;

import gatepin.core.job.Gate;
import gatepin.core.job.Part;
import java.util.List;
import java.util.Optional;

/**
 * What a single-phase motor's plate states.
 *
 * @param ratedOutputWatts output at the shaft, W
 * @param outputAsWritten the output in the plate's own words, such as "3/4 hp"
 * @param ratings volts with their amps, lowest voltage first; never empty
 * @param hertz rated frequency, Hz
 * @param rpm rated speed, 1/min
 * @param extras what else it says, or what was seen on the motor
 */
public record Plate(
        double ratedOutputWatts, String outputAsWritten, List<Rating> ratings, int hertz, int rpm, Extras extras) {
    /** What stands on the motor's plate. */
    public static final Part<Plate> PART =
            Part.of("plate", "the plate", Gate.PLATE, Plate.class).ofTheMotor().possibleIf(PlateReader::isPossible);

    /** One horsepower in watts (mechanical horsepower). */
    public static final double WATTS_PER_HP = 745.7;

    /**
     * What many plates leave out.
     *
     * @param family the family, as stated or as known from humps and click
     * @param code locked-rotor code letter
     * @param startMicrofarads start capacitor, µF
     * @param runMicrofarads run capacitor, µF
     * @param text the plate as typed in one go; blank where it was typed field by field
     */
    public record Extras(
            Optional<MotorFamily> family,
            Optional<CodeLetter> code,
            Optional<Double> startMicrofarads,
            Optional<Double> runMicrofarads,
            String text) {
        /** Nothing of it is known. */
        public static final Extras NONE =
                new Extras(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), "");
    }

    /** What the plate's text says beside its figures. */
    public PlateDetails details() {
        return PlateDetails.of(extras.text());
    }

    /**
     * One voltage of the plate.
     *
     * @param volts rated voltage, V
     * @param amps rated current at that voltage, A; empty where the plate is silent
     */
    public record Rating(int volts, Optional<Double> amps) {}

    public Plate {
        ratings = List.copyOf(ratings);
    }

    /** The rated current at a voltage, A; empty where the plate is silent. */
    public Optional<Double> ampsAt(int volts) {
        return at(volts).flatMap(Rating::amps);
    }

    /** The family: as known, or as the capacitors say, or else the commonest one. */
    public MotorFamily likelyFamily() {
        return extras.family().orElseGet(() -> {
            boolean start = extras.startMicrofarads().isPresent();
            boolean run = extras.runMicrofarads().isPresent();
            return start && run
                    ? MotorFamily.CAPACITOR_START_CAPACITOR_RUN
                    : run ? MotorFamily.PERMANENT_SPLIT_CAPACITOR : MotorFamily.CAPACITOR_START;
        });
    }

    /**
     * Apparent power with the rotor held, kVA: from the code letter, else what is usual for the size (about 8.5 kVA/hp at
     * 1 hp, more for smaller ones, about half for a PSC motor; common practice).
     */
    public double lockedKva() {
        double horsepower = ratedOutputWatts / WATTS_PER_HP;
        boolean psc = likelyFamily() == MotorFamily.PERMANENT_SPLIT_CAPACITOR;
        double usual = 8.5 * Math.pow(horsepower, -0.2) * (psc ? 0.55 : 1);
        return extras.code().map(CodeLetter::middle).orElse(usual) * horsepower;
    }

    /** The number of poles whose synchronous speed lies next above the rated speed. */
    public int poles() {
        int poles = 2;
        while (120.0 * hertz / (poles + 2) > rpm) {
            poles += 2;
        }
        return poles;
    }

    /** Synchronous speed, 1/min: 120 f / poles. */
    public double synchronousRpm() {
        return 120.0 * hertz / poles();
    }

    /** Rated slip as a fraction of synchronous speed. */
    public double slip() {
        return 1 - rpm / synchronousRpm();
    }

    /** Whether it says three phases. */
    public boolean isThreePhase() {
        return details().phases().equals(Optional.of(3));
    }

    /** What volts times amps come to, VA: on three phases √3 times as much as on one. */
    public Optional<Double> voltAmperes(Rating rating) {
        return rating.amps().map(a -> rating.volts() * a * phaseFactor());
    }

    private double phaseFactor() {
        return isThreePhase() ? Math.sqrt(3) : 1;
    }

    /** Line current at an apparent power, A. */
    public double amps(double voltAmperes, int volts) {
        return voltAmperes / volts / phaseFactor();
    }

    /** Efficiency times power factor that the plate implies at this rating; empty without amps. */
    public Optional<Double> efficiencyTimesPowerFactor(Rating rating) {
        return voltAmperes(rating).map(va -> ratedOutputWatts / va);
    }

    /** The ratings of the lower (or only) connection: one, or those of a range such as 208-230. */
    public List<Rating> lowerConnection() {
        return ratings.stream()
                .filter(r -> VoltageRange.same(r.volts(), ratings.get(0).volts()))
                .toList();
    }

    /** Whether it has two connections, one for about double the voltage of the other. */
    public boolean isDualVoltage() {
        return VoltageRange.isDual(ratings.stream().map(Rating::volts).toList());
    }

    public Optional<Rating> at(int volts) {
        return ratings.stream().filter(r -> r.volts() == volts).findFirst();
    }
}
