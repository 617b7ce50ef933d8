package welumen.yard;

/** What happens to the list of people, places and machines. Where {@code was} is empty, it is a new one. */
public sealed interface CrewChange {
    record PersonSaid(String was, Person person) implements CrewChange {}

    record PersonLeft(String name) implements CrewChange {}

    record PlaceSaid(String was, Place place) implements CrewChange {}

    record LimitsSaid(Limits limits) implements CrewChange {}

    record PlaceDropped(String name) implements CrewChange {}
}
