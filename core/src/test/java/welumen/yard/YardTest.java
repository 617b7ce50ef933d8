package welumen.yard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.entry;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Currency;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import welumen.clock.BenchClock;
import welumen.clock.ClockChange.ClockPutAway;
import welumen.clock.ClockChange.ClockStarted;
import welumen.cut.stock.Lot;
import welumen.cut.stock.Stock;
import welumen.intake.HouseWay;
import welumen.intake.Question;
import welumen.intake.School;
import welumen.measure.Length;
import welumen.treatment.Matter;
import welumen.treatment.PriceList;
import welumen.yard.CarsChange.CarClosed;
import welumen.yard.CarsChange.CarSetAside;
import welumen.yard.CarsChange.CarTakenUp;
import welumen.yard.CarsChange.CarTitled;
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
import welumen.yard.HouseChange.PricesHeld;
import welumen.yard.HouseChange.SchoolHeld;
import welumen.yard.HouseChange.SchoolLeftOpen;
import welumen.yard.HouseChange.WayHeld;
import welumen.yard.StockChange.BoughtFor;
import welumen.yard.StockChange.CalledSo;
import welumen.yard.StockChange.CutFor;
import welumen.yard.StockChange.FoundSo;
import welumen.yard.StockChange.Gone;
import welumen.yard.YardChange.CountedIn;
import welumen.yard.YardChange.JobOpened;
import welumen.yard.YardChange.OfCars;
import welumen.yard.YardChange.OfCrew;
import welumen.yard.YardChange.OfGoods;
import welumen.yard.YardChange.OfHouse;
import welumen.yard.YardChange.OfStock;
import welumen.yard.YardChange.OnTheRail;
import welumen.yard.YardChange.PersonJoined;
import welumen.yard.YardChange.StockTakenIn;
import welumen.yard.YardChange.WorkshopNamed;

class YardTest {
    private static final UUID PLOVER = new UUID(1, 2);
    private static final UUID SECOND = new UUID(1, 3);
    private static final LocalDate MAY = LocalDate.of(2026, 5, 4);
    private static final Stock.Roll WOOL = new Stock.Roll("roll 1", "wool", 1400, 9000, 42, 0, 0);
    private static final Stock.Roll REST = new Stock.Roll("roll 1, rest", "wool", 1400, 4000, 42, 0, 0);
    private static final BenchClock CLOCK =
            new BenchClock("c", "Sill, adhesive", "lay", Instant.EPOCH, Duration.ofMinutes(8));

    private static Yard yard(YardChange... changes) {
        var yard = Yard.EMPTY
                .after(new WorkshopNamed("Lantern Wharf"))
                .after(new PersonJoined("Ada"))
                .after(new JobOpened(PLOVER, "1959 Corriden Plover, coupé", ""))
                .after(new JobOpened(SECOND, "1960 Corriden Plover, coupé", ""))
                .after(new StockTakenIn(WOOL));
        for (var change : changes) yard = yard.after(change);
        return yard;
    }

    @Test
    void itGathersPeopleCarsAndStock() {
        assertThat(yard().name()).isEqualTo("Lantern Wharf");
        assertThat(yard().crew().people().all()).extracting(Person::name).containsExactly("Ada");
        assertThat(yard().garage().inWork()).hasSize(2);
        assertThat(yard().stock().here()).containsExactly(WOOL);
    }

    @Test
    void aSecondThingOfANameIsNeverPutInPlaceOfTheFirst() {
        assertThatThrownBy(() -> yard(new PersonJoined("ada"))).hasMessageContaining("another name");
        assertThatThrownBy(() -> yard(new StockTakenIn(WOOL))).hasMessageContaining("“roll 1”");
        assertThat(yard().stock().freeName("roll 1")).isEqualTo("roll 1 (2)");
        var two = yard(new StockTakenIn(WOOL.called("roll 1 (2)")));
        assertThat(two.stock().here()).hasSize(2);
        assertThat(two.stock().freeName("roll 1")).isEqualTo("roll 1 (3)");
        assertThat(two.stock().freeName("roll 7")).isEqualTo("roll 7");
    }

    @Test
    void whatIsDescribedAnewKeepsItsPlaceAndWhatIsDroppedIsGone() {
        var two = yard(new PersonJoined("Ivo"), new OfCrew(new PersonSaid("Ada", new Person("Ada Fenn"))));
        assertThat(two.crew().people().all()).extracting(Person::name).containsExactly("Ada Fenn", "Ivo");
        assertThat(two.after(new OfCrew(new PersonLeft("Ivo"))).crew().people().all())
                .hasSize(1);
        assertThatThrownBy(() -> two.after(new OfCrew(new PersonLeft("Bram")))).hasMessageContaining("no “Bram”");
        assertThatThrownBy(() -> two.after(new OfCrew(new PersonSaid("Ivo", new Person("Ada Fenn")))))
                .hasMessageContaining("already");
    }

