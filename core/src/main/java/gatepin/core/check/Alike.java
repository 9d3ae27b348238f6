package gatepin.core.check;

import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Device;
import gatepin.core.circuit.Nodes;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Terminal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/** Works on faulty circuits once for all of those in which wires and contacts join the same: they do the same. */
final class Alike<T> {
    private final Circuit sound;
    private final List<Terminal> told;
    private final Map<Object, T> known = new ConcurrentHashMap<>();

    /** For what a circuit does: a splice by itself does nothing. */
    Alike(Circuit sound) {
        this(
                sound,
                sound.terminals().stream()
                        .filter(t -> !t.is(Device.Type.SPLICE))
                        .toList());
    }

    /** For what hangs on how these terminals are joined. */
    Alike(Circuit sound, List<Terminal> told) {
        this.sound = sound;
        this.told = List.copyOf(told);
    }

    /** What was worked out for a circuit alike, or else what the work gives now. */
    T of(Circuit faulty, Function<Circuit, T> work) {
        boolean wiresOnly = faulty.motor().equals(sound.motor())
                && faulty.outside().equals(sound.outside())
                && faulty.supply().equals(sound.supply());
        if (!wiresOnly) {
            return work.apply(faulty);
        }
        Object joined = joined(faulty);
        T found = known.get(joined);
        if (found == null) {
            found = work.apply(faulty);
            known.put(joined, found);
        }
        return found;
    }

    /** Which of the terminals are one point in each setting, and by wires alone: all that a judgement of wires hangs on. */
    private Object joined(Circuit faulty) {
        List<Integer> joined = new ArrayList<>();
        number(Nodes.of(faulty.wires(), List.of()), joined);
        for (Setting setting : faulty.settings()) {
            number(faulty.joinedOutside(setting), joined);
        }
        return joined;
    }

    private void number(Nodes nodes, List<Integer> into) {
        Map<Terminal, Integer> numbers = new HashMap<>();
        for (Terminal terminal : told) {
            into.add(numbers.computeIfAbsent(nodes.nodeOf(terminal), k -> numbers.size()));
        }
    }
}
