package gatepin.core.machine;

import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.plate.MotorFamily;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.complex.Complex;

/**
 * What a motor does where it is sound and connected as its plate means it: the measure for too much and too little, and for the heat its
 * windings are laid out for. It comes from coils, rotor, plate and the capacitors there are, never from how the wiring under trial joins
 * them. Where its windings are of no usual kind, each coil alone on its own voltage.
 */
public final class Normal {
    /** Below this share of its usual current a winding counts as carrying nothing. */
    public static final double NOTHING = 0.03;

    private static final int LATEST = 64;

    private final Motor motor;
    private final int hertz;
    private final Optional<Sound> sound;
    private final Optional<Double> plateAmps;

    /**
     * The sound motor with what it takes.
     *
     * @param standing at standstill, start switch closed
     * @param running at rated load in the direction it starts in, start switch open
     */
    record Sound(StartBranch branch, Circuit circuit, AcSolution standing, AcSolution running) {
        static Sound of(SoundConnection connection, StartBranch branch, int hertz, double slip) {
            Circuit circuit = connection.with(branch, hertz);
            AcSolution standing =
                    AcNetwork.of(circuit, State.atRest(HandlePosition.FORWARD)).at(1);
            AcSolution running = AcNetwork.of(circuit, State.atSpeed(HandlePosition.FORWARD))
                    .at(standing.torqueNm() < 0 ? 2 - slip : slip);
            return new Sound(branch, circuit, standing, running);
        }

        Optional<Coil> coil(Coil like) {
            return circuit.motor().coils().stream()
                    .filter(c -> c.name().equals(like.name()))
                    .findFirst();
        }
    }

    private Normal(Motor motor, List<Capacitor> capacitors, Lying lying, double volts, int hertz, RatedPoint rated) {
        this.motor = motor;
        this.hertz = hertz;
        Optional<SoundConnection> connection = SoundConnection.of(motor, volts);
        this.sound = connection.map(c ->
                Sound.of(c, new BranchSearch(c, capacitors, lying, hertz, rated).likeliest(), hertz, rated.slip()));
        this.plateAmps =
                rated.stated().amps(connection.map(SoundConnection::volts).orElse(volts));
    }

    /** All that it comes from. */
    private record Of(Motor motor, List<Capacitor> capacitors, Lying lying, double volts, int hertz, RatedPoint rated) {
        Normal worked() {
            return new Normal(motor, capacitors, lying, volts, hertz, rated);
        }
    }

    /** What was asked for lately: many wirings of one motor are judged one after another. */
    private static final Map<Of, Normal> LATELY =
            Collections.synchronizedMap(new LinkedHashMap<>(2 * LATEST, 0.75f, true) {
                private static final long serialVersionUID = 1;

                @Override
                protected boolean removeEldestEntry(Map.Entry<Of, Normal> eldest) {
                    return size() > LATEST;
                }
            });

    /** What is normal for the motor of a circuit, on the connection that its supply's voltage asks for. */
    public static Normal of(Circuit circuit, RatedPoint rated) {
        Of of = new Of(
                circuit.motor(),
                circuit.capacitors(),
                Lying.in(circuit),
                circuit.supply().volts(),
                circuit.supply().hertz(),
                rated);
        Normal known = LATELY.get(of);
        if (known == null) {
            known = of.worked();
            LATELY.put(of, known);
        }
        return known;
    }

    /** What is normal for a motor with these capacitors on each of its connections, the lower voltage first. */
    public static List<Normal> onEachConnection(Motor motor, List<Capacitor> capacitors, RatedPoint rated) {
        double half = motor.coils(Role.RUN).stream()
                .mapToDouble(Coil::ratedVolts)
                .findFirst()
                .orElse(1);
        int hertz = (int) Math.round(motor.rotor().ratedHertz());
        List<Normal> all = new ArrayList<>();
        all.add(new Normal(motor, capacitors, Lying.ANYHOW, half, hertz, rated));
        if (motor.coils(Role.RUN).size() == 2) {
            all.add(new Normal(motor, capacitors, Lying.ANYHOW, 2 * half, hertz, rated));
        }
        return all;
    }

    /** Whether the windings are of a usual kind, so that there is a connection to measure by. */
    public boolean isUsual() {
        return sound.isPresent();
    }

