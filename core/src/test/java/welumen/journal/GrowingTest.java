package welumen.journal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class GrowingTest {
    /** However the lists branch, each holds what a copy of its own would. */
    @Property(tries = 100)
    void everyListKeepsWhatItHad(@ForAll long seed) {
        var random = new Random(seed);
        var lists = new ArrayList<Growing<Integer>>(List.of(Growing.copyOf(List.of(1, 2))));
        var copies = new ArrayList<List<Integer>>(List.of(List.of(1, 2)));
        for (var i = 0; i < 60; i++) {
            var from = random.nextInt(4) == 0 ? random.nextInt(lists.size()) : lists.size() - 1;
            lists.add(lists.get(from).with(i));
            var copy = new ArrayList<>(copies.get(from));
            copy.add(i);
            copies.add(copy);
        }
        for (var i = 0; i < lists.size(); i++) assertThat(lists.get(i)).isEqualTo(copies.get(i));
    }

    @Test
    void itNeverChanges() {
        var list = Growing.copyOf(List.of("a"));
        assertThatThrownBy(() -> list.add("b")).isInstanceOf(UnsupportedOperationException.class);
        assertThatThrownBy(() -> list.set(0, "b")).isInstanceOf(UnsupportedOperationException.class);
        list.with("b");
        assertThatThrownBy(() -> list.get(1)).isInstanceOf(IndexOutOfBoundsException.class);
        assertThat(Growing.copyOf(list)).isSameAs(list);
    }
}
