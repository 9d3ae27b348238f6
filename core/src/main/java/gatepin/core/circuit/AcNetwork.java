package gatepin.core.circuit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.ejml.data.ZMatrixRMaj;
import org.ejml.dense.row.factory.LinearSolverFactory_ZDRM;
import org.ejml.interfaces.linsol.LinearSolverDense;
import org.hipparchus.complex.Complex;

/**
 * A wired motor in one state, ready to be solved at any slip.
 *
 * <p>Solved by loop currents: a spanning forest over the nodes leaves one independent loop for each branch outside it,
 * and Kirchhoff's voltage law around the loops gives the currents. An island, an open lead, a coil with both ends on
 * one terminal: each adds a loop or none, and the equations stay regular, because every loop holds some resistance.
 * Textbook nodal equations would be singular where a part floats. (See docs/decisions.)
 *
 * <p>Coils are coupled by the two revolving fields: coil i sees of coil j the impedance k_i k_j (S cos(θ_i − θ_j) + j D
 * sin(θ_i − θ_j)), S and D being half the sum and half the difference of the field impedances. For axes at 0° and 90°
 * these are the equations of Fitzgerald, Kingsley and Umans, <em>Electric Machinery</em>, ch. 9 (from memory).
 *
 * <p>Not safe for use by several threads at once.
 */
public final class AcNetwork {
    private static final int PANEL = NetworkShape.PANEL;

    /** One branch: current flows from {@code from} to {@code to}, against the voltage drop, along the emf. */
    record Branch(int from, int to, Complex impedance, Complex emf, int coil) {}

    private final Circuit circuit;
    private final State state;
    private final List<Element> elements;
    private final NetworkShape shape;
    private final List<int[]> loops;
    private final List<Branch> branches = new ArrayList<>();

    private final double[] constant;
    private final double[] cosine;
    private final double[] sine;
    private final double[] right;
    /** By coil: its branch, −1 where it is open, and the real and imaginary part of turns · e^(jθ) / 2. */
    private final int[] coilBranch;

    private final double[] coilRe;
    private final double[] coilIm;
    private final ZMatrixRMaj matrix;
    private final ZMatrixRMaj rightSide;
    private final ZMatrixRMaj loopCurrents;
    private final LinearSolverDense<ZMatrixRMaj> solver;

    private AcNetwork(Circuit circuit, State state, List<Element> elements, NetworkShape shape) {
        this.circuit = circuit;
        this.state = state;
        this.elements = elements;
        this.shape = shape;
        this.loops = shape.loops();
        addFeeders();
        addElements();
        int n = loops.size();
        this.constant = new double[2 * n * n];
        this.cosine = new double[n * n];
        this.sine = new double[n * n];
        this.right = new double[2 * n];
        List<Coil> coils = circuit.motor().coils();
        this.coilBranch = coils.stream()
                .mapToInt(c -> c.health() == Coil.Health.OPEN ? -1 : branchOf(c))
                .toArray();
        this.coilRe = coils.stream()
                .mapToDouble(c -> c.presentTurns() / 2 * Math.cos(Math.toRadians(c.degrees())))
                .toArray();
        this.coilIm = coils.stream()
                .mapToDouble(c -> c.presentTurns() / 2 * Math.sin(Math.toRadians(c.degrees())))
                .toArray();
        fillLoops();
        this.matrix = new ZMatrixRMaj(Math.max(1, n), Math.max(1, n));
        this.rightSide = new ZMatrixRMaj(Math.max(1, n), 1);
        this.loopCurrents = new ZMatrixRMaj(Math.max(1, n), 1);
        this.solver = LinearSolverFactory_ZDRM.lu(Math.max(1, n));
    }

    public static AcNetwork of(Circuit circuit, State state) {
        return of(circuit, state, circuit.terminals());
    }

    /** The same where the circuit's terminals are at hand. */
    static AcNetwork of(Circuit circuit, State state, Set<Terminal> terminals) {
        List<Element> elements = circuit.elements();
        return new AcNetwork(circuit, state, elements, NetworkShape.of(circuit.nodes(state, terminals), elements));
    }

