package gatepin.web.plan;

import gatepin.core.ahead.LineUp;
import gatepin.core.circuit.Device.Type;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.machine.Lead;
import gatepin.core.wire.Making;
import gatepin.core.wire.WireDetail;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.WiringWords;
import gatepin.web.plan.PlanStore.ChosenPlan;
import gatepin.web.plan.PlanStore.PlannedWire;
import java.util.ArrayList;
import java.util.List;

/**
 * A wire as it is read out.
 *
 * @param step its place in the working order, from 1
 * @param facts colour, size and length
 * @param fittings how both ends are made
 */
public record WireLine(
        long id, int step, String from, String to, String words, String facts, String fittings, boolean made) {
    /** Every wire of a plan in its working order. */
    public static List<WireLine> all(JobFile file, ChosenPlan plan, Making making) {
        Supply supply = file.supply().orElseThrow();
        List<WireLine> lines = new ArrayList<>();
        for (int i = 0; i < plan.wires().size(); i++) {
            lines.add(of(plan.wires().get(i), file, supply, making.wires().get(i)));
        }
        return lines;
    }

    private static WireLine of(PlannedWire planned, JobFile file, Supply supply, WireDetail detail) {
        Wire wire = planned.wire();
        return new WireLine(
                planned.id(),
                planned.step(),
                end(wire.from(), supply),
                end(wire.to(), supply),
                words(wire, file) + behind(wire, file),
                MakingWords.facts(detail, file.job().region()),
                MakingWords.fittings(detail, file.job().region()),
                planned.isMade());
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
