package gatepin.web.page;

import gatepin.core.circuit.Flow;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Place;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.gear.SwitchKind;
import gatepin.core.plan.Plan;
import gatepin.core.plan.PlanCost;
import gatepin.core.plan.PlanResult;
import gatepin.core.rotation.RotationPlan;
import gatepin.web.desk.JobFile;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** Plans in words. */
final class PlanWords {
    private static final List<String> NUMBERS = List.of(
            "no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");

    private PlanWords() {}

    /** Whether the switch itself is for this motor and this machine. */
    static List<Finding> gear(JobFile file, SwitchKind gear) {
        List<Finding> findings = new ArrayList<>();
        file.switchObjection()
                .ifPresent(o -> findings.add(Finding.bad(
                        "The switch is not for this motor",
                        o + ". Its horsepower at the voltage must cover the motor's.")));
        boolean momentary = file.rotation().map(RotationPlan::momentary).orElse(false);
        if (momentary && !gear.springReturn()) {
            findings.add(Finding.bad(
                    "This handle stays where it is put",
                    "The machine needs one that springs back to OFF: it must not go on when the hand lets go."));
        }
        return findings;
    }

    static String name(PlanCost cost) {
        String conductors = count(cost.conductors(), "conductor");
        return Character.toUpperCase(conductors.charAt(0)) + conductors.substring(1) + ", "
                + count(cost.jumpers(), "jumper");
    }

    static String count(int number, String thing) {
        String word = number < NUMBERS.size() ? NUMBERS.get(number) : "" + number;
        return word + " " + thing + (number == 1 ? "" : "s");
    }

    /** What sets a plan apart from the others, in a line. */
    static String price(PlanCost cost, Supply supply) {
        List<String> words = new ArrayList<>();
        words.add(cost.hotLeadsInOff() == 0 ? "nothing hot in OFF" : cost.hotLeadsInOff() + " leads hot in OFF");
        if (supply.kind() == Supply.Kind.TWO_HOT) {
            words.add(
                    switch (cost.hotLinesUnbroken()) {
                        case 0 -> "both lines broken";
                        case 1 -> "one line broken";
                        default -> "no line broken";
                    });
        } else if (cost.neutralSwitched() > 0) {
            words.add("switches the neutral");
        }
        words.add("up to " + cost.mostOnOneTerminal() + " on a terminal");
        return String.join(", ", words);
    }

    /** What the wiring takes. */
    static Finding effort(Plan plan) {
        long splices = plan.wiring().terminals().stream()
                .filter(t -> t.place() == Place.SPLICE)
                .count();
        return Finding.good(
                plan.cost().conductors() + " + ground in the motor cable",
                count((int) splices, "splice") + " in the motor box, "
                        + count(plan.cost().jumpers(), "jumper") + " in the switch, up to "
                        + plan.cost().mostOnOneTerminal() + " wires on one terminal.");
    }

    /** What can be said without the engine, while the plate is not read: what joins what, and what stays hot. */
    static List<Finding> withoutEngine(Plan plan) {
        Flow off = Flow.of(plan.wiring(), HandlePosition.OFF);
        String hot = off.hotLeads().stream().map(Terminal::mark).collect(Collectors.joining(", "));
        return List.of(
                hot.isEmpty()
                        ? Finding.good("No motor lead is joined to a hot line in OFF", "It still does not isolate.")
                        : Finding.warn(
                                "Motor stays hot in OFF",
                                hot + " hang on a line. Lock the disconnect open before any cover comes off."),
                Finding.warn(
                        "Currents and direction are not computed",
                        "The plate is not read yet; read it, and the engine says what the shaft does and what burns."),
                effort(plan));
    }

    static Finding none(PlanResult result, String switchName) {
        return switch (result.hindrance()) {
            case NO_OFF ->
                Finding.bad(
                        "This switch cannot turn it off",
                        "The " + switchName + " can join both directions, but in every arrangement the motor stays"
                                + " on the line in OFF. It takes one more pole to break the line: a six-terminal drum"
                                + " or a three-pole toggle with centre-off.");
            default ->
                Finding.bad(
                        "This switch cannot do it",
                        "No way of landing these leads on the " + switchName
                                + " gives this diagram in both directions. It takes a switch with more contacts, or"
                                + " another connection of the motor.");
        };
    }
}
