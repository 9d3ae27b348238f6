/** Wires laid by hand: what may be done to them, and what a meter on them shows. */
@NullMarked
package gatepin.core.bench;

import org.jspecify.annotations.NullMarked;
