package welumen.job;

import java.util.UUID;
import welumen.cut.Stock;

/** Whatever can happen to the workshop itself. */
public sealed interface WorkshopChange {
    record WorkshopNamed(String name) implements WorkshopChange {}

    record PersonJoined(String name) implements WorkshopChange {}

    /** @param note what to know of it; empty for a whole job */
    record JobOpened(UUID job, String title, String note) implements WorkshopChange {}

    /** A hide or a roll came into the stores. */
    record StockTakenIn(Stock stock) implements WorkshopChange {}
}
