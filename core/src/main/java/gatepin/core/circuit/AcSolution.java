package gatepin.core.circuit;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.complex.Complex;

/** Currents, voltages and torque of a wired motor in one state at one slip. All phasors are rms. */
public final class AcSolution {
    private final AcNetwork network;
    private final double slip;
    private final Complex[] currents;
    private final Complex[] drops;
    private final List<Optional<Complex>> potentials;
    private final double torqueNm;
    private final double airgapWatts;
    private final Map<Terminal, Complex> drawn = new HashMap<>();

    AcSolution(
            AcNetwork network,
            double slip,
            Complex[] currents,
            Complex[] drops,
            List<Optional<Complex>> potentials,
            double torqueNm,
            double airgapWatts) {
        this.network = network;
        this.slip = slip;
        this.currents = currents;
        this.drops = drops;
        this.potentials = potentials;
        this.torqueNm = torqueNm;
        this.airgapWatts = airgapWatts;
    }

    public double slip() {
        return slip;
    }

    public State state() {
        return network.state();
    }

    public Nodes nodes() {
        return network.nodes();
    }

    /** Airgap torque, N·m; its sign is the direction. Friction is not taken off. */
    public double torqueNm() {
        return torqueNm;
    }

    /** Power that crosses the airgap into the rotor, W. */
    public double airgapWatts() {
        return airgapWatts;
    }

    /** Current into an element at its first end, A; none in an open coil. */
    public Complex current(Element element) {
        if (element instanceof Coil coil && coil.health() == Coil.Health.OPEN) {
            return Complex.ZERO;
        }
        return currents[network.branchOf(element)];
    }

    /** Voltage from an element's first end to its second, V. */
    public Complex voltage(Element element) {
        if (element instanceof Coil coil && coil.health() == Coil.Health.OPEN) {
            return potential(element.a())
                    .orElse(Complex.ZERO)
                    .subtract(potential(element.b()).orElse(Complex.ZERO));
        }
        return drops[network.branchOf(element)];
    }

    /** Current that the panel feeds into L1, L2 or G, A. */
    public Complex lineCurrent(Terminal line) {
        return currents[network.feederOf(line)];
    }

    /** The greater of the two lines' currents, A. */
    public double lineAmps() {
        return Math.max(
                lineCurrent(Terminal.L1).norm(), lineCurrent(Terminal.L2).norm());
    }

    /** Volts from a terminal to ground; empty where it hangs in the air and no meter would find a steady reading. */
    public Optional<Complex> potential(Terminal terminal) {
        return potentials.get(network.nodeIndex(terminal));
    }

    /** Power the panel feeds in, W. */
    public double inputWatts() {
        double watts = 0;
        for (int b = 0; b < currents.length; b++) {
            watts += network.branches()
                    .get(b)
                    .emf()
                    .multiply(currents[b].conjugate())
                    .getRealPart();
        }
        return watts;
    }

    /** Heat in coils, capacitors, resistors and feeder, W. */
    public double copperWatts() {
        double watts = 0;
        for (int b = 0; b < currents.length; b++) {
            double amps = currents[b].norm();
            watts += amps * amps * network.branches().get(b).impedance().getRealPart();
        }
        return watts;
    }

    /** Current that a wire carries from its first end to its second, A. */
    public Complex current(Wire wire) {
        return between(wire.from(), wire.to());
    }

    /** Current that a contact of the switch carries from a to b, A; zero while it is open. */
    public Complex current(Contact contact) {
        boolean closed = network.circuit().chart().closedIn(state().setting()).contains(contact);
        return closed ? between(contact.a(), contact.b()) : Complex.ZERO;
    }

    /** Current that a contact inside the motor carries from a to b, A; zero while it is open. */
    public Complex current(InnerContact contact) {
        return contact.isClosed(state()) ? between(contact.a(), contact.b()) : Complex.ZERO;
    }

    private Complex between(Terminal a, Terminal b) {
        if (drawn.isEmpty()) {
            drawn.putAll(NodeCurrents.potentials(network, currents));
        }
        return drawn.getOrDefault(a, Complex.ZERO).subtract(drawn.getOrDefault(b, Complex.ZERO));
    }
}
