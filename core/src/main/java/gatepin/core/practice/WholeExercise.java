package gatepin.core.practice;

import gatepin.core.Sentence;
import gatepin.core.circuit.HandlePosition;
import gatepin.core.gear.SwitchKind;
import gatepin.core.plan.Plan;
import gatepin.core.practice.MadeUp.Want;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** A whole job on one machine, stage after stage: safe, plate, diagram, voltage, rotation, wires, cold check. */
final class WholeExercise extends Exercise {
    /** Goes on to the next stage. There is no way back: what was left out shows later. */
    private static final String NEXT = "next";

    private final List<Exercise> stages;

    WholeExercise(ExerciseNumber number) {
        super(number);
        Random chance = number.chance(14);
        while (true) {
            MadeUp motor = MadeUp.draw(chance, isAtLeast(Grade.HARD) ? Want.DUAL : Want.PLAIN);
            SwitchKind kind = chance.nextBoolean() ? SwitchKind.CROSS_CORNER_DRUM : SwitchKind.TPDT_CENTRE_OFF;
            Optional<Plan> plan = WireExercise.plan(motor, kind);
            if (plan.isPresent()) {
                this.stages = List.of(
                        new SafeExercise(number, motor.volts()),
                        new PlateExercise(number, motor),
                        new DiagramExercise(number, motor),
                        new VoltageExercise(number, motor),
                        new RotationExercise(number),
                        new WireExercise(number, motor, kind, plan.get()),
                        new ColdExercise(
                                number, new Plant(motor, kind, plan.get().wires())));
                return;
            }
        }
    }

    @Override
    Optional<MadeUp> motorInHand() {
        return stages.stream().flatMap(s -> s.motorInHand().stream()).findFirst();
    }

    private int stage(List<Act> acts) {
        long passed = acts.stream().filter(a -> a.by(NEXT)).count();
        return (int) Math.min(stages.size() - 1, passed);
    }

    /** What was done in a stage. */
    private List<Act> acts(List<Act> acts, int stage) {
        List<Act> mine = new ArrayList<>();
        int at = 0;
        for (Act act : acts) {
            if (act.by(NEXT)) {
                at++;
            } else if (at == stage) {
                mine.add(act);
            }
        }
        return mine;
    }

    private Exercise now(List<Act> acts) {
        return stages.get(stage(acts));
    }

    @Override
    public List<Sentence> brief() {
        List<Sentence> brief = new ArrayList<>();
        brief.add(Sentence.of("practice.whole.brief", stages.size()));
        stages.forEach(s -> brief.addAll(s.brief()));
        return brief;
    }

    @Override
    public List<Sentence> brief(List<Act> acts) {
        List<Sentence> brief = new ArrayList<>();
        brief.add(Sentence.of("practice.whole.stage", stage(acts) + 1, stages.size()));
        brief.addAll(now(acts).brief());
        return brief;
    }

    @Override
    public Scene scene(List<Act> acts) {
        return now(acts).scene(acts(acts, stage(acts)));
    }

    @Override
    public List<Tool> tools(List<Act> acts) {
        List<Tool> tools = new ArrayList<>(now(acts).tools());
        if (stage(acts) < stages.size() - 1) {
            tools.add(Tool.on(NEXT, 0));
        }
        return tools;
    }

    @Override
    public List<Tool> tools() {
        List<Tool> tools = new ArrayList<>();
        for (Exercise stage : stages) {
            stage.tools().stream()
                    .filter(t -> tools.stream().noneMatch(o -> o.word().equals(t.word())))
                    .forEach(tools::add);
        }
        tools.add(Tool.on(NEXT, 0));
        return tools;
    }

    @Override
    public List<Point> points(List<Act> acts) {
        return now(acts).points(acts(acts, stage(acts)));
    }

    @Override
    public Hand hand(List<Act> before) {
        return now(before).hand(acts(before, stage(before)));
    }

    @Override
    public Optional<Act> byHand(List<Act> before, String one, String other, HandlePosition at) {
        return now(before).byHand(acts(before, stage(before)), one, other, at);
    }

    @Override
    Sensed sense(List<Act> before, Act act) {
        return act.by(NEXT)
                ? Sensed.of("practice.whole.next", Math.min(stages.size(), stage(before) + 2))
                : now(before).sense(acts(before, stage(before)), act);
    }

    private static String field(int stage, String field) {
        return stage + "." + field;
    }

    @Override
    List<Question> questions() {
        List<Question> questions = new ArrayList<>();
        for (int i = 0; i < stages.size(); i++) {
            for (Question q : stages.get(i).questions()) {
                questions.add(new Question(field(i, q.field()), q.words(), q.options(), q.right()));
            }
        }
        return questions;
    }

    @Override
    public List<Asked> asked(List<Act> acts) {
        String mine = field(stage(acts), "");
        return asked().stream().filter(q -> q.field().startsWith(mine)).toList();
    }

    @Override
    Sentence consequence(Question question, String given) {
        int stage =
                Integer.parseInt(question.field().substring(0, question.field().indexOf('.')));
        Exercise its = stages.get(stage);
        return its.questions().stream()
                .filter(q -> field(stage, q.field()).equals(question.field()))
                .findFirst()
                .map(q -> its.consequence(q, given))
                .orElse(Sentence.none());
    }

    @Override
    List<Marked.Answered> judged(List<Act> acts) {
        List<Marked.Answered> judged = new ArrayList<>();
        for (int i = 0; i < stages.size(); i++) {
            judged.addAll(stages.get(i).judged(acts(acts, i)));
        }
        return judged;
    }

    @Override
    List<Slip> slips(List<Act> acts) {
        List<Slip> slips = new ArrayList<>();
        for (int i = 0; i < stages.size(); i++) {
            slips.addAll(stages.get(i).slips(acts(acts, i)));
        }
        return slips;
    }

    @Override
    int fewest() {
        return stages.stream().mapToInt(Exercise::fewest).sum();
    }

    @Override
    public int used(List<Act> acts) {
        int used = 0;
        for (int i = 0; i < stages.size(); i++) {
            used += stages.get(i).used(acts(acts, i));
        }
        return used;
    }

    @Override
    public List<Step> better() {
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < stages.size(); i++) {
            steps.addAll(stages.get(i).better());
            if (i < stages.size() - 1) {
                steps.add(Step.of(Act.of(NEXT), "practice.whole.why.next"));
            }
        }
        return steps;
    }

    @Override
    public List<Sentence> hints() {
        List<Sentence> hints = new ArrayList<>();
        stages.forEach(s -> hints.add(s.hints().get(0)));
        return hints;
    }
}
