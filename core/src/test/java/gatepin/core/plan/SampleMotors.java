package gatepin.core.plan;

import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.ConnectionReader;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.FittedMotor;
import gatepin.core.machine.Given;
import gatepin.core.machine.Leads;
import gatepin.core.machine.PlateFit;
import gatepin.core.machine.RatedPoint;
import gatepin.core.plate.MotorFamily;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** Motors of our own making, for tests, read the way a person types them. */
public record SampleMotors(String name, Leads leads, Connection connection, Supply supply, Given given) {
    private static final Map<Given, FittedMotor> FITS = new ConcurrentHashMap<>();
    private static final Supply HOT_AND_NEUTRAL_115 = new Supply(115, 60, Supply.Kind.HOT_AND_NEUTRAL);
    private static final Supply HOT_AND_NEUTRAL_230 = new Supply(230, 50, Supply.Kind.HOT_AND_NEUTRAL);
    private static final Supply TWO_HOT_230 = new Supply(230, 60, Supply.Kind.TWO_HOT);
    private static final Given DUAL = given(MotorFamily.CAPACITOR_START, 559, 115, 13.8, 60, 1725, 300, 0);

    public static final SampleMotors SIX_LEAD_HIGH =
            of("six leads, high voltage", "T1 T2 T3 T4 T5 T8", TWO_HOT_230, DUAL, "T1", "T4 T8", "T2 T3 T5", "T5 T8");
    public static final SampleMotors SIX_LEAD_LOW = of(
            "six leads, low voltage",
            "T1 T2 T3 T4 T5 T8",
            HOT_AND_NEUTRAL_115,
            DUAL,
            "T1 T3 T5",
            "T2 T4 T8",
            "",
            "T5 T8");
    public static final SampleMotors FOUR_LEAD = of(
            "four leads, one voltage",
            "T1 T4 T5 T8",
            HOT_AND_NEUTRAL_115,
            given(MotorFamily.SPLIT_PHASE, 373, 115, 8.8, 60, 1725, 0, 0),
            "T1 T5",
            "T4 T8",
            "",
            "T5 T8");
    public static final SampleMotors PROTECTED = of(
            "six leads with protector",
            "P1 P2 T1 T2 T3 T4 T5 T8",
            TWO_HOT_230,
            DUAL,
            "P1",
            "T4 T5",
            "P2 T1; T2 T3 T8",
            "T5 T8");
    public static final SampleMotors IEC_LETTERS = of(
            "IEC letters",
            "U1 U2 Z1 Z2",
            HOT_AND_NEUTRAL_230,
            given(MotorFamily.CAPACITOR_START, 370, 230, 2.9, 50, 1420, 60, 0),
            "U1 Z1",
            "U2 Z2",
            "",
            "Z1 Z2");
    public static final SampleMotors PERMANENT_CAPACITOR = of(
            "PSC, four wires",
            "T1 T4 T5 T8",
            HOT_AND_NEUTRAL_115,
            given(MotorFamily.PERMANENT_SPLIT_CAPACITOR, 93, 115, 2.1, 60, 1650, 0, 10),
            "T1 T5",
            "T4 T8",
            "",
            "T5 T8");
    public static final List<SampleMotors> ALL =
            List.of(SIX_LEAD_HIGH, SIX_LEAD_LOW, FOUR_LEAD, PROTECTED, IEC_LETTERS, PERMANENT_CAPACITOR);

    static Given given(
            MotorFamily family,
            double watts,
            double volts,
            double amps,
            int hertz,
            int rpm,
            double startMicrofarads,
            double runMicrofarads) {
        return new Given(
                family,
                watts,
                volts,
                Optional.of(amps),
                hertz,
                rpm,
                4,
                watts / 746 * 6,
                false,
                Optional.empty(),
                Optional.empty(),
                Optional.of(startMicrofarads).filter(c -> c > 0),
                Optional.of(runMicrofarads).filter(c -> c > 0));
    }

    static SampleMotors of(
            String name,
            String marks,
            Supply supply,
            Given given,
            String line1,
            String line2,
            String joined,
            String swap) {
        Leads leads = Leads.read(Arrays.stream(marks.split(" "))
                        .map(m -> new Leads.Typed(m, "", ""))
                        .toList())
                .value()
                .orElseThrow();
        Connection connection = ConnectionReader.read(
                        new ConnectionReader.Typed("" + supply.volts(), line1, line2, joined, swap), leads)
                .value()
                .orElseThrow();
        return new SampleMotors(name, leads, connection, supply, given);
    }

    public FittedMotor fitted() {
        return FITS.computeIfAbsent(given, g -> PlateFit.fit(g).value().orElseThrow());
    }

    public RatedPoint rated() {
        return new RatedPoint(1 - given.rpm() * given.poles() / (120.0 * given.hertz()), given.ratedNm());
    }

    /** The motor as fitted. */
    public Motor motor() {
        return fitted().values().motor(leads);
    }

    /** The motor on a switch, wired so. */
    public Circuit circuit(SwitchKind kind, List<Wire> wires) {
        return new Circuit(motor(), kind.chart(), supply, Feeder.STIFF, wires);
    }

    /** The connections that run it right, by the engine. */
    public RunningConnections running() {
        return RunningConnections.of(fitted().values().motor(leads), leads, rated(), connection, supply);
    }

    /** What the diagram alone states. */
    public RunningConnections asWritten() {
        return RunningConnections.asWritten(connection, leads, motor(), rated(), supply);
    }

    public PlanRequest on(SwitchKind kind) {
        return on(kind, supply);
    }

    /** The motor on a supply whose lines are otherwise. */
    public PlanRequest on(SwitchKind kind, Supply other) {
        return new PlanRequest(
                leads.terminals(),
                leads.windings(),
                other,
                kind.chart(),
                kind.hasOff(),
                RunningConnections.of(fitted().values().motor(leads), leads, rated(), connection, other),
                Wishes.NONE);
    }

    /** Wishes for one thing alone. */
    public static Wishes keep(String point, String terminal) {
        Terminal from =
                point.startsWith("L") ? (point.equals("L1") ? Terminal.L1 : Terminal.L2) : Terminal.motor(point);
        return new Wishes(
                false,
                false,
                OptionalInt.empty(),
                Set.of(),
                Set.of(new Wire(from, Terminal.onSwitch(terminal), Wire.Run.MOTOR_CABLE)));
    }

    @Override
    public String toString() {
        return name;
    }
}
