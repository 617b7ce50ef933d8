package welumen.desktop.pattern;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import welumen.cut.nest.SheetList;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Beside;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.MmField;
import welumen.desktop.stage.PieceChoice;
import welumen.desktop.stage.Reads;
import welumen.desktop.stage.WordLine;
import welumen.job.JobChange.AtPattern;
import welumen.measure.Lengths;
import welumen.pattern.Padding;
import welumen.pattern.PatternChange.PaddingSaid;
import welumen.pattern.piece.Piece;

/** Every piece of foam, felt and padding: what it is, how it lies, what it weighs, and from which sheet it is cut. */
final class PaddingLeaf extends Leaf {
    private final PieceChoice piece;
    private final WordLine<Padding> typed;
    private final MmField sheetLong;
    private final MmField sheetWide;
    private final VBox schedule = new VBox(6);
    private final VBox sheets = new VBox(6);
    private final Beside laying;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    PaddingLeaf(JobModel model) {
        super(model, Reads.CABIN, Reads.PATTERNS, Reads.PICKED);
        laying = new Beside(model, "the foam on its sheets");
        piece = new PieceChoice(model, "padding-piece", this::show);
        typed = new WordLine<Padding>(
                        "padding",
                        "What it is",
                        Padding::read,
                        padding -> List.of(padding.words().split(", ")))
                .example("20 mm, 35 kg/m3, pressed 15 %, glued, feathered 40")
                .knows("Thick", "20 mm", "How thick it is before it is pressed")
                .knows("Dense", "35 kg/m3", "Its density; foam is sold by it")
                .knows("Pressed", "pressed 15 %", "By what share it is pressed once it is covered")
                .knows("Glued", "glued", "It is glued to what lies beneath")
                .knows("Feathered", "feathered 40", "Its rim is cut thin over so much")
                .onEnter(this::say, answer::setText);
        sheetLong = new MmField("sheet-long", "2000 mm", this::cutList).keptWithThePart(model);
        sheetWide = new MmField("sheet-wide", "1000 mm", this::cutList).keptWithThePart(model);
        answer.setId("padding-answer");
        schedule.setId("padding-schedule");
        sheets.setId("padding-sheets");
        var left = Nodes.scroll(schedule);
        var right = Nodes.column(
                10,
                Nodes.form(10, Nodes.field("Sheet, long", sheetLong), Nodes.field("wide", sheetWide)),
                Nodes.scroll(sheets));
        getChildren()
                .addAll(
                        Nodes.form(14, Nodes.field("Piece", piece), Nodes.grown(Nodes.field("What it is", typed))),
                        Nodes.beside(left, right, 380));
    }

    @Override
    protected Node first() {
        return typed.field();
    }

    @Override
    protected void refresh() {
        piece.fill(PatternView.pieces(model));
        show();
    }

    /** The pieces of which it was said what they are, in their order. */
    private Map<Piece, Padding> said() {
        var patterns = model.job().patterns();
        var said = new LinkedHashMap<Piece, Padding>();
        for (var one : patterns.pieces()) {
            var padding = patterns.known().paddings().get(one.id());
            if (padding != null) said.put(one, padding);
        }
        return said;
    }

    private void show() {
        var all = said();
        schedule.getChildren().clear();
        sheets.getChildren().clear();
        piece.piece()
                .map(one -> model.job().patterns().known().paddings().get(one.id()))
                .ifPresentOrElse(padding -> typed.field().setText(padding.words()), typed.field()::clear);
        all.forEach((one, padding) -> schedule.getChildren().add(row(one, padding)));
        var grams = all.entrySet().stream()
                .mapToDouble(one -> one.getValue().grams(one.getKey()))
                .sum();
        answer.setText(
                all.isEmpty()
                        ? "Say of a piece how thick and how dense its foam is, and it stands in the list."
                        : "%s of padding, %.1f kg in all.".formatted(Words.many(all.size(), "piece"), grams / 1000));
        if (!all.isEmpty()) cutList();
    }

    private Node row(Piece one, Padding padding) {
        var part = model.job().cabin().one(one.part());
        var row = Nodes.column(
                1,
                Nodes.label("%s, on the %s".formatted(Words.capital(one.name()), part.name()), Styles.STRONG),
                Nodes.label(
                        "%s · stands %s high · %.0f g"
                                .formatted(padding.words(), Lengths.near(padding.laidMm()), padding.grams(one)),
                        Styles.MEASURE));
        if (padding.raisesSeat(part))
            row.getChildren()
                    .add(Nodes.label(
                            "The seat stands higher: a belt lies otherwise, and a heater's openings may close. Have a qualified person look at it.",
                            Styles.NOTE));
        return row;
    }

    /** What is of one thickness and density is cut from the same sheets; laid out beside, since that can take a second. */
    private void cutList() {
        sheets.getChildren().clear();
        if (sheetLong.mm().isEmpty() || sheetWide.mm().isEmpty()) {
            answer.setText(sheetLong.mm().isEmpty() ? sheetLong.wrong() : sheetWide.wrong());
            return;
        }
        var kinds = said().entrySet().stream()
                .collect(Collectors.groupingBy(
                        one -> one.getValue().sheetWord(), LinkedHashMap::new, Collectors.toList()));
        var length = sheetLong.mm().orElseThrow();
        var width = sheetWide.mm().orElseThrow();
        laying.ask(
                asked -> {
                    var lists = new LinkedHashMap<String, SheetList>();
                    kinds.forEach((word, pieces) -> lists.put(
                            word,
                            SheetList.of(
                                    pieces.stream().map(Map.Entry::getKey).toList(), length, width, asked::isStopped)));
                    return lists;
                },
                this::show);
    }

    private void show(Map<String, SheetList> lists) {
        lists.forEach((word, list) -> {
            sheets.getChildren()
                    .add(Nodes.label(
                            "%s: %s".formatted(word, Words.many(list.sheets().size(), "sheet")), Styles.STRONG));
            for (var i = 0; i < list.sheets().size(); i++)
                sheets.getChildren()
                        .add(Nodes.label(
                                "%d  %s".formatted(i + 1, names(list.sheets().get(i))), Styles.MEASURE));
            for (var left : list.unplaced())
                sheets.getChildren().add(Nodes.label("%s is larger than a sheet".formatted(left), Styles.DANGER));
        });
    }

    private static String names(Map<String, Integer> cut) {
        return cut.entrySet().stream()
                .map(one -> one.getValue() == 1 ? one.getKey() : "%d × %s".formatted(one.getValue(), one.getKey()))
                .collect(Collectors.joining(", "));
    }

    /** It stands in the line afterwards, as what is said of the piece. */
    private boolean say(Padding padding) {
        if (piece.piece().isPresent()) model.make(new AtPattern(new PaddingSaid(piece.getValue(), padding)));
        return false;
    }
}
