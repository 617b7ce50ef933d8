package welumen.colour.mix;

import java.util.function.Function;
import org.ddogleg.optimization.FactoryOptimization;
import org.ddogleg.optimization.UtilOptimize;
import org.ddogleg.optimization.functions.FunctionNtoM;
import org.ddogleg.optimization.lm.ConfigLevenbergMarquardt;

/** Makes the squares of some residuals small, downhill from where it begins (Levenberg, 1944; Marquardt, 1963). */
final class LocalFit {
    private static final int MOST_STEPS = 30;
    private static final double ENOUGH = 1e-9;

    private LocalFit() {}

    /**
     * @param least of each unknown
     * @param most of each unknown
     */
    static double[] of(double[] begin, double least, double most, Function<double[], double[]> residuals) {
        var many = residuals.apply(begin).length;
        var fit = FactoryOptimization.levenbergMarquardt(new ConfigLevenbergMarquardt(), false);
        fit.setFunction(new Residuals(begin.length, Math.max(many, begin.length), least, most, residuals), null);
        fit.initialize(begin, ENOUGH, ENOUGH);
        UtilOptimize.process(fit, MOST_STEPS);
        return within(fit.getParameters(), least, most);
    }

    private static double[] within(double[] at, double least, double most) {
        var all = at.clone();
        for (var i = 0; i < all.length; i++) all[i] = Double.isNaN(all[i]) ? least : Math.clamp(all[i], least, most);
        return all;
    }

    /** As many as there are unknowns at least: what lacks is nought. */
    private record Residuals(int n, int m, double least, double most, Function<double[], double[]> of)
            implements FunctionNtoM {
        @Override
        public void process(double[] input, double[] output) {
            var all = of.apply(within(input, least, most));
            System.arraycopy(all, 0, output, 0, all.length);
        }

        @Override
        public int getNumOfInputsN() {
            return n;
        }

        @Override
        public int getNumOfOutputsM() {
            return m;
        }
    }
}
