package gatepin.core.machine;

import gatepin.core.plate.MotorFamily;
import java.util.Optional;
import java.util.Set;

/**
 * What belongs in series with a start winding where the motor is sound.
 *
 * @param family the family it makes of the motor
 * @param start the start capacitor, in series with the start switch; empty where there is none
 * @param run the run capacitor, which stays in; empty where there is none
 * @param eachHalf each of two start halves has its own, of half the size
 * @param parts the names of the capacitors that make it up
 * @param supposed how many of its capacitors none of those at hand can be
 */
record StartBranch(
        MotorFamily family,
        Optional<Capacity> start,
        Optional<Capacity> run,
        boolean eachHalf,
        Set<String> parts,
        int supposed) {
    /**
     * Capacitors taken as one.
     *
     * @param microfarads capacitance, µF
     * @param esrOhms series resistance, Ω
     */
    record Capacity(double microfarads, double esrOhms) {
        /** A share of it, as one of so many equal ones in parallel. */
        Capacity oneOf(int number) {
            return new Capacity(microfarads / number, esrOhms * number);
        }

        Capacity with(double other) {
            return new Capacity(other, esrOhms * microfarads / other);
        }
    }

    StartBranch {
        parts = Set.copyOf(parts);
    }

    /** No capacitor at all. */
    static StartBranch plain() {
        return new StartBranch(MotorFamily.SPLIT_PHASE, Optional.empty(), Optional.empty(), false, Set.of(), 0);
    }
}
