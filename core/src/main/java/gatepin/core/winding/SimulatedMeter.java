package gatepin.core.winding;

import gatepin.core.machine.Copper;
import gatepin.core.winding.MeterReading.StartSwitch;
import java.util.Objects;
import java.util.Random;

/**
 * A stand-in for a multimeter on a hidden motor. It errs as a real one does, and always alike on the same two points.
 *
 * @param motor what its probes are on
 * @param error how far it may be off
 * @param zeroOhms what it shows with its probes held together, Ω
 * @param seed makes one meter differ from another
 */
public record SimulatedMeter(HiddenMotor motor, MeterError error, double zeroOhms, long seed) {
    /** Probes on two leads, or on a lead and {@link MeterReading#FRAME}. */
    public MeterReading read(String a, String b, StartSwitch startSwitch) {
        double ohms = motor.ohms(a, b, startSwitch);
        MeterReading reading = new MeterReading(a, b, ohms, zeroOhms, Copper.COLD_CELSIUS, startSwitch);
        if (reading.isOpen()) {
            return reading;
        }
        Random chance = new Random(seed * 31 + Objects.hash(reading.a(), reading.b(), startSwitch.ordinal()));
        double off =
                ohms * error.relative() * (2 * chance.nextDouble() - 1) + error.ohms() * (2 * chance.nextDouble() - 1);
        double shown = Math.max(0, ohms + off + zeroOhms);
        return new MeterReading(a, b, shown, zeroOhms, Copper.COLD_CELSIUS, startSwitch);
    }
}
