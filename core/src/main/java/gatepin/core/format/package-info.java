/** The open file formats: a wiring as JSON, its analysis as JSON, and a netlist for SPICE. */
@NullMarked
package gatepin.core.format;

import org.jspecify.annotations.NullMarked;
