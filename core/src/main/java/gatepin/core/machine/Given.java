package gatepin.core.machine;

import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.Plate;
import java.util.List;
import java.util.Optional;

/**
 * What is known of a motor.
 *
 * @param family its family
 * @param outputWatts rated output at the shaft, W
 * @param volts the lower (or only) voltage: what belongs across a run half, V
 * @param amps rated current at that voltage, A; empty where the plate is silent
 * @param hertz rated frequency, Hz
 * @param rpm rated speed, 1/min
 * @param poles number of poles
 * @param lockedKva apparent power with the rotor held, kVA
 * @param codeStated whether a code letter states it, or it is only what is usual
 * @param runOhms the run winding's resistance as joined for that voltage, Ω, if measured
 * @param startOhms the start winding's resistance, Ω, if measured
 * @param startMicrofarads start capacitor, µF, if known
 * @param runMicrofarads run capacitor, µF, if known
 * @param equalWindings both windings are alike, so that either can be the main one (three-lead PSC)
 * @param startInHand the start capacitor that is there, µF, where it is not the one stated
 * @param runInHand the run capacitor that is there, µF, where it is not the one stated
 * @param startAcross across how many run halves in series the start winding lies: 2 where a motor of one voltage has its halves in
 *     series and the start winding on both lines
 */
