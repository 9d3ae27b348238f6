/** Switches and other gear a motor is wired with. */
@NullMarked
package gatepin.core.gear;

import org.jspecify.annotations.NullMarked;
