/** Papers that stay with the machine: which there are, what they show, and whether what hangs there is still true. */
@NullMarked
package gatepin.core.paper;

import org.jspecify.annotations.NullMarked;
