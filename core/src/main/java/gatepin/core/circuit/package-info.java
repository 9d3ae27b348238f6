/** Terminals, wires, contacts and nodes: what is joined to what in each handle position. */
@NullMarked
package gatepin.core.circuit;

import org.jspecify.annotations.NullMarked;
