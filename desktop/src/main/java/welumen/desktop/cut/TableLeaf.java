package welumen.desktop.cut;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import welumen.cut.CutChange.PieceSpoilt;
import welumen.cut.CutChange.PlanAccepted;
import welumen.cut.CutPlan;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.Placement;
import welumen.cut.firstfit.CutAgain;
import welumen.cut.pieces.RoughCut;
import welumen.cut.stock.Stock;
import welumen.cut.table.CutCard;
import welumen.cut.table.DrawnSince;
import welumen.cut.table.EffectOfChange;
import welumen.cut.table.Offcuts;
import welumen.cut.table.Relaid;
import welumen.cut.table.RollRest;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Beside;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.files.full.Paper;
import welumen.job.JobChange.AtCut;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/** At the table: cards and drawings to cut by, what was cut, what was spoilt, what is left over. */
final class TableLeaf extends Leaf {
    private final ComboBox<String> shown = new ComboBox<>();
    private final ComboBox<Paper> paper = new ComboBox<>();
    private final VBox list = new VBox(8);
    private final VBox left = new VBox(6);
    private final CardFelt felt = new CardFelt();
    private final FlowPane buttons;

    private final Beside keeping;
    private final Beside laying;
    private final Beside reserving;
    private final Beside changing;
    private final Label reserve = Nodes.label("", Styles.SECOND);
    private final Label effect = Nodes.label("", Styles.DANGER);
    private final Button accept = Nodes.button(
            "Lay them so",
            "The changed pieces are laid where they find room; all else stays where it lies",
            this::accept);
    private Optional<EffectOfChange> effectOfChange = Optional.empty();

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    TableLeaf(JobModel model) {
        super(model, Reads.ALL);
        keeping = new Beside(model, "what will be left");
        laying = new Beside(model, "what is left");
        reserving = new Beside(model, "what could be cut once more");
        changing = new Beside(model, "what a change of the pattern costs");
        effect.setId("table-effect");
        effect.setMinHeight(USE_PREF_SIZE);
        accept.setId("accept-change");
        reserve.setId("table-reserve");
        reserve.setMinHeight(USE_PREF_SIZE);
        reserve.managedProperty().bind(reserve.textProperty().isNotEmpty());
        shown.setId("table-hide");
        WordCell.in(shown, Words::capital, "nothing laid out");
        shown.valueProperty().subscribe(this::show);
        paper.getItems().setAll(Paper.USUAL);
        paper.setValue(Paper.USUAL.getFirst());
        paper.setId("table-paper");
        WordCell.in(paper, Paper::word);
        answer.setId("table-answer");
        list.setId("table-pieces");
        left.setId("table-left");
        var cards = Nodes.button("Cut cards", "A PDF with a card for each hide: picture and chalk list", this::cards);
        cards.setId("cut-cards");
        var full = Nodes.button("Full size", "This hide at full size, tiled on that paper", this::full);
        full.setId("hide-full-size");
        var drawings = Nodes.button("Save the plan", "The plan as DXF and SVG", this::drawings);
        drawings.setId("save-plan");
        var cut = Nodes.chief("It is cut", "All on this hide was cut; what is left is kept", this::cut);
        cut.setId("hide-is-cut");
        buttons = new FlowPane(
                12,
                10,
                Nodes.field("Hide or roll", shown),
                Nodes.level(cut),
                Nodes.level(cards),
                Nodes.field("On", paper),
                Nodes.level(full),
                Nodes.level(drawings));
        var change = Nodes.row(12, Nodes.grown(effect), accept);
        change.visibleProperty().bind(effect.textProperty().isNotEmpty());
        change.managedProperty().bind(change.visibleProperty());
        getChildren()
                .addAll(
                        buttons,
                        reserve,
                        change,
                        Nodes.beside(Nodes.scroll(list), Nodes.column(10, felt, Nodes.scroll(left)), 400)
                                .wide(360));
    }

    @Override
    protected Node first() {
        return shown;
    }

    @Override
    protected void closed() {
        List.of(keeping, reserving, changing).forEach(Beside::stop);
    }

