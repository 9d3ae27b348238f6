/** The Diagram gate, with the stud board. */
@NullMarked
package gatepin.web.gate.diagram;

import org.jspecify.annotations.NullMarked;
