/** The Cold check gate: what to read with the plug pulled, and what is wrong where it does not agree. */
@NullMarked
package gatepin.web.gate.cold;

import org.jspecify.annotations.NullMarked;
