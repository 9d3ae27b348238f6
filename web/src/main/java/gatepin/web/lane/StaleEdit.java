package gatepin.web.lane;

/** Somebody saved after the form was shown: nothing was written. */
public class StaleEdit extends RuntimeException {
    private static final long serialVersionUID = 2;
    private final JobPart part;

    /** Names the part that somebody else saved. */
    public StaleEdit(JobPart part) {
        super(part.words() + " was saved by somebody else in the meantime");
        this.part = part;
    }

    /** What somebody else saved. */
    public JobPart part() {
        return part;
    }
}
