package welumen.desktop.finish;

import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.finish.coat.Cause;
import welumen.finish.coat.FlawDepth;
import welumen.finish.coat.Ground;
import welumen.finish.coat.HideRepair;
import welumen.finish.underway.GoneWrong;

/** A hide that is mended: how deep it is filled, and where it goes back to where it failed. */
final class MendingColumn extends VBox {
    /** Millimetres, where nothing was found that says it. */
    private static final String USUAL = "0.5";

    private final JobModel model;
    private final TextField depth = new TextField(USUAL);
    private final ComboBox<Optional<Cause>> failed = new ComboBox<>();
    private final VBox steps = new VBox(6);
    private final Button begin;
    /** What the findings say of its depth: a guess, to be measured. */
    private Optional<FlawDepth> guessed = Optional.empty();

    /**
     * @param asked called when something else is asked of it
     * @param begun called when it is to be begun
     */
    MendingColumn(JobModel model, Runnable asked, Runnable begun) {
        super(10);
        this.model = model;
        depth.setId("flaw-depth");
        depth.setPrefColumnCount(3);
        depth.setOnAction(_ -> asked.run());
        failed.setId("mend-failed");
        WordCell.in(failed, cause -> cause.map(Cause::word).orElse("the first time"));
        failed.getItems().add(Optional.empty());
        for (var cause : Cause.values()) failed.getItems().add(Optional.of(cause));
        failed.setValue(Optional.empty());
        failed.setOnAction(_ -> asked.run());
        begin = Nodes.button("Begin mending", "It goes on its way, step by step", begun);
        begin.setId("begin-mending");
        steps.setId("mend-steps");
        setMinWidth(0);
        setPrefWidth(440);
        HBox.setHgrow(this, Priority.ALWAYS);
        getChildren()
                .addAll(
                        Nodes.whole("A hide mended", Styles.HEADING),
                        Nodes.scroll(Nodes.column(
                                10,
                                Nodes.form(
                                        12,
                                        Nodes.field("Deepest flaw, mm", depth),
                                        Nodes.field("It is", failed),
                                        Nodes.level(begin)),
                                steps)));
    }

    /** Another part is looked at: what was found on it says how deep it goes. */
    void turnTo(Optional<Part> part) {
        guessed = part.flatMap(one -> FlawDepth.deepest(model.job().survey().on(one.id())));
        depth.setText(guessed.map(MendingColumn::millimetres).orElse(USUAL));
    }

    private static String millimetres(FlawDepth deep) {
        return Typed.text(deep.mm());
    }

    /** @throws IllegalArgumentException if no depth is typed */
    HideRepair repair(Ground ground, Optional<String> guarded) {
        return new HideRepair(
                ground == Ground.VINYL ? Ground.VINYL : Ground.LEATHER,
                Typed.number(depth),
                guarded,
                failed.getValue());
    }

    /** @throws IllegalArgumentException if no depth is typed */
    void show(Ground ground, Optional<String> guarded, double squareMetres) {
        var repair = repair(ground, guarded);
        var all = repair.steps(model.yard().state().products());
        begin.setDisable(all.isEmpty());
        steps.getChildren().clear();
        guessed.ifPresent(deep -> add(
                Styles.NOTE,
                "A guess from finding %d, %s: about %s mm deep. Measure it."
                        .formatted(
                                deep.finding().number(), deep.finding().kind().word(), millimetres(deep))));
        guarded.ifPresent(why -> add(Styles.DANGER, HideRepair.guardedWords(why)));
        if (repair.isTooDeep()) add(Styles.DANGER, "Deeper than filler holds: a panel is let in.");
        failed.getValue()
                .ifPresent(cause -> add(
                        Styles.STRONG,
                        "%s: %s. It costs %.1f days, as it has cost before: one goes back to here."
                                .formatted(
                                        Words.capital(cause.word()),
                                        cause.shows(),
                                        GoneWrong.days(BenchMemory.gone(model), cause))));
        all.forEach(step -> steps.getChildren().add(StepRow.of(step, squareMetres)));
    }

    private void add(String style, String words) {
        steps.getChildren().add(Nodes.label(words, style));
    }
}
