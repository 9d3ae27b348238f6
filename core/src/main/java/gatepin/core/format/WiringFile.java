package gatepin.core.format;

import gatepin.core.check.CheckRequest;
import gatepin.core.check.Meter;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Terminal;
import gatepin.core.diagram.Connection;
import gatepin.core.machine.FittedMotor;
import gatepin.core.machine.RatedPoint;
import gatepin.core.rotation.StatedRotation;
import java.util.List;
import java.util.Optional;

/**
 * A wiring as read from a file.
 *
 * @param machine the machine's name
 * @param circuit the motor with all that it is wired to
 * @param fitted the fit, where the motor's values come from its plate and not from the file
 * @param rated where the motor works as its plate says
 * @param probes pairs between which the ohmmeter's reading is wanted
 * @param plusIs what the plus direction looks like; not stated where the file is silent
 * @param connection the column of its diagram, where the file gives it
 */
public record WiringFile(
        String machine,
        Circuit circuit,
        Optional<FittedMotor> fitted,
        RatedPoint rated,
        List<Probe> probes,
        StatedRotation plusIs,
        Optional<Connection> connection) {
    /** The wiring as it is checked: with wide bands where the windings are known by the plate alone, as the pages check it. */
    CheckRequest toCheck() {
        boolean byPlate = fitted.filter(f -> !f.given().isMeasured()).isPresent();
        return CheckRequest.of(circuit, rated).with(Meter.USUAL.on(byPlate ? Meter.ESTIMATED : Meter.MEASURED));
    }

    /** Two terminals to put the meter's probes on. */
    public record Probe(Terminal from, Terminal to) {}

    public WiringFile {
        probes = List.copyOf(probes);
    }
}
