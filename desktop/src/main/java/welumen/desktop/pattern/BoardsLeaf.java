package welumen.desktop.pattern;

import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.collections.ObservableList;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.MmField;
import welumen.desktop.stage.PieceChoice;
import welumen.desktop.stage.Reads;
import welumen.job.JobChange.AtPattern;
import welumen.measure.Lengths;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Piece;
import welumen.pattern.thick.BackLining;
import welumen.pattern.thick.Opening;
import welumen.pattern.thick.TurnIn;
import welumen.pattern.thick.WrapPlan;

/** Boards that are wrapped, and what drops into them: the turn-in with its slits and notches, and openings with their working. */
final class BoardsLeaf extends Leaf {
    private final PieceChoice piece;
    private final MmField board;
    private final MmField padding;
    private final MmField turn;
    private final MmField rounded;
    private final MmField wide;
    private final MmField high;
    private final MmField cover;
    private final MmField lining;
    private final MmField gap;
    private final Label dropIn = Nodes.label("");
    private final Label guesses = Nodes.label("", Styles.NOTE);
    private final VBox list = new VBox(4);
    private final OnePieceFelt felt =
            new OnePieceFelt("boards-felt", "The piece with the cuts of its turn-in", this::over);
    private Optional<WrapPlan> plan = Optional.empty();

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    BoardsLeaf(JobModel model) {
        super(model, Reads.CAR, Reads.PICKED);
        piece = new PieceChoice(model, "boards-piece", this::show);
        board = new MmField("board-thick", "6 mm", this::show).keptWithThePart(model);
        padding = new MmField("board-padding", "3 mm", this::usedTwice).keptWithThePart(model);
        turn = new MmField("turn-in", "20 mm", this::show).keptWithThePart(model);
        rounded = new MmField("edge-rounded", "0 mm", this::show).keptWithThePart(model);
        wide = new MmField("opening-wide", "", this::reckon).keptWithThePart(model);
        high = new MmField("opening-high", "", this::reckon).keptWithThePart(model);
        cover = new MmField("cover-thick", "1.2 mm", this::usedTwice).keptWithThePart(model);
        lining = new MmField("opening-lining", "1.2 mm", this::reckon).keptWithThePart(model);
        gap = new MmField("opening-gap", "0.5 mm", this::reckon).keptWithThePart(model);
        guesses.setId("boards-guesses");
        guesses.managedProperty().bind(guesses.textProperty().isNotEmpty());
        guesses.setMinHeight(USE_PREF_SIZE);
        answer.setId("boards-answer");
        dropIn.setId("drop-in");
        list.setId("boards-list");
        var take = Nodes.button(
                "Give it that allowance", "Every wrapped edge is cut so far beyond the board", this::takeAllowance);
        take.setId("take-allowance");
        var wrapAll = Nodes.button("Wrap all round", "Every edge is wrapped over the board", this::wrapAll);
        wrapAll.setId("wrap-all");
        var back = Nodes.button(
                "Line its back",
                "Where the back is seen: as the board, short of its edge, over what is turned in",
                this::lineBack);
        back.setId("line-back");
        var opening = Nodes.column(
                8,
                Nodes.whole("An opening and what drops into it", Styles.HEADING),
                dropIn,
                new FlowPane(
                        10,
                        8,
                        Nodes.field("Finished wide", wide),
                        Nodes.field("high", high),
                        Nodes.field("Lining", lining),
                        Nodes.field("Gap", gap)));
        var right = Nodes.scroll(Nodes.column(14, new FlowPane(10, 8, wrapAll, take, back), list, opening));
        var both = Nodes.beside(felt, right, 340);
        getChildren()
                .addAll(
                        new FlowPane(
                                14,
                                10,
                                Nodes.field("Wrapped", piece),
                                Nodes.field("Board", board),
                                Nodes.field("Padding", padding),
                                Nodes.field("Cover", cover),
                                Nodes.field("Edge rounded by", rounded),
                                Nodes.field("Turned in by", turn)),
                        guesses,
                        both);
    }

    private List<MmField> fields() {
        return List.of(board, padding, cover, rounded, turn, wide, high, lining, gap);
    }

    @Override
    protected Node first() {
        return piece;
    }

    @Override
    protected void refresh() {
        piece.fill(PatternView.pieces(model));
        fields().forEach(MmField::showKept);
        show();
        reckon();
    }

    private Optional<TurnIn> turnIn() {
        for (var field : List.of(board, padding, turn, cover, rounded))
            if (field.mm().isEmpty() || (field == turn && field.mm().get() == 0)) {
                answer.setText(field.wrong());
                return Optional.empty();
            }
        try {
            return Optional.of(new TurnIn(
                    board.mm().orElseThrow(),
                    padding.mm().orElseThrow(),
                    turn.mm().orElseThrow(),
                    cover.mm().orElseThrow(),
                    rounded.mm().orElseThrow()));
        } catch (IllegalArgumentException none) {
            answer.setText(none.getMessage());
            return Optional.empty();
        }
    }

