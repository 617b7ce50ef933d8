package welumen.intake;

/** The customer's car. Its year is what is said of it; which version it is shows in its features. */
public record Car(String name, int year, String body, String registration) {
    public Car {
        if (name.isBlank()) throw new IllegalArgumentException("The car has no name. Say what it is called.");
    }

    /** What it is called among others: “1963 Varrow Selkie, saloon”. */
    public String title() {
        return "%d %s%s".formatted(year, name, body.isBlank() ? "" : ", " + body);
    }
}
