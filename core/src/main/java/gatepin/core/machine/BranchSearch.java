package gatepin.core.machine;

import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.machine.Normal.Sound;
import gatepin.core.machine.StartBranch.Capacity;
import gatepin.core.plate.MotorFamily;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;

/**
 * Finds what belongs in series with a motor's start winding. Where the family and its capacitors are stated, that is it. Else every way
 * to use the capacitors there are is held against the plate: amps at rated load, starting torque usual of the family, a start winding no
 * hotter than the run winding, capacitors near what these windings ask for. A capacitor that no such motor can have is not believed: the
 * one that the windings ask for stands in for it.
 */
final class BranchSearch {
    /** Start capacitors that makers choose, times the one that starts hardest (of 600 made-up motors: 0.3 to 2). */
    private static final double[] START_BELIEVED = {0.28, 2.2};
    /** Run capacitors that makers choose, times the one that makes the most of what it takes (of 600 made-up motors: 0.48 to 1.9). */
    private static final double[] RUN_BELIEVED = {0.45, 2};

    /** A start capacitor brings the two currents to about a right angle, degrees (common practice; 33 to 121 of 600 made-up motors). */
    private static final double LEAST_LEAD = 40;

    private static final double LEAD_DOUBT = 5;
    private static final double START_DOUBT = 0.12;
    private static final double RUN_DOUBT = 0.2;
    /** Start capacitors are several times as large as run capacitors (common practice: three and more). */
    private static final double START_OVER_RUN = 1.3;

    private static final double START_LOSS = 0.08;
    private static final double RUN_LOSS = 0.005;
    private static final double GRID = Math.pow(10, 1 / 8.0);
    private static final int MOST_COMBINED = 3;
    /** What it counts that none of the capacitors at hand can be one that is needed. */
    private static final double SUPPOSED = 6;
    /** What it counts that a capacitor of the start branch lies straight across the lines. */
    private static final double ACROSS = 4;
    /** The most it counts that a start winding gets hotter than the run winding. */
    private static final double HOT = 4;
    /** What it counts that a capacitor is wired and no part of it. */
    private static final double UNUSED = 9;
    /** What it counts that a capacitor is called what it is not used for. */
    private static final double CALLED_OTHERWISE = 3;

    private final SoundConnection connection;
    private final List<Capacitor> capacitors;
    private final Lying lying;
    private final int hertz;
    private final RatedPoint rated;
    private final boolean hasSwitch;
    private final Optional<Double> plateAmps;
    private Optional<Double> idealStart = Optional.empty();
    private Optional<Double> idealRun = Optional.empty();

    BranchSearch(SoundConnection connection, List<Capacitor> capacitors, Lying lying, int hertz, RatedPoint rated) {
        this.connection = connection;
        this.capacitors = capacitors;
        this.lying = lying;
        this.hertz = hertz;
        this.rated = rated;
        this.hasSwitch = connection.motor().has(InnerContact.Kind.START_SWITCH);
        this.plateAmps = rated.stated().amps(connection.volts());
    }

    /** The branch that goes best with all that is known. */
    StartBranch likeliest() {
        if (connection.start().isEmpty()) {
            return StartBranch.plain();
        }
        Optional<StartBranch> stated = rated.stated().family().flatMap(this::stated);
        return stated.orElseGet(() -> candidates().stream()
                .min(Comparator.comparingDouble(c -> c.against() + misfit(c.branch())))
                .map(Candidate::branch)
                .orElseThrow());
    }

