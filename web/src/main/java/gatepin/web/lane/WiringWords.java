package gatepin.web.lane;

import gatepin.core.circuit.Carrying;
import gatepin.core.circuit.Carrying.Leg;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;
import java.util.stream.Collectors;

/** What a wiring does in one handle position, in words: the drawing for those who would rather read or listen. */
public record WiringWords(
        HandlePosition position,
        String contacts,
        List<String> groups,
        List<String> runPaths,
        List<String> startPaths,
        String hot) {

    public static List<WiringWords> of(Circuit circuit) {
        List<WiringWords> all = new ArrayList<>();
        List<Setting> there = circuit.chart().settings();
        for (HandlePosition position : HandlePosition.values()) {
            if (!there.isEmpty() && !there.contains(position)) {
                continue;
            }
            Carrying flow = Carrying.of(circuit, position);
            String contacts = circuit.chart().closedIn(position).stream()
                    .map(Contact::toString)
                    .collect(Collectors.joining("  "));
            List<String> groups = flow.joinedOutside().groupsAmong(circuit.leadsAndLines()).stream()
                    .filter(g -> g.size() > 1)
                    .map(g -> group(g, circuit.supply()))
                    .toList();
            List<String> run = new ArrayList<>();
            List<String> start = new ArrayList<>();
            for (List<Leg> path : flow.paths()) {
                boolean isStart = flow.isStartPath(path);
                (isStart ? start : run).add(path(path, circuit.supply()));
            }
            String hot = flow.hotLeads().stream().map(Terminal::mark).collect(Collectors.joining(" "));
            all.add(new WiringWords(position, contacts.isEmpty() ? "none" : contacts, groups, run, start, hot));
        }
        return all;
    }

    private static String group(SortedSet<Terminal> group, Supply supply) {
        List<String> marks = new ArrayList<>();
        group.stream().filter(Terminal::isLine).forEach(t -> marks.add(supply.nameOf(t)));
        group.stream().filter(t -> !t.isLine()).forEach(t -> marks.add(t.label()));
        return String.join(" + ", marks);
    }

    private static String path(List<Leg> legs, Supply supply) {
        return supply.nameOf(Terminal.L1) + " → "
                + legs.stream()
                        .map(l -> l.from().label() + " (" + l.winding().name() + ") " + l.to().label())
                        .collect(Collectors.joining(" → "))
                + " → " + supply.nameOf(Terminal.L2);
    }

    public String word() {
        return position.word();
    }

    /** What a ground screw sits on, in a word. */
    public static String enclosure(Terminal ground) {
        return switch (ground.device().type()) {
            case SWITCH -> "switch";
            default -> ground.device().name();
        };
    }
}
