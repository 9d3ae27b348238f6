/** The motor's plate: reading it, and what it says back. */
@NullMarked
package gatepin.core.plate;

import org.jspecify.annotations.NullMarked;
