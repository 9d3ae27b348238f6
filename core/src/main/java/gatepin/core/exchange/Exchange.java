package gatepin.core.exchange;

import gatepin.core.Sentence;
import gatepin.core.exchange.Match.About;
import gatepin.core.exchange.Match.Point;
import gatepin.core.exchange.Match.Standing;
import gatepin.core.exchange.Mount.Fixing;
import gatepin.core.gear.SwitchRating;
import gatepin.core.machine.Frame;
import gatepin.core.plate.Plate;
import gatepin.core.plate.PlateDetails;
import gatepin.core.rotation.RotationPlan;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.supply.BranchCircuit;
import gatepin.core.supply.ConductorSize;
import gatepin.core.supply.SupplyAdvice;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Compares spare motors with what a machine needs. What a new one must match and what may be another: common practice of exchanging
 * motors; frames by {@link Frame}.
 */
public final class Exchange {
    /** So far off in speed nobody sees (common practice: three percent). */
    private static final double SPEED = 0.03;
    /** Figures of plates are rounded: so much less is no less. */
    private static final double POWER = 0.98;
    /** So much stronger is worth a word: breaker and shaft. */
    private static final double MUCH_STRONGER = 2;

    private static final double VOLTS = 0.1;
    /** Two heights so near are one, and so are two shafts, mm. */
    private static final double HEIGHT = 0.5;

    private static final double SHAFT = 0.05;

    private final Wanted wanted;

    private Exchange(Wanted wanted) {
        this.wanted = wanted;
    }

    /** Compares every spare motor, the best first. */
    public static List<Match> rank(Wanted wanted, List<Spare> spares) {
        Exchange exchange = new Exchange(wanted);
        return spares.stream().map(exchange::match).sorted(Match.BEST_FIRST).toList();
    }

    private Match match(Spare spare) {
        List<Point> points = new ArrayList<>();
        Optional<Plate> plate = spare.plate();
        if (plate.isEmpty()) {
            points.add(new Point(About.POWER, Standing.UNKNOWN, Sentence.of("exchange.noPlate")));
        }
        plate.ifPresent(p -> {
            points.add(supply(p));
            points.add(power(p));
        });
        points.add(rotation(spare));
        plate.ifPresent(p -> points.add(speed(p)));
        points.add(height(spare));
        points.add(shaft(spare));
        points.add(fixing(spare));
        plate.ifPresent(p -> points.add(duty(p)));
        points.add(new Point(
                About.TESTED,
                spare.tested() ? Standing.FITS : Standing.UNKNOWN,
                Sentence.of(spare.tested() ? "exchange.tested" : "exchange.untested")));
        return new Match(spare, points, plate.map(this::changes).orElse(List.of()));
    }

    private Point supply(Plate plate) {
        if (plate.details().phases().equals(Optional.of(3))) {
            return new Point(About.SUPPLY, Standing.LACKS, Sentence.of("exchange.threePhase"));
        }
        Optional<Integer> volts = fittingVolts(plate);
        if (volts.isEmpty()) {
            return new Point(
                    About.SUPPLY,
                    Standing.LACKS,
                    Sentence.of("exchange.volts", plate.ratings().get(0).volts()));
        }
        if (plate.hertz() != wanted.hertz()) {
            return new Point(
                    About.SUPPLY, Standing.LACKS, Sentence.of("exchange.hertz", plate.hertz(), wanted.hertz()));
        }
        return new Point(About.SUPPLY, Standing.FITS, Sentence.of("exchange.supplyFits", volts.orElseThrow()));
    }

    /** The plate's highest voltage that the shop can give. */
    private Optional<Integer> fittingVolts(Plate plate) {
        return plate.ratings().stream()
                .map(Plate.Rating::volts)
                .filter(v -> wanted.volts().stream().anyMatch(w -> Math.abs(w - v) <= VOLTS * v))
                .reduce((low, high) -> high);
    }

    private static double horsepower(Plate plate) {
        return plate.ratedOutputWatts() / Plate.WATTS_PER_HP;
    }

    private Point power(Plate plate) {
        double share = horsepower(plate) / wanted.horsepower();
        if (share < POWER) {
            return new Point(
                    About.POWER, Standing.LACKS, Sentence.of("exchange.weaker", Math.round(100 * (1 - share))));
        }
        return share > MUCH_STRONGER
                ? new Point(About.POWER, Standing.OTHERWISE, Sentence.of("exchange.muchStronger", tenths(share)))
                : new Point(About.POWER, Standing.FITS, Sentence.of("exchange.powerFits"));
    }

