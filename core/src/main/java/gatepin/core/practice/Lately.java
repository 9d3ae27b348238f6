package gatepin.core.practice;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/** What was worked out lately, and may be asked for again. Safe for use by several threads at once. */
final class Lately<K, V> {
    private final Map<K, V> kept;

    /** Keeps so many. */
    Lately(int most) {
        this.kept = new LinkedHashMap<>(16, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        };
    }

    /** What was worked out for a key, or else what {@code work} gives: not under a lock, for it may take long. */
    V of(K key, Function<K, V> work) {
        synchronized (kept) {
            V there = kept.get(key);
            if (there != null) {
                return there;
            }
        }
        V made = work.apply(key);
        synchronized (kept) {
            kept.put(key, made);
        }
        return made;
    }
}
