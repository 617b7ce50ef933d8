package welumen.yard;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/** What happens to the rest of the stores: materials, tins, suppliers. Where {@code was} is empty, it is a new one. */
public sealed interface GoodsChange {
    record MaterialSaid(String was, Material material) implements GoodsChange {}

    record MaterialDropped(String name) implements GoodsChange {}

    record TinCounted(String was, Tin tin) implements GoodsChange {}

    record TinDropped(String name) implements GoodsChange {}

    record TintMeasured(String was, BaseTint tint) implements GoodsChange {}

    /** Weighed out for a mix. @param grams by tint */
    record TintsUsed(Map<String, Double> grams) implements GoodsChange {
        public TintsUsed {
            grams = Collections.unmodifiableMap(new TreeMap<>(grams));
        }
    }

    record TintGone(String name) implements GoodsChange {}

    record SupplierSaid(String was, Supplier supplier) implements GoodsChange {}

    record SupplierDropped(String name) implements GoodsChange {}
}
