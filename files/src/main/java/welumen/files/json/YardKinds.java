package welumen.files.json;

import static welumen.files.json.Kind.kind;
import static welumen.files.json.Kinds.Family.family;

import java.util.List;
import welumen.yard.CarsChange;
import welumen.yard.CrewChange;
import welumen.yard.GoodsChange;
import welumen.yard.HouseChange;
import welumen.yard.StockChange;
import welumen.yard.YardChange;

/** What each kind of change of the yard is called in a file. A kind keeps its word whatever becomes of its record’s name. */
final class YardKinds {
    private YardKinds() {}

    static List<Kinds.Family> families() {
        return List.of(
                family(
                        YardChange.class,
                        kind("workshop-named", YardChange.WorkshopNamed.class),
                        kind("counted-in", YardChange.CountedIn.class),
                        kind("person-joined", YardChange.PersonJoined.class),
                        kind("job-opened", YardChange.JobOpened.class),
                        kind("stock-taken-in", YardChange.StockTakenIn.class),
                        kind("of-cars", YardChange.OfCars.class),
                        kind("of-stock", YardChange.OfStock.class),
                        kind("of-goods", YardChange.OfGoods.class),
                        kind("of-crew", YardChange.OfCrew.class),
                        kind("of-house", YardChange.OfHouse.class),
                        kind("on-the-rail", YardChange.OnTheRail.class),
                        kind("all-of", YardChange.AllOf.class)),
                family(
                        CarsChange.class,
                        kind("car-titled", CarsChange.CarTitled.class),
                        kind("car-set-aside", CarsChange.CarSetAside.class),
                        kind("car-taken-up", CarsChange.CarTakenUp.class),
                        kind("car-closed", CarsChange.CarClosed.class)),
                family(
                        StockChange.class,
                        kind("bought-for", StockChange.BoughtFor.class),
                        kind("found-so", StockChange.FoundSo.class),
                        kind("called-so", StockChange.CalledSo.class),
                        kind("gone", StockChange.Gone.class),
                        kind("cut-for", StockChange.CutFor.class)),
                family(
                        GoodsChange.class,
                        kind("material-said", GoodsChange.MaterialSaid.class),
                        kind("material-dropped", GoodsChange.MaterialDropped.class),
                        kind("tin-counted", GoodsChange.TinCounted.class, KindSteps::tinHasASheet),
                        kind("tin-dropped", GoodsChange.TinDropped.class),
                        kind("tint-measured", GoodsChange.TintMeasured.class, KindSteps::nobodyHasWeighedTheTint),
                        kind("tints-used", GoodsChange.TintsUsed.class),
                        kind("tint-gone", GoodsChange.TintGone.class),
                        kind("supplier-said", GoodsChange.SupplierSaid.class),
                        kind("supplier-dropped", GoodsChange.SupplierDropped.class)),
                family(
                        CrewChange.class,
                        kind("person-said", CrewChange.PersonSaid.class),
                        kind("person-left", CrewChange.PersonLeft.class),
                        kind("place-said", CrewChange.PlaceSaid.class, KindSteps::placeHasSlots),
                        kind("place-dropped", CrewChange.PlaceDropped.class),
                        kind("limits-said", CrewChange.LimitsSaid.class)),
                family(
                        HouseChange.class,
                        kind("prices-held", HouseChange.PricesHeld.class),
                        kind("way-held", HouseChange.WayHeld.class),
                        kind("school-held", HouseChange.SchoolHeld.class),
                        kind("school-left-open", HouseChange.SchoolLeftOpen.class)));
    }
}
