package welumen.desktop.pattern;

import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.MmField;
import welumen.desktop.stage.PieceChoice;
import welumen.desktop.stage.Reads;
import welumen.job.JobChange.AtPattern;
import welumen.measure.Lengths;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.Seam;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Surface;
import welumen.pattern.surface.Blank;
import welumen.pattern.surface.Crown;
import welumen.pattern.surface.Flutes;
import welumen.pattern.surface.Perforation;
import welumen.pattern.surface.Pleats;
import welumen.pattern.surface.Quilting;
import welumen.pattern.surface.SewnLines;
import welumen.pattern.surface.StitchWork;
import welumen.stores.SewnRows;

/** Flutes, folded pleats and diamonds on one piece: whole ones, the blank they want, and on across a seam so that their rows meet. */
final class QuiltingLeaf extends Leaf {
    /** Flutes run from front to back; diamonds are so pointed. */
    private static final String USUAL_WAY = "90";

    private static final String USUAL_POINT = "60";

    /** What is sewn. */
    private enum Kind {
        PLAIN("nothing"),
        FLUTES("flutes"),
        PLEATS("folded pleats"),
        DIAMONDS("diamonds"),
        HOLES("rows of holes");

        private final String word;

        Kind(String word) {
            this.word = word;
        }
    }

    private final PieceChoice piece;
    private final ComboBox<Kind> kind = new ComboBox<>();
    private final MmField size;
    private final TextField degrees = new TextField(USUAL_WAY);
    private final MmField padding;
    private final MmField hole;
    private final TextField swatch = new TextField();
    private final ComboBox<Integer> from = new ComboBox<>();
    private final ComboBox<Seam.Side> onto = new ComboBox<>();
    private final Label answer = Nodes.label("", Styles.STRONG);
    private final VBox facts = new VBox(6);
    private final OnePieceFelt felt =
            new OnePieceFelt("relief-felt", "The piece with its rows of stitches", (_, _) -> {});

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    QuiltingLeaf(JobModel model) {
        super(model, Reads.CAR, Reads.PICKED);
        piece = new PieceChoice(model, "relief-piece", this::turnTo);
        size = new MmField("relief-size", "40 mm", this::sew);
        padding = new MmField("relief-padding", "10 mm", this::sew);
        hole = new MmField("relief-hole", "2 mm", this::sew);
        kind.getItems().setAll(Kind.values());
        kind.setValue(Kind.FLUTES);
        piece.setPrefWidth(150);
        kind.setId("relief-kind");
        WordCell.in(kind, one -> one.word);
        kind.valueProperty().subscribe(chosen -> degrees.setText(chosen == Kind.DIAMONDS ? USUAL_POINT : USUAL_WAY));
        degrees.setId("relief-degrees");
        degrees.setPrefColumnCount(4);
        degrees.setOnAction(_ -> sew());
        swatch.setId("relief-swatch");
        swatch.setPrefColumnCount(6);
        swatch.setPromptText("220 to 200");
        swatch.setOnAction(_ -> sew());
        from.setId("relief-from");
        from.setPrefWidth(130);
        WordCell.in(from, this::own, "");
        onto.setId("relief-onto");
        onto.setPrefWidth(130);
        WordCell.in(onto, this::across, "no other piece");
        answer.setId("relief-answer");
        answer.setMinHeight(USE_PREF_SIZE);
        var sew = Nodes.chief("Sew them in", "Draw what is asked for onto the piece", this::sew);
        sew.setId("sew-relief");
        var carry = Nodes.button("Carry on", "The diamonds go on over that edge, and their rows meet", this::carry);
        carry.setId("carry-relief");
        var over = Nodes.row(8, Nodes.field("Over its edge", from), Nodes.field("on to", onto));
        var right = Nodes.column(10, sew, facts, over, carry);
        var both = Nodes.beside(felt, Nodes.scroll(right), 290);
        getChildren()
                .addAll(
                        new FlowPane(
                                10,
                                10,
                                Nodes.field("On", piece),
                                Nodes.field("Sewn in", kind),
                                Nodes.field("Wide or pitch", size),
                                Nodes.field("Degrees", degrees),
                                Nodes.field("Padding", padding),
                                Nodes.field("Hole or fold", hole),
                                Nodes.field("Test swatch", swatch)),
                        answer,
                        both);
    }

