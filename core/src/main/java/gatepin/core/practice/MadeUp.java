package gatepin.core.practice;

import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.ContactChart;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Supply;
import gatepin.core.diagram.CapacitorBeside;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.ConnectionReader;
import gatepin.core.diagram.DiagramPattern;
import gatepin.core.machine.FittedMotor;
import gatepin.core.machine.Given;
import gatepin.core.machine.Leads;
import gatepin.core.machine.PlateFit;
import gatepin.core.machine.RatedPoint;
import gatepin.core.plan.RunningConnections;
import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.Plate;
import gatepin.core.why.Why;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * A made-up sound motor of some family with its plate's figures and its diagram.
 *
 * @param pattern its diagram
 * @param plateVolts the voltages of its plate, the lower first
 * @param leads its leads, and the tags of a capacitor beside it
 * @param supply what it hangs on
 * @param given the figures of its plate
 * @param fitted the motor of these figures
 * @param horsepower what it is sold as
 */
record MadeUp(
        DiagramPattern pattern,
        List<Integer> plateVolts,
        Leads leads,
        Supply supply,
        Given given,
        FittedMotor fitted,
        double horsepower) {
    private static final double[] HORSEPOWER = {0.25, 1 / 3.0, 0.5, 0.75, 1, 1.5, 2, 3};
    private static final List<String> FEW = List.of("four-lead", "iec", "run-start", "psc-colours");
    private static final List<String> PLAIN = List.of("six-lead", "iec-halves");
    private static final List<String> MANY = List.of("six-lead-protector", "six-lead-three-terminal-protector");
    private static final List<String> DUAL =
            List.of("six-lead", "iec-halves", "six-lead-protector", "six-lead-three-terminal-protector");
    private static final List<String> SWITCHED = List.of(
            "six-lead",
            "six-lead-protector",
            "four-lead",
            "six-lead-three-terminal-protector",
            "five-lead",
            "iec",
            "iec-halves",
            "run-start");
    /** PSC and split-phase motors above three quarters of a horsepower are rare (common practice). */
    private static final int SMALL_SIZES = 4;

    /** What to draw. */
    enum Want {
        ANY(List.of()),
        /** Four leads. */
        FEW(MadeUp.FEW),
        /** Two voltages. */
        DUAL(MadeUp.DUAL),
        /** Two voltages and a protector. */
        MANY(MadeUp.MANY),
        /** A start switch that clicks. */
        SWITCHED(MadeUp.SWITCHED),
        /** Two voltages, no protector: what a beginner can follow. */
        PLAIN(MadeUp.PLAIN);

        private final List<String> patterns;

        Want(List<String> patterns) {
            this.patterns = patterns;
        }

        private String pattern(Random chance) {
            List<String> from = this != ANY
                    ? patterns
                    : chance.nextInt(4) == 0 ? List.of("psc-colours", "four-lead") : MadeUp.SWITCHED;
            return from.get(chance.nextInt(from.size()));
        }
    }

    /** Draws one; about one in five hundred sets of figures is none that a motor can have. */
    static MadeUp draw(Random chance, Want want) {
        Optional<MadeUp> drawn = Optional.empty();
        while (drawn.isEmpty()) {
            drawn = tried(chance, want);
        }
        return drawn.orElseThrow();
    }

    private static boolean canBePermanent(String key) {
        return key.equals("four-lead") || key.equals("iec") || key.equals("run-start");
    }

    private static Optional<MadeUp> tried(Random chance, Want want) {
        String key = want.pattern(chance);
        boolean permanent = canBePermanent(key) && want != Want.SWITCHED && chance.nextInt(4) == 0;
        MotorFamily family = key.startsWith("psc") || permanent
                ? MotorFamily.PERMANENT_SPLIT_CAPACITOR
                : MotorFamily.values()[chance.nextInt(3)];
        boolean psc = family == MotorFamily.PERMANENT_SPLIT_CAPACITOR;
        DiagramPattern pattern = DiagramPattern.ALL.stream()
                .filter(p -> p.key().equals(key))
                .findFirst()
                .orElseThrow();
        boolean dual = !pattern.low().equals(pattern.high());
        int hertz = key.startsWith("iec") ? 50 : 60;
        List<Integer> plateVolts = dual ? List.of(115, 230) : List.of(hertz == 60 && chance.nextBoolean() ? 115 : 230);
        int volts = plateVolts.get(chance.nextInt(plateVolts.size()));
        int sizes = psc || family == MotorFamily.SPLIT_PHASE ? SMALL_SIZES : HORSEPOWER.length;
        double horsepower = HORSEPOWER[chance.nextInt(sizes)];
        int poles = 2 + 2 * chance.nextInt(3);
        int rpm = (int) Math.round(120.0 * hertz / poles * (1 - 0.03 - 0.03 * chance.nextDouble()) / 5) * 5;
        double watts = horsepower * Plate.WATTS_PER_HP;
        double etaCos = (psc ? 0.55 : 0.4) + 0.04 * Math.log(horsepower + 1);
        Leads leads = Leads.read(pattern.leads()).value().orElseThrow();
        Connection connection = column(pattern, leads, volts, plateVolts);
        Given given = new Given(
                family,
                watts,
                plateVolts.get(0),
                Optional.of(Math.round(watts / plateVolts.get(0) / etaCos * 10) / 10.0),
                hertz,
                rpm,
                poles,
                horsepower * 8.5 * Math.pow(horsepower, -0.2) * (psc ? 0.55 : 1),
                false,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                psc && connection.reversesByOtherWinding(leads));
        Supply.Kind kind = volts == 230 && hertz == 60 ? Supply.Kind.TWO_HOT : Supply.Kind.HOT_AND_NEUTRAL;
        Leads wired = psc
                ? CapacitorBeside.of(leads, connection, CapacitorBeside.TAGS)
                        .map(CapacitorBeside::leads)
                        .orElse(leads)
                : leads;
        return PlateFit.fit(given)
                .value()
                .map(fitted -> new MadeUp(
                        pattern, plateVolts, wired, new Supply(volts, hertz, kind), given, fitted, horsepower));
    }

    private static Connection column(DiagramPattern pattern, Leads leads, int volts, List<Integer> plateVolts) {
        return ConnectionReader.read(pattern.column(volts, plateVolts), leads)
                .value()
                .orElseThrow();
    }

    int volts() {
        return supply.volts();
    }

    boolean isDual() {
        return plateVolts.size() > 1;
    }

    /** The same motor on the other voltage of its plate. */
    MadeUp onVolts(int volts) {
        Supply.Kind kind = volts == 230 && supply.hertz() == 60 ? Supply.Kind.TWO_HOT : Supply.Kind.HOT_AND_NEUTRAL;
        return new MadeUp(
                pattern, plateVolts, leads, new Supply(volts, supply.hertz(), kind), given, fitted, horsepower);
    }

    /** The column of its diagram for the voltage it is on. */
    Connection connection() {
        return connection(volts());
    }

    /** The column of its diagram for a voltage of its plate. */
    Connection connection(int volts) {
        Leads bare = Leads.read(pattern.leads()).value().orElseThrow();
        Connection plain = column(pattern, bare, volts, plateVolts);
        return leads.equals(bare)
                ? plain
                : CapacitorBeside.of(bare, plain, CapacitorBeside.TAGS)
                        .map(CapacitorBeside::connection)
                        .orElse(plain);
    }

    Motor motor() {
        return fitted.values().motor(leads);
    }

    RatedPoint rated() {
        return new RatedPoint(1 - given.rpm() * given.poles() / (120.0 * given.hertz()), given.ratedNm());
    }

    RunningConnections running() {
        return RunningConnections.of(motor(), leads, rated(), connection(), supply);
    }

    /** Why it does what it does, on its own column. */
    Why why() {
        return Why.of(direct(connection()), direct(connection().reversed()), rated());
    }

    /** It hangs on its supply by a column of its diagram, without a switch. */
    Circuit direct(Connection column) {
        return new Circuit(motor(), ContactChart.NONE, supply, Feeder.USUAL, column.direct(leads));
    }
}
