/** When what is done by whom: activities with waits between them, on people, machines and places that are open by turns. */
@NullMarked
package welumen.schedule;

import org.jspecify.annotations.NullMarked;
