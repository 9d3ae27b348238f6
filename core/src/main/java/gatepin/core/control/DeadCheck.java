package gatepin.core.control;

import gatepin.core.check.DeadRead.Shows;
import gatepin.core.control.ControlNet.Load;
import gatepin.core.control.Part.Kind;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * One reading of a control circuit that is dead: the ohmmeter lies on wire 1 behind the fuse and on wire 0, fuse out, some parts are held.
 *
 * @param hold the parts that are held operated; a contactor by its armature
 * @param shows the coils and lamps that lie between the probes; none reads open
 */
public record DeadCheck(List<String> hold, List<String> shows) {
    public DeadCheck {
        hold = List.copyOf(hold);
        shows = List.copyOf(shows);
    }

    /** Stands for it wherever it is kept: the same as long as the same is asked. */
    public String key() {
        return hold.isEmpty() ? "nothing" : String.join("+", hold);
    }

    /** Whether what was shown is what it has to show. */
    public boolean agrees(Shows seen) {
        return seen == (shows.isEmpty() ? Shows.OPEN : Shows.LOAD);
    }

    /**
     * What to read of a ladder: nothing held; each starter alone, then with each thing that must stop it; each armature pushed in, alone and
     * with the other way's starters (common practice).
     */
    public static List<DeadCheck> of(Ladder ladder) {
        ControlNet net = ControlNet.of(ladder);
        Set<List<String>> holds = new LinkedHashSet<>();
        holds.add(List.of());
        List<Part> starters = ladder.of(Kind.BUTTON, Kind.SELECTOR);
        List<Part> guards = ladder.of(Kind.EMERGENCY_STOP, Kind.STOP, Kind.OVERLOAD, Kind.LIMIT);
        for (Part starter : starters) {
            holds.add(List.of(starter.name()));
            for (Part guard : guards) {
                if (guard.way().isEmpty() || guard.way().equals(starter.way())) {
                    holds.add(List.of(starter.name(), guard.name()));
                }
            }
        }
        for (Part contactor : ladder.of(Kind.CONTACTOR)) {
            holds.add(List.of(contactor.name()));
            for (Part guard : guards) {
                if (guard.way().isEmpty() || guard.way().equals(contactor.way())) {
                    holds.add(List.of(contactor.name(), guard.name()));
                }
            }
            for (Part starter : starters) {
                if (starter.way().isPresent() && !starter.way().equals(contactor.way())) {
                    holds.add(List.of(contactor.name(), starter.name()));
                }
            }
        }
        return holds.stream().map(h -> read(net, h)).toList();
    }

    private static DeadCheck read(ControlNet net, List<String> hold) {
        Set<Integer> closed = new HashSet<>();
        for (ControlNet.Contact contact : net.contacts()) {
            if (hold.contains(contact.touch().part()) != contact.touch().normallyClosed()) {
                closed.add(contact.number());
            }
        }
        Set<Integer> hot = net.joined(net.root(0), closed);
        Set<Integer> common = net.joined(net.root(1), closed);
        List<String> shows = new ArrayList<>();
        for (Load load : net.loads()) {
            int a = net.root(load.from());
            int b = net.root(load.to());
            if (hot.contains(a) && common.contains(b) || hot.contains(b) && common.contains(a)) {
                shows.add(load.part());
            }
        }
        return new DeadCheck(hold, shows);
    }
}
