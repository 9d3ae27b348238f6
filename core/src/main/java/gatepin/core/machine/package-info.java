/** The motor: leads, windings and their marks. */
@NullMarked
package gatepin.core.machine;

import org.jspecify.annotations.NullMarked;
