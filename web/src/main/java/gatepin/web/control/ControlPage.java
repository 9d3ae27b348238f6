package gatepin.web.control;

import gatepin.core.Effort;
import gatepin.core.Sentence;
import gatepin.core.control.Claim;
import gatepin.core.control.ControlFault;
import gatepin.core.control.ControlNet;
import gatepin.core.control.ControlNet.ControlWire;
import gatepin.core.control.DeadCheck;
import gatepin.core.control.DeadPlan;
import gatepin.core.control.Examined;
import gatepin.core.control.Ladder;
import gatepin.core.control.Part;
import gatepin.core.control.Part.Kind;
import gatepin.core.control.Proof;
import gatepin.core.control.Proof.Outcome;
import gatepin.core.control.Proof.Standing;
import gatepin.core.control.Trace;
import gatepin.core.control.Trace.Look;
import gatepin.core.wire.Done;
import gatepin.core.wire.Section;
import gatepin.web.check.DeadLine;
import gatepin.web.lane.JobFile;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** What the page of a control circuit shows. */
public final class ControlPage {
    private static final Duration TRACE_LIMIT = Duration.ofSeconds(3);
    private static final int MOST_FAULTS = 200;

    private ControlPage() {}

    /** How everything stands, as the drawing takes it: numbers and names with spaces between. */
    public record Shown(String closed, String points, String live, String in, String operated) {
        static Shown of(ControlNet net, Look look) {
            return new Shown(
                    joined(look.closed()),
                    joined(net.live(look.closed(), look.power())),
                    joined(look.live()),
                    joined(look.in()),
                    joined(look.operated()));
        }

        private static String joined(Collection<?> values) {
            return values.stream().map(Object::toString).sorted().collect(Collectors.joining(" "));
        }
    }

    /** One step of a sequence of events. */
    public record StepLine(String by, String words, Shown shown) {}

    /** A fault that breaks a claim; its number is its place among those of the claim. */
    public record FaultLine(int number, String words) {}

    /** A claim. */
    public record ClaimLine(
            String key,
            String words,
            String standing,
            String mend,
            boolean hasTrace,
            List<FaultLine> brokenBy,
            String broken) {}

    /** A wire to make. */
    public record WireRow(int number, String from, String to) {}

    static List<ClaimLine> claims(JobFile file, Examined examined) {
        List<ClaimLine> lines = new ArrayList<>();
        for (Outcome outcome : examined.proof().outcomes()) {
            List<FaultLine> faults = new ArrayList<>();
            for (int i = 0; i < Math.min(outcome.brokenBy().size(), MOST_FAULTS); i++) {
                faults.add(new FaultLine(i, file.say(outcome.brokenBy().get(i).words())));
            }
            lines.add(new ClaimLine(
                    outcome.claim().key(),
                    file.say(outcome.claim().words()),
                    outcome.standing().name().toLowerCase(Locale.ROOT),
                    Optional.ofNullable(examined.mends().get(outcome.claim()))
                            .map(m -> file.say(m.words()))
                            .orElse(""),
                    outcome.trace().isPresent(),
                    faults,
                    kinds(outcome)));
        }
        lines.sort(Comparator.comparingInt(
                l -> l.standing().equals("fails") ? 0 : l.standing().equals("holds_sound") ? 1 : 2));
        return lines;
    }

    /** What it is that breaks a claim, counted by kind. */
    private static String kinds(Outcome outcome) {
        long welds = outcome.brokenBy().stream()
                .filter(ControlFault.Welded.class::isInstance)
                .count();
        long stuck = outcome.brokenBy().stream()
                .filter(f -> f instanceof ControlFault.StuckClosed || f instanceof ControlFault.StuckOpen)
                .count();
        long wires = outcome.brokenBy().stream()
                .filter(f -> f instanceof ControlFault.Touching || f instanceof ControlFault.Broken)
                .count();
        long earth = outcome.brokenBy().stream()
                .filter(ControlFault.Earth.class::isInstance)
                .count();
        long rest = outcome.brokenBy().size() - welds - stuck - wires - earth;
        List<String> kinds = new ArrayList<>();
        count(kinds, welds, "a weld");
        count(kinds, stuck, "a stuck contact");
        count(kinds, wires, "a broken wire or wires that touch");
        count(kinds, earth, "an earth fault");
        count(kinds, rest, "another failed part");
        return String.join(", ", kinds);
    }

    private static void count(List<String> kinds, long number, String words) {
        if (number > 0) {
            kinds.add(words + (number > 1 ? " (" + number + " places)" : ""));
        }
    }

