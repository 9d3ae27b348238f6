package gatepin.core.check;

import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Carrying;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.Health;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.Rotor;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Terminal;
import gatepin.core.machine.Copper;
import gatepin.core.machine.RatedPoint;
import gatepin.core.verdict.Analysis.Way;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.complex.Complex;

/**
 * What a person sees, hears and measures when a wiring gets power in one setting: the engine's currents and torques at standstill, on the
 * way up, idling and under load. No table of complaints stands behind it.
 *
 * @param way which way it starts; none where it does not
 * @param carries some winding carries current
 * @param trips so much flows that the breaker is out at once
 * @param byHand it does not start, but goes on once it is spun by hand
 * @param standstillAmps the greater line current at standstill, A
 * @param startShare its torque at standstill beside rated torque, either way
 * @param comesUp it comes up to where a start switch opens
 * @param clicks the start switch is heard on the way up and in coasting down
 * @param idleSlip slip when it idles, in the direction it turns; 1 where it stands
 * @param idleAmps line current when it idles, or stands and hums, A
 * @param loadSlip slip under rated load; 1 where it does not carry it
 * @param loadAmps line current under rated load, A
 * @param hum how strong the torque throbs at twice the mains frequency under load, N·m
 * @param seconds until a winding is hurt in the state it ends in, s; infinite if it never is
 * @param frameVolts the highest volts from a frame to ground
 * @param groundAmps what flows to ground, A
 */
