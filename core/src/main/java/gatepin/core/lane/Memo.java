package gatepin.core.lane;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;

/**
 * What was worked out for one set of facts, the things asked for last. Several threads may ask; the first one works, the others wait for
 * it.
 */
final class Memo {
    private static final int KEPT = 64;

    private final Map<Object, Object> known = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Object, Object> eldest) {
            return size() > KEPT;
        }
    };

    /** The value of that name, worked out the first time; the supplier may ask for other names. */
    @SuppressWarnings("unchecked") // a name always has values of one type
    synchronized <T> T of(Object name, Supplier<T> work) {
        Object there = known.get(name);
        if (there == null) {
            there = work.get();
            known.put(name, there);
        }
        return (T) there;
    }
}
