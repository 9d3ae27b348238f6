/**
 * The control circuit of a contactor reversing gear: coils, push-buttons, limit switches and the ladder that joins them; every state it
 * can get into, and what holds in all of them.
 */
@NullMarked
package gatepin.core.control;

import org.jspecify.annotations.NullMarked;
