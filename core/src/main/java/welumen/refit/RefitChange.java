package welumen.refit;

/** What happens while parts go back. */
public sealed interface RefitChange {
    record PartPutBack(PutBack putBack) implements RefitChange {}
}