    /** The branch of a stated family, where the size of each of its capacitors is stated too. */
    private Optional<StartBranch> stated(MotorFamily family) {
        Optional<Capacity> start = rated.stated().startMicrofarads().map(c -> capacity(c, START_LOSS));
        Optional<Capacity> run = rated.stated().runMicrofarads().map(c -> capacity(c, RUN_LOSS));
        if ((family.hasStartCapacitor() && start.isEmpty()) || (family.hasRunCapacitor() && run.isEmpty())) {
            return Optional.empty();
        }
        Set<String> own = new HashSet<>();
        connection.motor().capacitors().forEach(c -> own.add(c.name()));
        long kinds = (family.hasStartCapacitor() ? 1 : 0) + (family.hasRunCapacitor() ? 1 : 0);
        return Optional.of(new StartBranch(
                family,
                start.filter(c -> family.hasStartCapacitor()),
                run.filter(c -> family.hasRunCapacitor()),
                connection.start().size() == 2 && own.size() > kinds,
                own,
                0));
    }

    private Capacity capacity(double microfarads, double loss) {
        return new Capacity(microfarads, loss * 1e6 / (2 * Math.PI * hertz * microfarads));
    }

    /** A branch with what counts against it before it is solved. */
    private record Candidate(StartBranch branch, double against) {}

    /** Some capacitors taken together, and what they come to. */
    private record Combined(Set<String> names, Capacity capacity, boolean saysStart, boolean saysRun) {
        boolean meets(Combined other) {
            return names.stream().anyMatch(other.names::contains);
        }
    }

    private List<Candidate> candidates() {
        List<Combined> all = combined();
        List<MotorFamily> families = rated.stated().family().map(List::of).orElse(List.of(MotorFamily.values()));
        List<Candidate> candidates = new ArrayList<>();
        for (MotorFamily family : families) {
            for (Optional<Combined> start : orElseIdeal(all, family.hasStartCapacitor())) {
                for (Optional<Combined> run : orElseIdeal(all, family.hasRunCapacitor())) {
                    candidates.addAll(candidates(family, start, run));
                }
            }
        }
        return candidates;
    }

    /** With capacitors once for both start halves, or each half its own; none where one of them would be used twice. */
    private List<Candidate> candidates(MotorFamily family, Optional<Combined> start, Optional<Combined> run) {
        if (start.isPresent() && run.filter(start.orElseThrow()::meets).isPresent()) {
            return List.of();
        }
        double against = (start.filter(Combined::saysRun).isPresent() ? CALLED_OTHERWISE : 0)
                + (run.filter(Combined::saysStart).isPresent() ? CALLED_OTHERWISE : 0);
        boolean mayBeEach = connection.start().size() == 2 && capacitors.size() > 1;
        return Stream.of(false, true)
                .filter(each -> !each || mayBeEach)
                .map(each -> new Candidate(branch(family, start, run, each), against))
                .toList();
    }

    /** What can be a capacitor that a family has: some at hand, or none of them. */
    private static List<Optional<Combined>> orElseIdeal(List<Combined> all, boolean has) {
        if (!has) {
            return List.of(Optional.empty());
        }
        List<Optional<Combined>> some =
                new ArrayList<>(all.stream().map(Optional::of).toList());
        some.add(Optional.empty());
        return some;
    }

    private StartBranch branch(MotorFamily family, Optional<Combined> start, Optional<Combined> run, boolean eachHalf) {
        Set<String> parts = new HashSet<>();
        start.ifPresent(c -> parts.addAll(c.names()));
        run.ifPresent(c -> parts.addAll(c.names()));
        return new StartBranch(
                family,
                family.hasStartCapacitor()
                        ? start.map(Combined::capacity).or(() -> Optional.of(capacity(idealStart(), START_LOSS)))
                        : Optional.empty(),
                family.hasRunCapacitor()
                        ? run.map(Combined::capacity).or(() -> Optional.of(capacity(idealRun(), RUN_LOSS)))
                        : Optional.empty(),
                eachHalf,
                parts,
                (family.hasStartCapacitor() && start.isEmpty() ? 1 : 0)
                        + (family.hasRunCapacitor() && run.isEmpty() ? 1 : 0));
    }

