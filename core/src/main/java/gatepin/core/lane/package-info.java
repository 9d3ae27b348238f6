/** All that is known of a job at one moment, and what is worked out of it. */
@NullMarked
package gatepin.core.lane;

import org.jspecify.annotations.NullMarked;
