/** Checking a wiring: what can be wrong with it, what to read cold, what explains what was read, what to see under power. */
@NullMarked
package gatepin.core.check;

import org.jspecify.annotations.NullMarked;
