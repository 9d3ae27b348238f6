/** The supply: what protects it. */
@NullMarked
package gatepin.core.supply;

import org.jspecify.annotations.NullMarked;
