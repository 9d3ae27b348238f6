package gatepin.core.practice;

import gatepin.core.check.Meter;
import gatepin.core.check.Read;
import gatepin.core.check.SimulatedReading;
import gatepin.core.check.Taken;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Setting;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** An ohmmeter on a machine with whatever is wrong with it, in any position of the handle. */
final class Metered {
    /** The tools: one for each position. */
    static final List<Tool> TOOLS =
            List.of(Tool.counted("ohms-off", 2), Tool.counted("ohms-forward", 2), Tool.counted("ohms-reverse", 2));

    private final SimulatedReading meter;
    private final Supply supply;

    Metered(Circuit actual, long seed) {
        this.meter = new SimulatedReading(actual, Meter.USUAL, seed);
        this.supply = actual.supply();
    }

    /** The tool for a setting. */
    static String tool(Setting setting) {
        return "ohms-" + setting.word();
    }

    /** What an act reads; empty where it is no reading, or lies on one point twice. */
    static Optional<Read> read(Act act) {
        if (!act.tool().startsWith("ohms-") || act.one().equals(act.other())) {
            return Optional.empty();
        }
        HandlePosition at =
                HandlePosition.valueOf(act.tool().substring("ohms-".length()).toUpperCase(Locale.ROOT));
        return Optional.of(new Read.Ohms(Terminal.fromId(act.one()), Terminal.fromId(act.other()), at, false));
    }

    /** The act that takes a reading; empty where these tools cannot. */
    static Optional<Act> act(Read read) {
        return read instanceof Read.Ohms ohms && !ohms.heldOpen()
                ? Optional.of(
                        new Act(tool(ohms.setting()), ohms.a().id(), ohms.b().id()))
                : Optional.empty();
    }

    Taken take(Read read) {
        return meter.take(read);
    }

    /** What is read of an act. */
    Sensed sense(Act act) {
        String one = WireExercise.label(supply, act.one());
        String other = WireExercise.label(supply, act.other());
        Optional<Read> read = read(act);
        if (read.isEmpty()) {
            return Sensed.of("practice.sensed.ohms", one, other, 0.0);
        }
        double shown = meter.take(read.get()).shown();
        return Double.isInfinite(shown)
                ? Sensed.of("practice.sensed.open", one, other)
                : Sensed.of("practice.sensed.ohms", one, other, WindingsExercise.rounded(shown));
    }

    /** What was read, in its order. */
    static List<Read> reads(List<Act> acts) {
        List<Read> reads = new ArrayList<>();
        acts.forEach(a -> read(a).filter(r -> !reads.contains(r)).ifPresent(reads::add));
        return reads;
    }

    /** Every point that a probe can lie on. */
    static List<Point> points(Plant plant) {
        return WireExercise.points(
                plant.circuit().terminals().stream()
                        .filter(t -> !t.is(gatepin.core.circuit.Device.Type.INSIDE))
                        .toList(),
                plant.motor());
    }
}
