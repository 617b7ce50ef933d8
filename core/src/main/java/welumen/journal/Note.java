package welumen.journal;

/**
 * What an entry says: a change was made, taken back, or put back.
 *
 * @param <C> what can change in this stream
 */
public sealed interface Note<C> {
    /** Something changed. */
    record Made<C>(C change) implements Note<C> {}

    /** The change of the entry with this sequence no longer stands. */
    record TakenBack<C>(long sequence) implements Note<C> {}

    /** The change of the entry with this sequence stands again. */
    record PutBack<C>(long sequence) implements Note<C> {}
}
