package welumen.colour.mix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.colour.Ciede2000;
import welumen.colour.Illuminant;
import welumen.colour.Lab;
import welumen.colour.Reflectance;
import welumen.colour.mix.MixProblem.Patch;

/** Mixes against films that are reckoned here by the formula of Kubelka and Munk written out. */
class MixerTest {
    private static final Surface SURFACE = new Surface(0.04, 0.6);
    private static final int N = Reflectance.COUNT;

    /** What a tint takes up and scatters. */
    private record Real(String id, double[] k, double[] s) {
        Real stronger(double by) {
            var more = k.clone();
            for (var i = 0; i < N; i++) more[i] *= by;
            return new Real(id, more, s);
        }
    }

    private static Real real(String id, double strength, double edge, boolean isLong, double scatters) {
        var k = new double[N];
        var s = new double[N];
        for (var i = 0; i < N; i++) {
            k[i] = 0.02 + strength / (1 + Math.exp((isLong ? edge - i : i - edge) / 1.7));
            s[i] = scatters;
        }
        return new Real(id, k, s);
    }

    private static List<Real> reals(boolean scatterAlike) {
        return List.of(
                real("white", 0, 0, false, 1),
                real("black", 9, 60, false, scatterAlike ? 1 : 0.3),
                real("yellow", 5, 10, false, scatterAlike ? 1 : 0.7),
                real("red", 6, 19, false, scatterAlike ? 1 : 0.5),
                real("blue", 4, 9, true, scatterAlike ? 1 : 0.4),
                real("green", 3, 14, true, scatterAlike ? 1 : 0.8));
    }

    private static Reflectance film(List<Real> tints, Map<String, Double> masses) {
        var shares = new double[N];
        for (var i = 0; i < N; i++) {
            double k = 0, s = 0;
            for (var tint : tints) {
                k += masses.getOrDefault(tint.id(), 0.0) * tint.k()[i];
                s += masses.getOrDefault(tint.id(), 0.0) * tint.s()[i];
            }
            var r = 1 + k / s - Math.sqrt(k / s * (k / s + 2));
            shares[i] = 0.04 + 0.96 * 0.4 * r / (1 - 0.6 * r);
        }
        return Reflectance.of(shares);
    }

    private static List<Tint> measured(List<Real> reals, boolean letDowns) {
        var all = new ArrayList<Tint>();
        for (var real : reals) {
            var letDown = letDowns && !real.id().equals("white")
                    ? Optional.of(new Tint.LetDown("white", 0.1, film(reals, Map.of("white", 0.9, real.id(), 0.1))))
                    : Optional.<Tint.LetDown>empty();
            all.add(new Tint(real.id(), film(reals, Map.of(real.id(), 1.0)), OptionalDouble.of(0.03), letDown));
        }
        return all;
    }

    private static MixProblem problem(Target target, List<Tint> tints, Optional<Patch> patch) {
        return new MixProblem(target, SURFACE, tints, 4, 600, 1, patch);
    }