    /** Each capacitor alone; where there are few, also some of them in parallel and in series. */
    private List<Combined> combined() {
        List<Combined> all = new ArrayList<>();
        int few = Math.min(capacitors.size(), MOST_COMBINED);
        for (Capacitor capacitor : capacitors) {
            all.add(combined(List.of(capacitor), false));
        }
        for (int chosen = 1; chosen < 1 << few; chosen++) {
            List<Capacitor> some = new ArrayList<>();
            for (int i = 0; i < few; i++) {
                if ((chosen & 1 << i) != 0) {
                    some.add(capacitors.get(i));
                }
            }
            for (boolean inSeries : new boolean[] {false, true}) {
                if (some.size() > 1 && lying.mayBe(some, inSeries)) {
                    all.add(combined(some, inSeries));
                }
            }
        }
        return all;
    }

    private static Combined combined(List<Capacitor> some, boolean inSeries) {
        Set<String> names = new HashSet<>();
        double sum = 0;
        double esr = 0;
        for (Capacitor capacitor : some) {
            names.add(capacitor.name());
            sum += inSeries ? 1 / capacitor.microfarads() : capacitor.microfarads();
            esr += capacitor.esrOhms();
        }
        double share = inSeries ? 1 : 1.0 / (some.size() * some.size());
        return new Combined(
                names,
                new Capacity(inSeries ? 1 / sum : sum, esr * share),
                names.stream().anyMatch(n -> n.toLowerCase(Locale.ROOT).contains("start")),
                names.stream().anyMatch(n -> n.toLowerCase(Locale.ROOT).contains("run")));
    }

    /** How far a branch is from all that is known, in squared tolerances. */
    private double misfit(StartBranch branch) {
        Sound sound = Sound.of(connection, branch, hertz, rated.slip());
        Circuit circuit = sound.circuit();
        AcSolution standing = sound.standing();
        AcSolution running = sound.running();
        MotorFamily family = branch.family();
        double misfit = plateAmps
                .map(a -> squared(Math.log(running.lineAmps() / a) / 0.2))
                .orElse(0.0);
        misfit += outside(Math.abs(standing.torqueNm()) / rated.torqueNm(), leastStart(family), mostStart(family), 0.3);
        if (family.hasRunCapacitor()) {
            double share = heat(running, circuit.motor().coils(Role.START))
                    / heat(running, circuit.motor().coils(Role.RUN));
            misfit += Math.min(HOT, outside(share, 0, 1.5, 0.5));
        }
        misfit += structure(branch);
        if (branch.start().isPresent() && branch.run().isPresent()) {
            double ratio = branch.start().orElseThrow().microfarads()
                    / branch.run().orElseThrow().microfarads();
            misfit += ratio < START_OVER_RUN ? 30 : 0;
        }
        misfit += branch.start()
                .map(c -> outside(c.microfarads() / idealStart(), START_BELIEVED[0], START_BELIEVED[1], START_DOUBT))
                .orElse(0.0);
        misfit += branch.start().map(c -> turn(circuit, standing)).orElse(0.0);
        misfit += branch.run()
                .map(c -> outside(c.microfarads() / idealRun(), RUN_BELIEVED[0], RUN_BELIEVED[1], RUN_DOUBT))
                .orElse(0.0);
        return misfit;
    }

    /** How far the start winding's current is from leading that of the run winding as a start capacitor makes it. */
    private static double turn(Circuit circuit, AcSolution standing) {
        Complex run = standing.current(circuit.motor().coils(Role.RUN).get(0));
        Complex start = standing.current(circuit.motor().coils(Role.START).get(0));
        double leads = Math.toDegrees(start.multiply(run.conjugate()).getArgument());
        return leads < LEAST_LEAD ? squared((LEAST_LEAD - leads) / LEAD_DOUBT) : 0;
    }

