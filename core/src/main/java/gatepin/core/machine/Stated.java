package gatepin.core.machine;

import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.Plate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What is stated of a motor beside its speed and output: the measure that every verdict is held against.
 *
 * @param ratings volts with their amps, lowest voltage first; empty where no plate is read
 * @param family its family; empty where nobody says, and its parts have to tell
 * @param startMicrofarads what its start capacitor should be, µF, whatever sits there; empty where its parts have to tell
 * @param runMicrofarads what its run capacitor should be, µF
 */
public record Stated(
        List<Plate.Rating> ratings,
        Optional<MotorFamily> family,
        Optional<Double> startMicrofarads,
        Optional<Double> runMicrofarads) {
    /** No plate is read, and no family known. */
    public static final Stated NOTHING = new Stated(List.of(), Optional.empty(), Optional.empty(), Optional.empty());

    /** A supply this much off a plate's voltage is not that voltage (NEMA MG 1 part 12, from memory: ten percent), as a share. */
    private static final double SAME_VOLTS = 0.12;

    public Stated {
        ratings = List.copyOf(ratings);
    }

    /** A plate of a motor that is given part by part. */
    public static Stated of(Plate plate) {
        return new Stated(plate.ratings(), plate.extras().family(), Optional.empty(), Optional.empty());
    }

    /** A plate with the motor that was fitted to it. */
    public static Stated of(Plate plate, MotorValues sound) {
        return new Stated(plate.ratings(), Optional.of(sound.family()), sound.startCapacitor(), sound.runCapacitor());
    }

    /**
     * Rated amps on a voltage, A: those of the nearest rating, or where the plate has none for it, those of another, at the same
     * apparent power; empty where it states no amps.
     */
    public Optional<Double> amps(double volts) {
        List<Plate.Rating> known =
                ratings.stream().filter(r -> r.amps().isPresent()).toList();
        Comparator<Plate.Rating> nearest = Comparator.comparingDouble(r -> Math.abs(Math.log(r.volts() / volts)));
        return known.stream()
                .min(nearest)
                .flatMap(r -> r.amps()
                        .map(a -> Math.abs(r.volts() - volts) <= SAME_VOLTS * volts ? a : a * r.volts() / volts));
    }
}
