package welumen.desktop.refit;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.PreflightBox;
import welumen.desktop.stage.Thumbnail;
import welumen.diary.OpenTasks;
import welumen.diary.Preflight;
import welumen.diary.book.DiaryChange.MadeReady;
import welumen.diary.task.TaskKind;
import welumen.job.FinishedWork;
import welumen.job.HouseWayObjections;
import welumen.job.JobChange.AtRefit;
import welumen.job.JobChange.InDiary;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.refit.CountedIn;
import welumen.refit.PutBack;
import welumen.refit.RefitChange.PartPutBack;
import welumen.refit.SignOff;
import welumen.refit.Substitute;
import welumen.refit.Substitutes;
import welumen.strip.account.FixingLedger;
import welumen.strip.account.OneWay;
import welumen.strip.reach.CoverMap;
import welumen.strip.reach.OtherSide;

/** Puts the picked part back: what speaks against it, its fixings and their bags, and a clock for what must wait. */
final class PutBackForm extends VBox {
    private final JobModel model;
    private final VBox objections = new VBox(6);
    private final ClosingBox closing;
    private final VBox ready = new VBox(4);
    private final VBox ledger = new VBox(4);
    private final TextField count = new TextField();
    private final TextField reason = new TextField();
    private final Label wrong = Nodes.label("", Styles.DANGER);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    PutBackForm(JobModel model) {
        super(12);
        this.model = model;
        closing = new ClosingBox(model);
        count.setId("count");
        count.setOnAction(_ -> putBack());
        reason.setId("reason");
        reason.setPromptText("why, if it is short or not finished");
        reason.setOnAction(_ -> putBack());
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        var back = Nodes.chief(
                "Put back", "Log that the part is in, with its fixings (Enter in the count)", this::putBack);
        back.setId("put-back");
        getChildren()
                .addAll(
                        objections,
                        closing,
                        ready,
                        ledger,
                        Nodes.field("Fixings that went in", count),
                        Nodes.field("All the same, because", reason),
                        wrong,
                        back,
                        new ClockForm(model));
    }

    void refresh() {
        wrong.setText("");
        objections.getChildren().clear();
        ledger.getChildren().clear();
        closing.setVisible(false);
        ready.getChildren().clear();
        model.picked().ifPresent(this::show);
    }

    /** What is glued in has one chance: what has to be so stands there until somebody has said that it is. */
    private void ready(Part part) {
        var strip = model.job().strip();
        if (!strip.isOff(part.id()) || !OneWay.isGlued(strip, part)) return; // else its tasks need not be made
        OpenTasks.of(model.standing()).stream()
                .filter(task -> task.kind() == TaskKind.PUT_BACK && task.canBegin())
                .filter(task -> task.chance().isPresent()
                        && task.part().filter(part.id()::equals).isPresent())
                .filter(task -> !model.job().diary().ready().containsKey(task.id()))
                .findFirst()
                .ifPresent(task -> ready.getChildren()
                        .setAll(new PreflightBox(
                                task,
                                Preflight.of(task),
                                "All is ready",
                                so -> model.make(new InDiary(new MadeReady(task.id(), so, model.person()))))));
    }

    private void show(Part part) {
        var strip = model.job().strip();
        closing.show(part);
        ready(part);
        if (!model.job().refit().isFitted(part.id()))
            for (var objection : model.signOff().objections(part.id()))
                objections.getChildren().add(Nodes.label(ObjectionWords.say(model.job(), objection), Styles.DANGER));
        var photos = strip.stepsOn(part.id()).stream()
                .flatMap(step -> step.photos().stream())
                .toList();
        if (!photos.isEmpty()) ledger.getChildren().add(Thumbnail.of(model, photos.reversed()));
        for (var row : FixingLedger.of(strip, part.id())) {
            ledger.getChildren().add(Nodes.label(row(row), Styles.SECOND));
            if (row.shortBy() > 0) substitutes(row).ifPresent(ledger.getChildren()::add);
        }
        for (var edge : CoverMap.edgesOf(strip, part.id()))
            ledger.getChildren().add(new LapPicture(edge, model.job().cabin()));
        OtherSide.out(model.job().cabin(), part, model.job().custody().away().keySet())
                .flatMap(fellow -> model.job().custody().findAway(fellow.id()))
                .ifPresent(away -> ledger.getChildren()
                        .add(Nodes.label(
                                "Its fellow is %s until %s: see that both match before this one is in."
                                        .formatted(away.where(), Words.day(away.due())),
                                Styles.SECOND)));
        count.setText(model.job()
                .refit()
                .findOne(part.id())
                .map(back -> Integer.toString(back.fixingsIn()))
                .orElse(CountedIn.usual(strip, part.id())));
        var places = SignOff.places(strip, part.id());
        count.setPromptText(places == 0 ? "it is held by no fixing that is known" : "none of its " + places);
        reason.clear();
    }

