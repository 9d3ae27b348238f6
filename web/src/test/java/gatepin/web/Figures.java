package gatepin.web;

import java.util.Locale;

/** Figures that tests measure on the way: said on the console, where {@code ./gatepin probe} collects them. */
public final class Figures {
    private Figures() {}

    /** Says one, on a line of its own. */
    public static void say(String words, Object... values) {
        System.out.println("figure: " + String.format(Locale.ROOT, words, values));
    }
}
