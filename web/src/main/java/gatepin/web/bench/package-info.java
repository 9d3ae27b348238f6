/** The bench: wires laid by hand beside a job's own, with the engine's word on each change. */
@NullMarked
package gatepin.web.bench;

import org.jspecify.annotations.NullMarked;
