package gatepin.core.rotation;

import gatepin.core.Problem;
import gatepin.core.Reading;
import gatepin.core.TypedNumber;
import gatepin.core.TypedNumber.Field;
import gatepin.core.rotation.RotationPlan.Hazard;
import gatepin.core.rotation.StatedRotation.Direction;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** Reads what is typed at the Rotation gate. */
public final class RotationReader {
    /** Most stages between a motor and its tool here. */
    public static final int MOST_STAGES = 5;

    private RotationReader() {}

    /** A stage as typed; {@code kind} blank for none. */
    public record Stage(String kind, String driver, String driven, boolean turned) {}

    /**
     * The form as typed.
     *
     * @param tool the name of a {@link Tool}
     * @param work what the way it works is called; blank for the tool's usual word
     * @param back what the other way is called
     * @param motion the name of a {@link ToolMotion}; blank for the tool's only one
     * @param direction the tool's direction where the person says it himself
     * @param fromDrive whether he looks from the drive's side, not facing the free end
     * @param stages from the motor to the tool
     * @param coast seconds; may be blank
     */
    public record Typed(
            String tool,
            String work,
            String back,
            String motion,
            String direction,
            boolean fromDrive,
            List<Stage> stages,
            boolean shaftPointsLikeTool,
            boolean bothWays,
            List<String> hazards,
            boolean secured,
            String coast,
            boolean momentary) {}

    /** Reads it. Problems carry {@code motion}, {@code direction}, {@code stages[n].driver} and the like, {@code coast}. */
    public static Reading<RotationPlan> read(Typed typed) {
        List<Problem> problems = new ArrayList<>();
        Tool machine = typed.tool().isBlank()
                ? ToolMotion.of(typed.motion()).map(Tool::with).orElse(Tool.OTHER)
                : Tool.of(typed.tool());
        Ways ways = new Ways(
                way("work", typed.work(), machine.ways().work(), problems),
                way("back", typed.back(), machine.ways().back(), problems));
        if (ways.work().equals(ways.back())) {
            problems.add(new Problem("back", typed.back(), "The two ways need a word each."));
        }
        Optional<ToolMotion> motion = ToolMotion.of(typed.motion())
                .or(() -> typed.motion().isBlank()
                                && !typed.tool().isBlank()
                                && machine.motions().size() == 1
                        ? Optional.of(machine.motions().get(0))
                        : Optional.empty());
        if (motion.isEmpty()) {
            problems.add(new Problem("motion", typed.motion(), "Say what the tool must do."));
        }
        Direction tool = motion.map(ToolMotion::facingFreeEnd).orElse(Direction.NOT_STATED);
        if (motion.equals(Optional.of(ToolMotion.SEEN))) {
            Direction said = Arrays.stream(Direction.values())
                    .filter(d -> d.name().equals(typed.direction()))
                    .findFirst()
                    .orElse(Direction.NOT_STATED);
            tool = typed.fromDrive() ? said.opposite() : said;
            if (tool == Direction.NOT_STATED) {
                problems.add(new Problem("direction", typed.direction(), "Say which way the tool must turn."));
            }
        }
        List<DriveStage> stages = new ArrayList<>();
        for (int i = 0; i < typed.stages().size(); i++) {
            stage(typed.stages().get(i), "stages[" + i + "].", problems).ifPresent(stages::add);
        }
        if (stages.isEmpty() && problems.isEmpty()) {
            stages.add(DriveStage.direct());
        }
        List<Hazard> hazards = Arrays.stream(Hazard.values())
                .filter(h -> typed.hazards().contains(h.name()))
                .toList();
        Optional<Double> coast = typed.coast().isBlank()
                ? Optional.empty()
                : number("coast", typed.coast(), "seconds", SECONDS, problems);
        return problems.isEmpty()
                ? Reading.of(new RotationPlan(
                        new RotationPlan.Machine(machine, ways),
                        motion.orElseThrow(),
                        tool,
                        new DriveTrain(stages, typed.shaftPointsLikeTool()),
                        typed.bothWays(),
                        hazards,
                        typed.secured(),
                        coast,
                        typed.momentary()))
                : Reading.failed(problems);
    }

    private static String way(String field, String typed, String usual, List<Problem> problems) {
        String word = typed.strip().toUpperCase(Locale.ROOT);
        if (word.isEmpty()) {
            return usual;
        }
        if (word.length() > Ways.LONGEST || !WORD.matcher(word).matches() || word.equals("OFF")) {
            problems.add(new Problem(
                    field,
                    typed,
                    "“" + typed.strip() + "” does not fit on a handle: at most " + Ways.LONGEST
                            + " letters, and not OFF."));
        }
        return word;
    }

    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}][\\p{L}\\p{N} .-]*");

    private static Optional<DriveStage> stage(Stage typed, String field, List<Problem> problems) {
        if (typed.kind().isBlank()) {
            return Optional.empty();
        }
        Optional<DriveStage.Kind> kind = Arrays.stream(DriveStage.Kind.values())
                .filter(k -> k.name().equals(typed.kind()))
                .findFirst();
        if (kind.isEmpty()) {
            problems.add(new Problem(field + "kind", typed.kind(), "Choose one of the drives listed."));
            return Optional.empty();
        }
        if (!kind.orElseThrow().hasSizes()) {
            return Optional.of(new DriveStage(kind.orElseThrow(), 1, 1, false));
        }
        Optional<Double> driver = size(field + "driver", typed.driver(), problems);
        Optional<Double> driven = size(field + "driven", typed.driven(), problems);
        return driver.isPresent() && driven.isPresent()
                ? Optional.of(
                        new DriveStage(kind.orElseThrow(), driver.orElseThrow(), driven.orElseThrow(), typed.turned()))
                : Optional.empty();
    }

    private static final Field SIZE = Field.of(0.1, 10_000, "mm", "cm", "in", "\"", "t", "teeth");
    private static final Field SECONDS = Field.of(0, 3600, "s", "sec", "seconds");

    /** A pulley or a wheel; without a size it counts as one to one. */
    private static Optional<Double> size(String field, String typed, List<Problem> problems) {
        return typed.isBlank() ? Optional.of(1.0) : number(field, typed, "size", SIZE, problems);
    }

    private static Optional<Double> number(
            String field, String typed, String what, Field bounds, List<Problem> problems) {
        TypedNumber number = TypedNumber.read(typed, bounds);
        if (number.kind() == TypedNumber.Kind.GOOD) {
            return Optional.of(number.value());
        }
        problems.add(new Problem(
                field,
                typed,
                number.kind() == TypedNumber.Kind.EITHER
                        ? number.question(typed)
                        : "“" + typed.strip() + "” is no " + what + ", such as 63 or 2.5."));
        return Optional.empty();
    }
}
