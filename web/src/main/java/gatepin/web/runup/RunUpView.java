package gatepin.web.runup;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.TypedNumber;
import gatepin.core.circuit.AcNetwork;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.InnerContact.Kind;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.lane.Workup.InCircuit;
import gatepin.core.machine.Estimate;
import gatepin.core.machine.FittedMotor;
import gatepin.core.machine.Load;
import gatepin.core.machine.MotorValues;
import gatepin.core.machine.RunUp;
import gatepin.core.machine.RunUp.Conditions;
import gatepin.core.machine.RunUpTrace;
import gatepin.core.machine.RunUpTrace.Happening;
import gatepin.core.machine.RunUpTrace.Sample;
import gatepin.core.verdict.Analysis.Way;
import gatepin.web.drawing.Chart;
import gatepin.web.drawing.ChartPainter;
import gatepin.web.lane.Finding;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/**
 * A run-up on the screen.
 *
 * @param findings what it means, in words
 * @param figures the figures with their bands
 * @param charts speed, currents, torque, each for a wide and a narrow screen
 * @param fit how well the plate is explained, in words
 */
record RunUpView(List<Finding> findings, List<Figure> figures, List<List<Chart>> charts, String fit) {
    private static final int CURVE_POINTS = 120;
    private static final double LONGEST = 20;

    /** A figure that is an estimate. */
    public record Figure(String name, String value, String band) {}

    /** What was typed into the form. */
    record Typed(
            @Nullable String law,
            @Nullable String load,
            @Nullable String breakaway,
            @Nullable String inertia,
            @Nullable String then) {
        /** With the usual where nothing was typed. */
        Typed filled() {
            return new Typed(
                    or(law, "CONSTANT"), or(load, "100"), or(breakaway, "100"), or(inertia, "4"), or(then, "NOTHING"));
        }

        private static String or(@Nullable String typed, String usual) {
            return typed == null || typed.isBlank() ? usual : typed.strip();
        }
    }

    /** What happens once it is up to speed. */
    enum Then {
        NOTHING,
        STRAIGHT_ACROSS,
        STOP_THEN_REVERSE
    }

    /**
     * What was asked for.
     *
     * @param law how the load's torque goes with speed
     * @param loadShare torque at full speed, share of rated torque
     * @param breakawayShare torque to get it moving, share of the load's
     * @param inertiaTimes inertia of machine and rotor, as a multiple of the rotor's
     * @param then what is done once it is up to speed
     */
    record Asked(Load.Law law, double loadShare, double breakawayShare, double inertiaTimes, Then then) {
        static final Asked USUAL = new Asked(Load.Law.CONSTANT, 1, 1, Load.USUAL_INERTIA, Then.NOTHING);

        static Reading<Asked> read(Typed typed) {
            List<Problem> problems = new ArrayList<>();
            double load = number(problems, "load", typed.load(), 0, 400, "percent of rated torque");
            double breakaway = number(problems, "breakaway", typed.breakaway(), 0, 1000, "percent of the load");
            double inertia = number(problems, "inertia", typed.inertia(), 1, 500, "times the rotor's own inertia");
            Load.Law law = pick(problems, "law", Load.Law.values(), typed.law());
            Then then = pick(problems, "then", Then.values(), typed.then());
            return problems.isEmpty()
                    ? Reading.of(new Asked(law, load / 100, breakaway / 100, inertia, then))
                    : Reading.failed(problems);
        }

        private static double number(
                List<Problem> problems, String field, @Nullable String typed, double least, double most, String unit) {
            String text = typed == null ? "" : typed;
            TypedNumber number = TypedNumber.read(text, TypedNumber.Field.of(least, most, "%"));
            String message = switch (number.kind()) {
                case GOOD -> "";
                case EITHER -> number.question(text);
                case OUT_OF_RANGE ->
                    String.format(Locale.ROOT, "%s is out of range: %.0f to %.0f %s.", text.strip(), least, most, unit);
                default -> "“" + text + "” is no number.";
            };
            if (!message.isEmpty()) {
                problems.add(new Problem(field, text, message));
            }
            return number.value();
        }

