package welumen.files.json;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;

/**
 * One kind of record as it lies in a file.
 *
 * @param word what it is called there, within its family; it never changes
 * @param steps the first brings its first form to its second, and so on
 */
record Kind(String word, Class<?> record, List<Step> steps) {
    /** From one form to the next. */
    @FunctionalInterface
    interface Step {
        /** @param object modified */
        void up(ObjectNode object);
    }

    private static final char VERSION = '@';

    static Kind kind(String word, Class<?> record, Step... steps) {
        return new Kind(word, record, List.of(steps));
    }

    /** The version in which it is written, from 1. */
    int version() {
        return steps.size() + 1;
    }

    /** As it is written: “finding-made@2”; the first version is not said. */
    String id() {
        return version() == 1 ? word : word + VERSION + version();
    }

    /** The word of what was written. */
    static String wordOf(String id) {
        var at = id.indexOf(VERSION);
        return at < 0 ? id : id.substring(0, at);
    }

    /** The version of what was written; nought where it is none. */
    static int versionOf(String id) {
        var at = id.indexOf(VERSION);
        if (at < 0) return 1;
        var digits = id.substring(at + 1);
        return digits.matches("[1-9]\\d{0,3}") ? Integer.parseInt(digits) : 0;
    }
}
