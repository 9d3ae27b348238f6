/** From the model to pictures. */
@NullMarked
package gatepin.web.drawing;

import org.jspecify.annotations.NullMarked;
