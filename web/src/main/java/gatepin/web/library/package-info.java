/** What people look up at the bench, from the core's own tables. */
@NullMarked
package gatepin.web.library;

import org.jspecify.annotations.NullMarked;
