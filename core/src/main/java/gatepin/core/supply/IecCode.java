package gatepin.core.supply;

import java.util.List;
import java.util.Optional;

/** IEC 60364 and what goes with it, from memory. */
record IecCode() implements WiringCode {
    /** What a household outlet carries for hours, A (common practice). */
    private static final double HOUSEHOLD_AMPS = 13;

    @Override
    public Rule rule(Subject subject) {
        return switch (subject) {
            case CONDUCTORS ->
                new Rule(
                        "Conductors",
                        "at least the motor's current, in conduit on a wall",
                        "IEC 60364-5-52, from memory");
            case CORD ->
                new Rule(
                        "Flexible cord",
                        "by the current it has to carry; short, and clamped on its jacket",
                        "IEC 60364-5-52 and common practice, from memory");
            case BREAKER ->
                new Rule(
                        "Breaker",
                        "lets it start; not above what the conductor carries",
                        "IEC 60364-4-43, from memory");
            case OVERLOAD -> new Rule("Overload", "the plate's amps", "common practice");
            case GROUND ->
                new Rule("Protective earth", "as large as the line, up to 16 mm²", "IEC 60364-5-54, from memory");
            case OUTLET ->
                new Rule(
                        "Plug and outlet",
                        "by volts and amps; the plug changes with the voltage",
                        "IEC 60309 and IEC 60884, from memory");
            case DROP ->
                new Rule("Voltage drop running", "there and back; 3 % is the usual bound", "IEC 60228, from memory");
        };
    }

    @Override
    public Optional<Double> tableAmps(double horsepower, int volts) {
        return Optional.empty();
    }

    @Override
    public double carriedAmps(double motorAmps) {
        return motorAmps;
    }

    @Override
    public int leastBreaker(Breaker breaker, double motorAmps) {
        return breaker.nextUp(motorAmps);
    }

    @Override
    public int mostBreaker(Breaker breaker, double motorAmps, ConductorSize conductor) {
        return breaker.nextDown(conductor.amps());
    }

    @Override
    public int dualElementFuse(Breaker breaker, double motorAmps) {
        return 0;
    }

    @Override
    public double overload(double plateAmps, double serviceFactor) {
        return plateAmps;
    }

    @Override
    public double overloadMost(double plateAmps, double serviceFactor) {
        return plateAmps;
    }

    @Override
    public String groundSize(int breaker, ConductorSize conductor, List<ConductorSize> sizes) {
        return conductor.name();
    }

    @Override
    public List<Integer> outletAmps() {
        return List.of(16, 32, 63);
    }

    @Override
    public String outlet(int rating, int volts, boolean twoHots, double carried) {
        return "IEC 60309 " + rating + " A 2P+E 6h (blue)"
                + (rating == 16 && carried <= HOUSEHOLD_AMPS ? ", or a 16 A household outlet" : "");
    }

    @Override
    public List<CordSize> cords() {
        return CordSize.METRIC.subList(1, CordSize.METRIC.size());
    }

    @Override
    public Colours colours() {
        return new Colours(
                "green and yellow",
                "blue",
                List.of("brown", "blue"),
                List.of("brown", "black", "grey"),
                "re-mark it brown at both ends");
    }

    @Override
    public boolean neutralColourMayBeHot(boolean twoHots) {
        return false;
    }
}
