/**
 * Terminals, wires, contacts and nodes: what is joined to what in each handle position; the motor as a circuit, and its
 * currents, voltages, torque and ohms in any wiring.
 */
@NullMarked
package gatepin.core.circuit;

import org.jspecify.annotations.NullMarked;
