package welumen.desktop.pattern;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.PieceChoice;
import welumen.desktop.stage.Reads;
import welumen.desktop.stage.Thumbnail;
import welumen.job.JobChange;
import welumen.job.JobChange.AtPattern;
import welumen.measure.Lengths;
import welumen.pattern.CutAllowed;
import welumen.pattern.PatternChange.CutFreed;
import welumen.pattern.PatternChange.CutHeld;
import welumen.pattern.PatternChange.CuttingAllowed;
import welumen.pattern.PatternChange.TrialNoted;
import welumen.pattern.ReadyToCut;
import welumen.pattern.Trial;
import welumen.pattern.piece.Piece;

/** Tries of a piece in card, paper or cloth, and dry fits: what was changed, how it fitted, and whether it can be cut. */
final class TrialsLeaf extends Leaf {
    private final PieceChoice piece;
    private final ComboBox<Trial.Of> of = new ComboBox<>();
    private final TextField changed = new TextField();
    private final TextField found = new TextField();
    private final TextField settled = new TextField("0");
    private final CheckBox accepted = new CheckBox("accepted");
    private final TextField awaited = new TextField();
    private final TextField allowed = new TextField();
    private final VBox list = new VBox(10);
    private final List<String> photos = new ArrayList<>();
    private final Button photo = Nodes.button("Photo", "Take a picture of how this version fits", this::take);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    TrialsLeaf(JobModel model) {
        super(model, Reads.CAR, Reads.PICKED);
        piece = new PieceChoice(model, "trial-piece", this::show);
        of.getItems().setAll(Trial.Of.values());
        of.setValue(Trial.Of.CARD);
        of.setId("trial-of");
        WordCell.in(of, Trial.Of::word);
        changed.setId("trial-changed");
        changed.setPromptText("sill edge 4 mm in");
        changed.setPrefColumnCount(15);
        found.setId("trial-found");
        found.setPromptText("short by the dash, 3 mm");
        found.setPrefColumnCount(15);
        settled.setId("trial-settled");
        settled.setPrefColumnCount(4);
        accepted.setId("trial-accepted");
        accepted.setMinWidth(USE_PREF_SIZE);
        awaited.setId("cut-awaits");
        awaited.setPromptText("Not cut before it comes: the bezel");
        awaited.setAccessibleText("What this piece waits for before it is cut");
        awaited.setOnAction(_ -> hold());
        allowed.setId("cut-because");
        allowed.setPromptText("Cut all the same, because …");
        allowed.setAccessibleText("Why this piece is cut though something speaks against it");
        allowed.setOnAction(_ -> allow());
        answer.setId("trials-answer");
        list.setId("trials");
        photo.setId("trial-photo");
        var note = Nodes.chief("Note the trial", "Keep how this version fitted", this::note);
        note.setId("note-trial");
        var come = Nodes.button("It has come", "The piece waits for nothing any more", this::free);
        come.setId("cut-freed");
        var so = Nodes.button("Cut it so", "In your name, for the reason that you give", this::allow);
        so.setId("cut-allowed");
        getChildren()
                .addAll(
                        new FlowPane(
                                14,
                                10,
                                Nodes.field("Piece", piece),
                                Nodes.field("Tried in", of),
                                Nodes.field("What was changed", changed),
                                Nodes.field("How it fitted", found),
                                Nodes.field("Settled, hours", settled),
                                Nodes.level(accepted),
                                Nodes.level(photo),
                                Nodes.level(note)),
                        Nodes.row(14, Nodes.grown(awaited), come),
                        Nodes.row(14, Nodes.grown(allowed), so),
                        Nodes.scroll(list));
    }

    @Override
    protected Node first() {
        return piece;
    }

    @Override
    protected void refresh() {
        var known = model.job().patterns().known();
        var pieces = PatternView.pieces(model);
        piece.fill(
                pieces,
                pieces.stream()
                        .filter(one -> known.awaited().containsKey(one.id())
                                || !known.trialsOf(one.id()).isEmpty())
                        .findFirst()
                        .or(() -> pieces.stream().findFirst())
                        .map(Piece::id)
                        .orElse(null));
        show();
    }

    private List<Trial> trials() {
        return model.job().patterns().known().trialsOf(String.valueOf(piece.getValue()));
    }

