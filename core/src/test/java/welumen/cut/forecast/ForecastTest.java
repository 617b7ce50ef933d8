package welumen.cut.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static welumen.cut.Cases.rectangle;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import welumen.cut.CutPiece;
import welumen.cut.hide.Population;
import welumen.cut.judge.PlanCheck;
import welumen.cut.leather.LeatherClass;
import welumen.cut.nest.FirstPlan;

class ForecastTest {
    private static final List<CutPiece> PIECES = List.of(
            rectangle("back", 700, 600, 6).graded(2), rectangle("side", 400, 200, 8), rectangle("strip", 90, 60, 4));

    private static ForecastQuestion question(List<CutPiece> pieces) {
        return new ForecastQuestion(pieces, 3, Population.of(LeatherClass.STANDARD), 310, 180, 1);
    }

    private static Forecast free(Forecast priced) {
        var question = priced.question();
        return new Forecast(
                new ForecastQuestion(question.pieces(), question.gapMm(), question.population(), 0, 0, question.seed()),
                priced.needed(),
                priced.full(),
                priced.late());
    }

    private static Forecast counted(int twos, int threes, int full, int saved) {
        var needed = new ArrayList<Integer>();
        IntStream.range(0, twos).forEach(_ -> needed.add(2));
        IntStream.range(0, threes).forEach(_ -> needed.add(3));
        var laid = IntStream.range(0, full)
                .mapToObj(i -> new Forecast.Full(3, i < saved))
                .toList();
        return new Forecast(question(PIECES), needed, laid, Map.of("back", 60, "side", 20));
    }

    @Test
    void whatCostsLeastIsRecommendedWherePricesAreKnown() {
        var forecast = counted(93, 7, 20, 0);
        assertThat(forecast.rule()).isEqualTo(Forecast.Rule.CHEAPEST);
        assertThat(forecast.recommended())
                .as("two are enough in 93 of 100, and cost less")
                .isEqualTo(2);
        assertThat(counted(20, 80, 0, 0).recommended()).isEqualTo(3);
        for (var twos = 0; twos <= 100; twos += 5) {
            var any = counted(twos, 100 - twos, 0, 0);
            var best = any.expectedCost(any.recommended());
            for (var hides = 1; hides <= 4; hides++)
                assertThat(best).isLessThanOrEqualTo(any.expectedCost(hides) + 0.01);
        }
    }

    /** A share before the correction may be ninety points off. */
    @Test
    void noShareIsOneBeforeItIsCorrected() {
        assertThat(counted(0, 100, 0, 0).isCorrected()).isFalse();
        assertThat(counted(0, 100, 19, 19).isCorrected()).isFalse();
        assertThat(counted(0, 100, 20, 19).isCorrected()).isTrue();
        assertThat(counted(0, 100, 20, 19).enough(2).likely()).isCloseTo(0.95, within(1e-9));
    }

    @Test
    void theFewestThatAreNearlyAlwaysEnoughAreRecommendedWhereNobodyHasSaidAPrice() {
        assertThat(free(counted(96, 4, 0, 0)).recommended()).isEqualTo(2);
        assertThat(free(counted(80, 20, 0, 0)).recommended()).isEqualTo(3);
        // as often as a full layout saves a hide, so often it is taken off the others
        var corrected = free(counted(80, 20, 20, 18));
        assertThat(corrected.enough(2).likely()).isCloseTo(0.8 + 0.9 * 0.2, within(1e-12));
        assertThat(corrected.recommended()).isEqualTo(2);
        // nothing was tried on those that needed two
        assertThat(corrected.enough(1).likely()).isZero();
    }

    /** Wilson's interval of 8 in 10 is 0.490 to 0.943. */
    @Test
    void theIntervalIsWilsons() {
        var share = counted(8, 2, 0, 0).enough(2);
        assertThat(share.low()).isCloseTo(0.490, within(0.001));
        assertThat(share.high()).isCloseTo(0.943, within(0.001));
        assertThat(counted(800, 200, 0, 0).enough(2).low()).isGreaterThan(0.77);
    }

    @Test
    void whatItCostsCountsTheSecondOrder() {
        var forecast = counted(80, 20, 0, 0);
        assertThat(forecast.expectedCost(3)).isCloseTo(3 * 310, within(1e-9));
        assertThat(forecast.expectedCost(2)).isCloseTo(2 * 310 + 0.2 * (310 + 180), within(1e-9));
        assertThat(forecast.deciding().getFirst().getKey()).isEqualTo("back");
    }

    /** Real deliveries, laid out; the same seed gives the same forecast, and less leather is never enough more often. */
    @Test
    void theVeryPiecesAreLaidOutOnDeliveries() {
        var told = new ArrayList<Forecast>();
        var forecast = Forecaster.of(question(PIECES), 10, told::add, () -> false);
        assertThat(forecast.deliveries()).isEqualTo(10);
        assertThat(told.getFirst().deliveries()).isEqualTo(10);
        assertThat(forecast.full()).hasSize(10);
        for (var hides = 1; hides < 6; hides++)
            assertThat(forecast.enough(hides + 1).likely())
                    .isGreaterThanOrEqualTo(forecast.enough(hides).likely());
        assertThat(forecast.recommended()).isBetween(2, 3);
        assertThat(Forecaster.quick(question(PIECES), 10, () -> false).needed()).isEqualTo(forecast.needed());
        var fewer = Forecaster.quick(question(PIECES.subList(1, 3)), 10, () -> false);
        assertThat(fewer.enough(1).likely()).isGreaterThan(forecast.enough(1).likely());
    }

    @Test
    void aStoppedForecastKeepsWhatItHas() {
        var calls = new int[1];
        var forecast = Forecaster.of(question(PIECES), 300, _ -> calls[0]++, () -> calls[0] > 0);
        assertThat(forecast.deliveries()).isEqualTo(10);
        assertThat(forecast.full()).isEmpty();
    }

    @Test
    void aFirstPlanLiesValidly() {
        var question = question(PIECES);
        var problem = question.problem(question.delivery(3, 4));
        var plan = FirstPlan.of(problem, 1);
        assertThat(PlanCheck.faults(problem, plan)).isEmpty();
        assertThat(plan).hasSize(18).isEqualTo(FirstPlan.of(problem, 1));
    }

    @Test
    void aSeamLetInMakesTwoOfOne() {
        var halves = WhatIf.halves(PIECES.getFirst());
        assertThat(halves).extracting(CutPiece::id).containsExactly("back-near", "back-far");
        var area = halves.stream().mapToDouble(half -> half.shape().area()).sum();
        assertThat(area).isCloseTo(700 * 600 + 20 * 600, within(1e-6));
    }

    @Test
    void whatMightBeDoneIsReckonedOnTheSameDeliveries() {
        var forecast = Forecaster.quick(question(PIECES), 8, () -> false);
        var changes = WhatIf.of(forecast, () -> false);
        assertThat(changes).isNotEmpty().allMatch(change -> change.hides() == Math.max(1, forecast.recommended() - 1));
        assertThat(changes).isSortedAccordingTo((one, other) -> Double.compare(other.buys(), one.buys()));
        assertThat(WhatIf.of(forecast, () -> true)).isEmpty();
    }

    @Test
    void severalMaterialsAreNoQuestion() {
        assertThatThrownBy(() -> question(List.of())).hasMessageContaining("one material");
    }
}