    /** What is there and not used, what is used and not there, and what does not go by its name. */
    private double structure(StartBranch branch) {
        MotorFamily family = branch.family();
        double misfit = family.hasStartSwitch() == hasSwitch ? 0 : hasSwitch ? 12 : 6;
        int unused = 0;
        for (Capacitor capacitor : capacitors) {
            boolean used = branch.parts().contains(capacitor.name());
            boolean lies = lying.across().contains(capacitor.name());
            misfit += used && lies ? ACROSS : 0;
            unused += used || lies ? 0 : 1;
        }
        // one that is supposed stands in for one that is not believed
        return misfit + SUPPOSED * branch.supposed() + UNUSED * Math.max(0, unused - branch.supposed());
    }

    private static double heat(AcSolution solution, List<Coil> coils) {
        return coils.stream()
                .mapToDouble(c -> squared(solution.current(c).norm()) * c.ohms())
                .sum();
    }

    private static double squared(double x) {
        return x * x;
    }

    private static double outside(double value, double least, double most, double tolerance) {
        if (value >= least && value <= most) {
            return 0;
        }
        double off = value < least ? Math.log(least / Math.max(value, 1e-6)) : Math.log(value / most);
        return squared(off / tolerance);
    }

    /** The least starting torque usual of a family, times rated torque (common practice). */
    private static double leastStart(MotorFamily family) {
        return switch (family) {
            case SPLIT_PHASE -> 0.7;
            case CAPACITOR_START -> 1.5;
            case CAPACITOR_START_CAPACITOR_RUN -> 1.2;
            case PERMANENT_SPLIT_CAPACITOR -> 0.15;
        };
    }

    private static double mostStart(MotorFamily family) {
        return switch (family) {
            case SPLIT_PHASE -> 3;
            case CAPACITOR_START, CAPACITOR_START_CAPACITOR_RUN -> 6;
            case PERMANENT_SPLIT_CAPACITOR -> 2;
        };
    }

    /** The start capacitor that gives these windings the most torque at standstill, µF. */
    double idealStart() {
        double found = idealStart.orElseGet(() -> best(
                c -> new StartBranch(
                        MotorFamily.CAPACITOR_START,
                        Optional.of(capacity(c, START_LOSS)),
                        Optional.empty(),
                        false,
                        Set.of(),
                        0),
                State.atRest(HandlePosition.FORWARD),
                still -> Math.abs(still.torqueAt(1))));
        idealStart = Optional.of(found);
        return found;
    }

    /** The run capacitor that makes the most of what these windings take at rated load, µF. */
    double idealRun() {
        double found = idealRun.orElseGet(() -> best(
                c -> new StartBranch(
                        MotorFamily.PERMANENT_SPLIT_CAPACITOR,
                        Optional.empty(),
                        Optional.of(capacity(c, RUN_LOSS)),
                        false,
                        Set.of(),
                        0),
                State.atSpeed(HandlePosition.FORWARD),
                up -> {
                    AcSolution one = up.at(rated.slip());
                    AcSolution other = up.at(2 - rated.slip());
                    AcSolution running = Math.abs(one.torqueNm()) > Math.abs(other.torqueNm()) ? one : other;
                    return Math.abs(running.torqueNm()) / Math.max(running.inputWatts(), 1e-9);
                }));
        idealRun = Optional.of(found);
        return found;
    }

    private double best(
            java.util.function.DoubleFunction<StartBranch> branch, State state, ToDoubleFunction<AcNetwork> worth) {
        Coil start = connection.start().get(0);
        double ohms = start.ohms()
                + start.leakageOhms() * hertz / connection.motor().rotor().ratedHertz();
        double around = 1e6 / (2 * Math.PI * hertz * ohms);
        double best = around;
        double most = Double.NEGATIVE_INFINITY;
        Optional<AcNetwork> network = Optional.empty();
        for (double c = around / 60; c < around * 12; c *= GRID) {
            network = Optional.of(AcNetwork.like(network, connection.with(branch.apply(c), hertz), state));
            double found = worth.applyAsDouble(network.orElseThrow());
            if (found > most) {
                most = found;
                best = c;
            }
        }
        return best;
    }
}
