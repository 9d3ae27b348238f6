package gatepin.core.practice;

import gatepin.core.Sentence;
import gatepin.core.circuit.Circuit;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.circuit.Marks;
import gatepin.core.circuit.Ohmmeter;
import gatepin.core.circuit.State;
import gatepin.core.circuit.Terminal;
import gatepin.core.circuit.Winding.Role;
import gatepin.core.diagram.Connection;
import gatepin.core.diagram.StudBoard;
import gatepin.core.diagram.StudBoard.Layout;
import gatepin.core.diagram.StudBoard.Link;
import gatepin.core.diagram.StudBoard.Move;
import gatepin.core.machine.Lead;
import gatepin.core.practice.MadeUp.Want;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;

/** A board of studs that stands for one voltage, to be moved to the other: links out, leads over, links in. */
final class BoardExercise extends Exercise {
    private static final List<String> LINES = List.of("L1", "L2");

    private final MadeUp motor;
    private final StudBoard board;
    /** Leads that the factory put on each other's stud, with the stud that they sit on. */
    private final Map<String, String> crossed;

    private final int from;
    private final Layout found;
    private final Layout target;

    BoardExercise(ExerciseNumber number) {
        super(number);
        Random chance = number.chance(7);
        while (true) {
            MadeUp drawn = MadeUp.draw(chance, isAtLeast(Grade.HARD) ? Want.DUAL : Want.PLAIN);
            int to = drawn.plateVolts().get(chance.nextInt(2));
            int from =
                    drawn.plateVolts().stream().filter(v -> v != to).findFirst().orElseThrow();
            StudBoard studs = board(drawn);
            Map<String, String> over =
                    isAtLeast(Grade.HARD) && chance.nextBoolean() ? crossed(drawn, chance) : Map.of();
            Layout before = layout(drawn.connection(from), isAtLeast(Grade.MIDDLING), chance, over);
            Layout after = layout(drawn.connection(to), false, chance, over);
            if (isClear(studs, before) && isClear(studs, after)) {
                this.motor = drawn.onVolts(to);
                this.board = studs;
                this.crossed = over;
                this.from = from;
                this.found = before;
                this.target = after;
                return;
            }
        }
    }

    /** Two leads of the run winding on each other's stud: it ran well, for the links lay accordingly. */
    private static Map<String, String> crossed(MadeUp motor, Random chance) {
        List<String> run = motor.leads().all().stream()
                .filter(l -> l.isOf(Role.RUN))
                .map(Lead::mark)
                .toList();
        int one = chance.nextInt(run.size());
        int other = (one + 1 + chance.nextInt(run.size() - 1)) % run.size();
        return Map.of(run.get(one), run.get(other), run.get(other), run.get(one));
    }

    /** Two rows, as such boards have them: the one ends of the windings above, the others below. */
    private static StudBoard board(MadeUp motor) {
        List<List<String>> rows = List.of(new ArrayList<>(), new ArrayList<>());
        for (String mark : motor.leads().marks()) {
            rows.get(rows.get(0).size() > rows.get(1).size() ? 1 : 0).add(mark);
        }
        return new StudBoard(rows);
    }

    /** No link lies over a stud that it does not join. */
    private static boolean isClear(StudBoard board, Layout layout) {
        return layout.links().stream()
                .noneMatch(l -> board.rows().stream()
                        .anyMatch(r -> r.contains(l.a())
                                && r.contains(l.b())
                                && Math.abs(r.indexOf(l.a()) - r.indexOf(l.b())) > 1));
    }

