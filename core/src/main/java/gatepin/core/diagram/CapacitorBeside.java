package gatepin.core.diagram;

import gatepin.core.circuit.Marks;
import gatepin.core.circuit.Winding;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Lead.WindingEnd;
import gatepin.core.machine.Leads;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * A motor whose start winding comes out bare, with its capacitor bolted beside it for a person to wire: its two tags are points of the
 * connection like the leads, and stand in series with the start winding (common practice for a four-wire PSC motor).
 *
 * @param leads the leads and the tags
 * @param connection the diagram's column with the capacitor in it
 */
public record CapacitorBeside(Leads leads, Connection connection) {
    /** What the tags are called where nobody named them. */
    public static final List<String> TAGS = List.of("C1", "C2");

    /**
     * Puts a capacitor between the far end of the start winding and whatever that was joined to; empty where the motor has a
     * capacitor with tags already, or no start winding with an end of its own.
     *
     * @param tags what its two tags are called
     */
    public static Optional<CapacitorBeside> of(Leads leads, Connection connection, List<String> tags) {
        boolean has = leads.all().stream().anyMatch(l -> l.isOf(Role.CAPACITOR));
        List<Winding> start =
                leads.windings().stream().filter(w -> w.role() == Role.START).toList();
        boolean taken = tags.stream().anyMatch(t -> leads.find(t).isPresent());
        if (has || taken || start.size() != 1 || leads.all().size() + 2 > Leads.MOST) {
            return Optional.empty();
        }
        Winding winding = start.get(0);
        return List.of(winding.other(), winding.like()).stream()
                .map(end -> leads.find(end.mark()).orElseThrow())
                .filter(lead -> lead.ends().size() == 1)
                .findFirst()
                .map(lead -> between(leads, connection, lead.mark(), tags));
    }

    private static CapacitorBeside between(Leads leads, Connection was, String end, List<String> tags) {
        List<Lead> all = new ArrayList<>(leads.all());
        all.add(new Lead(tags.get(0), "", new WindingEnd(Role.CAPACITOR, 1, true)));
        all.add(new Lead(tags.get(1), "", new WindingEnd(Role.CAPACITOR, 1, false)));
        String far = tags.get(1);
        List<SortedSet<String>> joined = new ArrayList<>(
                was.joined().stream().map(g -> replaced(g, end, far)).toList());
        SortedSet<String> series = new TreeSet<>(Marks.NATURAL_ORDER);
        series.add(end);
        series.add(tags.get(0));
        joined.add(series);
        Connection.Swap swap = new Connection.Swap(
                was.swap().first().equals(end) ? far : was.swap().first(),
                was.swap().second().equals(end) ? far : was.swap().second());
        return new CapacitorBeside(
                new Leads(all),
                new Connection(
                        was.volts(), replaced(was.line1(), end, far), replaced(was.line2(), end, far), joined, swap));
    }

    private static SortedSet<String> replaced(SortedSet<String> group, String end, String far) {
        SortedSet<String> replaced = new TreeSet<>(Marks.NATURAL_ORDER);
        group.forEach(m -> replaced.add(m.equals(end) ? far : m));
        return replaced;
    }
}
