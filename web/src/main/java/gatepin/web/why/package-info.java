/** Why: pictures that the engine computes from the motor in hand, for those who ask. */
@NullMarked
package gatepin.web.why;

import org.jspecify.annotations.NullMarked;
