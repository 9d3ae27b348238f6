/** The motor as a machine: leads and their marks, an equivalent circuit from its plate, run-up and heating. */
@NullMarked
package gatepin.core.machine;

import org.jspecify.annotations.NullMarked;
