package welumen.desktop.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import welumen.cabin.Part;
import welumen.cut.stock.Stock;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.WordCell;
import welumen.desktop.model.JobModel;
import welumen.job.JobChange.AtPattern;
import welumen.pattern.PartMakeup;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Makeup;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Under;
import welumen.treatment.Matter;

/** What a piece is cut from and how it lies: taken from its part, and changed here whenever one knows better. */
final class MakeupChoice extends VBox {
    /** In which way a piece lies. */
    private enum Lies {
        ANY("any way"),
        STRETCH("stretch along"),
        PILE("pile toward");

        private final String word;

        Lies(String word) {
            this.word = word;
        }

        static Lies of(Grain grain) {
            return switch (grain) {
                case Grain.AnyWay() -> ANY;
                case Grain.StretchAlong _ -> STRETCH;
                case Grain.NapToward _ -> PILE;
            };
        }
    }

    private final JobModel model;
    private final VBox fields = new VBox(8);

    /** What the piece is made up of, in a line; pressed, it can be changed. */
    private final Button summary =
            Nodes.button("", "Change what it is cut from, glued to, and how it lies", this::unfold);

    private final ComboBox<String> material = new ComboBox<>();
    private final ComboBox<Under> under = new ComboBox<>();
    private final ComboBox<Integer> grade = new ComboBox<>();
    private final ComboBox<Lies> lies = new ComboBox<>();
    private final TextField degrees = new TextField();
    private @Nullable Piece shown;
    private boolean filling;

    /** @param with what else can be done with the piece as a whole */
    MakeupChoice(JobModel model, Node with) {
        super(8);
        this.model = model;
        material.setId("piece-material");
        material.setEditable(true);
        material.setMaxWidth(Double.MAX_VALUE);
        under.setId("piece-under");
        under.getItems().setAll(Under.values());
        WordCell.in(under, Under::word);
        grade.setId("piece-grade");
        grade.getItems().setAll(0, 1, 2, 3, 4);
        WordCell.in(grade, one -> one == 0 ? "none" : Integer.toString(one));
        lies.setId("piece-lies");
        lies.getItems().setAll(Lies.values());
        WordCell.in(lies, one -> one.word);
        degrees.setId("piece-degrees");
        degrees.setPrefColumnCount(3);
        degrees.setAccessibleText("Degrees, turning against the clock from the piece's width");
        degrees.setOnAction(_ -> change());
        Stream.of(material, under, grade, lies)
                .forEach(box -> box.valueProperty().subscribe((_, _) -> change()));
        degrees.managedProperty().bind(degrees.visibleProperty());
        material.getEditor().setAccessibleText("Cut from");
        summary.setId("piece-makeup");
        summary.setMaxWidth(Double.MAX_VALUE);
        summary.setWrapText(true);
        summary.setAlignment(Pos.CENTER_LEFT);
        fields.getChildren()
                .addAll(
                        with,
                        Nodes.field("Cut from", material),
                        Nodes.row(8, Nodes.field("Glued to", under), Nodes.field("Grade", grade)),
                        Nodes.row(8, Nodes.field("Lies", lies), Nodes.level(degrees)));
        fields.setVisible(false);
        fields.managedProperty().bind(fields.visibleProperty());
        getChildren().addAll(summary, fields);
        managedProperty().bind(visibleProperty());
    }

    /** What a new piece of a part is made up of: as the last piece of that part, else as such a part usually is. */
    static Makeup usual(JobModel model, Part part) {
        var pieces = model.job().patterns().of(part.id());
        return pieces.isEmpty()
                ? PartMakeup.of(part, known(model))
                : pieces.getLast().makeup();
    }

    /** What is here to cut from, then what is listed, then what other pieces are of. */
    private static List<PartMakeup.Known> known(JobModel model) {
        var listed = model.yard().state().goods().materials();
        return Stream.of(
                        model.toCutFrom().stream().map(Stock::material),
                        listed.all().stream().map(one -> one.name()),
                        model.job().patterns().pieces().stream().map(Piece::material))
                .flatMap(names -> names)
                .filter(name -> !name.isBlank())
                .distinct()
                .flatMap(name -> listed
                        .findOne(name)
                        .map(one -> one.matter())
                        .or(() -> Matter.of(name))
                        .map(matter -> new PartMakeup.Known(name, matter))
                        .stream())
                .toList();
    }

    void hide() {
        shown = null;
        setVisible(false);
    }

    void show(Piece piece) {
        filling = true;
        shown = piece;
        setVisible(true);
        summary.setText(words(piece));
        material.getItems()
                .setAll(Stream.concat(known(model).stream().map(PartMakeup.Known::name), Stream.of(piece.material()))
                        .distinct()
                        .toList());
        material.setValue(piece.material());
        under.setValue(piece.under());
        grade.setValue(piece.grade());
        lies.setValue(Lies.of(piece.grain()));
        degrees.setVisible(piece.grain().way().isPresent());
        degrees.setText("%.0f".formatted(piece.grain().way().orElse(0)));
        filling = false;
    }

    private void unfold() {
        fields.setVisible(!fields.isVisible());
    }

    private static String words(Piece piece) {
        var words = new ArrayList<String>();
        words.add(piece.material());
        if (piece.under() != Under.NOTHING) words.add("on " + piece.under().word());
        if (piece.grade() > 0) words.add("grade " + piece.grade());
        switch (piece.grain()) {
            case Grain.AnyWay() -> {}
            case Grain.StretchAlong(var way) -> words.add("stretch %.0f°".formatted(way));
            case Grain.NapToward(var way) -> words.add("pile %.0f°".formatted(way));
        }
        return String.join(" · ", words);
    }

    private void change() {
        if (filling || shown == null) return;
        var now = new Makeup(
                Optional.ofNullable(material.getValue())
                        .map(String::strip)
                        .filter(name -> !name.isEmpty())
                        .orElse(shown.material()),
                grade.getValue(),
                grain(),
                under.getValue());
        if (!now.equals(shown.makeup())) model.make(new AtPattern(new PieceDrawn(shown.madeOf(now))));
    }

    private Grain grain() {
        return switch (lies.getValue()) {
            case ANY -> new Grain.AnyWay();
            case STRETCH -> new Grain.StretchAlong(angle(0));
            case PILE -> new Grain.NapToward(angle(270));
        };
    }

    /** As it is typed; where the piece lay any way, as such pieces usually do. */
    private double angle(double usual) {
        if (shown != null && Lies.of(shown.grain()) != lies.getValue()) return usual;
        try {
            return Double.parseDouble(degrees.getText().strip().replaceFirst("°$", ""));
        } catch (NumberFormatException noNumber) {
            return shown == null ? usual : shown.grain().way().orElse(usual);
        }
    }
}
