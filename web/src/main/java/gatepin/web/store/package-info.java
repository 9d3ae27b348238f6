/** Loads and saves; knows no rules. */
@NullMarked
package gatepin.web.store;

import org.jspecify.annotations.NullMarked;