    @Override
    protected Node first() {
        return piece;
    }

    @Override
    protected void refresh() {
        var before = piece.getValue();
        piece.fill(PatternView.pieces(model));
        if (Objects.equals(before, piece.getValue())) show();
        else turnTo();
    }

    /** Another piece: what is asked for begins with what it has. */
    private void turnTo() {
        switch (piece.piece().map(one -> one.inside().surface()).orElse(new Surface.Plain())) {
            case Surface.Plain() -> {}
            case Surface.Perforated holes -> {
                kind.setValue(Kind.HOLES);
                size.setText(Lengths.field(holes.pitchMm()));
                hole.setText(Lengths.field(holes.holeMm()));
                degrees.setText("%.0f".formatted(holes.degrees()));
            }
            case Surface.Pleated pleated -> {
                kind.setValue(Kind.PLEATS);
                size.setText(Lengths.field(pleated.wantedMm()));
                hole.setText(Lengths.field(pleated.foldMm()));
                degrees.setText("%.0f".formatted(pleated.degrees()));
            }
            case Surface.Fluted fluted -> {
                kind.setValue(Kind.FLUTES);
                size.setText(Lengths.field(fluted.wantedMm()));
                degrees.setText("%.0f".formatted(fluted.degrees()));
            }
            case Surface.Quilted quilted -> {
                kind.setValue(Kind.DIAMONDS);
                size.setText(Lengths.field(Math.rint(quilted.sideMm())));
                degrees.setText("%.0f".formatted(quilted.pointed()));
            }
        }
        show();
    }

    private void show() {
        var shown = piece.piece();
        felt.show(
                shown,
                shown.map(one -> "Dashed within: where it is sewn · outside: where the piece is cut")
                        .orElse(""));
        facts.getChildren().clear();
        fillEdges(shown);
        if (shown.isEmpty()) {
            answer.setText("Draw a piece first.");
            return;
        }
        answer.setText(said(shown.get()));
        Stream.of(blank(shown.get()), work(shown.get()), open(shown.get()))
                .flatMap(Optional::stream)
                .forEach(fact -> facts.getChildren().add(fact));
    }

    /** Its own edges, and those of all other pieces. */
    private void fillEdges(Optional<Piece> shown) {
        var before = from.getValue();
        var count = shown.map(one -> one.edges().size()).orElse(0);
        from.getItems().setAll(IntStream.range(0, count).boxed().toList());
        from.setValue(before != null && before < count ? before : count == 0 ? null : 0);
        var beforeOnto = onto.getValue();
        var others = model.job().patterns().pieces().stream()
                .filter(other -> shown.map(one -> !one.id().equals(other.id())).orElse(false))
                .flatMap(other ->
                        IntStream.range(0, other.edges().size()).mapToObj(edge -> new Seam.Side(other.id(), edge)))
                .toList();
        onto.getItems().setAll(others);
        onto.setValue(others.contains(beforeOnto) ? beforeOnto : others.isEmpty() ? null : others.getFirst());
    }

    private String own(Integer edge) {
        return piece.piece()
                .filter(one -> edge < one.edges().size())
                .map(one -> one.edgeWord(edge))
                .orElse("");
    }

