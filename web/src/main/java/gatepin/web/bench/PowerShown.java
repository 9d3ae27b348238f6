package gatepin.web.bench;

import gatepin.core.bench.PowerOn;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.rotation.StatedRotation;
import java.util.List;
import java.util.Locale;

/**
 * What happens under power, for the page: what there is to see, hear and smell, and the first seconds.
 *
 * @param words what there is to see, hear and smell
 * @param trips seconds until the breaker trips; negative where it holds
 * @param smoke seconds until copper would have burnt; negative where it would not
 * @param stops seconds until it stands, where it turned; negative where it does not
 * @param burnt the windings that burn
 * @param plus which way a shaft with a positive speed turns, facing the shaft end: "cw" or "ccw"; blank where nobody states it
 * @param speeds the shaft, the first second finely
 * @param starting what flows in each wire while the start switch is closed
 * @param running what flows in each wire at rated speed
 */
public record PowerShown(
        String words,
        double trips,
        double smoke,
        double stops,
        List<String> burnt,
        String plus,
        List<PowerOn.Spin> speeds,
        List<PowerOn.Flow> starting,
        List<PowerOn.Flow> running) {
    /** Nothing can be said. */
    static PowerShown nothing(String words) {
        return new PowerShown(words, -1, -1, -1, List.of(), "", List.of(), List.of(), List.of());
    }

    static PowerShown of(PowerOn power, HandlePosition position, StatedRotation plus) {
        return new PowerShown(
                words(power, position),
                power.trips(),
                power.smoke(),
                power.stops().orElse(-1.0),
                power.burnt(),
                sense(plus.seenFrom(StatedRotation.End.SHAFT_END)),
                power.speeds(),
                power.starting(),
                power.running());
    }

    private static String sense(StatedRotation rotation) {
        return switch (rotation.direction()) {
            case NOT_STATED -> "";
            case CLOCKWISE -> "cw";
            case COUNTER_CLOCKWISE -> "ccw";
        };
    }

    /** What there is to see, hear and smell. */
    public static String words(PowerOn power, HandlePosition position) {
        if (power.isShort()) {
            return "The breaker trips at once: the lines are joined.";
        }
        if (power.trips() >= 0) {
            return "The breaker trips: " + Math.round(power.peakAmps()) + " A at the start.";
        }
        String run;
        if (power.goesOnTheOldWay()) {
            run = "It goes on turning the old way, at " + Math.round(Math.abs(power.rpm()))
                    + " rpm: "
                    + (power.isStartCircuitOut()
                            ? "its start winding is out of circuit at speed."
                            : "at speed its run winding is the stronger.")
                    + " Stop fully, then the other way.";
        } else if (power.isPlugged()) {
            run = "It is braked and driven the other way, " + Math.round(power.peakAmps())
                    + " A and a blow to whatever hangs on the shaft. Stop fully, then the other way.";
        } else if (position == HandlePosition.OFF && power.isThrownTurning()) {
            run = "OFF: it coasts"
                    + power.stops().map(s -> " for " + Math.round(s) + " s").orElse("") + "."
                    + power.closes()
                            .map(s -> " The start switch clicks in again after " + String.format(Locale.ROOT, "%.1f", s)
                                    + " s.")
                            .orElse("");
        } else if (power.isNothing()) {
            run = position == HandlePosition.OFF ? "OFF: no current flows." : "Nothing happens: no current flows.";
        } else if (power.toSpeed().isEmpty()) {
            run = "It hums and does not turn, at " + Math.round(power.peakAmps()) + " A.";
        } else {
            run = "Up to " + Math.round(Math.abs(power.rpm())) + " rpm in "
                    + String.format(Locale.ROOT, "%.1f", power.toSpeed().orElseThrow()) + " s, "
                    + Math.round(power.peakAmps()) + " A at the start, "
                    + String.format(Locale.ROOT, "%.1f", power.amps()) + " A running."
                    + power.opens()
                            .map(s -> " The start switch clicks out after " + String.format(Locale.ROOT, "%.1f", s)
                                    + " s.")
                            .orElse("");
        }
        return power.smoke() < 0
                ? run
                : run + " Smoke after " + Math.round(power.smoke()) + " s: " + String.join(", ", power.burnt())
                        + " burns.";
    }
}
