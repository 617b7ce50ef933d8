package welumen.desktop.refit;

import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.diary.Closing;
import welumen.diary.book.DiaryChange.LookPassed;
import welumen.diary.book.Look;
import welumen.job.JobChange.InDiary;

/** What the picked part takes away when it goes back: what it buries unseen, and what wants the opening that it closes. */
final class ClosingBox extends VBox {
    private static final int FEW = 4;

    private final JobModel model;
    private List<String> buries = List.of();

    ClosingBox(JobModel model) {
        super(8);
        this.model = model;
        setId("closing");
        managedProperty().bind(visibleProperty());
    }

    /** What it says against putting a part back without a word why; empty where nothing is buried unseen. */
    Optional<String> against() {
        return buries.isEmpty()
                ? Optional.empty()
                : Optional.of("Nobody has looked at %s beneath it.".formatted(String.join(", ", buries)));
    }

    void show(Part part) {
        getChildren().clear();
        var closing = Closing.of(model.standing(), part.id());
        buries = closing.buried().stream().map(line -> "the " + line.what()).toList();
        setVisible(!closing.buried().isEmpty() || !closing.open().isEmpty());
        if (!closing.buried().isEmpty()) getChildren().add(buried(closing.buried()));
        if (closing.open().isEmpty()) return;
        var box = Nodes.column(4, Nodes.label("It closes what is still wanted there", Styles.STRONG));
        closing.open().stream()
                .limit(FEW)
                .forEach(line -> box.getChildren()
                        .add(Nodes.label("%s: %s".formatted(Words.capital(line.what()), cost(line)), Styles.SECOND)));
        if (closing.open().size() > FEW)
            box.getChildren()
                    .add(Nodes.label(
                            "And %s.".formatted(Words.many(closing.open().size() - FEW, "more thing")), Styles.SECOND));
        box.getStyleClass().add(Styles.CARD);
        getChildren().add(box);
    }

    /** They are passed in somebody's name, who says how they were looked at. */
    private Node buried(List<Closing.Line> layers) {
        Set<Look.Way> ways = EnumSet.noneOf(Look.Way.class);
        var ticks = new FlowPane(10, 4);
        for (var way : Look.Way.values()) {
            var tick = new CheckBox(Words.capital(way.words()));
            tick.setId("look-" + way.name().toLowerCase(Locale.ROOT));
            tick.setMinHeight(40);
            tick.setOnAction(_ -> {
                if (tick.isSelected()) ways.add(way);
                else ways.remove(way);
            });
            ticks.getChildren().add(tick);
        }
        var by = new TextField(model.person());
        by.setId("passed-by");
        by.setAccessibleText("Who has looked at it");
        var wrong = Nodes.label("", Styles.DANGER);
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        var pass = Nodes.button(
                layers.size() == 1 ? "It is sound" : "All are sound", "Passed, in the name of who has looked", () -> {
                    if (by.getText().isBlank()) wrong.setText("Say who has looked: it is not passed in nobody's name.");
                    else if (ways.isEmpty()) wrong.setText("Tick how it was looked at.");
                    else {
                        var look = new Look(ways, by.getText().strip(), model.today());
                        model.makeTogether(layers.stream()
                                .map(layer -> new InDiary(new LookPassed(layer.part(), look)))
                                .toList());
                    }
                });
        pass.setId("look-passed");
        var box = Nodes.column(
                6,
                Nodes.label(
                        layers.size() == 1
                                ? "It buries what nobody has looked at"
                                : "It buries %s at which nobody has looked"
                                        .formatted(Words.many(layers.size(), "place")),
                        Styles.STRONG,
                        Styles.DANGER));
        for (var layer : layers)
            box.getChildren().add(Nodes.label("The %s: %s.".formatted(layer.what(), cost(layer)), Styles.SECOND));
        box.getChildren().addAll(ticks, Nodes.row(8, by, pass), wrong);
        box.getStyleClass().add(Styles.CARD);
        return box;
    }

    private static String cost(Closing.Line line) {
        return "to get at it %s now, %s from tomorrow".formatted(cost(line.now()), cost(line.then()));
    }

    private static String cost(Closing.Cost cost) {
        var lost = cost.lost().isEmpty() ? "" : " and " + String.join(", ", cost.lost());
        return (cost.work().isZero() ? "nothing" : Words.about(cost.work())) + lost;
    }
}
