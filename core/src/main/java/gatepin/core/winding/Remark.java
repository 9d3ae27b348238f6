package gatepin.core.winding;

import gatepin.core.Severity;
import java.util.List;

/**
 * Something the readings say.
 *
 * @param severity how bad it is
 * @param title what it is, in one sentence without its full stop
 * @param words why, or what to do
 * @param leads the leads it is about
 */
public record Remark(Severity severity, String title, String words, List<String> leads) {}