    /** The ways round what is short; what the fixing was is written on no shelf. */
    private static Optional<Node> substitutes(FixingLedger.Row row) {
        var ways = Substitute.of(row.kind()).stream().map(Substitute::said).toList();
        return ways.isEmpty()
                ? Optional.empty()
                : Optional.of(Nodes.label("Instead: %s.".formatted(String.join(" · ", ways)), Styles.NOTE));
    }

    private static String row(FixingLedger.Row row) {
        var text = new StringBuilder(row.places() + " " + row.kind().named(row.places(), row.size(), row.colour()));
        text.append(": %d can go back".formatted(row.usable()));
        if (!row.bags().isEmpty())
            text.append(", bag ")
                    .append(String.join(
                            " and ", row.bags().stream().map(String::valueOf).toList()));
        if (row.toBuy() > 0) text.append(", buy %d".formatted(row.toBuy()));
        if (row.unaccounted() > 0) text.append(", %d not said".formatted(row.unaccounted()));
        return text.toString();
    }

    void putBack() {
        var part = model.picked();
        if (part.isEmpty()) return;
        var against = model.signOff().objections(part.get().id());
        var stopping = ObjectionWords.stopping(against);
        if (stopping.isPresent()) {
            wrong.setText(ObjectionWords.say(model.job(), stopping.get()));
            return;
        }
        var places = SignOff.places(model.job().strip(), part.get().id());
        switch (CountedIn.read(count.getText(), places)) {
            case Refused<CountedIn>(var why) -> {
                wrong.setText(why);
                count.requestFocus();
            }
            case Understood<CountedIn>(var in) ->
                putBack(
                        part.get(),
                        in,
                        places,
                        ObjectionWords.wantingAWord(against)
                                .map(unfinished -> ObjectionWords.say(model.job(), unfinished))
                                .or(closing::against));
        }
    }

    private void putBack(Part part, CountedIn in, int places, Optional<String> unfinished) {
        var substitutes = HouseWayObjections.substitutes(model.job(), part.id(), in, reason.getText());
        if (substitutes.isPresent()) {
            wrong.setText(substitutes.get());
            reason.requestFocus();
            return;
        }
        var isShort = in.count() < places;
        if (isShort && reason.getText().isBlank()) {
            wrong.setText("%d of its %d places stay empty. Say why, or find the rest."
                    .formatted(places - in.count(), places));
            reason.requestFocus();
            return;
        }
        var because = reason.getText().strip();
        if (unfinished.isPresent() && because.isEmpty()) {
            wrong.setText(unfinished.get() + " Say why it goes in all the same, or see to it first.");
            reason.requestFocus();
            return;
        }
        var isUnfinished = unfinished.isPresent();
        var isStrange =
                !Substitutes.among(model.job().strip(), part.id(), in.fixings()).isEmpty();
        var back = new PutBack(
                part.id(),
                in.count(),
                in.fixings(),
                isShort || isStrange || !isUnfinished ? because : "",
                isUnfinished ? because : "");
        model.make(FinishedWork.log(
                new AtRefit(new PartPutBack(back)),
                part.id(),
                model.job(),
                model.person(),
                model.nowProperty().get()));
    }
}