    private static String said(Piece piece) {
        var lines = SewnLines.of(piece);
        return switch (piece.inside().surface()) {
            case Surface.Plain() -> "Nothing is sewn into the %s.".formatted(piece.name());
            case Surface.Perforated wanted -> perforated(piece, Perforation.of(piece, wanted));
            case Surface.Pleated pleated -> pleated(Blank.pleats(piece, pleated));
            case Surface.Fluted fluted ->
                "%d flutes of %s, all whole; take-up %.3f."
                        .formatted(lines.count(), Lengths.said(lines.widthMm()), fluted.takeUp());
            case Surface.Quilted quilted ->
                "Diamonds %s wide and %s high%s; rows cross %d times; take-up %.3f and %.3f (%.3f by area)."
                        .formatted(
                                Lengths.said(quilted.wideMm()),
                                Lengths.said(quilted.highMm()),
                                across(piece, quilted),
                                lines.crossings(),
                                quilted.takeUpWide(),
                                quilted.takeUpHigh(),
                                quilted.takeUpWide() * quilted.takeUpHigh());
        };
    }

    private static String across(Piece piece, Surface.Quilted quilted) {
        var across = Quilting.across(piece, quilted);
        return across.isEmpty()
                ? ""
                : ", %d across, every other row %d and two halves".formatted(across.getAsInt(), across.getAsInt() - 1);
    }

    private static String pleated(Pleats pleats) {
        return "%s of %s, folded %s under %s: %s more cloth across. Chalk %s, then twice %s, and so on; press, and catch both ends."
                .formatted(
                        Words.many(pleats.count(), "pleat"),
                        Lengths.said(pleats.widthMm()),
                        Lengths.said(pleats.foldMm()),
                        Words.many(pleats.folds(), "time"),
                        Lengths.near(pleats.extraMm()),
                        Lengths.said(pleats.widthMm()),
                        Lengths.said(pleats.foldMm()));
    }

    private static String perforated(Piece piece, Perforation holes) {
        return "%d holes of %s, %s clear at both ends and %s above and below, none within %s of a seam; %.1f %% open."
                .formatted(
                        holes.holes().size(),
                        Lengths.said(holes.holeMm()),
                        Lengths.said(holes.endMm()),
                        Lengths.said(holes.acrossMm()),
                        Lengths.said(holes.holeMm()),
                        holes.open(piece) * 100);
    }

    private static Optional<Label> blank(Piece piece) {
        if (SewnLines.of(piece).rows().isEmpty()) return Optional.empty();
        var box = Blank.of(piece).box();
        var then = piece.inside().surface() instanceof Surface.Pleated ? "fold and press" : "sew";
        return Optional.of(told("Cut the blank %s by %s%s; %s it, and mark the piece on it afterwards."
                .formatted(Lengths.near(box.width()), Lengths.near(box.height()), chalked(piece), then)));
    }

    /** To a hundredth: over a row of ten what is rounded adds up. */
    private static String chalked(Piece piece) {
        return piece.inside().surface() instanceof Surface.Quilted quilted
                ? "; chalk the diamonds %.2f mm wide and %.2f mm high on it"
                        .formatted(quilted.wideMm() * quilted.takeUpWide(), quilted.highMm() * quilted.takeUpHigh())
                : "";
    }

    /** As high as its words. */
    private static Label told(String words) {
        var label = Nodes.label(words);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }

    private Optional<Label> work(Piece piece) {
        var lines = SewnLines.of(piece);
        if (lines.rows().isEmpty() || piece.inside().surface() instanceof Surface.Pleated) return Optional.empty();
        var stitch = SewnRows.quilted(model.job().patterns(), piece);
        var work = StitchWork.of(lines, stitch);
        return Optional.of(told("%s, %.1f m sewn at %s a stitch: %d stitches, %.0f m of thread, %.0f min."
                .formatted(
                        Words.many(lines.rows().size(), "row"),
                        work.lengthMm() / 1000,
                        Lengths.near(stitch.stitchMm()),
                        work.stitches(),
                        work.threadMm() / 1000,
                        work.minutes())));
    }

    private static Optional<Label> open(Piece piece) {
        var open = SewnLines.openEdges(piece);
        if (open.isEmpty()) return Optional.empty();
        return Optional.of(Nodes.label(
                "Rows end in the open at %s: let them run into a seam, or turn that edge."
                        .formatted(piece.edgeWord(open.getFirst())),
                Styles.DANGER));
    }

