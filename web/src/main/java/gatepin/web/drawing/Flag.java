package gatepin.web.drawing;

import gatepin.core.circuit.Terminal;
import java.util.List;

/**
 * A numbered flag to be set beside terminals.
 *
 * @param number the number of the finding it belongs to
 * @param kind "warn" or "danger", which sets its shape
 * @param at the handle positions it shows in, by their words; blank for all
 * @param terminals where it stands
 */
public record Flag(int number, String kind, String at, List<Terminal> terminals) {}
