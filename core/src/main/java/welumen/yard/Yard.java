package welumen.yard;

import java.util.Currency;
import java.util.UUID;
import welumen.measure.Length;
import welumen.yard.CarFile.Standing.InWork;
import welumen.yard.CrewChange.PersonSaid;

/** The workshop: its people and places, its cars, its stock, its prices and ways, its clocks. The fold of its changes. */
public record Yard(
        String name,
        Counting counting,
        Crew crew,
        Garage garage,
        StockBook stock,
        Goods goods,
        House house,
        YardClocks clocks) {
    /** In what money is counted, and in what lengths are said. */
    public record Counting(Currency currency, Length.Style lengths) {
        public static final Counting USUAL = new Counting(Currency.getInstance("GBP"), Length.Style.METRIC);
    }

    public static final Yard EMPTY = new Yard(
            "", Counting.USUAL, Crew.NOBODY, Garage.EMPTY, StockBook.EMPTY, Goods.NONE, House.UNSAID, YardClocks.NONE);

    /** The stream in which every workshop keeps its own entries. */
    public static final UUID STREAM = new UUID(0, 1);

    /** @throws RuntimeException what one of its parts throws for a change that cannot follow; the message says why */
    public Yard after(YardChange change) {
        return switch (change) {
            case YardChange.WorkshopNamed(var newName) ->
                new Yard(newName, counting, crew, garage, stock, goods, house, clocks);
            case YardChange.CountedIn(var currency, var lengths) ->
                new Yard(name, new Counting(currency, lengths), crew, garage, stock, goods, house, clocks);
            case YardChange.PersonJoined(var person) -> with(crew.after(new PersonSaid("", new Person(person))));
            case YardChange.OfCrew(var inner) -> with(crew.after(inner));
            case YardChange.JobOpened(var job, var title, var note) ->
                with(garage.and(new CarFile(job, title, note, new InWork())));
            case YardChange.OfCars(var inner) -> with(garage.after(inner));
            case YardChange.StockTakenIn(var more) -> with(stock.taken(more));
            case YardChange.OfStock(var inner) -> with(stock.after(inner, garage));
            case YardChange.OfGoods(var inner) ->
                new Yard(name, counting, crew, garage, stock, goods.after(inner), house, clocks);
            case YardChange.OfHouse(var inner) ->
                new Yard(name, counting, crew, garage, stock, goods, house.after(inner), clocks);
            case YardChange.OnTheRail(var inner, var car) ->
                new Yard(name, counting, crew, garage, stock, goods, house, clocks.after(inner, car));
            case YardChange.AllOf(var changes) -> {
                var next = this;
                for (var each : changes) next = next.after(each);
                yield next;
            }
        };
    }

    /** How long cures what it works with, at the temperature it has. */
    public Products products() {
        return Products.of(goods, crew.limits());
    }

    private Yard with(Crew next) {
        return new Yard(name, counting, next, garage, stock, goods, house, clocks);
    }

    private Yard with(Garage next) {
        return new Yard(name, counting, crew, next, stock, goods, house, clocks);
    }

    private Yard with(StockBook next) {
        return new Yard(name, counting, crew, garage, next, goods, house, clocks);
    }
}
