package welumen.cut.leather;

/**
 * How leather of one material is bought for a job.
 *
 * @param price of a hide, in the job's currency
 * @param secondOrder what it costs besides to order again: carriage, and the risk that the lot does not match
 * @param days working days until it comes
 * @param reserveMm2 what is to be spare, as pieces: for one that is spoilt, for what the customer thinks of yet, and for a
 *     repair years later, all of the same lot
 * @param yield the share of a hide that becomes pieces, as the workshop says; nought: as it has learnt
 * @param hideMm2 of a hide, on the mean, as the workshop says; nought: as its class and the hides here have it
 */
public record LeatherTerms(
        LeatherClass sold,
        double price,
        double secondOrder,
        int days,
        double reserveMm2,
        double yield,
        double hideMm2) {
    private static final double USUAL_PRICE = 310;
    private static final double USUAL_SECOND = 180;
    private static final int USUAL_DAYS = 7;
    /** Reserve that is usual, as a share of what is to be cut. */
    private static final double USUAL_RESERVE = 0.1;

    private static final double STEP_MM2 = 0.1e6;

    /** @throws IllegalArgumentException if one of them is below nought, or more than a hide becomes pieces */
    public LeatherTerms {
        if (!(price >= 0 && secondOrder >= 0 && days >= 0 && reserveMm2 >= 0 && hideMm2 >= 0))
            throw new IllegalArgumentException("LeatherTerms of [%s, %s, %d days, %s mm², %s mm²] are below nought."
                    .formatted(price, secondOrder, days, reserveMm2, hideMm2));
        if (!(yield >= 0 && yield <= 1))
            throw new IllegalArgumentException("Of a hide [%s] do not become pieces.".formatted(yield));
    }

    /** With nothing said of the yield and the hides. */
    public LeatherTerms(LeatherClass sold, double price, double secondOrder, int days, double reserveMm2) {
        this(sold, price, secondOrder, days, reserveMm2, 0, 0);
    }

    /** Before anybody has said. @param netMm2 of all that is to be cut of it */
    public static LeatherTerms usual(double netMm2) {
        return new LeatherTerms(
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
