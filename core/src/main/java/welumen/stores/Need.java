package welumen.stores;

import java.util.List;

/**
 * How much of one thing a job needs.
 *
 * @param amount as one buys it, “3 cans of 500 ml”
 * @param working how that was reached, line by line
 */
public record Need(String what, String amount, List<String> working) {
    public Need {
        working = List.copyOf(working);
    }
}