        private static <E extends Enum<E>> E pick(
                List<Problem> problems, String field, E[] all, @Nullable String name) {
            for (E value : all) {
                if (value.name().equals(name)) {
                    return value;
                }
            }
            problems.add(new Problem(field, "" + name, "Choose one of those listed."));
            return all[0];
        }

        Load load(InCircuit wired, MotorValues values) {
            double torque = loadShare * wired.fitted().given().ratedNm();
            return new Load(
                    law,
                    torque,
                    breakawayShare * torque,
                    inertiaTimes * values.rotor().inertiaKgM2());
        }
    }

    static RunUpView of(InCircuit wired, Asked asked, boolean iec) {
        return new Maker(wired, asked, iec).make();
    }

    /** Runs the motor, and the motors that the plate leaves as likely, and puts it together. */
    private static final class Maker {
        private final InCircuit wired;
        private final Asked asked;
        private final boolean iec;
        private final Circuit circuit;
        /** One run for each likely motor, long enough to settle; every figure is read off them. */
        private final Map<MotorValues, RunUpTrace> runs = new HashMap<>();

        private Conditions settled = Conditions.starting(HandlePosition.FORWARD, 2);

        Maker(InCircuit wired, Asked asked, boolean iec) {
            this.wired = wired;
            this.asked = asked;
            this.iec = iec;
            this.circuit = wired.circuit();
        }

        private RunUpTrace run(MotorValues values, Conditions conditions) {
            return RunUp.simulate(circuit.with(values.like(circuit.motor())), asked.load(wired, values), conditions);
        }

        RunUpView make() {
            Conditions first = Conditions.starting(HandlePosition.FORWARD, LONGEST);
            RunUpTrace start = run(wired.fitted().values(), first);
            settled = Conditions.starting(
                    HandlePosition.FORWARD,
                    start.secondsToSpeed()
                            .map(t -> Math.min(LONGEST, 0.5 + 2 * t))
                            .orElse(2.0));
            double length = start.secondsToSpeed()
                    .map(s -> Math.min(LONGEST, Math.max(0.3, 1.4 * s)))
                    .orElse(2.0);
            Conditions shown = Conditions.starting(HandlePosition.FORWARD, length);
            RunUpTrace trace = run(wired.fitted().values(), shown);
            List<RunUpTrace[]> likely = wired.fitted().spreads().stream()
                    .map(s -> new RunUpTrace[] {run(s.up(), shown), run(s.down(), shown)})
                    .toList();
            Optional<RunUpTrace> thrown = thrown(length, start);
            List<Figure> figures = figures(start);
            RunUpWords words = new RunUpWords(wired, asked, iec, start, thrown);
            List<List<Chart>> charts = new ArrayList<>();
            charts.add(speed(trace, likely, "From standstill"));
            charts.add(currents(trace, likely));
            thrown.ifPresent(t -> charts.add(speed(t, List.of(), "And then")));
            charts.add(torque());
            return new RunUpView(words.findings(), figures, charts, words.fit());
        }

        private Optional<RunUpTrace> thrown(double length, RunUpTrace start) {
            if (asked.then() == Then.NOTHING || start.secondsToSpeed().isEmpty()) {
                return Optional.empty();
            }
            boolean stop = asked.then() == Then.STOP_THEN_REVERSE;
            double after = Math.min(LONGEST, 4 * length);
            Conditions across = Conditions.starting(HandlePosition.FORWARD, length + (stop ? 60 : after))
                    .thenAt(length, stop ? HandlePosition.OFF : HandlePosition.REVERSE);
            RunUpTrace trace = run(wired.fitted().values(), across);
            if (!stop) {
                return Optional.of(trace);
            }
            double stopped = trace.first(Happening.STOPPED).orElse(length + 60);
            return Optional.of(run(
                    wired.fitted().values(),
                    Conditions.starting(HandlePosition.FORWARD, stopped + 1.4 * length + 0.5)
                            .thenAt(length, HandlePosition.OFF)
                            .thenAt(stopped + 0.3, HandlePosition.REVERSE)));
        }

