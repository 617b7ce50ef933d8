package welumen.desktop.pattern;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.job.JobChange;
import welumen.job.JobChange.AtPattern;
import welumen.measure.Length;
import welumen.measure.Lengths;
import welumen.measure.Parsed.Understood;
import welumen.pattern.PatternChange.SeamJoined;
import welumen.pattern.PatternChange.SeamTakenApart;
import welumen.pattern.Patterns;
import welumen.pattern.Seam;
import welumen.pattern.SeamWalk;
import welumen.pattern.piece.Piece;
import welumen.pattern.seam.Divergence;
import welumen.pattern.seam.LikelySeams;
import welumen.pattern.seam.Mends;
import welumen.pattern.seam.SeamCodes;
import welumen.pattern.seam.SewingOrder;

/** Which edges are sewn to each other, whether they walk, and in which order they are sewn. */
final class SeamsLeaf extends Leaf {
    private final ComboBox<Seam.Side> one = new ComboBox<>();
    private final ComboBox<Seam.Side> other = new ComboBox<>();
    private final TextField ease = new TextField("0 mm");
    private final CheckBox topstitch = new CheckBox("topstitched");
    private final VBox seams = new VBox(6);
    private final VBox order = new VBox(6);
    private final WalkFelt walk = new WalkFelt();
    private final FlowPane mends = new FlowPane(8, 8);
    private final StitchingLine stitching;
    private Optional<Seam> picked = Optional.empty();
    private final Button propose;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    SeamsLeaf(JobModel model) {
        super(model, Reads.CABIN, Reads.PATTERNS, Reads.PICKED);
        one.setId("seam-one");
        other.setId("seam-other");
        ease.setId("seam-ease");
        ease.setPrefColumnCount(5);
        topstitch.setId("seam-topstitch");
        topstitch.setMinWidth(USE_PREF_SIZE);
        answer.setId("seams-answer");
        seams.setId("seams");
        order.setId("sewing-order");
        List.of(one, other).forEach(box -> {
            WordCell.in(box, this::word);
        });
        var join = Nodes.chief("Sew these", "The two edges are sewn to each other", this::join);
        join.setId("sew-these");
        propose =
                Nodes.button("Likely ones", "Edges of about one length that are named after each other", this::propose);
        propose.setId("propose-seams");
        var form = Nodes.form(
                10,
                Nodes.field("This edge", one),
                Nodes.field("to that one", other),
                Nodes.field("Ease", ease),
                Nodes.level(topstitch),
                join,
                propose);
        var left = Nodes.scroll(seams);
        var right = Nodes.scroll(order);
        HBox.setHgrow(left, Priority.ALWAYS);
        HBox.setHgrow(right, Priority.ALWAYS);
        var both = Nodes.row(24, left, right);
        both.setMinHeight(230);
        VBox.setVgrow(both, Priority.ALWAYS);
        mends.setId("mends");
        stitching = new StitchingLine(model, answer::setText);
        getChildren().addAll(form, both, mends, stitching, walk);
    }

    @Override
    protected Node first() {
        return one;
    }

    @Override
    protected void refresh() {
        var sides = PatternView.pieces(model).stream()
                .flatMap(piece -> IntStream.range(0, piece.edges().size())
                        .boxed()
                        .flatMap(edge -> IntStream.range(0, piece.pairing().count())
                                .mapToObj(copy -> new Seam.Side(piece.id(), edge, copy))))
                .toList();
        List.of(one, other).forEach(box -> Nodes.refill(box, sides, null));
        propose.setDisable(likely().isEmpty());
        show();
    }

    private Patterns patterns() {
        return model.job().patterns();
    }

    /** Those between the pieces that are shown. */
    private List<Seam> shown() {
        var ids = PatternView.pieces(model).stream().map(Piece::id).toList();
        return patterns().seams().stream()
                .filter(seam -> ids.contains(seam.one().piece())
                        && ids.contains(seam.other().piece()))
                .toList();
    }

    private List<Seam> likely() {
        return LikelySeams.among(PatternView.pieces(model), patterns().seams());
    }

    /** The seam that was taken, or the first that does not walk. */
    private void showWalk(List<Seam> all) {
        picked = picked.flatMap(
                        before -> all.stream().filter(before::isOfTheSameEdges).findFirst())
                .or(() -> all.stream()
                        .filter(seam -> !Divergence.of(patterns(), seam).walks())
                        .findFirst())
                .or(() -> all.stream().findFirst());
        walk.show(picked.map(seam -> Divergence.of(patterns(), seam)));
        stitching.show(picked);
        mends.getChildren().clear();
        if (picked.isEmpty()) return;
        var proposed = Mends.of(patterns(), picked.get());
        mends.getChildren().add(Nodes.label(words(picked.get()), Styles.MEASURE));
        for (var mend : proposed) {
            var button = Nodes.button(
                    mend.word(),
                    mend.means(),
                    () -> model.makeTogether(
                            mend.changes().stream().map(AtPattern::new).toList()));
            button.setId("mend-" + proposed.indexOf(mend));
            mends.getChildren().addAll(button, Nodes.label(mend.means(), Styles.NOTE));
        }
    }

