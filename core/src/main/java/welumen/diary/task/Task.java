package welumen.diary.task;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import welumen.cabin.PartId;
import welumen.schedule.Effort;
import welumen.yard.Place;

/**
 * Something that is still to be done on one car, or waited for.
 *
 * @param id what it is, the same as long as it is open: “put-back:left-sill-cover”
 * @param what on what, in words: “the left sill cover”, or what is awaited
 * @param effort hours of work; none of what is waited for
 * @param hands how many people at once
 * @param fails in what share it must be done once more
 * @param promised the day on which somebody has said that it will be there
 * @param othersDays how many working days others take, from when they can begin; where a day is promised, it holds
 * @param fixed when it begins, where somebody has said so; not before
 * @param notBefore before when it cannot be begun, since what it needs is elsewhere until then
 * @param chance what it risks, where it has only one chance
 * @param bring what one takes along, in words
 * @param after what it waits for
 * @param keepsWaiting how many other tasks wait for it, one behind the other included
 */
public record Task(
        String id,
        TaskKind kind,
        Optional<PartId> part,
        String what,
        Effort effort,
        int hands,
        double fails,
        Optional<LocalDate> promised,
        int othersDays,
        Optional<LocalDateTime> fixed,
        Optional<LocalDateTime> notBefore,
        Optional<OneChance> chance,
        List<String> bring,
        List<After> after,
        int keepsWaiting) {
    /** What the id of one begins with that somebody has added. */
    public static final String OWN = "own:";

    /** What the id of one begins with that prepares and hangs a load, and that sprays it; its number follows. */
    public static final String PREPARE_LOAD = "prepare-load:";

    public static final String SPRAY_LOAD = "spray-load:";

    public Task {
        bring = List.copyOf(bring);
        after = List.copyOf(after);
        if (hands < 1) throw new IllegalArgumentException("[%s] is done by nobody.".formatted(id));
    }

    /** Whether somebody can take it up now. */
    public boolean canBegin() {
        return after.isEmpty() && !kind.isWait();
    }

    /** “put back the left sill cover”; of a wait, what is awaited. */
    public String said() {
        return kind.isWait() || isOwn() ? what : kind.word() + " " + what;
    }

    /** Whether somebody has added it, in their own words. */
    public boolean isOwn() {
        return id.startsWith(OWN);
    }

    /** Whether it was ordered or sent out and is on its way: a parcel, not a gate that somebody holds. */
    public boolean isOnItsWay() {
        return kind.isWait() && isParcel(id);
    }

    /** Whether it is a load of small pieces, or fits them; a test card, or a surface on its way through its coats. */
    public boolean isOfTheFinishBench() {
        return id.startsWith(PREPARE_LOAD)
                || id.startsWith(SPRAY_LOAD)
                || id.equals("fit-pieces")
                || id.startsWith("spray-card:")
                || id.startsWith("coat:");
    }

    /** Whether an id is that of something that is ordered or sent out. */
    public static boolean isParcel(String id) {
        return id.startsWith("order:") || id.startsWith("fixings:") || id.startsWith("send-out:");
    }

    /** Whether it is done in the car itself. */
    public boolean isInTheCar() {
        return kind.place().filter(place -> place == Place.Kind.CAR_PLACE).isPresent();
    }

    /** Hours of work as a rule. */
    public double hours() {
        return effort.likely().toSeconds() / 3600.0;
    }

    /** The same where somebody has promised another day. */
    public Task promised(Optional<LocalDate> day) {
        return with(day, after, keepsWaiting);
    }

    /** The same where what it waits for takes so many working days at the most. */
    public Task withinDays(String before, int workingDays) {
        var sooner = after.stream()
                .map(one -> one.task().equals(before) && one.workingDays() > workingDays
                        ? new After(one.task(), one.why(), one.said(), one.cures(), workingDays)
                        : one)
                .toList();
        return with(promised, sooner, keepsWaiting);
    }

    public Task keeping(int waiting) {
        return with(promised, after, waiting);
    }

    private Task with(Optional<LocalDate> day, List<After> waits, int waiting) {
        return new Task(
                id,
                kind,
                part,
                what,
                effort,
                hands,
                fails,
                day,
                othersDays,
                fixed,
                notBefore,
                chance,
                bring,
                waits,
                waiting);
    }
}
