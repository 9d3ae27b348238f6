package gatepin.core.check;

import gatepin.core.Sentence;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.Device;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding;
import java.util.List;

/** What the parts of a circuit are called where a person reads of them, and where they are to be found. */
final class Named {
    private Named() {}

    /** A terminal as it stands in a sentence: where it is, and its mark. */
    static Object of(Terminal terminal, Circuit circuit) {
        if (terminal.isFrame()) {
            return switch (terminal.device().type()) {
                case MOTOR -> Sentence.of("frame.motor");
                case SWITCH -> Sentence.of("frame.switch");
                case BOX -> Sentence.of("frame.contactors");
                default -> Sentence.of("frame.of", terminal.device().name());
            };
        }
        return switch (terminal.device().type()) {
            case SUPPLY ->
                terminal.equals(Terminal.GROUND)
                        ? Sentence.of("point.groundPin")
                        : Sentence.of("point.pin", circuit.supply().nameOf(terminal));
            case SPLICE -> Sentence.of("point.splice", terminal.mark());
            case SWITCH ->
                terminal.device().equals(Device.SWITCH)
                        ? Sentence.of("point.switch", terminal.mark())
                        : Sentence.of("point.device", terminal.id());
            case CAPACITOR -> Sentence.of("point.tag", terminal.mark());
            case MOTOR -> Sentence.of("point.lead", terminal.mark());
            case INSIDE -> Sentence.of("point.inside", terminal.mark());
            default -> Sentence.of("point.device", terminal.id());
        };
    }

    static Coil coil(Circuit circuit, String name) {
        return circuit.motor().coils().stream()
                .filter(c -> c.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no winding " + name));
    }

    static Capacitor capacitor(Circuit circuit, String name) {
        return circuit.capacitors().stream()
                .filter(c -> c.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no capacitor " + name));
    }

    static List<Terminal> leadsOf(Circuit circuit, String coil) {
        return circuit.motor().windings().stream()
                .filter(w -> w.name().equals(coil))
                .findFirst()
                .map((Winding w) -> List.of(w.like(), w.other()))
                .orElse(List.of());
    }

    /** The two leads of a winding, such as T1 and T2; nothing where it has none of its own. */
    static Object leads(Circuit circuit, String coil) {
        List<Terminal> leads = leadsOf(circuit, coil);
        return leads.isEmpty()
                ? Sentence.none()
                : Sentence.of("point.leads", leads.get(0).mark(), leads.get(1).mark());
    }

    static List<Terminal> tagsOf(Circuit circuit, String capacitor) {
        Capacitor found = capacitor(circuit, capacitor);
        return List.of(found.a(), found.b()).stream()
                .filter(t -> !t.is(Device.Type.INSIDE))
                .toList();
    }
}
