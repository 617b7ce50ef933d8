package welumen.yard;

import welumen.yard.CrewChange.LimitsSaid;
import welumen.yard.CrewChange.PersonLeft;
import welumen.yard.CrewChange.PersonSaid;
import welumen.yard.CrewChange.PlaceDropped;
import welumen.yard.CrewChange.PlaceSaid;

/** Who works here, where, and what the premises allow. */
public record Crew(Shelf<Person> people, Shelf<Place> places, Limits limits) {
    public static final Crew NOBODY = new Crew(Shelf.empty(), Shelf.empty(), Limits.NONE);

    /** Pieces that a spray place takes at once, where nobody has said. */
    public static final int LOAD_HOLDS = 6;

    /** Pieces that the largest spray place takes at once. */
    public int loadHolds() {
        return places.all().stream()
                .filter(place -> place.kind() == Place.Kind.SPRAY_PLACE)
                .mapToInt(Place::holds)
                .max()
                .orElse(LOAD_HOLDS);
    }

    /** The same with other people. */
    public Crew with(Shelf<Person> others) {
        return new Crew(others, places, limits);
    }

    /** The same with one place more. */
    public Crew and(Place more) {
        return new Crew(people, places.with("", more), limits);
    }

    Crew after(CrewChange change) {
        return switch (change) {
            case PersonSaid(var was, var person) -> new Crew(people.with(was, person), places, limits);
            case PersonLeft(var name) -> new Crew(people.without(name), places, limits);
            case PlaceSaid(var was, var place) -> new Crew(people, places.with(was, place), limits);
            case PlaceDropped(var name) -> new Crew(people, places.without(name), limits);
            case LimitsSaid(var said) -> new Crew(people, places, said);
        };
    }
}
