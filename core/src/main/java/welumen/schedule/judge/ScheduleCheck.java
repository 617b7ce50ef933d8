package welumen.schedule.judge;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import welumen.schedule.Activity;
import welumen.schedule.Booking;
import welumen.schedule.Link;
import welumen.schedule.OpenHours;
import welumen.schedule.Resource;
import welumen.schedule.ScheduleProblem;

/**
 * Says what is wrong with a schedule, day by day on the calendar, by the problem alone. It shares nothing with what makes
 * schedules but the problem's own records.
 */
public final class ScheduleCheck {
    private final ScheduleProblem problem;
    private final Map<String, Booking> bookings = new HashMap<>();
    private final List<String> faults = new ArrayList<>();

    private ScheduleCheck(ScheduleProblem problem) {
        this.problem = problem;
    }

    /** In words; empty where it is valid. */
    public static List<String> faults(ScheduleProblem problem, List<Booking> bookings) {
        var check = new ScheduleCheck(problem);
        check.once(bookings);
        if (check.faults.isEmpty()) check.all();
        return check.faults;
    }

    private void once(List<Booking> all) {
        for (var booking : all) if (bookings.put(booking.id(), booking) != null) fault(booking.id(), "is booked twice");
        for (var activity : problem.activities())
            if (!bookings.containsKey(activity.id())) fault(activity.id(), "is not booked");
        if (bookings.size() > problem.activities().size()) faults.add("something is booked that is no task");
    }

    private void all() {
        for (var activity : problem.activities()) {
            hours(activity);
            links(activity);
        }
        problem.resources().forEach(this::amounts);
        for (var wish : problem.wishes())
            if (booking(wish.id()).start().isBefore(wish.start())) fault(wish.id(), "starts before it was said to");
    }

    private Booking booking(String id) {
        var booking = bookings.get(id);
        if (booking == null) throw new IllegalStateException("[%s] is not booked.".formatted(id));
        return booking;
    }

    private void hours(Activity activity) {
        var booking = booking(activity.id());
        var start = booking.start();
        var hours = hoursOf(activity);
        if (start.getMinute() % 15 != 0 || start.getSecond() != 0 || start.getNano() != 0)
            fault(activity.id(), "does not start at a quarter of an hour");
        if (start.toLocalDate().isBefore(problem.start())) fault(activity.id(), "starts before the first day");
        var opens = opens(hours, start.toLocalDate());
        var closes = closes(hours, start.toLocalDate());
        if (start.isBefore(opens) || !start.isBefore(closes)) {
            fault(activity.id(), "starts at a closed hour");
            return;
        }
        var end = worked(hours, start, activity.effort().likely());
        if (!end.equals(booking.end())) fault(activity.id(), "ends at %s, not at %s".formatted(booking.end(), end));
        if (activity.notBefore().filter(start::isBefore).isPresent()) fault(activity.id(), "starts too early");
    }

    private List<OpenHours> hoursOf(Activity activity) {
        var own = problem.resources().stream()
                .filter(resource -> activity.uses().containsKey(resource.id()))
                .flatMap(resource -> resource.hours().stream())
                .toList();
        return own.isEmpty() ? List.of(problem.hours()) : own;
    }

    private static LocalDateTime opens(List<OpenHours> hours, LocalDate day) {
        return hours.stream()
                .map(each -> day.atTime(each.opens()))
                .reduce((a, b) -> a.isAfter(b) ? a : b)
                .orElseThrow();
    }

    /** Not after it opens where it is closed that day. */
    private static LocalDateTime closes(List<OpenHours> hours, LocalDate day) {
        if (!hours.stream().allMatch(each -> each.isOpenOn(day))) return opens(hours, day);
        return hours.stream()
                .map(each -> day.atTime(each.opens()).plus(each.open()))
                .reduce((a, b) -> a.isBefore(b) ? a : b)
                .orElseThrow();
    }

    private static LocalDateTime worked(List<OpenHours> hours, LocalDateTime start, Duration work) {
        var left = work;
        for (var at = start; ; ) {
            var closes = closes(hours, at.toLocalDate());
            var today = Duration.between(at, closes);
            if (left.compareTo(today) <= 0) return at.plus(left);
            if (!today.isNegative()) left = left.minus(today);
            at = opens(hours, at.toLocalDate().plusDays(1));
        }
    }

    private void links(Activity activity) {
        var start = booking(activity.id()).start();
        for (var link : activity.after()) {
            var end = booking(link.before()).end();
            var gone = link.by() == Link.By.WALL ? Duration.between(end, start) : open(end, start);
            if (start.isBefore(end) || gone.compareTo(link.delay()) < 0)
                fault(activity.id(), "starts too soon after “%s”".formatted(link.before()));
        }
    }

    /** How long the shop is open between two times. */
    private Duration open(LocalDateTime from, LocalDateTime to) {
        var hours = List.of(problem.hours());
        var open = Duration.ZERO;
        for (var day = from.toLocalDate(); !day.isAfter(to.toLocalDate()); day = day.plusDays(1)) {
            var opens = opens(hours, day);
            var closes = closes(hours, day);
            var span = Duration.between(opens.isBefore(from) ? from : opens, closes.isAfter(to) ? to : closes);
            if (!span.isNegative()) open = open.plus(span);
        }
        return open;
    }

    private void amounts(Resource resource) {
        var changes = new TreeMap<LocalDateTime, Integer>();
        for (var activity : problem.activities()) {
            var amount = activity.uses().getOrDefault(resource.id(), 0);
            var booking = booking(activity.id());
            if (!booking.start().isBefore(booking.end())) continue;
            changes.merge(booking.start(), amount, Integer::sum);
            changes.merge(booking.end(), -amount, Integer::sum);
        }
        for (var absence : resource.absences()) {
            changes.merge(absence.from(), absence.fewer(), Integer::sum);
            changes.merge(absence.until(), -absence.fewer(), Integer::sum);
        }
        var used = 0;
        for (var change : changes.entrySet()) {
            used += change.getValue();
            if (used > resource.count()) {
                faults.add("%d of %s are used at %s, of which there are %d"
                        .formatted(used, resource.id(), change.getKey(), resource.count()));
                return;
            }
        }
    }

    private void fault(String id, String what) {
        faults.add("“%s” %s".formatted(id, what));
    }
}
