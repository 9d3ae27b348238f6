package gatepin.core.plate;

import gatepin.core.Sentence;
import gatepin.core.Severity;
import gatepin.core.plate.Plate.Rating;
import gatepin.core.supply.FullLoadAmps;
import gatepin.core.supply.Region;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a plate tells a person who can read it.
 *
 * @param severity how it stands
 * @param title the finding
 * @param words why, and what to do
 */
public record PlateOpinion(Severity severity, Sentence title, Sentence words) {
    /** A plate's amps further from the table than this are looked at again, as a factor (common practice). */
    private static final double FAR_FROM_TABLE = 1.35;

    /** A small motor that makes less work than this share of its volts × amps is looked at again (common practice). */
    private static final double POOR = 0.25;

    /** The finding of that name in the book of sentences; both its sentences take the same values. */
    private static PlateOpinion opinion(Severity severity, String key, Object... values) {
        return new PlateOpinion(
                severity,
                Sentence.of("plate." + key + ".title", values),
                Sentence.of("plate." + key + ".words", values));
    }

    private static PlateOpinion good(String key, Object... values) {
        return opinion(Severity.GOOD, key, values);
    }

    private static PlateOpinion warn(String key, Object... values) {
        return opinion(Severity.WARN, key, values);
    }

    /** All there is to say, for a shop in a region. */
    public static List<PlateOpinion> of(Plate plate, Region region) {
        List<PlateOpinion> said = new ArrayList<>();
        obstacles(plate.details(), said);
        if (plate.details().obstacle().isEmpty()) {
            said.add(family(plate));
        }
        said.add(good("poles", plate.poles(), plate.synchronousRpm(), 100 * plate.slip(), plate.hertz()));
        said.add(good("output", plate.ratedOutputWatts(), plate.outputAsWritten()));
        plate.ratings().forEach(r -> said.addAll(rating(plate, r, region)));
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
            said.add(opinion(Severity.DANGER, "threePhase"));
            said.add(good("nineLeads"));
            said.add(good("exchange"));
        }
        details.otherFamily().ifPresent(other -> said.add(opinion(Severity.DANGER, "other." + other)));
    }

    private static PlateOpinion family(Plate plate) {
        Plate.Extras extras = plate.extras();
        String family = plate.likelyFamily().words();
        if (extras.family().isPresent()) {
            return good("family", family);
        }
        boolean byCapacitor =
                extras.startMicrofarads().isPresent() || extras.runMicrofarads().isPresent();
        return warn(byCapacitor ? "familyByCapacitor" : "familyGuessed", family);
    }

    private static List<PlateOpinion> rating(Plate plate, Rating rating, Region region) {
        if (rating.amps().isEmpty()) {
            return List.of();
        }
        List<PlateOpinion> said = new ArrayList<>();
        double amps = rating.amps().orElseThrow();
        double product = plate.efficiencyTimesPowerFactor(rating).orElse(0.0);
        double in = plate.voltAmperes(rating).orElse(0.0);
        said.add(
                product < POOR
                        ? warn("highAmps", rating.volts(), 100 * product)
                        : good(plate.isThreePhase() ? "inThreePhase" : "in", rating.volts(), in, product));
        if (region != Region.NORTH_AMERICA) {
            // the table is of motors for 60 Hz by horsepower; IEC plates are held against what they say themselves
            return said;
        }
        double horsepower = plate.ratedOutputWatts() / Plate.WATTS_PER_HP;
        (plate.isThreePhase()
                        ? FullLoadAmps.threePhase(horsepower, rating.volts())
                        : FullLoadAmps.amps(horsepower, rating.volts()))
                .filter(table -> amps / table > FAR_FROM_TABLE || table / amps > FAR_FROM_TABLE)
                .ifPresent(table -> said.add(warn(
                        "farFromTable",
                        rating.volts(),
                        amps,
                        table,
                        plate.outputAsWritten(),
                        plate.isThreePhase() ? "430.250" : "430.248")));
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
                        "disagree",
                        lowAmps,
                        low.volts(),
                        lowAmps * low.volts() / high.volts(),
                        high.volts(),
                        highAmps));
    }

    private static Optional<PlateOpinion> locked(Plate plate) {
        return plate.extras().code().map(code -> {
            double hp = plate.ratedOutputWatts() / Plate.WATTS_PER_HP;
            List<Sentence> amps = plate.ratings().stream()
                    .map(r -> Sentence.of(
                            "plate.lockedAt",
                            plate.amps(code.from() * hp * 1000, r.volts()),
                            plate.amps(code.below() * hp * 1000, r.volts()),
                            r.volts()))
                    .toList();
            return good("locked", amps, code.name(), code.from(), code.below());
        });
    }

    private static Optional<PlateOpinion> frequency(Plate plate, Region region) {
        int here = region.hertz();
        double rpm = plate.rpm() * (double) here / plate.hertz();
        return plate.hertz() == here
                ? Optional.empty()
                : Optional.of(warn(here < plate.hertz() ? "sixtyOnFifty" : "fiftyOnSixty", rpm));
    }

    private static void details(PlateDetails details, List<PlateOpinion> said) {
        details.duty()
                .filter(d -> !d.equals("continuous"))
                .ifPresent(d -> said.add(warn(d.equals("air over") ? "airOver" : "duty", d)));
        details.serviceFactor()
                .ifPresent(sf -> said.add(good(sf > 1 ? "serviceFactor" : "noReserve", sf, 100 * (sf - 1))));
        details.reversible().filter(r -> !r).ifPresent(r -> said.add(warn("notReversible")));
        if (details.rotation().isStated()) {
            said.add(good(
                    "rotation",
                    details.rotation().direction().words(),
                    details.rotation().seenFrom().words()));
        }
        details.protection()
                .ifPresent(p -> said.add(
                        switch (p) {
                            case "automatic" -> warn("automatic");
                            case "none" -> warn("noProtector");
                            default -> good("protector", p);
                        }));
    }
}