    /** Links stud by stud along each group, a line on its first stud; on a board that traps, on its last. */
    private static Layout layout(Connection column, boolean trap, Random chance, Map<String, String> over) {
        SortedSet<Link> links = new TreeSet<>();
        SortedMap<String, String> leads = new TreeMap<>(Marks.NATURAL_ORDER);
        leads.putAll(over);
        List<SortedSet<String>> groups = new ArrayList<>(List.of(column.line1(), column.line2()));
        groups.addAll(column.joined());
        for (int i = 0; i < groups.size(); i++) {
            List<String> group = groups.get(i).stream()
                    .map(m -> over.getOrDefault(m, m))
                    .sorted(Marks.NATURAL_ORDER)
                    .toList();
            for (int j = 1; j < group.size(); j++) {
                links.add(new Link(group.get(j - 1), group.get(j)));
            }
            if (i < LINES.size()) {
                leads.put(LINES.get(i), trap && chance.nextBoolean() ? group.get(group.size() - 1) : group.get(0));
            }
        }
        return new Layout(links, leads);
    }

    private Layout now(List<Act> acts) {
        SortedSet<Link> links = new TreeSet<>(found.links());
        SortedMap<String, String> leads = new TreeMap<>(found.leads());
        for (Act act : acts) {
            switch (act.tool()) {
                case "link-off" -> links.remove(new Link(act.one(), act.other()));
                case "link-on" -> {
                    if (!act.one().equals(act.other()) && board.studs().containsAll(List.of(act.one(), act.other()))) {
                        links.add(new Link(act.one(), act.other()));
                    }
                }
                case "move" -> {
                    if (LINES.contains(act.one()) && board.studs().contains(act.other())) {
                        leads.put(act.one(), act.other());
                    }
                }
                default -> {
                    // power moves nothing
                }
            }
        }
        return new Layout(links, leads);
    }

    private Connection connection(Layout layout) {
        return board.connection(
                layout, motor.leads(), motor.volts(), motor.connection().swap());
    }

    @Override
    public List<Sentence> brief() {
        Connection column = motor.connection();
        List<Sentence> brief = new ArrayList<>();
        brief.add(Sentence.of("practice.board.brief", motor.volts()));
        brief.add(Sentence.of(
                "practice.board.column", String.join(" ", column.line1()), String.join(" ", column.line2())));
        column.joined().forEach(g -> brief.add(Sentence.of("practice.board.joined", String.join(" ", g))));
        if (!crossed.isEmpty()) {
            Connection before = motor.connection(from);
            brief.add(Sentence.of("practice.board.ran", from));
            brief.add(Sentence.of(
                    "practice.board.column", String.join(" ", before.line1()), String.join(" ", before.line2())));
            before.joined().forEach(g -> brief.add(Sentence.of("practice.board.joined", String.join(" ", g))));
        }
        return brief;
    }

    @Override
    Optional<MadeUp> motorInHand() {
        return Optional.of(motor);
    }

    @Override
    public Scene scene(List<Act> acts) {
        // what sits on a stud from inside nobody sees
        Layout now = now(acts);
        SortedMap<String, String> lines = new TreeMap<>(now.leads());
        lines.keySet().retainAll(LINES);
        return new Scene.Board(board, new Layout(now.links(), lines));
    }

    @Override
    public List<Tool> tools() {
        return List.of(
                Tool.counted("link-off", 2),
                Tool.counted("link-on", 2),
                Tool.counted("move", 2),
                Tool.on("ohms", 2),
                Tool.on("power", 0));
    }

    @Override
    public Hand hand(List<Act> before) {
        return Hand.LINK;
    }

    @Override
    public Optional<Act> byHand(List<Act> before, String one, String other, HandlePosition at) {
        if (LINES.contains(one)) {
            return Optional.of(new Act("move", one, other));
        }
        return LINES.contains(other) ? Optional.of(new Act("move", other, one)) : super.byHand(before, one, other, at);
    }

    @Override
    public List<Point> points(List<Act> acts) {
        List<Point> points = new ArrayList<>();
        board.studs().forEach(s -> points.add(new Point(s, s)));
        LINES.forEach(l -> points.add(new Point(l, l)));
        return points;
    }

