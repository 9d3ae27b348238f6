/** What every room of the core shares. */
@NullMarked
package gatepin.core;

import org.jspecify.annotations.NullMarked;
