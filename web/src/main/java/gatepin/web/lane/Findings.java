package gatepin.web.lane;

import gatepin.core.Sentence;
import gatepin.core.Severity;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Rule;
import gatepin.core.verdict.Verdict;
import gatepin.core.verdict.VerdictWords;
import gatepin.core.words.Wording;
import gatepin.web.drawing.Flag;
import gatepin.web.lane.Finding.Level;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The engine's verdicts as findings for the ticket, and as flags for the drawing beside what they are about.
 *
 * @param findings in the order in which they are read
 * @param flags numbered as the findings are
 */
public record Findings(List<Finding> findings, List<Flag> flags) {
    /** What two verdicts must share to be told once, for both positions. */
    private record Same(Object rule, String part, List<Terminal> terminals, Sentence title) {}

    /** All verdicts of an analysis; what is the same in two positions is said once. */
    public static Findings of(Analysis analysis, Wording wording) {
        return of(analysis, true, wording);
    }

    /** The same without what is said of OFF, where the handle has no place for it. */
    public static Findings of(Analysis analysis, boolean hasOff, Wording wording) {
        Supply supply = analysis.circuit().supply();
        boolean oneWay = analysis.settings().size() == 1;
        Map<Same, List<Verdict>> together = new LinkedHashMap<>();
        for (Verdict verdict : analysis.verdicts()) {
            if (verdict.isOfOff() && !hasOff) {
                continue;
            }
            Sentence title = VerdictWords.of(verdict.anywhere(), supply).title();
            together.computeIfAbsent(
                            new Same(verdict.rule(), verdict.part(), verdict.terminals(), title),
                            k -> new ArrayList<>())
                    .add(verdict);
        }
        List<Finding> findings = new ArrayList<>();
        List<Flag> flags = new ArrayList<>();
        for (List<Verdict> same : together.values()) {
            Verdict first = same.get(0);
            String at = oneWay
                    ? ""
                    : String.join(
                            " ",
                            same.stream()
                                    .flatMap(v -> v.setting().stream())
                                    .map(Setting::word)
                                    .toList());
            boolean flagged = first.severity() != Severity.GOOD
                    && first.terminals().stream().anyMatch(Findings::isDrawn);
            int number = flagged ? flags.size() + 1 : 0;
            if (flagged) {
                flags.add(new Flag(
                        number,
                        first.severity().word(),
                        at,
                        first.terminals().stream().filter(Findings::isDrawn).toList()));
            }
            VerdictWords words = VerdictWords.of(same.size() > 1 || oneWay ? first.anywhere() : first, supply);
            // what holds in OFF is read before the handle gets there
            String shown = at.equals(HandlePosition.OFF.word()) ? "" : at;
            findings.add(new Finding(
                    level(first.severity()),
                    wording.say(words.title()),
                    wording.say(words.words()),
                    shown,
                    number,
                    why(first.rule())));
        }
        return new Findings(findings, flags);
    }

    /** The pictures that answer why it is so. */
    private static String why(Rule rule) {
        return switch (rule) {
            case HUMS, START_NOT_ENERGISED, SAME_WAY, REVERSES, TURNS -> "field";
            case START_LEFT_IN -> "thrown";
            case RUN_OVERVOLTAGE, RUN_UNDERVOLTAGE, RUN_HALF_IDLE, HALVES_OPPOSING -> "halves";
            case START_CAPACITOR_OUT, CAPACITOR_ACROSS_LINES, CAPACITOR_PASSED_BY -> "capacitor";
            case PROTECTOR_BYPASSED, PROTECTED, BURNS -> "protector";
            default -> "";
        };
    }

    private static boolean isDrawn(Terminal terminal) {
        return !terminal.is(Type.INSIDE);
    }

    /** A finding of a severity, its sentences put into words. */
    public static Finding of(Severity severity, Sentence title, Sentence words, Wording wording) {
        return new Finding(level(severity), wording.say(title), wording.say(words), "", 0, "");
    }

    private static Level level(Severity severity) {
        return switch (severity) {
            case GOOD -> Level.GOOD;
            case WARN -> Level.WARN;
            case DANGER -> Level.BAD;
        };
    }
}
