package welumen.files.json;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Currency;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import welumen.clock.ClockChange;
import welumen.cut.Stock;
import welumen.intake.HouseWay;
import welumen.intake.Question;
import welumen.intake.School;
import welumen.measure.Length;
import welumen.treatment.Matter;
import welumen.treatment.PriceList;
import welumen.yard.CarsChange;
import welumen.yard.CrewChange;
import welumen.yard.DaysOff;
import welumen.yard.GoodsChange;
import welumen.yard.Hours;
import welumen.yard.HouseChange;
import welumen.yard.Material;
import welumen.yard.Person;
import welumen.yard.Place;
import welumen.yard.Skill;
import welumen.yard.StockChange;
import welumen.yard.Supplier;
import welumen.yard.Tin;
import welumen.yard.YardChange;

/** What can happen to the yard comes back from the file as it went in. */
class YardJsonTest {
    private final ChangeJson json = new ChangeJson();

    /** Every kind of change of the yard, so that none is forgotten. */
    static Stream<YardChange> yardChanges() {
        var car = new UUID(1, 2);
        var roll = new Stock.Roll("roll 1", "wool", 1400, 9000, 42, 0, 75);
        var day = LocalDate.of(2026, 5, 4);
        var person = new Person(
                "Ada",
                Set.of(Skill.SEWING, Skill.CUTTING),
                Hours.USUAL,
                List.of(new DaysOff(day, day.plusDays(2), "")));
        return Stream.of(
                new YardChange.WorkshopNamed("Lantern Wharf"),
                new YardChange.CountedIn(Currency.getInstance("CHF"), Length.Style.INCHES),
                new YardChange.PersonJoined("Ada"),
                new YardChange.JobOpened(car, "1959 Corriden Plover, coupé", ""),
                new YardChange.StockTakenIn(roll),
                new YardChange.OfCars(new CarsChange.CarTitled(car, "a car")),
                new YardChange.OfCars(new CarsChange.CarSetAside(car, "no glass")),
                new YardChange.OfCars(new CarsChange.CarTakenUp(car)),
                new YardChange.OfCars(new CarsChange.CarClosed(car, day)),
                new YardChange.OfStock(new StockChange.BoughtFor(roll, car)),
                new YardChange.OfStock(new StockChange.FoundSo(roll)),
                new YardChange.OfStock(new StockChange.CalledSo("roll 1", "green wool")),
                new YardChange.OfStock(new StockChange.Gone("roll 1", "sold")),
                new YardChange.OfStock(new StockChange.CutFor("roll 1", car, List.of(roll), day)),
                new YardChange.OfGoods(
                        new GoodsChange.MaterialSaid("", new Material("wool", Matter.CLOTH, 1.4, "Fell"))),
                new YardChange.OfGoods(new GoodsChange.MaterialDropped("wool")),
                new YardChange.OfGoods(
                        new GoodsChange.TinCounted("glue", new Tin("glue, 500 ml", Tin.Use.ADHESIVE, 3, 0.4, "7", ""))),
                new YardChange.OfGoods(new GoodsChange.TinDropped("glue")),
                new YardChange.OfGoods(new GoodsChange.SupplierSaid("", new Supplier("Fell", "", "hides", 9, 14))),
                new YardChange.OfGoods(new GoodsChange.SupplierDropped("Fell")),
                new YardChange.OfCrew(new CrewChange.PersonSaid("", person)),
                new YardChange.OfCrew(new CrewChange.PersonLeft("Ada")),
                new YardChange.OfCrew(
                        new CrewChange.PlaceSaid("", new Place("table", Place.Kind.CUTTING_TABLE, 1, 2, 3200, 1600))),
                new YardChange.OfCrew(new CrewChange.PlaceDropped("table")),
                new YardChange.OfHouse(new HouseChange.PricesHeld(PriceList.USUAL)),
                new YardChange.OfHouse(new HouseChange.WayHeld(HouseWay.DRY_FIT_FIRST, true)),
                new YardChange.OfHouse(new HouseChange.SchoolHeld(School.TEMPLATED)),
                new YardChange.OfHouse(new HouseChange.SchoolLeftOpen(Question.SIDES)),
                new YardChange.OnTheRail(new ClockChange.ClockPutAway("c"), car),
                new YardChange.AllOf(List.of(new YardChange.PersonJoined("Ivo"))));
    }

    @ParameterizedTest
    @MethodSource("yardChanges")
    void everyChangeOfTheYardComesBackAsItWas(YardChange change) {
        var text = json.write(change, YardChange.class);
        assertThat(json.read(text, YardChange.class, ChangeJson.VERSION)).isEqualTo(change);
    }

    /** The kinds are taken from the sealed families themselves: one without an example here fails. */
    @Test
    void noKindOfChangeOfTheYardIsForgotten() {
        var tried = yardChanges().flatMap(YardJsonTest::kinds).collect(Collectors.toSet());
        assertThat(tried).containsAll(members(YardChange.class));
    }

    private static Stream<Class<?>> kinds(Object change) {
        var inner = Stream.of(change.getClass().getRecordComponents())
                .filter(part -> part.getType().isSealed() && part.getType() != Stock.class)
                .map(part -> {
                    try {
                        return part.getAccessor().invoke(change);
                    } catch (ReflectiveOperationException fault) {
                        throw new AssertionError(fault);
                    }
                });
        return Stream.concat(Stream.of(change.getClass()), inner.map(Object::getClass));
    }

    private static Set<Class<?>> members(Class<?> family) {
        var all = new HashSet<Class<?>>();
        for (var member : family.getPermittedSubclasses()) {
            all.add(member);
            for (var part : member.getRecordComponents())
                if (part.getType().isSealed() && part.getType().getPackageName().equals("welumen.yard"))
                    all.addAll(members(part.getType()));
        }
        return all;
    }
}
