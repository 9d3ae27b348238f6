package gatepin.core.practice;

import gatepin.core.Reading;
import gatepin.core.Sentence;
import gatepin.core.Severity;
import gatepin.core.bench.HandWiring;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.Device;
import gatepin.core.circuit.Feeder;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Ohmmeter;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Supply;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Wire;
import gatepin.core.gear.SwitchKind;
import gatepin.core.plan.Plan;
import gatepin.core.plan.PlanRequest;
import gatepin.core.plan.Planner;
import gatepin.core.plan.RunningConnections;
import gatepin.core.plan.Wishes;
import gatepin.core.practice.MadeUp.Want;
import gatepin.core.verdict.Analysis;
import gatepin.core.verdict.Analysis.Way;
import gatepin.core.verdict.Verdict;
import gatepin.core.verdict.VerdictWords;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** A motor, a switch, a supply and wires: both ways, off in OFF, grounded; with as few wires as the exact planner needs. */
final class WireExercise extends Exercise {
    private final MadeUp motor;
    private final SwitchKind kind;
    private final Plan best;

    private record Drawn(MadeUp motor, SwitchKind kind, Plan best) {}

    WireExercise(ExerciseNumber number) {
        this(number, draw(number));
    }

    /** A motor to be wired to a switch. */
    WireExercise(ExerciseNumber number, MadeUp motor, SwitchKind kind, Plan best) {
        this(number, new Drawn(motor, kind, best));
    }

    private WireExercise(ExerciseNumber number, Drawn drawn) {
        super(number);
        this.motor = drawn.motor();
        this.kind = drawn.kind();
        this.best = drawn.best();
    }

    private static Drawn draw(ExerciseNumber number) {
        Random chance = number.chance(8);
        while (true) {
            MadeUp drawn = MadeUp.draw(chance, want(number.grade()));
            List<SwitchKind> kinds = kinds(number.level());
            SwitchKind on = kinds.get(chance.nextInt(kinds.size()));
            Optional<Plan> plan = plan(drawn, on);
            if (plan.isPresent()) {
                return new Drawn(drawn, on, plan.get());
            }
        }
    }

    private static Want want(Grade grade) {
        return switch (grade) {
            case EASY -> Want.FEW;
            case MIDDLING -> Want.PLAIN;
            case HARD -> Want.MANY;
        };
    }

    private static List<SwitchKind> kinds(Level level) {
        return switch (level) {
            case TOGGLE -> List.of(SwitchKind.TPDT_CENTRE_OFF, SwitchKind.FOURPDT_CENTRE_OFF, SwitchKind.SPRING_TPDT);
            case CAM -> List.of(SwitchKind.CAM_8, SwitchKind.CAM_10, SwitchKind.CAM_12);
            case CONTACTORS -> List.of(SwitchKind.CONTACTORS_3, SwitchKind.CONTACTORS_4);
            default -> List.of(SwitchKind.CROSS_CORNER_DRUM, SwitchKind.CENTRE_SWAP_DRUM, SwitchKind.SPRING_DRUM);
        };
    }

    /** The plan with the fewest wires among those that nothing speaks against. */
    static Optional<Plan> plan(MadeUp motor, SwitchKind kind) {
        RunningConnections running = motor.running();
        if (running.forward().isEmpty() || running.reverse().isEmpty()) {
            return Optional.empty();
        }
        List<Plan> plans = Planner.search(new PlanRequest(
                        motor.leads().terminals(),
                        motor.leads().windings(),
                        motor.supply(),
                        kind.chart(),
                        kind.hasOff(),
                        running,
                        Wishes.NONE))
                .plans();
        return plans.stream()
                .filter(p -> p.wires().size() <= HandWiring.MOST_WIRES)
                .filter(p -> dangers(motor, circuit(motor, kind, p.wires())).isEmpty())
                .min(Comparator.comparingInt(p -> p.wires().size()));
    }

    static Circuit circuit(MadeUp motor, SwitchKind kind, List<Wire> wires) {
        return new Circuit(motor.motor(), kind.chart(), motor.supply(), Feeder.USUAL, wires);
    }

