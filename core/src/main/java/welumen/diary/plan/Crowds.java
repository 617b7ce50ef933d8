package welumen.diary.plan;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import welumen.yard.Person;
import welumen.yard.Skill;

/**
 * The sets of people to whom some tasks fall: those who can sew, those who can sew or cut, and so on. As long as no set is
 * given more than it has people, everybody can be given something that they can do (Hall, 1935).
 */
final class Crowds {
    /** Of sets; a yard of four skills and four people has no more. */
    private static final int MOST = 40;

    private final List<Person> people;
    private final List<Set<Person>> all;

    Crowds(List<Person> people) {
        this.people = people;
        var sets = new LinkedHashSet<Set<Person>>();
        sets.add(new LinkedHashSet<>(people));
        for (var skill : Skill.values()) sets.add(able(skill));
        for (var grown = true; grown && sets.size() < MOST; ) {
            grown = false;
            for (var one : List.copyOf(sets))
                for (var skill : Skill.values()) {
                    var both = new LinkedHashSet<>(one);
                    both.addAll(able(skill));
                    grown |= sets.add(both);
                }
        }
        all = new ArrayList<>(sets);
    }

    /** Each a name's worth of people; the first of them everybody. */
    List<Set<Person>> all() {
        return all;
    }

    /** Those that a task of a skill is counted to: every one in which all are who can do it. */
    List<Integer> of(Set<Person> able) {
        var counted = new ArrayList<Integer>();
        for (var k = 0; k < all.size(); k++) if (all.get(k).containsAll(able)) counted.add(k);
        return counted;
    }

    /** Who can; where nobody can, everybody does. */
    Set<Person> able(Skill skill) {
        var able = new LinkedHashSet<Person>();
        for (var person : people) if (Rooms.isAble(skill).test(person)) able.add(person);
        return able.isEmpty() ? new LinkedHashSet<>(people) : able;
    }
}
