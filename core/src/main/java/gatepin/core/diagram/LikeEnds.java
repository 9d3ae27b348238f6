package gatepin.core.diagram;

import gatepin.core.circuit.Nodes;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Lead.WindingEnd;
import gatepin.core.machine.Leads;
import java.util.List;

/**
 * Which ends of two halves are alike where their marks say nothing of it. The order of an alphabet is no evidence; the diagram's own
 * connection is: it sets no halves against each other.
 */
public final class LikeEnds {
    private LikeEnds() {}

    /** The leads with the ends of second halves called as the connection needs them; those with standard marks stay as they are. */
    public static Leads settled(Leads leads, Connection connection) {
        Leads settled = leads;
        for (Role role : List.of(Role.RUN, Role.START)) {
            List<Winding> halves =
                    leads.windings().stream().filter(w -> w.role() == role).toList();
            if (halves.size() == 2 && !isByMarks(leads, halves) && areAgainst(halves, leads, connection)) {
                settled = turned(settled, role);
            }
        }
        return settled;
    }

    private static boolean isByMarks(Leads leads, List<Winding> halves) {
        return halves.stream()
                .flatMap(w -> List.of(w.like(), w.other()).stream())
                .flatMap(t -> leads.find(t.mark()).stream())
                .anyMatch(Leads::isByItsMark);
    }

    /** In parallel, unlike ends on one side; in series, like ends together in the middle. */
    private static boolean areAgainst(List<Winding> halves, Leads leads, Connection connection) {
        Nodes nodes = Nodes.of(connection.direct(leads), List.of());
        Terminal like = nodes.nodeOf(halves.get(0).like());
        Terminal other = nodes.nodeOf(halves.get(0).other());
        Terminal secondLike = nodes.nodeOf(halves.get(1).like());
        Terminal secondOther = nodes.nodeOf(halves.get(1).other());
        boolean crossed = like.equals(secondOther) && other.equals(secondLike);
        return crossed || like.equals(secondLike) != other.equals(secondOther);
    }

    private static Leads turned(Leads leads, Role role) {
        return new Leads(leads.all().stream()
                .map(l -> new Lead(
                        l.mark(),
                        l.colour(),
                        l.ends().stream()
                                .map(e -> e.role() == role && e.number() == 2
                                        ? new WindingEnd(e.role(), e.number(), !e.like())
                                        : e)
                                .toList()))
                .toList());
    }
}
