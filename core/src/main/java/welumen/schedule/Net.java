package welumen.schedule;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * A problem as arithmetic: activities by number in an order in which each stands behind those that it waits for, times in
 * seconds on the wall's clock from the first day's midnight.
 */
public final class Net {
    /** Ten years: whoever plans farther has mistyped. */
    private static final long MOST_DAYS = 3660;

    /** What should have ended by when. */
    public record End(int last, int due, int weight) {}

    /** Weights are whole in so many parts of one, so that sums are exact. */
    public static final int PARTS = 100;

    /** When something is wished to start, on the clock of {@link #any}. */
    public record Start(int activity, int open, int weight) {}

    /** Fewer of a resource, from a time until another. */
    public record Fewer(int from, int until, int by) {}

    /** A wait before an activity. */
    public record Arc(int before, int delay, Link.By by) {}

    private final ScheduleProblem problem;
    private final List<Activity> order;
    private final List<List<Arc>> into = new ArrayList<>();
    private final List<List<Integer>> out = new ArrayList<>();
    private final List<OpenTime> open = new ArrayList<>();
    private final int[][] uses;
    private final int[] counts;
    private final int[] release;
    private final OpenTime shop;
    private final List<End> goals;
    private final List<List<Fewer>> fewer;
    private final OpenTime any;
    private final List<Start> wishes;

    /** @throws IllegalArgumentException where something can never be done, or not within ten years */
    public Net(ScheduleProblem problem) {
        this.problem = problem;
        order = Precedence.order(problem.activities());
        var numbers = new HashMap<String, Integer>();
        for (var i = 0; i < order.size(); i++) {
            numbers.put(order.get(i).id(), i);
            out.add(new ArrayList<>());
        }
        var times = times();
        shop = Objects.requireNonNull(times.get(""));
        fewer = problem.resources().stream()
                .map(resource -> resource.absences().stream()
                        .map(absence -> new Fewer(seconds(absence.from()), seconds(absence.until()), absence.fewer()))
                        .filter(one -> one.until() > one.from())
                        .toList())
                .toList();
        counts = problem.resources().stream().mapToInt(Resource::count).toArray();
        uses = new int[order.size()][counts.length];
        release = new int[order.size()];
        for (var i = 0; i < order.size(); i++) {
            var activity = order.get(i);
            into.add(activity.after().stream()
                    .map(link -> new Arc(
                            Objects.requireNonNull(numbers.get(link.before())),
                            (int) link.delay().toSeconds(),
                            link.by()))
                    .toList());
            for (var arc : into.get(i)) out.get(arc.before()).add(i);
            for (var r = 0; r < counts.length; r++)
                uses[i][r] =
                        activity.uses().getOrDefault(problem.resources().get(r).id(), 0);
            open.add(open(activity, times));
            release[i] = activity.notBefore().map(this::seconds).orElse(0);
        }
        goals = problem.goals().stream()
                .map(goal -> new End(
                        Objects.requireNonNull(numbers.get(goal.last())), seconds(goal.due()), parts(goal.weight())))
                .toList();
        any = open.stream().distinct().reduce(shop, (a, b) -> a == b ? a : a.or(b));
        wishes = problem.wishes().stream()
                .map(wish -> wish(Objects.requireNonNull(numbers.get(wish.id())), wish))
                .toList();
    }

    /** It is not begun before. */
    private Start wish(int i, Wish wish) {
        release[i] = Math.max(release[i], seconds(wish.start()));
        return new Start(i, any.open(open.get(i).next(release[i])), parts(wish.weight()));
    }

    private static int parts(double weight) {
        return Math.max(1, (int) Math.round(weight * PARTS));
    }

    /** The shop's by no name, and those of each resource that has its own. */
    private Map<String, OpenTime> times() {
        var own = new ArrayList<>(List.of(problem.hours()));
        for (var resource : problem.resources()) resource.hours().ifPresent(own::add);
        var days = days(own);
        var times = new HashMap<String, OpenTime>();
        times.put("", OpenTime.of(problem.hours(), problem.start(), days));
        for (var resource : problem.resources())
            resource.hours().ifPresent(hours -> times.put(resource.id(), OpenTime.of(hours, problem.start(), days)));
        return times;
    }

    /** So many that all can be done one after the other, however long it takes. */
    private int days(List<OpenHours> hours) {
        var week = hours.stream()
                .mapToLong(each -> each.days().size() * each.open().toSeconds())
                .min()
                .orElseThrow();
        var work = 0L;
        var waits = 0L;
        var latest = problem.start().atStartOfDay();
        for (var activity : order) {
            work += activity.effort().high().toSeconds() + OpenTime.QUARTER;
            for (var link : activity.after())
                if (link.by() == Link.By.WORK) work += link.delay().toSeconds();
                else waits += link.delay().toSeconds();
            if (activity.notBefore().filter(latest::isBefore).isPresent())
                latest = activity.notBefore().get();
        }
        var off = hours.stream().mapToLong(each -> each.off().size()).sum();
        var days = 21
                + off
                + ChronoUnit.DAYS.between(problem.start(), latest.toLocalDate())
                + waits / Duration.ofDays(1).toSeconds()
                + 14 * (work / week + 1);
        if (days > MOST_DAYS) throw new IllegalArgumentException("That is more than ten years of work.");
        return (int) days;
    }

