package welumen.schedule;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/** Problems such as a shop with a few cars has them, drawn by chance. */
public final class AnyProblem {
    public static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
    public static final Set<DayOfWeek> WEEKDAYS = EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY);
    public static final OpenHours EIGHT_TO_FOUR = new OpenHours(WEEKDAYS, LocalTime.of(8, 0), Duration.ofHours(8));

    private static final int[] WAITS = {0, 0, 0, 1, 3, 12, 24, 24, 48};

    private final Random random;

    private AnyProblem(long seed) {
        random = new Random(seed);
    }

    /** @param ownHours whether some resources are there at hours of their own */
    public static ScheduleProblem of(long seed, int activities, boolean ownHours) {
        return new AnyProblem(seed).problem(activities, ownHours);
    }

    private ScheduleProblem problem(int count, boolean ownHours) {
        var hours = random.nextInt(4) == 0
                ? new OpenHours(
                        EnumSet.range(DayOfWeek.TUESDAY, DayOfWeek.SATURDAY),
                        LocalTime.of(8, 0),
                        Duration.ofMinutes(450))
                : EIGHT_TO_FOUR;
        var resources = new ArrayList<>(List.of(
                hands(1 + random.nextInt(3), ownHours),
                new Resource("sewing", 1, ownHours ? Optional.of(mondayToWednesday()) : Optional.empty()),
                new Resource("car", 2),
                new Resource("spray", 1, ownHours ? Optional.of(evenings()) : Optional.empty())));
        var all = new ArrayList<Activity>();
        for (var i = 0; i < count; i++) all.add(activity(i, resources.getFirst().count()));
        return new ScheduleProblem(MONDAY, Optional.empty(), hours, resources, all);
    }

    /** One of them is away for a day and a half. */
    private static Resource hands(int count, boolean ownHours) {
        var away =
                new Absence(MONDAY.plusDays(2).atTime(8, 0), MONDAY.plusDays(3).atTime(12, 0), 1);
        return new Resource("hands", count, Optional.empty(), ownHours ? List.of(away) : List.of());
    }

    private static OpenHours mondayToWednesday() {
        return new OpenHours(
                EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.WEDNESDAY), LocalTime.of(9, 0), Duration.ofHours(6));
    }

    private static OpenHours evenings() {
        return new OpenHours(WEEKDAYS, LocalTime.of(18, 0), Duration.ofMinutes(150));
    }

    private Activity activity(int i, int hands) {
        var likely = 0.25 * (1 + random.nextInt(16)) + (random.nextInt(5) == 0 ? 0.1 : 0);
        var uses = new HashMap<String, Integer>();
        switch (random.nextInt(6)) {
            case 0 -> uses.put("sewing", 1);
            case 1 -> uses.put("spray", 1);
            case 2 -> uses.put("car", 1);
            default -> {}
        }
        if (uses.isEmpty() || uses.containsKey("car")) uses.put("hands", 1 + random.nextInt(hands));
        var links = new ArrayList<Link>();
        var before = new HashSet<Integer>();
        for (var k = random.nextInt(3); k > 0 && i > 0; k--) before.add(Math.max(0, i - 1 - random.nextInt(12)));
        for (var one : before.stream().sorted().toList())
            links.add(new Link(
                    "t" + one,
                    Duration.ofMinutes(60L * WAITS[random.nextInt(WAITS.length)] + (random.nextInt(6) == 0 ? 10 : 0)),
                    random.nextInt(5) == 0 ? Link.By.WORK : Link.By.WALL));
        return new Activity(
                "t" + i,
                Effort.ofHours(likely * 0.7, likely, likely * 1.8),
                uses,
                links,
                random.nextInt(10) == 0
                        ? Optional.of(MONDAY.plusDays(random.nextInt(10)).atStartOfDay())
                        : Optional.empty());
    }
}
