package gatepin.web.check;

/**
 * A demo job: simulated instruments can be held on its wiring.
 *
 * @param fault what is wrong with it, by its key; blank where nothing is
 */
public record Hidden(String fault) {}
