/** The Hand over gate: papers that stay with the machine. */
@NullMarked
package gatepin.web.gate.handover;

import org.jspecify.annotations.NullMarked;
