/** Gates, pins, and what drops a pin again. */
@NullMarked
package gatepin.core.lane;

import org.jspecify.annotations.NullMarked;