    /** The network of a circuit, made like one of before where there is one: for values that are tried one after another. */
    public static AcNetwork like(Optional<AcNetwork> before, Circuit circuit, State state) {
        return before.map(b -> b.like(circuit)).orElseGet(() -> of(circuit, state));
    }

    /**
     * The same wiring in the same state with elements of other values: what is joined to what is not worked out anew.
     *
     * @param other a circuit that differs from this one in values only
     * @throws IllegalArgumentException where it is wired otherwise
     */
    AcNetwork like(Circuit other) {
        List<Element> its = other.elements();
        boolean alike = other.wires().equals(circuit.wires())
                && other.chart().equals(circuit.chart())
                && other.motor().contacts().equals(circuit.motor().contacts())
                && its.size() == elements.size();
        for (int e = 0; alike && e < its.size(); e++) {
            alike = its.get(e).a().equals(elements.get(e).a())
                    && its.get(e).b().equals(elements.get(e).b());
        }
        if (!alike) {
            throw new IllegalArgumentException("it is wired otherwise");
        }
        return new AcNetwork(other, state, its, shape);
    }

    public Circuit circuit() {
        return circuit;
    }

    public State state() {
        return state;
    }

    public Nodes nodes() {
        return shape.nodes();
    }

    /** How many independent loops there are: the size of the system that is solved. */
    public int loopCount() {
        return loops.size();
    }

    private double hertz() {
        return circuit.supply().hertz();
    }

    private void addFeeders() {
        Complex impedance =
                new Complex(circuit.feeder().ohms(), circuit.feeder().reactanceOhms());
        for (Terminal line : NetworkShape.FEEDERS) {
            Complex emf = line.equals(Terminal.GROUND)
                    ? Complex.ZERO
                    : circuit.supply().emf(line);
            addBranch(impedance, emf, -1);
        }
    }

    private void addBranch(Complex impedance, Complex emf, int coil) {
        int b = branches.size();
        branches.add(new Branch(shape.from()[b], shape.to()[b], impedance, emf, coil));
    }

    private void addElements() {
        double scale = hertz() / circuit.motor().rotor().ratedHertz();
        List<Coil> coils = circuit.motor().coils();
        for (Element element : elements) {
            Complex impedance;
            int coil = -1;
            if (element instanceof Coil c) {
                impedance = new Complex(c.presentOhms(), c.presentLeakageOhms() * scale);
                coil = coils.indexOf(c);
            } else if (element instanceof Capacitor c) {
                impedance = new Complex(c.esrOhms(), -c.reactanceOhms(hertz()));
            } else if (element instanceof Resistor r) {
                impedance = new Complex(r.ohms(), 0);
            } else {
                throw new IllegalStateException("unknown element " + element);
            }
            addBranch(impedance, Complex.ZERO, coil);
        }
    }

    private void fillLoops() {
        int n = loops.size();
        List<Coil> coils = circuit.motor().coils();
        for (int i = 0; i < n; i++) {
            for (int b = 0; b < branches.size(); b++) {
                right[2 * i] += loops.get(i)[b] * branches.get(b).emf().getRealPart();
                right[2 * i + 1] += loops.get(i)[b] * branches.get(b).emf().getImaginaryPart();
            }
            for (int j = 0; j < n; j++) {
                int at = i * n + j;
                for (int b = 0; b < branches.size(); b++) {
                    int sign = loops.get(i)[b] * loops.get(j)[b];
                    if (sign != 0) {
                        constant[2 * at] += sign * branches.get(b).impedance().getRealPart();
                        constant[2 * at + 1] +=
                                sign * branches.get(b).impedance().getImaginaryPart();
                    }
                }
            }
        }
        for (int p = 0; p < coils.size(); p++) {
            for (int q = 0; q < coils.size(); q++) {
                couple(coils, p, q);
            }
        }
    }

