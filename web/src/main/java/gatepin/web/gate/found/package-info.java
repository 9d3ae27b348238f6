/** The As found gate: the wires as they were, before anything is undone. */
@NullMarked
package gatepin.web.gate.found;

import org.jspecify.annotations.NullMarked;
