package gatepin.core.practice;

import gatepin.core.Sentence;
import gatepin.core.practice.Question.Option;
import gatepin.core.rotation.DriveStage;
import gatepin.core.rotation.DriveStage.Kind;
import gatepin.core.rotation.DriveTrain;
import gatepin.core.rotation.StatedRotation;
import gatepin.core.rotation.StatedRotation.Direction;
import gatepin.core.rotation.StatedRotation.End;
import gatepin.core.rotation.Tool;
import gatepin.core.rotation.ToolMotion;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;

/** A tool, what lies between it and the motor, and what a plate says: which way must the shaft turn, and does it as written. */
final class RotationExercise extends Exercise {
    private static final int MOTOR_RPM = 1725;

    private final Tool tool;
    private final ToolMotion motion;
    private final DriveTrain train;
    private final StatedRotation stated;
    private final boolean plateLies;

    RotationExercise(ExerciseNumber number) {
        super(number);
        Random chance = number.chance(5);
        List<Tool> tools = Arrays.stream(Tool.values())
                .filter(t -> t.motions().get(0) != ToolMotion.SEEN)
                .toList();
        this.tool = tools.get(chance.nextInt(tools.size()));
        this.motion = tool.motions().get(chance.nextInt(tool.motions().size()));
        this.train = train(chance);
        Direction written = chance.nextBoolean() ? Direction.CLOCKWISE : Direction.COUNTER_CLOCKWISE;
        this.stated = new StatedRotation(
                written, isAtLeast(Grade.MIDDLING) && chance.nextBoolean() ? End.OPPOSITE_END : End.SHAFT_END);
        this.plateLies = isAtLeast(Grade.HARD) && chance.nextBoolean();
    }

    private DriveTrain train(Random chance) {
        List<Kind> kinds = switch (number().grade()) {
            case EASY -> List.of(Kind.DIRECT, Kind.BELT);
            case MIDDLING -> List.of(Kind.BELT, Kind.CROSSED_BELT, Kind.GEAR_PAIR, Kind.CHAIN);
            case HARD -> List.of(Kind.values());
        };
        List<DriveStage> stages = new ArrayList<>();
        int count = isAtLeast(Grade.MIDDLING) ? 1 + chance.nextInt(isAtLeast(Grade.HARD) ? 3 : 2) : 1;
        for (int i = 0; i < count; i++) {
            Kind kind = kinds.get(chance.nextInt(kinds.size()));
            int driver = kind.hasSizes() ? 12 + 2 * chance.nextInt(10) : 1;
            int driven = kind.hasSizes() ? driver * (1 + chance.nextInt(4)) : 1;
            stages.add(new DriveStage(kind, driver, driven, kind == Kind.RIGHT_ANGLE && chance.nextBoolean()));
        }
        return new DriveTrain(stages, !isAtLeast(Grade.MIDDLING) || chance.nextBoolean());
    }

    private StatedRotation wanted() {
        return train.shaftFor(motion.facingFreeEnd());
    }

    private Direction fromFarEnd() {
        return wanted().seenFrom(End.OPPOSITE_END).direction();
    }

    /** What the bump shows: what the plate writes, or the other way where it lies. */
    private StatedRotation bumped() {
        return plateLies ? stated.reversed() : stated;
    }

    @Override
    public List<Sentence> brief() {
        List<Sentence> brief = new ArrayList<>();
        brief.add(Sentence.of("practice.rotation.brief", tool.words(), motion.words()));
        for (DriveStage stage : train.stages()) {
            brief.add(
                    stage.kind().hasSizes()
                            ? Sentence.of(
                                    "practice.rotation.stage",
                                    stage.kind().words(),
                                    Math.round(stage.driver()),
                                    Math.round(stage.driven()))
                            : Sentence.of(
                                    "practice.rotation.direct", stage.kind().words()));
        }
        brief.add(
                Sentence.of(train.shaftPointsLikeTool() ? "practice.rotation.sameWay" : "practice.rotation.otherWay"));
        brief.add(Sentence.of(
                "practice.rotation.plate",
                stated.direction().words(),
                stated.seenFrom().words(),
                MOTOR_RPM));
        return brief;
    }

    @Override
    public Scene scene(List<Act> acts) {
        return new Scene.Train(train, Sentence.own(tool.words()));
    }

    @Override
    public List<gatepin.core.practice.Tool> tools() {
        return List.of(
                gatepin.core.practice.Tool.counted("turn-by-hand", 0), gatepin.core.practice.Tool.counted("bump", 0));
    }

    @Override
    public List<Point> points(List<Act> acts) {
        return List.of();
    }

    @Override
    Sensed sense(List<Act> before, Act act) {
        if (act.by("bump")) {
            return Sensed.of(
                    "practice.rotation.bumped",
                    bumped().seenFrom(End.SHAFT_END).direction().words());
        }
        return Sensed.of(train.reverses() ? "practice.rotation.turnsOther" : "practice.rotation.turnsSame");
    }

    private static List<Option> directions() {
        return List.of(
                new Option("CLOCKWISE", Sentence.of("practice.direction.CLOCKWISE")),
                new Option("COUNTER_CLOCKWISE", Sentence.of("practice.direction.COUNTER_CLOCKWISE")));
    }

    private boolean mustInterchange() {
        return bumped().seenFrom(End.SHAFT_END).direction() != wanted().direction();
    }

    @Override
    List<Question> questions() {
        return List.of(
                Question.choice(
                        "shaft",
                        Sentence.of("practice.rotation.shaft"),
                        directions(),
                        wanted().direction().name()),
                Question.choice(
                        "far",
                        Sentence.of("practice.rotation.far"),
                        directions(),
                        fromFarEnd().name()),
                Question.number(
                        "rpm",
                        Sentence.of("practice.rotation.rpm"),
                        Math.round(MOTOR_RPM * train.ratio()),
                        Math.max(2, 0.02 * MOTOR_RPM * train.ratio())),
                Question.yesNo("interchange", Sentence.of("practice.rotation.interchange"), mustInterchange()));
    }

    @Override
    Sentence consequence(Question question, String given) {
        return question.field().equals("rpm")
                ? Sentence.none()
                : Sentence.of(
                        "practice.rotation.consequence",
                        tool.words(),
                        Sentence.of("practice.direction."
                                + motion.facingFreeEnd().opposite().name()));
    }

    @Override
    List<Slip> slips(List<Act> acts) {
        return acts.stream().anyMatch(a -> a.by("bump")) ? List.of() : List.of(Slip.of("bump"));
    }

    @Override
    int fewest() {
        return 1;
    }

    @Override
    public List<Step> better() {
        List<Step> steps = new ArrayList<>();
        steps.add(Step.thought(
                "practice.rotation.why.tool",
                Sentence.of("practice.direction." + motion.facingFreeEnd().name())));
        train.stages()
                .forEach(s -> steps.add(Step.thought(
                        s.reverses() ? "practice.rotation.why.turns" : "practice.rotation.why.keeps",
                        s.kind().words())));
        if (!train.shaftPointsLikeTool()) {
            steps.add(Step.thought("practice.rotation.why.back"));
        }
        steps.add(Step.thought(
                "practice.rotation.why.shaft",
                Sentence.of("practice.direction." + wanted().direction().name())));
        steps.add(Step.of(Act.of("bump"), "practice.rotation.why.bump"));
        return steps;
    }

    @Override
    public List<Sentence> hints() {
        return List.of(Sentence.of("practice.rotation.hint.1"), Sentence.of("practice.rotation.hint.2"));
    }
}
