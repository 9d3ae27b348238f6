/** Gates, pins, and what drops a pin again. */
@NullMarked
package gatepin.core.job;

import org.jspecify.annotations.NullMarked;
