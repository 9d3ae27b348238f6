/** The Rotation gate: which way the machine must turn. */
@NullMarked
package gatepin.web.gate.rotation;

import org.jspecify.annotations.NullMarked;
