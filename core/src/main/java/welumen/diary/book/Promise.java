package welumen.diary.book;

import java.time.LocalDate;

/**
 * The last word on when something will be there.
 *
 * @param by who gave it; may be empty
 * @param said the day on which it was given
 */
public record Promise(LocalDate day, String by, LocalDate said) {}
