package gatepin.web.lane;

/**
 * One thing found, in words.
 *
 * @param level how it stands
 * @param title the finding as a sentence a person can act on
 * @param words one line of why
 * @param at the handle positions it is about, by their words; blank where it holds in all
 * @param flag the number of its flag in the drawing; 0 where it has none
 * @param why where the pictures are that answer why; blank where there are none
 */
public record Finding(Level level, String title, String words, String at, int flag, String why) {
    /** How a finding stands. */
    public enum Level {
        GOOD,
        WARN,
        BAD;

        public String word() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    private Finding(Level level, String title, String words) {
        this(level, title, words, "", 0, "");
    }

    public static Finding good(String title, String words) {
        return new Finding(Level.GOOD, title, words);
    }

    public static Finding warn(String title, String words) {
        return new Finding(Level.WARN, title, words);
    }

    public static Finding bad(String title, String words) {
        return new Finding(Level.BAD, title, words);
    }

    /** The same finding, shown in one handle position only. */
    public Finding in(gatepin.core.circuit.HandlePosition position) {
        return new Finding(level, title, words, position.word(), flag, why);
    }
}
