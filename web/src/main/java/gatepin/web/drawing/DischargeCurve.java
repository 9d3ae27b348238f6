package gatepin.web.drawing;

import gatepin.core.safe.Discharge;
import java.util.Locale;

/**
 * How the voltage of a capacitor falls through a bleeding resistor.
 *
 * @param path the curve
 * @param safeY the height of the voltage that counts as discharged
 * @param safeX where the curve gets there
 * @param seconds when that is, s
 * @param volts where it begins, V
 */
public record DischargeCurve(String path, int safeY, int safeX, double seconds, double volts) {
    public static final int WIDTH = 260;
    public static final int HEIGHT = 96;

    private static final int LEFT = 4;
    private static final int BOTTOM = 84;
    private static final int TOP = 8;

    /** Draws the discharge through a resistor, Ω, a little beyond the time it takes. */
    public static DischargeCurve of(Discharge discharge, double ohms) {
        double end = 1.25 * Math.max(0.01, discharge.secondsThrough(ohms));
        double tau = ohms * discharge.microfarads() * 1e-6;
        StringBuilder path = new StringBuilder();
        for (int x = 0; x <= WIDTH - 2 * LEFT; x += 4) {
            double share = Math.exp(-end * x / (WIDTH - 2 * LEFT) / tau);
            path.append(String.format(Locale.ROOT, "%s%d %.1f", x == 0 ? "M" : "L", LEFT + x, y(share)));
        }
        return new DischargeCurve(
                path.toString(),
                (int) Math.round(y(Discharge.SAFE_VOLTS / discharge.chargedVolts())),
                LEFT + (int) Math.round((WIDTH - 2 * LEFT) / 1.25),
                discharge.secondsThrough(ohms),
                discharge.chargedVolts());
    }

    private static double y(double share) {
        return BOTTOM - (BOTTOM - TOP) * Math.min(1, share);
    }

    public int width() {
        return WIDTH;
    }

    public int height() {
        return HEIGHT;
    }
}
