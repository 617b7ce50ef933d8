package welumen.files.plan;

import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import welumen.diary.plan.DayLine;

/**
 * The days for whatever keeps people's calendars (RFC 5545). A task has one id as long as it is open, so that reading the
 * file again moves it instead of doubling it.
 */
public final class DaysCalendar {
    private DaysCalendar() {}

    /** @param made when the file is made */
    public static String write(List<DayLine> lines, ZoneId zone, Instant made) {
        var calendar = new Calendar();
        calendar.add(new ProdId("-//Welumen//Diary//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        for (var line : lines) if (line.end().isAfter(line.start())) calendar.add(event(line, zone, made));
        return calendar.toString();
    }

    private static VEvent event(DayLine line, ZoneId zone, Instant made) {
        var event = new VEvent(false);
        event.add(new Uid(line.id().replace('/', '.').replace(':', '.') + "@welumen"));
        event.add(new DtStamp(made));
        event.add(new DtStart<>(line.start().atZone(zone).toInstant()));
        event.add(new DtEnd<>(line.end().atZone(zone).toInstant()));
        event.add(new Summary("%s · %s".formatted(line.what(), line.car())));
        event.add(new Description(line.who().isEmpty() ? "" : "By " + String.join(" and ", line.who())));
        return event;
    }
}
