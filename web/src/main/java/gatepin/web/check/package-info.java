/** What is read and seen of a wiring: kept for the gates that check it cold and under power. */
@NullMarked
package gatepin.web.check;

import org.jspecify.annotations.NullMarked;
