package gatepin.web.desk;

import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Motor;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.WiredMotor;
import gatepin.core.circuit.Wiring;
import gatepin.core.diagram.Connection;
import gatepin.core.machine.FittedMotor;
import gatepin.core.machine.PlateFit;
import gatepin.core.machine.PlateFit.Given;
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
    private static final int FITS_KEPT = 100;

    private final Map<Given, FittedMotor> fits = new LinkedHashMap<>(FITS_KEPT, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Given, FittedMotor> eldest) {
            return size() > FITS_KEPT;
        }
    };

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
