package welumen.yard;

import welumen.yard.CrewChange.PersonLeft;
import welumen.yard.CrewChange.PersonSaid;
import welumen.yard.CrewChange.PlaceDropped;
import welumen.yard.CrewChange.PlaceSaid;

/** Who works here, and where. */
public record Crew(Shelf<Person> people, Shelf<Place> places) {
    public static final Crew NOBODY = new Crew(Shelf.empty(), Shelf.empty());

    Crew after(CrewChange change) {
        return switch (change) {
            case PersonSaid(var was, var person) -> new Crew(people.with(was, person), places);
            case PersonLeft(var name) -> new Crew(people.without(name), places);
            case PlaceSaid(var was, var place) -> new Crew(people, places.with(was, place));
            case PlaceDropped(var name) -> new Crew(people, places.without(name));
        };
    }
}
