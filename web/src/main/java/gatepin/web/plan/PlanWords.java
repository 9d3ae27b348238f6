package gatepin.web.plan;

import gatepin.core.circuit.Carrying;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Contact;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.circuit.Wire;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Leads;
import gatepin.core.plan.Across;
import gatepin.core.plan.Plan;
import gatepin.core.plan.PlanCost;
import gatepin.core.plan.PlanResult;
import gatepin.core.plate.Plate;
import gatepin.core.rotation.RotationPlan;
import gatepin.core.supply.Region;
import gatepin.web.lane.Finding;
import gatepin.web.lane.JobFile;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/** Plans in words. */
public final class PlanWords {
    private static final List<String> NUMBERS = List.of(
            "no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");

    private PlanWords() {}

    /** Whether the switch itself is for this motor and this machine. */
    public static List<Finding> gear(JobFile file, SwitchKind gear) {
        List<Finding> findings = new ArrayList<>();
        file.workup()
                .switchObjection()
                .ifPresent(o -> findings.add(Finding.bad(
                        "The switch is not for this motor",
                        file.say(o) + ". Its horsepower at the voltage must cover the motor's.")));
        file.workup()
                .unratedSwitch()
                .map(w ->
                        stamped(w, file.job().volts().orElseThrow(), file.job().region()))
                .ifPresent(findings::add);
        boolean momentary = file.facts().rotation().map(RotationPlan::momentary).orElse(false);
        if (momentary && !gear.springReturn() && !gear.hasCoils()) {
            findings.add(Finding.bad(
                    "This handle stays where it is put",
                    "The machine needs one that springs back to OFF: it must not go on when the hand lets go."));
        }
        findings.addAll(handle(file, gear));
        return findings;
    }

    /** What its handle, its contacts and the motor on it are like, whatever is stamped on it. */
    public static List<Finding> handle(JobFile file, SwitchKind gear) {
        List<Finding> findings = new ArrayList<>();
        if (!gear.hasOff()) {
            findings.add(Finding.warn(
                    "This handle has no OFF",
                    "A disconnect or starter ahead of it must stop the motor. Stop fully before you throw it across."));
        }
        findings.addAll(motor(file));
        if (!gear.worn().isEmpty()) {
            findings.add(Finding.warn(
                    marks(gear.worn()) + " stay empty",
                    "Their contact closes only now and then. Plans do without them."));
        }
        return findings;
    }

    /** What has to be stamped on the switch, while nobody wrote down what is. */
    private static Finding stamped(double watts, int volts, Region region) {
        String power = region == Region.IEC
                ? String.format(Locale.ROOT, "%.2f kW", watts / 1000)
                : String.format(Locale.ROOT, "%.2f hp", watts / Plate.WATTS_PER_HP);
        return Finding.warn(
                "What is stamped on the switch is not written down",
                "It must bear at least " + power + " at " + volts
                        + " V, as horsepower or kW: a lighting rating does not count.");
    }

    /** What plans rely on and nobody has seen of the motor. */
    private static List<Finding> motor(JobFile file) {
        List<Finding> findings = new ArrayList<>();
        boolean out = file.leads().all().stream().anyMatch(l -> l.isOf(Role.PROTECTOR));
        boolean inside =
                file.workup().plate().flatMap(p -> p.details().protection()).isPresent();
        if (inside && !out) {
            findings.add(Finding.warn(
                    "A protector sits inside, and no lead of it comes out",
                    "So says the plate. In which lead it lies nobody can see: a plan that joins the leads otherwise than the diagram may"
                            + " lead current past it. Fit an external overload set to the plate's amps."));
        }
        boolean alike = file.workup()
                .given()
                .filter(g -> g.equalWindings()
                        && (g.runOhms().isEmpty() || g.startOhms().isEmpty()))
                .isPresent();
        if (alike) {
            findings.add(Finding.warn(
                    "Its two windings are taken to be alike",
                    "It reverses by giving the line to the other winding, which is sound only if both read the same ohms. Measure them at"
                            + " the Windings gate."));
        }
        return findings;
    }

