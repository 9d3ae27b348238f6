package gatepin.web;

import java.time.Duration;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.concurrent.atomic.AtomicLong;

/** A line of those who come back for their turn: each has a number, and who does not come back for a while has left. */
final class Tickets {
    private final ConcurrentSkipListMap<Long, Long> seen = new ConcurrentSkipListMap<>();
    private final AtomicLong last = new AtomicLong();
    private final long leaves;

    Tickets(Duration leaves) {
        this.leaves = leaves.toNanos();
    }

    /** Comes with a number, or with none yet; gives the number that counts. */
    long come(long number) {
        long now = System.nanoTime();
        seen.values().removeIf(at -> now - at > leaves);
        // one who had left, or never had that number, stands at the end
        long mine = seen.containsKey(number) ? number : last.incrementAndGet();
        seen.put(mine, now);
        return mine;
    }

    /** How many stand before a number. */
    int before(long number) {
        return seen.headMap(number).size();
    }

    void leave(long number) {
        seen.remove(number);
    }
}
