/** Why a motor does what it does: fields, currents and torques of the very motor in hand, as the engine solves them. */
@NullMarked
package gatepin.core.why;

import org.jspecify.annotations.NullMarked;
