package welumen.pattern.sides;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.cabin.Side;
import welumen.cabin.body.Body;
import welumen.cabin.body.BodyParts;
import welumen.pattern.Lesson;
import welumen.pattern.Mirrored;
import welumen.pattern.PatternChange.LessonLearnt;
import welumen.pattern.PatternChange.LessonTaken;
import welumen.pattern.Patterns;
import welumen.pattern.Piece;
import welumen.pattern.draft.DraftText;

class SecondSideTest {
    private static final Cabin VAN = new Cabin(BodyParts.of(Body.VAN, Side.RIGHT));
    private static final Piece LEFT = DraftText.read(
                    "left kick panel AB 420, BC 310, CD 400, DA 305, AC 520", PartId.named("left kick panel"), "board")
            .orThrow()
            .piece();
    private static final Piece RIGHT = Mirrored.of(LEFT, PartId.named("right kick panel"), "right kick panel");
    private static final Patterns BOTH = Patterns.of(List.of(LEFT, RIGHT), List.of());

    private static Lesson lesson(String typed) {
        return LessonText.read(typed, LEFT).orThrow();
    }

    /** Corrected and then mirrored is mirrored and then corrected. */
    @Test
    void aLessonGoesThroughTheMirror() {
        var lesson = lesson("AB 6 longer, CD 4 shorter, took 95 min, glue the sill before the tunnel");
        var here = SecondSide.corrected(LEFT, lesson, LEFT).orThrow();
        var there = SecondSide.corrected(LEFT, lesson, RIGHT).orThrow();
        assertThat(there.net().area()).isCloseTo(here.net().area(), within(1e-6));
        assertThat(SidesCompared.of(here, there).places()).isEmpty();
        assertThat(there.net().area()).isNotCloseTo(RIGHT.net().area(), within(100.0));
        assertThat(lesson.minutes()).isEqualTo(95);
        assertThat(lesson.order()).isEqualTo("glue the sill before the tunnel");
    }

    @Test
    void itIsOfferedToTheFellowFirstAndToEachOnce() {
        var taught = BOTH.after(new LessonLearnt(lesson("AB 6 longer")));
        assertThat(SecondSide.offers(taught, VAN))
                .extracting(offer -> offer.piece().id())
                .containsExactly(RIGHT.id(), LEFT.id());
        var taken = taught.after(new LessonTaken(0, RIGHT.id()));
        assertThat(SecondSide.offers(taken, VAN)).singleElement().matches(SecondSide.Offer::isFirst);
        assertThat(SecondSide.offers(taken.after(new LessonTaken(0, LEFT.id())), VAN))
                .isEmpty();
        assertThat(SecondSide.offers(BOTH.after(new LessonLearnt(lesson("took 2 h"))), VAN))
                .isEmpty();
    }

    @Test
    void theSideThatIsSeenLessComesFirst() {
        assertThat(SecondSide.first(VAN)).contains(Side.LEFT);
        assertThat(SecondSide.first(new Cabin(BodyParts.of(Body.VAN, Side.LEFT))))
                .contains(Side.RIGHT);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "XY 6 longer", " , "})
    void whatTeachesNothingIsRefused(String typed) {
        assertThat(LessonText.read(typed, LEFT).understood()).isEmpty();
    }
}
