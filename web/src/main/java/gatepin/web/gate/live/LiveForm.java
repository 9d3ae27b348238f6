package gatepin.web.gate.live;

import gatepin.core.Problem;
import gatepin.core.TypedNumber;
import gatepin.core.check.LivePlan.Expected;
import gatepin.core.check.LiveSeen;
import gatepin.core.check.LiveStep.Turn;
import gatepin.web.check.CheckWords;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Reads what a person saw, heard or measured under power. */
final class LiveForm {
    private static final double A_THOUSAND = 1000;

    private LiveForm() {}

    /** What was seen of a step; a problem where it says nothing or has to be asked about. */
    static Optional<LiveSeen> seen(Expected step, Map<String, String> typed, List<Problem> problems) {
        String key = step.step().key();
        String text = typed.getOrDefault("value", "").strip();
        return switch (step.step().what().answer()) {
            case DIRECTION -> {
                Optional<Turn> turn = Arrays.stream(Turn.values())
                        .filter(t -> t.name().equals(text))
                        .findFirst();
                if (turn.isEmpty()) {
                    problems.add(new Problem("value", text, "Tap what you saw."));
                }
                yield turn.map(t -> LiveSeen.of(key, t));
            }
            case YES_OR_NO -> {
                if (!text.equals("yes") && !text.equals("no")) {
                    problems.add(new Problem("value", text, "Was it heard? Yes or no."));
                    yield Optional.empty();
                }
                yield Optional.of(LiveSeen.of(key, text.equals("yes")));
            }
            case NUMBER -> number(step, typed, text, problems).map(n -> LiveSeen.of(key, n));
        };
    }

    private static Optional<Double> number(
            Expected step, Map<String, String> typed, String text, List<Problem> problems) {
        String unit = CheckWords.unit(step).strip();
        boolean cold = unit.equals("°C");
        TypedNumber.Field field = TypedNumber.Field.of(
                        cold ? -40 : 0, 100_000, unit.toLowerCase(java.util.Locale.ROOT), unitWord(unit))
                .fromADisplay();
        TypedNumber number = TypedNumber.read(text, field);
        if (number.kind() != TypedNumber.Kind.GOOD) {
            problems.add(new Problem(
                    "value",
                    text,
                    text.isEmpty()
                            ? "Write what the instrument shows, in " + unit + "."
                            : "“" + text + "” is no reading here: write a number in " + unit + "."));
            return Optional.empty();
        }
        double value = number.value();
        if (typed.getOrDefault("sure", "").isEmpty()) {
            for (double factor : List.of(A_THOUSAND, 1 / A_THOUSAND)) {
                boolean fits = step.band().likely() > 0
                        && step.against(LiveSeen.of(step.step().key(), value * factor))
                                == gatepin.core.check.Taken.Standing.AGREES
                        && step.against(LiveSeen.of(step.step().key(), value))
                                == gatepin.core.check.Taken.Standing.DISAGREES;
                if (fits) {
                    problems.add(new Problem(
                            "value",
                            text,
                            "Is the unit right? " + CheckWords.number(value * factor) + " " + unit
                                    + " would be what belongs here. If it really is so, say so below."));
                    return Optional.empty();
                }
            }
        }
        return Optional.of(value);
    }

    private static String unitWord(String unit) {
        return switch (unit) {
            case "V" -> "volts";
            case "A" -> "amps";
            case "s" -> "seconds";
            case "°C" -> "c";
            default -> "1/min";
        };
    }
}
