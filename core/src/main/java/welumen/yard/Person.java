package welumen.yard;

import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * Somebody who works here.
 *
 * @param skills what they can be given to do; none where nobody has said
 */
public record Person(String name, Set<Skill> skills, WorkingHours hours, List<DaysOff> off) implements Named {
    public Person {
        name = Named.checked(name, "person");
        skills = skills.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(skills));
        off = List.copyOf(off);
    }

    /** Of whom only the name is known yet. */
    public Person(String name) {
        this(name, Set.of(), WorkingHours.USUAL, List.of());
    }

    /** Whether they are there on a day. */
    public boolean worksOn(LocalDate day) {
        return hours.days().contains(day.getDayOfWeek()) && off.stream().noneMatch(free -> free.has(day));
    }

    public Person called(String other) {
        return new Person(other, skills, hours, off);
    }

    public Person able(Set<Skill> others) {
        return new Person(name, others, hours, off);
    }

    public Person working(WorkingHours others) {
        return new Person(name, skills, others, off);
    }

    public Person off(List<DaysOff> others) {
        return new Person(name, skills, hours, others);
    }
}
