/** The Wire gate: the wire list. */
@NullMarked
package gatepin.web.gate.wire;

import org.jspecify.annotations.NullMarked;