    private void show() {
        var all = shown();
        showWalk(all);
        seams.getChildren().setAll(Nodes.whole("Do they walk?", Styles.HEADING));
        var bad = 0;
        for (var seam : all) {
            var length = SeamWalk.of(patterns(), seam);
            if (!Divergence.of(patterns(), seam).walks()) bad++;
            seams.getChildren().add(row(seam, length));
        }
        order.getChildren().setAll(Nodes.whole("Sew in this order", Styles.HEADING));
        var steps = SewingOrder.of(patterns().pieces(), all).steps();
        for (var i = 0; i < steps.size(); i++)
            order.getChildren()
                    .add(Nodes.row(
                            10,
                            new SeamPicture(patterns(), steps.get(i).seam()),
                            Nodes.column(
                                    1,
                                    Nodes.label("%d  %s"
                                            .formatted(i + 1, words(steps.get(i).seam()))),
                                    Nodes.label(steps.get(i).why(), Styles.NOTE))));
        answer.setText(
                all.isEmpty()
                        ? "No edges are sewn to each other yet: choose two, or take the likely ones."
                        : bad == 0
                                ? "%s, and all of them walk.".formatted(Words.many(all.size(), "seam"))
                                : "%s, of which %d %s not walk: shift a notch, spread it over the seam, or redraw."
                                        .formatted(Words.many(all.size(), "seam"), bad, bad == 1 ? "does" : "do"));
    }

    private Node row(Seam seam, SeamWalk walk) {
        var told = Nodes.grown(Nodes.column(
                1,
                Nodes.label(words(seam)),
                Nodes.label(
                        "%s to %s%s: %s"
                                .formatted(
                                        Lengths.said(walk.oneMm()),
                                        Lengths.said(walk.otherMm()),
                                        seam.easeMm() == 0 ? "" : ", %.0f wanted".formatted(seam.easeMm()),
                                        walk.walks()
                                                ? "walks"
                                                : "%s too %s, %s may be"
                                                        .formatted(
                                                                Lengths.said(Math.abs(walk.offMm())),
                                                                walk.offMm() > 0 ? "long" : "short",
                                                                Lengths.said(walk.toleranceMm()))),
                        walk.walks() ? Styles.NOTE : Styles.DANGER)));
        told.setMinWidth(0);
        var apart = Nodes.button(
                "Apart",
                "These edges are not sewn to each other",
                () -> model.make(new AtPattern(new SeamTakenApart(seam))));
        apart.setId("apart-%s-%d-%d"
                .formatted(seam.one().piece(), seam.one().edge(), seam.one().copy()));
        var look = Nodes.button("Walk", "Draw how the two part along it", () -> {
            picked = Optional.of(seam);
            showWalk(shown());
        });
        look.setId("walk-%s-%d-%d"
                .formatted(seam.one().piece(), seam.one().edge(), seam.one().copy()));
        var row = Nodes.row(10, told, look, apart);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private String words(Seam seam) {
        var letter = SeamCodes.letter(patterns().seams().indexOf(seam));
        return "%s  %s – %s%s"
                .formatted(letter, word(seam.one()), word(seam.other()), seam.isTopstitched() ? ", topstitched" : "");
    }

    private String word(Seam.Side side) {
        return patterns()
                .findOne(side.piece())
                .filter(piece -> side.edge() < piece.edges().size())
                .map(piece -> {
                    return "%s%s: %s".formatted(hand(piece, side.copy()), piece.name(), piece.edgeWord(side.edge()));
                })
                .orElse(side.piece().toLowerCase(Locale.ROOT));
    }

    /** Which of two that are cut. */
    private static String hand(Piece piece, int copy) {
        return switch (piece.pairing()) {
            case ONE -> "";
            case TWO_ALIKE -> copy == 0 ? "first " : "second ";
            case LEFT_AND_RIGHT -> copy == 0 ? "left " : "right ";
        };
    }

    private void join() {
        if (one.getValue() == null || other.getValue() == null || one.getValue().equals(other.getValue())) {
            answer.setText("Choose two edges.");
            return;
        }
        if (!(Length.parse(ease.getText()) instanceof Understood<Length>(var length)) || length.mm() < 0) {
            answer.setText("How much longer is that edge wanted? Type it as 4 mm, or 0 mm.");
            ease.requestFocus();
            return;
        }
        var sewn = new Seam(one.getValue(), other.getValue(), length.mm(), topstitch.isSelected());
        var before = shown().stream().filter(sewn::isOfTheSameEdges).findFirst();
        picked = Optional.of(sewn); // what is typed next is meant for it
        model.make(new AtPattern(
                new SeamJoined(before.map(old -> sewn.stitched(old.stitching())).orElse(sewn))));
    }

    private void propose() {
        var changes = likely().stream()
                .<JobChange>map(seam -> new AtPattern(new SeamJoined(seam)))
                .toList();
        model.makeTogether(changes);
    }
}
