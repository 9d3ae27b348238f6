package gatepin.core.check;

import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Device;
import gatepin.core.circuit.InnerContact;
import gatepin.core.circuit.Ohmmeter;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Terminal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What can be read on a wiring with the plug pulled, and what a perfect meter shows on it or on the same with a fault. */
final class ColdReadings {
    private final Circuit sound;
    private final boolean hasOff;
    private final Ohmmeter.Points points;
    private final List<Terminal> probed;
    private final List<Stand> stands = new ArrayList<>();

    /** Where handle and start switch stand while the meter is on. */
    record Stand(Setting setting, boolean heldOpen) {
        State state() {
            return new State(setting, !heldOpen, true);
        }
    }

    ColdReadings(Circuit sound, boolean hasOff) {
        this.sound = sound;
        this.hasOff = hasOff;
        List<Terminal> more = new ArrayList<>();
        for (int i = 0; i < sound.wires().size(); i++) {
            more.add(WiringFault.LOOSE_END.apply(i));
        }
        more.addAll(List.of(Terminal.MOTOR_FRAME, sound.chart().frame()));
        sound.motor().coils().forEach(c -> more.add(Terminal.inside(c.name() + MotorFault.BURNT_LOOP)));
        this.points = Ohmmeter.Points.of(sound, more);
        this.probed = probed(sound);
        boolean canHold = sound.motor().has(InnerContact.Kind.START_SWITCH);
        for (Setting setting : Read.settings(sound)) {
            if (!hasOff && setting.purpose() == Setting.Purpose.OFF) {
                continue;
            }
            stands.add(new Stand(setting, false));
            if (canHold) {
                stands.add(new Stand(setting, true));
            }
        }
    }

    /** The points a probe can be held on: the plug's pins, frames, terminals, splices, leads, tags. */
    private static List<Terminal> probed(Circuit circuit) {
        Set<Terminal> points = new LinkedHashSet<>(List.of(Terminal.L1, Terminal.L2, Terminal.GROUND));
        points.addAll(circuit.frames());
        circuit.terminals().stream().filter(t -> !t.is(Device.Type.INSIDE)).forEach(points::add);
        return List.copyOf(points);
    }

    List<Terminal> probed() {
        return probed;
    }

    List<Stand> stands() {
        return stands;
    }

    boolean hasOff() {
        return hasOff;
    }

    Circuit sound() {
        return sound;
    }

    /** The readings between all probed points of a circuit in a stand, Ω. */
    double[][] all(Circuit circuit, Stand stand) {
        return Ohmmeter.on(circuit, stand.state(), points).ohms(probed);
    }

    /** One circuit on the bench: what a perfect meter shows on it. */
    final class On {
        private final Circuit circuit;
        private final Map<Stand, Ohmmeter> meters = new HashMap<>();

        private On(Circuit circuit) {
            this.circuit = circuit;
        }

        /** Ω, or of a capacitor µF: none where it is open, less than nothing where it is shorted; infinite for OL. */
        double shown(Read read) {
            if (read instanceof Read.Ohms ohms) {
                return meters.computeIfAbsent(
                                new Stand(ohms.setting(), ohms.heldOpen()),
                                s -> Ohmmeter.on(circuit, s.state(), points))
                        .ohms(ohms.a(), ohms.b());
            }
            return ofCapacitor(circuit, ((Read.OfCapacitor) read).capacitor());
        }
    }

    On on(Circuit circuit) {
        return new On(circuit);
    }

    static final double SHORTED = -1;

    /** With a tag off nothing but the capacitor itself counts. */
    static double ofCapacitor(Circuit circuit, String name) {
        Capacitor capacitor = Named.capacitor(circuit, name);
        boolean shorted =
                circuit.motor().contacts().stream().anyMatch(c -> c.name().equals(name + MotorFault.SHORTED_NAME));
        if (shorted) {
            return SHORTED;
        }
        return capacitor.microfarads() <= MotorFault.NO_MICROFARADS ? Ohmmeter.OPEN : capacitor.microfarads();
    }

    /** What the meter may show where a perfect one shows this. */
    static Band band(Read read, double shown, Meter meter) {
        if (read instanceof Read.Ohms) {
            return meter.ohms(shown);
        }
        if (Double.isInfinite(shown)) {
            return Band.OPEN;
        }
        if (shown < 0) {
            return new Band(0, 0, meter.error().ohms());
        }
        return meter.measuresCapacitance() ? Meter.microfarads(shown) : SWINGS;
    }

    /** A capacitor that swings: what is read is that it does. */
    static final Band SWINGS = new Band(1e9, 1e9, 1e9);
}
