package welumen.yard;

import welumen.intake.HouseWay;
import welumen.intake.Question;
import welumen.intake.School;
import welumen.treatment.PriceList;

/** What is said of all cars at once. */
public sealed interface HouseChange {
    record PricesHeld(PriceList prices) implements HouseChange {}

    record WayHeld(HouseWay way, boolean taken) implements HouseChange {}

    /** In place of what answered the same question before. */
    record SchoolHeld(School school) implements HouseChange {}

    record SchoolLeftOpen(Question question) implements HouseChange {}
}
