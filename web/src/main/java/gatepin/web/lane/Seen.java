package gatepin.web.lane;

import gatepin.core.diagram.Board;
import gatepin.core.diagram.Diagram;
import gatepin.core.job.Part;
import gatepin.core.lane.Parts;
import gatepin.core.plate.Plate;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The parts of a job that an act writes, each with the version that the person saw.
 *
 * @param versions by part; {@link #ANY} where the act does not hang on what was there before
 * @param reliesOn parts that the act only reads, with the versions it was judged by
 */
public record Seen(Map<Part<?>, Integer> versions, Map<Part<?>, Integer> reliesOn) {
    /** Whatever was there before: for what is only added, and for what is the same done twice. */
    public static final int ANY = Integer.MIN_VALUE;

    /** What a wiring is judged by. */
    private static final Set<Part<?>> OF_A_WIRING =
            Set.of(Plate.PART, Diagram.PART, Board.PART, Parts.WINDINGS, Parts.SUPPLY, Parts.GEAR, Parts.MAP);

    /** An act that relies on nothing besides. */
    public Seen(Map<Part<?>, Integer> versions) {
        this(versions, Map.of());
    }

    public static Seen of(Part<?> part, int version) {
        return new Seen(Map.of(part, version));
    }

    /** The same for an act that was judged by the motor, the supply and the switch as they are in a job as it was loaded. */
    public Seen judgedBy(JobFile file) {
        return new Seen(versions, OF_A_WIRING.stream().collect(Collectors.toMap(p -> p, file::version)));
    }

    /** An act that does not hang on what was there before. */
    public static Seen any(Part<?> part) {
        return of(part, ANY);
    }

    public Seen and(Part<?> part, int version) {
        Map<Part<?>, Integer> both = new HashMap<>(versions);
        both.put(part, version);
        return new Seen(both, reliesOn);
    }

    /**
     * Holds what was seen against what is there.
     *
     * @throws StaleEdit when somebody saved one of the parts since
     */
    void check(JobFile now) {
        reliesOn.forEach((part, version) -> {
            if (version != now.version(part)) {
                throw new StaleEdit(part);
            }
        });
        versions.forEach((part, version) -> {
            if (version != ANY && version != now.version(part)) {
                throw new StaleEdit(part);
            }
        });
    }
}
