package gatepin.core.lane;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Supplier;

/** What was worked out once for one set of facts. Several threads may ask; the first one works, the others wait for it. */
final class Memo {
    private final Map<Object, Object> known = new HashMap<>();

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
