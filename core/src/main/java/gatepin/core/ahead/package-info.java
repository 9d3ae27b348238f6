/** What stands between the panel and the gear: disconnect, fuses, residual-current device, no-volt release, overload; chosen, wired and checked dead. */
@NullMarked
package gatepin.core.ahead;

import org.jspecify.annotations.NullMarked;
