package welumen.schedule.planner;

import java.time.Duration;
import java.util.HashMap;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import welumen.schedule.Bound;
import welumen.schedule.Net;
import welumen.schedule.Order;
import welumen.schedule.Schedule;
import welumen.schedule.ScheduleProblem;
import welumen.schedule.Windows;
import welumen.schedule.exact.ConstraintModel;
import welumen.schedule.judge.ScheduleCheck;
import welumen.schedule.serial.EnergyBound;
import welumen.schedule.serial.SerialScheme;
import welumen.schedule.serial.SerialSearch;

/** Plans so that all ends as early as can be: something at once, better while it goes on, and a bound that is proven. */
public final class Planner {
    /** Orders that are tried before the long search, by the second and by the square of the activities: a seventh of the time. */
    private static final double ROUNDS = 1_400_000;

    private static final int MOST_ROUNDS = 2000;

    /** Of activities for the long search; more would not begin in time. */
    private static final int MOST = 600;

    /** Of the solver's own time in a second. */
    private static final double PATIENCE = 0.08;

    /** Seconds below which the long search is not begun: it would not come to anything. */
    private static final double LEAST = 0.2;

    /** The share of the time after which the bound by energy is halved no more. */
    private static final double ENERGY = 0.4;

    private Planner() {}

    /** As {@link #plan(ScheduleProblem, Optional, Duration, long, Consumer, BooleanSupplier)}, from nothing. */
    public static Schedule plan(
            ScheduleProblem problem, Duration time, long seed, Consumer<Schedule> better, BooleanSupplier stop) {
        return plan(problem, Optional.empty(), time, seed, better, stop);
    }

    /**
     * The best schedule that was found; equal problem, seed and time give the equal one, as long as the machine keeps up.
     *
     * @param last a plan of before, from which it goes on; of activities that are not in it nothing is known
     * @param better told each schedule that is better than the one before, on the caller's thread or the solver's
     * @throws IllegalArgumentException where something can never be done
     */
    public static Schedule plan(
            ScheduleProblem problem,
            Optional<Schedule> last,
            Duration time,
            long seed,
            Consumer<Schedule> better,
            BooleanSupplier stop) {
        var began = System.nanoTime();
        var seconds = time.toMillis() / 1000.0;
        var net = new Net(problem);
        var rounds = (int) Math.min(MOST_ROUNDS, ROUNDS * seconds / Math.max(1.0, (double) net.size() * net.size()));
        var least = new Bound(Windows.end(net), net.missed(Windows.earliest(net, net.likely())));
        var first = new SerialSearch(net, least)
                .best(
                        last.map(before -> starts(net, before)),
                        seed,
                        rounds,
                        starts -> better.accept(checked(net, starts, new Bound(0, 0))),
                        stop);
        var bound = net.missed(first) > least.missed()
                ? least // what ends late is not what is wanted first
                : new Bound(
                        EnergyBound.of(
                                net, end(net, first), () -> stop.getAsBoolean() || since(began) > ENERGY * seconds),
                        least.missed());
        var schedule = checked(net, first, bound);
        better.accept(schedule);
        var left = seconds - since(began);
        if (schedule.isOptimal() || left < LEAST || net.size() > MOST || stop.getAsBoolean()) return schedule;
        var answer = new ConstraintModel(net, first, bound)
                .solve(left, seconds * PATIENCE, seed, starts -> better.accept(checked(net, starts, bound)), stop);
        var starts = answer.starts().length == 0 ? first : early(net, answer.starts());
        return checked(net, starts, bound.or(answer.bound()));
    }

    private static double since(long nanos) {
        return (System.nanoTime() - nanos) / 1e9;
    }

    /** Of what a plan of before says nothing, at the first day. */
    private static int[] starts(Net net, Schedule before) {
        var at = new HashMap<String, Integer>();
        for (var booking : before.bookings()) at.put(booking.id(), net.seconds(booking.start()));
        return IntStream.range(0, net.size())
                .map(i -> at.getOrDefault(net.activity(i).id(), 0))
                .toArray();
    }

    private static int end(Net net, int[] starts) {
        return IntStream.range(0, net.size())
                .map(i -> net.open(i).end(starts[i], net.likely(i)))
                .max()
                .orElse(0);
    }

    /** The same order, each as early as it can be. */
    private static int[] early(Net net, int[] starts) {
        return new SerialScheme(net).early(net.likely(), Order.of(net, starts));
    }

    private static Schedule checked(Net net, int[] starts, Bound bound) {
        var schedule = net.schedule(starts, bound.end(), bound.missed());
        var faults = ScheduleCheck.faults(net.problem(), schedule.bookings());
        if (!faults.isEmpty()) throw new IllegalStateException("the plan is not valid: " + faults.getFirst());
        return schedule;
    }
}
