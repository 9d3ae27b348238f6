/** Controllers and what the pages show, gate by gate. */
@NullMarked
package gatepin.web.page;

import org.jspecify.annotations.NullMarked;
