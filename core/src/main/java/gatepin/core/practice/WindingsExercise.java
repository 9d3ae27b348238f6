package gatepin.core.practice;

import gatepin.core.Sentence;
import gatepin.core.machine.Copper;
import gatepin.core.winding.Arrangement;
import gatepin.core.winding.Arrangement.Kind;
import gatepin.core.winding.Found;
import gatepin.core.winding.Hints;
import gatepin.core.winding.MadeUpMotor;
import gatepin.core.winding.MeterError;
import gatepin.core.winding.MeterReading;
import gatepin.core.winding.MeterReading.StartSwitch;
import gatepin.core.winding.Part;
import gatepin.core.winding.Part.Role;
import gatepin.core.winding.Probe;
import gatepin.core.winding.SimulatedMeter;
import gatepin.core.winding.WindingFinder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Leads without marks: which hang together, and what is what, with the fewest probes. */
final class WindingsExercise extends Exercise {
    private static final double MOST_ZERO_OHMS = 0.4;
    private static final double HOT_CELSIUS = 65;
    /** A buzzer sounds below this, Ω (common practice: thirty to fifty). */
    private static final double BUZZES_OHMS = 40;

    private static final Set<Role> MAIN = EnumSet.of(Role.RUN, Role.RUN_HALF, Role.PHASE, Role.STAR);
    private static final Set<Role> START = EnumSet.of(Role.START, Role.START_HALF);

    private final MadeUpMotor motor;
    private final SimulatedMeter meter;
    private final Hints hints;
    private final List<Probe> guided;
    /** How warm the copper is, °C: a motor that ran until now reads more. */
    private final double celsius;

    WindingsExercise(ExerciseNumber number) {
        super(number);
        Random chance = number.chance(1);
        double zero = isAtLeast(Grade.MIDDLING) ? Math.round(100 * MOST_ZERO_OHMS * chance.nextDouble()) / 100.0 : 0;
        this.celsius = isAtLeast(Grade.HARD) && chance.nextInt(3) == 0 ? HOT_CELSIUS : Copper.COLD_CELSIUS;
        while (true) {
            MadeUpMotor drawn = MadeUpMotor.draw(chance);
            SimulatedMeter with = new SimulatedMeter(drawn.hidden(), MeterError.USUAL, zero, number.seed());
            Hints known = isAtLeast(Grade.HARD)
                    ? Hints.NONE
                    : new Hints(Optional.of(isDual(drawn.kind())), Optional.of(isThreePhase(drawn.kind()) ? 3 : 1));
            Optional<List<Probe>> way = fits(drawn) ? guided(drawn, with, known) : Optional.empty();
            if (way.isPresent()) {
                this.motor = drawn;
                this.meter = with;
                this.hints = known;
                this.guided = way.get();
                return;
            }
        }
    }

    private static boolean isDual(Kind kind) {
        return kind.name().startsWith("DUAL");
    }

    private static boolean isThreePhase(Kind kind) {
        return kind.name().startsWith("THREE_PHASE");
    }

    private boolean fits(MadeUpMotor drawn) {
        int leads = drawn.hidden().leads().size();
        boolean plain = drawn.parts().stream().noneMatch(p -> p.role() == Role.SILENT || p.role() == Role.UNRELATED);
        return switch (number().grade()) {
            case EASY -> leads <= 4 && plain && !isThreePhase(drawn.kind());
            case MIDDLING -> leads >= 5 && leads <= 7 && plain;
            case HARD -> leads >= 6;
        };
    }

    /** The finder's own way to the answer; empty where this meter cannot settle it or is led astray. */
    private static Optional<List<Probe>> guided(MadeUpMotor motor, SimulatedMeter meter, Hints hints) {
        List<MeterReading> readings = new ArrayList<>();
        List<Probe> probes = new ArrayList<>();
        while (true) {
            Found found = WindingFinder.find(motor.hidden().leads(), readings, hints, meter.error());
            Optional<Probe> next = found.next();
            if (next.isEmpty()) {
                return found.settled().map(Arrangement::parts).equals(Optional.of(motor.parts()))
                        ? Optional.of(probes)
                        : Optional.empty();
            }
            probes.add(next.get());
            readings.add(meter.read(next.get().a(), next.get().b(), StartSwitch.AT_REST));
        }
    }

    @Override
    public List<Sentence> brief() {
        List<Sentence> brief = new ArrayList<>();
        brief.add(Sentence.of("practice.windings.brief", motor.hidden().leads().size()));
        hints.dualVoltage()
                .ifPresent(d -> brief.add(Sentence.of(d ? "practice.windings.dual" : "practice.windings.single")));
        hints.phases().ifPresent(p -> brief.add(Sentence.of("practice.windings.phases", p)));
        if (celsius > Copper.COLD_CELSIUS) {
            brief.add(Sentence.of("practice.windings.hot", Math.round(celsius)));
        }
        brief.add(Sentence.of("practice.windings.answer"));
        return brief;
    }

    @Override
    public Scene scene(List<Act> acts) {
        return new Scene.Loose(motor.hidden().leads());
    }

    @Override
    public List<Tool> tools() {
        return List.of(Tool.counted("ohms", 2), Tool.counted("buzz", 2), Tool.on("zero", 0));
    }

