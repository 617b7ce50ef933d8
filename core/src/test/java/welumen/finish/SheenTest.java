package welumen.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import welumen.finish.FinishChange.Card;
import welumen.finish.FinishChange.CardAccepted;
import welumen.finish.FinishChange.CardRead;
import welumen.finish.FinishChange.CardSprayed;
import welumen.finish.sheen.SetUp;
import welumen.finish.sheen.Sheen;
import welumen.finish.sheen.SheenLearnt;
import welumen.finish.sheen.TestCard;
import welumen.finish.sheen.Verdict;

class SheenTest {
    private static final Instant NOON = Instant.parse("2026-04-20T10:00:00Z");
    private static final Instant SIX = NOON.plus(Duration.ofHours(6));
    private static final SetUp SET_UP = new SetUp("satin lacquer", "L 3", 200, 3, "1.2", 18);
    private static final SheenLearnt NOTHING = new SheenLearnt(List.of());

    private static FinishBook sprayed() {
        return FinishBook.EMPTY.after(new CardSprayed(new Card("card 1", SET_UP, 30, NOON, Duration.ofHours(6))));
    }

    private static TestCard card(FinishBook book) {
        return book.cards().last().orElseThrow();
    }

    private static FinishBook read(double flat, double corner, Instant at) {
        return sprayed().after(new CardRead("card 1", new TestCard.Read(flat, corner, at)));
    }

    @ParameterizedTest
    @CsvSource({"0,MATT", "9.9,MATT", "10,EGGSHELL", "31,SATIN", "45,SEMI_GLOSS", "70,GLOSS", "104,GLOSS"})
    void theWordFollowsTheNumber(double units, Sheen sheen) {
        assertThat(Sheen.of(units)).isEqualTo(sheen);
    }

    /** Sprayed at noon, read dry at six: 38 where 30 is wanted, the corners 46: no load that evening, two passes fewer on returns. */
    @Test
    void aCardThatMissesHoldsTheBatch() {
        var verdict = Verdict.of(card(read(38, 46, SIX)), NOTHING, SIX);
        assertThat(verdict.isGood()).isFalse();
        assertThat(verdict.holds()).isEqualTo("It reads 38 where 30 is wanted, its corners 46.");
        assertThat(verdict.fewerPasses()).isEqualTo(2);
        assertThat(SET_UP.passesOnReturns(2)).isEqualTo(1);
    }

    @Test
    void whatIsReadWetSaysNothing() {
        assertThat(Verdict.of(card(sprayed()), NOTHING, NOON).holds()).isEqualTo("The card is not dry yet.");
        assertThat(Verdict.of(card(sprayed()), NOTHING, SIX).holds())
                .isEqualTo("The card is dry and nobody has read it.");
        assertThat(Verdict.of(card(read(30, 30, NOON.plusSeconds(60))), NOTHING, SIX)
                        .holds())
                .startsWith("The card was read before it was dry");
    }

    @Test
    void aGoodCardIsAcceptedByName() {
        var good = read(32, 34, SIX);
        assertThat(Verdict.of(card(good), NOTHING, SIX).isGood()).isTrue();
        assertThat(Verdict.of(card(good), NOTHING, SIX).isHeld()).isTrue();
        var accepted = good.after(new CardAccepted("card 1", "Ada"));
        assertThat(Verdict.of(card(accepted), NOTHING, SIX).isHeld()).isFalse();
        assertThatThrownBy(() -> sprayed().after(new CardAccepted("card 9", "Ada")))
                .hasMessageContaining("There is no card [card 9]");
    }

    /** The guess counts as two cards: two that rose by 8 over two passes more leave it at 4; two that rose by 16 at 6. */
    @Test
    void eachProductTeachesHowItBuildsUp() {
        var rose = new SheenLearnt(List.of(card(read(30, 46, SIX)), card(read(28, 44, SIX))));
        assertThat(rose.rises("satin lacquer")).isCloseTo(6, within(1e-9));
        assertThat(rose.rises("another")).isCloseTo(4, within(1e-9));
        assertThat(rose.falls("satin lacquer")).isCloseTo(0.5, within(1e-9));
    }

    @Test
    void nobodySpraysSo() {
        assertThatThrownBy(() -> new SetUp("lacquer", "", 20, 3, "", 18)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Sheen.of(-1)).isInstanceOf(IllegalArgumentException.class);
        assertThat(Optional.of(Sheen.SATIN.middle())).contains(35.0);
    }
}
