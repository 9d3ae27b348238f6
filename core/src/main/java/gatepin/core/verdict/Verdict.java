package gatepin.core.verdict;

import gatepin.core.Severity;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Terminal;
import java.util.List;
import java.util.Optional;

/**
 * One thing found about a wiring.
 *
 * @param rule what it is
 * @param severity how it stands
 * @param setting the setting it holds in; empty where it holds for the wiring as a whole
 * @param part the winding it is about; empty where it is about none in particular
 * @param terminals the terminals it is about
 * @param path how the current gets there, terminal by terminal; empty where there is no path to show
 * @param value see the rule; 0 where it has none
 * @param expected see the rule; 0 where it has none
 * @param advice what to do about it, as far as the engine has tried it
 */
public record Verdict(
        Rule rule,
        Severity severity,
        Optional<Setting> setting,
        String part,
        List<Terminal> terminals,
        List<Terminal> path,
        double value,
        double expected,
        Advice advice) {
    public Verdict {
        terminals = List.copyOf(terminals);
        path = List.copyOf(path);
    }

    static Verdict of(Rule rule, Severity severity) {
        return new Verdict(rule, severity, Optional.empty(), "", List.of(), List.of(), 0, 0, Advice.NONE);
    }

    /** Whether it speaks of OFF; on a handle that has no place for OFF it then means nothing. */
    public boolean isOfOff() {
        return setting.filter(s -> s.purpose() == Setting.Purpose.OFF).isPresent();
    }

    /** The same verdict without its setting, whose name then stays out of the words. */
    public Verdict anywhere() {
        return new Verdict(rule, severity, Optional.empty(), part, terminals, path, value, expected, advice);
    }

    Verdict in(Setting where) {
        return new Verdict(rule, severity, Optional.of(where), part, terminals, path, value, expected, advice);
    }

    Verdict about(String what) {
        return new Verdict(rule, severity, setting, what, terminals, path, value, expected, advice);
    }

    Verdict at(List<Terminal> where) {
        return new Verdict(rule, severity, setting, part, where, path, value, expected, advice);
    }

    Verdict along(List<Terminal> how) {
        return new Verdict(rule, severity, setting, part, terminals, how, value, expected, advice);
    }

    Verdict reading(double is, double shouldBe) {
        return new Verdict(rule, severity, setting, part, terminals, path, is, shouldBe, advice);
    }

    Verdict advising(Advice what) {
        return new Verdict(rule, severity, setting, part, terminals, path, value, expected, what);
    }
}
