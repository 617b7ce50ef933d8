package welumen.desktop.refit;

import java.time.Duration;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.clock.BenchClock;
import welumen.clock.ClockChange.ClockStarted;
import welumen.clock.UsualWait;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.StagePane;
import welumen.job.JobChange.AtRefit;
import welumen.job.JobChange.OnClock;
import welumen.refit.PutBack;
import welumen.refit.RefitChange.PartPutBack;
import welumen.refit.SignOff;
import welumen.strip.FixingLedger;
import welumen.strip.RefitLinks;
import welumen.strip.RefitOrder;

/** The order in which parts go back; the picked one put back with its fixings counted; clocks for what cures. */
public final class RefitView extends StagePane {
    private final ListView<PartId> order = new ListView<>();
    private final VBox objections = new VBox(6);
    private final VBox ledger = new VBox(3);
    private final TextField count = new TextField();
    private final TextField reason = new TextField();
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private final ComboBox<UsualWait> wait = new ComboBox<>();
    private boolean filling;

    public RefitView(JobModel model) {
        super(model);
        order.setId("order");
        order.setCellFactory(_ -> new OrderCell());
        order.getSelectionModel().selectedItemProperty().subscribe(part -> {
            if (!filling && part != null) model.pickedProperty().set(part);
        });
        count.setId("count");
        count.setPrefColumnCount(5);
        reason.setId("reason");
        reason.setPromptText("why it is short, if it is");
        count.setOnAction(_ -> putBack());
        reason.setOnAction(_ -> putBack());
        wait.getItems().setAll(UsualWait.values());
        wait.setValue(UsualWait.CONTACT_TACK);
        WordCell.in(wait, one -> "%s, %s".formatted(one.word(), length(one.lasts())));
        wait.setMaxWidth(Double.MAX_VALUE);
        wait.setMinWidth(200);
        var left = Nodes.column(8, Nodes.whole("In this order", Styles.HEADING), order);
        VBox.setVgrow(order, Priority.ALWAYS);
        var lower = new HBox(28, left, right());
        HBox.setHgrow(left, Priority.ALWAYS);
        left.setMinWidth(0);
        VBox.setVgrow(lower, Priority.ALWAYS);
        lower.setMinHeight(0);
        getChildren().add(lower);
    }

    private VBox right() {
        var back = Nodes.chief(
                "Put back", "Log that the part is in, with its fixings (Enter in the count)", this::putBack);
        back.setId("put-back");
        var start = Nodes.button("Start the clock", "A clock on the rail for the picked part", this::startClock);
        start.setId("start-clock");
        var counted =
                Nodes.row(10, Nodes.field("Fixings in", count), Nodes.grown(Nodes.field("Short because", reason)));
        var right = Nodes.column(
                12,
                objections,
                ledger,
                counted,
                wrong,
                back,
                Nodes.whole("Glue, filler, colour", Styles.HEADING),
                Nodes.row(10, wait, start));
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        right.setMinWidth(360);
        right.setPrefWidth(450);
        right.setMaxWidth(450);
        return right;
    }

    private static String length(Duration lasts) {
        return lasts.toHours() > 0 ? lasts.toHours() + " h" : lasts.toMinutes() + " min";
    }

    @Override
    public Node first() {
        return order;
    }

    @Override
    protected void refresh() {
        var out = SignOff.stillOut(model.job().strip(), model.job().refit());
        filling = true;
        switch (RefitOrder.of(model.job().cabin(), model.job().strip(), out)) {
            case RefitOrder.Result.Ordered(var parts, var steps) ->
                order.getItems().setAll(parts);
            case RefitOrder.Result.Circle(var parts) -> {
                order.getItems().setAll(parts);
                wrong.setText("These wait for each other in a circle: one must go in loose and be finished later.");
            }
        }
        if (model.pickedProperty().get() != null)
            order.getSelectionModel().select(model.pickedProperty().get());
        filling = false;
        model.picked().ifPresentOrElse(this::show, () -> headline.say("Refit", "Nothing is off the car.", ""));
    }

