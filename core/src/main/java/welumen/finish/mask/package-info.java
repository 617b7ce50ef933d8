/** What stays as it is beside a surface that is sprayed: masked, or taken off, part by part. */
@NullMarked
package welumen.finish.mask;

import org.jspecify.annotations.NullMarked;
