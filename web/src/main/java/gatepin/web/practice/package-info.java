/** The practice yard: exercises from a seed, done on the page, marked by the core. */
@NullMarked
package gatepin.web.practice;

import org.jspecify.annotations.NullMarked;
