package welumen.cut.stock;

import java.util.AbstractList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** A list of things with names of their own, found by them at once: a problem may have a hundred thousand. */
public final class ById<T> extends AbstractList<T> {
    private final List<T> all;
    private final Map<String, T> byName = new HashMap<>();

    private ById(List<T> all) {
        this.all = all;
    }

    /** @throws IllegalArgumentException if two share a name */
    public static <T> List<T> of(List<T> all, Function<T, String> name, String what) {
        if (all instanceof ById) return all;
        var named = new ById<>(List.copyOf(all));
        for (var one : named.all)
            if (named.byName.put(name.apply(one), one) != null)
                throw new IllegalArgumentException(
                        "The name [%s] stands on two entries of %s.".formatted(name.apply(one), what));
        return named;
    }

    /** @throws IllegalArgumentException if there is none */
    public static <T> T find(List<T> in, String name, String what) {
        @Nullable T one = in instanceof ById<T> named ? named.byName.get(name) : null;
        if (one == null) throw new IllegalArgumentException("There is no %s [%s].".formatted(what, name));
        return one;
    }

    @Override
    public T get(int index) {
        return all.get(index);
    }

    @Override
    public int size() {
        return all.size();
    }
}