    @Test
    void peopleAreThereOnTheirDaysAndNotOnTheirDaysOff() {
        var seamstress = new Person("Ada")
                .working(new WorkingHours(
                        EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.WEDNESDAY), LocalTime.of(8, 0), LocalTime.of(16, 0)))
                .off(List.of(new DaysOff(MAY, MAY.plusDays(1), "")));
        assertThat(seamstress.hours().week()).isEqualTo(Duration.ofHours(24));
        assertThat(seamstress.worksOn(MAY)).isFalse();
        assertThat(seamstress.worksOn(MAY.plusDays(2))).as("a Wednesday").isTrue();
        assertThat(seamstress.worksOn(MAY.plusDays(3))).as("a Thursday").isFalse();
        assertThatThrownBy(() -> new DaysOff(MAY, MAY.minusDays(1), "")).hasMessageContaining("later day second");
        assertThatThrownBy(() -> new WorkingHours(Set.of(), LocalTime.NOON, LocalTime.MIDNIGHT))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void carsAreSetAsideClosedAndTakenUpAgain() {
        var aside = yard(new OfCars(new CarSetAside(PLOVER, "no glass")), new OfCars(new CarClosed(SECOND, MAY)));
        assertThat(aside.garage().inWork()).isEmpty();
        assertThat(aside.garage().one(SECOND).isClosed()).isTrue();
        var up = aside.after(new OfCars(new CarTakenUp(SECOND))).after(new OfCars(new CarTitled(SECOND, "Another")));
        assertThat(up.garage().inWork()).extracting(CarFile::title).containsExactly("Another");
        assertThatThrownBy(() -> yard(new OfCars(new CarTakenUp(new UUID(9, 9)))))
                .hasMessageContaining("no car");
    }

    /** The refusal names the car for which something was cut, so that one knows where to take it back. */
    @Test
    void whatWasCutIsHereNoMoreAndItIsSaidForWhichCar() {
        var cut = yard(new OfStock(new CutFor("roll 1", SECOND, List.of(REST), MAY)));
        assertThat(cut.stock().here()).containsExactly(REST);
        assertThatThrownBy(() -> cut.after(new OfStock(new CutFor("roll 1", PLOVER, List.of(), MAY))))
                .isInstanceOf(IllegalStateException.class)
                .hasMessage("“roll 1” was cut for the 1960 Corriden Plover, coupé.");
        assertThatThrownBy(() -> cut.after(new OfStock(new Gone("roll 1", ""))))
                .hasMessageContaining("cut for the 1960");
        assertThat(cut.stock().knows("roll 1")).isTrue();
    }

    @Test
    void stockIsBoughtForACarFoundOtherwiseAndCalledOtherwise() {
        var hide = WOOL.called("roll 2");
        var found = new Stock.Roll("roll 2", "wool", 1370, 9000, 42, 0, 0);
        var yard = yard(
                new OfStock(new BoughtFor(hide, PLOVER)),
                new OfStock(new FoundSo(found)),
                new OfStock(new CalledSo("roll 2", "green wool")));
        assertThat(yard.stock().boughtFor()).containsEntry("green wool", PLOVER).doesNotContainKey("roll 2");
        assertThat(((Stock.Roll) yard.stock().findOne("green wool").orElseThrow()).width())
                .isEqualTo(1370);
        assertThat(yard.stock().renamed()).containsExactly(entry("roll 2", "green wool"));
        var again = yard.after(new OfStock(new CalledSo("green wool", "moss wool")));
        assertThat(again.stock().renamed())
                .containsOnly(entry("roll 2", "moss wool"), entry("green wool", "moss wool"));
        assertThat(again.stock().freeName("roll 2")).isEqualTo("roll 2 (2)");
        assertThatThrownBy(() -> yard.after(new OfStock(new CalledSo("green wool", "roll 1"))))
                .hasMessageContaining("already");
        var gone = yard.after(new OfStock(new Gone("green wool", "sold")));
        assertThat(gone.stock().here()).containsExactly(WOOL);
        assertThatThrownBy(() -> gone.after(new OfStock(new FoundSo(found)))).hasMessage("“roll 2” is not here.");
    }

    @Test
    void aStockIsPutRightInMaterialLotAndPrice() {
        var right = WOOL.bought("striped wool", new Lot("27B", 1.4, "Fell"), 39.5);
        var yard = yard(new OfStock(new FoundSo(right)));
        assertThat(yard.stock().here()).containsExactly(right);
        assertThat(right.price()).isEqualTo(39.5);
        assertThat(right.shape()).isEqualTo(WOOL.shape());
    }

