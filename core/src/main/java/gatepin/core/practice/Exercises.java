package gatepin.core.practice;

/** The exercises there are: any level, any grade, any seed. */
public final class Exercises {
    /** So many are kept at hand: making one asks planner and finder. */
    private static final int KEPT = 300;

    private static final Lately<ExerciseNumber, Exercise> LATELY = new Lately<>(KEPT);

    private Exercises() {}

    /** The exercise of a number: the same again on any machine. */
    public static Exercise of(ExerciseNumber number) {
        return LATELY.of(number, Exercises::made);
    }

    /** The exercise made anew. */
    static Exercise made(ExerciseNumber number) {
        return switch (number.level()) {
            case SAFE -> new SafeExercise(number);
            case PLATE -> new PlateExercise(number);
            case DIAGRAM -> new DiagramExercise(number);
            case WINDINGS -> new WindingsExercise(number);
            case VOLTAGE -> new VoltageExercise(number);
            case BOARD -> new BoardExercise(number);
            case ROTATION -> new RotationExercise(number);
            case TOGGLE, DRUM, CAM, CONTACTORS -> new WireExercise(number);
            case TICK -> new TickExercise(number);
            case COLD -> new ColdExercise(number);
            case STRANGER -> new StrangerExercise(number);
            case FAULT_DEAD -> new FaultDeadExercise(number);
            case FAULT_LIVE -> new FaultLiveExercise(number);
            case WHOLE -> new WholeExercise(number);
        };
    }
}
