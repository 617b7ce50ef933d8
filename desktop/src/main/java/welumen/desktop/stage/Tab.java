package welumen.desktop.stage;

import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;
import welumen.desktop.model.JobModel;

/**
 * What is known of a leaf before it is opened for the first time; only then it is made.
 *
 * @param group the work that it belongs to, beside others; empty where the stage has no such groups
 * @param word what stands on it
 * @param leaf makes the leaf
 * @param suits whether the leaf is of use for what is open now; else the tab is left out
 * @param wanting how many things there want an answer; said on the tab
 */
public record Tab(
        String group,
        String word,
        Function<JobModel, ? extends Leaf> leaf,
        Predicate<JobModel> suits,
        ToIntFunction<JobModel> wanting) {
    /** Of a leaf that is always of use, and of which nothing is counted. */
    public Tab(String word, Function<JobModel, ? extends Leaf> leaf) {
        this("", word, leaf, _ -> true, _ -> 0);
    }

    public Tab suitsWhere(Predicate<JobModel> there) {
        return new Tab(group, word, leaf, there, wanting);
    }

    public Tab wants(ToIntFunction<JobModel> many) {
        return new Tab(group, word, leaf, suits, many);
    }

    /** The same, in a group of leaves that are turned to together. */
    public Tab in(String work) {
        return new Tab(work, word, leaf, suits, wanting);
    }
}
