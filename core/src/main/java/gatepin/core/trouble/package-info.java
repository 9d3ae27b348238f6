/** What may be wrong by what a machine does: every cause weighed by how often it happens, each with its next test. */
@NullMarked
package gatepin.core.trouble;

import org.jspecify.annotations.NullMarked;
