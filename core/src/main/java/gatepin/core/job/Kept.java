package gatepin.core.job;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What is kept of a job, part by part.
 *
 * @param values by the parts' keys
 * @param unknown what another version kept: carried along as it is
 */
public record Kept(Map<String, Object> values, Map<String, String> unknown) {
    /** Nothing is said yet. */
    public static final Kept NOTHING = new Kept(Map.of(), Map.of());

    public Kept {
        values = Map.copyOf(values);
        unknown = Map.copyOf(unknown);
    }

    /** The value of a part; empty until it is said. */
    public <T> Optional<T> find(Part<T> part) {
        return part.type()
                .flatMap(t -> Optional.ofNullable(values.get(part.key())).map(t::cast));
    }

    /** The same with another value of one part. */
    public <T> Kept with(Part<T> part, T value) {
        Map<String, Object> more = new TreeMap<>(values);
        more.put(part.key(), part.type().orElseThrow().cast(value));
        return new Kept(more, unknown);
    }

    /** The same with one part not said. */
    public Kept without(Part<?> part) {
        Map<String, Object> less = new TreeMap<>(values);
        less.remove(part.key());
        return new Kept(less, unknown);
    }

    /** The same with a part that nobody here knows. */
    public Kept withUnknown(String key, String json) {
        Map<String, String> more = new TreeMap<>(unknown);
        more.put(key, json);
        return new Kept(values, more);
    }
}
