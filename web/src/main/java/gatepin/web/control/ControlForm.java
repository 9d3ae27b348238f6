package gatepin.web.control;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.control.ControlSupply;
import gatepin.core.control.ControlSupply.Source;
import gatepin.core.control.ControlWishes;
import gatepin.core.control.ControlWishes.Before;
import gatepin.core.control.ControlWishes.Start;
import gatepin.core.control.ControlWishes.With;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What a person wishes of a control circuit, as it is typed and as it is kept. */
public record ControlForm(Map<String, String> typed) {
    static ControlForm of(ControlWishes wishes) {
        Map<String, String> typed = new HashMap<>();
        typed.put("volts", "" + wishes.supply().volts());
        typed.put("source", wishes.supply().source().name());
        typed.put("start", wishes.start().name());
        typed.put("before", wishes.before().name());
        typed.put(
                "wait",
                wishes.waitSeconds() == Math.rint(wishes.waitSeconds())
                        ? "" + (int) wishes.waitSeconds()
                        : "" + wishes.waitSeconds());
        if (!wishes.supply().grounded()) {
            typed.put("floating", "yes");
        }
        wishes.with().forEach(w -> typed.put(w.name(), "yes"));
        return new ControlForm(typed);
    }

    /** The wishes in one line, as they are kept. */
    static String write(ControlWishes wishes) {
        return of(wishes).typed().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(e -> e.getKey() + "=" + e.getValue())
                .collect(Collectors.joining(" "));
    }

    /** The wishes that were kept; empty for a line that says nothing. */
    static Optional<ControlWishes> recall(String line) {
        if (line.isBlank()) {
            return Optional.empty();
        }
        Map<String, String> typed = new HashMap<>();
        for (String word : line.split(" ")) {
            int at = word.indexOf('=');
            typed.put(word.substring(0, at), word.substring(at + 1));
        }
        return new ControlForm(typed).read().value();
    }

    /** Whether a box is ticked. */
    public boolean has(String field) {
        return typed.containsKey(field);
    }

    /** What stands in a field; blank where nothing does. */
    public String get(String field) {
        return typed.getOrDefault(field, "").strip();
    }

    Reading<ControlWishes> read() {
        List<Problem> problems = new ArrayList<>();
        int volts = (int) number("volts", 5, 690, problems);
        Before before = choice("before", Before.values(), problems);
        double wait = before == Before.TIMER ? number("wait", 0.1, 600, problems) : 5;
        Start start = choice("start", Start.values(), problems);
        Source source = choice("source", Source.values(), problems);
        Set<With> with = EnumSet.noneOf(With.class);
        Arrays.stream(With.values()).filter(w -> has(w.name())).forEach(with::add);
        return problems.isEmpty()
                ? Reading.of(new ControlWishes(
                        new ControlSupply(volts, source, !has("floating"), false), start, before, wait, with))
                : Reading.failed(problems);
    }

    private double number(String field, double least, double most, List<Problem> problems) {
        String text = get(field).replace(',', '.').replaceAll("(?i)\\s*(v|volts|s|sec|seconds)$", "");
        try {
            double value = Double.parseDouble(text);
            if (value >= least && value <= most) {
                return value;
            }
        } catch (NumberFormatException e) {
            // said below
        }
        problems.add(new Problem(
                field,
                get(field),
                "“" + get(field) + "” will not do: a number from " + plain(least) + " to " + plain(most) + "."));
        return least;
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? "" + (int) value : "" + value;
    }

    private <E extends Enum<E>> E choice(String field, E[] values, List<Problem> problems) {
        return Arrays.stream(values)
                .filter(v -> v.name().equals(get(field).toUpperCase(Locale.ROOT)))
                .findFirst()
                .orElseGet(() -> {
                    problems.add(new Problem(field, get(field), "Choose one of those listed."));
                    return values[0];
                });
    }
}
