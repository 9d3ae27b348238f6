/** Exchanging a motor: what is measured before it comes off, which spare one fits in what, and what changes with it. */
@NullMarked
package gatepin.core.exchange;

import org.jspecify.annotations.NullMarked;