    /** The sequence that breaks a claim, without a fault or with one of those that do; none where there is none. */
    static List<StepLine> steps(JobFile file, Ladder ladder, Examined examined, String key, int fault) {
        Optional<Outcome> outcome = examined.proof().outcomes().stream()
                .filter(o -> o.claim().key().equals(key))
                .findFirst();
        if (outcome.isEmpty()) {
            return List.of();
        }
        List<ControlFault> faults = outcome.get().brokenBy();
        Optional<Trace> trace = fault >= 0 && fault < faults.size()
                ? broken(ladder, outcome.get().claim(), faults.get(fault))
                : outcome.get().trace();
        ControlNet net = ControlNet.of(ladder);
        return trace.map(t -> t.steps().stream()
                        .map(s -> new StepLine(
                                s.by().name().toLowerCase(Locale.ROOT), file.say(s.words()), Shown.of(net, s.look())))
                        .toList())
                .orElse(List.of());
    }

    private static Optional<Trace> broken(Ladder ladder, Claim claim, ControlFault fault) {
        try {
            return Examined.broken(ladder, claim, fault, Effort.of(TRACE_LIMIT));
        } catch (Effort.TooMuch e) {
            return Optional.empty();
        }
    }

    /** What to read of it dead with fuse and lamps out, and what was read. */
    public static List<DeadLine> dead(Ladder ladder, Done done) {
        return DeadPlan.of(ladder).checks().stream()
                .map(c -> DeadLine.of(
                        Section.CONTROL,
                        c.key(),
                        c.isAcross() ? "wires 1 and 0" : at(c),
                        c.hold().isEmpty()
                                ? "nothing held"
                                : c.hold().stream().map(h -> held(ladder, h)).collect(Collectors.joining(" and "))
                                        + " held",
                        switch (c.expected()) {
                            case OPEN -> "OL";
                            case JOINED -> "0";
                            case LOAD ->
                                c.coils().isEmpty()
                                        ? "ohms"
                                        : c.coils().stream()
                                                .map(s -> "coil " + s)
                                                .collect(Collectors.joining(", "));
                        },
                        done.shown(Section.CONTROL, c.key()),
                        c::agrees))
                .toList();
    }

    /** Whether some reading needs the contact of a part that no hand moves. */
    public static boolean hasUnmoved(Ladder ladder) {
        return DeadPlan.of(ladder).checks().stream()
                .flatMap(c -> c.hold().stream())
                .anyMatch(h -> ladder.part(h)
                        .filter(p -> p.kind() == Kind.TIMER || p.kind() == Kind.STANDSTILL)
                        .isPresent());
    }

    private static String held(Ladder ladder, String part) {
        return switch (ladder.part(part).map(Part::kind).orElse(Kind.BUTTON)) {
            case CONTACTOR, RELAY -> "the armature of " + part;
            // no hand moves these: their wire is taken off a contact that is closed, or its two terminals are joined
            case TIMER, STANDSTILL -> "the contact of " + part;
            default -> part;
        };
    }

    private static String at(DeadCheck check) {
        String between = spoken(check.from()) + " to " + spoken(check.to());
        return check.wireOff() ? between + ", one wire off" : between;
    }

    /** What no reading tells, in words. */
    public static List<Sentence> untold(Ladder ladder) {
        return DeadPlan.of(ladder).unseen().stream().map(ControlFault::words).toList();
    }

    /** Its wires by their names. */
    public static Map<String, WireRow> wires(Ladder ladder) {
        ControlNet net = ControlNet.of(ladder);
        return net.wires().stream()
                .collect(Collectors.toMap(
                        ControlWire::key,
                        w -> new WireRow(net.wireNumber(w.point()), spoken(w.from()), spoken(w.to()))));
    }

    /** A terminal as it is read out; the ends of the supply have names. */
    private static String spoken(String terminal) {
        return switch (terminal) {
            case ControlNet.HOT -> "control fuse F9";
            case ControlNet.COMMON -> "common side";
            default -> terminal;
        };
    }

    /** What stays live on an emergency stop, in words. */
    static List<String> live(Proof proof) {
        return proof.liveOnEmergencyStop().stream()
                .map(l -> "With " + l.part() + " pressed, these wires stay live: "
                        + new TreeSet<>(l.wireNumbers())
                                .stream().map(String::valueOf).collect(Collectors.joining(", "))
                        + ". Nothing else in the control circuit does.")
                .toList();
    }

    /** The marks of what stands worst first: fails, holds while nothing has failed, holds. */
    static Standing worst(Proof proof) {
        Set<Standing> all = proof.outcomes().stream().map(Outcome::standing).collect(Collectors.toSet());
        return all.contains(Standing.FAILS) || proof.findings().stream().anyMatch(Proof.Finding::danger)
                ? Standing.FAILS
                : all.contains(Standing.HOLDS_SOUND) ? Standing.HOLDS_SOUND : Standing.HOLDS;
    }
}
