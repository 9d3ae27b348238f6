package gatepin.core.plate;

import gatepin.core.Severity;
import gatepin.core.plate.Plate.Rating;
import gatepin.core.supply.FullLoadAmps;
import gatepin.core.supply.Region;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What a plate tells a person who can read it.
 *
 * @param severity how it stands
 * @param title the finding
 * @param words why, and what to do
 */
public record PlateOpinion(Severity severity, String title, String words) {
    /** A plate's amps further from the table than this are looked at again, as a factor (common practice). */
    private static final double FAR_FROM_TABLE = 1.35;

    private static PlateOpinion good(String title, String words, Object... values) {
        return new PlateOpinion(Severity.GOOD, title, format(words, values));
    }

    private static PlateOpinion warn(String title, String words, Object... values) {
        return new PlateOpinion(Severity.WARN, title, format(words, values));
    }

    private static String format(String words, Object... values) {
        return String.format(Locale.ROOT, words, values);
    }

    /** All there is to say, for a shop in a region. */
    public static List<PlateOpinion> of(Plate plate, Region region) {
        List<PlateOpinion> said = new ArrayList<>();
        obstacles(plate.details(), said);
        if (plate.details().obstacle().isEmpty()) {
            said.add(family(plate));
        }
        said.add(good(
                format("%d poles, %.0f rpm without load", plate.poles(), plate.synchronousRpm()),
                "At rated load it slips %.1f %%: synchronous speed is 120 × %d Hz ÷ %d poles.",
                100 * plate.slip(),
                plate.hertz(),
                plate.poles()));
        said.add(
                good(format("%.0f W at the shaft", plate.ratedOutputWatts()), "%s in watts.", plate.outputAsWritten()));
        plate.ratings().forEach(r -> said.addAll(rating(plate, r)));
        int ratings = plate.ratings().size();
        if (ratings > 1) {
            agree(plate.ratings().get(0), plate.ratings().get(ratings - 1)).ifPresent(said::add);
        }
        locked(plate).ifPresent(said::add);
        frequency(plate, region).ifPresent(said::add);
        details(plate.details(), said);
        return said;
    }

    private static void obstacles(PlateDetails details, List<PlateOpinion> said) {
        if (details.phases().equals(Optional.of(3))) {
            said.add(
                    new PlateOpinion(
                            Severity.DANGER,
                            "This is a three-phase motor",
                            "On one phase it hums and burns. Two ways forward: a converter or drive for it, or another motor."));
            said.add(good(
                    "Nine leads, if you feed it through a converter or drive",
                    "Low voltage: T4 T5 T6 joined; line to T1+T7, T2+T8, T3+T9. High voltage: T4+T7, T5+T8, T6+T9 joined;"
                            + " line to T1, T2, T3. Swap two lines to reverse (NEMA MG 1, from memory)."));
            said.add(good(
                    "If you exchange it, match and measure first",
                    "Power, rpm, frame, shaft diameter and key, the pulley and its distance from the mounting face, rotation,"
                            + " the switch's horsepower rating, and the cable: one phase draws more."));
        }
        details.otherFamily()
                .ifPresent(other -> said.add(new PlateOpinion(
                        Severity.DANGER,
                        "This is a " + other + " motor",
                        switch (other) {
                            case "universal" ->
                                "Brushes and a field in series: it reverses by interchanging armature or field, outside this tool.";
                            case "repulsion" ->
                                "It reverses by shifting its brush ring to the other mark, not by a switch.";
                            case "sealed" ->
                                "Three leads: common, main and auxiliary, started by a relay or a capacitor. It is"
                                        + " not meant to reverse; its pump may run one way only.";
                            default -> "Two leads and a copper ring on each pole: it cannot be reversed electrically.";
                        })));
    }

    private static PlateOpinion family(Plate plate) {
        Plate.Extras extras = plate.extras();
        if (extras.family().isPresent()) {
            return good("Family: " + plate.likelyFamily().words(), "Start circuit and reversing follow from it.");
        }
        boolean byCapacitor =
                extras.startMicrofarads().isPresent() || extras.runMicrofarads().isPresent();
        return warn(
                "Family not stated, taken as " + plate.likelyFamily().words(),
                byCapacitor
                        ? "Because of its capacitors. Does it click on run-up and coast-down? Then it has a start switch."
                        : "One hump and a click: capacitor start. Two humps: capacitor run as well. No hump and a click:"
                                + " split phase. Oil-filled capacitor and no click: PSC.");
    }

