/** A motor's leads: what several gates read and write. */
@NullMarked
package gatepin.web.motor;

import org.jspecify.annotations.NullMarked;
