package welumen.finish.underway;

/**
 * What a trial showed.
 *
 * @param step at which step, from 0
 */
public record Tried(int step, Trial trial, boolean isWell) {}
