package welumen.intake;

import java.time.LocalDate;
import java.util.Optional;
import welumen.measure.Money;

/** What somebody probably meant who typed what cannot be: it is asked about where it was typed, and offered to be confirmed. */
public final class Likely {
    private static final int FIRST_YEAR = 1886;
    private static final int CENTURY = 100;

    private Likely() {}

    /**
     * A question about what was typed.
     *
     * @param asks what is odd, as a question
     * @param meant what would be typed for what is likely; empty where nothing is
     */
    public record Doubt(String asks, String meant) {}

    /** Of the year of a car. */
    public static Optional<Doubt> year(int year, LocalDate today) {
        if (year >= FIRST_YEAR && year <= today.getYear() + 1) return Optional.empty();
        if (year >= 0 && year < CENTURY) {
            var century = today.getYear() / CENTURY * CENTURY;
            var meant = century + year > today.getYear() ? century - CENTURY + year : century + year;
            return Optional.of(new Doubt("The year %d: is %d meant?".formatted(year, meant), Integer.toString(meant)));
        }
        return Optional.of(new Doubt("No car is of the year %d. Type it as 1963.".formatted(year), ""));
    }

    /** Of the day on which a car is to be ready. */
    public static Optional<Doubt> due(LocalDate due, LocalDate today) {
        if (!due.isBefore(today)) return Optional.empty();
        var meant = due.withYear(today.getYear());
        if (meant.isBefore(today)) meant = meant.plusYears(1);
        return Optional.of(new Doubt("%s is past: is %s meant?".formatted(due, meant), meant.toString()));
    }

    /** Of what a job may cost. */
    public static Optional<Doubt> budget(Money budget) {
        if (budget.amount().signum() > 0) return Optional.empty();
        if (budget.amount().signum() == 0)
            return Optional.of(new Doubt("A job for nothing? Type what it may cost.", ""));
        var meant = new Money(budget.amount().negate(), budget.currency()).print();
        return Optional.of(new Doubt("A budget below nought: is %s meant?".formatted(meant), meant));
    }
}
