package gatepin.web.page;

/**
 * One thing found, in words.
 *
 * @param level how it stands
 * @param title the finding as a sentence a person can act on
 * @param words one line of why
 */
public record Finding(Level level, String title, String words) {
    /** How a finding stands. */
    public enum Level {
        GOOD,
        WARN,
        BAD;

        public String word() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    static Finding good(String title, String words) {
        return new Finding(Level.GOOD, title, words);
    }

    static Finding warn(String title, String words) {
        return new Finding(Level.WARN, title, words);
    }

    static Finding bad(String title, String words) {
        return new Finding(Level.BAD, title, words);
    }
}
