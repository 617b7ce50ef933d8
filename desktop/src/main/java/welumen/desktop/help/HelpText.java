package welumen.desktop.help;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** The sentences that explain each leaf, as {@code help.txt} has them: “Stage / Leaf”, then a line each. */
public final class HelpText {
    private static final Map<String, List<Sentence>> ALL = read();

    private HelpText() {}

    /**
     * One of them.
     *
     * @param about the id of the control that it is about; empty where it is about the leaf
     */
    public record Sentence(String about, String words) {}

    /** Of a leaf; empty where there is none. @param leaf empty where the stage has no leaves */
    public static List<Sentence> of(String stage, String leaf) {
        return ALL.getOrDefault("%s / %s".formatted(stage, leaf).strip(), List.of());
    }

    /** “Stage / Leaf” of each. */
    public static List<String> leaves() {
        return List.copyOf(ALL.keySet());
    }

    private static Map<String, List<Sentence>> read() {
        try (InputStream in = Objects.requireNonNull(HelpText.class.getResourceAsStream("/welumen/desktop/help.txt"))) {
            var all = new LinkedHashMap<String, List<Sentence>>();
            List<Sentence> open = new ArrayList<>();
            for (var line : new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .toList()) {
                if (line.isBlank()) continue;
                var parts = line.split("\\|", 2);
                if (parts.length == 1) all.put(line.strip(), open = new ArrayList<>());
                else open.add(new Sentence(parts[0].strip(), parts[1].strip()));
            }
            return all;
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }
}
