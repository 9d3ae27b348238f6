package gatepin.core.supply;

import gatepin.core.supply.WiringCode.Subject;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;

/**
 * The branch circuit of one motor at one voltage, figure by figure, each with its rule. Local code and licensed practice
 * decide.
 *
 * @param asked what was asked for
 * @param sizingAmps the current it is sized from: the table's where there is one, else the plate's, A
 * @param conductor the size that carries it and keeps the voltage drop in bounds
 * @param forCurrent the size that current alone would need
 * @param breakerLow the smallest breaker that should let it start, A
 * @param breakerHigh the largest that the rule allows, A; equal to the smallest where the rule gives one figure
 * @param dualElementFuse the largest dual-element fuse, A; 0 where the region knows none
 * @param overloadAmps what the overload is set to, A
 * @param overloadMost what it may be raised to if the motor will not start, A
 * @param ground the equipment ground's size
 * @param plug plug and outlet by their standard designation
 * @param dropRunning voltage drop running, share of the supply's volts
 * @param dropStarting voltage drop at start, share of the supply's volts
 * @param figures all of it in words, each with its rule and source
 */
public record BranchCircuit(
        Asked asked,
        double sizingAmps,
        ConductorSize conductor,
        ConductorSize forCurrent,
        int breakerLow,
        int breakerHigh,
        int dualElementFuse,
        double overloadAmps,
        double overloadMost,
        String ground,
        String plug,
        double dropRunning,
        double dropStarting,
        List<Figure> figures) {

    /**
     * What a circuit is asked for.
     *
     * @param region whose rules
     * @param volts supply voltage, V
     * @param twoHots whether both lines are hot
     * @param horsepower rated output, hp
     * @param plateAmps current on the plate at that voltage, A; empty where it is silent
     * @param startAmps current at standstill, A
     * @param serviceFactor of the plate; 1 where it is silent
     * @param metres length of the run from the panel, one way, m
     */
    public record Asked(
            Region region,
            int volts,
            boolean twoHots,
            double horsepower,
            Optional<Double> plateAmps,
            double startAmps,
            double serviceFactor,
            double metres) {}

    /** One figure: what it is, its value, the rule it comes from and the rule's source. */
    public record Figure(String name, String value, String rule, String source) {}

    /** A conductor that drops more than this running is taken a size larger (common practice; NEC 210.19 note). */
    private static final double MOST_DROP = 0.03;

    /** The table of equipment grounds: the largest breaker, A, and the copper it asks for. */
    public static NavigableMap<Integer, String> grounds() {
        return new TreeMap<>(NorthAmericanCode.GROUNDS);
    }

    /** Sizes a circuit; empty where neither table nor plate gives a current, or no size in the list is enough. */
    public static Optional<BranchCircuit> size(Asked asked) {
        WiringCode code = asked.region().code();
        Optional<Double> table = code.tableAmps(asked.horsepower(), asked.volts());
        Optional<Double> sizing = table.or(asked::plateAmps);
        if (sizing.isEmpty()) {
            return Optional.empty();
        }
        double amps = sizing.orElseThrow();
        double carried = code.carriedAmps(amps);
        Optional<ConductorSize> forCurrent =
                asked.region().sizes().stream().filter(s -> s.amps() >= carried).findFirst();
        Optional<ConductorSize> conductor = forCurrent.flatMap(least -> asked.region().sizes().stream()
                .filter(s -> s.amps() >= least.amps() && drop(asked, s, amps) <= MOST_DROP)
                .findFirst());
        if (conductor.isEmpty()) {
            return Optional.empty();
        }
        Breaker breaker = asked.region().breaker();
        int high = code.mostBreaker(breaker, amps, conductor.orElseThrow());
        int low = Math.max(
                code.leastBreaker(breaker, amps), breaker.smallestThatHolds(amps / 1.25, asked.startAmps(), 0.5));
        low = Math.min(low, Math.max(high, low == 0 ? high : low));
        int fuse = code.dualElementFuse(breaker, amps);
        double plate = asked.plateAmps().orElse(amps);
        double overload = code.overload(plate, asked.serviceFactor());
        double most = code.overloadMost(plate, asked.serviceFactor());
        ConductorSize chosen = conductor.orElseThrow();
        BranchCircuit circuit = new BranchCircuit(
                asked,
                amps,
                chosen,
                forCurrent.orElseThrow(),
                low,
                Math.max(low, high),
                fuse,
                overload,
                most,
                code.groundSize(Math.max(low, high), chosen, asked.region().sizes()),
                Outlets.forMotor(asked.region(), asked.volts(), asked.twoHots(), carried),
                drop(asked, chosen, amps),
                drop(asked, chosen, asked.startAmps()),
                List.of());
        return Optional.of(circuit.with(circuit.words(table.isPresent())));
    }

    private BranchCircuit with(List<Figure> words) {
        return new BranchCircuit(
                asked,
                sizingAmps,
                conductor,
                forCurrent,
                breakerLow,
                breakerHigh,
                dualElementFuse,
                overloadAmps,
                overloadMost,
                ground,
                plug,
                dropRunning,
                dropStarting,
                List.copyOf(words));
    }

    /** Voltage drop there and back, as a share. */
    static double drop(Asked asked, ConductorSize size, double amps) {
        return 2 * asked.metres() / 1000 * size.ohmsPerKilometre() * amps / asked.volts();
    }

    /** Share of starting torque that the drop at start leaves: torque goes with the square of the voltage. */
    public double startingTorqueLeft() {
        double left = Math.max(0, 1 - dropStarting);
        return left * left;
    }

    /** What an outlet for it has to carry: what it draws, and what the code adds, A. */
    public double carriedAmps() {
        return asked.region().code().carriedAmps(sizingAmps);
    }

    /** Why this outlet, or the plug of it, will not do; empty where it carries the motor. */
    public Optional<Outlet.Objection> objection(Outlet outlet) {
        return outlet.region() == asked.region()
                ? outlet.objection(asked.twoHots() || asked.volts() >= 200, carriedAmps())
                : Optional.of(Outlet.Objection.ELSEWHERE);
    }

    /** Whether one of these outlets carries the motor, or takes the plug that is asked for. */
    public boolean fitsOneOf(Collection<Outlet> there) {
        Optional<Outlet> wanted = Outlet.named(Outlets.first(asked.region(), plug));
        return there.stream()
                .anyMatch(o -> objection(o).isEmpty()
                        || o.region() == asked.region()
                                && wanted.filter(o::takesPlugOf).isPresent());
    }

    /**
     * The plug to buy; empty where the present one carries the motor, and where it is wired for good.
     *
     * @param present the plug on the cord by its name, or what stands there for none
     */
    public Optional<Outlet> plugToBuy(String present) {
        boolean stays = present.equals(Outlets.FIXED)
                || Outlet.named(present).filter(o -> objection(o).isEmpty()).isPresent();
        return stays ? Optional.empty() : Outlet.named(Outlets.first(asked.region(), plug));
    }

    /** An outlet like this is often on a breaker that is larger than this motor's may be (common practice). */
    public boolean mayBeBrokenTooLate(Outlet outlet) {
        return outlet.amps() > breakerHigh;
    }

    /** What the outlet for it is rated for, A; 0 where there is none and it is wired fixed. */
    public int outletAmps() {
        return Outlets.amps(asked.region(), carriedAmps());
    }

    /**
     * The outlet carries the motor, but an outlet alone on its circuit must be rated for the breaker (NEC 210.21(B)(1), from
     * memory), and a breaker that small trips when the motor starts.
     */
    public boolean outgrowsOutlet() {
        return outletAmps() > 0 && breakerLow > outletAmps();
    }

    /** The same where an outlet is there already, which may be as large as the breaker. */
    public boolean outgrowsOutlet(Optional<Outlet> present) {
        return outgrowsOutlet()
                && present.filter(p -> objection(p).isEmpty() && p.amps() >= breakerLow)
                        .isEmpty();
    }

    /** Below four fifths of its starting torque a motor may hang on a stiff load (common practice). */
    public boolean startsWeakly() {
        return startingTorqueLeft() < 0.8;
    }

    /** At 240 V a white conductor of a cable carries a hot line and is marked anew. */
    public boolean whiteIsHot() {
        return asked.region().code().neutralColourMayBeHot(asked.twoHots());
    }

    /** The smallest flexible cord with two loaded conductors. */
    private Optional<String> flexible(double amps) {
        return CordSize.carrying(asked.region(), amps).map(CordSize::name);
    }

    private static String amps(double value) {
        return String.format(Locale.ROOT, value < 20 && value != Math.rint(value) ? "%.1f A" : "%.0f A", value);
    }

    private static String percent(double share) {
        return String.format(Locale.ROOT, "%.1f %%", 100 * share);
    }

    private Figure figure(Subject subject, String value) {
        WiringCode.Rule rule = asked.region().code().rule(subject);
        return new Figure(rule.name(), value, rule.says(), rule.source());
    }

    private List<Figure> words(boolean fromTable) {
        List<Figure> words = new ArrayList<>();
        words.add(
                fromTable
                        ? new Figure(
                                "Current to size from",
                                amps(sizingAmps)
                                        + asked.plateAmps()
                                                .map(a -> " (the plate says " + amps(a) + ")")
                                                .orElse(""),
                                "table by horsepower; the plate's amps set the overload",
                                "NEC Table 430.248, from memory")
                        : new Figure("Current to size from", amps(sizingAmps), "the plate's amps", "the plate"));
        words.add(figure(
                Subject.CONDUCTORS,
                conductor.name() + " copper"
                        + (conductor.equals(forCurrent)
                                ? ""
                                : " (" + forCurrent.name() + " would carry it, but drops too much)")));
        flexible(carriedAmps()).ifPresent(cord -> words.add(figure(Subject.CORD, cord + ", hard usage")));
        words.add(figure(
                Subject.BREAKER,
                (breakerLow == breakerHigh ? "" : breakerLow + " to ") + breakerHigh + " A "
                        + asked.region().breaker().words()));
        if (dualElementFuse > 0) {
            words.add(new Figure(
                    "Or dual-element fuse",
                    "up to " + dualElementFuse + " A",
                    "at most 175 % of the table's current, next size up",
                    "NEC 430.52, from memory"));
        }
        words.add(figure(
                Subject.OVERLOAD,
                amps(overloadAmps)
                        + (overloadMost > overloadAmps
                                ? ", up to " + amps(overloadMost) + " if it will not start"
                                : "")));
        words.add(figure(Subject.GROUND, ground + " copper"));
        words.add(figure(Subject.OUTLET, plug));
        words.add(figure(
                Subject.DROP,
                percent(dropRunning) + " over " + asked.region().lengths().distance(asked.metres())));
        words.add(new Figure(
                "Voltage drop at start",
                percent(dropStarting) + ", leaves " + Math.round(100 * startingTorqueLeft())
                        + " % of the starting torque",
                "torque goes with the square of the voltage",
                "common practice"));
        if (whiteIsHot()) {
            words.add(new Figure(
                    "White wire",
                    "re-mark it: it is a hot here",
                    "a white conductor used as a hot is marked at both ends",
                    "NEC 200.7, from memory"));
        }
        return words;
    }
}
