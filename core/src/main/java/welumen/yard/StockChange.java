package welumen.yard;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import welumen.cut.stock.Stock;

/** What happens to what is cut from. */
public sealed interface StockChange {
    /** It came in, bought for a car; any other may be cut from it all the same. */
    record BoughtFor(Stock stock, UUID car) implements StockChange {}

    /** It was found otherwise than it was known: other flaws, grades, lot, size or cost. */
    record FoundSo(Stock stock) implements StockChange {}

    /** It is called otherwise. */
    record CalledSo(String was, String now) implements StockChange {}

    /** It is here no more: sent back, sold, spoilt or thrown away. */
    record Gone(String stock, String why) implements StockChange {}

    /** All that was laid on it was cut for a car. */
    record CutFor(String stock, UUID car, List<Stock> offcuts, LocalDate day) implements StockChange {
        public CutFor {
            offcuts = List.copyOf(offcuts);
        }
    }
}
