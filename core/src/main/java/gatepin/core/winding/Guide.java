package gatepin.core.winding;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Guided work on a motor's windings, step by step, each step recorded (common practice). */
public enum Guide {
    /** Which of two windings starts the motor, and that its ends reverse it. */
    START_TEST(
            "Test the start winding by running it",
            "This is done live. Motor strapped down, key and pulley off, leads insulated, behind a fuse and a switch within reach;"
                    + " one hand in the pocket; seconds only. Where the law reserves live work, it is for licensed people.",
            List.of(
                    new Step(
                            "run winding alone",
                            "Feed the run winding alone with its voltage, three seconds at most. It hums and stays: right. It does"
                                    + " not hum: not the run winding, or open. The fuse blows: halves against each other or a short."),
                    new Step(
                            "pushed by hand",
                            "Pull the starting cord once while it hums, then let go of it: it runs on in the way it was pulled. Off"
                                    + " at once."),
                    new Step(
                            "with the start winding",
                            "Add the start winding with its capacitor and start switch, across the same voltage. It starts by itself"
                                    + " and clicks. Write down which way the shaft turns, and from which end you look."),
                    new Step(
                            "ends interchanged",
                            "Off, full stop. Interchange the two ends of the start winding and nothing else. It starts the other"
                                    + " way. The same way again: that pair is not the start winding, or not alone. With two start"
                                    + " windings inside put it back, write down which was tried, and try the other."))),
    /** Making a "non-reversible" motor reversible. The number of capacitors and two voltages do not matter. */
    BRING_OUT(
            "The plate says non-reversible: bring the start winding out",
            "This opens the motor and changes it. It ends the maker's approval, and where the law reserves motor repair, it is for"
                    + " licensed people. Turning the rotor end for end seldom works: the stack is not centred.",
            List.of(
                    new Step(
                            "opened and photographed",
                            "Mark end bells and frame with a chisel line, so they go back as they were. Photograph the lead side"
                                    + " before anything is moved."),
                    new Step(
                            "thin wire found",
                            "On the lead side find where the thin wire of the start winding is joined. With two start windings"
                                    + " inside, choose one to try and write down which."),
                    new Step(
                            "joint cut, ends free",
                            "Cut the varnish string, open the joint, scrape the ends bright. Nick no other wire: one scratch is a"
                                    + " short."),
                    new Step(
                            "flexible leads on both ends",
                            "Solder or crimp flexible leads on both ends, sleeve them with heat-proof sleeving, tie them down clear"
                                    + " of the rotor. Give the two unlike connectors, so that they cannot be crossed later."),
                    new Step(
                            "measured, and to the frame",
                            "Read the start winding alone, and every lead to the frame: OL, above one megohm, before it is closed."),
                    new Step(
                            "tried both ways",
                            "Closed and strapped down, bump it with the ends one way, stop fully, then the other. Two directions:"
                                    + " done. The same direction twice with two start windings inside: that was not the one. Put it"
                                    + " back as it was and try the other.")));

    private final String title;
    private final String caution;
    private final List<Step> steps;

    Guide(String title, String caution, List<Step> steps) {
        this.title = title;
        this.caution = caution;
        this.steps = List.copyOf(steps);
    }

    /** One step: its name in the record, and what to do. */
    public record Step(String name, String words) {}

    public String title() {
        return title;
    }

    public String caution() {
        return caution;
    }

    public List<Step> steps() {
        return steps;
    }

    /** The step of this name of the guide of this name; empty for what is none. */
    public static Optional<Step> step(String guide, String name) {
        return Arrays.stream(values())
                .filter(g -> g.name().equals(guide))
                .flatMap(g -> g.steps.stream())
                .filter(s -> s.name().equals(name))
                .findFirst();
    }
}
