/** The Switch gate: the switch, its mapping, and the plans to wire it. */
@NullMarked
package gatepin.web.gate.gear;

import org.jspecify.annotations.NullMarked;