    @Override
    Sensed sense(List<Act> before, Act act) {
        Layout now = now(before);
        return switch (act.tool()) {
            case "link-off" ->
                now.links().contains(new Link(act.one(), act.other()))
                        ? Sensed.of("practice.board.off", act.one(), act.other())
                        : Sensed.of("practice.board.noLink", act.one(), act.other());
            case "link-on" ->
                act.one().equals(act.other()) || !board.studs().containsAll(List.of(act.one(), act.other()))
                        ? Sensed.of("practice.board.cannot")
                        : Sensed.of("practice.board.on", act.one(), act.other());
            case "move" ->
                LINES.contains(act.one()) && board.studs().contains(act.other())
                        ? Sensed.of("practice.board.moved", act.one(), act.other())
                        : Sensed.of("practice.board.cannot");
            case "ohms" -> ohms(now, act);
            default -> Powered.on(motor, motor.direct(connection(now)), HandlePosition.FORWARD);
        };
    }

    /** Between two studs, or a line and a stud, through whatever sits there. */
    private Sensed ohms(Layout now, Act act) {
        Circuit circuit = motor.direct(connection(now));
        Terminal one = at(act.one());
        Terminal other = at(act.other());
        double ohms = one.equals(other)
                ? 0
                : Ohmmeter.on(
                                circuit,
                                State.atRest(HandlePosition.OFF),
                                Ohmmeter.Points.of(circuit, List.of(one, other)))
                        .ohms(one, other);
        return Double.isInfinite(ohms)
                ? Sensed.of("practice.sensed.open", act.one(), act.other())
                : Sensed.of("practice.sensed.ohms", act.one(), act.other(), WindingsExercise.rounded(ohms));
    }

    /** The lead that sits on a stud; a line itself. */
    private Terminal at(String point) {
        if (LINES.contains(point)) {
            return point.equals("L1") ? Terminal.L1 : Terminal.L2;
        }
        // two that changed places sit on each other's
        return Terminal.motor(crossed.getOrDefault(point, point));
    }

    @Override
    List<Question> questions() {
        return List.of();
    }

    @Override
    List<Marked.Answered> judged(List<Act> acts) {
        Layout now = now(acts);
        boolean right = board.isEqual(now, target, motor.leads());
        return List.of(new Marked.Answered(
                Sentence.of("practice.board.judged", motor.volts()),
                Sentence.of(right ? "practice.yes" : "practice.no"),
                Sentence.of("practice.yes"),
                right,
                right
                        ? Sentence.none()
                        : Powered.on(motor, motor.direct(connection(now)), HandlePosition.FORWARD)
                                .words()));
    }

    @Override
    List<Slip> slips(List<Act> acts) {
        return List.of();
    }

    private List<Move> moves() {
        return board.moves(found, target).stream()
                .filter(m -> m.act() != StudBoard.Act.LEAD_MAY_STAY)
                .toList();
    }

    /** The fewest moves: groups that are one point need no certain links, so what may stay does. */
    @Override
    int fewest() {
        return moves().size();
    }

    @Override
    public List<Step> better() {
        List<Step> steps = new ArrayList<>();
        if (!crossed.isEmpty()) {
            steps.add(Step.thought("practice.board.why.crossed", String.join(" ", new TreeSet<>(crossed.keySet()))));
        }
        moves().stream()
                .map(m -> {
                    String[] ends = m.what().split("–");
                    return switch (m.act()) {
                        case LINK_OFF -> Step.of(new Act("link-off", ends[0], ends[1]), "practice.board.why.off");
                        case LINK_ON -> Step.of(new Act("link-on", ends[0], ends[1]), "practice.board.why.on");
                        default ->
                            Step.of(
                                    new Act("move", m.what(), m.to()),
                                    m.trap() ? "practice.board.why.trap" : "practice.board.why.move",
                                    m.what(),
                                    m.to());
                    };
                })
                .forEach(steps::add);
        return steps;
    }

    @Override
    public List<Sentence> hints() {
        return List.of(Sentence.of("practice.board.hint.1"), Sentence.of("practice.board.hint.2", fewest()));
    }
}
