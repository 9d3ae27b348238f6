package gatepin.web;

import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;

/** Places to work at, so many at once; who finds none waits a while, and then goes without. */
final class Places {
    private final Semaphore free;
    private final Duration patience;

    Places(int atOnce, Duration patience) {
        this.free = new Semaphore(atOnce, true);
        this.patience = patience;
    }

    /** Takes a place; false where none came free in time. */
    boolean take() {
        return take(patience);
    }

    /** The same with a patience of its own. */
    boolean take(Duration patience) {
        try {
            return free.tryAcquire(patience.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    /** Gives a place back that was taken. */
    void leave() {
        free.release();
    }
}
