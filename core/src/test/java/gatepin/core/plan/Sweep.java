package gatepin.core.plan;

import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.diagram.CapacitorBeside;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.ConnectionReader;
import gatepin.core.diagram.DiagramPattern;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.FittedMotor;
import gatepin.core.machine.Given;
import gatepin.core.machine.Leads;
import gatepin.core.machine.PlateFit;
import gatepin.core.machine.RatedPoint;
import gatepin.core.plate.MotorFamily;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/** Every usual diagram, at a lower and a higher voltage, on every kind of switch: what a shop may bring in. */
public final class Sweep {
    private static final List<Integer> VOLTS = List.of(115, 230);
    private static final Map<Given, FittedMotor> FITS = new ConcurrentHashMap<>();

    private Sweep() {}

    /**
     * A diagram at one voltage.
     *
     * @param name what to call it
     * @param leads its leads and capacitor tags
     * @param connection its column
     * @param supply what it hangs on
     * @param given a plate that goes with it
     */
    public record Wired(String name, Leads leads, Connection connection, Supply supply, Given given) {
        public FittedMotor fitted() {
            return FITS.computeIfAbsent(given, g -> PlateFit.fit(g).value().orElseThrow());
        }

        public Motor motor() {
            return fitted().values().motor(leads);
        }

        public RatedPoint rated() {
            return new RatedPoint(1 - given.rpm() * given.poles() / (120.0 * given.hertz()), given.ratedNm());
        }

        public RunningConnections running() {
            return RunningConnections.of(motor(), leads, rated(), connection, supply);
        }

        public PlanRequest on(SwitchKind kind, RunningConnections running) {
            return new PlanRequest(
                    leads.terminals(), leads.windings(), supply, kind.chart(), kind.hasOff(), running, Wishes.NONE);
        }

        @Override
        public String toString() {
            return name;
        }
    }

    /** Every pattern at both voltages; a PSC motor without capacitor leads has its capacitor beside it. */
    public static List<Wired> all() {
        List<Wired> all = new ArrayList<>();
        for (DiagramPattern pattern : DiagramPattern.ALL) {
            for (int volts : VOLTS) {
                all.add(wired(pattern, volts));
            }
        }
        return all;
    }

    private static Wired wired(DiagramPattern pattern, int volts) {
        Leads leads = Leads.read(pattern.leads()).value().orElseThrow();
        Connection connection = ConnectionReader.read(pattern.column(volts, VOLTS), leads)
                .value()
                .orElseThrow();
        boolean psc = pattern.key().startsWith("psc") || leads.all().stream().anyMatch(l -> l.isOf(Role.CAPACITOR));
        Supply supply = new Supply(volts, 60, volts > 200 ? Supply.Kind.TWO_HOT : Supply.Kind.HOT_AND_NEUTRAL);
        double half = volts / (double) connection.runHalvesInSeries(leads);
        double watts = psc ? 186 : 559;
        Given given = new Given(
                psc ? MotorFamily.PERMANENT_SPLIT_CAPACITOR : MotorFamily.CAPACITOR_START,
                watts,
                half,
                Optional.of(watts / half / (psc ? 0.5 : 0.38)),
                60,
                psc ? 1680 : 1725,
                4,
                watts / 746 * (psc ? 4 : 8),
                false,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                connection.reversesByOtherWinding(leads));
        Optional<CapacitorBeside> beside =
                psc ? CapacitorBeside.of(leads, connection, CapacitorBeside.TAGS) : Optional.empty();
        return new Wired(
                pattern.key() + " " + volts + " V",
                beside.map(CapacitorBeside::leads).orElse(leads),
                beside.map(CapacitorBeside::connection).orElse(connection),
                supply,
                given);
    }
}
