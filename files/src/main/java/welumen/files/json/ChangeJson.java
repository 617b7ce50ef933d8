package welumen.files.json;

import com.fasterxml.jackson.annotation.JsonAutoDetect.Visibility;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.AnnotationIntrospector;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.ObjectReader;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.exc.InvalidTypeIdException;
import com.fasterxml.jackson.databind.introspect.JacksonAnnotationIntrospector;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import java.io.IOException;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import welumen.cabin.PartId;
import welumen.journal.StoreException;
import welumen.shape.Point;

/**
 * Writes changes as JSON and reads them back, exactly: numbers keep every digit, a point is a pair, a part's name is a
 * text. What an entry lacks or holds wrongly is called out, never guessed.
 */
public final class ChangeJson {
    /** The form of entries as a whole; since 14 each {@link Kind} has its own version, and this stays as it is. */
    public static final int VERSION = 14;

    private final ObjectMapper mapper = JsonMapper.builder()
            .annotationIntrospector(AnnotationIntrospector.pair(new SealedTypes(), new JacksonAnnotationIntrospector()))
            .enable(StreamReadFeature.USE_FAST_DOUBLE_PARSER)
            .addModule(new JavaTimeModule())
            .addModule(small())
            .disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS)
            .disable(SerializationFeature.WRITE_DURATIONS_AS_TIMESTAMPS)
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS) // the same entry is the same text
            .disable(SerializationFeature.FAIL_ON_EMPTY_BEANS)
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
            .visibility(PropertyAccessor.FIELD, Visibility.ANY)
            .visibility(PropertyAccessor.GETTER, Visibility.NONE)
            .visibility(PropertyAccessor.IS_GETTER, Visibility.NONE)
            .build();

    private final Map<Class<?>, ObjectReader> readers = new ConcurrentHashMap<>();

    /** One change as JSON; {@code kind} is the sealed family to which it belongs. */
    public <C> String write(C change, Class<C> kind) {
        try {
            return mapper.writerFor(kind).writeValueAsString(change);
        } catch (JsonProcessingException fault) {
            throw new StoreException(
                    "A change of kind [%s] cannot be written: %s"
                            .formatted(change.getClass().getSimpleName(), fault.getOriginalMessage()),
                    fault);
        }
    }

    /** @throws StoreException if the text is no such change; says what is wrong with it */
    public <C> C read(String json, Class<C> kind, int version) {
        if (version > VERSION)
            throw new StoreException("It was written by a newer Welumen (version %d of its kind). Update this program."
                    .formatted(version));
        try {
            return version < StepUp.NEWEST ? steppedUp(json, kind, version) : current(json, kind);
        } catch (JsonProcessingException fault) {
            throw new StoreException(firstLine(fault.getOriginalMessage()), fault);
        } catch (IOException fault) {
            throw new StoreException(firstLine(String.valueOf(fault.getMessage())), fault);
        }
    }

    /** Most entries hold no kind that was written otherwise once, and are read as they are. */
    private <C> C current(String json, Class<C> kind) throws IOException {
        try {
            return reader(kind).readValue(json);
        } catch (InvalidTypeIdException older) {
            return steppedUp(json, kind, VERSION);
        }
    }

    private <C> C steppedUp(String json, Class<C> kind, int version) throws IOException {
        var change = mapper.readTree(json);
        StepUp.from(version, change);
        Kinds.stepUp(change);
        return reader(kind).readValue(change);
    }

    private ObjectReader reader(Class<?> kind) {
        return readers.computeIfAbsent(kind, mapper::readerFor);
    }

    private static String firstLine(String message) {
        return message.lines().findFirst().orElse("It cannot be read.");
    }

    private static SimpleModule small() {
        var module = new SimpleModule();
        module.addSerializer(PartId.class, new StdSerializer<>(PartId.class) {
            private static final long serialVersionUID = 1L;

            @Override
            public void serialize(PartId id, JsonGenerator out, SerializerProvider provider) throws IOException {
                out.writeString(id.value());
            }
        });
        module.addDeserializer(PartId.class, new StdDeserializer<>(PartId.class) {
            private static final long serialVersionUID = 1L;

            @Override
            public PartId deserialize(JsonParser in, DeserializationContext context) throws IOException {
                return new PartId(in.getValueAsString(""));
            }
        });
        module.addSerializer(Point.class, new StdSerializer<>(Point.class) {
            private static final long serialVersionUID = 1L;

            @Override
            public void serialize(Point point, JsonGenerator out, SerializerProvider provider) throws IOException {
                out.writeArray(new double[] {point.x(), point.y()}, 0, 2);
            }
        });
        module.addDeserializer(Point.class, new StdDeserializer<>(Point.class) {
            private static final long serialVersionUID = 1L;

            @Override
            public Point deserialize(JsonParser in, DeserializationContext context) throws IOException {
                if (!in.isExpectedStartArrayToken())
                    context.reportInputMismatch(Point.class, "A point is a pair of numbers");
                var point = new Point(next(in, context), next(in, context));
                if (in.nextToken() != JsonToken.END_ARRAY)
                    context.reportInputMismatch(Point.class, "A point has more than two numbers");
                return point;
            }
        });
        return module;
    }

    private static double next(JsonParser in, DeserializationContext context) throws IOException {
        if (!in.nextToken().isNumeric()) context.reportInputMismatch(Point.class, "A point has two numbers");
        return in.getDoubleValue();
    }
}