        private List<Figure> figures(RunUpTrace start) {
            List<Figure> figures = new ArrayList<>();
            figures.add(figure("Starting current", "A", RunUpTrace::peakAmps));
            if (circuit.motor().has(Kind.START_SWITCH)
                    && start.first(Happening.START_SWITCH_OPENED).isPresent()) {
                figures.add(figure(
                        "Start switch opens after",
                        "s",
                        t -> t.first(Happening.START_SWITCH_OPENED).orElse(LONGEST)));
            }
            if (start.secondsToSpeed().isPresent()) {
                figures.add(
                        figure("Up to speed after", "s", t -> t.secondsToSpeed().orElse(LONGEST)));
                figures.add(speed());
                figures.add(figure("Running current", "A", t -> t.last().lineAmps()));
            }
            return figures;
        }

        /** The speed is as sure as the slip is: what is estimated is how far it lags behind. */
        private Figure speed() {
            double synchronous =
                    circuit.motor().rotor().synchronousRpm(circuit.supply().hertz());
            Estimate lag = estimate(t -> synchronous - Math.abs(t.last().rpm()));
            return new Figure(
                    "Speed",
                    "≈ " + RunUpWords.number(synchronous - lag.value()) + " rpm",
                    RunUpWords.number(synchronous - lag.high()) + " to " + RunUpWords.number(synchronous - lag.low()));
        }

        private Estimate estimate(ToDoubleFunction<RunUpTrace> of) {
            return wired.fitted()
                    .estimate(v -> of.applyAsDouble(runs.computeIfAbsent(v, values -> run(values, settled))));
        }

        private Figure figure(String name, String unit, ToDoubleFunction<RunUpTrace> of) {
            Estimate estimate = estimate(of);
            return new Figure(
                    name,
                    "≈ " + RunUpWords.number(estimate.value()) + " " + unit,
                    RunUpWords.number(estimate.low()) + " to " + RunUpWords.number(estimate.high()));
        }

        private static double[] of(RunUpTrace trace, ToDoubleFunction<Sample> figure) {
            return trace.samples().stream().mapToDouble(figure).toArray();
        }

        /** The band around a course: what the likely motors do at each moment. */
        private static void ribbon(
                ChartPainter painter,
                String kind,
                RunUpTrace trace,
                List<RunUpTrace[]> likely,
                ToDoubleFunction<Sample> figure) {
            if (likely.isEmpty()) {
                return;
            }
            double[] x = of(trace, Sample::seconds);
            double[] middle = of(trace, figure);
            double[] low = new double[x.length];
            double[] high = new double[x.length];
            for (int i = 0; i < x.length; i++) {
                double variance = 0;
                double least = middle[i];
                double most = middle[i];
                for (RunUpTrace[] pair : likely) {
                    double up = at(pair[0], x[i], figure);
                    double down = at(pair[1], x[i], figure);
                    variance += (up - down) * (up - down) / 4;
                    least = Math.min(least, Math.min(up, down));
                    most = Math.max(most, Math.max(up, down));
                }
                // never beyond what one of the motors did: at a jump the differences say nothing of its height
                double band = FittedMotor.NINE_OF_TEN * Math.sqrt(variance);
                low[i] = Math.max(least, middle[i] - band);
                high[i] = Math.min(most, middle[i] + band);
            }
            painter.ribbon(kind, x, low, high);
        }

