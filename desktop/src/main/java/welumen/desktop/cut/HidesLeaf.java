package welumen.desktop.cut;

import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;
import welumen.cut.hide.Flaws;
import welumen.cut.hide.MarkText;
import welumen.cut.hide.Upright;
import welumen.cut.stock.Stock;
import welumen.cut.table.CutCard;
import welumen.desktop.look.FileChoice;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.MmField;
import welumen.desktop.stage.StockLine;
import welumen.desktop.stage.StockWords;
import welumen.desktop.stage.WordLine;
import welumen.files.json.BadFile;
import welumen.files.pattern.DrawingFormat;
import welumen.files.pattern.HideDrawing;
import welumen.measure.Lengths;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.piece.Piece;
import welumen.shape.Point;
import welumen.shape.Shape;
import welumen.trace.TraceOptions;
import welumen.trace.Traced;

/** What came in to cut from: typed, photographed on the table; its flaws and grades marked. */
final class HidesLeaf extends Leaf {
    private static final TraceOptions TARGETS = new TraceOptions(80, 0);

    private final WordLine<Stock> typed;
    /** Width in pixels of what is typed beside the hide. */
    private static final double BESIDE = 350;

    private final ComboBox<String> material = new ComboBox<>();
    private final ComboBox<String> shown = new ComboBox<>();
    private final WordLine<Stock> mark;
    private final MmField size;
    private final VBox facts = new VBox(6);
    private final HideFelt felt = new HideFelt(this::flawAt);
    private final Button scan =
            Nodes.button("Photograph", "Take its outline and its chalked flaws from a photo", this::scan);
    private final Button open = Nodes.button("Drawing", "Take its outline and its flaws from DXF or SVG", this::choose);
    private final Button sendBack =
            Nodes.button("It is gone", "It is here no more: sent back, sold or thrown away", this::sendBack);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    HidesLeaf(JobModel model) {
        super(model);
        size = new MmField("flaw-size", "25 mm", () -> {});
        typed = StockLine.of(
                "stock-typed", model, () -> String.valueOf(material.getValue()), this::bring, answer::setText);
        material.setId("stock-material");
        material.setEditable(true);
        material.setPrefWidth(170);
        shown.setId("stock-shown");
        WordCell.in(shown, Words::capital, "nothing yet");
        shown.valueProperty().subscribe(this::show);
        mark = new WordLine<Stock>(
                        "hide-mark",
                        "A flaw of what is shown; of a hide a grade too, or how it stretches",
                        this::marked,
                        stock -> List.of(StockWords.said(stock)))
                .example("Click where a flaw is, or mark it by numbers")
                .knows(
                        "Flaw",
                        Lengths.example("flaw 40 at -120, 300", "flaw 1 1/2 at -5, 12"),
                        "How large; from the backbone, up from the butt")
                .knows(
                        "Long flaw",
                        Lengths.example("flaw 60 x 1300 at 1200, 700", "flaw 2 x 50 at 48, 28"),
                        "A rectangle of that size")
                .knows(
                        "Grade",
                        Lengths.example("grade 3, 400 x 250 at 600, 900", "grade 3, 16 x 10 at 24, 36"),
                        "A field of that grade")
                .knows("Grades as usual", "grades as usual", "All grades as such a hide usually has them")
                .knows("Stretches", "stretches 20", "In degrees from straight across")
                .onEnter(model.stock()::found, answer::setText);
        answer.setId("hides-answer");
        facts.setId("hide-facts");
        scan.setId("scan-hide");
        open.setId("open-hide");
        sendBack.setId("send-back");
        var beside = Nodes.column(
                12,
                Nodes.whole("What came in", Styles.HEADING),
                Nodes.field("Material", material),
                typed,
                Nodes.form(10, Nodes.field("Shown", shown), scan, open, sendBack),
                Nodes.form(10, Nodes.field("A clicked flaw is", size)),
                mark,
                facts);
        getChildren().add(Nodes.beside(felt, Nodes.scroll(beside), BESIDE));
    }

    @Override
    protected Node first() {
        return typed.field();
    }

