package gatepin.web.lane;

import gatepin.core.job.Part;

/** Somebody saved after the form was shown: nothing was written. */
public class StaleEdit extends RuntimeException {
    private static final long serialVersionUID = 2;
    private final Part<?> part;

    /** Names the part that somebody else saved. */
    public StaleEdit(Part<?> part) {
        super(part.words() + " was saved by somebody else in the meantime");
        this.part = part;
    }

    /** What somebody else saved. */
    public Part<?> part() {
        return part;
    }
}
