package welumen.trace;

/**
 * By how much an edge that is sought in code values lies beside the edge in light. The lens spreads light before it becomes
 * code values, whose middle is not the light's, so that the edge moves toward the dark side, by a part of the spread that
 * follows from the colours of both sides. What the file does to code values afterwards, its halved colour among it, moves
 * nothing, since it keeps their sums.
 *
 * @param sigmaMm the standard deviation of the spread
 */
record CodeShift(double sigmaMm) {
    private static final double REACH = 3.5;
    private static final int STEPS = 48;
    /** Standard deviations between a tenth and nine tenths of the way. */
    private static final double TENTH_TO_NINE = 2.563;

    static CodeShift ofWidth(double widthMm) {
        return new CodeShift(widthMm / TENTH_TO_NINE);
    }

    /**
     * How far toward the outside an edge is found beyond where it is.
     *
     * @param inside code values of the three channels, 0 to 1
     */
    double outward(double[] inside, double[] outside) {
        var weights = new double[3];
        for (var channel = 0; channel < 3; channel++) weights[channel] = inside[channel] - outside[channel];
        return outward(inside, outside, weights);
    }

    /** Where the channels are summed up with these weights. */
    double outward(double[] inside, double[] outside, double[] weights) {
        var length = 0.0;
        var lightIn = new double[3];
        var lightOut = new double[3];
        for (var channel = 0; channel < 3; channel++) {
            length += (inside[channel] - outside[channel]) * weights[channel];
            lightIn[channel] = Picture.lightOf(inside[channel]);
            lightOut[channel] = Picture.lightOf(outside[channel]);
        }
        if (length == 0) return 0;
        var sum = 0.0;
        for (var i = 0; i < STEPS; i++) {
            var u = -REACH + (i + 0.5) * 2 * REACH / STEPS;
            var share = spread(u);
            var seen = 0.0;
            for (var channel = 0; channel < 3; channel++) {
                var code = Picture.codeOf(share * lightIn[channel] + (1 - share) * lightOut[channel]);
                seen += (code - outside[channel]) * weights[channel];
            }
            sum += seen / length - share;
        }
        return sum * 2 * REACH / STEPS * sigmaMm;
    }

    /** The normal distribution below u (Abramowitz and Stegun, 1964, 26.2.17; right to 1e-7). */
    private static double spread(double u) {
        var t = 1 / (1 + 0.2316419 * Math.abs(u));
        var tail = Math.exp(-u * u / 2)
                / Math.sqrt(2 * Math.PI)
                * t
                * (0.319381530 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
        return u > 0 ? 1 - tail : tail;
    }
}
