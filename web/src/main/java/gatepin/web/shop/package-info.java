/** Shops, the people in them and the outlets they have. */
@NullMarked
package gatepin.web.shop;

import org.jspecify.annotations.NullMarked;
