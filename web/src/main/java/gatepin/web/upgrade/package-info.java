/** Brings the database up to this version, with a way back, and gives the application no more of it than it needs. */
@NullMarked
package gatepin.web.upgrade;

import org.jspecify.annotations.NullMarked;
