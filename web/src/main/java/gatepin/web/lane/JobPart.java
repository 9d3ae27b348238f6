package gatepin.web.lane;

/** What of a job one form writes. Each part counts how often it was saved, so that a form can tell that somebody saved after it was shown. */
public enum JobPart {
    SAFE("the lock-out"),
    FOUND("the wires as found"),
    PLATE("the plate"),
    DIAGRAM("the leads and the diagram"),
    BOARD("the stud board"),
    WINDINGS("the windings"),
    SUPPLY("the supply"),
    ROTATION("the rotation"),
    GEAR("the switch"),
    MAP("the switch's face"),
    WISHES("the wishes"),
    CONTROL("the control circuit"),
    AHEAD("what stands ahead of it"),
    PLAN("the wiring plan"),
    WIRES("the wires"),
    CABLES("the lengths"),
    CHECKS("the checks"),
    PAPERS("the papers");

    private final String words;

    JobPart(String words) {
        this.words = words;
    }

    /** The part as it stands in a sentence. */
    public String words() {
        return words;
    }
}
