package gatepin.web.drawing;

import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Wire;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.Leads;
import java.util.List;
import java.util.Optional;

/**
 * What lies on the bench to be drawn.
 *
 * @param leads the motor's leads with their colours
 * @param gear the switch; none where a bare connection is drawn
 * @param circuit the circuit that the engine computed on
 * @param wires the wires in the order of the wire list
 * @param flags what was found, to be shown beside what it is about
 */
public record Bench(Leads leads, Optional<SwitchKind> gear, Circuit circuit, List<Wire> wires, List<Flag> flags) {
    /** A bench without flags. */
    public Bench(Leads leads, Optional<SwitchKind> gear, Circuit circuit, List<Wire> wires) {
        this(leads, gear, circuit, wires, List.of());
    }

    Optional<Supply> supply() {
        return Optional.of(circuit.supply());
    }

    /** Draws it for a wide screen and for a tall one. */
    public List<Drawing> draw() {
        BenchSheet sheets = new BenchSheet(this);
        return List.of(new BenchPainter(this, sheets.wide()).paint(), new BenchPainter(this, sheets.tall()).paint());
    }
}
