package gatepin.core.supply;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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

    /** Equipment ground by the breaker's size (NEC 250.122, from memory). */
    private static final NavigableMap<Integer, String> GROUNDS =
            new TreeMap<>(Map.of(15, "14 AWG", 20, "12 AWG", 60, "10 AWG", 100, "8 AWG"));

    /** The table of equipment grounds: the largest breaker, A, and the copper it asks for. */
    public static NavigableMap<Integer, String> grounds() {
        return new TreeMap<>(GROUNDS);
    }

    private static String ground(Region region, int breaker, ConductorSize conductor) {
        if (region == Region.IEC) {
            return conductor.name();
        }
        Map.Entry<Integer, String> row = GROUNDS.ceilingEntry(breaker);
        if (row == null) {
            return "see the table";
        }
        // it need not be larger than the circuit's own conductors (NEC 250.122(A), from memory)
        double byTable = ohms(region, row.getValue());
        return byTable < conductor.ohmsPerKilometre() ? conductor.name() : row.getValue();
    }

    private static double ohms(Region region, String size) {
        return region.sizes().stream()
                .filter(s -> s.name().equals(size))
                .mapToDouble(ConductorSize::ohmsPerKilometre)
                .findFirst()
                .orElse(0);
    }

    /** Sizes a circuit; empty where neither table nor plate gives a current, or no size in the list is enough. */
    public static Optional<BranchCircuit> size(Asked asked) {
        boolean american = asked.region() == Region.NORTH_AMERICA;
        Optional<Double> table = american ? FullLoadAmps.amps(asked.horsepower(), asked.volts()) : Optional.empty();
        Optional<Double> sizing = table.or(asked::plateAmps);
        if (sizing.isEmpty()) {
            return Optional.empty();
        }
        double amps = sizing.orElseThrow();
        double carried = american ? 1.25 * amps : amps;
        Optional<ConductorSize> forCurrent =
                asked.region().sizes().stream().filter(s -> s.amps() >= carried).findFirst();
        Optional<ConductorSize> conductor = forCurrent.flatMap(least -> asked.region().sizes().stream()
                .filter(s -> s.amps() >= least.amps() && drop(asked, s, amps) <= MOST_DROP)
                .findFirst());
        if (conductor.isEmpty()) {
            return Optional.empty();
        }
        Breaker breaker = asked.region().breaker();
        int high = american
                ? nextUp(breaker, 2.5 * amps)
                : nextDown(breaker, conductor.orElseThrow().amps());
        int low = Math.max(
                american ? nextUp(breaker, 1.25 * amps) : nextUp(breaker, amps),
                breaker.smallestThatHolds(amps / 1.25, asked.startAmps(), 0.5));
        low = Math.min(low, Math.max(high, low == 0 ? high : low));
        int fuse = american ? nextUp(breaker, 1.75 * amps) : 0;
        double plate = asked.plateAmps().orElse(amps);
        boolean generous = asked.serviceFactor() >= 1.15;
        double overload = american ? plate * (generous ? 1.25 : 1.15) : plate;
        double most = american ? plate * (generous ? 1.40 : 1.30) : plate;
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
                ground(asked.region(), Math.max(low, high), chosen),
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

    private static int nextUp(Breaker breaker, double amps) {
        return breaker.sizes().stream()
                .filter(s -> s >= amps - 1e-9)
                .findFirst()
                .orElse(0);
    }

    private static int nextDown(Breaker breaker, double amps) {
        return breaker.sizes().stream().filter(s -> s <= amps).reduce(0, (a, b) -> b);
    }

    /** Share of starting torque that the drop at start leaves: torque goes with the square of the voltage. */
    public double startingTorqueLeft() {
        double left = Math.max(0, 1 - dropStarting);
        return left * left;
    }

    /** What an outlet for it has to carry: in North America a quarter more than it draws, A (NEC 430.22, from memory). */
    public double carriedAmps() {
        return asked.region() == Region.NORTH_AMERICA ? 1.25 * sizingAmps : sizingAmps;
    }

    /** Why this outlet, or the plug of it, will not do; empty where it carries the motor. */
    public Optional<Outlet.Objection> objection(Outlet outlet) {
        return outlet.objection(asked.twoHots() || asked.volts() >= 200, carriedAmps());
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

    /** Below four fifths of its starting torque a motor may hang on a stiff load (common practice). */
    public boolean startsWeakly() {
        return startingTorqueLeft() < 0.8;
    }

    /** At 240 V a white conductor of a cable carries a hot line and is marked anew. */
    public boolean whiteIsHot() {
        return asked.region() == Region.NORTH_AMERICA && asked.twoHots();
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

    private List<Figure> words(boolean fromTable) {
        boolean american = asked.region() == Region.NORTH_AMERICA;
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
        words.add(new Figure(
                "Conductors",
                conductor.name() + " copper"
                        + (conductor.equals(forCurrent)
                                ? ""
                                : " (" + forCurrent.name() + " would carry it, but drops too much)"),
                american
                        ? "at least 125 % of the table's current, 60 °C column"
                        : "at least the motor's current, in conduit on a wall",
                american ? "NEC 430.22 and 310.16, from memory" : "IEC 60364-5-52, from memory"));
        flexible(american ? 1.25 * sizingAmps : sizingAmps)
                .ifPresent(cord -> words.add(new Figure(
                        "Flexible cord",
                        cord + ", hard usage",
                        "by the current it has to carry"
                                + (american ? ", no smaller than 16 AWG on a branch circuit" : "")
                                + "; short, and clamped on its jacket",
                        american
                                ? "NEC Table 400.5(A)(1) and 240.5(B), from memory"
                                : "IEC 60364-5-52 and common practice, from memory")));
        words.add(new Figure(
                "Breaker",
                breakerLow == breakerHigh
                        ? breakerLow + " A " + asked.region().breaker().words()
                        : breakerLow + " to " + breakerHigh + " A "
                                + asked.region().breaker().words(),
                american
                        ? "lets it start; at most 250 % of the table's current, next size up"
                        : "lets it start; not above what the conductor carries",
                american ? "NEC 430.52 and 240.6, from memory" : "IEC 60364-4-43, from memory"));
        if (dualElementFuse > 0) {
            words.add(new Figure(
                    "Or dual-element fuse",
                    "up to " + dualElementFuse + " A",
                    "at most 175 % of the table's current, next size up",
                    "NEC 430.52, from memory"));
        }
        words.add(new Figure(
                "Overload",
                amps(overloadAmps)
                        + (overloadMost > overloadAmps
                                ? ", up to " + amps(overloadMost) + " if it will not start"
                                : ""),
                american ? "plate amps × 1.25 with service factor 1.15 or more, else × 1.15" : "the plate's amps",
                american ? "NEC 430.32, from memory" : "common practice"));
        words.add(new Figure(
                american ? "Equipment ground" : "Protective earth",
                ground + " copper",
                american ? "by the breaker's size" : "as large as the line, up to 16 mm²",
                american ? "NEC 250.122, from memory" : "IEC 60364-5-54, from memory"));
        words.add(new Figure(
                "Plug and outlet",
                plug,
                "by volts and amps; the plug changes with the voltage",
                american ? "NEMA WD 6, from memory" : "IEC 60309 and IEC 60884, from memory"));
        words.add(new Figure(
                "Voltage drop running",
                percent(dropRunning) + " over " + asked.region().lengths().distance(asked.metres()),
                "there and back; 3 % is the usual bound",
                american ? "NEC chapter 9 table 8, from memory" : "IEC 60228, from memory"));
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
