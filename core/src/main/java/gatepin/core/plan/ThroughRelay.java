package gatepin.core.plan;

import gatepin.core.circuit.Contact;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Device;
import gatepin.core.circuit.Marks;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * An overload relay protects what passes through it. So both lines go through its poles ahead of all that reverses, where all current of
 * both ways is together, and the gear behind is planned as if the lines began there. Of three poles two lie in series in one line: a relay
 * for three phases takes a pole without current for a lost phase (common practice).
 *
 * @param gear the gear behind the relays
 * @param poles their poles, in the order of their marks
 */
public record ThroughRelay(ContactChart gear, List<Contact> poles) {
    private static final Comparator<Contact> BY_MARK =
            Comparator.comparing((Contact c) -> c.a().device()).thenComparing(c -> c.a().mark(), Marks.NATURAL_ORDER);

    /** Takes the overload relays out of gear: a pole is closed in every setting in which the motor is meant to run. */
    public static ThroughRelay of(ContactChart chart) {
        List<Contact> poles = chart.contacts().stream()
                .filter(c -> isOfRelay(c.a()) && isOfRelay(c.b()))
                .filter(c -> chart.settings().stream()
                        .filter(Setting::isMeantToRun)
                        .allMatch(s -> chart.closedIn(s).contains(c)))
                .filter(c -> !c.a().mark().matches("9[5-8]"))
                .sorted(BY_MARK)
                .toList();
        if (poles.isEmpty()) {
            return new ThroughRelay(chart, poles);
        }
        List<Terminal> left =
                chart.terminals().stream().filter(t -> !isOfRelay(t)).toList();
        Map<Setting, Set<Contact>> closed = new LinkedHashMap<>();
        chart.closed()
                .forEach((setting, contacts) -> closed.put(
                        setting,
                        contacts.stream()
                                .filter(c -> !isOfRelay(c.a()) && !isOfRelay(c.b()))
                                .collect(Collectors.toCollection(LinkedHashSet::new))));
        return new ThroughRelay(new ContactChart(left, closed), poles);
    }

    private static boolean isOfRelay(Terminal terminal) {
        return terminal.is(Device.Type.OVERLOAD_RELAY);
    }

    /** A plan of the gear behind, with both lines led through the relays. */
    public Plan lead(Plan plan) {
        if (poles.isEmpty()) {
            return plan;
        }
        int ofSecond = poles.size() > 1 ? 1 : 0;
        List<Contact> first = poles.subList(0, poles.size() - ofSecond);
        List<Contact> second = poles.subList(poles.size() - ofSecond, poles.size());
        List<Wire> wires = new ArrayList<>();
        for (Wire wire : plan.wires()) {
            wires.add(new Wire(behind(wire.from(), first, second), behind(wire.to(), first, second), wire.run()));
        }
        chain(wires, Terminal.L1, first);
        chain(wires, Terminal.L2, second);
        PlanCost cost = plan.cost()
                .with(plan.cost().jumpers() + first.size() - 1, plan.cost().mostOnOneTerminal());
        return new Plan(wires, cost, plan.forward(), plan.reverse());
    }

    private static Terminal behind(Terminal terminal, List<Contact> first, List<Contact> second) {
        List<Contact> through =
                terminal.equals(Terminal.L1) ? first : terminal.equals(Terminal.L2) ? second : List.of();
        return through.isEmpty() ? terminal : out(through.get(through.size() - 1));
    }

    private static void chain(List<Wire> wires, Terminal line, List<Contact> through) {
        for (int i = 0; i < through.size(); i++) {
            wires.add(
                    i == 0
                            ? new Wire(line, in(through.get(0)), Wire.Run.SUPPLY_CABLE)
                            : new Wire(out(through.get(i - 1)), in(through.get(i)), Wire.Run.SWITCH_BOX));
        }
    }

    private static Terminal in(Contact pole) {
        return Marks.NATURAL_ORDER.compare(pole.a().mark(), pole.b().mark()) <= 0 ? pole.a() : pole.b();
    }

    private static Terminal out(Contact pole) {
        return in(pole).equals(pole.a()) ? pole.b() : pole.a();
    }
}
