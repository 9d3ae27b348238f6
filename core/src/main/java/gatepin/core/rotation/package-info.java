/** Which way the shaft turns, and from which end that is said. */
@NullMarked
package gatepin.core.rotation;

import org.jspecify.annotations.NullMarked;