    private Point rotation(Spare spare) {
        Optional<PlateDetails> details = spare.plate().map(Plate::details);
        boolean outside = spare.startEndsOut().equals(Optional.of(true));
        boolean inside = spare.startEndsOut().equals(Optional.of(false));
        Optional<Boolean> said = details.flatMap(PlateDetails::reversible);
        StatedRotation stated = details.map(PlateDetails::rotation).orElse(StatedRotation.NOT_STATED);
        boolean itsOwnWay = stated.isStated() && wanted.turned().isStated() && (sameWay(stated, wanted.turned()));
        if (outside || (said.equals(Optional.of(true)) && !inside)) {
            return new Point(About.ROTATION, Standing.FITS, Sentence.of("exchange.reversible"));
        }
        if (!wanted.bothWays() && itsOwnWay) {
            return new Point(About.ROTATION, Standing.FITS, Sentence.of("exchange.itsOwnWay"));
        }
        if (inside || said.equals(Optional.of(false))) {
            boolean wrongWay =
                    wanted.bothWays() || (stated.isStated() && wanted.turned().isStated() && !itsOwnWay);
            return wrongWay
                    ? new Point(About.ROTATION, Standing.LACKS, Sentence.of("exchange.oneWay"))
                    : new Point(About.ROTATION, Standing.UNKNOWN, Sentence.of("exchange.whichWay"));
        }
        return new Point(About.ROTATION, Standing.UNKNOWN, Sentence.of("exchange.lookForStartEnds"));
    }

    private static boolean sameWay(StatedRotation one, StatedRotation other) {
        StatedRotation same = one.seenFrom() == other.seenFrom() ? other : RotationPlan.fromOtherEnd(other);
        return one.direction() == same.direction();
    }

    private Point speed(Plate plate) {
        double share = (double) plate.rpm() / wanted.rpm();
        if (Math.abs(share - 1) <= SPEED) {
            return new Point(About.SPEED, Standing.FITS, Sentence.of("exchange.speedFits", plate.rpm()));
        }
        return new Point(
                About.SPEED,
                Standing.OTHERWISE,
                wanted.mount()
                        .pulley()
                        .map(p -> Sentence.of(
                                "exchange.otherPulley",
                                plate.rpm(),
                                wanted.rpm(),
                                new Sentence.Size(p / share),
                                new Sentence.Size(p)))
                        .orElseGet(() ->
                                Sentence.of("exchange.otherSpeed", plate.rpm(), wanted.rpm(), hundredths(1 / share))));
    }

    private Point height(Spare spare) {
        Optional<Double> there = wanted.mount().height();
        Optional<Double> here = spare.mount().height().or(() -> frame(spare).map(Frame::heightMillimetres));
        if (there.isEmpty() || here.isEmpty()) {
            return new Point(
                    About.HEIGHT,
                    Standing.UNKNOWN,
                    Sentence.of(there.isEmpty() ? "exchange.measureHeight" : "exchange.measureItsHeight"));
        }
        double lower = there.orElseThrow() - here.orElseThrow();
        if (Math.abs(lower) <= HEIGHT) {
            return new Point(About.HEIGHT, Standing.FITS, Sentence.of("exchange.heightFits"));
        }
        return new Point(
                About.HEIGHT,
                Standing.OTHERWISE,
                Sentence.of(lower > 0 ? "exchange.shim" : "exchange.tooHigh", new Sentence.Size(Math.abs(lower))));
    }

    private Point shaft(Spare spare) {
        Optional<Double> there = wanted.mount().shaft();
        Optional<Double> here = spare.mount().shaft().or(() -> frame(spare).map(Frame::shaftMillimetres));
        if (there.isEmpty() || here.isEmpty()) {
            return new Point(
                    About.SHAFT,
                    Standing.UNKNOWN,
                    Sentence.of(there.isEmpty() ? "exchange.measureShaft" : "exchange.measureItsShaft"));
        }
        double larger = here.orElseThrow() - there.orElseThrow();
        if (Math.abs(larger) <= SHAFT) {
            boolean otherKey = wanted.mount().key().isPresent()
                    && spare.mount().key().isPresent()
                    && !wanted.mount().key().equals(spare.mount().key());
            return otherKey
                    ? new Point(About.SHAFT, Standing.OTHERWISE, Sentence.of("exchange.otherKey"))
                    : new Point(About.SHAFT, Standing.FITS, Sentence.of("exchange.shaftFits"));
        }
        return new Point(
                About.SHAFT,
                Standing.OTHERWISE,
                Sentence.of(
                        larger < 0 ? "exchange.bush" : "exchange.bore",
                        new Sentence.Size(here.orElseThrow()),
                        new Sentence.Size(there.orElseThrow())));
    }

