package welumen.whatif;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import welumen.diary.plan.YardPlan;
import welumen.diary.task.Task;
import welumen.yard.DaysOff;
import welumen.yard.Person;
import welumen.yard.Place;
import welumen.yard.Shelf;
import welumen.yard.WorkingHours;

/** One change that may gain days. */
public sealed interface Remedy {
    /** Years after which nobody plans. */
    int FAR = 20;

    /** The yard as it would be then. */
    YardPlan tried(YardPlan plan);

    /** Somebody more, for a day, who can do what is wanted. */
    record Helper(LocalDate day) implements Remedy {
        private static final String NAME = "somebody more, for a day";

        @Override
        public YardPlan tried(YardPlan plan) {
            var only = List.of(
                    new DaysOff(day.minusYears(FAR), day.minusDays(1), "not here"),
                    new DaysOff(day.plusDays(1), day.plusYears(FAR), "not here"));
            var hours = new WorkingHours(
                    EnumSet.allOf(DayOfWeek.class), WorkingHours.USUAL.from(), WorkingHours.USUAL.until());
            var helper = new Person(NAME, Set.of(), hours, only);
            var people = plan.crew().people();
            if (people.all().isEmpty()) people = people.with("", new Person("whoever works here"));
            return plan.with(plan.crew().with(people.with("", helper)));
        }
    }

    /** Everybody works on Saturdays too. */
    record Saturdays() implements Remedy {
        @Override
        public YardPlan tried(YardPlan plan) {
            var people = Shelf.<Person>empty();
            for (var person : plan.crew().people().all()) {
                var days = EnumSet.copyOf(person.hours().days());
                days.add(DayOfWeek.SATURDAY);
                people = people.with(
                        "",
                        person.working(new WorkingHours(
                                days, person.hours().from(), person.hours().until())));
            }
            return plan.with(plan.crew().with(people));
        }
    }

    /** Somebody comes on the days on which they were to be off. */
    record NotOff(String person) implements Remedy {
        @Override
        public YardPlan tried(YardPlan plan) {
            var people = Shelf.<Person>empty();
            for (var one : plan.crew().people().all())
                people = people.with("", one.name().equals(person) ? one.off(List.of()) : one);
            return plan.with(plan.crew().with(people));
        }
    }

    /** One place more of a kind. */
    record AnotherPlace(Place.Kind kind) implements Remedy {
        @Override
        public YardPlan tried(YardPlan plan) {
            return plan.with(plan.crew().and(new Place("another " + kind.word(), kind)));
        }
    }

    /** What is awaited is here sooner. */
    record Sooner(UUID car, Task task, LocalDate day) implements Remedy {
        @Override
        public YardPlan tried(YardPlan plan) {
            return plan.with(car, one -> one.id().equals(task.id()) ? one.promised(Optional.of(day)) : one);
        }
    }

    /** Ordered and here by return, where it takes days as a rule. */
    record ByReturn(UUID car, Task order) implements Remedy {
        @Override
        public YardPlan tried(YardPlan plan) {
            return plan.with(car, one -> one.withinDays(order.id(), 1));
        }
    }
}
