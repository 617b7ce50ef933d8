package welumen.cut;

import welumen.shape.Pose;

/**
 * Where one copy of a piece lies.
 *
 * @param copy from 1
 */
public record Placement(String piece, int copy, String stock, Pose pose) {}
