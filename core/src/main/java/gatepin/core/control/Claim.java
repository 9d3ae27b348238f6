package gatepin.core.control;

import gatepin.core.Sentence;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.control.Part.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Something that has to hold in every state a control circuit can get into.
 *
 * @param rule what it is
 * @param part the part it is about; blank where it is about the whole, or the supply
 * @param way the way it is about; OFF where it is about both
 */
public record Claim(Rule rule, String part, HandlePosition way) {
    /** What has to hold. */
    public enum Rule {
        /** Never both contactors in at once. */
        NEVER_BOTH,
        /** While a hand is on a stop, nothing runs for longer than a contactor takes to fall out. */
        STOPS,
        /** A tripped overload relay stops the motor. */
        OVERLOAD_STOPS,
        /** A limit switch stops the way that leads there. */
        LIMIT_STOPS,
        /** When power returns nothing starts by itself. */
        POWER_RETURNS,
        /** When a stop, an overload relay or a limit switch is let go, nothing starts by itself (IEC 60204-1, ISO 13850, from memory). */
        LET_GO,
        /** Nothing drives a shaft that still turns the other way. */
        STANDS_STILL_FIRST,
        /** Some button makes it run that way. */
        RUNS,
        /** With every stop pressed, every button let go and every selector at rest nothing runs on. */
        SOMETHING_STOPS,
        /** A button of a way, pressed alone from standstill, makes it run that way and never the other. */
        BUTTON,
        /** With a limit switch pressed the machine can run back from it. */
        LIMIT_BACK,
        /** Hands at rest, every coil comes to rest: none pulls in and drops out for ever. */
        NO_CHATTER;

        /** Whether it is asked only of a circuit in which nothing has failed: what fails then works less, and hurts nobody. */
        boolean isOfSoundOnly() {
            return this == RUNS
                    || this == SOMETHING_STOPS
                    || this == BUTTON
                    || this == LIMIT_BACK
                    || this == NO_CHATTER;
        }
    }

    /**
     * What is asked of a control circuit.
     *
     * @param restart it may start by itself when power returns
     * @param standstillFirst the shaft must stand still before it is driven the other way
     */
    public record Asked(boolean restart, boolean standstillFirst) {
        /** What any machine is asked. */
        public static final Asked USUAL = new Asked(false, false);
    }

    /** What a ladder has to keep to. */
    public static List<Claim> of(Ladder ladder, Asked asked) {
        List<Claim> claims = new ArrayList<>();
        boolean bothWays = !waysOf(ladder, HandlePosition.FORWARD).isEmpty()
                && !waysOf(ladder, HandlePosition.REVERSE).isEmpty();
        if (bothWays) {
            claims.add(new Claim(Rule.NEVER_BOTH, "", HandlePosition.OFF));
        }
        for (Part part : ladder.of(Kind.EMERGENCY_STOP, Kind.STOP)) {
            claims.add(new Claim(Rule.STOPS, part.name(), HandlePosition.OFF));
        }
        for (Part part : ladder.of(Kind.OVERLOAD)) {
            claims.add(new Claim(Rule.OVERLOAD_STOPS, part.name(), HandlePosition.OFF));
        }
        for (Part part : ladder.of(Kind.LIMIT)) {
            part.way().ifPresent(w -> claims.add(new Claim(Rule.LIMIT_STOPS, part.name(), w)));
        }
        if (!asked.restart()) {
            claims.add(new Claim(Rule.POWER_RETURNS, "", HandlePosition.OFF));
            for (Part part : ladder.of(Kind.EMERGENCY_STOP, Kind.STOP, Kind.OVERLOAD, Kind.LIMIT)) {
                // where a selector stays on, leaving a limit goes on with what the selector asks: that is said, not
                // forbidden
                if (part.kind() != Kind.LIMIT || ladder.of(Kind.SELECTOR).isEmpty()) {
                    claims.add(new Claim(Rule.LET_GO, part.name(), HandlePosition.OFF));
                }
            }
        }
        if (asked.standstillFirst() && bothWays) {
            claims.add(new Claim(Rule.STANDS_STILL_FIRST, "", HandlePosition.OFF));
        }
        for (HandlePosition way : List.of(HandlePosition.FORWARD, HandlePosition.REVERSE)) {
            if (!waysOf(ladder, way).isEmpty()) {
                claims.add(new Claim(Rule.RUNS, "", way));
            }
        }
        claims.add(new Claim(Rule.SOMETHING_STOPS, "", HandlePosition.OFF));
        for (Part part : ladder.of(Kind.BUTTON)) {
            part.way()
                    .filter(w -> !waysOf(ladder, w).isEmpty())
                    .ifPresent(w -> claims.add(new Claim(Rule.BUTTON, part.name(), w)));
        }
        for (Part part : ladder.of(Kind.LIMIT)) {
            part.way()
                    .map(Claim::back)
                    .filter(w -> !waysOf(ladder, w).isEmpty())
                    .ifPresent(w -> claims.add(new Claim(Rule.LIMIT_BACK, part.name(), w)));
        }
        claims.add(new Claim(Rule.NO_CHATTER, "", HandlePosition.OFF));
        return claims;
    }

    private static HandlePosition back(HandlePosition way) {
        return way == HandlePosition.FORWARD ? HandlePosition.REVERSE : HandlePosition.FORWARD;
    }

    private static List<Part> waysOf(Ladder ladder, HandlePosition way) {
        return ladder.of(Kind.CONTACTOR).stream()
                .filter(p -> p.way().isPresent() && p.way().get() == way)
                .toList();
    }

    /** What it says, as a sentence. */
    public Sentence words() {
        String key = "control.claim." + rule.name().toLowerCase(Locale.ROOT);
        if (rule == Rule.RUNS) {
            return Sentence.of(key, way.title());
        }
        if (rule == Rule.LIMIT_STOPS || rule == Rule.BUTTON || rule == Rule.LIMIT_BACK) {
            return Sentence.of(key, part, way.title());
        }
        return part.isEmpty() ? Sentence.of(key) : Sentence.of(key, part);
    }

    /** A word for files and addresses, unique among the claims of a ladder: {@code stops-S0}. */
    public String key() {
        String word = rule.name().toLowerCase(Locale.ROOT).replace('_', '-');
        return word + (part.isEmpty() ? "" : "-" + part) + (rule == Rule.RUNS ? "-" + way.word() : "");
    }
}
