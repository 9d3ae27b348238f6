package gatepin.core.exchange;

import gatepin.core.rotation.StatedRotation;
import gatepin.core.supply.Region;
import java.util.List;
import java.util.Optional;

/**
 * What a machine needs of its next motor.
 *
 * @param horsepower of the one that was there, hp
 * @param rpm of the one that was there, 1/min
 * @param threePhase the one that was there was for three phases
 * @param amps what it took by its plate, A; empty where it is silent
 * @param bothWays it must turn both ways
 * @param turned which way the shaft turned; not stated where nobody looked
 * @param mount how it sat
 * @param volts the voltages that the shop can give
 * @param hertz the shop's frequency, Hz
 * @param region whose rules hold
 * @param metres from the panel, m
 * @param rating what is stamped on the switch that is to carry it; blank where there is none
 */
public record Wanted(
        double horsepower,
        int rpm,
        boolean threePhase,
        Optional<Double> amps,
        boolean bothWays,
        StatedRotation turned,
        Mount mount,
        List<Integer> volts,
        int hertz,
        Region region,
        double metres,
        String rating) {
    public Wanted {
        volts = List.copyOf(volts);
    }
}
