package gatepin.core.machine;

import gatepin.core.circuit.Coil;
import gatepin.core.circuit.HandlePosition;
import java.util.List;
import java.util.Optional;

/**
 * What a run looked like.
 *
 * @param coils the windings, in the order in which a sample lists them
 * @param synchronousRpm synchronous speed, 1/min
 * @param samples the course of it, evenly in time
 * @param events what happened
 */
public record RunUpTrace(List<Coil> coils, double synchronousRpm, List<Sample> samples, List<Event> events) {
    /** About a cycle of the mains, s: nothing shorter is told apart. */
    private static final double SHORTEST_INRUSH = 0.02;

    public RunUpTrace {
        coils = List.copyOf(coils);
        samples = List.copyOf(samples);
        events = List.copyOf(events);
    }

    /**
     * One moment.
     *
     * @param seconds since the start
     * @param rpm speed; negative in the minus direction
     * @param torqueNm airgap torque
     * @param loadNm what load and friction take, against the motion
     * @param lineAmps line current
     * @param coilAmps current of each winding
     * @param coilCelsius temperature of each winding
     */
    public record Sample(
            double seconds,
            double rpm,
            double torqueNm,
            double loadNm,
            double lineAmps,
            List<Double> coilAmps,
            List<Double> coilCelsius) {}

    /** What can happen. */
    public enum Happening {
        THROWN,
        START_SWITCH_OPENED,
        START_SWITCH_CLOSED,
        STOPPED
    }

    /** One thing that happened, and the speed at that moment. */
    public record Event(double seconds, Happening what, HandlePosition position, double rpm) {}

    public Sample last() {
        return samples.get(samples.size() - 1);
    }

    /** The highest line current, A. */
    public double peakAmps() {
        return samples.stream().mapToDouble(Sample::lineAmps).max().orElse(0);
    }

    /** How long the starting current flows, s: until it has fallen half the way to the current it ends with. */
    public double inrushSeconds() {
        double half = (peakAmps() + last().lineAmps()) / 2;
        return Math.max(
                SHORTEST_INRUSH,
                samples.stream()
                        .filter(s -> s.lineAmps() > half)
                        .mapToDouble(Sample::seconds)
                        .max()
                        .orElse(0));
    }

    /** The first time something happened, s. */
    public Optional<Double> first(Happening what) {
        return events.stream().filter(e -> e.what() == what).map(Event::seconds).findFirst();
    }

    /** When the speed came within 1 % of the speed it ended with, s; empty if it ended at standstill. */
    public Optional<Double> secondsToSpeed() {
        double end = last().rpm();
        if (Math.abs(end) < 1) {
            return Optional.empty();
        }
        for (int i = samples.size() - 1; i >= 0; i--) {
            if (Math.abs(samples.get(i).rpm() - end) > 0.01 * synchronousRpm) {
                return Optional.of(
                        samples.get(Math.min(i + 1, samples.size() - 1)).seconds());
            }
        }
        return Optional.of(0.0);
    }

    /** When a winding reached the temperature that harms it, s; empty if it did not in this run. */
    public Optional<Double> secondsToDamage() {
        return samples.stream()
                .filter(s -> s.coilCelsius().stream().anyMatch(c -> c >= Copper.DAMAGE_CELSIUS))
                .map(Sample::seconds)
                .findFirst();
    }
}
