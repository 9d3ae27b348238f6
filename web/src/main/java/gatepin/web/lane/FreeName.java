package gatepin.web.lane;

import java.util.function.Predicate;

/** A name that nobody has yet: the wished one, or the wished one with a number. */
public final class FreeName {
    private FreeName() {}

    /**
     * Finds one.
     *
     * @param longest the most letters it may have
     * @param taken whether somebody has a name
     */
    public static String of(String wished, int longest, Predicate<String> taken) {
        String free = wished;
        for (int number = 2; taken.test(free); number++) {
            String ending = " (" + number + ")";
            free = wished.substring(0, Math.min(wished.length(), longest - ending.length())) + ending;
        }
        return free;
    }
}
