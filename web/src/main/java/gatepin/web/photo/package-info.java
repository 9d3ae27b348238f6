/** Photos: read with limits, turned upright, written anew without anything else they carried. */
@NullMarked
package gatepin.web.photo;

import org.jspecify.annotations.NullMarked;
