/** The log of a job as a page. */
@NullMarked
package gatepin.web.log;

import org.jspecify.annotations.NullMarked;
