package welumen.desktop.model;

/** What fills the middle of the window: the work on one car, or what belongs to the yard. */
public enum Screen {
    /** A stage of the open car. */
    STAGE,
    /** The list of cars, and another one coming in. */
    CARS,
    /** People, places, stock, suppliers, prices, house ways. */
    YARD;

    /** Whether one looks at the yard, so that taking back is about its log. */
    public boolean isYards() {
        return this != STAGE;
    }
}
