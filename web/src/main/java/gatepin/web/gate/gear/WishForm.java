package gatepin.web.gate.gear;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.found.FoundRecord;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Leads;
import gatepin.core.plan.Wishes;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What is asked of a plan besides, as typed.
 *
 * @param everyHotBroken ticked
 * @param wholeCurrentProtected ticked
 * @param mostConductors a number, or blank
 * @param unusable marks of terminals
 * @param kept wires as "T5 on 1, L1 on 5"
 */
public record WishForm(
        @Nullable Boolean everyHotBroken,
        @Nullable Boolean wholeCurrentProtected,
        String mostConductors,
        String unusable,
        String kept) {
    public WishForm {
        everyHotBroken = Boolean.TRUE.equals(everyHotBroken);
        wholeCurrentProtected = Boolean.TRUE.equals(wholeCurrentProtected);
        mostConductors = blankIfMissing(mostConductors);
        unusable = blankIfMissing(unusable);
        kept = blankIfMissing(kept);
    }

    private static String blankIfMissing(@Nullable String typed) {
        return typed == null ? "" : typed;
    }

    static WishForm of(Wishes wishes) {
        return new WishForm(
                wishes.everyHotBroken(),
                wishes.wholeCurrentProtected(),
                wishes.mostConductors().isPresent()
                        ? "" + wishes.mostConductors().getAsInt()
                        : "",
                wishes.unusable().stream().sorted().map(Terminal::label).collect(Collectors.joining(" ")),
                wishes.kept().stream()
                        .map(w -> w.from().label() + " on " + w.to().label())
                        .sorted()
                        .collect(Collectors.joining(", ")));
    }

    /** The wires found between a lead or line and the switch, as they are typed to keep them. */
    static String asFound(FoundRecord found) {
        return found.wires().stream()
                .filter(w -> !w.isAside())
                .flatMap(w -> Stream.of(List.of(w.oneEnd(), w.otherEnd()), List.of(w.otherEnd(), w.oneEnd())))
                .filter(ends -> ends.get(1).isGear()
                        && (ends.get(0).is(Type.MOTOR)
                                || ends.get(0).is(Type.CAPACITOR)
                                || ends.get(0).isLine())
                        && !ends.get(0).isGround()
                        && !ends.get(1).isGround())
                .map(ends -> ends.get(0).label() + " on " + ends.get(1).label())
                .collect(Collectors.joining(", "));
    }

    /** Reads it against the motor's leads and the switch's terminals. */
    Reading<Wishes> read(Leads leads, SwitchKind gear) {
        List<Problem> problems = new ArrayList<>();
        OptionalInt most = OptionalInt.empty();
        String number = mostConductors.strip();
        if (number.matches("[1-9]|1\\d")) {
            most = OptionalInt.of(Integer.parseInt(number));
        } else if (!number.isEmpty()) {
            problems.add(new Problem(
                    "mostConductors",
                    number,
                    "“" + number + "” is no number of conductors: write 1 to 19, or nothing."));
        }
        Set<Terminal> burnt = new HashSet<>();
        for (String mark : unusable.strip().toUpperCase(Locale.ROOT).split("[\\s,;]+")) {
            if (!mark.isEmpty()) {
                terminal(mark, gear).ifPresentOrElse(burnt::add, () -> problems.add(noTerminal("unusable", mark)));
            }
        }
        Set<Wire> stays = new HashSet<>();
        for (String part : kept.strip().split("[,;\\n]+")) {
            if (!part.isBlank()) {
                wire(part.strip(), leads, gear, problems).ifPresent(stays::add);
            }
        }
        return problems.isEmpty()
                ? Reading.of(new Wishes(
                        Boolean.TRUE.equals(everyHotBroken),
                        Boolean.TRUE.equals(wholeCurrentProtected),
                        most,
                        burnt,
                        stays))
                : Reading.failed(problems);
    }

    private static Optional<Terminal> terminal(String mark, SwitchKind gear) {
        return gear.chart().terminals().stream()
                .filter(t -> t.label().equalsIgnoreCase(mark))
                .findFirst();
    }

    private static Problem noTerminal(String field, String mark) {
        return new Problem(
                field, mark, "The switch has no terminal " + mark + ". Write its marks with spaces between.");
    }

    private static Optional<Wire> wire(String typed, Leads leads, SwitchKind gear, List<Problem> problems) {
        String[] ends = typed.split("(?i)\\s+(?:on|to|at)\\s+|\\s*[-–→=]\\s*|\\s+");
        if (ends.length != 2) {
            problems.add(new Problem(
                    "kept", typed, "“" + typed + "” is no wire: write the lead and the terminal, such as T5 on 1."));
            return Optional.empty();
        }
        Optional<Terminal> point = ends[0].equalsIgnoreCase("L1")
                ? Optional.of(Terminal.L1)
                : ends[0].equalsIgnoreCase("L2") || ends[0].equalsIgnoreCase("N")
                        ? Optional.of(Terminal.L2)
                        : leads.find(ends[0]).map(Lead::terminal);
        Optional<Terminal> on = terminal(ends[1], gear);
        if (point.isEmpty()) {
            problems.add(new Problem("kept", typed, "The motor has no lead " + ends[0] + ", and it is no line."));
        }
        if (on.isEmpty()) {
            problems.add(noTerminal("kept", ends[1]));
        }
        return point.flatMap(p -> on.map(o -> new Wire(p, o, Wire.Run.MOTOR_CABLE)));
    }
}
