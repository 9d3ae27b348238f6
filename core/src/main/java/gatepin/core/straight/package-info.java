/** Straight to the wires: what a person has on the bench in four choices, and what is taken for the rest of it. */
@NullMarked
package gatepin.core.straight;

import org.jspecify.annotations.NullMarked;
