package welumen.desktop.pattern;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.collections.ObservableList;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.PieceChoice;
import welumen.desktop.stage.Reads;
import welumen.desktop.stage.WordLine;
import welumen.job.JobChange.AtPattern;
import welumen.measure.Lengths;
import welumen.pattern.PatternChange.StationMeasured;
import welumen.pattern.SideStation;
import welumen.pattern.piece.Piece;
import welumen.pattern.sides.Fellows;
import welumen.pattern.sides.OneSideOnly;
import welumen.pattern.sides.SidesCompared;
import welumen.pattern.sides.SidesCompared.Place;

/** A piece and its fellow from the other side, mirrored and laid over each other: what may differ, and what does. */
final class SidesLeaf extends Leaf {
    private final PieceChoice one;
    private final PieceChoice other;
    private final WordLine<SideStation> station;
    private final VBox list = new VBox(6);
    private final LessonBox lessons;
    private final ComboBox<Integer> datum = new ComboBox<>();
    private boolean filling;

    private final OnePieceFelt felt =
            new OnePieceFelt("sides-felt", "The fellow, and over it the mirrored piece", this::over);
    private Optional<SidesCompared> compared = Optional.empty();

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    SidesLeaf(JobModel model) {
        super(model, Reads.CABIN, Reads.PATTERNS, Reads.PICKED);
        one = new PieceChoice(model, "sides-one", this::show);
        other = new PieceChoice(model, "sides-other", this::show);
        other.setPromptText("choose its fellow");
        datum.setId("sides-datum");
        WordCell.in(datum, this::from);
        datum.valueProperty().subscribe(() -> {
            if (!filling) show();
        });
        station = new WordLine<SideStation>(
                        "side-station",
                        "A place measured on the left and on the right",
                        SideStation::read,
                        there -> List.of(
                                there.name(),
                                "left %s".formatted(Lengths.said(there.leftMm())),
                                "right %s".formatted(Lengths.said(there.rightMm()))))
                .example("Measured on both sides")
                .knows(
                        "Left / right",
                        Lengths.example("dash to sill 412 / 380", "dash to sill 16 1/4 / 15"),
                        "A place, and its measure on the left and on the right")
                .knows("Because", "because the duct comes down there", "Why the two differ")
                .onEnter(this::measured, answer::setText);
        answer.setId("sides-answer");
        list.setId("sides-list");
        lessons = new LessonBox(model, answer::setText);
        var right = Nodes.scroll(Nodes.column(10, lessons.told(), list));
        var both = Nodes.beside(felt, right, 300);
        var choice = Nodes.form(
                14, Nodes.field("This piece", one), Nodes.field("and its fellow", other), Nodes.field("Laid", datum));
        getChildren().addAll(choice, station, lessons, both);
    }

    @Override
    protected Node first() {
        return station.field();
    }

    @Override
    protected void refresh() {
        var own = PatternView.pieces(model);
        var all = model.job().patterns().pieces();
        one.fill(own);
        other.fill(
                all.stream().filter(piece -> !piece.id().equals(one.getValue())).toList(),
                one.piece()
                        .flatMap(piece -> Fellows.of(
                                piece, model.job().patterns(), model.job().cabin()))
                        .map(Piece::id)
                        .orElse(null));
        show();
    }

    private void show() {
        list.getChildren().clear();
        var piece = one.piece();
        lessons.show(piece);
        var fellow = other.piece();
        compared = piece.isPresent()
                        && fellow.isPresent()
                        && !piece.get().id().equals(fellow.get().id())
                ? Optional.of(compare(piece.get(), fellow.get()))
                : Optional.empty();
        felt.show(
                compared.isPresent() ? fellow : piece,
                compared.map(both -> both.mirrored().net().box()),
                compared.isPresent() ? "Dashed in wax: the piece mirrored · red: where they differ" : "");
        if (piece.isEmpty()) {
            answer.setText("Draw a piece first.");
            return;
        }
        var flagged = stations(piece.get());
        answer.setText(said(piece.get(), flagged));
        compared.ifPresent(both -> places(both, fellow.orElseThrow()));
        compared.ifPresent(both -> oneSideOnly(both, piece.get(), fellow.orElseThrow()));
    }

    /** Chosen by hand, else from where the fewest places differ. */
    private SidesCompared compare(Piece piece, Piece fellow) {
        var wanted = datum.getValue();
        var count = fellow.edges().size();
        var both = wanted == null || wanted >= count
                ? SidesCompared.of(piece, fellow)
                : wanted == SidesCompared.BEST_FIT
                        ? SidesCompared.byBestFit(piece, fellow)
                        : SidesCompared.fromDatum(piece, fellow, wanted);
        filling = true;
        datum.getItems()
                .setAll(IntStream.range(SidesCompared.BEST_FIT, count).boxed().toList());
        datum.setValue(both.datum());
        filling = false;
        return both;
    }

