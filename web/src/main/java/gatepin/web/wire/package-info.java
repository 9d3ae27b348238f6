/** The wire list: every wire of a job that hands make, as it is read out. */
@NullMarked
package gatepin.web.wire;

import org.jspecify.annotations.NullMarked;