    private static List<Verdict> dangers(MadeUp motor, Circuit circuit) {
        return Analysis.of(circuit, motor.rated()).verdicts().stream()
                .filter(v -> v.severity() == Severity.DANGER)
                .toList();
    }

    MadeUp motor() {
        return motor;
    }

    SwitchKind kind() {
        return kind;
    }

    Plan best() {
        return best;
    }

    @Override
    public List<Sentence> brief() {
        List<Sentence> brief = new ArrayList<>();
        brief.add(Sentence.of("practice.wire.brief", kind.name(), motor.volts()));
        var column = motor.connection();
        brief.add(Sentence.of(
                "practice.board.column", String.join(" ", column.line1()), String.join(" ", column.line2())));
        column.joined().forEach(g -> brief.add(Sentence.of("practice.board.joined", String.join(" ", g))));
        brief.add(Sentence.of(
                "practice.wire.swap", column.swap().first(), column.swap().second()));
        brief.add(Sentence.of("practice.wire.hint." + motor.supply().kind().name()));
        brief.add(Sentence.of("practice.wire.task"));
        return brief;
    }

    private HandWiring wiring(List<Act> acts) {
        HandWiring wiring = HandWiring.NOTHING;
        for (Act act : acts) {
            wiring = laid(wiring, act).value().orElse(wiring);
        }
        return wiring;
    }

    private Reading<HandWiring> laid(HandWiring wiring, Act act) {
        return switch (act.tool()) {
            case "join" -> wiring.join(Terminal.fromId(act.one()), Terminal.fromId(act.other()), terminals(wiring));
            case "part" -> wiring.part(Terminal.fromId(act.one()), Terminal.fromId(act.other()));
            default -> Reading.of(wiring);
        };
    }

    private List<Terminal> terminals(HandWiring wiring) {
        List<Terminal> terminals = new ArrayList<>(circuit(motor, kind, wiring.wires()).terminals().stream()
                .filter(t -> !t.is(Device.Type.INSIDE) && !t.is(Device.Type.SPLICE))
                .toList());
        terminals.addAll(wiring.nuts());
        return terminals;
    }

    @Override
    Optional<MadeUp> motorInHand() {
        return Optional.of(motor);
    }

    @Override
    public Scene scene(List<Act> acts) {
        HandWiring wiring = wiring(acts);
        return new Scene.Wired(motor.leads(), Optional.of(kind), circuit(motor, kind, wiring.wires()), wiring, true);
    }

    @Override
    public List<Tool> tools() {
        return List.of(
                Tool.counted("join", 2),
                Tool.counted("part", 2),
                Tool.on("ohms-off", 2),
                Tool.on("ohms-forward", 2),
                Tool.on("ohms-reverse", 2),
                Tool.on("power-forward", 0),
                Tool.on("power-off", 0),
                Tool.on("power-reverse", 0));
    }

    @Override
    public Hand hand(List<Act> before) {
        return Hand.WIRE;
    }

    @Override
    public List<Point> points(List<Act> acts) {
        return points(terminals(wiring(acts)), motor);
    }

    static List<Point> points(List<Terminal> terminals, MadeUp motor) {
        return terminals.stream()
                .map(t -> new Point(t.id(), label(motor.supply(), t.id())))
                .toList();
    }

    /** A point as it is marked: a line by its name, a ground by what it is the ground of. */
    static String label(Supply supply, String id) {
        Terminal terminal = Terminal.fromId(id);
        if (terminal.isLine()) {
            return supply.nameOf(terminal);
        }
        return terminal.isGround()
                ? switch (terminal.device().type()) {
                    case MOTOR -> "G (motor)";
                    case SUPPLY -> "G (supply)";
                    default -> "G (switch)";
                }
                : terminal.label();
    }

    @Override
    Sensed sense(List<Act> before, Act act) {
        HandWiring wiring = wiring(before);
        if (act.by("join") || act.by("part")) {
            return laid(wiring, act).value().isPresent()
                    ? Sensed.of(
                            "practice.wire." + act.tool(),
                            label(motor.supply(), act.one()),
                            label(motor.supply(), act.other()))
                    : Sensed.of(Sentence.own(laid(wiring, act).problems().get(0).message()));
        }
        HandlePosition at = position(act.tool());
        Circuit circuit = circuit(motor, kind, wiring.wires());
        return act.tool().startsWith("ohms") ? ohms(circuit, at, act) : Powered.on(motor, circuit, at);
    }

