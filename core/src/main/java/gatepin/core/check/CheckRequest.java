package gatepin.core.check;

import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Supply;
import gatepin.core.machine.RatedPoint;
import java.util.Collection;
import java.util.Optional;
import java.util.Set;

/**
 * A wiring to be checked.
 *
 * @param circuit the wiring as it should be
 * @param rated where its motor works as its plate says
 * @param hasOff the handle has a place for OFF
 * @param links links of the switch that have to be out
 * @param meter the meter in hand
 */
public record CheckRequest(Circuit circuit, RatedPoint rated, boolean hasOff, Set<Contact> links, Meter meter) {
    public CheckRequest {
        links = Set.copyOf(links);
    }

    /**
     * A motor that nobody knows the wiring of, on a switch as it might be; empty where its windings are of no usual kind.
     *
     * @param supply what it hangs on
     */
    public static Optional<CheckRequest> asIsUsual(Motor motor, RatedPoint rated, Supply supply) {
        return StandardReversing.of(motor, supply, Feeder.USUAL).map(c -> of(c, rated));
    }

    /** A wiring on a handle with an OFF, checked with a shop's meter. */
    public static CheckRequest of(Circuit circuit, RatedPoint rated) {
        return new CheckRequest(circuit, rated, true, Set.of(), Meter.USUAL);
    }

    /** The same with another meter. */
    public CheckRequest with(Meter other) {
        return new CheckRequest(circuit, rated, hasOff, links, other);
    }

    /** The same wiring on a handle without OFF, and with links that have to be out. */
    public CheckRequest on(boolean off, Collection<Contact> toTakeOut) {
        return new CheckRequest(circuit, rated, off, Set.copyOf(toTakeOut), meter);
    }
}
