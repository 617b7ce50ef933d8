package welumen.desktop.pattern;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.WordLine;
import welumen.job.JobChange.AtPattern;
import welumen.measure.Lengths;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.Lesson;
import welumen.pattern.PatternChange.LessonLearnt;
import welumen.pattern.PatternChange.LessonTaken;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.piece.Piece;
import welumen.pattern.sides.LessonText;
import welumen.pattern.sides.SecondSide;

/** What the first side taught, and its offer to the second. */
final class LessonBox extends VBox {
    private final JobModel model;
    private final Consumer<String> say;
    private final WordLine<Lesson> typed;
    private final VBox told = new VBox(4);
    private Optional<Piece> piece = Optional.empty();

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    LessonBox(JobModel model, Consumer<String> say) {
        super(8);
        this.model = model;
        this.say = say;
        typed = new WordLine<Lesson>(
                        "lesson", "What this side taught for the other", this::read, lesson -> List.of(words(lesson)))
                .example(Lengths.example(
                        "The first side taught: rear edge 6 longer, took 95 min, glue the sill before the tunnel",
                        "The first side taught: rear edge 1/4 longer, took 95 min, glue the sill before the tunnel"))
                .knows(
                        "An edge longer",
                        Lengths.example("rear edge 6 longer", "rear edge 1/4 longer"),
                        "By how much; or shorter")
                .knows("It took", "took 95 min", "How long this side took")
                .knows("In which order", "glue the sill before the tunnel", "What is to be done in which order")
                .onEnter(lesson -> model.make(new AtPattern(new LessonLearnt(lesson))), say);
        told.setId("lessons");
        getChildren().add(typed);
    }

    /** What was taught, and to which pieces it is offered. */
    Node told() {
        return told;
    }

    void show(Optional<Piece> shown) {
        piece = shown;
        told.getChildren().clear();
        var patterns = model.job().patterns();
        var lessons = patterns.known().lessons();
        if (lessons.isEmpty()) {
            SecondSide.first(model.job().cabin())
                    .ifPresent(side -> told.getChildren()
                            .add(Nodes.label(
                                    "Begin with the %s side: it is seen less, and what it teaches goes into the other."
                                            .formatted(side.word()),
                                    Styles.NOTE)));
            return;
        }
        for (var lesson : lessons) told.getChildren().add(Nodes.label(words(lesson), Styles.NOTE));
        for (var step : piece.map(one -> SecondSide.steps(patterns, one.id())).orElse(List.of()))
            told.getChildren().add(Nodes.label("Here, as taught: " + step, Styles.STRONG));
        for (var offer : SecondSide.offers(patterns, model.job().cabin())) {
            var button = Nodes.button(
                    offer.isFirst()
                            ? "Put the %s right too".formatted(offer.piece().name())
                            : "Take it over to the %s".formatted(offer.piece().name()),
                    "Edges are moved, holes made and steps taken as the first side taught",
                    () -> take(offer));
            button.setId("take-lesson-" + offer.piece().id());
            told.getChildren().add(button);
        }
    }

    private String words(Lesson lesson) {
        var first = model.job().patterns().findOne(lesson.piece());
        var edges = first.stream()
                .flatMap(one -> lesson.corrections().stream()
                        .map(correction -> "%s %s %s"
                                .formatted(
                                        one.edgeWord(correction.edge()),
                                        Lengths.near(Math.abs(correction.outMm())),
                                        correction.outMm() > 0 ? "longer" : "shorter")))
                .toList();
        return "%s taught: %s%s%s"
                .formatted(
                        first.map(Piece::name).map(Words::capital).orElse(lesson.piece()),
                        String.join(", ", edges),
                        lesson.order().isBlank() ? "" : (edges.isEmpty() ? "" : "; ") + lesson.order(),
                        lesson.minutes() == 0 ? "" : "; it took %s".formatted(Words.hours(lesson.minutes() / 60)));
    }

    private Parsed<Lesson> read(String text) {
        return piece.<Parsed<Lesson>>map(one -> LessonText.read(text, one))
                .orElseGet(() -> new Refused<>("Draw a piece first."));
    }

    private void take(SecondSide.Offer offer) {
        var patterns = model.job().patterns();
        var lesson = patterns.known().lessons().get(offer.lesson());
        var first = patterns.findOne(lesson.piece()).orElseThrow();
        switch (SecondSide.corrected(first, lesson, offer.piece())) {
            case Refused<Piece>(var why) -> say.accept(why);
            case Understood<Piece>(var corrected) ->
                model.makeTogether(List.of(
                        new AtPattern(new PieceDrawn(corrected)),
                        new AtPattern(new LessonTaken(offer.lesson(), corrected.id()))));
        }
    }
}
