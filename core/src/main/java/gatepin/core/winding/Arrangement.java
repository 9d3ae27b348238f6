package gatepin.core.winding;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * One way the windings of a motor can lie between its leads.
 *
 * @param kind what motor that is
 * @param parts every part of it
 */
public record Arrangement(Kind kind, Set<Part> parts) {
    /** Motors by what their leads show. */
    public enum Kind {
        RUN_ONLY("a run winding alone"),
        SINGLE_VOLTAGE("run and start winding, for one voltage"),
        TWO_HALVES("two run halves; the start winding does not come out"),
        DUAL_VOLTAGE("two run halves and a start winding, for two voltages"),
        DUAL_VOLTAGE_START_HALVES("two run halves and two start halves, for two voltages"),
        COMMON_LEAD("run and start winding with one end of each on a common lead"),
        CENTRE_TAP("two run halves joined in the middle"),
        DUAL_VOLTAGE_JOINED("two run halves and a start winding that shares a lead with one of them"),
        PROTECTED_RUN("run and start winding, the protector joined to one of them inside"),
        PROTECTED_COMMON("run and start winding on a common lead behind a protector"),
        THREE_TERMINAL_PROTECTOR("with a protector of three terminals"),
        THREE_PHASE_SIX("three equal windings: a three-phase motor"),
        THREE_PHASE_STAR("three equal windings joined inside: a three-phase motor"),
        THREE_PHASE_NINE_STAR("a three-phase motor with nine leads, star"),
        THREE_PHASE_NINE_DELTA("a three-phase motor with nine leads, delta"),
        BROKEN_WINDING("a motor with a winding that is broken, or open behind its switch");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Arrangement {
        parts = Set.copyOf(parts);
    }

    Arrangement(Kind kind, Collection<Part> parts) {
        this(kind, new HashSet<>(parts));
    }

    /** What each lead serves: halves count as their winding. Arrangements that agree in this are wired alike. */
    Set<Part> circuits() {
        return parts.stream().map(Part::asWhole).collect(java.util.stream.Collectors.toSet());
    }

    /** The parts in the order a person lists them: run, start, protector, the rest. */
    public List<Part> inOrder() {
        return parts.stream()
                .sorted(Comparator.comparing(Part::role)
                        .thenComparing(p -> p.leads().get(0), gatepin.core.circuit.Marks.NATURAL_ORDER))
                .toList();
    }
}
