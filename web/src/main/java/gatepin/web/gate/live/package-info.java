/** The Live check gate: the first power, step by step; and what may be wrong by what is complained of. */
@NullMarked
package gatepin.web.gate.live;

import org.jspecify.annotations.NullMarked;
