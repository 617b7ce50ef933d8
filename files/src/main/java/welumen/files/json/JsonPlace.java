package welumen.files.json;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.util.ArrayList;
import java.util.List;

/** A value in a JSON file from outside, with its pointer, so that every complaint says where. */
public final class JsonPlace {
    /** The largest number taken, in mm or degrees: ten kilometres. */
    public static final double LARGEST = 1e7;

    private static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(JsonParser.Feature.STRICT_DUPLICATE_DETECTION)
            .enable(com.fasterxml.jackson.databind.DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();

    private final JsonNode node;
    private final String pointer;

    private JsonPlace(JsonNode node, String pointer) {
        this.node = node;
        this.pointer = pointer;
    }

    /** The whole of a text. */
    public static JsonPlace of(String text) throws BadFile {
        try {
            var node = MAPPER.readTree(text);
            if (node.isMissingNode()) throw new BadFile("The file is empty.");
            return new JsonPlace(node, "");
        } catch (JsonProcessingException fault) {
            var at = fault.getLocation();
            throw new BadFile("Line %d, column %d: this is no JSON: %s"
                    .formatted(
                            at == null ? 1 : at.getLineNr(),
                            at == null ? 1 : at.getColumnNr(),
                            plain(fault.getOriginalMessage())));
        }
    }

    /** The parser's own words without its talk of sources and features. */
    private static String plain(String message) {
        return message.lines().findFirst().orElse("").replaceAll("\\s*\\([^()]*(\\[.*\\]|\\(.*\\)).*\\)", "") + ".";
    }

    /** A complaint about this place. */
    public BadFile wrong(String what) {
        return new BadFile((pointer.isEmpty() ? "The file " : pointer + " ") + what);
    }

    public boolean has(String name) {
        return node.has(name) && !node.get(name).isNull();
    }

    public JsonPlace at(String name) throws BadFile {
        if (!node.isObject()) throw wrong("is not an object in braces.");
        if (!has(name)) throw new BadFile("%s/%s is missing.".formatted(pointer, name));
        return new JsonPlace(node.get(name), pointer + "/" + name);
    }

    /** The names in an object, as they stand there. */
    public List<String> names() throws BadFile {
        if (!node.isObject()) throw wrong("is not an object in braces.");
        var names = new ArrayList<String>();
        node.fieldNames().forEachRemaining(names::add);
        return names;
    }

    public List<JsonPlace> items() throws BadFile {
        if (!node.isArray()) throw wrong("is not a list in brackets.");
        var items = new ArrayList<JsonPlace>();
        for (var i = 0; i < node.size(); i++) items.add(new JsonPlace(node.get(i), pointer + "/" + i));
        return items;
    }

    /** The items of a list that may be left out. */
    public List<JsonPlace> items(String name) throws BadFile {
        return has(name) ? at(name).items() : List.of();
    }

    public boolean isList() {
        return node.isArray();
    }

    public String text() throws BadFile {
        if (!node.isTextual()) throw wrong("is not a text in quotes.");
        return node.textValue();
    }

    public String text(String name, String otherwise) throws BadFile {
        return has(name) ? at(name).text() : otherwise;
    }

    /** A text that is not empty. */
    public String name(String name) throws BadFile {
        var text = at(name).text();
        if (text.isBlank()) throw at(name).wrong("is empty.");
        return text;
    }

    public double number() throws BadFile {
        if (!node.isNumber()) throw wrong("is not a number.");
        var number = node.doubleValue();
        if (!(Math.abs(number) <= LARGEST))
            throw wrong("is %s; nothing here is larger than %.0f.".formatted(node, LARGEST));
        return number;
    }

    public double number(String name, double otherwise) throws BadFile {
        return has(name) ? at(name).number() : otherwise;
    }

    /** A number that is not below nought. */
    public double amount(String name, double otherwise) throws BadFile {
        var number = number(name, otherwise);
        if (number < 0) throw at(name).wrong("is %s, below nought.".formatted(number));
        return number;
    }

    /** A whole number from {@code least} to {@code most}. */
    public int whole(String name, int least, int most, int otherwise) throws BadFile {
        if (!has(name)) return otherwise;
        var number = at(name).number();
        if (number != Math.rint(number) || number < least || number > most)
            throw at(name).wrong("is %s, not a whole number from %d to %d.".formatted(at(name).node, least, most));
        return (int) number;
    }

    public boolean yes(String name, boolean otherwise) throws BadFile {
        if (!has(name)) return otherwise;
        if (!at(name).node.isBoolean()) throw at(name).wrong("is neither true nor false.");
        return at(name).node.booleanValue();
    }
}