    /** What two coils see of each other in each pair of loops. */
    private void couple(List<Coil> coils, int p, int q) {
        if (coilBranch[p] < 0 || coilBranch[q] < 0) {
            return;
        }
        double turns = coils.get(p).presentTurns() * coils.get(q).presentTurns();
        double angle = Math.toRadians(coils.get(p).degrees() - coils.get(q).degrees());
        double cosines = turns * Math.cos(angle);
        double sines = turns * Math.sin(angle);
        int n = loops.size();
        for (int i = 0; i < n; i++) {
            int signP = loops.get(i)[coilBranch[p]];
            for (int j = 0; signP != 0 && j < n; j++) {
                int sign = signP * loops.get(j)[coilBranch[q]];
                cosine[i * n + j] += sign * cosines;
                sine[i * n + j] += sign * sines;
            }
        }
    }

    /** Solves for the loop currents at a slip, with the field impedances given. */
    private void solve(Complex forward, Complex backward) {
        int n = loops.size();
        if (n == 0) {
            return;
        }
        double sRe = (forward.getRealPart() + backward.getRealPart()) / 2;
        double sIm = (forward.getImaginaryPart() + backward.getImaginaryPart()) / 2;
        double dRe = (forward.getRealPart() - backward.getRealPart()) / 2;
        double dIm = (forward.getImaginaryPart() - backward.getImaginaryPart()) / 2;
        for (int at = 0; at < n * n; at++) {
            matrix.data[2 * at] = constant[2 * at] + sRe * cosine[at] - dIm * sine[at];
            matrix.data[2 * at + 1] = constant[2 * at + 1] + sIm * cosine[at] + dRe * sine[at];
        }
        System.arraycopy(right, 0, rightSide.data, 0, 2 * n);
        if (!solver.setA(matrix)) {
            throw new IllegalStateException("the loop equations are singular in " + state);
        }
        solver.solve(rightSide, loopCurrents);
    }

    private Complex branchCurrent(int branch) {
        return new Complex(branchRe(branch), branchIm(branch));
    }

    private double branchRe(int branch) {
        if (branch < 0) {
            return 0;
        }
        double re = 0;
        for (int i = 0; i < loops.size(); i++) {
            re += loops.get(i)[branch] * loopCurrents.data[2 * i];
        }
        return re;
    }

    private double branchIm(int branch) {
        if (branch < 0) {
            return 0;
        }
        double im = 0;
        for (int i = 0; i < loops.size(); i++) {
            im += loops.get(i)[branch] * loopCurrents.data[2 * i + 1];
        }
        return im;
    }

    /**
     * Airgap torque at a slip, N·m. Its sign is the direction; slip counts in the plus direction, so the other
     * direction's running speed is a slip near 2.
     */
    public double torqueAt(double slip) {
        Complex forward = field(slip);
        Complex backward = field(2 - slip);
        solve(forward, backward);
        Complex[] fields = fieldCurrents();
        return torque(fields[0], fields[1], forward, backward);
    }

    /**
     * The same torque, and with it what each coil carries.
     *
     * @param coilAmps receives the current of every coil, A, in the order of the motor's coils
     */
    public double torqueAt(double slip, double[] coilAmps) {
        double torque = torqueAt(slip);
        for (int i = 0; i < coilBranch.length; i++) {
            coilAmps[i] = Math.hypot(branchRe(coilBranch[i]), branchIm(coilBranch[i]));
        }
        return torque;
    }

    /** The greater of the two lines' currents at the slip solved last, A. */
    public double lineAmps() {
        return Math.max(
                branchCurrent(feederOf(Terminal.L1)).norm(),
                branchCurrent(feederOf(Terminal.L2)).norm());
    }

    private Complex field(double slip) {
        return circuit.motor().rotor().fieldImpedance(slip, hertz());
    }

    private double torque(Complex forwardCurrent, Complex backwardCurrent, Complex forward, Complex backward) {
        return 2
                * (square(forwardCurrent) * forward.getRealPart() - square(backwardCurrent) * backward.getRealPart())
                / circuit.motor().rotor().synchronousRadians(hertz());
    }

