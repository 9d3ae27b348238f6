/** Benchmarks of the core (JMH), each beside an outside reference where there is one. */
@NullMarked
package gatepin.bench;

import org.jspecify.annotations.NullMarked;
