package gatepin.core.rotation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gatepin.core.Problem;
import gatepin.core.rotation.DriveStage.Kind;
import gatepin.core.rotation.RotationPlan.Hazard;
import gatepin.core.rotation.RotationReader.Stage;
import gatepin.core.rotation.StatedRotation.Direction;
import gatepin.core.rotation.StatedRotation.End;
import gatepin.core.supply.Region;
import gatepin.core.words.Wording;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Directions through drives; what turns which way is common practice, as anybody can try with two wheels. */
class RotationPlanTest {
    private static DriveStage stage(String word) {
        String[] parts = word.split(" ");
        Kind kind = Kind.valueOf(parts[0]);
        return parts.length < 3
                ? new DriveStage(kind, 1, 1, word.endsWith("turned"))
                : new DriveStage(
                        kind, Double.parseDouble(parts[1]), Double.parseDouble(parts[2]), word.endsWith("turned"));
    }

    private static DriveTrain train(String stages, boolean likeTool) {
        return new DriveTrain(
                Arrays.stream(stages.split(","))
                        .map(String::strip)
                        .map(RotationPlanTest::stage)
                        .toList(),
                likeTool);
    }

    @ParameterizedTest(name = "{0}, shaft like tool {1}: turned round {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "DIRECT                        | true  | false",
                "BELT                          | true  | false",
                "BELT                          | false | true",
                "CROSSED_BELT                  | true  | true",
                "CROSSED_BELT                  | false | false",
                "CHAIN                         | true  | false",
                "GEAR_PAIR                     | true  | true",
                "GEAR_PAIR, GEAR_PAIR          | true  | false",
                "INTERNAL_GEAR                 | true  | false",
                "FRICTION_WHEEL                | true  | true",
                "RIGHT_ANGLE 1 20              | true  | false",
                "RIGHT_ANGLE 1 20 turned       | true  | true",
                "BELT, RIGHT_ANGLE 1 20 turned | false | true"
            })
    void whatTurnsTheToolTheOtherWay(String stages, boolean likeTool, boolean reverses) {
        DriveTrain train = train(stages, likeTool);

        assertThat(train.reverses()).isEqualTo(reverses);
        assertThat(train.shaftFor(Direction.CLOCKWISE))
                .isEqualTo(new StatedRotation(
                        reverses ? Direction.COUNTER_CLOCKWISE : Direction.CLOCKWISE, End.SHAFT_END));
    }

    @Test
    @DisplayName("speed goes with the sizes: 1725 rpm, 63 mm on 126 mm, then a worm 1 to 20")
    void speedGoesWithTheSizes() {
        DriveTrain train = train("BELT 63 126, RIGHT_ANGLE 1 20", true);

        assertThat(1725 * train.ratio()).isCloseTo(43.125, within(1e-9));
    }

    /** Against rotation as a vector: on parallel axes each stage turns the vector or keeps it; each end is seen from outside. */
    @Test
    void parallelTrainsAgreeWithTheVectorOfRotation() {
        List<Kind> parallel =
                List.of(Kind.DIRECT, Kind.BELT, Kind.CROSSED_BELT, Kind.CHAIN, Kind.GEAR_PAIR, Kind.INTERNAL_GEAR);
        for (long seed = 0; seed < 300; seed++) {
            Random random = new Random(seed);
            List<DriveStage> stages = new ArrayList<>();
            double vector = 1; // the tool turns counter-clockwise facing its free end, which points along +1
            for (int i = random.nextInt(4); i >= 0; i--) {
                Kind kind = parallel.get(random.nextInt(parallel.size()));
                stages.add(new DriveStage(kind, 1 + random.nextInt(50), 1 + random.nextInt(50), false));
                vector *= kind == Kind.CROSSED_BELT || kind == Kind.GEAR_PAIR ? -1 : 1;
            }
            boolean likeTool = random.nextBoolean();
            boolean counterClockwiseFacingShaft = vector * (likeTool ? 1 : -1) > 0;

            assertThat(new DriveTrain(stages, likeTool)
                            .shaftFor(Direction.COUNTER_CLOCKWISE)
                            .direction())
                    .as("seed %d: %s %s", seed, stages, likeTool)
                    .isEqualTo(counterClockwiseFacingShaft ? Direction.COUNTER_CLOCKWISE : Direction.CLOCKWISE);
        }
    }

    private static RotationPlan plan(boolean bothWays, boolean secured, Hazard... hazards) {
        return new RotationPlan(
                RotationPlan.Machine.usual(Tool.LATHE),
                ToolMotion.LATHE,
                Direction.COUNTER_CLOCKWISE,
                train("BELT", false),
                bothWays,
                List.of(hazards),
                secured,
                Optional.empty(),
                false);
    }

    @Test
    @DisplayName("a lathe's motor behind it, its pulley on the left: the shaft turns clockwise, facing the shaft end")
    void theSameMotorFromBothEnds() {
        StatedRotation shaft = plan(true, false).shaft();

        assertThat(shaft).isEqualTo(new StatedRotation(Direction.CLOCKWISE, End.SHAFT_END));
        assertThat(RotationPlan.fromOtherEnd(shaft))
                .isEqualTo(new StatedRotation(Direction.COUNTER_CLOCKWISE, End.OPPOSITE_END));
        assertThat(RotationPlan.fromOtherEnd(RotationPlan.fromOtherEnd(shaft))).isEqualTo(shaft);
    }

    @ParameterizedTest
    @CsvSource({
        "COUNTER_CLOCKWISE, OPPOSITE_END, true",
        "CLOCKWISE, SHAFT_END, true",
        "CLOCKWISE, OPPOSITE_END, false",
        "NOT_STATED, SHAFT_END,"
    })
    void thePlatesStatementIsTurnedIntoTheSamePicture(Direction stated, End from, Boolean asWritten) {
        assertThat(plan(true, false).worksAsWritten(new StatedRotation(stated, from)))
                .isEqualTo(Optional.ofNullable(asWritten));
    }

    @Test
    void aHazardHoldsThePinWhereItMustTurnBothWays() {
        assertThat(plan(true, false, Hazard.SCREWED_ON).lack())
                .hasValueSatisfying(
                        l -> assertThat(Wording.of(Region.NORTH_AMERICA).say(l)).contains("chuck or wheel screwed on"));
        assertThat(plan(true, true, Hazard.SCREWED_ON).lack()).isEmpty();
        assertThat(plan(false, false, Hazard.SCREWED_ON).lack()).isEmpty();
    }

    private static RotationReader.Typed typed(
            String motion, String direction, boolean fromDrive, String coast, Stage... stages) {
        return new RotationReader.Typed(
                "",
                "",
                "",
                motion,
                direction,
                fromDrive,
                List.of(stages),
                true,
                true,
                List.of("BLADE", "nothing"),
                false,
                coast,
                true);
    }

    @Test
    void aFormIsReadAndADirectionFromTheDriveIsTurnedRound() {
        RotationPlan plan = RotationReader.read(typed(
                        "SEEN",
                        "CLOCKWISE",
                        true,
                        "4,5 s",
                        new Stage("BELT", "63 mm", "126", false),
                        new Stage("", "", "", false)))
                .value()
                .orElseThrow();

        assertThat(plan.tool()).isEqualTo(Direction.COUNTER_CLOCKWISE);
        assertThat(plan.train().ratio()).isEqualTo(0.5);
        assertThat(plan.coastSeconds()).contains(4.5);
        assertThat(plan.hazards()).containsExactly(Hazard.BLADE);
        assertThat(RotationReader.read(typed("DRILL", "", false, ""))
                        .value()
                        .orElseThrow()
                        .train()
                        .stages())
                .as("nothing said is a straight coupling")
                .extracting(DriveStage::kind)
                .containsExactly(Kind.DIRECT);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "''   | ''         | ''   | BELT | 63 | motion",
                "SEEN | NOT_STATED | ''   | BELT | 63 | direction",
                "LATHE| ''         | long | BELT | 63 | coast",
                "LATHE| ''         | ''   | ROPE | 63 | stages[0].kind",
                "LATHE| ''         | ''   | BELT | 0  | stages[0].driver",
                "LATHE| ''         | ''   | BELT | x  | stages[0].driver"
            })
    void whatCannotBeIsRefusedByItsField(
            String motion, String direction, String coast, String kind, String driver, String field) {
        assertThat(RotationReader.read(typed(motion, direction, false, coast, new Stage(kind, driver, "126", false)))
                        .problems())
                .extracting(Problem::field)
                .containsExactly(field);
    }
}
