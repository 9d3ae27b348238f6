/** The wiring planner: every way to land a motor on a switch so that it does what the diagram says. */
@NullMarked
package gatepin.core.plan;

import org.jspecify.annotations.NullMarked;
