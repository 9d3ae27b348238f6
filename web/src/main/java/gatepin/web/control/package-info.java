/** The control circuit of contactors: built from wishes or entered, drawn, run and proved. */
@NullMarked
package gatepin.web.control;

import org.jspecify.annotations.NullMarked;
