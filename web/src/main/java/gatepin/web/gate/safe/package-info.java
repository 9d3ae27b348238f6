/** The Safe gate: locked out, proved dead, capacitors discharged. */
@NullMarked
package gatepin.web.gate.safe;

import org.jspecify.annotations.NullMarked;
