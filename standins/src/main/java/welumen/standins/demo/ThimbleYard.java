package welumen.standins.demo;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import welumen.cut.hide.DrawnHide;
import welumen.intake.HouseWay;
import welumen.intake.School;
import welumen.treatment.Matter;
import welumen.treatment.PriceList;
import welumen.yard.CrewChange.LimitsSaid;
import welumen.yard.CrewChange.PersonSaid;
import welumen.yard.CrewChange.PlaceSaid;
import welumen.yard.DaysOff;
import welumen.yard.GoodsChange;
import welumen.yard.GoodsChange.MaterialSaid;
import welumen.yard.GoodsChange.SupplierSaid;
import welumen.yard.GoodsChange.TinCounted;
import welumen.yard.HouseChange;
import welumen.yard.HouseChange.PricesHeld;
import welumen.yard.HouseChange.SchoolHeld;
import welumen.yard.HouseChange.WayHeld;
import welumen.yard.Limits;
import welumen.yard.Material;
import welumen.yard.Person;
import welumen.yard.Place;
import welumen.yard.Skill;
import welumen.yard.Supplier;
import welumen.yard.Tin;
import welumen.yard.WorkingHours;
import welumen.yard.YardChange;
import welumen.yard.YardChange.JobOpened;
import welumen.yard.YardChange.OfCrew;
import welumen.yard.YardChange.OfGoods;
import welumen.yard.YardChange.OfHouse;
import welumen.yard.YardChange.StockTakenIn;
import welumen.yard.YardChange.WorkshopNamed;

/** The demo's yard: three people, two benches, two machines, a table, a spray place, room for three cars, and what lies on its shelves. */
final class ThimbleYard {
    private static final String FELL = "Fell and Daughter";
    private static final String MILL = "Osier Lane Mill";

    private ThimbleYard() {}

    static List<YardChange> changes(LocalDate today) {
        return Stream.of(
                        Stream.<YardChange>of(new WorkshopNamed("Thimble Yard")),
                        people(today).map(person -> new OfCrew(new PersonSaid("", person))),
                        places().map(place -> new OfCrew(new PlaceSaid("", place))),
                        Stream.of(new OfCrew(new LimitsSaid(LIMITS))),
                        Stream.<YardChange>of(
                                new StockTakenIn(DrawnHide.hide("hide 1", SelkieJob.HIDE, 4.9e6, 14, 310, 11)),
                                new StockTakenIn(DrawnHide.hide("hide 2", SelkieJob.HIDE, 4.6e6, 9, 310, 23))),
                        FloorAndDoors.rolls().stream().map(StockTakenIn::new),
                        goods(),
                        ThimbleTints.measured(),
                        house(),
                        Stream.<YardChange>of(
                                new JobOpened(DemoWorkshop.SELKIE, "1963 Varrow Selkie, saloon", ""),
                                new JobOpened(DemoWorkshop.DUNNOCK, "1971 Pellin Dunnock, estate", ""),
                                new JobOpened(DemoWorkshop.DRUMLIN, "1956 Drumlin half-ton, camper", "")))
                .<YardChange>flatMap(changes -> changes)
                .toList();
    }

    private static Stream<Person> people(LocalDate today) {
        var early = new WorkingHours(
                EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.WEDNESDAY), LocalTime.of(7, 30), LocalTime.of(15, 30));
        return Stream.of(
                new Person(
                        DemoWorkshop.PERSON,
                        Set.of(Skill.STRIPPING, Skill.PATTERNS, Skill.CUTTING, Skill.CARPETS),
                        WorkingHours.USUAL,
                        List.of()),
                new Person(
                        "Bram",
                        Set.of(Skill.BOARDS, Skill.COLOUR, Skill.STRIPPING, Skill.CARPETS),
                        WorkingHours.USUAL,
                        List.of(new DaysOff(today.plusDays(13), today.plusDays(17), ""))),
                new Person("Ivo", Set.of(Skill.SEWING, Skill.PATTERNS), early, List.of()));
    }

    /** Nothing loud after eight; a workshop that is a little cool in April. */
    private static final Limits LIMITS =
            new Limits(new Limits.Daily(LocalTime.of(7, 0), LocalTime.of(20, 0)), Limits.Daily.ALWAYS, 18, 0);

    /** The spray place has one slot an evening: the neighbours’ washing is in by then. */
    private static Stream<Place> places() {
        var evening = new WorkingHours(
                EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY), LocalTime.of(18, 0), LocalTime.of(20, 30));
        return Stream.of(
                new Place("long bench", Place.Kind.BENCH, 2, 1, 0, 0),
                new Place("walking foot", Place.Kind.SEWING_MACHINE, 1, 1, 0, 0),
                new Place("post bed", Place.Kind.SEWING_MACHINE, 1, 1, 0, 0),
                new Place("cutting table", Place.Kind.CUTTING_TABLE, 1, 2, 3200, 1600),
                new Place("spray place", Place.Kind.SPRAY_PLACE, 1, 9, 0, 0, List.of(evening)),
                new Place("car place", Place.Kind.CAR_PLACE, 3, 2, 0, 0));
    }

    private static Stream<YardChange> goods() {
        return Stream.<GoodsChange>of(
                        new SupplierSaid("", new Supplier(FELL, "by telephone, mornings", "hides, thread, dye", 9, 14)),
                        new SupplierSaid("", new Supplier(MILL, "by letter", "carpet, wool cloth, headlining", 16, 28)),
                        new MaterialSaid("", new Material(SelkieJob.HIDE, Matter.LEATHER, 1.2, FELL)),
                        new MaterialSaid("", new Material("sage carpet", Matter.CARPET, 8, MILL)),
                        new MaterialSaid("", new Material("striped wool", Matter.CLOTH, 1.4, MILL)),
                        new TinCounted(
                                "", new Tin("contact adhesive, 500 ml", Tin.Use.ADHESIVE, 4, 0.3, "C 114", FELL)),
                        new TinCounted("", new Tin("leather cleaner", Tin.Use.CLEANER, 2, 0.6, "", FELL)),
                        new TinCounted("", new Tin("leather filler", Tin.Use.FILLER, 1, 0.5, "", FELL)),
                        new TinCounted("", new Tin("flexible primer, 400 ml", Tin.Use.PRIMER, 3, 0, "", FELL)))
                .map(OfGoods::new);
    }

    private static Stream<YardChange> house() {
        var prices = new EnumMap<Matter, Double>(PriceList.USUAL.perSquareMetre());
        prices.put(Matter.LEATHER, 96.0);
        prices.put(Matter.CARPET, 44.5);
        return Stream.<HouseChange>of(
                        new PricesHeld(new PriceList(48, 1, prices)),
                        new WayHeld(HouseWay.KEEP_OLD_AS_PATTERN, true),
                        new SchoolHeld(School.ONE_SIDE))
                .map(OfHouse::new);
    }
}
