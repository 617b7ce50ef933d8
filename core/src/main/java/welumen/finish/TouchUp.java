package welumen.finish;

/**
 * What is kept of a mix for repairs, and goes home with the car.
 *
 * @param grams nought where it was said that none is kept
 * @param where in what it is, and where: “40 ml bottle, in the boot”
 */
public record TouchUp(String recipe, double grams, String where) {
    public TouchUp {
        if (!(grams >= 0 && grams < 10_000))
            throw new IllegalArgumentException("[%s g] are no touch-up. Type it in grams, as 30.".formatted(grams));
    }

    public boolean isKept() {
        return grams > 0;
    }
}
