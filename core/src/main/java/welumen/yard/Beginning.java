package welumen.yard;

import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import welumen.measure.Length;
import welumen.yard.CrewChange.PersonSaid;
import welumen.yard.YardChange.AllOf;
import welumen.yard.YardChange.CountedIn;
import welumen.yard.YardChange.OfCrew;
import welumen.yard.YardChange.WorkshopNamed;

/**
 * All that is asked before a workshop begins; everything else is said later.
 *
 * @param people who works here, each by a name of their own; there may be none yet
 */
public record Beginning(String name, Currency currency, Length.Style lengths, List<String> people) {
    /** @throws IllegalArgumentException if the workshop has no name */
    public Beginning {
        if (name.isBlank()) throw new IllegalArgumentException("The workshop has no name. Say what it is called.");
        name = name.strip();
        people = people.stream()
                .map(String::strip)
                .filter(person -> !person.isEmpty())
                .distinct()
                .toList();
    }

    /** The first entry of the workshop's log. */
    public YardChange change() {
        var changes = new ArrayList<YardChange>();
        changes.add(new WorkshopNamed(name));
        changes.add(new CountedIn(currency, lengths));
        for (var person : people) changes.add(new OfCrew(new PersonSaid("", new Person(person))));
        return new AllOf(changes);
    }
}
