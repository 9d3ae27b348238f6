package gatepin.web.exchange;

import gatepin.core.exchange.Mount;
import gatepin.core.rotation.StatedRotation;
import java.util.Optional;

/**
 * What a machine's motor was, and how it sat.
 *
 * @param amps by its plate; empty where it is silent
 * @param note belt, guard, conduit: what else to remember
 */
public record OldMotor(
        double horsepower,
        int rpm,
        boolean threePhase,
        Optional<Double> amps,
        boolean bothWays,
        StatedRotation turned,
        Mount.Typed mount,
        String note) {}