record Behaviour(
        Way way,
        boolean carries,
        boolean trips,
        boolean byHand,
        double standstillAmps,
        double startShare,
        boolean comesUp,
        boolean clicks,
        double idleSlip,
        double idleAmps,
        double loadSlip,
        double loadAmps,
        double hum,
        double seconds,
        double frameVolts,
        double groundAmps) {
    /** A line current beyond this trips a breaker at once, A (common practice: no starting current of a small motor comes near it). */
    static final double TRIPS_AMPS = 250;
    /** A current to ground that trips a breaker, A. */
    private static final double TRIPS_TO_GROUND = 30;
    /** Where a start switch opens, as slip (common practice: three quarters of synchronous speed). */
    private static final double OPENS = 0.25;

    private static final double SPUN_BY_HAND = 0.6;
    private static final double FINEST = 1e-4;

    /** Gives it power in a setting. */
    static Behaviour of(Circuit circuit, RatedPoint rated, Setting setting) {
        return new Trial(circuit, rated, setting).run();
    }

    private record Trial(Circuit circuit, RatedPoint rated, Setting setting) {
        Behaviour run() {
            AcNetwork resting = AcNetwork.of(circuit, State.atRest(setting));
            AcSolution standing = resting.at(1);
            boolean carries = circuit.motor().coils().stream()
                    .anyMatch(c -> standing.current(c).norm() > Carrying.NOTHING_AMPS);
            boolean trips = standing.lineAmps() > TRIPS_AMPS
                    || standing.lineCurrent(Terminal.GROUND).norm() > TRIPS_TO_GROUND;
            double frameVolts = circuit.frames().stream()
                    .mapToDouble(f -> standing.potential(f).map(Complex::norm).orElse(0.0))
                    .max()
                    .orElse(0);
            double share = standing.torqueNm() / rated.torqueNm();
            Way way = trips || Math.abs(share) < STARTS ? Way.NONE : share > 0 ? Way.PLUS : Way.MINUS;
            if (way == Way.NONE) {
                boolean spun = carries
                        && !trips
                        && resting.torqueAt(SPUN_BY_HAND) > STARTS * rated.torqueNm()
                        && resting.torqueAt(2 - SPUN_BY_HAND) < -STARTS * rated.torqueNm();
                return new Behaviour(
                        way,
                        carries,
                        trips,
                        spun,
                        standing.lineAmps(),
                        Math.abs(share),
                        false,
                        false,
                        1,
                        standing.lineAmps(),
                        1,
                        standing.lineAmps(),
                        0,
                        seconds(standing),
                        frameVolts,
                        standing.lineCurrent(Terminal.GROUND).norm());
            }
            return started(way, Math.abs(share), resting, standing, frameVolts);
        }

        private Behaviour started(Way way, double share, AcNetwork resting, AcSolution standing, double frameVolts) {
            boolean comesUp = true;
            for (double slip = 1; slip >= OPENS; slip -= 0.125) {
                comesUp &= torque(resting, way, slip) > friction(slip);
            }
            boolean has = circuit.motor().has(InnerContact.Kind.START_SWITCH);
            boolean works = circuit.motor().contacts().stream()
                    .anyMatch(c -> c.kind() == InnerContact.Kind.START_SWITCH && c.health() == Health.WORKS);
            AcNetwork up = comesUp ? AcNetwork.of(circuit, State.atSpeed(setting)) : resting;
            double idle = settled(up, way, 0);
            double loaded = settled(up, way, rated.torqueNm());
            AcSolution idling = up.at(counted(way, idle));
            AcSolution working = up.at(counted(way, loaded));
            return new Behaviour(
                    way,
                    true,
                    false,
                    false,
                    standing.lineAmps(),
                    share,
                    comesUp,
                    has && works && comesUp,
                    idle,
                    idling.lineAmps(),
                    loaded,
                    working.lineAmps(),
                    throb(working, counted(way, loaded)),
                    seconds(working),
                    frameVolts,
                    standing.lineCurrent(Terminal.GROUND).norm());
        }

        private static double counted(Way way, double slip) {
            return way == Way.MINUS ? 2 - slip : slip;
        }

        private static double torque(AcNetwork network, Way way, double slip) {
            return way == Way.MINUS ? -network.torqueAt(2 - slip) : network.torqueAt(slip);
        }

        private double friction(double slip) {
            Rotor rotor = circuit.motor().rotor();
            double synchronous = rotor.synchronousRadians(circuit.supply().hertz());
            return rotor.rotationalWatts() / synchronous * (1 - slip);
        }

        /** The slip at which the torque is that of load and friction, on the steep side near full speed; 1 where it cannot carry it. */
        private double settled(AcNetwork network, Way way, double loadNm) {
            double low = FINEST;
            for (double slip = 0.02; slip <= 1; slip += 0.04) {
                if (torque(network, way, slip) >= loadNm + friction(slip)) {
                    double high = slip;
                    while (high - low > FINEST) {
                        double middle = (low + high) / 2;
                        if (torque(network, way, middle) >= loadNm + friction(middle)) {
                            high = middle;
                        } else {
                            low = middle;
                        }
                    }
                    return high;
                }
                low = slip;
            }
            return 1;
        }

        /** The torque at twice the mains frequency: the two fields pulling at each other. */
        private double throb(AcSolution solution, double slip) {
            Rotor rotor = circuit.motor().rotor();
            int hertz = circuit.supply().hertz();
            Complex forward = Complex.ZERO;
            Complex backward = Complex.ZERO;
            for (Coil coil : circuit.motor().coils()) {
                Complex turns =
                        new Complex(0, Math.toRadians(coil.degrees())).exp().multiply(coil.presentTurns() / 2);
                forward = forward.add(solution.current(coil).multiply(turns.conjugate()));
                backward = backward.add(solution.current(coil).multiply(turns));
            }
            Complex difference = rotor.fieldImpedance(slip, hertz).subtract(rotor.fieldImpedance(2 - slip, hertz));
            return 2 * forward.norm() * backward.norm() * difference.norm() / rotor.synchronousRadians(hertz);
        }

        private double seconds(AcSolution solution) {
            List<Coil> coils = circuit.motor().coils();
            return coils.stream()
                    .map(c -> Copper.secondsToDamage(c, solution.current(c).norm(), Copper.COLD_CELSIUS))
                    .min(Comparator.naturalOrder())
                    .orElse(Double.POSITIVE_INFINITY);
        }
    }

    /** A motor starts when its torque at standstill is more than this share of rated torque. */
    private static final double STARTS = 0.03;
}
