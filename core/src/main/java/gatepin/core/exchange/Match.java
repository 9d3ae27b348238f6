package gatepin.core.exchange;

import gatepin.core.Sentence;
import java.util.Comparator;
import java.util.List;

/**
 * How well a spare motor does for a machine.
 *
 * @param spare the motor
 * @param points what was compared, in the order of importance
 * @param changes what changes with it: conductors, breaker, plug, switch, overload
 */
public record Match(Spare spare, List<Point> points, List<Sentence> changes) {
    /** What is compared. */
    public enum About {
        SUPPLY,
        POWER,
        ROTATION,
        SPEED,
        HEIGHT,
        SHAFT,
        FIXING,
        DUTY,
        TESTED
    }

    /** How one thing compares. */
    public enum Standing {
        FITS,
        /** It is another, and can be made to do: words say how. */
        OTHERWISE,
        /** Nobody knows: words say what to measure or look for. */
        UNKNOWN,
        /** It does not do. */
        LACKS
    }

    /** One thing that was compared. */
    public record Point(About about, Standing standing, Sentence words) {}

    /** The best first: nothing that lacks, then the least that nobody knows, then the least work. */
    static final Comparator<Match> BEST_FIRST = Comparator.<Match>comparingLong(m -> m.count(Standing.LACKS))
            .thenComparingLong(m -> m.count(Standing.UNKNOWN))
            .thenComparingLong(m -> m.count(Standing.OTHERWISE))
            .thenComparing(m -> m.spare().name());

    public Match {
        points = List.copyOf(points);
        changes = List.copyOf(changes);
    }

    private long count(Standing standing) {
        return points.stream().filter(p -> p.standing() == standing).count();
    }

    /** Nothing speaks against it, as far as it is known. */
    public boolean does() {
        return count(Standing.LACKS) == 0;
    }

    /** All that decides is known: power and supply, and whether it turns the right way. */
    public boolean isKnown() {
        return points.stream()
                .noneMatch(p -> p.standing() == Standing.UNKNOWN
                        && (p.about() == About.POWER || p.about() == About.SUPPLY || p.about() == About.ROTATION));
    }
}
