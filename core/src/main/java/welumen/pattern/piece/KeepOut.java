package welumen.pattern.piece;

import welumen.shape.Outline;

/**
 * What something that moves needs free on a piece: a lever's travel, a winder's knuckles, the cone of a speaker.
 *
 * @param room in the piece's own mm
 */
public record KeepOut(String what, Outline room) {}
