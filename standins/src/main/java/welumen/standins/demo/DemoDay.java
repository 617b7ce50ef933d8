package welumen.standins.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;

/** The day on which the demo stands, and a clock that starts there at seven minutes to three and ticks. */
public final class DemoDay {
    public static final LocalDate USUAL = LocalDate.of(2026, 4, 14);

    /** Summer time of an invented country. */
    public static final ZoneId ZONE = ZoneOffset.ofHours(1);

    private static final LocalTime STARTS = LocalTime.of(14, 53);

    private DemoDay() {}

    public static Instant start(LocalDate day) {
        return day.atTime(STARTS).atZone(ZONE).toInstant();
    }

    /** A clock that shows the demo's start now, and goes on from there. */
    public static Clock clock(LocalDate day) {
        return clock(day, Instant.MIN);
    }

    /** One that shows no earlier moment than when somebody last worked in the demo, so that time never runs backwards. */
    public static Clock clock(LocalDate day, Instant last) {
        var real = Clock.system(ZONE);
        var start = start(day).isBefore(last) ? last : start(day);
        return Clock.offset(real, Duration.between(real.instant(), start));
    }
}
