package welumen.schedule;

import java.time.LocalDateTime;

/** When an activity starts and ends. */
public record Booking(String id, LocalDateTime start, LocalDateTime end) {}