    private void show() {
        list.getChildren().clear();
        var shown = piece.piece();
        if (shown.isEmpty()) {
            answer.setText("Draw a piece first.");
            return;
        }
        answer.setText(said(shown.get()));
        for (var trial : trials().reversed())
            list.getChildren().add(Nodes.row(12, Thumbnail.of(model, trial.photos()), told(trial, shown.get())));
    }

    private static Node told(Trial trial, Piece piece) {
        return Nodes.column(
                1,
                Nodes.label(
                        "%d  %s, %s: %s"
                                .formatted(
                                        trial.number(),
                                        Words.capital(trial.of().word()),
                                        Words.day(trial.day()),
                                        trial.isAccepted() ? "accepted" : "to be changed"),
                        trial.isAccepted() ? Styles.STRONG : Styles.MEASURE),
                Nodes.label(
                        (trial.changed().isBlank() ? "" : "changed: " + trial.changed() + " · ")
                                + (trial.found().isBlank() ? "nothing noted" : trial.found())
                                + (trial.settledHours() > 0
                                        ? " · settled %s".formatted(Words.hours(trial.settledHours()))
                                        : "")
                                + (trial.drawnOtherwiseMm(piece.net()) > 0
                                        ? " · drawn up to %s otherwise since"
                                                .formatted(Lengths.near(Math.ceil(trial.drawnOtherwiseMm(piece.net()))))
                                        : ""),
                        Styles.NOTE));
    }

    private String said(Piece piece) {
        var reasons = model.job().notCutBecause(piece);
        if (!reasons.isEmpty()) return "The %s is not cut yet: %s.".formatted(piece.name(), String.join("; ", reasons));
        return model.job()
                .patterns()
                .known()
                .acceptedOf(piece.id())
                .map(trial ->
                        "Version %d of the %s is accepted: it can be cut.".formatted(trial.number(), piece.name()))
                .orElseGet(() -> "The %s has not been tried yet; before dear stock is cut, try it in card."
                        .formatted(piece.name()));
    }

    /** What can be allowed of what speaks against the piece is allowed, in the name of whoever is at the bench. */
    private void allow() {
        if (piece.piece().isEmpty()) return;
        var one = piece.piece().get();
        var reasons = ReadyToCut.against(model.job().patterns(), one).stream()
                .filter(ReadyToCut.Reason::mayBeAllowed)
                .toList();
        if (reasons.isEmpty()) {
            answer.setText("Nothing speaks against the %s that a word could put aside.".formatted(one.name()));
            return;
        }
        if (allowed.getText().isBlank()) {
            answer.setText("Say why it may be cut all the same; it stands in your name.");
            allowed.requestFocus();
            return;
        }
        var because = allowed.getText().strip();
        if (model.makeTogether(reasons.stream()
                .<JobChange>map(reason -> new AtPattern(
                        new CuttingAllowed(new CutAllowed(one.id(), reason.key(), because, model.person()))))
                .toList())) allowed.clear();
    }

    private void note() {
        var hours = settled.getText().strip();
        if (piece.piece().isEmpty()) return;
        if (!hours.matches("\\d{1,3}(\\.\\d+)?")) {
            answer.setText("“%s” is no number of hours. Type it as 12.".formatted(hours));
            return;
        }
        var trial = new Trial(
                piece.getValue(),
                trials().size() + 1,
                of.getValue(),
                changed.getText().strip(),
                found.getText().strip(),
                Double.parseDouble(hours),
                accepted.isSelected(),
                model.today(),
                photos,
                piece.piece().orElseThrow().net().corners());
        if (!model.make(new AtPattern(new TrialNoted(trial)))) return;
        changed.clear();
        found.clear();
        accepted.setSelected(false);
        photos.clear();
        photo.setText("Photo");
    }

    private void take() {
        piece.piece()
                .flatMap(one -> model.job().cabin().findOne(one.part()))
                .flatMap(model.photos()::take)
                .ifPresent(taken -> {
                    photos.add(taken);
                    photo.setText("Photo (%d)".formatted(photos.size()));
                });
    }

    private void hold() {
        if (piece.piece().isEmpty() || awaited.getText().isBlank()) return;
        if (model.make(
                new AtPattern(new CutHeld(piece.getValue(), awaited.getText().strip())))) awaited.clear();
    }

    private void free() {
        if (model.job().patterns().known().awaited().containsKey(String.valueOf(piece.getValue())))
            model.make(new AtPattern(new CutFreed(piece.getValue())));
    }
}