    @Override
    public Hand hand(List<Act> before) {
        return Hand.OHMS;
    }

    @Override
    public List<Point> points(List<Act> acts) {
        List<Point> points = new ArrayList<>(
                motor.hidden().leads().stream().map(l -> new Point(l, l)).toList());
        points.add(new Point(MeterReading.FRAME, MeterReading.FRAME));
        return points;
    }

    @Override
    Sensed sense(List<Act> before, Act act) {
        boolean zeroed = before.stream().anyMatch(a -> a.by("zero"));
        if (act.by("zero")) {
            return Sensed.of("practice.sensed.zero", meter.zeroOhms());
        }
        if (act.one().equals(act.other())) {
            return act.by("buzz")
                    ? Sensed.of("practice.sensed.buzz", act.one(), act.other())
                    : Sensed.of("practice.sensed.ohms", act.one(), act.other(), zeroed ? 0.0 : meter.zeroOhms());
        }
        MeterReading read = meter.read(act.one(), act.other(), StartSwitch.AT_REST);
        if (act.by("buzz")) {
            return Sensed.of(
                    read.shownOhms() < BUZZES_OHMS ? "practice.sensed.buzz" : "practice.sensed.silent",
                    act.one(),
                    act.other());
        }
        if (read.isOpen()) {
            return Sensed.of("practice.sensed.open", act.one(), act.other());
        }
        double shown = own(read) + (zeroed ? 0 : meter.zeroOhms());
        return Sensed.of("practice.sensed.ohms", act.one(), act.other(), rounded(shown));
    }

    /** What a reading is without the meter's leads, the copper as warm as it is. */
    private double own(MeterReading read) {
        return Math.max(0, read.shownOhms() - meter.zeroOhms()) / Copper.ohmsAt20(1, celsius);
    }

    static double rounded(double ohms) {
        double step = ohms < 10 ? 100 : ohms < 1000 ? 10 : 1;
        return Math.round(ohms * step) / step;
    }

    private String groups(Set<Role> roles) {
        return motor.parts().stream()
                .filter(p -> roles.contains(p.role()))
                .map(Part::leads)
                .sorted(Comparator.comparing(l -> l.get(0)))
                .map(l -> String.join(" ", l))
                .collect(Collectors.joining(" / "));
    }

    @Override
    List<Question> questions() {
        EnumSet<Role> rest = EnumSet.complementOf(EnumSet.copyOf(MAIN));
        rest.removeAll(START);
        return List.of(
                Question.groups("main", Sentence.of("practice.windings.main"), groups(MAIN)),
                Question.groups("start", Sentence.of("practice.windings.start"), groups(START)),
                Question.groups("rest", Sentence.of("practice.windings.rest"), groups(rest)));
    }

    /** What a meter finds between the first two leads that were taken for a winding. */
    @Override
    Sentence consequence(Question question, String given) {
        String[] leads = given.toUpperCase(Locale.ROOT).split("[^0-9A-Z]+");
        List<String> all = motor.hidden().leads();
        if (leads.length < 2 || !all.contains(leads[0]) || !all.contains(leads[1]) || leads[0].equals(leads[1])) {
            return Sentence.of("practice.windings.consequence.none");
        }
        double ohms = motor.hidden().ohms(leads[0], leads[1], StartSwitch.AT_REST);
        return Double.isInfinite(ohms)
                ? Sentence.of("practice.windings.consequence.open", leads[0], leads[1])
                : Sentence.of("practice.windings.consequence.ohms", leads[0], leads[1], rounded(ohms));
    }

    @Override
    List<Slip> slips(List<Act> acts) {
        List<Slip> slips = new ArrayList<>();
        boolean zeroed = acts.stream().anyMatch(a -> a.by("zero"));
        if (meter.zeroOhms() > 0.15 && !zeroed) {
            slips.add(Slip.of("zero", meter.zeroOhms()));
        }
        long again = acts.stream().filter(a -> a.by("ohms")).count()
                - acts.stream()
                        .filter(a -> a.by("ohms"))
                        .map(a -> new TreeSet<>(List.of(a.one(), a.other())))
                        .distinct()
                        .count();
        if (again > 0) {
            slips.add(Slip.of("twice", again));
        }
        return slips;
    }

    @Override
    int fewest() {
        return guided.size();
    }

    @Override
    public List<Step> better() {
        List<Step> steps = new ArrayList<>();
        if (meter.zeroOhms() > 0) {
            steps.add(Step.of(Act.of("zero"), "practice.windings.why.zero"));
        }
        List<MeterReading> readings = new ArrayList<>();
        for (Probe probe : guided) {
            MeterReading read = meter.read(probe.a(), probe.b(), StartSwitch.AT_REST);
            readings.add(read);
            Found found = WindingFinder.find(motor.hidden().leads(), readings, hints, meter.error());
            steps.add(Step.of(
                    new Act("ohms", probe.a(), probe.b()),
                    "practice.windings.why.probe",
                    read.isOpen() ? "OL" : rounded(own(read)) + " Ω",
                    found.fits().size()));
        }
        return steps;
    }

    @Override
    public List<Sentence> hints() {
        return List.of(
                Sentence.of("practice.windings.hint.1"),
                Sentence.of("practice.windings.hint.2"),
                Sentence.of("practice.windings.hint.count", guided.size()));
    }
}
