package gatepin.core.verdict;

import gatepin.core.Severity;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import java.util.List;
import java.util.Optional;

/**
 * One thing found about a wiring.
 *
 * @param rule what it is
 * @param severity how it stands
 * @param position the handle position it holds in; empty where it holds for the wiring as a whole
 * @param part the winding it is about; empty where it is about none in particular
 * @param terminals the terminals it is about
 * @param path how the current gets there, terminal by terminal; empty where there is no path to show
 * @param value see the rule; 0 where it has none
 * @param expected see the rule; 0 where it has none
 */
public record Verdict(
        Rule rule,
        Severity severity,
        Optional<HandlePosition> position,
        String part,
        List<Terminal> terminals,
        List<Terminal> path,
        double value,
        double expected) {
    public Verdict {
        terminals = List.copyOf(terminals);
        path = List.copyOf(path);
    }

    static Verdict of(Rule rule, Severity severity) {
        return new Verdict(rule, severity, Optional.empty(), "", List.of(), List.of(), 0, 0);
    }

    /** The same verdict without its position, whose name then stays out of the words. */
    public Verdict anywhere() {
        return new Verdict(rule, severity, Optional.empty(), part, terminals, path, value, expected);
    }

    Verdict in(HandlePosition where) {
        return new Verdict(rule, severity, Optional.of(where), part, terminals, path, value, expected);
    }

    Verdict about(String what) {
        return new Verdict(rule, severity, position, what, terminals, path, value, expected);
    }

    Verdict at(List<Terminal> where) {
        return new Verdict(rule, severity, position, part, where, path, value, expected);
    }

    Verdict along(List<Terminal> how) {
        return new Verdict(rule, severity, position, part, terminals, how, value, expected);
    }

    Verdict reading(double is, double shouldBe) {
        return new Verdict(rule, severity, position, part, terminals, path, is, shouldBe);
    }
}