    /** Wishes that name terminals of another switch. */
    public static Optional<Finding> otherSwitch(JobFile file) {
        return file.gear()
                .map(gear -> file.facts().wishes().notOn(gear.chart().terminals()))
                .filter(missing -> !missing.isEmpty())
                .map(missing -> Finding.warn(
                        "What the plan must have names " + marks(missing),
                        "This switch has no such terminal, so that wish is left aside. Ask anew for this switch."));
    }

    private static String marks(Collection<Terminal> terminals) {
        return terminals.stream().sorted().map(Terminal::mark).collect(Collectors.joining(", "));
    }

    /** What has to stand ahead of the gear, in words; what is needed first. */
    public static List<String> ahead(JobFile file, Plan plan) {
        return file.workup().standsAhead().asked(plan.cost().besideProtector()).stream()
                .sorted(Comparator.comparing(a -> !a.must()))
                .map(a -> file.say(a.why()))
                .toList();
    }

    /** What a plan means for the motor, beyond what the engine says of its wiring. */
    public static List<Finding> trade(Plan plan, SwitchKind gear, Supply supply) {
        List<Finding> findings = new ArrayList<>();
        if (plan.cost().besideProtector() > 0) {
            findings.add(Finding.warn(
                    "Some current passes beside the motor's own protector",
                    "That is the price of fewer conductors. Fit an external overload set to the plate's amps."));
        }
        if (!gear.hasOff() && Across.shorts(plan.wires(), gear.chart())) {
            findings.add(Finding.warn(
                    "An arc across the handle would short the lines",
                    "Both sides closed at once join " + supply.nameOf(Terminal.L1) + " and "
                            + supply.nameOf(Terminal.L2)
                            + ". Never throw it straight across under power."));
        }
        if (gear.hasCoils()) {
            findings.add(
                    Across.shorts(plan.wires(), gear.chart())
                            ? Finding.warn(
                                    "Both contactors in at once would short the lines",
                                    "The control circuit has to prove that it never happens; it is built next.")
                            : Finding.good(
                                    "Both contactors in at once short nothing",
                                    "The motor would hum all the same: the control circuit still keeps them apart."));
        }
        if (plan.cost().beyondDiagram() > 0) {
            findings.add(Finding.good(
                    "It joins the leads otherwise than the plate",
                    "The engine finds the same torque and the same current. The bump test decides."));
        }
        Set<Contact> out = gear.linksToTakeOut(plan.wires());
        if (!out.isEmpty()) {
            findings.add(Finding.warn(
                    "Take out " + (out.size() == 1 ? "the link " : "the links ")
                            + out.stream().map(Contact::toString).sorted().collect(Collectors.joining(", ")),
                    "They are fitted between terminals that this plan keeps apart."));
        }
        return findings;
    }

    /** Which winding the switch turns over. */
    static String reverses(Plan plan, Leads leads) {
        List<Lead> moved = plan.interchanged().stream()
                .flatMap(t -> leads.find(t.mark()).stream())
                .toList();
        boolean run = moved.stream().anyMatch(l -> l.isOf(Role.RUN));
        boolean start = moved.stream().anyMatch(l -> l.isOf(Role.START));
        return run && start
                ? "moves leads of both windings"
                : run ? "reverses the run winding" : start ? "reverses the start winding" : "moves the line";
    }

    static String count(int number, String thing) {
        String word = number < NUMBERS.size() ? NUMBERS.get(number) : "" + number;
        return word + " " + thing + (number == 1 ? "" : "s");
    }

    /** What sets a plan apart from the others, in a line. */
    public static String price(Plan plan, JobFile file) {
        PlanCost cost = plan.cost();
        Supply supply = file.supply().orElseThrow();
        List<String> words = new ArrayList<>();
        boolean hasOff = file.gear().map(SwitchKind::hasOff).orElse(true);
        if (hasOff) {
            String live = file.job().region().live();
            words.add(
                    cost.hotLeadsInOff() == 0
                            ? "nothing " + live + " in OFF"
                            : cost.hotLeadsInOff() + " leads " + live + " in OFF");
        }
        if (hasOff && supply.kind() == Supply.Kind.TWO_HOT) {
            words.add(
                    switch (cost.hotLinesUnbroken()) {
                        case 0 -> "both lines broken";
                        case 1 -> "one line broken";
                        default -> "no line broken";
                    });
        } else if (cost.neutralSwitched() > 0) {
            words.add("switches the neutral");
        }
        if (!file.workup().isOneWay()) {
            words.add(reverses(plan, file.wiredLeads()));
        }
        if (cost.besideProtector() > 0) {
            words.add("passes beside the protector");
        }
        words.add(cost.beyondDiagram() == 0 ? "as the plate shows" : "otherwise than the plate");
        words.add(
                cost.mostOnOneTerminal() <= 1
                        ? "one wire on each terminal"
                        : "up to " + cost.mostOnOneTerminal() + " on a terminal");
        return String.join(", ", words);
    }

