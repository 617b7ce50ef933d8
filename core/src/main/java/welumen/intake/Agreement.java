package welumen.intake;

import java.time.LocalDate;
import welumen.measure.Money;

/** What was agreed with the customer: the standard, the budget, and the day on which the car is due. */
public record Agreement(Standard standard, Money budget, LocalDate due) {}