    private static double square(Complex current) {
        return current.getRealPart() * current.getRealPart() + current.getImaginaryPart() * current.getImaginaryPart();
    }

    /** The currents that set up the two fields: half of Σ k e^(∓jθ) I. */
    private Complex[] fieldCurrents() {
        double forwardRe = 0;
        double forwardIm = 0;
        double backwardRe = 0;
        double backwardIm = 0;
        for (int i = 0; i < coilBranch.length; i++) {
            double re = branchRe(coilBranch[i]);
            double im = branchIm(coilBranch[i]);
            forwardRe += coilRe[i] * re + coilIm[i] * im;
            forwardIm += coilRe[i] * im - coilIm[i] * re;
            backwardRe += coilRe[i] * re - coilIm[i] * im;
            backwardIm += coilRe[i] * im + coilIm[i] * re;
        }
        return new Complex[] {new Complex(forwardRe, forwardIm), new Complex(backwardRe, backwardIm)};
    }

    /** Everything at a slip: currents, voltages, potentials, power. */
    public AcSolution at(double slip) {
        Complex forward = field(slip);
        Complex backward = field(2 - slip);
        solve(forward, backward);
        Complex[] fields = fieldCurrents();
        Complex[] currents = new Complex[branches.size()];
        Complex[] drops = new Complex[branches.size()];
        for (int b = 0; b < currents.length; b++) {
            currents[b] = branchCurrent(b);
            Branch branch = branches.get(b);
            drops[b] = branch.impedance().multiply(currents[b]).subtract(branch.emf());
            if (branch.coil() >= 0) {
                drops[b] = drops[b].add(induced(branch.coil(), fields, forward, backward));
            }
        }
        return new AcSolution(
                this,
                slip,
                currents,
                drops,
                potentials(drops),
                torque(fields[0], fields[1], forward, backward),
                2 * square(fields[0]) * forward.getRealPart() + 2 * square(fields[1]) * backward.getRealPart());
    }

    /** The voltage the two fields induce in a coil, as a drop along its current. */
    private Complex induced(int coil, Complex[] fields, Complex forward, Complex backward) {
        Complex turn = new Complex(2 * coilRe[coil], 2 * coilIm[coil]);
        return forward.multiply(fields[0])
                .multiply(turn)
                .add(backward.multiply(fields[1]).multiply(turn.conjugate()));
    }

    /** Volts to the panel's ground by node; empty where a node hangs in the air. */
    private List<Optional<Complex>> potentials(Complex[] drops) {
        List<Optional<Complex>> volts = new ArrayList<>();
        for (int i = 0; i <= shape.indexOf().size(); i++) {
            volts.add(Optional.empty());
        }
        volts.set(PANEL, Optional.of(Complex.ZERO));
        for (int node : shape.forest().outward()) {
            int parent = shape.forest().parentBranch(node);
            if (parent < 0) {
                continue;
            }
            Branch up = branches.get(parent);
            boolean away = up.to() == node;
            Complex drop = drops[parent];
            volts.set(node, volts.get(away ? up.from() : up.to()).map(v -> away ? v.subtract(drop) : v.add(drop)));
        }
        return volts;
    }

    /** The branch of an element, most often the very one that this circuit has. */
    int branchOf(Element element) {
        for (int e = 0; e < elements.size(); e++) {
            if (elements.get(e) == element) {
                return NetworkShape.FEEDERS.size() + e;
            }
        }
        int equal = elements.indexOf(element);
        if (equal < 0) {
            throw new IllegalArgumentException("this circuit has no element " + element.name());
        }
        return NetworkShape.FEEDERS.size() + equal;
    }

    int feederOf(Terminal line) {
        int feeder = NetworkShape.FEEDERS.indexOf(line);
        if (feeder < 0) {
            throw new IllegalArgumentException(line + " is no line of the supply");
        }
        return feeder;
    }

    int nodeIndex(Terminal terminal) {
        return shape.index(terminal);
    }

    List<Branch> branches() {
        return branches;
    }
}
