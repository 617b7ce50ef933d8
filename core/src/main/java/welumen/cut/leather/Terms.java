package welumen.cut.leather;

/**
 * How leather of one material is bought for a job.
 *
 * @param price of a hide, in the job's currency
 * @param secondOrder what it costs besides to order again: carriage, and the risk that the lot does not match
 * @param days working days until it comes
 * @param reserveMm2 what is to be spare, as pieces: for one that is spoilt, for what the customer thinks of yet, and for a
 *     repair years later, all of the same lot
 */
public record Terms(LeatherClass sold, double price, double secondOrder, int days, double reserveMm2) {
    private static final double USUAL_PRICE = 310;
    private static final double USUAL_SECOND = 180;
    private static final int USUAL_DAYS = 7;
    /** Of what is to be cut. */
    private static final double USUAL_RESERVE = 0.1;

    private static final double STEP_MM2 = 0.1e6;

    /** @throws IllegalArgumentException if one of them is below nought */
    public Terms {
        if (!(price >= 0 && secondOrder >= 0 && days >= 0 && reserveMm2 >= 0))
            throw new IllegalArgumentException("Terms of [%s, %s, %d days, %s mm²] are below nought."
                    .formatted(price, secondOrder, days, reserveMm2));
    }

    /** Before anybody has said. @param netMm2 of all that is to be cut of it */
    public static Terms usual(double netMm2) {
        return new Terms(
                LeatherClass.STANDARD,
                USUAL_PRICE,
                USUAL_SECOND,
                USUAL_DAYS,
                Math.ceil(USUAL_RESERVE * netMm2 / STEP_MM2) * STEP_MM2);
    }

    /** Of so many hides that are ordered once more. */
    public double costOfMore(int hides) {
        return hides == 0 ? 0 : hides * price + secondOrder;
    }
}