    private void sew() {
        var on = piece.piece();
        if (on.isEmpty()) return;
        var wanted = relief(on.get());
        if (wanted.isEmpty()) return;
        model.make(new AtPattern(new PieceDrawn(on.get().with(on.get().inside().with(wanted.get())))));
    }

    /** Empty where something cannot be read, which is said. */
    private Optional<Surface> relief(Piece on) {
        if (kind.getValue() == Kind.PLAIN) return Optional.of(new Surface.Plain());
        if ((kind.getValue() == Kind.HOLES || kind.getValue() == Kind.PLEATS)
                && hole.mm().isEmpty()) {
            answer.setText(hole.wrong());
            return Optional.empty();
        }
        if (size.mm().isEmpty() || padding.mm().isEmpty()) {
            answer.setText(size.mm().isEmpty() ? size.wrong() : padding.wrong());
            return Optional.empty();
        }
        var turn = degrees.getText().strip();
        if (!turn.matches("-?\\d{1,3}(\\.\\d+)?")) {
            answer.setText("“%s” is no angle. Type it as 90: which way flutes run, or how pointed diamonds are."
                    .formatted(turn));
            return Optional.empty();
        }
        try {
            var angle = Double.parseDouble(turn);
            if (kind.getValue() == Kind.HOLES)
                return Optional.of(
                        new Surface.Perforated(size.mm().get(), hole.mm().orElseThrow(), angle));
            if (kind.getValue() == Kind.PLEATS)
                return Optional.of(
                        new Surface.Pleated(size.mm().get(), angle, hole.mm().orElseThrow()));
            if (kind.getValue() == Kind.FLUTES)
                return Optional.of(new Surface.Fluted(
                        size.mm().get(), angle, takeUp(size.mm().get())));
            var quilted = Quilting.on(
                    on, size.mm().get(), Math.toRadians(angle), padding.mm().get());
            if (swatch.getText().isBlank()) return Optional.of(quilted);
            var factor = takeUp(quilted.wideMm());
            return Optional.of(new Surface.Quilted(
                    quilted.through(), quilted.degrees(), quilted.wideMm(), quilted.highMm(), factor, factor));
        } catch (IllegalArgumentException wrong) {
            answer.setText(wrong.getMessage());
            return Optional.empty();
        }
    }

    /** As a sewn swatch says, else by the padding. */
    private double takeUp(double wide) {
        return swatch.getText().isBlank()
                ? Crown.takeUp(wide, padding.mm().orElse(0.0))
                : Flutes.swatch(swatch.getText()).orThrow();
    }

    private String across(Seam.Side side) {
        return model.job()
                .patterns()
                .findOne(side.piece())
                .map(other -> "%s, %s".formatted(other.name(), other.edgeWord(side.edge())))
                .orElse("");
    }

    private void carry() {
        var carrying = piece.piece();
        var there = onto.getValue();
        if (carrying.isEmpty() || there == null || from.getValue() == null) {
            answer.setText("Draw the piece first over which they go on.");
            return;
        }
        if (!(carrying.get().inside().surface() instanceof Surface.Quilted)) {
            answer.setText("There are no diamonds on the %s to carry on."
                    .formatted(carrying.get().name()));
            return;
        }
        var here = new Seam.Side(carrying.get().id(), from.getValue());
        var other = model.job().patterns().findOne(there.piece());
        if (other.isEmpty()) return;
        var carried =
                other.get().with(other.get().inside().with(Quilting.carried(carrying.get(), here, other.get(), there)));
        if (!model.make(new AtPattern(new PieceDrawn(carried)))) return;
        answer.setText("Carried on to the %s: rows meet within %s where the two edges lie together."
                .formatted(carried.name(), Lengths.said(Quilting.missMm(carrying.get(), here, carried, there))));
    }
}