    /** The frame that a plate names. */
    private static Optional<Frame> frame(Spare spare) {
        return spare.plate()
                .flatMap(p -> p.details().frame())
                .map(f -> f.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9]", ""))
                .flatMap(f -> Frame.ALL.stream()
                        .filter(k -> f.equals(k.name()) || f.matches(k.name() + "[A-SU-Z]{1,3}"))
                        .findFirst());
    }

    private Point fixing(Spare spare) {
        Fixing there = wanted.mount().fixing();
        Fixing here = spare.mount().fixing();
        if (there == Fixing.UNKNOWN || here == Fixing.UNKNOWN) {
            return new Point(About.FIXING, Standing.UNKNOWN, Sentence.of("exchange.lookAtFixing"));
        }
        return here.goesFor(there)
                ? new Point(About.FIXING, Standing.FITS, Sentence.of("exchange.fixingFits"))
                : new Point(About.FIXING, Standing.OTHERWISE, Sentence.of("exchange.adapter"));
    }

    /** A plate that is silent speaks of continuous duty (common practice). */
    private static Point duty(Plate plate) {
        Optional<String> duty = plate.details().duty().filter(d -> !isContinuous(d));
        return duty.map(d -> new Point(About.DUTY, Standing.OTHERWISE, Sentence.of("exchange.shortDuty", d)))
                .orElseGet(() -> new Point(About.DUTY, Standing.FITS, Sentence.of("exchange.continuous")));
    }

    private static boolean isContinuous(String duty) {
        String plain = duty.toUpperCase(Locale.ROOT);
        return plain.startsWith("CONT") || plain.equals("S1");
    }

    private List<Sentence> changes(Plate plate) {
        List<Sentence> changes = new ArrayList<>();
        Optional<Integer> volts = fittingVolts(plate);
        if (volts.isEmpty() || plate.details().phases().equals(Optional.of(3))) {
            return changes;
        }
        if (wanted.threePhase()) {
            changes.add(Sentence.of("exchange.thirdConductor"));
        }
        SupplyAdvice advice = SupplyAdvice.compare(
                new SupplyAdvice.Needs(
                        horsepower(plate),
                        plate.details().serviceFactor().orElse(1.0),
                        plate.lockedKva(),
                        plate.ratings().stream()
                                .map(r -> new SupplyAdvice.Rated(r.volts(), r.amps()))
                                .toList()),
                wanted.region(),
                wanted.metres());
        Optional<BranchCircuit> circuit = advice.at(volts.orElseThrow()).flatMap(SupplyAdvice.Option::circuit);
        circuit.ifPresentOrElse(
                c -> {
                    wanted.amps()
                            .filter(before -> c.sizingAmps() > before)
                            .ifPresent(before -> changes.add(
                                    Sentence.of("exchange.moreAmps", tenths(before), tenths(c.sizingAmps()))));
                    ConductorSize conductor = c.conductor();
                    changes.add(Sentence.of("exchange.circuit", conductor.name(), c.breakerLow(), c.breakerHigh()));
                    changes.add(Sentence.of("exchange.overload", tenths(c.overloadAmps())));
                    changes.add(Sentence.of("exchange.plug", c.plug()));
                },
                () -> changes.add(Sentence.of("exchange.noCircuit")));
        SwitchRating rating = SwitchRating.read(wanted.rating());
        rating.objection(horsepower(plate), volts.orElseThrow(), plate.ampsAt(volts.orElseThrow()))
                .ifPresentOrElse(
                        o -> changes.add(Sentence.of("exchange.switch", o)),
                        () -> changes.add(Sentence.of(
                                rating.text().isEmpty() ? "exchange.switchRating" : "exchange.switchDoes")));
        return changes;
    }

    private static double tenths(double value) {
        return Math.round(value * 10) / 10.0;
    }

    private static double hundredths(double value) {
        return Math.round(value * 100) / 100.0;
    }
}
