package welumen.schedule.planner;

import java.time.Duration;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
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

    private Planner() {}

    /**
     * The best schedule that was found; equal problem, seed and time give the equal one, as long as the machine keeps up.
     *
     * @param better told each schedule that is better than the one before, on the caller's thread or the solver's
     * @throws IllegalArgumentException where something can never be done
     */
    public static Schedule plan(
            ScheduleProblem problem, Duration time, long seed, Consumer<Schedule> better, BooleanSupplier stop) {
        var began = System.nanoTime();
        var seconds = time.toMillis() / 1000.0;
        var net = new Net(problem);
        var rounds = (int) Math.min(MOST_ROUNDS, ROUNDS * seconds / Math.max(1.0, (double) net.size() * net.size()));
        var first = SerialSearch.best(
                net, seed, rounds, Windows.end(net), starts -> better.accept(checked(net, starts, 0)), stop);
        var known = net.schedule(first, 0);
        var bound = net.goals().isEmpty() // where days are to be kept, the last end is not what is wanted
                ? EnergyBound.of(net, net.seconds(known.end()))
                : Windows.end(net);
        var schedule = checked(net, first, bound);
        better.accept(schedule);
        var left = seconds - (System.nanoTime() - began) / 1e9;
        if (schedule.isOptimal()
                || left <= 0
                || net.size() > MOST
                || !net.goals().isEmpty()
                || stop.getAsBoolean()) return schedule;
        var answer = new ConstraintModel(net, first, bound)
                .solve(left, seconds * PATIENCE, seed, starts -> better.accept(checked(net, starts, bound)), stop);
        var starts = answer.starts().length == 0 ? first : early(net, answer.starts());
        return checked(net, starts, Math.max(bound, answer.bound()));
    }

    /** The same order, each as early as it can be. */
    private static int[] early(Net net, int[] starts) {
        return new SerialScheme(net).early(net.likely(), Order.of(net, starts));
    }

    private static Schedule checked(Net net, int[] starts, int bound) {
        var schedule = net.schedule(starts, bound);
        var faults = ScheduleCheck.faults(net.problem(), schedule.bookings());
        if (!faults.isEmpty()) throw new IllegalStateException("the plan is not valid: " + faults.getFirst());
        return schedule;
    }
}