    private Optional<Laid> laid() {
        return model.job().table() instanceof Laid laid ? Optional.of(laid) : Optional.empty();
    }

    private boolean isCut(String stock) {
        return model.job().cutLog().isCut(stock);
    }

    @Override
    protected void refresh() {
        var hides = laid().map(one -> one.plan().sheets().stream()
                        .map(CutPlan.SheetUse::stock)
                        .toList())
                .orElse(List.of());
        var next = hides.stream().filter(stock -> !isCut(stock)).findFirst();
        Nodes.refill(shown, hides, next.or(() -> hides.stream().findFirst()).orElse(null));
        buttons.setDisable(hides.isEmpty());
        laid().ifPresentOrElse(this::sayReserve, () -> reserve.setText(""));
        effect.setText("");
        effectOfChange = Optional.empty();
        laid().ifPresent(this::sayEffect);
        show();
    }

    private void show() {
        felt.getStyleClass().remove(Styles.WORKING);
        list.getChildren().clear();
        list.setDisable(false);
        left.getChildren().clear();
        var table = laid();
        if (table.isEmpty() || shown.getValue() == null) {
            answer.setText("Nothing is laid out yet: lay the pieces out on the first leaf.");
            return;
        }
        var laid = table.get();
        var stock = laid.problem().stock(shown.getValue());
        answer.setText(TableWords.answer(laid, model.job()));
        var card = CutCard.of(laid.problem(), laid.plan(), stock);
        for (var entry : card.entries()) list.getChildren().add(row(laid, stock, entry));
        felt.show(card, List.of());
        felt.getStyleClass().add(Styles.WORKING);
        switch (stock) {
            case Stock.Hide hide ->
                keeping.ask(() -> Offcuts.of(laid, hide), offcuts -> {
                    felt.show(
                            card,
                            offcuts.stream().map(Offcuts.Offcut::rectangle).toList());
                    showLeft(hide, offcuts);
                });
            // asked beside as well, so that a hide that was shown before does not answer after it
            case Stock.Roll roll -> keeping.ask(() -> RollRest.of(laid, roll), rest -> showLeft(roll, rest));
        }
    }

