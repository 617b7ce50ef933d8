package welumen.files.mix;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import welumen.colour.mix.Mix;
import welumen.colour.mix.MixProblem;

/** Writes {@code welumen-mix/1}. Grams are not rounded, so that nothing that was mixed gets less. */
public final class MixResultWriter {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private MixResultWriter() {}

    public static String write(MixProblem problem, Mix mix) {
        var file = MAPPER.createObjectNode();
        file.put("format", "welumen-mix/1");
        grams(file.putObject("mix"), mix.grams());
        var drops = file.putObject("drops");
        for (var tint : problem.tints())
            if (mix.grams().containsKey(tint.id()))
                tint.gramsPerDrop()
                        .ifPresent(drop ->
                                drops.put(tint.id(), Math.round(mix.grams().getOrDefault(tint.id(), 0.0) / drop)));
        if (problem.patch().isPresent()) grams(file.putObject("add"), mix.add());
        file.put("difference", rounded(mix.difference()));
        mix.differenceA().ifPresent(difference -> file.put("differenceA", rounded(difference)));
        var others = file.putArray("others");
        for (var other : mix.others()) {
            var node = others.addObject();
            grams(node.putObject("mix"), other.grams());
            node.put("difference", rounded(other.difference()));
        }
        try {
            return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(file) + "\n";
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static void grams(ObjectNode into, Map<String, Double> grams) {
        grams.forEach(into::put);
    }

    private static double rounded(double difference) {
        return Math.round(difference * 1e4) / 1e4;
    }
}
