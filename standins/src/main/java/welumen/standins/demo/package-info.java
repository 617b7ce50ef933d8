/** The demo workshop, all of it invented: its jobs, its stock and its day. */
@NullMarked
package welumen.standins.demo;

import org.jspecify.annotations.NullMarked;
