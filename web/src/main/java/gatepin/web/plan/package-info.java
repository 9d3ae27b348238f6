/** The chosen wiring plan: chosen at one gate, made at another. */
@NullMarked
package gatepin.web.plan;

import org.jspecify.annotations.NullMarked;
