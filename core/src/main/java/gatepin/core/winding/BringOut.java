package gatepin.core.winding;

import java.util.Arrays;
import java.util.Optional;

/**
 * The steps of making a "non-reversible" motor reversible: the start winding's ends were joined inside and are brought out
 * (common practice). The number of capacitors and whether it has two voltages do not matter.
 */
public enum BringOut {
    OPEN(
            "opened and photographed",
            "Mark end bells and frame with a chisel line, so they go back as they were. Photograph the lead side before anything"
                    + " is moved."),
    FIND(
            "thin wire found",
            "On the lead side find where the thin wire of the start winding is joined. With two start windings inside, choose one"
                    + " to try and write down which."),
    CUT(
            "joint cut, ends free",
            "Cut the varnish string, open the joint, scrape the ends bright. Nick no other wire: one scratch is a short."),
    LEADS(
            "flexible leads on both ends",
            "Solder or crimp flexible leads on both ends, sleeve them with heat-proof sleeving, tie them down clear of the rotor."
                    + " Give the two unlike connectors, so that they cannot be crossed later."),
    MEASURE(
            "measured, and to the frame",
            "Read the start winding alone, and every lead to the frame: OL, above one megohm, before it is closed."),
    TRIED(
            "tried both ways",
            "Closed and strapped down, bump it with the ends one way, stop fully, then the other. Two directions: done. The same"
                    + " direction twice with two start windings inside: that was not the one. Put it back as it was and try the other.");

    private final String title;
    private final String words;

    BringOut(String title, String words) {
        this.title = title;
        this.words = words;
    }

    public String title() {
        return title;
    }

    public String words() {
        return words;
    }

    /** The step of this name; empty for what is none. */
    public static Optional<BringOut> of(String name) {
        return Arrays.stream(values()).filter(s -> s.name().equals(name)).findFirst();
    }
}