    private void show(Part part) {
        var against = model.job().signOff().objections(part.id());
        var fitted = model.job().refit().isFitted(part.id());
        headline.say(part.title(), ObjectionWords.answer(model.job(), part, against), next());
        objections.getChildren().clear();
        if (!fitted)
            for (var objection : against)
                objections.getChildren().add(Nodes.label(ObjectionWords.say(model.job(), objection), Styles.DANGER));
        ledger.getChildren().clear();
        for (var row : FixingLedger.of(model.job().strip(), part.id()))
            ledger.getChildren().add(Nodes.label(row(row), Styles.SECOND));
        var places = SignOff.places(model.job().strip(), part.id());
        count.setText(Integer.toString(model.job()
                .refit()
                .findOne(part.id())
                .map(PutBack::fixingsIn)
                .orElse(SignOff.usable(model.job().strip(), part.id()))));
        count.setPromptText("of " + places);
        reason.clear();
    }

    private String next() {
        return order.getItems().isEmpty()
                ? "Nothing waits to go back."
                : "%s to go back; the %s comes first."
                        .formatted(
                                Words.many(order.getItems().size(), "part"),
                                model.job()
                                        .cabin()
                                        .one(order.getItems().getFirst())
                                        .name());
    }

    private static String row(FixingLedger.Row row) {
        return "%d %s %s: %d can go back%s"
                .formatted(
                        row.places(),
                        row.kind().word(row.places()),
                        row.size(),
                        row.usable(),
                        row.toBuy() > 0 ? ", buy %d".formatted(row.toBuy()) : "");
    }

    private void putBack() {
        var part = model.picked();
        if (part.isEmpty()) return;
        var against = model.job().signOff().objections(part.get().id());
        var stopping = ObjectionWords.stopping(against);
        if (stopping.isPresent()) {
            wrong.setText(ObjectionWords.say(model.job(), stopping.get()));
            return;
        }
        var places = SignOff.places(model.job().strip(), part.get().id());
        var in = counted(places);
        if (in < 0) return;
        if (in < places && reason.getText().isBlank()) {
            wrong.setText("%d of its %d places stay empty. Say why, or find the rest.".formatted(places - in, places));
            reason.requestFocus();
            return;
        }
        wrong.setText("");
        model.make(new AtRefit(new PartPutBack(
                new PutBack(part.get().id(), in, in < places ? reason.getText().strip() : ""))));
    }

    /** The count as typed; −1, with a word why, if it is none. */
    private int counted(int places) {
        var text = count.getText().strip();
        if (text.matches("\\d{1,3}") && Integer.parseInt(text) <= places) return Integer.parseInt(text);
        wrong.setText("“%s” is no count from 0 to %d.".formatted(text, places));
        count.requestFocus();
        return -1;
    }

    private void startClock() {
        model.picked().ifPresent(part -> {
            var kind = wait.getValue();
            var now = model.nowProperty().get();
            var id = "%s-%s-%d"
                    .formatted(part.id(), kind.name().toLowerCase(java.util.Locale.ROOT), now.getEpochSecond());
            model.make(new OnClock(new ClockStarted(
                    new BenchClock(id, part.title() + ", " + kind.word(), kind.next(), now, kind.lasts()))));
        });
    }

    private final class OrderCell extends ListCell<PartId> {
        OrderCell() {
            setWrapText(true);
            setPrefWidth(0); // as wide as the list, whatever it says
        }

        @Override
        protected void updateItem(PartId part, boolean empty) {
            super.updateItem(part, empty);
            if (empty || part == null) {
                setText("");
                return;
            }
            var waits = RefitLinks.waitsFor(
                    model.job().strip(),
                    part,
                    SignOff.stillOut(model.job().strip(), model.job().refit()));
            var why = waits.isEmpty()
                    ? List.<String>of()
                    : waits.stream()
                            .map(link -> "after the %s, since this %s"
                                    .formatted(
                                            model.job()
                                                    .cabin()
                                                    .one(link.first())
                                                    .name(),
                                            link.reason().verb()))
                            .limit(1)
                            .toList();
            setText("%d  %s, %s%s"
                    .formatted(
                            getIndex() + 1,
                            model.job().cabin().one(part).title(),
                            model.job().stateOf(part).word(),
                            why.isEmpty() ? "" : "\n     " + why.getFirst()));
        }
    }
}
