/** Straight to the wires: four choices, and the drawing and the wire list answer; nothing is named or saved. */
@NullMarked
package gatepin.web.straight;

import org.jspecify.annotations.NullMarked;
