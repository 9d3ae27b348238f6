/** What a job is made of: its parts, the gates they are written at, the pins of the gates, and what drops a pin again. */
@NullMarked
package gatepin.core.job;

import org.jspecify.annotations.NullMarked;
