package welumen.pattern.sides;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.cabin.Cabin;
import welumen.cabin.PartId;
import welumen.cabin.Side;
import welumen.cabin.body.Body;
import welumen.cabin.body.BodyParts;
import welumen.pattern.Lesson;
import welumen.pattern.PatternChange.LessonLearnt;
import welumen.pattern.PatternChange.LessonTaken;
import welumen.pattern.Patterns;
import welumen.pattern.draft.DraftText;
import welumen.pattern.piece.EdgeEdit;
import welumen.pattern.piece.Mirrored;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Piercing;
import welumen.pattern.piece.Piercing.Kind;
import welumen.pattern.piece.Piercing.Made;
import welumen.shape.Point;

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

    /** Both short edges are called “end”: the one on which it was learnt is meant, here and through the mirror. */
    @Test
    void aLessonLandsOnTheEdgeItWasLearntOnEvenWhereTwoHaveOneName() {
        var left = named(LEFT, "sill", "end", "dash", "end");
        var right = Mirrored.of(left, RIGHT.part(), RIGHT.name());
        assertThat(LessonText.read("end 6 longer", left).understood())
                .as("which of the two?")
                .isEmpty();
        for (var which : List.of("first", "second")) {
            var lesson = LessonText.read(which + " end 6 longer", left).orThrow();
            var index = which.equals("first") ? 1 : 3;
            var here = SecondSide.corrected(left, lesson, left).orThrow();
            assertThat(here.net())
                    .isEqualTo(EdgeEdit.moved(left, index, 6).orThrow().net());
            var there = SecondSide.corrected(left, lesson, right).orThrow();
            assertThat(SidesCompared.of(here, there).places()).as(which).isEmpty();
        }
    }

    private static Piece named(Piece piece, String... names) {
        return piece.withEdges(IntStream.range(0, names.length)
                .mapToObj(i -> piece.edges().get(i).named(names[i]))
                .toList());
    }

    /** A notch was cut into an edge before the learnt one, so that it is counted otherwise now. */
    @Test
    void anEdgeIsKnownAgainOnceThePieceHasOthers() {
        var lesson = lesson("CD 4 shorter");
        var notched = EdgeEdit.notched(LEFT, 0, 150, 20, 10).orThrow();
        assertThat(notched.edges().size()).isGreaterThan(LEFT.edges().size());
        var corrected = SecondSide.corrected(notched, lesson, notched).orThrow();
        var plain = SecondSide.corrected(LEFT, lesson, LEFT).orThrow();
        assertThat(notched.net().area() - corrected.net().area())
                .isCloseTo(LEFT.net().area() - plain.net().area(), within(1.0));
    }

    @Test
    void theOrderThatItTaughtChangesTheSecondSidesSteps() {
        var rail = new Piercing("rail", Kind.PUNCHED, new Point(100, 100), 8, 0, Made.ON_THE_BENCH);
        var right = RIGHT.with(RIGHT.inside().piercedBy(List.of(rail)));
        var lesson = lesson("punch the rail hole after laying, glue the sill before the tunnel");
        var patterns = Patterns.of(List.of(LEFT, right), List.of()).after(new LessonLearnt(lesson));
        assertThat(SecondSide.offers(patterns, VAN))
                .as("it moves no edge and is offered")
                .isNotEmpty();
        var made = SecondSide.corrected(LEFT, lesson, right).orThrow();
        assertThat(made.inside().piercings())
                .singleElement()
                .satisfies(hole -> assertThat(hole.made()).isEqualTo(Made.IN_THE_CAR));
        assertThat(SecondSide.steps(patterns, right.id())).isEmpty();
        assertThat(SecondSide.steps(patterns.after(new LessonTaken(0, right.id())), right.id()))
                .containsExactly("punch the rail hole after laying, glue the sill before the tunnel");
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
