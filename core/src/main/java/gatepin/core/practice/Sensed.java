package gatepin.core.practice;

import gatepin.core.Sentence;

/**
 * What a hand, a meter, an eye, an ear or a nose finds of an act.
 *
 * @param words what there is to find
 * @param effect what it did
 */
public record Sensed(Sentence words, Effect effect) {
    /** What an act does beside what it shows. */
    public enum Effect {
        NONE,
        /** The breaker is out. */
        TRIPPED,
        /** The motor is burnt: a new one is put there. */
        BURNT,
        /** Somebody is hurt. */
        HURT;

        /** Whether it must not happen. */
        public boolean isHarm() {
            return this != NONE;
        }
    }

    static Sensed of(Sentence words) {
        return new Sensed(words, Effect.NONE);
    }

    static Sensed of(String key, Object... args) {
        return of(Sentence.of(key, args));
    }
}
