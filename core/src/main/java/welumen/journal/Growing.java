package welumen.journal;

import java.util.AbstractList;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Objects;
import java.util.RandomAccess;

/**
 * A list that never changes and grows cheaply: the list with one more shares what it has in common with the shorter one.
 * Folding a log of n steps takes time in n, not in n squared. Only the newest list grows so; an older one is copied first.
 *
 * @param <T> what is in it, never null
 */
public final class Growing<T> extends AbstractList<T> implements RandomAccess {
    private final ArrayList<T> shared; // nothing in it ever changes, it only gets longer
    private final int size;

    private Growing(ArrayList<T> shared, int size) {
        this.shared = shared;
        this.size = size;
    }

    /** The same things, the same list where it is one of this kind. */
    public static <T> Growing<T> copyOf(Collection<T> things) {
        if (things instanceof Growing<T> same) return same;
        things.forEach(Objects::requireNonNull);
        return new Growing<>(new ArrayList<>(things), things.size());
    }

    /** This list and one more at its end. */
    public Growing<T> with(T more) {
        Objects.requireNonNull(more);
        synchronized (shared) {
            if (shared.size() == size) {
                shared.add(more);
                return new Growing<>(shared, size + 1);
            }
        }
        var own = new ArrayList<T>(size + 8);
        for (var i = 0; i < size; i++) own.add(shared.get(i));
        own.add(more);
        return new Growing<>(own, size + 1);
    }

    @Override
    public T get(int index) {
        return shared.get(Objects.checkIndex(index, size));
    }

    @Override
    public int size() {
        return size;
    }
}
