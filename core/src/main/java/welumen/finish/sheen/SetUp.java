package welumen.finish.sheen;

/**
 * How a coat is sprayed: what is the same on the card and on the pieces.
 *
 * @param product as it is said on the tin
 * @param lot may be empty
 * @param distanceMm from nozzle to piece
 * @param passes over each place
 * @param nozzle may be empty
 * @param celsius in the spray place
 */
public record SetUp(String product, String lot, double distanceMm, int passes, String nozzle, double celsius) {
    public SetUp {
        if (product.isBlank()) throw new IllegalArgumentException("Say what is sprayed.");
        if (!(distanceMm >= 50 && distanceMm <= 600))
            throw new IllegalArgumentException("From [%s mm] nobody sprays: 50 to 600.".formatted(distanceMm));
        if (passes < 1 || passes > 20) throw new IllegalArgumentException("[%d] passes are none.".formatted(passes));
    }

    /** The same with so many passes fewer where paint builds up, at least one. */
    public int passesOnReturns(int fewer) {
        return Math.max(1, passes - fewer);
    }
}
