/** What was found: wires as somebody left them. */
@NullMarked
package gatepin.core.found;

import org.jspecify.annotations.NullMarked;