    private Node row(Laid laid, Stock stock, CutCard.Entry entry) {
        var told = Nodes.grown(Nodes.column(
                1,
                Nodes.label(TableWords.piece(entry, model.job().cutLog())),
                Nodes.label(TableWords.place(entry, stock), Styles.MEASURE)));
        told.setMinWidth(0);
        var placement = laid.plan().on(stock.id()).stream()
                .filter(one -> one.piece().equals(entry.piece()) && one.copy() == entry.copy())
                .findFirst()
                .orElseThrow();
        var isSpoilt = model.job().cutLog().isSpoilt(placement);
        var spoilt = Nodes.button(
                isSpoilt ? "was spoilt" : "Spoilt",
                "It came out wrong: it is laid again on what is left",
                () -> spoilt(laid, placement));
        spoilt.setDisable(isSpoilt);
        spoilt.setId("spoilt-%s-%d".formatted(entry.piece(), entry.copy()));
        var row = Nodes.row(10, told, spoilt);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private void showLeft(Stock.Hide hide, List<Offcuts.Offcut> offcuts) {
        felt.getStyleClass().remove(Styles.WORKING);
        left.getChildren().add(Nodes.whole(TableWords.left(isCut(hide.id())), Styles.HEADING));
        for (var offcut : offcuts) left.getChildren().add(Nodes.label(TableWords.offcut(offcut, hide), Styles.MEASURE));
        if (offcuts.isEmpty()) left.getChildren().add(Nodes.label(TableWords.nothingLeft(), Styles.NOTE));
    }

    /** What the pattern's changes since do to what was laid out; reckoned beside. */
    private void sayEffect(Laid laid) {
        var log = model.job().cutLog();
        var stock = model.toCutFrom();
        var job = model.job();
        var drawn = RoughCut.of(EffectOfChange.drawn(laid, job.patterns(), job.toBeCut()), log.worked());
        changing.ask(running -> EffectOfChange.of(laid, drawn, stock, log, running::isStopped), found -> {
            if (model.job().table() != laid) return;
            effectOfChange = Optional.of(found);
            effect.setText(found.isNone() ? "" : EffectWords.of(found, model));
        });
    }

    private void accept() {
        effectOfChange.ifPresent(found -> model.stock()
                .found(
                        List.of(new AtCut(new PlanAccepted(
                                found.after().problem(), found.after().plan()))),
                        List.copyOf(found.holed())));
    }

    /** Which pieces could not be cut once more; reckoned beside. */
    private void sayReserve(Laid laid) {
        var log = model.job().cutLog();
        var now = model.toCutFrom();
        reserving.ask(
                asked -> CutAgain.without(laid, now, log, asked::isStopped),
                without -> reserve.setText(
                        without.isEmpty()
                                ? "Any piece of leather could be cut once more from what is left of the hides that are open."
                                : "If one of these is spoilt, another hide is needed: %s. All others could be cut again from what is left."
                                        .formatted(String.join(", ", without).replace('-', ' '))));
    }

    private void showLeft(Stock.Roll roll, Optional<Stock.Roll> rest) {
        felt.getStyleClass().remove(Styles.WORKING);
        left.getChildren().add(Nodes.whole(TableWords.left(isCut(roll.id())), Styles.HEADING));
        left.getChildren()
                .add(rest.map(one -> Nodes.label(TableWords.rest(one), Styles.MEASURE))
                        .orElseGet(() -> Nodes.label("Nothing worth keeping is left of it.", Styles.NOTE)));
    }

    private void cut() {
        var table = laid();
        if (table.isEmpty() || shown.getValue() == null || isCut(shown.getValue())) return;
        var stock = table.get().problem().stock(shown.getValue());
        if (stock instanceof Stock.Hide hide)
            laying.ask(
                    () -> Offcuts.of(table.get(), hide),
                    offcuts -> cut(
                            hide, offcuts.stream().map(Offcuts.Offcut::stock).toList()));
        else if (stock instanceof Stock.Roll roll)
            cut(roll, RollRest.of(table.get(), roll).stream().toList());
    }

    private void cut(Stock stock, List<? extends Stock> kept) {
        if (!isCut(stock.id())) model.stock().cut(stock, List.copyOf(kept));
    }

    /** Laid again beside; where the plan has changed meanwhile, nothing happens. */
    private void spoilt(Laid laid, Placement placement) {
        answer.setText("Laying the %s again on what is left…"
                .formatted(placement.piece().replace('-', ' ')));
        list.setDisable(true);
        var now = model.toCutFrom();
        var log = model.job().cutLog();
        laying.ask(asked -> Relaid.spoilt(laid, now, log, placement, asked::isStopped), again -> {
            list.setDisable(false);
            if (model.job().table() != laid) return;
            switch (again) {
                case Refused<Laid>(var why) -> answer.setText(why);
                case Understood<Laid>(var relaid) ->
                    model.makeTogether(List.of(
                            new AtCut(new PieceSpoilt(
                                    placement.piece(), placement.copy(), placement.stock(), "came out wrong")),
                            new AtCut(new PlanAccepted(relaid.problem(), relaid.plan()))));
            }
        });
    }

    private void cards() {
        laid().flatMap(laid -> model.papers()
                        .cutCards(
                                laid.problem(),
                                laid.plan(),
                                model.job().cutLog().worked(),
                                model.job().drawnSince().map(DrawnSince::said).orElse("")))
                .ifPresent(file -> answer.setText("Kept as %s.".formatted(file.getFileName())));
    }

    private void full() {
        laid().flatMap(laid -> model.papers()
                        .fullSize(
                                laid.problem(), laid.plan(), laid.problem().stock(shown.getValue()), paper.getValue()))
                .ifPresent(file -> answer.setText("Kept as %s.".formatted(file.getFileName())));
    }

    private void drawings() {
        laid().flatMap(laid -> model.papers().plan(laid.problem(), laid.plan()))
                .ifPresent(file -> answer.setText("Kept as %s, and as SVG.".formatted(file.getFileName())));
    }
}
