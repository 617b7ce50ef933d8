package welumen.files.json;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.core.Version;
import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.cfg.MapperConfig;
import com.fasterxml.jackson.databind.introspect.Annotated;
import com.fasterxml.jackson.databind.introspect.AnnotatedClass;
import com.fasterxml.jackson.databind.introspect.NopAnnotationIntrospector;
import com.fasterxml.jackson.databind.jsontype.NamedType;
import com.fasterxml.jackson.databind.jsontype.TypeResolverBuilder;
import com.fasterxml.jackson.databind.jsontype.impl.StdTypeResolverBuilder;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Tells the members of a sealed family apart by a member {@code is}, which holds the record's name as
 * {@code step-logged}; so the core needs no annotation of a file format.
 */
final class SealedTypes extends NopAnnotationIntrospector {
    private static final long serialVersionUID = 1L;

    @Override
    public Version version() {
        return Version.unknownVersion();
    }

    @Override
    public @Nullable TypeResolverBuilder<?> findTypeResolver(
            MapperConfig<?> config, AnnotatedClass type, JavaType base) {
        if (!isFamily(type.getRawType())) return null;
        return new StdTypeResolverBuilder()
                .init(JsonTypeInfo.Id.NAME, null)
                .inclusion(JsonTypeInfo.As.PROPERTY)
                .typeProperty("is");
    }

    @Override
    public @Nullable List<NamedType> findSubtypes(Annotated type) {
        if (!isFamily(type.getRawType())) return null;
        return Stream.of(type.getRawType().getPermittedSubclasses())
                .map(member -> new NamedType(member, name(member)))
                .toList();
    }

    static String name(Class<?> member) {
        return member.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", "-").toLowerCase(Locale.ROOT);
    }

    private static boolean isFamily(Class<?> type) {
        return type.isInterface() && type.isSealed();
    }
}
