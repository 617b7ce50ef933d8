package welumen.desktop.refit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import welumen.cabin.PartId;
import welumen.cabin.Side;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.job.JobChange.AtStrip;
import welumen.strip.LooseGroup;
import welumen.strip.RefitLink;
import welumen.strip.StripChange.LooseGroupNoted;
import welumen.strip.StripChange.SideFirst;
import welumen.strip.order.RefitLinks;
import welumen.strip.order.RefitOrder;
import welumen.strip.order.RefitStep;
import welumen.strip.order.RefitWhy;

/** The order of putting back. Enter puts the picked part back. Alt and an arrow move it: that order is tested, and its first conflict named. */
final class OrderList extends Leaf {
    private final Runnable putBack;
    private final ListView<RefitStep> list = new ListView<>();
    private final Label verdict = Nodes.label("", Styles.SECOND);
    private final ComboBox<PartId> other = new ComboBox<>();
    private final Label why = Nodes.label("", Styles.SECOND);
    private final FlowPane ways = new FlowPane(8, 8);
    private @Nullable List<PartId> own;
    private List<PartId> circle = List.of();
    private boolean filling;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    OrderList(JobModel model, Runnable putBack) {
        super(model);
        this.putBack = putBack;
        list.setId("order");
        list.setCellFactory(_ -> new OrderCell());
        list.getSelectionModel().selectedItemProperty().subscribe(step -> {
            if (!filling && step != null) part(step).ifPresent(model.pickedProperty()::set);
        });
        list.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        VBox.setVgrow(list, Priority.ALWAYS);
        list.setMinHeight(80);
        verdict.setId("verdict");
        verdict.managedProperty().bind(verdict.textProperty().isNotEmpty());
        verdict.setMinHeight(USE_PREF_SIZE);
        why.setId("why");
        why.setMinHeight(USE_PREF_SIZE);
        why.managedProperty().bind(why.textProperty().isNotEmpty());
        other.setId("why-other");
        other.setAccessibleText("Why before or after which part");
        other.setMaxWidth(Double.MAX_VALUE);
        WordCell.in(other, part -> "Why not before the %s?".formatted(name(part)), "Why not before …");
        other.setMinWidth(0); // as wide as the list
        other.valueProperty().subscribe(this::explain);
        ways.setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(verdict, list, ways, other, why);
    }

    @Override
    protected Node first() {
        return list;
    }

    @Override
    protected void refresh() {
        filling = true;
        fill();
        list.getItems().stream()
                .filter(step -> part(step)
                        .equals(Optional.ofNullable(model.pickedProperty().get())))
                .findFirst()
                .ifPresent(list.getSelectionModel()::select);
        var parts =
                list.getItems().stream().flatMap(step -> part(step).stream()).toList();
        if (!other.getItems().equals(parts)) other.getItems().setAll(parts);
        filling = false;
        showWays();
        explain();
    }

    private void fill() {
        var out = model.signOff().stillOut();
        circle = List.of();
        verdict.setText("");
        switch (RefitOrder.of(model.job().cabin(), model.job().strip(), out)) {
            case RefitOrder.Result.Ordered(var parts, var steps) -> {
                if (own != null && (own.size() != parts.size() || !own.containsAll(parts))) own = null;
                if (own == null) list.getItems().setAll(steps);
                else {
                    list.getItems()
                            .setAll(own.stream()
                                    .<RefitStep>map(RefitStep.Fit::new)
                                    .toList());
                    verdict.setText(tested(own));
                }
            }
            case RefitOrder.Result.Circle(var parts) -> {
                circle = parts;
                list.getItems()
                        .setAll(parts.stream()
                                .<RefitStep>map(RefitStep.Fit::new)
                                .toList());
                verdict.setText("These wait for each other in a circle: they go in loose and are tightened together.");
            }
        }
    }

    private String tested(List<PartId> order) {
        return RefitWhy.test(model.job().cabin(), model.job().strip(), order)
                .map(conflict ->
                        "Your order breaks first at %d: the %s goes in before the %s, which %s. Putting it right then costs about %d min."
                                .formatted(
                                        conflict.position() + 1,
                                        name(conflict.link().first()),
                                        name(conflict.link().then()),
                                        conflict.link().reason().verb(),
                                        conflict.cost().toMinutes()))
                .orElse("Your order breaks no rule.");
    }

    private void key(KeyEvent key) {
        if (key.getCode() == KeyCode.ENTER) {
            key.consume();
            putBack.run();
            return;
        }
        if (!key.isAltDown() || key.getCode() != KeyCode.UP && key.getCode() != KeyCode.DOWN) return;
        key.consume();
        move(key.getCode() == KeyCode.UP ? -1 : 1);
    }

