package welumen.journal;

/**
 * Where a log cannot be trusted any more. What was before it is whole, and the log can be read so far; nothing is written
 * behind it, since that would stand on what nobody knows.
 *
 * @param sequence of the first entry that cannot be used
 * @param why in words, without a full stop
 */
public record Damage(long sequence, String why) {}
