package gatepin.core.paper;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The papers of a job. */
public enum Paper {
    /** Everything, for the folder. */
    SHEET("Job sheet", "for the folder"),
    /** How it is wired, for whoever opens the switch next. */
    COVER("Inside the cover", "into the switch's cover"),
    /** Both ends of every wire. */
    LABELS("Wire labels", "on both ends of every wire"),
    /** That the switch does not isolate, and what does. */
    DANGER("Danger label", "on the switch"),
    /** What was expected and what was read. */
    CHECKS("Check record", "for the folder"),
    /** What to cut and buy. */
    BUYING("Buying list", "to the counter");

    private final String title;
    private final String place;

    Paper(String title, String place) {
        this.title = title;
        this.place = place;
    }

    public String title() {
        return title;
    }

    /** Where it goes, as it stands in a sentence. */
    public String place() {
        return place;
    }

    /** The word used in addresses and in the database. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The paper of a word; empty where there is none. */
    public static Optional<Paper> of(String word) {
        return Arrays.stream(values()).filter(p -> p.word().equals(word)).findFirst();
    }
}
