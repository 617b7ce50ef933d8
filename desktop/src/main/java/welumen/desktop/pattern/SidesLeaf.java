package welumen.desktop.pattern;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javafx.collections.ObservableList;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.job.JobChange.AtPattern;
import welumen.measure.Length;
import welumen.measure.Parsed.Understood;
import welumen.pattern.CuttingLine;
import welumen.pattern.PatternChange.StationMeasured;
import welumen.pattern.Piece;
import welumen.pattern.SideStation;
import welumen.pattern.sides.SidesCompared;
import welumen.pattern.sides.SidesCompared.Place;
import welumen.strip.OtherSide;

/** A piece and its fellow from the other side, mirrored and laid over each other: what may differ, and what does. */
final class SidesLeaf extends Leaf {
    private static final Pattern STATION = Pattern.compile(
            "(?<name>\\D[^\\d]*?)\\s+(?<left>\\d[^/]*?)\\s*/\\s*(?<right>\\d[^,]*?)(?:\\s*,\\s*(?:because\\s+)?(?<because>.+))?");

    private final PieceChoice one;
    private final PieceChoice other;
    private final TextField station = new TextField();
    private final Label answer = Nodes.label("", Styles.STRONG);
    private final VBox list = new VBox(6);
    private final OnePieceFelt felt =
            new OnePieceFelt("sides-felt", "The fellow, and over it the mirrored piece", this::over);
    private Optional<SidesCompared> compared = Optional.empty();

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    SidesLeaf(JobModel model) {
        super(model, "Two sides");
        one = new PieceChoice(model, "sides-one", this::show);
        other = new PieceChoice(model, "sides-other", this::show);
        other.setPromptText("choose its fellow");
        station.setId("side-station");
        station.setPromptText("Measured on both sides: dash to sill 412 / 380, because the duct comes down there");
        station.setAccessibleText("A place measured on the left and on the right");
        station.setOnAction(_ -> measured());
        answer.setId("sides-answer");
        answer.setMinHeight(USE_PREF_SIZE);
        list.setId("sides-list");
        var right = Nodes.scroll(list);
        var both = Nodes.beside(felt, right, 300);
        var choice = Nodes.row(14, Nodes.field("This piece", one), Nodes.field("and its fellow", other));
        getChildren().addAll(choice, station, answer, both);
    }

    @Override
    protected Node first() {
        return station;
    }

    @Override
    protected void refresh() {
        var own = PatternView.pieces(model);
        var all = model.job().patterns().pieces();
        one.fill(own);
        other.fill(
                all.stream().filter(piece -> !piece.id().equals(one.getValue())).toList(),
                fellow().map(Piece::id).orElse(null));
        show();
    }

    /** Of the part on the other side, the piece that is called most like this one. */
    private Optional<Piece> fellow() {
        var cabin = model.job().cabin();
        var part = one.piece().flatMap(piece -> cabin.findOne(piece.part())).flatMap(own -> OtherSide.of(cabin, own));
        return part.stream()
                .flatMap(there -> model.job().patterns().of(there.id()).stream())
                .max(Comparator.comparingInt(this::likeness));
    }

    /** How much a name has in common with the first piece's. */
    private int likeness(Piece piece) {
        var own = List.of(one.piece().map(Piece::name).orElse("").split(" "));
        return (int)
                Stream.of(piece.name().split("[ ,]+")).filter(own::contains).count();
    }

    private void show() {
        list.getChildren().clear();
        var piece = one.piece();
        var fellow = other.piece();
        compared = piece.isPresent()
                        && fellow.isPresent()
                        && !piece.get().id().equals(fellow.get().id())
                ? Optional.of(SidesCompared.of(piece.get(), fellow.get()))
                : Optional.empty();
        felt.show(
                compared.isPresent() ? fellow : piece,
                compared.map(both -> CuttingLine.of(fellow.orElseThrow())
                                .box()
                                .with(both.mirrored().net().box()))
                        .or(() -> piece.map(one -> CuttingLine.of(one).box())),
                compared.isPresent() ? "Dashed in wax: the piece mirrored · red: where they differ" : "");
        if (piece.isEmpty()) {
            answer.setText("Draw a piece first.");
            return;
        }
        var flagged = stations(piece.get());
        answer.setText(said(piece.get(), flagged));
        compared.ifPresent(both -> places(both, fellow.orElseThrow()));
    }

    private String said(Piece piece, int flagged) {
        if (compared.isEmpty())
            return "The %s has no fellow yet: Mirror it on the first leaf, and then alter what differs."
                    .formatted(piece.name());
        var places = compared.get().places().size();
        return (places == 0
                        ? "Mirrored, the two are the same within %.0f mm".formatted(SidesCompared.SAME_MM)
                        : "Mirrored, the two differ at %s".formatted(Words.many(places, "place")))
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
                            "%s: left %.0f, right %.0f, %s"
                                    .formatted(
                                            Words.capital(measured.name()),
                                            measured.leftMm(),
                                            measured.rightMm(),
                                            why(measured)),
                            measured.isFlagged() ? Styles.DANGER : Styles.NOTE));
        return (int) stations.stream().filter(SideStation::isFlagged).count();
    }

    private static String why(SideStation measured) {
        if (Math.abs(measured.offMm()) <= SideStation.SAME_MM) return "the same";
        return "%.0f mm apart, %s"
                .formatted(
                        Math.abs(measured.offMm()),
                        measured.because().isBlank() ? "nobody said why" : measured.because());
    }

    private void places(SidesCompared both, Piece fellow) {
        if (both.places().isEmpty()) return;
        list.getChildren().add(Nodes.whole("Where they differ", Styles.HEADING));
        for (var i = 0; i < both.places().size(); i++) {
            var place = both.places().get(i);
            list.getChildren()
                    .add(Nodes.label("%d  %s: the %s has up to %.0f mm %s"
                            .formatted(
                                    i + 1,
                                    Words.capital(fellow.edgeWord(place.edge())),
                                    fellow.name(),
                                    place.mm(),
                                    place.isMore() ? "more" : "less")));
        }
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

    private void measured() {
        var piece = one.piece();
        var typed = STATION.matcher(station.getText().strip());
        if (piece.isEmpty()) return;
        if (!typed.matches()
                || !(Length.parse(typed.group("left")) instanceof Understood<Length>(var left))
                || !(Length.parse(typed.group("right")) instanceof Understood<Length>(var right))) {
            answer.setText("Type a place with its left and its right measure, as dash to sill 412 / 380.");
            return;
        }
        var because = typed.group("because") == null ? "" : typed.group("because");
        var there = new SideStation(typed.group("name"), left.mm(), right.mm(), because);
        if (model.make(new AtPattern(new StationMeasured(piece.get().id(), there)))) station.clear();
    }
}
