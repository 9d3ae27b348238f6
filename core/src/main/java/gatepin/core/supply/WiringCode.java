package gatepin.core.supply;

import java.util.List;
import java.util.Optional;

/**
 * The rules that the wiring of a shop goes by: figures, tables, colours, and what each rule says with its source. What things are called
 * is the {@link Region}'s business. Local code and licensed practice decide.
 */
public sealed interface WiringCode permits NorthAmericanCode, IecCode {
    /** What a figure of a branch circuit is about. */
    enum Subject {
        CONDUCTORS,
        CORD,
        BREAKER,
        OVERLOAD,
        GROUND,
        OUTLET,
        DROP
    }

    /**
     * A rule.
     *
     * @param name what the figure is called
     * @param says what the rule asks for
     * @param source where it stands
     */
    record Rule(String name, String says, String source) {}

    /**
     * The colours of conductors.
     *
     * @param ground of the frame's conductor
     * @param neutral of the neutral
     * @param lines of the two lines in a supply cord
     * @param hots that conductors of a cable may have besides
     * @param remark what is done to a conductor of the neutral's colour that is a line
     */
    record Colours(String ground, String neutral, List<String> lines, List<String> hots, String remark) {}

    /** What it asks for in a figure. */
    Rule rule(Subject subject);

    /** The current that a motor's circuit is sized from, A; empty where the code has no table of it. */
    Optional<Double> tableAmps(double horsepower, int volts);

    /** What conductors and outlet have to carry, A. */
    double carriedAmps(double motorAmps);

    /** The smallest breaker by its rating alone, A; 0 where none is made. */
    int leastBreaker(Breaker breaker, double motorAmps);

    /** The largest breaker allowed, A; 0 where none is made. */
    int mostBreaker(Breaker breaker, double motorAmps, ConductorSize conductor);

    /** The largest dual-element fuse, A; 0 where the code knows none. */
    int dualElementFuse(Breaker breaker, double motorAmps);

    /** What an overload is set to, A. */
    double overload(double plateAmps, double serviceFactor);

    /** What it may be raised to if the motor will not start, A. */
    double overloadMost(double plateAmps, double serviceFactor);

    /** The size of the frame's conductor. */
    String groundSize(int breaker, ConductorSize conductor, List<ConductorSize> sizes);

    /** The ratings that outlets come in, A. */
    List<Integer> outletAmps();

    /** The outlet of a rating. */
    String outlet(int rating, int volts, boolean twoHots, double carried);

    /** The flexible cords there are on a branch circuit, smallest first. */
    List<CordSize> cords();

    /** What colours conductors have. */
    Colours colours();

    /** Whether a conductor of the neutral's colour may be a line, marked at both ends. */
    boolean neutralColourMayBeHot(boolean twoHots);
}
