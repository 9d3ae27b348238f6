/**
 * Made-up exercises from a seed: motors, plates, switches and faults that nobody has seen, what hands and instruments find on them, and
 * what a move would have done to them. The measure of a solution are the exact planner, the winding finder and the cold-check planner.
 */
@NullMarked
package gatepin.core.practice;

import org.jspecify.annotations.NullMarked;
