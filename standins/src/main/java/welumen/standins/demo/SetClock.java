package welumen.standins.demo;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;

/** A clock that is set by hand, to write down what happened on other days. */
final class SetClock extends Clock {
    private Instant now;

    SetClock(Instant start) {
        now = start;
    }

    void set(Instant newNow) {
        now = newNow;
    }

    @Override
    public Instant instant() {
        return now;
    }

    @Override
    public ZoneId getZone() {
        return DemoDay.ZONE;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        throw new UnsupportedOperationException("The demo has one zone.");
    }
}
