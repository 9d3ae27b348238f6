package gatepin.core.supply;

import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;

/** NEC, from memory. */
record NorthAmericanCode() implements WiringCode {
    /** Equipment ground by the breaker's size (NEC 250.122, from memory). */
    static final NavigableMap<Integer, String> GROUNDS =
            new TreeMap<>(Map.of(15, "14 AWG", 20, "12 AWG", 60, "10 AWG", 100, "8 AWG"));

    private static final double CONTINUOUS = 1.25;
    private static final double MOST_BREAKER = 2.5;
    private static final double MOST_FUSE = 1.75;
    /** From this service factor on the overload may be set higher (NEC 430.32, from memory). */
    private static final double GENEROUS = 1.15;

    @Override
    public Rule rule(Subject subject) {
        return switch (subject) {
            case CONDUCTORS ->
                new Rule(
                        "Conductors",
                        "at least 125 % of the table's current, 60 °C column",
                        "NEC 430.22 and 310.16, from memory");
            case CORD ->
                new Rule(
                        "Flexible cord",
                        "by the current it has to carry, no smaller than 16 AWG on a branch circuit; short, and clamped on its jacket",
                        "NEC Table 400.5(A)(1) and 240.5(B), from memory");
            case BREAKER ->
                new Rule(
                        "Breaker",
                        "lets it start; at most 250 % of the table's current, next size up",
                        "NEC 430.52 and 240.6, from memory");
            case OVERLOAD ->
                new Rule(
                        "Overload",
                        "plate amps × 1.25 with service factor 1.15 or more, else × 1.15",
                        "NEC 430.32, from memory");
            case GROUND -> new Rule("Equipment ground", "by the breaker's size", "NEC 250.122, from memory");
            case OUTLET ->
                new Rule(
                        "Plug and outlet",
                        "by volts and amps; the plug changes with the voltage",
                        "NEMA WD 6, from memory");
            case DROP ->
                new Rule(
                        "Voltage drop running",
                        "there and back; 3 % is the usual bound",
                        "NEC chapter 9 table 8, from memory");
        };
    }

    @Override
    public Optional<Double> tableAmps(double horsepower, int volts) {
        return FullLoadAmps.amps(horsepower, volts);
    }

    @Override
    public double carriedAmps(double motorAmps) {
        return CONTINUOUS * motorAmps;
    }

    @Override
    public int leastBreaker(Breaker breaker, double motorAmps) {
        return breaker.nextUp(CONTINUOUS * motorAmps);
    }

    @Override
    public int mostBreaker(Breaker breaker, double motorAmps, ConductorSize conductor) {
        return breaker.nextUp(MOST_BREAKER * motorAmps);
    }

    @Override
    public int dualElementFuse(Breaker breaker, double motorAmps) {
        return breaker.nextUp(MOST_FUSE * motorAmps);
    }

    @Override
    public double overload(double plateAmps, double serviceFactor) {
        return plateAmps * (serviceFactor >= GENEROUS ? 1.25 : 1.15);
    }

    @Override
    public double overloadMost(double plateAmps, double serviceFactor) {
        return plateAmps * (serviceFactor >= GENEROUS ? 1.40 : 1.30);
    }

    @Override
    public String groundSize(int breaker, ConductorSize conductor, List<ConductorSize> sizes) {
        Map.Entry<Integer, String> row = GROUNDS.ceilingEntry(breaker);
        if (row == null) {
            return "see the table";
        }
        // it need not be larger than the circuit's own conductors (NEC 250.122(A), from memory)
        double byTable = sizes.stream()
                .filter(s -> s.name().equals(row.getValue()))
                .mapToDouble(ConductorSize::ohmsPerKilometre)
                .findFirst()
                .orElse(0);
        return byTable < conductor.ohmsPerKilometre() ? conductor.name() : row.getValue();
    }

    @Override
    public List<Integer> outletAmps() {
        return List.of(15, 20, 30, 50);
    }

    @Override
    public String outlet(int rating, int volts, boolean twoHots, double carried) {
        return "NEMA " + (twoHots || volts >= 200 ? 6 : 5) + "-" + rating;
    }

    @Override
    public List<CordSize> cords() {
        return CordSize.AWG.subList(1, CordSize.AWG.size());
    }

    @Override
    public Colours colours() {
        return new Colours(
                "green",
                "white",
                List.of("black", "white"),
                List.of("black", "red", "blue", "orange", "yellow", "brown"),
                "re-mark it black or red at both ends");
    }

    @Override
    public boolean neutralColourMayBeHot(boolean twoHots) {
        return twoHots;
    }
}
