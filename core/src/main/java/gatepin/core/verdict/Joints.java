package gatepin.core.verdict;

import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Ways through wires and closed contacts. */
final class Joints {
    private Joints() {}

    /** The shortest way between two terminals, with both of them; empty when there is none. */
    static List<Terminal> path(Circuit circuit, Setting setting, Terminal from, Terminal to) {
        Map<Terminal, List<Terminal>> next = new HashMap<>();
        for (Wire wire : circuit.wires()) {
            join(next, wire.from(), wire.to());
        }
        for (Contact contact : circuit.chart().closedIn(setting)) {
            join(next, contact.a(), contact.b());
        }
        for (InnerContact contact : circuit.motor().contacts()) {
            if (contact.isClosed(State.atRest(setting))) {
                join(next, contact.a(), contact.b());
            }
        }
        Map<Terminal, Terminal> before = new HashMap<>(Map.of(from, from));
        Deque<Terminal> open = new ArrayDeque<>(List.of(from));
        while (!open.isEmpty()) {
            Terminal here = open.remove();
            if (here.equals(to)) {
                return trace(before, from, to);
            }
            for (Terminal there : next.getOrDefault(here, List.of())) {
                if (before.putIfAbsent(there, here) == null) {
                    open.add(there);
                }
            }
        }
        return List.of();
    }

    private static List<Terminal> trace(Map<Terminal, Terminal> before, Terminal from, Terminal to) {
        List<Terminal> path = new ArrayList<>(List.of(to));
        while (!path.get(0).equals(from)) {
            path.add(0, before.getOrDefault(path.get(0), from));
        }
        return path;
    }

    private static void join(Map<Terminal, List<Terminal>> next, Terminal a, Terminal b) {
        next.computeIfAbsent(a, k -> new ArrayList<>()).add(b);
        next.computeIfAbsent(b, k -> new ArrayList<>()).add(a);
    }
}
