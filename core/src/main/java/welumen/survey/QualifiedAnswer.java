package welumen.survey;

/**
 * What somebody qualified has said of a part that has to do with an airbag or a belt.
 *
 * @param by who, and what they may decide
 * @param mayBeWorked whether it may be sewn, glued, filled, coated or wrapped as is planned
 */
public record QualifiedAnswer(String by, boolean mayBeWorked) {
    /** @throws IllegalArgumentException if nobody is named */
    public QualifiedAnswer {
        if (by.isBlank())
            throw new IllegalArgumentException("Say who has answered, by name, and what they may decide.");
    }
}
