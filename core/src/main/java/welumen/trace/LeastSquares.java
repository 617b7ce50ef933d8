package welumen.trace;

import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.ejml.dense.row.factory.LinearSolverFactory_DDRM;

/** Linear least squares, and those that are not linear by the way of Levenberg (1944) and Marquardt (1963). */
final class LeastSquares {
    private static final int MOST_STEPS = 60;

    private LeastSquares() {}

    /** The terms by which the rows come nearest to the values. */
    static double[] solve(double[][] rows, double[] values) {
        var a = new DMatrixRMaj(rows);
        var solver = LinearSolverFactory_DDRM.leastSquaresQrPivot(true, false);
        var terms = new DMatrixRMaj(a.numCols, 1);
        if (!solver.setA(a)) return terms.data;
        solver.solve(new DMatrixRMaj(values.length, 1, true, values), terms);
        return terms.data;
    }

    /** What is to be made small: as many misfits as there are, for given terms. */
    interface Misfits {
        void of(double[] terms, double[] misfits);
    }

    /** @param terms where the search ended; @param sum of the squares of its misfits */
    record Found(double[] terms, double sum) {}

    /**
     * @param start where the search begins
     * @param steps for each term, by how much it is moved to see what it does
     */
    static Found search(double[] start, double[] steps, int count, Misfits misfits) {
        var at = start.clone();
        var now = new double[count];
        misfits.of(at, now);
        var sum = squares(now);
        var damping = 1e-3;
        for (var step = 0; step < MOST_STEPS; step++) {
            var slope = slope(at, steps, now, misfits);
            var normal = new DMatrixRMaj(at.length, at.length);
            CommonOps_DDRM.multTransA(slope, slope, normal);
            var down = new DMatrixRMaj(at.length, 1);
            CommonOps_DDRM.multTransA(slope, new DMatrixRMaj(count, 1, true, now), down);
            var gain = 0.0;
            for (var attempt = 0; attempt < 10 && gain == 0; attempt++) {
                var next = moved(at, normal, down, damping);
                var there = new double[count];
                misfits.of(next, there);
                var other = squares(there);
                if (other < sum) {
                    gain = (sum - other) / sum;
                    at = next;
                    now = there;
                    sum = other;
                    damping = Math.max(1e-12, damping / 5);
                } else damping *= 8;
            }
            if (gain < 1e-10) break;
        }
        return new Found(at, sum);
    }

    private static DMatrixRMaj slope(double[] at, double[] steps, double[] now, Misfits misfits) {
        var slope = new DMatrixRMaj(now.length, at.length);
        var there = new double[now.length];
        for (var term = 0; term < at.length; term++) {
            var moved = at.clone();
            moved[term] += steps[term];
            misfits.of(moved, there);
            for (var i = 0; i < now.length; i++) slope.set(i, term, (there[i] - now[i]) / steps[term]);
        }
        return slope;
    }

    private static double[] moved(double[] at, DMatrixRMaj normal, DMatrixRMaj down, double damping) {
        var damped = normal.copy();
        for (var i = 0; i < at.length; i++) damped.set(i, i, normal.get(i, i) * (1 + damping) + 1e-30);
        var step = new DMatrixRMaj(at.length, 1);
        var next = at.clone();
        if (CommonOps_DDRM.solve(damped, down, step)) for (var i = 0; i < at.length; i++) next[i] -= step.get(i);
        return next;
    }

    private static double squares(double[] values) {
        var sum = 0.0;
        for (var value : values) sum += value * value;
        return Double.isFinite(sum) ? sum : Double.MAX_VALUE;
    }
}