    private String from(Integer edge) {
        if (edge == SidesCompared.BEST_FIT) return "by best fit";
        return other.piece()
                .filter(fellow -> edge < fellow.edges().size())
                .map(fellow -> "from where %s begins".formatted(fellow.edgeWord(edge)))
                .orElse("");
    }

    private String said(Piece piece, int flagged) {
        if (compared.isEmpty())
            return "The %s has no fellow yet: Mirror it on the first leaf, and then alter what differs."
                    .formatted(piece.name());
        var places = compared.get().differing().size();
        var alone = other.piece()
                .map(fellow -> OneSideOnly.of(compared.get().mirrored(), fellow).count())
                .orElse(0);
        return (places == 0
                        ? "Mirrored, the two are the same within %s".formatted(Lengths.near(SidesCompared.SAME_MM))
                        : "Mirrored, the two differ at %s".formatted(Words.many(places, "place")))
                + (alone == 0 ? "" : "; %s on one side only".formatted(Words.many(alone, "thing")))
                + (flagged == 0
                        ? "."
                        : "; the sides differ at %s, which %s a word why before it is cut."
                                .formatted(Words.many(flagged, "station"), flagged == 1 ? "wants" : "want"));
    }

    /** How many are flagged. */
    private int stations(Piece piece) {
        var stations = model.job().patterns().known().stations().getOrDefault(piece.id(), List.of());
        if (!stations.isEmpty()) list.getChildren().add(Nodes.whole("Measured on both sides", Styles.HEADING));
        for (var measured : stations)
            list.getChildren()
                    .add(Nodes.label(
                            "%s: left %s, right %s, %s"
                                    .formatted(
                                            Words.capital(measured.name()),
                                            Lengths.near(measured.leftMm()),
                                            Lengths.near(measured.rightMm()),
                                            why(measured)),
                            measured.isFlagged() ? Styles.DANGER : Styles.NOTE));
        return (int) stations.stream().filter(SideStation::isFlagged).count();
    }

    private static String why(SideStation measured) {
        if (Math.abs(measured.offMm()) <= SideStation.SAME_MM) return "the same";
        return "%s apart, %s"
                .formatted(
                        Lengths.near(Math.abs(measured.offMm())),
                        measured.because().isBlank() ? "nobody said why" : measured.because());
    }

    private void places(SidesCompared both, Piece fellow) {
        if (both.places().isEmpty()) return;
        if (both.datum() == SidesCompared.BEST_FIT)
            list.getChildren()
                    .add(Nodes.label(
                            "By best fit: one difference is shared out over many places. From a datum it is as large as it is.",
                            Styles.NOTE));
        else {
            var fitted = SidesCompared.byBestFit(one.piece().orElseThrow(), fellow);
            list.getChildren()
                    .add(Nodes.label(
                            fitted.places().isEmpty()
                                    ? "By best fit they differ nowhere."
                                    : "By best fit, which shares a difference out: %s, %s at the most."
                                            .formatted(
                                                    Words.many(
                                                            fitted.differing().size(), "place"),
                                                    Lengths.said(fitted.places()
                                                            .getFirst()
                                                            .mm())),
                            Styles.NOTE));
        }
        list.getChildren().add(Nodes.whole("Where they differ", Styles.HEADING));
        for (var i = 0; i < both.places().size(); i++) {
            var place = both.places().get(i);
            list.getChildren()
                    .add(Nodes.label(
                            "%d  %s: the %s has up to %s %s"
                                    .formatted(
                                            i + 1,
                                            Words.capital(fellow.edgeWord(place.edge())),
                                            fellow.name(),
                                            Lengths.said(Math.round(10 * place.mm()) / 10.0),
                                            place.isMore() ? "more" : "less"),
                            place.isSame() ? Styles.NOTE : Styles.DANGER));
        }
    }

    private void oneSideOnly(SidesCompared both, Piece piece, Piece fellow) {
        var alone = OneSideOnly.of(both.mirrored(), fellow);
        if (alone.count() == 0) return;
        list.getChildren().add(Nodes.whole("On one side only", Styles.HEADING));
        for (var here : alone.here())
            list.getChildren().add(Nodes.label("%s: %s".formatted(Words.capital(piece.name()), here), Styles.NOTE));
        for (var there : alone.there())
            list.getChildren().add(Nodes.label("%s: %s".formatted(Words.capital(fellow.name()), there), Styles.NOTE));
    }

    private void over(Chalk chalk, ObservableList<Node> nodes) {
        if (compared.isEmpty()) return;
        var both = compared.get();
        nodes.add(chalk.draw(both.mirrored().net(), "other-side"));
        for (var i = 0; i < both.places().size(); i++) {
            Place place = both.places().get(i);
            nodes.add(chalk.draw(place.where(), "side-place"));
            var at = place.where().box().middle();
            felt.say(Integer.toString(i + 1), chalk.x(at.x()) + 8, chalk.y(at.y()) - 8);
        }
    }

    private boolean measured(SideStation there) {
        var piece = one.piece();
        return piece.isPresent()
                && model.make(new AtPattern(new StationMeasured(piece.get().id(), there)));
    }
}
