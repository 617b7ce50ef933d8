package welumen.finish.sheen;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The cards of a car, in the order in which they were sprayed. */
public record CardBook(List<TestCard> cards) {
    public static final CardBook NONE = new CardBook(List.of());

    public CardBook {
        cards = List.copyOf(cards);
    }

    public CardBook with(TestCard card) {
        return new CardBook(Stream.concat(without(card.id()), Stream.of(card)).toList());
    }

    /** @throws IllegalStateException if there is no such card */
    public CardBook read(String id, TestCard.Read shown) {
        return with(one(id).read(shown));
    }

    /** @throws IllegalStateException if there is no such card */
    public CardBook accepted(String id, String by) {
        return with(one(id).accepted(by));
    }

    private Stream<TestCard> without(String id) {
        return cards.stream().filter(card -> !card.id().equals(id));
    }

    private TestCard one(String id) {
        return find(id).orElseThrow(() -> new IllegalStateException("There is no card [%s].".formatted(id)));
    }

    public Optional<TestCard> find(String id) {
        return cards.stream().filter(card -> card.id().equals(id)).findFirst();
    }

    /** The one that was sprayed last. */
    public Optional<TestCard> last() {
        return cards.isEmpty()
                ? Optional.empty()
                : cards.stream().max((a, b) -> a.sprayed().compareTo(b.sprayed()));
    }

    /** Those that were accepted, the latest first; of each product one. */
    public static List<TestCard> good(List<TestCard> cards) {
        var seen = new HashSet<String>();
        return cards.stream()
                .filter(TestCard::isAccepted)
                .sorted(Comparator.comparing(TestCard::sprayed).reversed())
                .filter(card -> seen.add(card.setUp().product()))
                .toList();
    }

    public String nextId() {
        return "card " + (cards.size() + 1);
    }
}
