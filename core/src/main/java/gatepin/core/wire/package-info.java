/** What the wires of a plan need: colours, lengths, fittings, splices, and what to buy. */
@NullMarked
package gatepin.core.wire;

import org.jspecify.annotations.NullMarked;
