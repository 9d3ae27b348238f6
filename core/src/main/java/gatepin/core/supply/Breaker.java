package gatepin.core.supply;

import java.util.List;

/** Types of breakers, by when they trip on a motor's starting current. */
public enum Breaker {
    /** Type B: trips at once between 3 and 5 times its rating (IEC 60898-1, from memory). */
    B("type B", 3, 5, List.of(6, 10, 13, 16, 20, 25, 32, 40, 50, 63)),
    /** Type C: between 5 and 10 times (IEC 60898-1, from memory). */
    C("type C", 5, 10, List.of(6, 10, 13, 16, 20, 25, 32, 40, 50, 63)),
    /** Type D: between 10 and 20 times (IEC 60898-1, from memory). */
    D("type D", 10, 20, List.of(6, 10, 13, 16, 20, 25, 32, 40, 50, 63)),
    /** North American inverse-time breaker: mostly between 5 and 10 times (common practice); sizes NEC 240.6. */
    INVERSE_TIME("inverse-time", 5, 10, List.of(15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150));

    private final String words;
    private final double holdsBelow;
    private final double tripsAbove;
    private final List<Integer> sizes;

    /** What a breaker does. */
    public enum Ride {
        HOLDS,
        MAY_TRIP,
        TRIPS
    }

    Breaker(String words, double holdsBelow, double tripsAbove, List<Integer> sizes) {
        this.words = words;
        this.holdsBelow = holdsBelow;
        this.tripsAbove = tripsAbove;
        this.sizes = sizes;
    }

    public String words() {
        return words;
    }

    /** Ratings it is made in, A. */
    public List<Integer> sizes() {
        return sizes;
    }

    /** The smallest of at least so many amps, A; 0 where none is made. */
    int nextUp(double amps) {
        return sizes.stream().filter(s -> s >= amps - 1e-9).findFirst().orElse(0);
    }

    /** The largest of no more than so many amps, A; 0 where none is made. */
    int nextDown(double amps) {
        return sizes.stream().filter(s -> s <= amps).reduce(0, (a, b) -> b);
    }

    /**
     * Whether it rides through a starting current. The heat element is taken as I²t: at 2.55 times its rating it trips
     * after 1 to 60 s (IEC 60898-1, from memory).
     *
     * @param rating its rating, A
     * @param amps the starting current, A
     * @param seconds how long it flows, s
     */
    public Ride ride(double rating, double amps, double seconds) {
        double times = amps / rating;
        double heat = seconds * (times / 2.55) * (times / 2.55);
        if (times >= tripsAbove || heat > 60 && times > 1.45) {
            return Ride.TRIPS;
        }
        return times >= holdsBelow || heat > 1 && times > 1.45 ? Ride.MAY_TRIP : Ride.HOLDS;
    }

    /**
     * The smallest one that carries the running current with a quarter to spare (NEC 430.22, from memory, asks it of the
     * conductors) and holds while the motor starts; 0 if none does.
     */
    public int smallestThatHolds(double runningAmps, double startingAmps, double seconds) {
        return sizes.stream()
                .filter(s -> s >= 1.25 * runningAmps && ride(s, startingAmps, seconds) == Ride.HOLDS)
                .findFirst()
                .orElse(0);
    }
}
