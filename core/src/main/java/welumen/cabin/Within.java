package welumen.cabin;

/** What a part belongs to: the car itself, or an assembly with which it comes off, as a cover with its seat. */
public sealed interface Within {
    record TheCar() implements Within {}

    record Assembly(PartId part) implements Within {}
}
