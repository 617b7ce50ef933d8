package welumen.yard;

import java.util.Currency;
import java.util.List;
import java.util.UUID;
import welumen.clock.ClockChange;
import welumen.cut.stock.Stock;
import welumen.measure.Length;

/** Whatever can happen to the workshop itself. */
public sealed interface YardChange {
    record WorkshopNamed(String name) implements YardChange {}

    /** In what money is counted, and in what lengths are said. */
    record CountedIn(Currency currency, Length.Style lengths) implements YardChange {}

    /** Somebody of whom only the name is known. */
    record PersonJoined(String name) implements YardChange {}

    /** @param note what to know of it; empty for a whole job */
    record JobOpened(UUID job, String title, String note) implements YardChange {}

    /** A hide or a roll came into the stores, for no car in particular. */
    record StockTakenIn(Stock stock) implements YardChange {}

    record OfCars(CarsChange change) implements YardChange {}

    record OfStock(StockChange change) implements YardChange {}

    record OfGoods(GoodsChange change) implements YardChange {}

    record OfCrew(CrewChange change) implements YardChange {}

    record OfHouse(HouseChange change) implements YardChange {}

    /** @param car the log of the car on which the clock runs */
    record OnTheRail(ClockChange change, UUID car) implements YardChange {}

    /** Several things that are one action, taken back together. */
    record AllOf(List<YardChange> changes) implements YardChange {
        /** @throws IllegalArgumentException if there are none: nothing is no action */
        public AllOf {
            changes = List.copyOf(changes);
            if (changes.isEmpty()) throw new IllegalArgumentException("An action of nothing is none.");
        }

        /** One change by itself, several as one action. */
        public static YardChange of(List<? extends YardChange> changes) {
            return changes.size() == 1 ? changes.getFirst() : new AllOf(List.copyOf(changes));
        }
    }
}
