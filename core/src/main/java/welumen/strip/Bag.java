package welumen.strip;

/** Where the fixings of a step went. */
public sealed interface Bag {
    record Numbered(int number) implements Bag {
        /** @throws IllegalArgumentException if the number is not from 1 to 9999 */
        public Numbered {
            if (number < 1 || number > 9999)
                throw new IllegalArgumentException("The bag number [%d] is not between 1 and 9999.".formatted(number));
        }
    }

    /** Nobody has said; asked for wherever fixings came out. */
    record NotSaid() implements Bag {}
}
