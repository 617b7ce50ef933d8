package welumen.trace;

/**
 * How the light lies on one side of an edge, along a ring: its value where the edge is, and how it grows outward, since a
 * shadow fades and light falls unevenly. Both are means along the ring.
 *
 * @param at by place and channel, where the way crosses the ring
 * @param grows by place and channel, for a mm outward
 */
record Slope(double[][] at, double[][] grows) {
    private static final int ALONG = 8;
    private static final int ALONG_FOR_GROWTH = 25;

    /**
     * @param light by place, three channels for each step of its way
     * @param from the first step of the side
     * @param to the step after its last
     * @param stepMm of the ways, which begin half of their steps before the ring
     */
    static Slope of(float[][] light, int from, int to, double stepMm) {
        var middle = (from + to) / 2;
        var near = means(light, from, middle, ALONG_FOR_GROWTH);
        var far = means(light, middle, to, ALONG_FOR_GROWTH);
        var all = means(light, from, to, ALONG);
        var apart = (to - from) / 2.0 * stepMm;
        var away = ((from + to - 1) / 2.0 - light[0].length / 3 / 2) * stepMm;
        for (var i = 0; i < light.length; i++)
            for (var channel = 0; channel < 3; channel++) {
                far[i][channel] = (far[i][channel] - near[i][channel]) / apart;
                all[i][channel] -= far[i][channel] * away;
            }
        return new Slope(all, far);
    }

    private static double[][] means(float[][] light, int from, int to, int reach) {
        var sums = new double[light.length + 1][3];
        for (var i = 0; i < light.length; i++)
            for (var channel = 0; channel < 3; channel++) {
                var here = 0.0;
                for (var j = from; j < to; j++) here += light[i][3 * j + channel];
                sums[i + 1][channel] = sums[i][channel] + here / (to - from);
            }
        var along = Math.min(reach, light.length / 8);
        var mean = new double[light.length][3];
        for (var i = 0; i < light.length; i++)
            for (var channel = 0; channel < 3; channel++)
                mean[i][channel] = around(sums, i - along, i + along + 1, channel) / (2 * along + 1);
        return mean;
    }

    /** A sum over places of a ring, which may run over its end. */
    private static double around(double[][] sums, int from, int to, int channel) {
        var size = sums.length - 1;
        var whole = sums[size][channel];
        return below(sums, to, channel, size, whole) - below(sums, from, channel, size, whole);
    }

    private static double below(double[][] sums, int to, int channel, int size, double whole) {
        return Math.floorDiv(to, size) * whole + sums[Math.floorMod(to, size)][channel];
    }
}
