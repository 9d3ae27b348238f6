/** What forms have in common, whatever they are about. */
@NullMarked
package gatepin.web.form;

import org.jspecify.annotations.NullMarked;
