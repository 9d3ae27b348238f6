/** The application. */
@NullMarked
package gatepin.web;

import org.jspecify.annotations.NullMarked;
