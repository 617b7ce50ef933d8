package welumen.stores;

import java.util.List;

/**
 * How much of one thing a job needs.
 *
 * @param amount as one buys it, “3 cans”
 * @param said the whole of it in words, “3 cans of contact adhesive”
 * @param working how that was reached, line by line
 */
public record Need(String what, String amount, String said, List<String> working) {
    public Need {
        working = List.copyOf(working);
    }
}
