/** The Supply gate. */
@NullMarked
package gatepin.web.gate.supply;

import org.jspecify.annotations.NullMarked;
