package gatepin.web.desk;

import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.WiredMotor;
import gatepin.core.circuit.Wiring;
import gatepin.core.diagram.Connection;
import gatepin.core.gear.SwitchKind;
import gatepin.core.machine.FittedMotor;
import gatepin.core.machine.PlateFit;
import gatepin.core.machine.PlateFit.Given;
import gatepin.core.plan.PlanRequest;
import gatepin.core.plan.PlanResult;
import gatepin.core.plan.Planner;
import gatepin.core.plan.RunningConnections;
import gatepin.core.plan.Wishes;
import gatepin.core.plate.MotorFamily;
import gatepin.core.plate.Plate;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Analysis.Way;
import gatepin.core.verdict.ConnectionCheck;
import gatepin.core.verdict.RatedPoint;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Puts a job's motor on the engine: fits it to its plate once, and analyses any wiring of it. */
@Component
public class Engine {
    private static final int KEPT = 100;

    private final Map<Given, FittedMotor> fits = new Lately<>();
    private final Map<PlanRequest, PlanResult> plans = new Lately<>();

    /** What was asked for lately. */
    private static final class Lately<K, V> extends LinkedHashMap<K, V> {
        private static final long serialVersionUID = 1;

        Lately() {
            super(KEPT, 0.75f, true);
        }