    /** The family as stated, or as coils, capacitors and plate show it; empty where the windings are of no usual kind. */
    public Optional<MotorFamily> family() {
        return sound.map(s -> s.branch().family());
    }

    /** Whether a capacitor belongs in series with the start winding; one that does not corrects the power factor, or nothing. */
    public boolean isOfStartBranch(Capacitor capacitor) {
        return sound.isEmpty()
                || sound.filter(s -> s.branch().parts().contains(capacitor.name()))
                        .isPresent();
    }

    private Optional<Coil> sound(Coil coil) {
        return sound.flatMap(s -> s.coil(coil));
    }

    /** At standstill, A. */
    public double amps(Coil coil) {
        return sound(coil)
                .flatMap(c -> sound.map(s -> s.standing().current(c).norm()))
                .orElseGet(() -> alone(coil));
    }

    /** Across the coil at standstill, V. */
    public double volts(Coil coil) {
        return sound(coil)
                .flatMap(c -> sound.map(s -> s.standing().voltage(c).norm()))
                .orElse(coil.ratedVolts());
    }

    /** At rated load with the start switch open, A; 0 where it is switched out. */
    public double runningAmps(Coil coil) {
        return sound(coil)
                .flatMap(c -> sound.map(s -> s.running().current(c).norm()))
                .orElse(0.0);
    }

    /**
     * Across each run coil at rated load, V: the least and the most of them. A start winding that stays in on one half of a
     * series connection leaves its halves unlike.
     */
    public double[] runVolts(Coil coil) {
        List<Double> volts = new ArrayList<>(List.of(coil.ratedVolts()));
        sound.ifPresent(s -> s.circuit()
                .motor()
                .coils(Role.RUN)
                .forEach(c -> volts.add(s.running().voltage(c).norm())));
        return new double[] {
            volts.stream().mapToDouble(v -> v).min().orElseThrow(),
            volts.stream().mapToDouble(v -> v).max().orElseThrow()
        };
    }

    /**
     * What capacitors put in series with the start winding at standstill, Ω: their reactance as the start winding's current sees it; 0
     * where there are none, empty where the windings are of no usual kind.
     */
    public Optional<Double> seriesOhms() {
        return sound.filter(s -> !s.circuit().motor().coils(Role.START).isEmpty())
                .map(s -> seriesOhms(
                        s.standing(),
                        s.circuit().capacitors(),
                        s.circuit().motor().coils(Role.START),
                        hertz));
    }

    /** The same of capacitors and start coils as they are wired. */
    public static double seriesOhms(AcSolution solution, List<Capacitor> capacitors, List<Coil> start, int hertz) {
        double reactive = capacitors.stream()
                .mapToDouble(c -> Math.pow(solution.current(c).norm(), 2) * c.reactanceOhms(hertz))
                .sum();
        double squared = start.stream()
                .mapToDouble(c -> Math.pow(solution.current(c).norm(), 2))
                .sum();
        return squared > 0 ? reactive / squared : 0;
    }

    /** The voltage of the connection it is measured on, V. */
    public double ownVolts() {
        return sound.map(s -> (double) s.circuit().supply().volts()).orElse(0.0);
    }

    /** Line current at rated load, A: the plate's where it states one, else that of the sound motor; empty where neither is known. */
    public Optional<Double> lineAmps() {
        return plateAmps.or(() -> sound.map(s -> s.running().lineAmps()));
    }

    /** Torque at standstill, N·m; empty where the windings are of no usual kind. */
    public Optional<Double> startNm() {
        return sound.map(s -> Math.abs(s.standing().torqueNm()));
    }

    /** Whether a coil carries at standstill what counts as something. */
    public boolean carries(AcSolution solution, Coil coil) {
        return solution.current(coil).norm() > NOTHING * amps(coil);
    }

    /** What a coil takes at standstill alone on its own voltage, A. */
    private double alone(Coil coil) {
        Complex impedance = motor.rotor()
                .fieldImpedance(1, hertz)
                .multiply(coil.turns() * coil.turns() * motor.coils(coil.role()).size())
                .add(new Complex(
                        coil.ohms(), coil.leakageOhms() * hertz / motor.rotor().ratedHertz()));
        return coil.ratedVolts() / impedance.norm();
    }
}
