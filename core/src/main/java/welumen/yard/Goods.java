package welumen.yard;

import welumen.yard.GoodsChange.MaterialDropped;
import welumen.yard.GoodsChange.MaterialSaid;
import welumen.yard.GoodsChange.SupplierDropped;
import welumen.yard.GoodsChange.SupplierSaid;
import welumen.yard.GoodsChange.TinCounted;
import welumen.yard.GoodsChange.TinDropped;

/** Materials, tins, and those who sell them. */
public record Goods(Shelf<Material> materials, Shelf<Tin> tins, Shelf<Supplier> suppliers) {
    public static final Goods NONE = new Goods(Shelf.empty(), Shelf.empty(), Shelf.empty());

    Goods after(GoodsChange change) {
        return switch (change) {
            case MaterialSaid(var was, var material) -> new Goods(materials.with(was, material), tins, suppliers);
            case MaterialDropped(var name) -> new Goods(materials.without(name), tins, suppliers);
            case TinCounted(var was, var tin) -> new Goods(materials, tins.with(was, tin), suppliers);
            case TinDropped(var name) -> new Goods(materials, tins.without(name), suppliers);
            case SupplierSaid(var was, var supplier) -> new Goods(materials, tins, suppliers.with(was, supplier));
            case SupplierDropped(var name) -> new Goods(materials, tins, suppliers.without(name));
        };
    }
}
