package welumen.files.plan;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import welumen.files.json.BadFile;
import welumen.files.json.JsonPlace;
import welumen.schedule.Activity;
import welumen.schedule.Effort;
import welumen.schedule.Link;
import welumen.schedule.OpenHours;
import welumen.schedule.Resource;
import welumen.schedule.ScheduleProblem;

/** Reads {@code welumen-plan-problem/1}. Members that it does not know are passed over. */
public final class PlanProblemReader {
    public static final String FORMAT = "welumen-plan-problem/1";

    private static final LocalTime OPENS = LocalTime.of(8, 0);
    private static final double MOST_HOURS_A_DAY = 16;
    private static final double MOST_HOURS = 100_000;

    private PlanProblemReader() {}

    /** @throws BadFile naming the place of the first thing that is wrong */
    public static ScheduleProblem read(String text) throws BadFile {
        var file = JsonPlace.of(text);
        var format = file.at("format").text();
        if (!format.equals(FORMAT)) throw file.at("format").wrong("is “%s”, not “%s”.".formatted(format, FORMAT));
        var resources = new ArrayList<Resource>();
        for (var place : file.items("resources"))
            resources.add(new Resource(place.name("id"), place.whole("count", 1, 10_000, 1)));
        var activities = new ArrayList<Activity>();
        for (var place : file.at("tasks").items()) activities.add(activity(place));
        Optional<LocalDate> due = file.has("due") ? Optional.of(day(file.at("due"))) : Optional.empty();
        try {
            return new ScheduleProblem(day(file.at("start")), due, hours(file), resources, activities);
        } catch (IllegalArgumentException fault) {
            throw new BadFile("/tasks: " + fault.getMessage());
        }
    }

    private static OpenHours hours(JsonPlace file) throws BadFile {
        var hours = file.number("hoursPerDay", 8);
        if (!(hours > 0 && hours <= MOST_HOURS_A_DAY))
            throw file.at("hoursPerDay").wrong("is %s; a working day has up to 16 hours.".formatted(hours));
        return new OpenHours(days(file), OPENS, Duration.ofSeconds(Math.round(hours * 3600)));
    }

    private static Set<DayOfWeek> days(JsonPlace file) throws BadFile {
        if (!file.has("days")) return EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY);
        var days = EnumSet.noneOf(DayOfWeek.class);
        for (var place : file.at("days").items()) days.add(dayOfWeek(place));
        if (days.isEmpty()) throw file.at("days").wrong("lists no day.");
        return days;
    }

    private static DayOfWeek dayOfWeek(JsonPlace place) throws BadFile {
        for (var day : DayOfWeek.values()) if (day.name().substring(0, 3).equals(place.text())) return day;
        throw place.wrong("is “%s”; a day is “MON” to “SUN”.".formatted(place.text()));
    }

    private static Activity activity(JsonPlace place) throws BadFile {
        var links = new ArrayList<Link>();
        for (var link : place.items("after")) links.add(link(link));
        Optional<LocalDateTime> notBefore =
                place.has("notBefore") ? Optional.of(day(place.at("notBefore")).atStartOfDay()) : Optional.empty();
        return new Activity(place.name("id"), effort(place.at("hours")), uses(place), links, notBefore);
    }

    private static Map<String, Integer> uses(JsonPlace place) throws BadFile {
        if (!place.has("uses")) return Map.of();
        var uses = new HashMap<String, Integer>();
        for (var name : place.at("uses").names()) {
            var amount = place.at("uses").whole(name, 0, 10_000, 0);
            if (amount > 0) uses.put(name, amount);
        }
        return uses;
    }

    private static Effort effort(JsonPlace place) throws BadFile {
        var hours = new ArrayList<Double>();
        for (var one : place.items()) hours.add(one.number());
        if (hours.size() != 3 || hours.getFirst() < 0 || !isRising(hours) || hours.getLast() > MOST_HOURS)
            throw place.wrong("is not three hours, low, likely and high, rising from nought.");
        return Effort.ofHours(hours.get(0), hours.get(1), hours.get(2));
    }

    private static boolean isRising(List<Double> hours) {
        return hours.get(0) <= hours.get(1) && hours.get(1) <= hours.get(2);
    }

    private static Link link(JsonPlace place) throws BadFile {
        var wait = place.amount("wait", 0);
        if (wait > MOST_HOURS) throw place.at("wait").wrong("is %s hours, over eleven years.".formatted(wait));
        var clock = place.text("clock", "wall");
        var by = switch (clock) {
            case "wall" -> Link.By.WALL;
            case "work" -> Link.By.WORK;
            default -> throw place.at("clock").wrong("is “%s”; it is “wall” or “work”.".formatted(clock));
        };
        return new Link(place.name("task"), Duration.ofSeconds((long) Math.ceil(wait * 3600 - 1e-6)), by);
    }

    private static LocalDate day(JsonPlace place) throws BadFile {
        try {
            return LocalDate.parse(place.text());
        } catch (DateTimeException fault) {
            throw place.wrong("is “%s”; a day is written 2026-03-02.".formatted(place.text()));
        }
    }
}
