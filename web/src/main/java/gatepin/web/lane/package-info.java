/** What the pages of every gate share: a job as it was loaded, the act that changes it, its pins, fence and notices. */
@NullMarked
package gatepin.web.lane;

import org.jspecify.annotations.NullMarked;