    private static List<PlateOpinion> rating(Plate plate, Rating rating) {
        List<PlateOpinion> said = new ArrayList<>();
        rating.amps().ifPresent(amps -> {
            double product = plate.efficiencyTimesPowerFactor(rating).orElse(0.0);
            said.add(
                    product < 0.25
                            ? warn(
                                    rating.volts() + " V: the amps look high",
                                    "Only %.0f %% of the volts × amps come out as work. Small motors may be so; read the"
                                            + " amps again.",
                                    100 * product)
                            : good(
                                    format(
                                            "%d V: %.0f VA in",
                                            rating.volts(),
                                            plate.voltAmperes(rating).orElse(0.0)),
                                    plate.isThreePhase()
                                            ? "√3 × volts × amps. Efficiency times power factor is %.2f."
                                            : "Efficiency times power factor is %.2f.",
                                    product));
            double horsepower = plate.ratedOutputWatts() / Plate.WATTS_PER_HP;
            (plate.isThreePhase()
                            ? FullLoadAmps.threePhase(horsepower, rating.volts())
                            : FullLoadAmps.amps(horsepower, rating.volts()))
                    .ifPresent(table -> {
                        double ratio = amps / table;
                        if (ratio > FAR_FROM_TABLE || ratio < 1 / FAR_FROM_TABLE) {
                            said.add(warn(
                                    format("%d V: %.1f A is far from the table's %.1f A", rating.volts(), amps, table),
                                    "For %s (NEC Table %s, from memory). Horsepower or amps may be misread.",
                                    plate.outputAsWritten(),
                                    plate.isThreePhase() ? "430.250" : "430.248"));
                        }
                    });
        });
        return said;
    }

    /** The same motor takes the same volts times amps on either voltage. */
    private static Optional<PlateOpinion> agree(Rating low, Rating high) {
        if (low.amps().isEmpty() || high.amps().isEmpty()) {
            return Optional.empty();
        }
        double lowAmps = low.amps().orElseThrow();
        double highAmps = high.amps().orElseThrow();
        double ratio = low.volts() * lowAmps / (high.volts() * highAmps);
        return ratio >= 0.85 && ratio <= 1.18
                ? Optional.empty()
                : Optional.of(warn(
                        "The two amps do not agree",
                        "%.1f A at %d V would be about %.1f A at %d V, but the plate reads %.1f A. One is misread.",
                        lowAmps,
                        low.volts(),
                        lowAmps * low.volts() / high.volts(),
                        high.volts(),
                        highAmps));
    }

    private static Optional<PlateOpinion> locked(Plate plate) {
        return plate.extras().code().map(code -> {
            double hp = plate.ratedOutputWatts() / Plate.WATTS_PER_HP;
            List<String> amps = plate.ratings().stream()
                    .map(r -> format(
                            "%.0f to %.0f A at %d V",
                            plate.amps(code.from() * hp * 1000, r.volts()),
                            plate.amps(code.below() * hp * 1000, r.volts()),
                            r.volts()))
                    .toList();
            return good(
                    "Rotor held, it draws " + String.join(", ", amps),
                    "Code %s: %.2f to %.2f kVA a horsepower (NEC Table 430.7(B), from memory).",
                    code.name(),
                    code.from(),
                    code.below());
        });
    }

    private static Optional<PlateOpinion> frequency(Plate plate, Region region) {
        int here = region == Region.NORTH_AMERICA ? 60 : 50;
        if (plate.hertz() == here) {
            return Optional.empty();
        }
        double rpm = plate.rpm() * (double) here / plate.hertz();
        return Optional.of(
                here < plate.hertz()
                        ? warn(
                                "A 60 Hz motor on 50 Hz",
                                "It turns about %.0f rpm, its iron saturates, it draws more and runs hot: only with a sixth"
                                        + " less voltage. The start switch may open late or never.",
                                rpm)
                        : warn(
                                "A 50 Hz motor on 60 Hz",
                                "It turns about %.0f rpm with less torque; a fan or pump then takes far more power. The start"
                                        + " switch opens early.",
                                rpm));
    }

    private static void details(PlateDetails details, List<PlateOpinion> said) {
        details.duty()
                .filter(d -> !d.equals("continuous"))
                .ifPresent(d -> said.add(warn(
                        "Not made to run all day",
                        d.equals("air over")
                                ? "Air over: it keeps cool only in the fan's own air stream."
                                : "Duty: %s. Let it cool in between.",
                        d)));
        details.serviceFactor()
                .ifPresent(sf -> said.add(good(
                        format("Service factor %.2f", sf),
                        sf > 1
                                ? "It stands %.0f %% overload at rated volts; the overload may be set to 125 %%."
                                : "No reserve; the overload is set to 115 %%.",
                        100 * (sf - 1))));
        details.reversible()
                .filter(r -> !r)
                .ifPresent(r -> said.add(warn(
                        "The plate says it is not reversible",
                        "Usually that means the start winding's ends are joined inside and not brought out. The windings gate"
                                + " of a motor you may open decides.")));
        if (details.rotation().isStated()) {
            said.add(good(
                    "Stated rotation: " + details.rotation().direction().words(),
                    details.rotation().seenFrom().words() + "; the bump wins over the plate."));
        }
        details.protection()
                .ifPresent(p -> said.add(
                        switch (p) {
                            case "automatic" ->
                                warn(
                                        "Its protector resets by itself",
                                        "It can start without warning after it cooled. Not for saws, augers or anything a hand gets into.");
                            case "none" -> warn("No protector in the motor", "Fit an external overload.");
                            default -> good("Protector: " + p, "All current has to pass it.");
                        }));
    }
}
