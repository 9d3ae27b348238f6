package gatepin.core.verdict;

import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Supply;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.ConnectionReader;
import gatepin.core.diagram.DiagramPattern;
import gatepin.core.machine.Given;
import gatepin.core.machine.Lead;
import gatepin.core.machine.Lead.WindingEnd;
import gatepin.core.machine.Leads;
import gatepin.core.machine.MotorValues;
import gatepin.core.machine.PlateFit;
import gatepin.core.machine.RatedPoint;
import gatepin.core.machine.Stated;
import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.Plate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * Made-up sound motors of every family with their plate's own column.
 *
 * @param name what it is, with the seed it was made from
 * @param leads its leads
 * @param connection its standard column
 * @param supply what that column is for, at rated volts
 * @param motor the motor
 * @param rated where it works
 */
public record HealthyMotors(
        String name, Leads leads, Connection connection, Supply supply, Motor motor, RatedPoint rated) {
    private static final double[] HORSEPOWER = {0.125, 1 / 6.0, 0.25, 1 / 3.0, 0.5, 0.75, 1, 1.5, 2, 3, 5};
    private static final List<String> SWITCHED = List.of(
            "six-lead",
            "six-lead-protector",
            "four-lead",
            "six-lead-three-terminal-protector",
            "five-lead",
            "iec",
            "iec-halves",
            "run-start");
    private static final List<String> PERMANENT = List.of(
            "four-lead", "iec", "iec-halves", "iec-capacitor", "run-start-capacitor", "psc-three-wire", "psc-colours");

    /** One motor for each seed. */
    public static HealthyMotors of(long seed) {
        return madeUp(seed).orElseThrow();
    }

    /** One motor for each seed; about one in five hundred states figures that no motor can have. */
    public static Optional<HealthyMotors> madeUp(long seed) {
        Random chance = new Random(seed * 7919);
        MotorFamily family = MotorFamily.values()[(int) (seed % 4)];
        boolean psc = family == MotorFamily.PERMANENT_SPLIT_CAPACITOR;
        List<String> keys = psc ? PERMANENT : SWITCHED;
        String key = keys.get(chance.nextInt(keys.size()));
        DiagramPattern pattern = DiagramPattern.ALL.stream()
                .filter(p -> p.key().equals(key))
                .findFirst()
                .orElseThrow();
        boolean dual = !pattern.low().equals(pattern.high());
        int hertz = chance.nextBoolean() ? 60 : 50;
        List<Integer> plateVolts = dual ? List.of(115, 230) : List.of(chance.nextBoolean() ? 115 : 230);
        int volts = plateVolts.get(chance.nextInt(plateVolts.size()));
        // PSC motors above a horsepower and split-phase ones above one are not made (common practice)
        int sizes = psc || family == MotorFamily.SPLIT_PHASE ? 7 : HORSEPOWER.length;
        double horsepower = HORSEPOWER[chance.nextInt(sizes)];
        int poles = 2 + 2 * chance.nextInt(3);
        double slip = 0.025 + 0.045 * chance.nextDouble() * (horsepower < 1 ? 1 : 0.6);
        int rpm = (int) Math.round(120.0 * hertz / poles * (1 - slip));
        double watts = horsepower * Plate.WATTS_PER_HP;
        double etaCos = (psc ? 0.55 : 0.38) + 0.06 * chance.nextDouble() + 0.04 * Math.log(horsepower + 1);
        Leads leads = turned(Leads.read(pattern.leads()).value().orElseThrow(), chance);
        Connection connection = ConnectionReader.read(pattern.column(volts, plateVolts), leads)
                .value()
                .orElseThrow();
        Given given = new Given(
                family,
                watts,
                plateVolts.get(0),
                Optional.of(watts / plateVolts.get(0) / etaCos),
                hertz,
                rpm,
                poles,
                horsepower * 8.5 * Math.pow(horsepower, -0.2) * (psc ? 0.55 : 1) * (0.85 + 0.3 * chance.nextDouble()),
                chance.nextBoolean(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                psc && connection.reversesByOtherWinding(leads));
        Supply.Kind kind = volts == 230 && hertz == 60 ? Supply.Kind.TWO_HOT : Supply.Kind.HOT_AND_NEUTRAL;
        return PlateFit.fit(given)
                .value()
                .map(fitted -> new HealthyMotors(
                        String.format(
                                        "seed %d: %s, %.2f hp, %s of %s V, %d Hz, %d poles, %d rpm",
                                        seed, family, horsepower, key, plateVolts, hertz, poles, rpm)
                                + " on " + volts + " V",
                        leads,
                        connection,
                        new Supply(volts, hertz, kind),
                        fitted.values().motor(leads),
                        new RatedPoint(
                                slip(rpm, hertz, poles), given.ratedNm(), stated(given, plateVolts, fitted.values()))));
    }

    private static Stated stated(Given given, List<Integer> plateVolts, MotorValues values) {
        List<Plate.Rating> ratings = plateVolts.stream()
                .map(v -> new Plate.Rating(v, given.amps().map(a -> a * given.volts() / v)))
                .toList();
        return new Stated(
                ratings,
                Optional.of(values.family()),
                Optional.of(values.startMicrofarads()).filter(c -> c > 0),
                Optional.of(values.runMicrofarads()).filter(c -> c > 0));
    }

    /** The same where its parts have to tell what family it is of. */
    HealthyMotors givenPartByPart() {
        Stated known = rated.stated();
        return new HealthyMotors(
                name + ", part by part",
                leads,
                connection,
                supply,
                motor,
                new RatedPoint(
                        rated.slip(),
                        rated.torqueNm(),
                        new Stated(known.ratings(), Optional.empty(), Optional.empty(), Optional.empty())));
    }

    /** The same motor with all its like ends called the other ones, or as they are: nothing may hang on that. */
    private static Leads turned(Leads leads, Random chance) {
        boolean turn = chance.nextBoolean();
        return new Leads(leads.all().stream()
                .map(l -> new Lead(
                        l.mark(),
                        l.colour(),
                        l.ends().stream()
                                .map(e -> new WindingEnd(e.role(), e.number(), e.like() != turn))
                                .toList()))
                .toList());
    }

    private static double slip(int rpm, int hertz, int poles) {
        return 1 - rpm * poles / (120.0 * hertz);
    }

    static List<HealthyMotors> some(int number) {
        List<HealthyMotors> some = new ArrayList<>();
        for (long seed = 0; seed < number; seed++) {
            some.add(of(seed));
        }
        return some;
    }

    @Override
    public String toString() {
        return name;
    }
}
