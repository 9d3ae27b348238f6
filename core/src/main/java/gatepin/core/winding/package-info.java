/** Ohmmeter readings between leads, and the windings that explain them. */
@NullMarked
package gatepin.core.winding;

import org.jspecify.annotations.NullMarked;