    private static HandlePosition position(String tool) {
        return HandlePosition.valueOf(tool.substring(tool.indexOf('-') + 1).toUpperCase(java.util.Locale.ROOT));
    }

    private Sensed ohms(Circuit circuit, HandlePosition at, Act act) {
        Terminal a = Terminal.fromId(act.one());
        Terminal b = Terminal.fromId(act.other());
        double ohms = a.equals(b)
                ? 0
                : circuit.terminals().containsAll(List.of(a, b))
                        ? Ohmmeter.on(circuit, State.atRest(at), Ohmmeter.Points.of(circuit, List.of(a, b)))
                                .ohms(a, b)
                        : Ohmmeter.OPEN;
        return Double.isInfinite(ohms)
                ? Sensed.of(
                        "practice.sensed.open", label(motor.supply(), act.one()), label(motor.supply(), act.other()))
                : Sensed.of(
                        "practice.sensed.ohms",
                        label(motor.supply(), act.one()),
                        label(motor.supply(), act.other()),
                        WindingsExercise.rounded(ohms));
    }

    @Override
    List<Question> questions() {
        return List.of();
    }

    @Override
    List<Marked.Answered> judged(List<Act> acts) {
        Circuit circuit = circuit(motor, kind, wiring(acts).wires());
        Analysis analysis = Analysis.of(circuit, motor.rated());
        Way wanted = Analysis.of(motor.direct(motor.connection()), motor.rated())
                .in(HandlePosition.FORWARD)
                .way();
        Way forward = analysis.in(HandlePosition.FORWARD).way();
        Way reverse = analysis.in(HandlePosition.REVERSE).way();
        List<Marked.Answered> judged = new ArrayList<>();
        judged.add(judged("practice.wire.judged.forward", forward == wanted));
        judged.add(judged(
                "practice.wire.judged.reverse", reverse != Way.NONE && forward != Way.NONE && reverse != forward));
        List<Verdict> dangers = analysis.verdicts().stream()
                .filter(v -> v.severity() == Severity.DANGER)
                .toList();
        judged.add(judged("practice.wire.judged.safe", dangers.isEmpty()));
        dangers.forEach(d -> judged.add(new Marked.Answered(
                Sentence.of("practice.wire.judged.danger"),
                VerdictWords.of(d, motor.supply()).title(),
                Sentence.of("practice.no"),
                false,
                VerdictWords.of(d, motor.supply()).words())));
        return judged;
    }

    @Override
    List<Slip> slips(List<Act> acts) {
        boolean ground = false;
        List<Slip> slips = new ArrayList<>();
        for (int i = 0; i < acts.size(); i++) {
            ground |= acts.get(i).by("join") && acts.get(i).one().endsWith(".G");
            if (acts.get(i).tool().startsWith("power") && !ground) {
                slips.add(Slip.of("powerBeforeGround"));
                break;
            }
        }
        return slips;
    }

    @Override
    int fewest() {
        return best.wires().size();
    }

    @Override
    public List<Step> better() {
        List<Step> steps = new ArrayList<>();
        for (Wire wire : best.wires()) {
            boolean interchanged = best.interchanged().contains(wire.from())
                    || best.interchanged().contains(wire.to());
            steps.add(Step.of(
                    new Act("join", wire.from().id(), wire.to().id()),
                    wire.isGround()
                            ? "practice.wire.why.ground"
                            : interchanged ? "practice.wire.why.swap" : "practice.wire.why.wire",
                    label(motor.supply(), wire.from().id()),
                    label(motor.supply(), wire.to().id())));
        }
        return steps;
    }

    @Override
    public List<Sentence> hints() {
        return List.of(
                Sentence.of(
                        "practice.wire.hint.swap",
                        motor.connection().swap().first(),
                        motor.connection().swap().second()),
                Sentence.of("practice.wire.hint.count", fewest()));
    }
}
