package gatepin.core;

import java.time.Duration;
import java.util.Optional;

/**
 * How much work a computation may still do. It asks now and then; beyond its limit, or once somebody has stopped it, it ends with
 * {@link TooMuch}. Safe for use by several threads: one computes, another looks how far it is or stops it.
 */
public final class Effort {
    private static final int ASK_EVERY = 256;

    private final long limitNanos;
    private final long startNanos = System.nanoTime();
    private volatile boolean stopped;
    private volatile double share;
    private int steps;

    private final Optional<Effort> whole;

    private Effort(long limitNanos, Optional<Effort> whole) {
        this.limitNanos = limitNanos;
        this.whole = whole;
    }

    /** As long as it takes; for tests and benchmarks, never for a page. */
    public static Effort unlimited() {
        return new Effort(Long.MAX_VALUE, Optional.empty());
    }

    /** No longer than this. */
    public static Effort of(Duration limit) {
        return new Effort(limit.toNanos(), Optional.empty());
    }

    /** A part of this work that gets no longer than this; when the whole is stopped or at its limit, so is the part. */
    public Effort within(Duration limit) {
        return new Effort(limit.toNanos(), Optional.of(this));
    }

    /** One step more. */
    public void step() {
        if (++steps % ASK_EVERY == 0) {
            look();
        }
    }

    /** Looks whether it may go on; for steps that are long by themselves. */
    public void look() {
        whole.ifPresent(Effort::look);
        if (stopped) {
            throw new TooMuch("It was stopped.");
        }
        if (System.nanoTime() - startNanos > limitNanos) {
            throw new TooMuch(
                    "It was not done within " + Math.max(1, limitNanos / 1_000_000_000) + " s, and was given up.");
        }
    }

    /** Says how far it is, from 0 to 1. */
    public void reached(double part) {
        share = part;
        look();
    }

    /** How far it is, from 0 to 1. */
    public double share() {
        return share;
    }

    /** Lets it end at its next step. */
    public void stop() {
        stopped = true;
    }

    /** A computation ended before it was done. Its message says why, as a sentence. */
    public static final class TooMuch extends RuntimeException {
        private static final long serialVersionUID = 1;

        private final String why;

        /** @param message why it was given up, as a sentence */
        public TooMuch(String why) {
            super(why);
            this.why = why;
        }

        /** Why, as a sentence. */
        public String why() {
            return why;
        }
    }
}
