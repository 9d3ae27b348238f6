/** Making safe: stored charge and how it goes away. */
@NullMarked
package gatepin.core.safe;

import org.jspecify.annotations.NullMarked;
