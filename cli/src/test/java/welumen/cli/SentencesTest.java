package welumen.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Reads every sentence that the program can say, as it stands in its sources, for what no trimmer would say. */
class SentencesTest {
    private static final Pattern TEXT = Pattern.compile("\"((?:[^\"\\\\]|\\\\.)*)\"");

    /** Of a sentence, not of a key, a pattern or a name of a file: it has words, and a blank between them. */
    private static final Pattern SENTENCE = Pattern.compile("[\\p{L}“”’,.:;%() -]*\\p{L}{2,} [\\p{L}%“]+.*");

    private static final Map<String, Pattern> MACHINE = Map.of(
            "counts corners", Pattern.compile("(?i)counter-clockwise"),
            "numbers copies", Pattern.compile("(?i)\\bcopy %d"),
            "says a word twice", Pattern.compile("(?i)\\b(\\p{L}{2,}) \\1\\b(?! to\\b)"),
            "says null, index or exception",
                    Pattern.compile("(?i)\\bnull\\b|\\bindex\\b|exception|\\bboolean\\b|\\binteger\\b"),
            "sticks a plural on", Pattern.compile("\\(s\\)"),
            "has two blanks", Pattern.compile("\\p{L}  \\p{L}"),
            "has a blank before its stop", Pattern.compile("\\p{L} [,;.](?: |$)"));

    private static List<Path> sources() throws IOException {
        var sources = new ArrayList<Path>();
        for (var module : List.of("core", "files", "standins", "desktop", "cli"))
            try (var files = Files.walk(Path.of("..", module, "src", "main", "java"))) {
                files.filter(file -> file.toString().endsWith(".java")).forEach(sources::add);
            }
        return sources;
    }

    @Test
    void noSentenceIsAMachines() throws IOException {
        var wrong = new ArrayList<String>();
        var read = 0;
        for (var source : sources())
            for (var line : Files.readAllLines(source)) {
                if (line.strip().startsWith("*") || line.contains("Pattern.compile") || line.contains("@")) continue;
                var texts = TEXT.matcher(line);
                while (texts.find()) {
                    var text = texts.group(1);
                    if (!SENTENCE.matcher(text).matches()) continue;
                    read++;
                    MACHINE.forEach((what, pattern) -> {
                        if (pattern.matcher(text).find())
                            wrong.add("%s %s: %s".formatted(source.getFileName(), what, text));
                    });
                }
            }
        assertThat(wrong).isEmpty();
        assertThat(read).as("it reads something").isGreaterThan(1500);
    }
}
