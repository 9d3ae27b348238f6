package gatepin.core.check;

import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Terminal;
import java.util.List;
import java.util.Locale;

/** One thing to read with the plug pulled. */
public sealed interface Read {
    /** A short word for it, unique among what can be read on a circuit. */
    String key();

    /**
     * Two probes on two points.
     *
     * @param a the point that sorts first
     * @param b the other
     * @param setting where the handle stands
     * @param heldOpen the start switch is held open, with a slip of card between its contacts
     */
    record Ohms(Terminal a, Terminal b, Setting setting, boolean heldOpen) implements Read {
        public Ohms {
            if (a.equals(b)) {
                throw new IllegalArgumentException("a reading needs two points, not " + a + " twice");
            }
            if (order(a) > order(b) || (order(a) == order(b) && a.compareTo(b) > 0)) {
                Terminal swap = a;
                a = b;
                b = swap;
            }
        }

        /** The plug's pins are told first, the metal last. */
        private static int order(Terminal terminal) {
            return terminal.isFrame() ? 2 : terminal.is(gatepin.core.circuit.Device.Type.SUPPLY) ? 0 : 1;
        }

        @Override
        public String key() {
            return a.id() + "/" + b.id() + "/" + setting.word() + (heldOpen ? "/held" : "");
        }
    }

    /**
     * A capacitor with one of its tags off.
     *
     * @param capacitor its name
     */
    record OfCapacitor(String capacitor) implements Read {
        @Override
        public String key() {
            return "capacitor/" + capacitor.toLowerCase(Locale.ROOT);
        }
    }

    /** A point as it stands in a sentence: where it is, and its mark. */
    static Object named(Terminal point, Circuit circuit) {
        return Named.of(point, circuit);
    }

    /** The settings that are read in: all but those that must never be. */
    static List<Setting> settings(Circuit circuit) {
        return circuit.settings().stream()
                .filter(s -> s.purpose() != Setting.Purpose.NEVER)
                .toList();
    }
}
