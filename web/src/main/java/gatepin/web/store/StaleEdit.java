package gatepin.web.store;

/** Somebody saved the same thing after it was loaded; nothing was written. */
public class StaleEdit extends RuntimeException {
    private static final long serialVersionUID = 1;

    public StaleEdit(String what) {
        super(what + " was saved by somebody else in the meantime");
    }
}