    @Test
    void theHouseHoldsUntilItSaysOtherwise() {
        var prices = new PriceList(60, 1, PriceList.USUAL.perSquareMetre());
        var yard = yard(
                new OfHouse(new PricesHeld(prices)),
                new OfHouse(new WayHeld(HouseWay.DRY_FIT_FIRST, true)),
                new OfHouse(new SchoolHeld(School.PUNCHED)),
                new OfHouse(new SchoolHeld(School.RIGHT_CLIP)));
        assertThat(yard.house().hasPrices()).isTrue();
        assertThat(yard.house().schools())
                .containsEntry(Question.HOLES, School.PUNCHED)
                .hasSize(2);
        var open = yard.after(new OfHouse(new SchoolLeftOpen(Question.HOLES)))
                .after(new OfHouse(new WayHeld(HouseWay.DRY_FIT_FIRST, false)));
        assertThat(open.house().schools()).hasSize(1);
        assertThat(open.house().ways()).isEmpty();
        assertThat(yard().house().hasPrices()).isFalse();
    }

    @Test
    void clocksBelongToTheYardAndKnowTheirCar() {
        var yard = yard(new OnTheRail(new ClockStarted(CLOCK), SECOND));
        assertThat(yard.clocks().running()).containsExactly(CLOCK);
        assertThat(yard.clocks().carOf(CLOCK)).contains(SECOND);
        assertThat(yard.clocks().on(PLOVER)).isEmpty();
        var away = yard.after(new OnTheRail(new ClockPutAway("c"), SECOND));
        assertThat(away.clocks().running()).isEmpty();
        assertThat(away.clocks().carOf(CLOCK)).isEmpty();
    }

    static List<YardChange> changes() {
        return List.of(
                new WorkshopNamed("Lantern Wharf"),
                new CountedIn(Currency.getInstance("CHF"), Length.Style.INCHES),
                new PersonJoined("Ivo"),
                new JobOpened(new UUID(7, 7), "A car", ""),
                new StockTakenIn(REST),
                new OfCars(new CarTitled(PLOVER, "Another")),
                new OfCars(new CarSetAside(PLOVER, "")),
                new OfCars(new CarTakenUp(PLOVER)),
                new OfCars(new CarClosed(PLOVER, MAY)),
                new OfStock(new BoughtFor(REST, PLOVER)),
                new OfStock(new FoundSo(WOOL)),
                new OfStock(new CalledSo("roll 1", "roll 9")),
                new OfStock(new Gone("roll 1", "sold")),
                new OfStock(new CutFor("roll 1", PLOVER, List.of(REST), MAY)),
                new OfGoods(new MaterialSaid("", new Material("wool", Matter.CLOTH, 1.4, ""))),
                new OfGoods(new TinCounted("", new Tin("glue", Tin.Use.ADHESIVE, 3, 0.4, "7", ""))),
                new OfGoods(new SupplierSaid("", new Supplier("Fell and Daughter", "", "hides", 9, 14))),
                new OfCrew(new PersonSaid("", new Person("Ivo"))),
                new OfCrew(new PersonLeft("Ada")),
                new OfCrew(new PlaceSaid("", new Place("spray place", Place.Kind.SPRAY_PLACE, 1, 9, 0, 0))),
                new OfHouse(new PricesHeld(new PriceList(60, 1, PriceList.USUAL.perSquareMetre()))),
                new OfHouse(new WayHeld(HouseWay.DRY_FIT_FIRST, true)),
                new OfHouse(new SchoolHeld(School.PUNCHED)),
                new OfHouse(new SchoolLeftOpen(Question.HOLES)),
                new OnTheRail(new ClockStarted(CLOCK), PLOVER),
                new OnTheRail(new ClockPutAway("c"), PLOVER),
                new YardChange.AllOf(List.of(new PersonJoined("Ivo"), new PersonJoined("Bram"))));
    }

    @ParameterizedTest
    @MethodSource("changes")
    void everyChangeFollowsAndIsSaidShortly(YardChange change) {
        assertThat(yard().after(change)).isNotNull();
        var said = YardSaid.of(change, yard());
        assertThat(said).isNotBlank().hasSizeLessThan(70).doesNotContain("[", "null", "_");
        assertThat(Character.isUpperCase(said.charAt(0))).isTrue();
    }

    @Test
    void whatIsDroppedIsSaidToo() {
        assertThat(List.of(
                        new OfGoods(new MaterialDropped("wool")),
                        new OfGoods(new TinDropped("glue")),
                        new OfGoods(new SupplierDropped("Fell")),
                        new OfCrew(new PlaceDropped("table"))))
                .allSatisfy(change -> assertThat(YardSaid.of(change, yard())).isNotBlank());
    }
}
