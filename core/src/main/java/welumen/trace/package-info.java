/**
 * From a photo of a flat piece between printed targets to its outline in millimetres: the targets are found, the plane is
 * fitted through all of them at once, the piece is parted from its ground, and its edge is sought in linear light.
 */
@NullMarked
package welumen.trace;

import org.jspecify.annotations.NullMarked;
