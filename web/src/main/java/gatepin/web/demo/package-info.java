/** The invented shops of the demo. */
@NullMarked
package gatepin.web.demo;

import org.jspecify.annotations.NullMarked;
