package gatepin.core.plate;

/**
 * A stretch of a plate's text.
 *
 * @param start where it begins
 * @param end where it ends
 * @param text the stretch itself
 * @param kind what it speaks of
 * @param value what it says, in one notation: numbers with a point, two voltages with a stroke
 * @param meaning the same in words
 * @param question what has to be asked; blank where it is understood
 */
public record PlatePiece(int start, int end, String text, Kind kind, String value, String meaning, String question) {
    /** What a piece of a plate can speak of. */
    public enum Kind {
        OUTPUT("output", true),
        VOLTS("voltage", true),
        AMPS("current", true),
        PHASE("number of phases", true),
        FREQUENCY("frequency", true),
        SPEED("speed", true),
        POLES("number of poles", true),
        SERVICE_FACTOR("service factor", true),
        CODE("code letter", true),
        INSULATION("insulation class", true),
        AMBIENT("ambient", true),
        RISE("temperature rise", true),
        DUTY("duty", false),
        FRAME("frame", true),
        ROTATION("rotation", true),
        REVERSIBLE("reversibility", false),
        NOT_REVERSIBLE("reversibility", false),
        PROTECTION("protection", true),
        FAMILY("family", true),
        OTHER_FAMILY("family", false),
        START_CAPACITOR("start capacitor", true),
        RUN_CAPACITOR("run capacitor", true),
        CAPACITOR("capacitor", false),
        RATIO("gear ratio", true),
        OUTPUT_SPEED("speed behind the gear", true),
        TORQUE("torque behind the gear", true),
        IGNORED("nothing needed here", false),
        UNKNOWN("unknown", false);

        /** The figures every plate has. */
        static final java.util.List<Kind> FIGURES = java.util.List.of(OUTPUT, VOLTS, AMPS, FREQUENCY, SPEED);

        private final String words;
        private final boolean single;

        Kind(String words, boolean single) {
            this.words = words;
            this.single = single;
        }

        public String words() {
            return words;
        }

        /** A plate says it once. */
        boolean isSingle() {
            return single;
        }

        boolean isFigure() {
            return FIGURES.contains(this);
        }

        /** The word used in style sheets. */
        public String key() {
            return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
        }
    }

    static PlatePiece doubtful(int start, int end, String text) {
        boolean number = text.matches("[\\d.,/-]+");
        return new PlatePiece(
                start,
                end,
                text,
                Kind.UNKNOWN,
                text,
                "not understood",
                number
                        ? "What is " + text + "? Write its unit beside it, such as V, A, HP or RPM."
                        : "“" + text + "” is not understood. If it matters, write it another way; else leave it.");
    }

    /** The same as what it most likely is; nothing is taken of it until somebody says so. */
    PlatePiece guessed(Kind as) {
        return new PlatePiece(
                start,
                end,
                text,
                as,
                "",
                "perhaps the " + as.words(),
                "Is " + text + " the " + as.words() + "? It stands there without a unit.");
    }

    /** The same with one of its values taken. */
    PlatePiece chosen(String one, String meant) {
        return new PlatePiece(start, end, text, kind, one, one + " " + meant, "");
    }

    /** A number without a unit that only one figure can be: offered, not taken. */
    public boolean isGuess() {
        return isDoubtful() && kind.isFigure() && value.isEmpty();
    }

    public boolean isDoubtful() {
        return !question.isEmpty();
    }

    PlatePiece asked(String about) {
        return new PlatePiece(start, end, text, kind, value, meaning, about);
    }
}
