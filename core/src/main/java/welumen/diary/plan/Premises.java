package welumen.diary.plan;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import welumen.diary.task.TaskKind;
import welumen.schedule.OpenHours;
import welumen.schedule.Resource;
import welumen.yard.Crew;
import welumen.yard.Limits;
import welumen.yard.Place;
import welumen.yard.WorkingHours;

/** What the premises allow, as what activities use: how many of each place and when, loud hours, shade, the lines' load. */
final class Premises {
    private static final String LOUD = "loud hours";
    private static final String SHADE = "shade";
    private static final String LINES = "lines";

    /** As many as nobody counts. */
    private static final int ANY = 99;

    /** Of a kilowatt the lines' load is counted in. */
    private static final int PARTS = 2;

    /** Hours of a limit that leave less than this of the day's work are not kept to: nothing would ever be done. */
    private static final Duration LEAST = Duration.ofMinutes(30);

    private final Map<Place.Kind, Integer> counts = new EnumMap<>(Place.Kind.class);
    private final Map<Place.Kind, OpenHours> hours = new EnumMap<>(Place.Kind.class);
    private final Map<String, Resource> limits = new HashMap<>();
    private final int lines;

    /** @param people when anybody is there */
    Premises(Crew crew, OpenHours people) {
        var places = crew.places().all();
        for (var kind : Place.Kind.values()) {
            var some = places.stream().filter(place -> place.kind() == kind).toList();
            if (some.isEmpty() || kind == Place.Kind.CAR_PLACE) continue;
            counts.put(kind, some.stream().mapToInt(Premises::takes).sum());
            // where one of them can be used at any time, the kind can
            if (some.stream().noneMatch(place -> place.slots().isEmpty()))
                hours.put(
                        kind,
                        span(some.stream()
                                .flatMap(place -> place.slots().stream())
                                .toList()));
        }
        var all = crew.limits();
        lines = (int) (all.kilowatts() * PARTS);
        if (lines > 0) limits.put(LINES, new Resource(LINES, lines));
        limit(LOUD, all.loud(), people);
        limit(SHADE, all.shade(), people);
    }

    /** A load of the spray place is one thing at a time, however many hang in it. */
    private static int takes(Place place) {
        return place.kind() == Place.Kind.SPRAY_PLACE ? place.count() : place.count() * place.holds();
    }

    /** From the first that opens to the last that closes, on every day on which one does. */
    private static OpenHours span(List<WorkingHours> slots) {
        Set<DayOfWeek> days =
                slots.stream().flatMap(slot -> slot.days().stream()).collect(Collectors.toSet());
        var from = slots.stream()
                .map(WorkingHours::from)
                .min(Comparator.naturalOrder())
                .orElseThrow();
        var until = slots.stream()
                .map(WorkingHours::until)
                .max(Comparator.naturalOrder())
                .orElseThrow();
        return new OpenHours(days, Rooms.quarter(from), Duration.between(Rooms.quarter(from), until));
    }

    private void limit(String name, Limits.Daily daily, OpenHours people) {
        var when = new OpenHours(EnumSet.allOf(DayOfWeek.class), Rooms.quarter(daily.from()), daily.length());
        if (!daily.isAlways() && meets(when, people)) limits.put(name, new Resource(name, ANY, Optional.of(when)));
    }

    /** A limit that leaves nothing of a place's own hours is not kept to: else nothing would ever be done there. */
    private boolean isKept(String limit, TaskKind kind) {
        var when = Optional.ofNullable(limits.get(limit)).flatMap(Resource::hours);
        return when.isPresent()
                && kind.place()
                        .flatMap(place -> Optional.ofNullable(hours.get(place)))
                        .map(slot -> meets(slot, when.get()))
                        .orElse(true);
    }

    /** Whether both are open for a while on some day of the week. */
    private static boolean meets(OpenHours one, OpenHours other) {
        return both(one, other).compareTo(LEAST) >= 0;
    }

    /** How long of a day both are open; not at all where they have no day in common. */
    private static Duration both(OpenHours one, OpenHours other) {
        if (one.days().stream().noneMatch(other.days()::contains)) return Duration.ZERO;
        var from = later(one.opens(), other.opens()).toSecondOfDay();
        var until = Math.min(closes(one), closes(other));
        return Duration.ofSeconds(Math.max(0, until - from));
    }

    private static LocalTime later(LocalTime one, LocalTime other) {
        return one.isAfter(other) ? one : other;
    }

    private static long closes(OpenHours hours) {
        return hours.opens().toSecondOfDay() + hours.open().toSeconds();
    }

    /** Whether a place is open mostly when nobody is here who could work there: somebody stays for it. */
    boolean isAfterHours(Place.Kind kind, OpenHours people) {
        return Optional.ofNullable(hours.get(kind))
                .filter(when -> both(when, people).multipliedBy(2).compareTo(when.open()) < 0)
                .isPresent();
    }

    Stream<Resource> all() {
        return Stream.concat(
                counts.entrySet().stream()
                        .map(place -> new Resource(
                                place.getKey().name(),
                                place.getValue(),
                                Optional.ofNullable(hours.get(place.getKey())))),
                limits.values().stream().sorted(Comparator.comparing(Resource::id)));
    }

    /** What a kind of task uses, but for the people and the car. */
    Map<String, Integer> uses(TaskKind kind) {
        var uses = new HashMap<String, Integer>();
        kind.place().filter(counts::containsKey).ifPresent(place -> uses.put(place.name(), 1));
        if (kind.isLoud() && isKept(LOUD, kind)) uses.put(LOUD, 1);
        if (kind.wantsShade() && isKept(SHADE, kind)) uses.put(SHADE, 1);
        var load = Math.min(lines, (int) Math.ceil(kind.kilowatts() * PARTS));
        if (load > 0) uses.put(LINES, load);
        return uses;
    }
}
