package gatepin.core.gear;

import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.gear.Buzz.Result;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.Objects;
import java.util.Random;
import java.util.Set;

/**
 * A stand-in for a meter on a switch nobody can look into.
 *
 * @param hidden what is inside
 * @param worn contacts that close only now and then
 * @param seed makes one meter differ from another
 */
public record SimulatedBuzzer(ContactChart hidden, Set<Contact> worn, long seed) {
    /** What it shows: ohms, meter leads included, infinite where nothing joins the two; and what to make of it. */
    public record Shown(double ohms, Result result) {}

    /** Probes on two terminals while the handle is thrown into a position a few times. */
    public Shown read(HandlePosition position, Contact pair) {
        Random chance = new Random(seed * 31
                + Objects.hash(position.ordinal(), pair.a().mark(), pair.b().mark()));
        if (joined(position, pair, Set.of())) {
            boolean firm = joined(position, pair, worn);
            double ohms = 0.15 + 0.2 * chance.nextDouble() + (firm ? 0 : 4);
            return new Shown(Math.round(ohms * 10) / 10.0, firm ? Result.CLOSED : Result.SOMETIMES);
        }
        return new Shown(Double.POSITIVE_INFINITY, Result.OPEN);
    }

    private boolean joined(HandlePosition position, Contact pair, Set<Contact> without) {
        Set<Terminal> seen = new HashSet<>(Set.of(pair.a()));
        Deque<Terminal> open = new ArrayDeque<>(Set.of(pair.a()));
        while (!open.isEmpty()) {
            Terminal here = open.remove();
            for (Contact contact : hidden.closedIn(position)) {
                boolean touches = contact.a().equals(here) || contact.b().equals(here);
                Terminal next = contact.a().equals(here) ? contact.b() : contact.a();
                if (touches && !without.contains(contact) && seen.add(next)) {
                    open.add(next);
                }
            }
        }
        return seen.contains(pair.b());
    }
}
