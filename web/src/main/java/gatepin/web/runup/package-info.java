/** From standstill to speed: what the engine computes of the start. */
@NullMarked
package gatepin.web.runup;

import org.jspecify.annotations.NullMarked;
