package gatepin.core.circuit;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * Which contacts of a switch are closed in each handle position.
 *
 * @param terminals every terminal of the switch, in the order seen on its face
 * @param closed the closed contacts by position; a position without an entry has none closed
 */
public record ContactChart(List<Terminal> terminals, Map<HandlePosition, Set<Contact>> closed) {
    public ContactChart {
        terminals = List.copyOf(terminals);
        Map<HandlePosition, Set<Contact>> copy = new EnumMap<>(HandlePosition.class);
        for (HandlePosition position : HandlePosition.values()) {
            Set<Contact> contacts = new LinkedHashSet<>(closed.getOrDefault(position, Set.of()));
            for (Contact contact : contacts) {
                for (Terminal end : List.of(contact.a(), contact.b())) {
                    if (!terminals.contains(end)) {
                        throw new IllegalArgumentException(
                                "contact " + contact + " names " + end.mark() + ", which the switch does not have");
                    }
                }
            }
            copy.put(position, java.util.Collections.unmodifiableSet(contacts));
        }
        closed = java.util.Collections.unmodifiableMap(copy);
    }

    public Set<Contact> closedIn(HandlePosition position) {
        return closed.getOrDefault(position, Set.of());
    }

    /** Every contact that closes in some position, each once. */
    public List<Contact> contacts() {
        Set<Contact> all = new LinkedHashSet<>();
        for (HandlePosition position : HandlePosition.values()) {
            all.addAll(closedIn(position));
        }
        return new ArrayList<>(all);
    }

    /** The positions in which a contact is closed. */
    public SortedSet<HandlePosition> positionsOf(Contact contact) {
        SortedSet<HandlePosition> positions = new TreeSet<>();
        for (HandlePosition position : HandlePosition.values()) {
            if (closedIn(position).contains(contact)) {
                positions.add(position);
            }
        }
        return positions;
    }
}
