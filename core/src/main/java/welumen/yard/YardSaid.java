package welumen.yard;

import java.util.List;
import java.util.UUID;
import welumen.clock.ClockSaid;
import welumen.measure.Length;
import welumen.yard.CrewChange.LimitsSaid;
import welumen.yard.CrewChange.PersonLeft;
import welumen.yard.CrewChange.PersonSaid;
import welumen.yard.CrewChange.PlaceDropped;
import welumen.yard.CrewChange.PlaceSaid;
import welumen.yard.GoodsChange.MaterialDropped;
import welumen.yard.GoodsChange.MaterialSaid;
import welumen.yard.GoodsChange.SupplierDropped;
import welumen.yard.GoodsChange.SupplierSaid;
import welumen.yard.GoodsChange.TinCounted;
import welumen.yard.GoodsChange.TinDropped;
import welumen.yard.GoodsChange.TintGone;
import welumen.yard.GoodsChange.TintMeasured;
import welumen.yard.GoodsChange.TintsUsed;

/** Says in a few words what a change of the yard did. */
public final class YardSaid {
    private YardSaid() {}

    /** @param yard to name cars by; before or after the change */
    public static String of(YardChange change, Yard yard) {
        return switch (change) {
            case YardChange.WorkshopNamed(var name) -> "The yard is called " + name;
            case YardChange.CountedIn(var currency, var lengths) ->
                "Counted in %s and %s"
                        .formatted(
                                currency.getCurrencyCode(), lengths == Length.Style.INCHES ? "inches" : "millimetres");
            case YardChange.PersonJoined(var name) -> "Works here: " + name;
            case YardChange.JobOpened(var _, var title, var _) -> "Came in: " + title;
            case YardChange.StockTakenIn(var stock) -> "Came in: " + stock.id();
            case YardChange.OfCars(var inner) -> cars(inner, yard);
            case YardChange.OfStock(var inner) -> stock(inner, yard);
            case YardChange.OfGoods(var inner) -> goods(inner);
            case YardChange.OfCrew(var inner) -> crew(inner);
            case YardChange.OfHouse(var inner) -> house(inner);
            case YardChange.OnTheRail(var clock, var _) -> ClockSaid.of(clock);
            case YardChange.AllOf(List<YardChange> changes) -> of(changes.getFirst(), yard);
        };
    }

    private static String cars(CarsChange change, Yard yard) {
        return switch (change) {
            case CarsChange.CarTitled(var _, var title) -> "Called: " + title;
            case CarsChange.CarSetAside(var job, var _) -> "Set aside: " + title(yard, job);
            case CarsChange.CarTakenUp(var job) -> "Taken up: " + title(yard, job);
            case CarsChange.CarClosed(var job, var _) -> "Closed: " + title(yard, job);
        };
    }

    private static String title(Yard yard, UUID job) {
        return yard.garage().findOne(job).map(CarFile::title).orElse("a car");
    }

    private static String stock(StockChange change, Yard yard) {
        return switch (change) {
            case StockChange.BoughtFor(var stock, var car) ->
                "Came in for the %s: %s".formatted(title(yard, car), stock.id());
            case StockChange.FoundSo(var stock) -> "Put right: " + stock.id();
            case StockChange.CalledSo(var was, var now) -> "Called %s: %s".formatted(now, was);
            case StockChange.Gone(var stock, var _) -> "Gone: " + stock;
            case StockChange.CutFor(var stock, var car, var _, var _) ->
                "Cut for the %s: %s".formatted(title(yard, car), stock);
        };
    }

    private static String goods(GoodsChange change) {
        return switch (change) {
            case MaterialSaid(var _, var material) -> "Material: " + material.name();
            case MaterialDropped(var name) -> "No material any more: " + name;
            case TinCounted(var _, var tin) -> "Counted: " + tin.name();
            case TinDropped(var name) -> "No longer kept: " + name;
            case TintMeasured(var _, var tint) -> "Tint measured: " + tint.name();
            case TintsUsed(var grams) -> "Weighed out: " + String.join(", ", grams.keySet());
            case TintGone(var name) -> "No tint any more: " + name;
            case SupplierSaid(var _, var supplier) -> "Supplier: " + supplier.name();
            case SupplierDropped(var name) -> "No supplier any more: " + name;
        };
    }

    private static String crew(CrewChange change) {
        return switch (change) {
            case PersonSaid(var _, var person) -> "Works here: " + person.name();
            case PersonLeft(var name) -> "Has left: " + name;
            case PlaceSaid(var _, var place) -> "Place: " + place.name();
            case PlaceDropped(var name) -> "No place any more: " + name;
            case LimitsSaid(var _) -> "What the place allows";
        };
    }

    private static String house(HouseChange change) {
        return switch (change) {
            case HouseChange.PricesHeld(var prices) -> "Prices: %.2f an hour".formatted(prices.hour());
            case HouseChange.WayHeld(var way, var taken) -> (taken ? "House way: " : "No longer: ") + way.word();
            case HouseChange.SchoolHeld(var school) ->
                "%s: %s".formatted(school.question().word(), school.word());
            case HouseChange.SchoolLeftOpen(var question) -> "%s: left open".formatted(question.word());
        };
    }
}
