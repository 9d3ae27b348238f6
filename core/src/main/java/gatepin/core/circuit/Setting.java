package gatepin.core.circuit;

/**
 * Where everything stands that a hand or a coil moves: the handle of a drum, or which contactors are in. What moves by itself
 * inside the motor is the {@link State}'s business.
 */
public sealed interface Setting permits HandlePosition, Stand {
    /** What a setting is there for. */
    enum Purpose {
        FORWARD,
        OFF,
        REVERSE,
        /** Must never be, as both contactors of a pair in at once; but a welded contact can bring it about. */
        NEVER
    }

    /** The word used in identifiers and files, unique in a circuit. */
    String word();

    /** What it is there for. */
    Purpose purpose();

    /** How a person calls it. */
    default String title() {
        return word().toUpperCase(java.util.Locale.ROOT);
    }

    /** Whether the motor is meant to run in it. */
    default boolean isMeantToRun() {
        return purpose() == Purpose.FORWARD || purpose() == Purpose.REVERSE;
    }
}
