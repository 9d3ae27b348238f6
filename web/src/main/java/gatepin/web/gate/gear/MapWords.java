package gatepin.web.gate.gear;

import gatepin.core.circuit.Contact;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Terminal;
import gatepin.core.gear.Buzz;
import gatepin.core.gear.Recognised;
import gatepin.core.gear.SwitchMap;
import gatepin.web.gate.gear.SwitchMapStore.Mapping;
import gatepin.web.lane.Finding;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** A mapping in words. */
final class MapWords {
    private MapWords() {}

    /** What joins what in a position. */
    record Row(String position, String words) {}

    static List<Row> chart(SwitchMap map) {
        return map.positions().stream()
                .map(p -> new Row(name(p), joined(map, p)))
                .toList();
    }

    private static String joined(SwitchMap map, HandlePosition position) {
        String pairs =
                map.chart().closedIn(position).stream().map(Contact::toString).collect(Collectors.joining(", "));
        boolean open = map.openQuestions().stream().anyMatch(p -> p.position() == position);
        return pairs.isEmpty() ? open ? "nothing so far" : "nothing" : pairs;
    }

    static String name(HandlePosition position) {
        return position.word().toUpperCase(Locale.ROOT);
    }

    /** A reading as it was written down. */
    static String line(Buzz buzz) {
        return name(buzz.position()) + " " + buzz.pair() + ": "
                + switch (buzz.result()) {
                    case CLOSED -> "buzzes";
                    case OPEN -> "silent";
                    case SOMETIMES -> "now and then";
                };
    }

    static List<Finding> findings(Mapping mapping) {
        SwitchMap map = mapping.map();
        List<Finding> findings = new ArrayList<>();
        for (SwitchMap.Contradiction c : map.contradictions()) {
            String way = c.by().stream().map(Terminal::mark).collect(Collectors.joining(" to "));
            findings.add(Finding.bad(
                    c.apart() + " cannot be silent at " + name(c.position()),
                    way + " buzzed, so " + c.apart() + " must. One of these readings is wrong: try them again."));
        }
        for (Terminal terminal : map.moreThanAPair()) {
            findings.add(Finding.bad(
                    terminal.mark() + " joins more than one other",
                    "Then this is no switch of single pairs. Try it again, or take the tick off “pairs only”."));
        }
        for (Buzz buzz : map.intermittent()) {
            findings.add(Finding.warn(
                    buzz.pair() + " closes only now and then at " + name(buzz.position()),
                    "A worn contact. Clean it or fit another switch; plans leave both terminals empty."));
        }
        for (Contact always : map.alwaysJoined()) {
            findings.add(Finding.warn(
                    always + " is joined in every position",
                    "A link, or a contact that is welded. Take links out before buzzing; replace a welded switch."));
        }
        if (map.next().isEmpty()) {
            settled(mapping, findings);
        }
        return findings;
    }

    private static void settled(Mapping mapping, List<Finding> findings) {
        SwitchMap map = mapping.map();
        Optional<Recognised> known = Recognised.in(map.chart(), mapping.springReturn(), map.hasOff());
        known.ifPresent(k -> findings.add(Finding.good(
                "It is wired inside like the " + k.kind().name(),
                "Its number and yours: "
                        + k.numbers().entrySet().stream()
                                .map(e ->
                                        e.getKey().mark() + " → " + e.getValue().mark())
                                .collect(Collectors.joining(", "))
                        + (k.waysExchanged() ? "; its two ways change places." : "."))));
        if (known.isEmpty()) {
            findings.add(Finding.good(
                    "A kind of its own", "No kind in the library joins the same. Plans are made for it all the same."));
        }
        if (!map.idle().isEmpty()) {
            findings.add(Finding.warn(
                    marks(map.idle()) + " joins nothing in any position",
                    "A spare terminal, or a contact that never closes. Try it again before you rely on it."));
        }
        boolean nothing = map.positions().stream()
                .anyMatch(
                        p -> p != HandlePosition.OFF && map.chart().closedIn(p).isEmpty());
        if (nothing) {
            findings.add(Finding.bad(
                    "One way closes nothing",
                    "A reversing switch closes contacts both ways. Throw the handle right over and try again."));
        } else if (map.chart()
                .closedIn(HandlePosition.FORWARD)
                .equals(map.chart().closedIn(HandlePosition.REVERSE))) {
            findings.add(Finding.bad("Both ways join the same", "Then it switches on and off, and does not reverse."));
        }
    }

    private static String marks(java.util.Collection<Terminal> terminals) {
        return terminals.stream().map(Terminal::mark).collect(Collectors.joining(", "));
    }
}
