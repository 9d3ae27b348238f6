/** Computed sentences put into words, region by region. */
@NullMarked
package gatepin.core.words;

import org.jspecify.annotations.NullMarked;