public record Given(
        MotorFamily family,
        double outputWatts,
        double volts,
        Optional<Double> amps,
        int hertz,
        int rpm,
        int poles,
        double lockedKva,
        boolean codeStated,
        Optional<Double> runOhms,
        Optional<Double> startOhms,
        Optional<Double> startMicrofarads,
        Optional<Double> runMicrofarads,
        boolean equalWindings,
        Optional<Double> startInHand,
        Optional<Double> runInHand,
        int startAcross) {
    /** A capacitor this much off its print has failed (EIA-463 and usual tolerances, from memory: up to a fifth), as a share. */
    private static final double OFF_ITS_PRINT = 0.25;
    /** Two windings whose ohms differ by more than this are not alike (common practice: equal ones agree within a few percent). */
    private static final double ALIKE = 1.25;

    /** A motor whose capacitors are those stated. */
    public Given(
            MotorFamily family,
            double outputWatts,
            double volts,
            Optional<Double> amps,
            int hertz,
            int rpm,
            int poles,
            double lockedKva,
            boolean codeStated,
            Optional<Double> runOhms,
            Optional<Double> startOhms,
            Optional<Double> startMicrofarads,
            Optional<Double> runMicrofarads,
            boolean equalWindings) {
        this(
                family,
                outputWatts,
                volts,
                amps,
                hertz,
                rpm,
                poles,
                lockedKva,
                codeStated,
                runOhms,
                startOhms,
                startMicrofarads,
                runMicrofarads,
                equalWindings,
                Optional.empty(),
                Optional.empty(),
                1);
    }

    /** A motor whose windings differ. */
    public Given(
            MotorFamily family,
            double outputWatts,
            double volts,
            Optional<Double> amps,
            int hertz,
            int rpm,
            int poles,
            double lockedKva,
            boolean codeStated,
            Optional<Double> runOhms,
            Optional<Double> startOhms,
            Optional<Double> startMicrofarads,
            Optional<Double> runMicrofarads) {
        this(
                family,
                outputWatts,
                volts,
                amps,
                hertz,
                rpm,
                poles,
                lockedKva,
                codeStated,
                runOhms,
                startOhms,
                startMicrofarads,
                runMicrofarads,
                false);
    }

    double slip() {
        return 1 - rpm / (120.0 * hertz / poles);
    }

    double horsepower() {
        return outputWatts / Plate.WATTS_PER_HP;
    }

    /** Rated torque at the shaft, N·m. */
    public double ratedNm() {
        return outputWatts / (rpm * Math.PI / 30);
    }

    /** The same with windings that were measured. */
    public Given measured(Optional<Double> run, Optional<Double> start) {
        return with(run, start, startMicrofarads, runMicrofarads, equalWindings);
    }

    /**
     * The same with capacitors that somebody read or measured; the plate's own where nobody did. One that is not what the plate states is
     * in hand, and not what should be there.
     */
    public Given withCapacitors(Optional<Double> start, Optional<Double> run) {
        Optional<Double> otherStart = start.filter(c -> isOff(c, startMicrofarads));
        Optional<Double> otherRun = run.filter(c -> isOff(c, runMicrofarads));
        Given with = with(
                runOhms,
                startOhms,
                otherStart.isPresent() ? startMicrofarads : start.or(() -> startMicrofarads),
                otherRun.isPresent() ? runMicrofarads : run.or(() -> runMicrofarads),
                equalWindings);
        return with.with(otherStart, otherRun, startAcross);
    }

    private static boolean isOff(double microfarads, Optional<Double> stated) {
        return stated.filter(s -> Math.abs(microfarads - s) > OFF_ITS_PRINT * s).isPresent();
    }

    /** Something of it was measured, beside what its plate says. */
    public boolean isMeasured() {
        return runOhms.isPresent() || startOhms.isPresent();
    }

    /** A four-pole motor of a family of which no plate is read. */
    public static Given typical(MotorFamily family, double watts, double volts, int hertz, double slip) {
        return new Given(
                family,
                watts,
                volts,
                Optional.empty(),
                hertz,
                (int) Math.round(30.0 * hertz * (1 - slip)),
                4,
                watts / Plate.WATTS_PER_HP * 8,
                false,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** The same with another number of poles, at that slip. */
    public Given withPoles(int number, double slip) {
        return new Given(
                family,
                outputWatts,
                volts,
                amps,
                hertz,
                (int) Math.round(120.0 * hertz / number * (1 - slip)),
                number,
                lockedKva,
                codeStated,
                runOhms,
                startOhms,
                startMicrofarads,
                runMicrofarads,
                equalWindings,
                startInHand,
                runInHand,
                startAcross);
    }

    /** Whether its windings were measured and are not alike: then either can be the main one in name only. */
    public boolean areWindingsUnlike() {
        return runOhms.isPresent()
                && startOhms.isPresent()
                && Math.abs(Math.log(startOhms.orElseThrow() / runOhms.orElseThrow())) > Math.log(ALIKE);
    }

    /** The same with the start winding across so many run halves in series. */
    public Given withStartAcross(int halves) {
        return with(startInHand, runInHand, halves);
    }

    private Given with(Optional<Double> startThere, Optional<Double> runThere, int halves) {
        return new Given(
                family,
                outputWatts,
                volts,
                amps,
                hertz,
                rpm,
                poles,
                lockedKva,
                codeStated,
                runOhms,
                startOhms,
                startMicrofarads,
                runMicrofarads,
                equalWindings,
                startThere,
                runThere,
                halves);
    }

    /** The same with two windings that are alike. */
    public Given withEqualWindings() {
        return with(runOhms, startOhms, startMicrofarads, runMicrofarads, true);
    }

    private Given with(
            Optional<Double> run,
            Optional<Double> start,
            Optional<Double> startCapacitor,
            Optional<Double> runCapacitor,
            boolean equal) {
        return new Given(
                family,
                outputWatts,
                volts,
                amps,
                hertz,
                rpm,
                poles,
                lockedKva,
                codeStated,
                run,
                start,
                startCapacitor,
                runCapacitor,
                equal,
                startInHand,
                runInHand,
                startAcross);
    }

    /**
     * What a plate states for its lower connection, at the highest voltage of its range.
     *
     * @param inSeries how many run halves that voltage finds in series: 1 where it is the lower one of two
     */
    public static Given of(Plate plate, int inSeries) {
        List<Plate.Rating> lower = plate.lowerConnection();
        Plate.Rating low = lower.get(lower.size() - 1);
        return new Given(
                plate.likelyFamily(),
                plate.ratedOutputWatts(),
                (double) low.volts() / inSeries,
                low.amps().map(a -> a * inSeries),
                plate.hertz(),
                plate.rpm(),
                plate.poles(),
                plate.lockedKva(),
                plate.extras().code().isPresent(),
                Optional.empty(),
                Optional.empty(),
                plate.extras().startMicrofarads(),
                plate.extras().runMicrofarads());
    }
}
