package gatepin.core.ahead;

import gatepin.core.ahead.Ahead.Kind;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.Device;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A device of the line-up with its terminals: 1 and 2 in the first line, 3 and 4 in the second. An overload has three poles, and the first
 * line goes through two of them, 1 to 2 and 3 to 4; the second goes through 5 and 6.
 *
 * @param kind what it is
 * @param second whether the second line goes through it too
 * @param opens whether a hand can open it while it is dead
 */
public record Stage(Kind kind, boolean second, boolean opens) {
    /**
     * The device for a supply. A neutral is never fused (NEC 240.22, IEC 60364-4-43, from memory); everything else opens or watches both lines.
     *
     * @param coils contactors stand behind it: then the overload is a relay, whose poles only feel the current and never open
     */
    static Stage of(Kind kind, Supply.Kind supply, boolean coils) {
        return new Stage(kind, kind != Kind.FUSES || supply == Supply.Kind.TWO_HOT, kind != Kind.OVERLOAD || !coils);
    }

    public Device device() {
        return Device.named(kind.device()).orElseThrow();
    }

    private Terminal terminal(String mark) {
        return new Terminal(device(), mark);
    }

    /** Where a line comes in from the panel's side; empty where it goes past. */
    Optional<Terminal> in(Terminal line) {
        return line.equals(Terminal.L1)
                ? Optional.of(terminal("1"))
                : second ? Optional.of(terminal(kind == Kind.OVERLOAD ? "5" : "3")) : Optional.empty();
    }

    /** Where it leaves towards the gear; empty where it goes past. */
    Optional<Terminal> out(Terminal line) {
        return line.equals(Terminal.L1)
                ? Optional.of(terminal(kind == Kind.OVERLOAD ? "4" : "2"))
                : second ? Optional.of(terminal(kind == Kind.OVERLOAD ? "6" : "4")) : Optional.empty();
    }

    /** Its poles. */
    public List<Contact> poles() {
        List<Contact> poles = new ArrayList<>();
        poles.add(new Contact(terminal("1"), terminal("2")));
        if (second) {
            poles.add(new Contact(terminal("3"), terminal("4")));
        }
        if (kind == Kind.OVERLOAD) {
            poles.add(new Contact(terminal("5"), terminal("6")));
        }
        return poles;
    }

    /** The two terminals that a wire joins so that one line goes through two poles; empty where none does. */
    Optional<Contact> loop() {
        return kind == Kind.OVERLOAD ? Optional.of(new Contact(terminal("2"), terminal("3"))) : Optional.empty();
    }
}
