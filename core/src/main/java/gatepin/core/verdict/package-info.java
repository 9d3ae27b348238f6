/** What a wiring does in each handle position, and what is wrong with it. */
@NullMarked
package gatepin.core.verdict;

import org.jspecify.annotations.NullMarked;
