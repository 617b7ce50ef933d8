/** WrittenPage: the job's log as a PDF. */
@NullMarked
package welumen.files.report;

import org.jspecify.annotations.NullMarked;
