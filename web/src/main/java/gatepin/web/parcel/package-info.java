/** A job in one file: out of one shop, and into another. */
@NullMarked
package gatepin.web.parcel;

import org.jspecify.annotations.NullMarked;
