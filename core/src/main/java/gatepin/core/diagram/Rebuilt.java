package gatepin.core.diagram;

import gatepin.core.circuit.Marks;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Leads;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * A scratched column, rebuilt from the other one: run halves in parallel for the low voltage, in series for the high one,
 * the start winding across one half (common practice). It is proposed, never taken for read: plates differ.
 */
public final class Rebuilt {
    private Rebuilt() {}

    /** The high connection of a motor whose low one is known; empty where its windings do not have the usual halves. */
    public static Optional<Connection> high(Connection low, Leads leads, int volts) {
        if (!isUsual(leads)) {
            return Optional.empty();
        }
        Optional<Halves> found = Halves.of(low, leads);
        if (found.isEmpty()) {
            return Optional.empty();
        }
        Halves h = found.orElseThrow();
        SortedSet<String> line1 = set();
        SortedSet<String> line2 = set();
        SortedSet<String> middle = set();
        List<SortedSet<String>> joined = new ArrayList<>();
        // first half from line 1 to the middle, second half from the middle to line 2, start across the second half
        line1.add(h.firstA());
        middle.add(h.firstB());
        middle.add(h.secondA());
        line2.add(h.secondB());
        h.startA().ifPresent(middle::add);
        h.startB().ifPresent(line2::add);
        h.protectorA().ifPresent(p -> {
            SortedSet<String> behind = set();
            behind.addAll(line1);
            h.protectorB().ifPresent(behind::add);
            joined.add(behind);
            line1.clear();
            line1.add(p);
        });
        joined.add(middle);
        return Optional.of(new Connection(volts, line1, line2, joined, low.swap()));
    }

    /** The low connection of a motor whose high one is known; empty where its windings do not have the usual halves. */
    public static Optional<Connection> low(Connection high, Leads leads, int volts) {
        if (!isUsual(leads)) {
            return Optional.empty();
        }
        List<Lead> all = leads.all();
        List<SortedSet<String>> groups = new ArrayList<>(high.joined());
        Optional<SortedSet<String>> middle = groups.stream()
                .filter(g -> all.stream()
                                .filter(l -> g.contains(l.mark()) && l.isOf(Role.RUN))
                                .count()
                        == 2)
                .findFirst();
        if (middle.isEmpty() || runLeads(leads).size() != 4) {
            return Optional.empty();
        }
        SortedSet<String> joint = middle.orElseThrow();
        SortedSet<String> first = set();
        SortedSet<String> second = set();
        for (Lead lead : all) {
            if (lead.winding().role() == Role.RUN) {
                // the half that starts at line 1 keeps its ends; the other half's joint end goes to line 1
                boolean inJoint = joint.contains(lead.mark());
                boolean halfOne = onFirstLine(high, leads, lead);
                (inJoint == halfOne ? second : first).add(lead.mark());
            } else if (lead.winding().role() == Role.START) {
                (joint.contains(lead.mark()) ? first : second).add(lead.mark());
            }
        }
        List<SortedSet<String>> joined = new ArrayList<>();
        List<String> protector = all.stream()
                .filter(l -> l.winding().role() == Role.PROTECTOR)
                .map(Lead::mark)
                .toList();
        SortedSet<String> line1 = first;
        if (protector.size() == 2) {
            SortedSet<String> behind = set();
            behind.addAll(first);
            String onLine = protector.stream()
                    .filter(high.line1()::contains)
                    .findFirst()
                    .orElse(protector.get(0));
            behind.add(protector.get(0).equals(onLine) ? protector.get(1) : protector.get(0));
            joined.add(behind);
            line1 = set();
            line1.add(onLine);
        }
        return Optional.of(new Connection(volts, line1, second, joined, high.swap()));
    }

    /** Each lead brings out one end, there is one start winding and no more than a protector of two terminals beside. */
    private static boolean isUsual(Leads leads) {
        return leads.all().stream().allMatch(l -> l.ends().size() == 1)
                && leads.windings().stream()
                        .allMatch(w -> w.role() == Role.RUN
                                || (w.role() != Role.CAPACITOR && w.name().endsWith(" 1")));
    }

    /** The winding of this lead hangs on line 1, directly or behind the protector. */
    private static boolean onFirstLine(Connection high, Leads leads, Lead lead) {
        SortedSet<String> near = set();
        near.addAll(high.line1());
        for (SortedSet<String> group : high.joined()) {
            boolean behindProtector =
                    leads.all().stream().anyMatch(l -> l.isOf(Role.PROTECTOR) && group.contains(l.mark()));
            if (behindProtector) {
                near.addAll(group);
            }
        }
        return leads.all().stream().filter(lead::sharesWindingWith).anyMatch(l -> near.contains(l.mark()));
    }

    private static List<String> runLeads(Leads leads) {
        return leads.all().stream()
                .filter(l -> l.winding().role() == Role.RUN)
                .map(Lead::mark)
                .toList();
    }

    private static SortedSet<String> set() {
        return new TreeSet<>(Marks.NATURAL_ORDER);
    }

    /** The ends of each winding in a low connection: A is the end towards line 1, B towards line 2. */
    private record Halves(
            String firstA,
            String firstB,
            String secondA,
            String secondB,
            Optional<String> startA,
            Optional<String> startB,
            Optional<String> protectorA,
            Optional<String> protectorB) {
        static Optional<Halves> of(Connection low, Leads leads) {
            SortedSet<String> towards1 = set();
            towards1.addAll(low.line1());
            low.joined().forEach(towards1::addAll);
            List<String> run1 = winding(leads, Role.RUN, 1);
            List<String> run2 = winding(leads, Role.RUN, 2);
            if (run1.size() != 2 || run2.size() != 2) {
                return Optional.empty();
            }
            List<String> start = winding(leads, Role.START, 1);
            List<String> protector = winding(leads, Role.PROTECTOR, 1);
            return Optional.of(new Halves(
                    end(run1, towards1, true),
                    end(run1, towards1, false),
                    end(run2, towards1, true),
                    end(run2, towards1, false),
                    start.size() == 2 ? Optional.of(end(start, towards1, true)) : Optional.empty(),
                    start.size() == 2 ? Optional.of(end(start, towards1, false)) : Optional.empty(),
                    protector.size() == 2 ? Optional.of(end(protector, low.line1(), true)) : Optional.empty(),
                    protector.size() == 2 ? Optional.of(end(protector, low.line1(), false)) : Optional.empty()));
        }

        private static List<String> winding(Leads leads, Role role, int number) {
            return leads.all().stream()
                    .filter(l -> l.winding().role() == role && l.winding().number() == number)
                    .map(Lead::mark)
                    .toList();
        }

        private static String end(List<String> ends, SortedSet<String> near, boolean towards1) {
            boolean firstIsNear = near.contains(ends.get(0));
            return firstIsNear == towards1 ? ends.get(0) : ends.get(1);
        }
    }
}
