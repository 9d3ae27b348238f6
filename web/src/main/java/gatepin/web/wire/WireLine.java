package gatepin.web.wire;

import gatepin.core.ahead.LineUp;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.lane.WireList.Entry;
import gatepin.core.machine.Lead;
import gatepin.core.wire.Making;
import gatepin.core.wire.Section;
import gatepin.core.wire.WireDetail;
import gatepin.web.ahead.AheadPage;
import gatepin.web.control.ControlPage;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.WiringWords;
import gatepin.web.plan.MakingWords;
import gatepin.web.plan.PlanStore.ChosenPlan;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * A wire as it is read out.
 *
 * @param name what it is kept as, within its section
 * @param step its place in the working order, from 1
 * @param facts colour, size and length
 * @param fittings how both ends are made
 */
public record WireLine(
        Section section,
        String name,
        int step,
        String from,
        String to,
        String words,
        String facts,
        String fittings,
        boolean made) {
    /**
     * Every wire of a job that has a plan, in working order.
     *
     * @param making how the plan's wires are made
     */
    public static List<WireLine> all(JobFile file, ChosenPlan plan, Making making) {
        Supply supply = file.supply().orElseThrow();
        Map<String, ControlPage.WireRow> control =
                file.workup().control().map(c -> ControlPage.wires(c.ladder())).orElse(Map.of());
        Map<String, AheadPage.WireRow> ahead = new AheadPage(file).wires();
        List<WireLine> lines = new ArrayList<>();
        for (Entry entry : file.workup().wireList().entries()) {
            int at = lines.size();
            lines.add(
                    switch (entry.section()) {
                        case GEAR ->
                            gear(entry, at, plan.wires().get(at), making.wires().get(at), file, supply);
                        case CONTROL -> control(entry, at, Objects.requireNonNull(control.get(entry.name())));
                        case AHEAD -> ahead(entry, at, Objects.requireNonNull(ahead.get(entry.name())));
                    });
        }
        return lines;
    }

    private static WireLine gear(Entry entry, int at, Wire wire, WireDetail detail, JobFile file, Supply supply) {
        return new WireLine(
                entry.section(),
                entry.name(),
                at + 1,
                end(wire.from(), supply),
                end(wire.to(), supply),
                words(wire, file) + behind(wire, file),
                MakingWords.facts(detail, file.job().region()),
                MakingWords.fittings(detail, file.job().region()),
                entry.made());
    }

    private static WireLine control(Entry entry, int at, ControlPage.WireRow row) {
        return new WireLine(
                entry.section(),
                entry.name(),
                at + 1,
                row.from(),
                row.to(),
                "in the control circuit",
                "wire number " + row.number(),
                "",
                entry.made());
    }

    private static WireLine ahead(Entry entry, int at, AheadPage.WireRow row) {
        return new WireLine(
                entry.section(), entry.name(), at + 1, row.from(), row.to(), row.words(), row.size(), "", entry.made());
    }

    private static String end(Terminal terminal, Supply supply) {
        if (terminal.isGround()) {
            String place = WiringWords.enclosure(terminal);
            return Character.toUpperCase(place.charAt(0)) + place.substring(1) + " " + terminal.mark();
        }
        return terminal.isLine() ? supply.nameOf(terminal) : terminal.label();
    }

    /** Where a line comes from that has something standing ahead of it. */
    private static String behind(Wire wire, JobFile file) {
        LineUp lineUp = file.workup().standsAhead().lineUp();
        if (lineUp.isEmpty() || !(wire.to().isLine() || wire.to().equals(Terminal.GROUND))) {
            return "";
        }
        Terminal from = wire.to().isLine() ? lineUp.feeds(wire.to()) : lineUp.frame();
        return from.isLine() ? "" : ", from " + from.id();
    }

    private static String words(Wire wire, JobFile file) {
        if (wire.isGround()) {
            return wire.from().equals(Terminal.MOTOR_FRAME)
                    ? "The " + file.ground() + ": motor frame to switch box, in the motor cable"
                    : "The " + file.ground() + ": switch box to the supply's " + file.ground();
        }
        String colour = file.wiredLeads()
                .find(wire.from().mark())
                .map(Lead::colour)
                .filter(c -> !c.isBlank() && wire.from().is(Type.MOTOR))
                .map(c -> "the " + c + " lead, ")
                .orElse("");
        if (wire.from().is(Type.CAPACITOR)) {
            return "from the capacitor's tag " + wire.from().mark() + ", "
                    + (wire.run() == Wire.Run.MOTOR_BOX
                            ? "in the motor box, into splice " + wire.to().mark()
                            : "through the motor cable to the " + (wire.to().isLine() ? "line" : "switch"));
        }
        return colour
                + switch (wire.run()) {
                    case MOTOR_BOX ->
                        "in the motor box, into splice " + wire.to().mark();
                    case MOTOR_CABLE ->
                        wire.to().isLine()
                                ? "through the motor cable, joined to the line in the switch box"
                                : (wire.from().is(Type.SPLICE) ? "from the splice " : "")
                                        + "through the motor cable to the switch";
                    case SWITCH_BOX -> "jumper in the switch box";
                    case SUPPLY_CABLE -> "from the switch to the supply cable";
                };
    }
}
