package gatepin.core.check;

import gatepin.core.circuit.Setting;
import gatepin.core.rotation.StatedRotation.Direction;
import java.util.Optional;

/**
 * One thing to see, hear or measure once the wiring gets power.
 *
 * @param what what it is
 * @param setting where the handle stands; empty for what comes before or after both ways
 * @param part the part of the control circuit it is about; blank where it is about none
 */
public record LiveStep(What what, Optional<Setting> setting, String part) {
    /** A step that is about no part. */
    public LiveStep(What what, Optional<Setting> setting) {
        this(what, setting, "");
    }

    /** A step of a control circuit. */
    public static LiveStep of(What what, String part) {
        return new LiveStep(what, Optional.empty(), part);
    }

    /** What there is to observe, in the order of work. */
    public enum What {
        /** Between the outlet's lines, before the plug goes in, V. */
        OUTLET_VOLTS(Answer.NUMBER),
        /** From the outlet's first line to its ground, V. */
        FIRST_TO_GROUND(Answer.NUMBER),
        /** From the outlet's second line to its ground, V. */
        SECOND_TO_GROUND(Answer.NUMBER),
        /** The bump: which way it turns, seen from the end the person stands at. */
        TURNS(Answer.DIRECTION),
        /** The click of the start switch on the way up. */
        CLICK_UP(Answer.YES_OR_NO),
        /** Clamp around one line while it idles, A. */
        IDLE_AMPS(Answer.NUMBER),
        /** At the machine while it runs, V. */
        VOLTS(Answer.NUMBER),
        /** By tachometer, or by counting turns, 1/min. */
        SPEED(Answer.NUMBER),
        /** Clamp around one line under load, A. */
        LOAD_AMPS(Answer.NUMBER),
        /** The click of the start switch in coasting down. */
        CLICK_DOWN(Answer.YES_OR_NO),
        /** From OFF to standstill, s. */
        COAST(Answer.NUMBER),
        /** The frame after two starts each way, °C. */
        CELSIUS(Answer.NUMBER),
        /** While it runs, a stop is pressed: it stops. */
        STOPS(Answer.YES_OR_NO),
        /** An emergency stop that was pressed is let go again: it stays off. */
        STAYS_OFF(Answer.YES_OR_NO),
        /** Both buttons at once, at standstill: it goes one way or none, and nothing trips. */
        BOTH_BUTTONS(Answer.YES_OR_NO),
        /** A limit switch is pressed by hand: the way that leads there stops. */
        LIMIT_STOPS(Answer.YES_OR_NO),
        /** Its power goes while it runs, and comes back: it stays off. */
        POWER_BACK(Answer.YES_OR_NO);

        private final Answer answer;

        What(Answer answer) {
            this.answer = answer;
        }

        /** What is answered. */
        public Answer answer() {
            return answer;
        }
    }

    /** What kind of answer there is. */
    public enum Answer {
        NUMBER,
        YES_OR_NO,
        DIRECTION
    }

    /** What a person sees of a shaft that gets power. */
    public enum Turn {
        CLOCKWISE,
        COUNTER_CLOCKWISE,
        /** It hums and stands. */
        HUMS,
        /** Nothing happens. */
        NOTHING,
        /** The breaker is out. */
        TRIPS;

        /** Which way it turns; empty where it does not. */
        public Optional<Direction> direction() {
            return switch (this) {
                case CLOCKWISE -> Optional.of(Direction.CLOCKWISE);
                case COUNTER_CLOCKWISE -> Optional.of(Direction.COUNTER_CLOCKWISE);
                case HUMS, NOTHING, TRIPS -> Optional.empty();
            };
        }
    }

    /** The bump in a setting. */
    public static LiveStep turning(Setting setting) {
        return new LiveStep(What.TURNS, Optional.of(setting));
    }

    /** A short word for it, unique in a live check. */
    public String key() {
        return setting.map(s -> s.word() + "/").orElse("")
                + what.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-')
                + (part.isEmpty() ? "" : "-" + part);
    }
}