    /** What the wiring takes. */
    public static Finding effort(Plan plan, String ground) {
        long splices = plan.wires().stream()
                .map(Wire::to)
                .filter(t -> t.is(Type.SPLICE))
                .distinct()
                .count();
        return Finding.good(
                plan.cost().conductors() + " + " + ground + " in the motor cable",
                count((int) splices, "splice") + " in the motor box, "
                        + count(plan.cost().jumpers(), "jumper") + " in the switch, "
                        + (plan.cost().mostOnOneTerminal() <= 1
                                ? "one wire on each terminal."
                                : "up to " + plan.cost().mostOnOneTerminal() + " wires on one terminal."));
    }

    /** What can be said without the engine, while the plate is not read: what joins what, and what stays hot. */
    public static List<Finding> withoutEngine(Plan plan, Circuit circuit, Region region) {
        Carrying off = Carrying.of(circuit, HandlePosition.OFF);
        String hot = off.hotLeads().stream().map(Terminal::mark).collect(Collectors.joining(", "));
        return List.of(
                hot.isEmpty()
                        ? Finding.good("No motor lead is joined to a line in OFF", "It still does not isolate.")
                        : Finding.warn(
                                "Motor stays " + region.live() + " in OFF",
                                hot + " hang on a line. Lock the disconnect open before any cover comes off."),
                Finding.warn(
                        "Currents and direction are not computed",
                        "The plate is not read yet; read it, and the engine says what the shaft does and what burns."),
                effort(plan, region.ground()));
    }

    public static Finding none(JobFile file, PlanResult result, SwitchKind gear, Supplier<String> wouldDo) {
        String switchName = gear.name();
        boolean oneWay = file.workup().isOneWay();
        if (!oneWay && gear.isOneWay()) {
            return Finding.bad(
                    "This switch turns it one way only",
                    "The machine must turn both ways, as the Rotation gate says. It takes a reversing switch: "
                            + wouldDo.get() + ".");
        }
        return switch (result.hindrance()) {
            case MOTOR_TURNS_ONE_WAY ->
                Finding.bad(
                        "Its leads let this motor turn one way only",
                        "The diagram tells no interchange, and no way of joining these leads starts it the other way. Say at the Rotation"
                                + " gate that it turns one way, bring the start winding's ends out, or take another motor.");
            case WISHES ->
                Finding.bad(
                        "No plan has all that you ask",
                        result.asksTooMuch().isEmpty()
                                ? "Several of your wishes together stand in the way. Take some back."
                                : "Leave out one of these and there is a plan: "
                                        + String.join("; ", result.asksTooMuch()) + ".");
            case NOT_FOUND_OUT ->
                Finding.bad(
                        "There is no plan for this switch with these wishes",
                        "Every way of landing was looked at. What stands in the way could not be found out in time: take a"
                                + " wish back and see, or choose another switch.");
            case NO_OFF ->
                Finding.bad(
                        "This switch cannot turn it off",
                        "The " + switchName + " can join both directions, but in every arrangement the motor stays"
                                + " on the line in OFF. It takes one more pole to break the line: "
                                + wouldDo.get() + ".");
            default ->
                Finding.bad(
                        "This switch cannot do it",
                        "No way of landing these leads on the " + switchName
                                + (oneWay
                                        ? " runs the motor right and stops it. Take another one: "
                                        : " runs the motor right in both directions. It takes a switch with more contacts: ")
                                + wouldDo.get() + ".");
        };
    }
}
