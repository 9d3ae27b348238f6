/** The connection diagram: which leads are joined, which go to each line, which pair is interchanged to reverse. */
@NullMarked
package gatepin.core.diagram;

import org.jspecify.annotations.NullMarked;
