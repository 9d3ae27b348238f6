/** What every store needs of the database. */
@NullMarked
package gatepin.web.sql;

import org.jspecify.annotations.NullMarked;