        private static double at(RunUpTrace trace, double seconds, ToDoubleFunction<Sample> figure) {
            List<Sample> samples = trace.samples();
            int low = 0;
            int high = samples.size() - 1;
            while (low < high) {
                int middle = (low + high) / 2;
                if (samples.get(middle).seconds() < seconds) {
                    low = middle + 1;
                } else {
                    high = middle;
                }
            }
            return figure.applyAsDouble(samples.get(low));
        }

        private double sign() {
            return wired.analysis().in(HandlePosition.FORWARD).way() == Way.MINUS ? -1 : 1;
        }

        private List<Chart> speed(RunUpTrace trace, List<RunUpTrace[]> likely, String title) {
            double sign = sign();
            ChartPainter painter = new ChartPainter(title + ": speed", RunUpWords.course(trace), "seconds", "rpm");
            ribbon(painter, "run", trace, likely, s -> Math.max(0, sign * s.rpm()));
            painter.curve("run", "speed", of(trace, Sample::seconds), of(trace, s -> sign * s.rpm()));
            moments(painter, trace);
            return painter.paint();
        }

        private static void moments(ChartPainter painter, RunUpTrace trace) {
            trace.events().stream()
                    .filter(e -> e.seconds() > 0)
                    .forEach(e -> painter.moment(
                            e.seconds(), RunUpWords.number(e.seconds()) + " s: " + RunUpWords.happening(e)));
        }

        private List<Chart> currents(RunUpTrace trace, List<RunUpTrace[]> likely) {
            ChartPainter painter =
                    new ChartPainter("From standstill: currents", RunUpWords.currents(trace), "seconds", "amps");
            ribbon(painter, "line", trace, likely, Sample::lineAmps);
            double[] x = of(trace, Sample::seconds);
            painter.curve("line", "line", x, of(trace, Sample::lineAmps));
            for (Role circuit : List.of(Role.RUN, Role.START)) {
                for (int i = 0; i < trace.coils().size(); i++) {
                    if (trace.coils().get(i).role() == circuit) {
                        int coil = i;
                        painter.curve(
                                circuit.word(),
                                circuit == Role.RUN ? "run winding" : "start winding",
                                x,
                                of(trace, s -> s.coilAmps().get(coil)));
                        break;
                    }
                }
            }
            moments(painter, trace);
            return painter.paint();
        }

        private List<Chart> torque() {
            double sign = sign();
            double synchronous =
                    circuit.motor().rotor().synchronousRpm(circuit.supply().hertz());
            AcNetwork in = AcNetwork.of(circuit, State.atRest(HandlePosition.FORWARD));
            AcNetwork out = AcNetwork.of(circuit, State.atSpeed(HandlePosition.FORWARD));
            Load load = asked.load(wired, wired.fitted().values());
            double[] x = new double[CURVE_POINTS + 1];
            double[] with = new double[x.length];
            double[] without = new double[x.length];
            double[] wanted = new double[x.length];
            for (int i = 0; i < x.length; i++) {
                double share = (double) i / CURVE_POINTS;
                double slip = sign > 0 ? 1 - share : 1 + share;
                x[i] = share * synchronous;
                with[i] = sign * in.torqueAt(slip);
                without[i] = sign * out.torqueAt(slip);
                wanted[i] = load.torqueNm(share);
            }
            ChartPainter painter = new ChartPainter(
                    "Torque over speed",
                    String.format(
                            Locale.ROOT,
                            "At standstill about %.1f newton metres; the load wants %.1f.",
                            with[0],
                            Math.max(wanted[0], load.breakawayNm())),
                    "rpm",
                    "N·m");
            boolean switched = circuit.motor().has(Kind.START_SWITCH);
            painter.curve("start", switched ? "start in" : "motor", x, with);
            if (switched) {
                painter.curve("run", "start out", x, without);
                painter.moment(
                        Conditions.USUAL_OPENING * synchronous,
                        Math.round(Conditions.USUAL_OPENING * synchronous) + " rpm: start switch opens");
            }
            painter.curve("load", "load", x, wanted);
            return painter.paint();
        }
    }
}
