package gatepin.web.page;

import gatepin.core.plate.Plate;
import gatepin.core.plate.Plate.Rating;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What a plate says back. */
final class PlateWords {
    private PlateWords() {}

    static List<Finding> findings(Plate plate) {
        List<Finding> findings = new ArrayList<>();
        findings.add(Finding.good(
                String.format(Locale.ROOT, "%d poles, %.0f rpm without load", plate.poles(), plate.synchronousRpm()),
                String.format(
                        Locale.ROOT,
                        "At rated load it slips %.1f %%: synchronous speed is 120 × %d Hz ÷ %d poles.",
                        100 * plate.slip(),
                        plate.hertz(),
                        plate.poles())));
        findings.add(Finding.good(
                String.format(Locale.ROOT, "%.0f W at the shaft", plate.ratedOutputWatts()),
                plate.outputAsWritten() + " in watts."));
        for (Rating rating : plate.ratings()) {
            plate.efficiencyTimesPowerFactor(rating)
                    .ifPresent(product -> findings.add(
                            product < 0.25
                                    ? Finding.warn(
                                            String.format(Locale.ROOT, "%d V: the amps look high", rating.volts()),
                                            String.format(
                                                    Locale.ROOT,
                                                    "Only %.0f %% of the volts × amps come out as work. Small motors may be so;"
                                                            + " read the amps again.",
                                                    100 * product))
                                    : Finding.good(
                                            String.format(
                                                    Locale.ROOT,
                                                    "%d V: %.0f VA in",
                                                    rating.volts(),
                                                    rating.volts()
                                                            * rating.amps().orElse(0.0)),
                                            String.format(
                                                    Locale.ROOT, "Efficiency times power factor is %.2f.", product))));
        }
        if (plate.ratings().size() == 2) {
            agree(plate.ratings().get(0), plate.ratings().get(1), findings);
        }
        return findings;
    }

    /** The same motor takes the same volts times amps on either voltage. */
    private static void agree(Rating low, Rating high, List<Finding> findings) {
        if (low.amps().isEmpty() || high.amps().isEmpty()) {
            return;
        }
        double ratio = low.volts()
                * low.amps().orElseThrow()
                / (high.volts() * high.amps().orElseThrow());
        if (ratio < 0.85 || ratio > 1.18) {
            findings.add(Finding.warn(
                    "The two amps do not agree",
                    String.format(
                            Locale.ROOT,
                            "%.1f A at %d V would be about %.1f A at %d V, but the plate reads %.1f A. One is misread.",
                            low.amps().orElseThrow(),
                            low.volts(),
                            low.amps().orElseThrow() * low.volts() / high.volts(),
                            high.volts(),
                            high.amps().orElseThrow())));
        }
    }
}
