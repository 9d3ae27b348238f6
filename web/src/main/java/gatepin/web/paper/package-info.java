/** Paper: pages turned into PDF, and codes that lead back to a job. */
@NullMarked
package gatepin.web.paper;

import org.jspecify.annotations.NullMarked;
