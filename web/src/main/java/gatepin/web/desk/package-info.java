/** What a person does to a job: one transaction each, pins and log included. */
@NullMarked
package gatepin.web.desk;

import org.jspecify.annotations.NullMarked;
