/** The Windings gate: the ohmmeter and what it says. */
@NullMarked
package gatepin.web.gate.windings;

import org.jspecify.annotations.NullMarked;