        @Override
        protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
            return size() > KEPT;
        }
    }

    /**
     * A job's motor in one wiring, analysed.
     *
     * @param fitted the motor as fitted to its plate
     * @param analysis what the wiring does
     * @param plusIs what the plus direction looks like, from the diagram's own statement; not stated where it is silent
     */
    public record OnBench(FittedMotor fitted, Analysis analysis, StatedRotation plusIs) {
        public WiredMotor wired() {
            return analysis.wired();
        }

        /** What a direction looks like. */
        public StatedRotation seen(Way way) {
            return switch (way) {
                case PLUS -> plusIs;
                case MINUS -> plusIs.reversed();
                case NONE -> StatedRotation.NOT_STATED;
            };
        }
    }

    /** Analyses a wiring of the job's motor; empty while plate or leads are not read. */
    public Optional<OnBench> bench(JobFile file, Wiring wiring) {
        if (file.plate().isEmpty()
                || file.leads().all().isEmpty()
                || file.column().isEmpty()) {
            return Optional.empty();
        }
        Plate plate = file.plate().orElseThrow();
        return fit(file, plate, file.column().orElseThrow().connection()).map(fitted -> {
            Motor motor = fitted.values().motor(file.leads());
            RatedPoint rated = new RatedPoint(plate.slip(), fitted.given().ratedNm());
            Analysis analysis = Analysis.of(WiredMotor.of(motor, wiring, Feeder.USUAL), rated);
            return new OnBench(fitted, analysis, plusIs(file, motor, rated));
        });
    }

    /**
     * Computes the plans for a job; empty while the diagram or the switch is missing. While the plate is not read, only what
     * the diagram itself states counts as running the motor right.
     */
    public Optional<PlanResult> plans(JobFile file) {
        return planRequest(file).map(this::search);
    }

    /** Whether a kind of switch could do a job, whatever a person wishes besides. */
    public boolean canDo(JobFile file, SwitchKind kind) {
        return planRequest(file)
                .map(r -> new PlanRequest(
                        r.leads(), r.windings(), r.supply(), kind.chart(), kind.hasOff(), r.running(), Wishes.NONE))
                .map(this::search)
                .filter(r -> kind.hasOff() && !r.plans().isEmpty())
                .isPresent();
    }

    /** What to ask the planner; empty while the diagram or the switch is missing. */
    public Optional<PlanRequest> planRequest(JobFile file) {
        if (file.supply().isEmpty() || file.column().isEmpty() || file.gear().isEmpty()) {
            return Optional.empty();
        }
        Connection connection = file.column().orElseThrow().connection();
        Supply supply = file.supply().orElseThrow();
        SwitchKind gear = file.gear().orElseThrow();
        return Optional.of(new PlanRequest(
                file.leads().terminals(),
                file.leads().windings(),
                supply,
                gear.chart(),
                gear.hasOff(),
                running(file, connection, supply)
                        .orElseGet(() -> RunningConnections.asWritten(connection, file.leads(), supply)),
                file.wishes().sparing(gear.worn())));
    }

    private PlanResult search(PlanRequest request) {
        synchronized (plans) {
            PlanResult known = plans.get(request);
            if (known != null) {
                return known;
            }
        }
        PlanResult fresh = Planner.search(request);
        synchronized (plans) {
            plans.put(request, fresh);
        }
        return fresh;
    }

    /** The connections that run the job's motor right; empty while the engine cannot run it as its diagram says. */
    private Optional<RunningConnections> running(JobFile file, Connection connection, Supply supply) {
        if (file.plate().isEmpty() || file.connectionDanger().isPresent()) {
            return Optional.empty();
        }
        Plate plate = file.plate().orElseThrow();
        return fit(file, plate, connection)
                .map(fitted -> RunningConnections.of(
                        fitted.values().motor(file.leads()),
                        file.leads(),
                        new RatedPoint(plate.slip(), fitted.given().ratedNm()),
                        connection,
                        supply))
                .filter(r -> !r.forward().isEmpty() && !r.reverse().isEmpty());
    }

    /** Hangs the job's motor on a supply by a column of its diagram; empty while plate or leads are not read. */
    public Optional<ConnectionCheck> check(JobFile file, Connection connection, Supply supply) {
        if (file.plate().isEmpty() || file.leads().all().isEmpty()) {
            return Optional.empty();
        }
        Plate plate = file.plate().orElseThrow();
        return fit(file, plate, connection)
                .map(fitted -> ConnectionCheck.of(
                        connection,
                        file.leads(),
                        fitted.values().motor(file.leads()),
                        new RatedPoint(plate.slip(), fitted.given().ratedNm()),
                        supply,
                        Feeder.STIFF));
    }

    /** The worst the engine finds in the diagram's column the job runs on; empty where nothing is dangerous. */
    Optional<String> danger(JobFile file) {
        return file.column()
                .flatMap(c -> check(file, c.connection(), file.supply().orElseThrow()))
                .flatMap(ConnectionCheck::danger);
    }

    private Optional<FittedMotor> fit(JobFile file, Plate plate, Connection connection) {
        boolean dual = plate.isDualVoltage();
        int inSeries = dual
                ? 1
                : file.column()
                        .map(c -> c.connection()
                                .runHalvesInSeries(file.leads(), file.supply().orElseThrow()))
                        .orElse(1);
        Given stated = Given.of(plate, inSeries);
        boolean alike = plate.likelyFamily() == MotorFamily.PERMANENT_SPLIT_CAPACITOR
                && connection.reversesByOtherWinding(file.leads());
        Given given = alike ? stated.withEqualWindings() : stated;
        synchronized (fits) {
            FittedMotor known = fits.get(given);
            if (known != null) {
                return Optional.of(known);
            }
            Optional<FittedMotor> fresh = PlateFit.fit(given).value();
            fresh.ifPresent(f -> fits.put(given, f));
            return fresh;
        }
    }

    /** The diagram says which way its own connection turns; the engine says what sign that is. */
    private static StatedRotation plusIs(JobFile file, Motor motor, RatedPoint rated) {
        StatedRotation stated = file.column().orElseThrow().rotation();
        Wiring direct = file.column()
                .orElseThrow()
                .connection()
                .direct(file.leads(), file.supply().orElseThrow());
        Way way = Analysis.of(WiredMotor.of(motor, direct, Feeder.STIFF), rated)
                .in(HandlePosition.FORWARD)
                .way();
        return switch (way) {
            case PLUS -> stated;
            case MINUS -> stated.reversed();
            case NONE -> StatedRotation.NOT_STATED;
        };
    }
}
