package welumen.yard;

import java.util.Map;
import welumen.yard.GoodsChange.MaterialDropped;
import welumen.yard.GoodsChange.MaterialSaid;
import welumen.yard.GoodsChange.SupplierDropped;
import welumen.yard.GoodsChange.SupplierSaid;
import welumen.yard.GoodsChange.TinCounted;
import welumen.yard.GoodsChange.TinDropped;
import welumen.yard.GoodsChange.TintGone;
import welumen.yard.GoodsChange.TintMeasured;
import welumen.yard.GoodsChange.TintsUsed;

/** Materials, tins, tints, and those who sell them. */
public record Goods(Shelf<Material> materials, Shelf<Tin> tins, Shelf<Supplier> suppliers, Shelf<BaseTint> tints) {
    public static final Goods NONE = new Goods(Shelf.empty(), Shelf.empty(), Shelf.empty(), Shelf.empty());

    Goods after(GoodsChange change) {
        return switch (change) {
            case MaterialSaid(var was, var material) ->
                new Goods(materials.with(was, material), tins, suppliers, tints);
            case MaterialDropped(var name) -> new Goods(materials.without(name), tins, suppliers, tints);
            case TinCounted(var was, var tin) -> new Goods(materials, tins.with(was, tin), suppliers, tints);
            case TinDropped(var name) -> new Goods(materials, tins.without(name), suppliers, tints);
            case TintMeasured(var was, var tint) -> new Goods(materials, tins, suppliers, tints.with(was, tint));
            case TintsUsed(var grams) -> new Goods(materials, tins, suppliers, used(grams));
            case TintGone(var name) -> new Goods(materials, tins, suppliers, tints.without(name));
            case SupplierSaid(var was, var supplier) ->
                new Goods(materials, tins, suppliers.with(was, supplier), tints);
            case SupplierDropped(var name) -> new Goods(materials, tins, suppliers.without(name), tints);
        };
    }

    private Shelf<BaseTint> used(Map<String, Double> grams) {
        var left = tints;
        for (var tint : tints.all())
            if (grams.containsKey(tint.name()))
                left = left.with(tint.name(), tint.used(grams.getOrDefault(tint.name(), 0.0)));
        return left;
    }
}