    private void move(int by) {
        var picked = model.pickedProperty().get();
        var order = new ArrayList<>(
                own == null
                        ? list.getItems().stream()
                                .flatMap(step -> part(step).stream())
                                .toList()
                        : own);
        var at = order.indexOf(picked);
        if (at < 0 || at + by < 0 || at + by >= order.size() || !circle.isEmpty()) return;
        order.remove(at);
        order.add(at + by, picked);
        own = order;
        refresh();
    }

    private void showWays() {
        ways.getChildren().clear();
        if (own != null) {
            var back = Nodes.button("Welumen's order", "Drop the order of your own", () -> {
                own = null;
                refresh();
            });
            back.setId("own-order-dropped");
            ways.getChildren().add(back);
        }
        if (!circle.isEmpty()) {
            var loose = Nodes.chief(
                    "Fit these loose together",
                    "They go in slack, are lined up and tightened together",
                    () -> model.make(new AtStrip(new LooseGroupNoted(new LooseGroup(circle)))));
            loose.setId("fit-loose");
            ways.getChildren().add(loose);
        }
        for (var side : List.of(Side.LEFT, Side.RIGHT)) {
            var isFirst = model.job().strip().bonds().firstSide() == side;
            var button = Nodes.button(
                    Character.toUpperCase(side.word().charAt(0)) + side.word().substring(1) + " side first",
                    "Keep the other side whole to look at",
                    () -> model.make(new AtStrip(new SideFirst(isFirst ? Side.MIDDLE : side))));
            button.setId(side.word() + "-first");
            if (isFirst) button.getStyleClass().add(Styles.CHIEF);
            ways.getChildren().add(button);
        }
    }

    /** Why the picked part comes after the other one, or that nothing binds them. */
    private void explain() {
        var picked = model.pickedProperty().get();
        if (filling
                || picked == null
                || other.getValue() == null
                || other.getValue().equals(picked)) {
            why.setText("");
            return;
        }
        why.setText(
                switch (RefitWhy.of(model.job().strip(), other.getValue(), picked)) {
                    case RefitWhy.Why.Bound(var links) -> chain(links);
                    case RefitWhy.Why.ByPlace() ->
                        switch (RefitWhy.of(model.job().strip(), picked, other.getValue())) {
                            case RefitWhy.Why.Bound(var links) -> "It does go in before that. " + chain(links);
                            case RefitWhy.Why.ByPlace() ->
                                "Nothing binds the two; this order only saves climbing in and out. Move it with Alt and an arrow.";
                        };
                });
    }

    private String chain(List<RefitLink> links) {
        var words = links.stream()
                .map(link -> "the %s before the %s, which %s"
                        .formatted(
                                name(link.first()),
                                name(link.then()),
                                link.reason().verb()))
                .toList();
        return Words.capital(String.join("; then ", words)) + ".";
    }

    private String name(PartId part) {
        return model.job().cabin().one(part).name();
    }

    private static Optional<PartId> part(RefitStep step) {
        return switch (step) {
            case RefitStep.Fit(var part) -> Optional.of(part);
            case RefitStep.FitLoose(var part) -> Optional.of(part);
            case RefitStep.TightenTogether(var parts) -> Optional.empty();
        };
    }

    private final class OrderCell extends ListCell<RefitStep> {
        OrderCell() {
            setWrapText(true);
            setPrefWidth(0); // as wide as the list, whatever it says
        }

        @Override
        protected void updateItem(RefitStep step, boolean empty) {
            super.updateItem(step, empty);
            setText(empty || step == null ? "" : "%d  %s".formatted(getIndex() + 1, said(step)));
        }

        private String said(RefitStep step) {
            return switch (step) {
                case RefitStep.Fit(var part) -> said(part, "");
                case RefitStep.FitLoose(var part) -> said(part, ": put it in loose");
                case RefitStep.TightenTogether(var parts) ->
                    "Line up and tighten together: the "
                            + String.join(
                                    ", the ",
                                    parts.stream().map(OrderList.this::name).toList());
            };
        }

        /** What else keeps it from going back today, where its turn has come. */
        private Optional<String> against(PartId part) {
            var job = model.job();
            var objections = model.signOff().objections(part).stream()
                    .filter(objection -> objection.stops() || objection.wantsAWord())
                    .toList();
            return objections.isEmpty()
                    ? Optional.empty()
                    : Optional.of(
                            "\n     " + ObjectionWords.answer(job, job.cabin().one(part), objections));
        }

        private String said(PartId part, String how) {
            var out = model.signOff().stillOut();
            var waits = RefitLinks.waitsFor(model.job().strip(), part, out).stream()
                    .findFirst()
                    .map(link -> "\n     after the %s, since this %s"
                            .formatted(name(link.first()), link.reason().verb()))
                    .or(() -> against(part))
                    .orElse("");
            return "%s%s, %s%s"
                    .formatted(
                            model.job().cabin().one(part).title(),
                            how,
                            model.stateOf(part).word(),
                            waits);
        }
    }
}
