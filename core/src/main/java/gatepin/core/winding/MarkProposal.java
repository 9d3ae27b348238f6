package gatepin.core.winding;

import gatepin.core.machine.Leads;
import gatepin.core.winding.Part.Role;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Marks for leads that have none, from the windings that were found. Which end of a winding gets the odd mark is free for the
 * first half and the start winding; the second half's follows from the sense test.
 */
public final class MarkProposal {
    /** A way to mark leads. */
    public enum Scheme {
        /** T1 to T8 and P1, P2 (NEMA MG 1 part 2, from memory). */
        NORTH_AMERICAN,
        /** U, V for main halves and Z for the auxiliary winding (IEC 60034-8, from memory). */
        IEC
    }

    /**
     * One lead.
     *
     * @param lead what it was called while it was measured
     * @param typed its mark and winding for the lead table
     */
    public record Marked(String lead, Leads.Typed typed) {}

    private final Scheme scheme;
    private final boolean turnSecondHalf;
    private final Map<String, List<String>> marksOf = new LinkedHashMap<>();
    private final Map<String, List<String>> windingsOf = new LinkedHashMap<>();

    private MarkProposal(Scheme scheme, boolean turnSecondHalf) {
        this.scheme = scheme;
        this.turnSecondHalf = turnSecondHalf;
    }

    /**
     * Proposes marks; leads that are no winding's get none.
     *
     * @param turnSecondHalf the second run half is marked the other way round: the sense test found two like ends joined
     */
    public static List<Marked> of(Arrangement arrangement, Scheme scheme, boolean turnSecondHalf) {
        MarkProposal proposal = new MarkProposal(scheme, turnSecondHalf);
        List<Part> run = proposal.parts(arrangement, Role.RUN, Role.RUN_HALF);
        List<Part> start = proposal.parts(arrangement, Role.START, Role.START_HALF);
        List<Part> protectors = proposal.parts(arrangement, Role.PROTECTOR);
        if (run.isEmpty() || protectors.stream().anyMatch(p -> p.leads().size() > 2)) {
            return List.of();
        }
        proposal.name("protector", protectors);
        proposal.name("run", run);
        proposal.name("start", start);
        List<Marked> marked = new ArrayList<>();
        proposal.windingsOf.forEach((lead, windings) -> marked.add(new Marked(
                lead,
                new Leads.Typed(
                        proposal.marksOf.getOrDefault(lead, List.of(lead)).get(0), "", String.join(" + ", windings)))));
        marked.sort(Comparator.comparing(m -> m.typed().mark(), gatepin.core.circuit.Marks.NATURAL_ORDER));
        return marked;
    }

    private List<Part> parts(Arrangement arrangement, Role... roles) {
        return arrangement.inOrder().stream()
                .filter(p -> List.of(roles).contains(p.role()) && p.leads().size() > 1)
                .toList();
    }

    private void name(String circuit, List<Part> parts) {
        for (int i = 0; i < parts.size(); i++) {
            List<String> ends = new ArrayList<>(parts.get(i).leads());
            if (i == 1 && circuit.equals("run") && turnSecondHalf) {
                java.util.Collections.reverse(ends);
            }
            List<String> marks = marks(circuit, i, parts.size());
            for (int end = 0; end < 2; end++) {
                marksOf.computeIfAbsent(ends.get(end), k -> new ArrayList<>()).add(marks.get(end));
                windingsOf
                        .computeIfAbsent(ends.get(end), k -> new ArrayList<>())
                        .add(circuit + " " + (i + 1));
            }
        }
    }

    private List<String> marks(String circuit, int number, int parts) {
        boolean american = scheme == Scheme.NORTH_AMERICAN;
        return switch (circuit) {
            case "protector" -> List.of("P1", "P2");
            case "run" ->
                american
                        ? (parts == 1 ? List.of("T1", "T4") : number == 0 ? List.of("T1", "T2") : List.of("T3", "T4"))
                        : (number == 0 ? List.of("U1", "U2") : List.of("V1", "V2"));
            default ->
                american
                        ? (parts == 1 ? List.of("T5", "T8") : number == 0 ? List.of("T5", "T6") : List.of("T7", "T8"))
                        : (number == 0 ? List.of("Z1", "Z2") : List.of("Z3", "Z4"));
        };
    }
}