    @Override
    protected void refresh() {
        var before = shown.getValue();
        Nodes.refill(shown, model.toCutFrom().stream().map(Stock::id).toList());
        var materials = Stream.concat(
                        model.job().patterns().pieces().stream().map(Piece::material),
                        model.toCutFrom().stream().map(Stock::material))
                .distinct()
                .toList();
        var chosen = material.getValue();
        material.getItems().setAll(materials);
        material.setValue(
                chosen != null && !chosen.isBlank() ? chosen : materials.isEmpty() ? "" : materials.getFirst());
        if (Objects.equals(before, shown.getValue())) show();
    }

    private Optional<Stock> stock() {
        return model.toCutFrom().stream()
                .filter(one -> one.id().equals(shown.getValue()))
                .findFirst();
    }

    private void show() {
        var one = stock();
        felt.show(one);
        facts.getChildren().clear();
        var isHide = one.filter(stock -> stock instanceof Stock.Hide hide && hide.kind() == Stock.Kind.HIDE)
                .isPresent();
        scan.setDisable(!isHide);
        open.setDisable(!isHide);
        sendBack.setDisable(one.isEmpty());
        answer.setText(one.map(StockWords::said).orElse("Type what came in, and it lies here."));
        for (var each : model.toCutFrom())
            facts.getChildren().add(Nodes.label("%s · %s".formatted(each.id(), StockWords.line(each)), Styles.NOTE));
    }

    private boolean bring(Stock stock) {
        var taken = model.stock().boughtForCar(stock);
        taken.ifPresent(one -> shown.setValue(one.id()));
        return taken.isPresent();
    }

    private void sendBack() {
        if (shown.getValue() != null) model.stock().gone(shown.getValue(), "sent back");
    }

    private Parsed<Stock> marked(String text) {
        return stock().<Parsed<Stock>>map(one -> MarkText.read(text, one, CutCard.from(one)))
                .orElseGet(() -> new Refused<>("Nothing came in yet that could be marked."));
    }

    private void flawAt(Point at) {
        if (size.mm().isEmpty()) answer.setText(size.wrong());
        else stock().ifPresent(one -> changed(Flaws.round(one, at, size.mm().get())));
    }

    private boolean changed(Parsed<Stock> read) {
        return switch (read) {
            case Refused<Stock>(var why) -> {
                answer.setText(why);
                yield false;
            }
            case Understood<Stock>(var marked) -> model.stock().found(marked);
        };
    }

    /** Traced beside, since it takes a few seconds. */
    private void scan() {
        if (!(stock().orElse(null) instanceof Stock.Hide hide)) return;
        answer.setText("Tracing the %s; a few seconds.".formatted(hide.id()));
        scan.setDisable(true);
        model.traces()
                .photographHide(hide.id(), TARGETS, found -> {
                    scan.setDisable(false);
                    switch (found) {
                        case Refused<Traced>(var why) -> answer.setText(why);
                        case Understood<Traced>(var traced) -> traced(hide, traced);
                    }
                })
                .whenStopped(() -> {
                    scan.setDisable(false);
                    answer.setText("The trace was stopped.");
                });
    }

    private void traced(Stock.Hide hide, Traced traced) {
        taken(hide, traced.shape(), String.join(" ", traced.warnings()));
    }

    /** The hide with another rim and other flaws, stood upright. */
    private void taken(Stock.Hide hide, Shape shape, String warnings) {
        model.stock().found(Upright.found(hide, shape));
        answer.setText("%s, its backbone upright%s."
                .formatted(
                        StockWords.said(stock().orElse(hide)).replaceFirst("\\.$", ""),
                        warnings.isEmpty() ? "" : ". " + warnings));
    }

    private void choose() {
        FileChoice.one(getScene().getWindow(), "A drawing of the hide", "Drawings", DrawingFormat.patterns())
                .ifPresent(this::open);
    }

    /** The shown hide as a drawing has it, or why not. */
    void open(Path file) {
        if (!(stock().orElse(null) instanceof Stock.Hide hide)) return;
        try {
            taken(hide, HideDrawing.read(file), "");
        } catch (BadFile fault) {
            answer.setText("The drawing [%s] cannot be read: %s".formatted(file.getFileName(), fault.getMessage()));
        }
    }
}
