package gatepin.core.check;

import gatepin.core.check.LiveStep.Turn;
import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Rotor;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.machine.RatedPoint;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.rotation.StatedRotation.Direction;
import gatepin.core.verdict.Analysis.Way;
import java.util.Random;
import org.hipparchus.complex.Complex;

/**
 * Stand-ins for clamp meter, voltmeter, tachometer and thermometer, for eye and ear, at a wiring with whatever is wrong with it. They err
 * as real ones do, and always alike on the same step.
 *
 * @param actual the wiring as it is
 * @param rated where its sound motor works as its plate says
 * @param plusIs what the plus direction looks like from where the person stands
 * @param seed makes one set of instruments differ from another
 */
public record SimulatedRun(Circuit actual, RatedPoint rated, StatedRotation plusIs, long seed) {
    private static final double METER_OFF = 0.02;
    private static final double TACHOMETER_OFF = 0.003;
    private static final double ROOM_CELSIUS = 20;

    /** What is seen of a step. */
    public LiveSeen see(LiveStep step) {
        Random chance = new Random(seed * 31 + step.key().hashCode());
        double error = 2 * chance.nextDouble() - 1;
        Supply supply = actual.supply();
        if (step.what().answer() == LiveStep.Answer.YES_OR_NO && step.setting().isEmpty()) {
            // the control circuit that stands in is as it is written
            return LiveSeen.of(step.key(), true);
        }
        if (step.setting().isEmpty()) {
            return LiveSeen.of(
                    step.key(),
                    switch (step.what()) {
                        case OUTLET_VOLTS -> supply.volts() * (1 + METER_OFF * error);
                        case FIRST_TO_GROUND -> supply.emf(Terminal.L1).norm() * (1 + METER_OFF * error);
                        case SECOND_TO_GROUND -> supply.emf(Terminal.L2).norm() * (1 + METER_OFF * error);
                        default -> warmth() + error;
                    });
        }
        Setting setting = step.setting().orElseThrow();
        Behaviour is = Behaviour.of(actual, rated, setting);
        double synchronous = actual.motor().rotor().synchronousRpm(supply.hertz());
        return switch (step.what()) {
            case TURNS -> LiveSeen.of(step.key(), turn(is));
            case CLICK_UP, CLICK_DOWN -> LiveSeen.of(step.key(), is.clicks());
            case IDLE_AMPS -> LiveSeen.of(step.key(), is.idleAmps() * (1 + METER_OFF * error));
            case LOAD_AMPS -> LiveSeen.of(step.key(), is.loadAmps() * (1 + METER_OFF * error));
            case SPEED ->
                LiveSeen.of(
                        step.key(),
                        is.way() == Way.NONE ? 0 : synchronous * (1 - is.idleSlip()) * (1 + TACHOMETER_OFF * error));
            case VOLTS -> LiveSeen.of(step.key(), volts(setting, is) * (1 + METER_OFF * error));
            case COAST -> LiveSeen.of(step.key(), is.way() == Way.NONE ? 0 : coast() * (1 + 0.1 * error));
            default -> LiveSeen.of(step.key(), 0);
        };
    }

    private Turn turn(Behaviour is) {
        if (is.trips()) {
            return Turn.TRIPS;
        }
        if (is.way() == Way.NONE) {
            return is.carries() ? Turn.HUMS : Turn.NOTHING;
        }
        StatedRotation stated = is.way() == Way.MINUS ? plusIs.reversed() : plusIs;
        return stated.direction() == Direction.COUNTER_CLOCKWISE ? Turn.COUNTER_CLOCKWISE : Turn.CLOCKWISE;
    }

    private double volts(Setting setting, Behaviour is) {
        AcSolution running = AcNetwork.of(actual, is.comesUp() ? State.atSpeed(setting) : State.atRest(setting))
                .at(is.way() == Way.MINUS ? 2 - is.idleSlip() : is.idleSlip());
        return running.potential(Terminal.L1)
                .flatMap(one -> running.potential(Terminal.L2).map(one::subtract))
                .map(Complex::norm)
                .orElse(0.0);
    }

    private double coast() {
        Rotor rotor = actual.motor().rotor();
        double omega = rotor.synchronousRadians(actual.supply().hertz());
        return Math.min(40, 2.5 * rotor.inertiaKgM2() * omega * omega / Math.max(1, rotor.rotationalWatts()));
    }

    /** What the frame has taken up after a few minutes: little of a sound motor, much of one that burns. */
    private double warmth() {
        double seconds = actual.settings().stream()
                .filter(Setting::isMeantToRun)
                .mapToDouble(s -> Behaviour.of(actual, rated, s).seconds())
                .min()
                .orElse(Double.POSITIVE_INFINITY);
        return ROOM_CELSIUS + Math.min(90, 8 + 24_000 / Math.max(seconds, 60));
    }
}
