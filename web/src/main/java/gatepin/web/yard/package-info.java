/** The yard: all machines and what each waits for. */
@NullMarked
package gatepin.web.yard;

import org.jspecify.annotations.NullMarked;
