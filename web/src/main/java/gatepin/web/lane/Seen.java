package gatepin.web.lane;

import java.util.EnumMap;
import java.util.Map;

/**
 * The parts of a job that an act writes, each with the version that the person saw.
 *
 * @param versions by part; {@link #ANY} where the act does not hang on what was there before
 */
public record Seen(Map<JobPart, Integer> versions) {
    /** Whatever was there before: for what is only added, and for what is the same done twice. */
    public static final int ANY = Integer.MIN_VALUE;

    public static Seen of(JobPart part, int version) {
        return new Seen(Map.of(part, version));
    }

    /** An act that does not hang on what was there before. */
    public static Seen any(JobPart part) {
        return of(part, ANY);
    }

    public Seen and(JobPart part, int version) {
        Map<JobPart, Integer> both = new EnumMap<>(versions);
        both.put(part, version);
        return new Seen(both);
    }

    /**
     * Holds what was seen against what is there.
     *
     * @throws StaleEdit when somebody saved one of the parts since
     */
    void check(JobFile now) {
        versions.forEach((part, version) -> {
            if (version != ANY && version != now.version(part)) {
                throw new StaleEdit(part);
            }
        });
    }
}
