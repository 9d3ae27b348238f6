/** The Plate gate. */
@NullMarked
package gatepin.web.gate.plate;

import org.jspecify.annotations.NullMarked;