    private void show() {
        var turnIn = turnIn();
        plan = piece.piece().flatMap(one -> turnIn.map(by -> WrapPlan.of(one, by)));
        felt.show(piece.piece(), "In wax: where the turn-in is slit, notched or folded");
        list.getChildren().clear();
        if (piece.piece().isEmpty()) answer.setText("Draw a piece first.");
        if (plan.isEmpty() || piece.piece().isEmpty()) return;
        answer.setText(said(piece.piece().get(), plan.get()));
        var kinds = plan.get().reliefs().stream()
                .collect(Collectors.groupingBy(WrapPlan.Relief::kind, TreeMap::new, Collectors.toList()));
        kinds.forEach((kind, reliefs) -> list.getChildren()
                .add(Nodes.label("%d × %s: %s each at the most"
                        .formatted(
                                reliefs.size(),
                                kind.word(),
                                Lengths.said(reliefs.stream()
                                        .mapToDouble(WrapPlan.Relief::surplusMm)
                                        .max()
                                        .orElse(0))))));
    }

    private static String said(Piece piece, WrapPlan plan) {
        var wrapped = piece.edges().stream()
                .filter(edge -> edge.finish() == EdgeFinish.WRAPPED)
                .toList();
        if (wrapped.isEmpty()) return "No edge of the %s is wrapped over a board yet.".formatted(piece.name());
        var wanted = plan.turnIn().cutMm();
        var isTaken = wrapped.stream().allMatch(edge -> edge.allowanceMm() == wanted);
        var turnIn = plan.turnIn();
        var sum = turnIn.allowanceMm(); // said where the next half is not it
        return "%s beyond the board: board %s, padding %s, %s behind it and %s round its two rims%s%s."
                .formatted(
                        Lengths.said(wanted),
                        Lengths.said(turnIn.boardMm()),
                        Lengths.said(turnIn.paddingMm()),
                        Lengths.said(turnIn.turnMm()),
                        Lengths.said(turnIn.roundingMm()),
                        wanted - sum < 0.05 ? "" : ", %s in all, up to the next half".formatted(Lengths.said(sum)),
                        isTaken ? "; so it is cut" : "; it is not cut so yet");
    }

    private void takeAllowance() {
        allowance()
                .ifPresent(mm -> redraw(
                        edge -> edge.finish() == EdgeFinish.WRAPPED ? edge.finished(EdgeFinish.WRAPPED, mm) : edge));
    }

    private void wrapAll() {
        allowance().ifPresent(mm -> redraw(edge -> edge.finished(EdgeFinish.WRAPPED, mm)));
    }

    /** Empty where there is no piece, or it is more than can be, which is said. */
    private Optional<Double> allowance() {
        var wanted = turnIn().filter(_ -> piece.piece().isPresent()).map(TurnIn::cutMm);
        if (wanted.isEmpty() || wanted.get() <= Edge.LARGEST_ALLOWANCE) return wanted;
        answer.setText("%s is more than an allowance can be here, 300 mm.".formatted(Lengths.said(wanted.get())));
        return Optional.empty();
    }

    private void lineBack() {
        var turnIn = turnIn();
        if (turnIn.isEmpty() || piece.piece().isEmpty()) return;
        var one = piece.piece().get();
        var shortMm = BackLining.SHORT_MM;
        if (!BackLining.isHeld(turnIn.get(), shortMm)) {
            answer.setText("A back %s short of the edge would hold only %s of what is turned in: turn in more first."
                    .formatted(
                            Lengths.said(shortMm),
                            Lengths.said(Math.max(0, BackLining.overMm(turnIn.get(), shortMm)))));
            return;
        }
        BackLining.of(one, shortMm, one.material())
                .ifPresentOrElse(
                        lining -> model.make(new AtPattern(new PieceDrawn(lining))),
                        () -> answer.setText("Nothing is left of the %s behind.".formatted(one.name())));
    }

    private void redraw(UnaryOperator<Edge> change) {
        var one = piece.piece().orElseThrow();
        model.make(new AtPattern(
                new PieceDrawn(one.withEdges(one.edges().stream().map(change).toList()))));
    }

    private void over(Chalk chalk, ObservableList<Node> nodes) {
        plan.ifPresent(all -> all.reliefs()
                .forEach(relief -> nodes.add(chalk.draw(List.of(relief.at(), relief.out()), "relief-notch"))));
    }

    /** The turn-in and what drops in both want it. */
    private void usedTwice() {
        show();
        reckon();
    }

    private void reckon() {
        guesses.setText(MmField.guesses(fields()));
        if (wide.getText().isBlank() || high.getText().isBlank()) {
            dropIn.setText("Type how wide and how high an opening is when finished, to see what drops into it.");
            return;
        }
        for (var field : List.of(wide, high, cover, lining, gap, padding))
            if (field.mm().isEmpty()) {
                dropIn.setText(field.wrong());
                return;
            }
        try {
            var across = opening(wide);
            var up = opening(high);
            dropIn.setText("""
                    The board that drops in is %s by %s.
                    across, in mm: %s
                    up, in mm: %s
                    A hole for a finished part of that size is cut %s by %s.
                    An insert that bolts through sits in a recess %s deep.""".formatted(
                            Lengths.said(across.dropInMm()),
                            Lengths.said(up.dropInMm()),
                            across.working(),
                            up.working(),
                            Lengths.said(across.cutMm()),
                            Lengths.said(up.cutMm()),
                            Lengths.said(Opening.recessMm(
                                    cover.mm().orElseThrow(), padding.mm().orElseThrow()))));
        } catch (IllegalArgumentException none) {
            dropIn.setText(none.getMessage());
        }
    }

    private Opening opening(MmField finished) {
        return new Opening(
                finished.mm().orElseThrow(),
                cover.mm().orElseThrow(),
                lining.mm().orElseThrow(),
                gap.mm().orElseThrow());
    }
}
