/** What stands between panel and gear: chosen, wired, read dead. */
@NullMarked
package gatepin.web.ahead;

import org.jspecify.annotations.NullMarked;
