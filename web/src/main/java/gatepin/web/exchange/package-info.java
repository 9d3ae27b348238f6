/** The motor shelf, and exchanging a machine's motor for one from it. */
@NullMarked
package gatepin.web.exchange;

import org.jspecify.annotations.NullMarked;