    private OpenTime open(Activity activity, Map<String, OpenTime> times) {
        var own = problem.resources().stream()
                .filter(resource -> activity.uses().containsKey(resource.id()))
                .filter(resource -> resource.hours().isPresent())
                .map(resource -> times.get(resource.id()))
                .reduce(OpenTime::and)
                .orElse(shop);
        if (own.isNever())
            throw new IllegalArgumentException(
                    "What “%s” uses is never there at the same time.".formatted(activity.id()));
        return own;
    }

    public ScheduleProblem problem() {
        return problem;
    }

    /** When anything can be worked on at all. */
    public OpenTime any() {
        return any;
    }

    public List<Start> wishes() {
        return wishes;
    }

    /** Whether anything can be missed. */
    public boolean wants() {
        return !goals.isEmpty() || !wishes.isEmpty();
    }

    /** By how many seconds of work, in {@link #PARTS} and by their weights, goals are late and wishes not kept. */
    public long missed(int[] starts) {
        var missed = 0L;
        for (var goal : goals) {
            var end = open(goal.last()).end(starts[goal.last()], likely(goal.last()));
            missed += (long) goal.weight() * Math.max(0, any.open(end) - any.open(goal.due()));
        }
        for (var wish : wishes)
            missed += (long) wish.weight() * Math.max(0, any.open(starts[wish.activity()]) - wish.open());
        return missed;
    }

    public List<End> goals() {
        return goals;
    }

    public int size() {
        return order.size();
    }

    public Activity activity(int i) {
        return order.get(i);
    }

    public List<Arc> into(int i) {
        return into.get(i);
    }

    /** The activities that wait for one. */
    public List<Integer> out(int i) {
        return out.get(i);
    }

    /** When an activity can be worked on. */
    public OpenTime open(int i) {
        return open.get(i);
    }

    public OpenTime shop() {
        return shop;
    }

    public int resources() {
        return counts.length;
    }

    public int count(int resource) {
        return counts[resource];
    }

    /** When there are fewer of a resource, and by how many. */
    public List<Fewer> fewer(int resource) {
        return fewer.get(resource);
    }

    /** How many of a resource one activity uses at the most. */
    public int mostUsed(int resource) {
        var most = 0;
        for (var each : uses) most = Math.max(most, each[resource]);
        return most;
    }

    public int uses(int i, int resource) {
        return uses[i][resource];
    }

    public int likely(int i) {
        return (int) order.get(i).effort().likely().toSeconds();
    }

    /** The usual work of each. */
    public int[] likely() {
        var all = new int[size()];
        for (var i = 0; i < all.length; i++) all[i] = likely(i);
        return all;
    }

    /** The earliest start that something lets through which ended at a time, before any resource is asked. */
    public int ready(int i, Arc arc, int end) {
        var from = arc.by() == Link.By.WALL ? end + arc.delay() : shop.after(end, Duration.ofSeconds(arc.delay()));
        return Math.max(from, release[i]);
    }

    /** The earliest start of an activity that waits for nothing. */
    public int release(int i) {
        return release[i];
    }

    public int seconds(LocalDateTime time) {
        return Math.clamp(ChronoUnit.SECONDS.between(problem.start().atStartOfDay(), time), 0, Integer.MAX_VALUE);
    }

    public LocalDateTime time(int seconds) {
        return problem.start().atStartOfDay().plusSeconds(seconds);
    }

    /**
     * A schedule of these starts.
     *
     * @param bound in seconds, before which none can end
     * @param leastMissed in parts, what any misses
     */
    public Schedule schedule(int[] starts, int bound, long leastMissed) {
        var bookings = new HashMap<String, Booking>();
        var last = 0;
        for (var i = 0; i < size(); i++) {
            var end = open(i).end(starts[i], likely(i));
            last = Math.max(last, end);
            bookings.put(activity(i).id(), new Booking(activity(i).id(), time(starts[i]), time(end)));
        }
        return new Schedule(
                problem.activities().stream()
                        .map(activity -> bookings.get(activity.id()))
                        .toList(),
                time(last),
                time(Math.min(bound, last)),
                Duration.ofSeconds(Math.ceilDiv(missed(starts), PARTS)),
                Duration.ofSeconds(Math.ceilDiv(Math.min(leastMissed, missed(starts)), PARTS)));
    }
}
