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
import org.jspecify.annotations.Nullable;

/** Tells the members of a sealed family apart by a member {@code is}, so that the core needs no annotation of a file format. */
final class SealedTypes extends NopAnnotationIntrospector {
    private static final long serialVersionUID = 1L;

    @Override
    public Version version() {
        return Version.unknownVersion();
    }

    @Override
    public @Nullable TypeResolverBuilder<?> findTypeResolver(
            MapperConfig<?> config, AnnotatedClass type, JavaType base) {
        if (!Kinds.isFamily(type.getRawType())) return null;
        return new StdTypeResolverBuilder()
                .init(JsonTypeInfo.Id.NAME, null)
                .inclusion(JsonTypeInfo.As.PROPERTY)
                .typeProperty(Kinds.IS);
    }

    @Override
    public @Nullable List<NamedType> findSubtypes(Annotated type) {
        if (!Kinds.isFamily(type.getRawType())) return null;
        return Kinds.of(type.getRawType()).kinds().stream()
                .map(kind -> new NamedType(kind.record(), kind.id()))
                .toList();
    }
}