    private static double difference(Reflectance one, Reflectance other) {
        return Ciede2000.between(Lab.of(one, Illuminant.D65), Lab.of(other, Illuminant.D65));
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void findsWhatATargetWasMixedOf(boolean isAlike) {
        var reals = reals(isAlike);
        var target = film(reals, Map.of("white", 80.0, "yellow", 14.0, "green", 5.0, "black", 1.0));
        var mix = Mixer.of(problem(Target.of(target), measured(reals, !isAlike), Optional.empty()));

        assertThat(mix.difference()).isLessThan(1);
        assertThat(difference(target, film(reals, mix.grams()))).isCloseTo(mix.difference(), within(0.15));
        assertThat(mix.grams().values().stream().mapToDouble(g -> g).sum()).isCloseTo(600, within(1e-6));
        assertThat(mix.grams()).hasSizeLessThanOrEqualTo(4);
        assertThat(mix.add()).isEmpty();
        assertThat(mix.differenceA()).isPresent();
        assertThat(mix.others())
                .isNotEmpty()
                .allSatisfy(other -> assertThat(other.grams()).isNotEqualTo(mix.grams()));
    }

    /** A tint alone that comes near enough is better than two that come nearer. */
    @Test
    void fewerTintsAreBetterWhereTheyAreNearEnough() {
        var reals = reals(true);
        var target = film(reals, Map.of("red", 99.6, "yellow", 0.4));
        var mix = Mixer.of(problem(Target.of(target), measured(reals, false), Optional.empty()));

        assertThat(mix.grams()).containsOnlyKeys("red");
        assertThat(mix.difference()).isGreaterThan(0);
    }

    /** These tins are stronger than what was measured: the patch says so, and nothing is taken out. */
    @Test
    void aPatchIsPutRightByAdding() {
        var reals = reals(false);
        var here = reals.stream()
                .map(real -> real.stronger(
                        real.id().equals("yellow") ? 1.2 : real.id().equals("green") ? 0.88 : 1.05))
                .toList();
        var target = film(reals, Map.of("white", 80.0, "yellow", 14.0, "green", 5.0, "black", 1.0));
        var tints = measured(reals, true);
        var first = Mixer.of(problem(Target.of(target), tints, Optional.empty()));
        var read = film(here, first.grams());
        assertThat(difference(target, read)).isGreaterThan(1);

        var mix = Mixer.of(problem(Target.of(target), tints, Optional.of(new Patch(first.grams(), Target.of(read)))));
        assertThat(difference(target, film(here, mix.grams()))).isLessThan(0.6);
        first.grams().forEach((tint, grams) -> assertThat(mix.grams().get(tint)).isGreaterThanOrEqualTo(grams - 1e-9));
        assertThat(mix.add().values()).allSatisfy(grams -> assertThat(grams).isPositive());

        var byLab = Mixer.of(problem(
                Target.of(target),
                tints,
                Optional.of(new Patch(first.grams(), Target.of(Lab.of(read, Illuminant.D65))))));
        assertThat(difference(target, film(here, byLab.grams())))
                .as("where the patch was read as L*a*b* alone")
                .isLessThan(difference(target, read));
    }

    @Test
    void aColourOfWhichOnlyLabIsKnownIsMixed() {
        var reals = reals(true);
        var target = film(reals, Map.of("white", 60.0, "red", 30.0, "blue", 10.0));
        var mix =
                Mixer.of(problem(Target.of(Lab.of(target, Illuminant.D65)), measured(reals, false), Optional.empty()));

        assertThat(mix.difference()).isLessThan(1);
        assertThat(mix.differenceA()).isEmpty();
    }

    @Test
    void theSameComesOutEachTime() {
        var reals = reals(false);
        var problem = problem(
                Target.of(film(reals, Map.of("white", 70.0, "blue", 20.0, "black", 10.0))),
                measured(reals, true),
                Optional.empty());
        assertThat(Mixer.of(problem)).isEqualTo(Mixer.of(problem));
    }

    /** What a let-down shows gives back what a tint scatters. */
    @Test
    void aLetDownTellsWhatATintScatters() {
        var reals = reals(false);
        var constants = Constants.of(problem(Target.of(new Lab(50, 0, 0)), measured(reals, true), Optional.empty()));
        var red = constants.get(3);
        assertThat(red.s[5]).isCloseTo(0.5, within(0.01));
        assertThat(red.k[5] / constants.get(0).s[5]).isCloseTo(reals.get(3).k()[5], within(0.1));
        assertThat(constants.get(2).s[28])
                .as("where it says nothing, as beside")
                .isBetween(0.5, 0.9);
    }

    @Test
    void theCheckFindsWhatIsWrong() {
        var reals = reals(true);
        var problem = problem(Target.of(film(reals, Map.of("white", 1.0))), measured(reals, false), Optional.empty());
        var wrong = new Mix(Map.of("white", 500.0, "mauve", 100.0), Map.of(), 3, OptionalDouble.empty(), List.of());

        assertThat(MixCheck.faults(problem, wrong))
                .anyMatch(fault -> fault.contains("“mauve” is no tint"))
                .anyMatch(fault -> fault.startsWith("It differs by "));
    }

    @Test
    void whatCannotBeMixedIsRefused() {
        var film = film(reals(true), Map.of("white", 1.0));
        var one = new Tint("a", film, OptionalDouble.empty(), Optional.of(new Tint.LetDown("b", 0.1, film)));
        var two = new Tint("b", film, OptionalDouble.empty(), Optional.of(new Tint.LetDown("a", 0.1, film)));
        assertThatThrownBy(() -> problem(Target.of(film), List.of(one, two), Optional.empty()))
                .hasMessage("The let-down of “a” comes round to itself.");
        assertThatThrownBy(() -> problem(Target.of(film), List.of(one), Optional.empty()))
                .hasMessageContaining("into “b”, which is no tint");
        assertThatThrownBy(() -> problem(Target.of(film), List.of(), Optional.empty()))
                .hasMessageContaining("0 tints");
    }
}
