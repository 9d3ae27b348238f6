package gatepin.core.control;

import gatepin.core.circuit.HandlePosition;
import java.util.Optional;

/**
 * A thing in a control circuit that has contacts, or a coil.
 *
 * @param name its name, unique in a ladder, with the letters of IEC 81346-2 as shops use them: S a button, B a limit switch, F an overload
 *     relay, K a contactor or relay, H a lamp
 * @param kind what it is
 * @param way the way it belongs to; OFF for a master contactor, which carries the motor both ways; empty where it serves both, and for a
 *     contactor that nobody said carries the motor
 * @param seconds how long a timer waits, s; 0 for what does not wait
 * @param volts what is printed on its coil or lamp, V; 0 where nobody said
 */
public record Part(String name, Kind kind, Optional<HandlePosition> way, double seconds, int volts) {
    /** What a part is. */
    public enum Kind {
        /** A push-button that springs back and stops the machine. */
        STOP("stop", true),
        /** An emergency stop: it latches, and somebody has to turn or pull it out again. */
        EMERGENCY_STOP("emergency stop", false),
        /** A push-button that springs back and starts something. */
        BUTTON("button", true),
        /** A selector: it stays where it is put. */
        SELECTOR("selector", false),
        /** A limit switch, pressed by what the machine moves. */
        LIMIT("limit", false),
        /** The contact of an overload relay: operated while it is tripped. */
        OVERLOAD("overload", false),
        /** A switch on the shaft: operated while the shaft turns. */
        STANDSTILL("standstill", false),
        /** A contactor of the motor's main circuit. */
        CONTACTOR("contactor", false),
        /** A relay: its contacts only serve the control circuit. */
        RELAY("relay", false),
        /** A timer whose contacts move when its coil has been live for its time. */
        TIMER("timer", false),
        /** A pilot lamp. */
        LAMP("lamp", false);

        private final String word;
        private final boolean springsBack;

        Kind(String word, boolean springsBack) {
            this.word = word;
            this.springsBack = springsBack;
        }

        /** The word in files and texts. */
        public String word() {
            return word;
        }

        /** Whether it lets go when the hand does. */
        public boolean springsBack() {
            return springsBack;
        }

        /** Whether a coil moves its contacts. */
        public boolean hasCoil() {
            return this == CONTACTOR || this == RELAY || this == TIMER;
        }

        /** Whether it takes current by itself: a coil or a lamp. */
        public boolean isLoad() {
            return hasCoil() || this == LAMP;
        }

        /** Whether it is there to stop the machine when a hand is on it. */
        public boolean isStop() {
            return this == STOP || this == EMERGENCY_STOP;
        }
    }

    /** A part whose coil says nothing. */
    public Part(String name, Kind kind, Optional<HandlePosition> way, double seconds) {
        this(name, kind, way, seconds, 0);
    }

    public Part {
        if (name.isBlank()) {
            throw new IllegalArgumentException("a part of a control circuit has a blank name");
        }
        if (kind == Kind.TIMER && !(seconds > 0)) {
            throw new IllegalArgumentException(name + ": a timer waits more than 0 s, not " + seconds);
        }
    }

    /** A part that serves both ways. */
    public static Part of(String name, Kind kind) {
        return new Part(name, kind, Optional.empty(), 0);
    }

    /** A part of one way. */
    public static Part of(String name, Kind kind, HandlePosition way) {
        return new Part(name, kind, Optional.of(way), 0);
    }

    /** A timer. */
    public static Part timer(String name, double seconds) {
        return new Part(name, Kind.TIMER, Optional.empty(), seconds);
    }

    /** The same with what is printed on its coil, V. */
    public Part of(int printed) {
        return new Part(name, kind, way, seconds, printed);
    }

    /** Whether it belongs to a way, or serves both. */
    public boolean serves(HandlePosition other) {
        return way.isEmpty() || way.get() == other || way.get() == HandlePosition.OFF;
    }
}
