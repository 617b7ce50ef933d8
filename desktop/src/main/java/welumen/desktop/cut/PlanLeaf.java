package welumen.desktop.cut;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import welumen.cut.CutChange.PlanAccepted;
import welumen.cut.CutLog;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.CuttingTable;
import welumen.cut.NestOptions;
import welumen.cut.Placement;
import welumen.cut.firstfit.ByHand;
import welumen.cut.pieces.FromPattern;
import welumen.cut.pieces.TooWide;
import welumen.cut.table.Relaid;
import welumen.cut.table.Remaining;
import welumen.desktop.look.Headline;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Beside;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.job.AcceptedPlans;
import welumen.job.JobChange.AtCut;
import welumen.job.JobChange.AtPattern;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/** Lays the pattern's pieces out on the hides in stock, better while it runs, and keeps the plan when it ends. */
final class PlanLeaf extends Leaf {
    private static final double TURN = 5;
    private static final double HALF_ROUND = 180;
    private static final double STEP = 5;
    private static final double LONG_STEP = 50;
    private static final NestOptions OPTIONS = NestOptions.USUAL.withTime(Duration.ofSeconds(12));

    private final Headline headline;
    private final CutAnswer answer;
    private final ObjectProperty<Placement> picked = new SimpleObjectProperty<>();
    private final MaterialChoice material = new MaterialChoice(this::turnTo);
    private final HideTable table = new HideTable(picked, material::shown);
    private final Button again =
            Nodes.button("Lay the rest again", "What is pinned stays, and all else is laid anew", this::layRestAgain);
    private final Button pin = Nodes.button("Pin", "The picked piece stays where it lies (P)", this::pin);
    private final Button before =
            Nodes.button("The plan before", "Lay the table again as the plan before this one had it", this::takeBefore);
    private final SwapChoice swap = new SwapChoice(this::swapped);
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private final Button layAnyway = Nodes.button(
            "Lay it so anyway", "On leather that the grades call too poor, by your own judgement", () -> {});
    private final HideList hides = new HideList(this::join);
    private final ProgressBar progress = new ProgressBar(0);
    private final Button layOut = Nodes.chief("Lay out", "Lay the pieces out on the hides", this::layOut);
    private final Button finish = Nodes.button("Finish now", "End the search and keep the best plan", this::finishNow);
    private final Button cancel = Nodes.button("Leave it", "End the search and throw its plan away", this::leave);
    private final Beside swapping;
    private Optional<LayOut> running = Optional.empty();
    private Optional<ByHand> lying = Optional.empty();

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    PlanLeaf(JobModel model, Headline headline) {
        super(model, Reads.ALL);
        this.headline = headline;
        this.answer = new CutAnswer(model, headline);
        swapping = new Beside(model, "what changes places");
        layOut.setId("lay-out");
        finish.setId("finish-now");
        cancel.setId("leave-it");
        progress.setAccessibleText("How much of the time has gone");
        progress.setPrefWidth(200);
        progress.setMinHeight(18);
        again.setId("lay-rest-again");
        pin.setId("pin");
        wrong.setId("cut-wrong");
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        table.onMove((from, stock, to) -> moved(
                from, plan -> plan.moved(from, stock, to), Optional.of(plan -> plan.movedAnyway(from, stock, to))));
        table.setFocusTraversable(true);
        table.setOnKeyPressed(this::key);
        picked.subscribe(this::showPicked);
        before.setId("plan-before");
        var bar = new FlowPane(12, 10, layOut, again, pin, before, swap, material, finish, cancel, progress);
        bar.setAlignment(Pos.CENTER_LEFT);
        var right = Nodes.column(8, Nodes.whole("Hide by hide", Styles.HEADING), Nodes.scroll(hides));
        var lower = Nodes.beside(table, right, 250);
        layAnyway.setId("lay-anyway");
        layAnyway.setVisible(false);
        layAnyway.setManaged(false);
        getChildren().addAll(bar, wrong, layAnyway, lower);
        showButtons();
    }

    @Override
    protected Node first() {
        return layOut;
    }

    @Override
    protected void refresh() {
        if (running.isPresent()) return;
        showPicked();
        switch (model.job().table()) {
            case CuttingTable.Clear() -> showEmpty();
            case CuttingTable.Laid(var problem, var plan) -> show(problem, plan);
        }
    }

    private void showEmpty() {
        var problem = answer.remaining().whole();
        layOut.setDisable(problem.pieces().isEmpty());
        material.fill(problem);
        table.show(problem, new CutPlan(List.of(), List.of(), List.of(), 0), CutLog.EMPTY);
        before.setDisable(true);
        swap.setDisable(true);
        hides.showUntouched(problem.stock(), model.job());
    }

    private void show(CutProblem problem, CutPlan plan) {
        material.fill(problem);
        table.show(problem, plan, model.job().cutLog());
        poorer(problem);
        before.setDisable(AcceptedPlans.before(model.log()).isEmpty());
        swap.fill(problem, plan, model.job().cutLog());
        hides.show(new CuttingTable.Laid(problem, plan), model.toCutFrom(), model.job());
    }

    /** What lies on poorer leather than is wanted stays marked, for whoever cuts it. */
    private void poorer(CutProblem problem) {
        var poorer = ByHand.onPoorer(
                problem, FromPattern.pieces(model.job().patterns().pieces()));
        if (!poorer.isEmpty())
            wrong.setText("By your own word on poorer leather than is wanted: %s."
                    .formatted(String.join(", ", poorer).replace('-', ' ')));
        else if (wrong.getText().startsWith("By your own word")) wrong.setText("");
    }

    private void layOut() {
        layOut(answer.remaining());
    }

    private void layOut(Remaining remaining) {
        picked.set(null);
        wrong.setText("");
        var task = new LayOut(remaining, OPTIONS);
        running = Optional.of(task);
        progress.progressProperty().bind(task.progressProperty());
        task.valueProperty().subscribe(plan -> {
            if (plan != null && running.isPresent()) showRunning(task, plan);
        });
        var job = model.openedProperty().get();
        task.setOnSucceeded(_ -> {
            end();
            if (model.openedProperty().get() == job)
                model.make(new AtCut(new PlanAccepted(task.problem(), task.getValue())));
            else model.say("The plan for the %s was left, since another job was opened.".formatted(job.title()));
        });
        task.setOnFailed(_ -> {
            end();
            answer.say();
            refresh();
            model.say(
                    "%s. The table is as it was.".formatted(task.getException().getMessage()));
        });
        task.setOnCancelled(_ -> {
            end();
            answer.say();
            refresh();
        });
        showButtons();
        headline.say(
                "Cut", "Laying out…", "The first plan comes at once and gets better; “Finish now” keeps the best.");
        task.begin(model.background());
        finish.requestFocus();
    }

    private void showRunning(LayOut task, CutPlan plan) {
        headline.say(
                "Cut, laying out",
                "%d pieces on %d of %d hides and rolls so far, %s used."
                        .formatted(
                                plan.placements().size(),
                                plan.sheets().size(),
                                task.problem().stock().size(),
                                Words.percent(plan.utilisation())),
                "Round %d. “Finish now” keeps the best.".formatted(plan.rounds()));
        material.fill(task.problem());
        table.show(task.problem(), plan, CutLog.EMPTY);
    }

    /** Another material's stock: what was picked lies on it no more. */
    private void turnTo() {
        picked.set(null);
        table.redraw();
    }

    /** What was known of the table when a piece was moved last holds for the next move, too. */
    private Optional<ByHand> byHand() {
        if (!(model.job().table() instanceof CuttingTable.Laid(var problem, var plan))) return Optional.empty();
        if (!lying.filter(last -> last.isOf(problem, plan)).isPresent()) lying = Optional.of(new ByHand(problem, plan));
        return lying;
    }

    private void showPicked() {
        table.redraw();
        var plan = byHand();
        pin.setDisable(picked.get() == null || plan.isEmpty() || isDone(picked.get()));
        pin.setText(plan.isPresent() && picked.get() != null && plan.get().isPinned(picked.get()) ? "Unpin" : "Pin");
        again.setDisable(plan.isEmpty() || plan.get().problem().pinned().isEmpty());
        if (picked.get() != null) table.requestFocus();
    }

    private boolean isDone(Placement placement) {
        return model.job().cutLog().isDone(placement);
    }

    private void moved(Placement from, Function<ByHand, Parsed<ByHand>> how) {
        moved(from, how, Optional.empty());
    }

    /** @param anyway the same on leather that is too poor for it, if the trimmer says so */
    private void moved(
            Placement from, Function<ByHand, Parsed<ByHand>> how, Optional<Function<ByHand, Parsed<ByHand>>> anyway) {
        layAnyway.setVisible(false);
        layAnyway.setManaged(false);
        if (byHand().isEmpty() || running.isPresent() || isDone(from)) return;
        switch (how.apply(byHand().get())) {
            case Refused<ByHand>(var why) -> {
                wrong.setText(why);
                anyway.filter(other -> other.apply(byHand().get()) instanceof Understood<ByHand>)
                        .ifPresent(other -> offer(from, other));
                table.redraw();
            }
            case Understood<ByHand>(var moved) -> {
                wrong.setText("");
                accept(moved, moved.find(from.piece(), from.copy()));
            }
        }
    }

    private void offer(Placement from, Function<ByHand, Parsed<ByHand>> anyway) {
        layAnyway.setVisible(true);
        layAnyway.setManaged(true);
        layAnyway.setOnAction(_ -> moved(from, anyway));
    }

    private void accept(ByHand changed, Optional<Placement> then) {
        lying = Optional.of(changed);
        model.make(new AtCut(new PlanAccepted(changed.problem(), changed.plan())));
        picked.set(then.orElse(null));
        showPicked();
    }

    private void pin() {
        if (picked.get() == null || byHand().isEmpty() || isDone(picked.get())) return;
        var plan = byHand().get();
        accept(plan.pinned(picked.get(), !plan.isPinned(picked.get())), Optional.of(picked.get()));
    }

    /** Arrows move the picked piece by 5 mm, with Shift by 50; comma and full stop turn it by 5°, with Shift half round. */
    private void key(KeyEvent key) {
        var at = picked.get();
        if (at == null) return;
        var step = key.isShiftDown() ? LONG_STEP : STEP;
        var turn = key.isShiftDown() ? HALF_ROUND : TURN;
        switch (key.getCode()) {
            case LEFT -> moved(at, plan -> plan.shifted(at, -step, 0));
            case RIGHT -> moved(at, plan -> plan.shifted(at, step, 0));
            case UP -> moved(at, plan -> plan.shifted(at, 0, step));
            case DOWN -> moved(at, plan -> plan.shifted(at, 0, -step));
            case COMMA -> moved(at, plan -> plan.turned(at, turn));
            case PERIOD -> moved(at, plan -> plan.turned(at, -turn));
            case P -> pin();
            default -> {
                return;
            }
        }
        key.consume();
    }

    private void takeBefore() {
        AcceptedPlans.before(model.log())
                .ifPresent(plan -> model.make(new AtCut(new PlanAccepted(plan.problem(), plan.plan()))));
    }

    /** Laid beside; where the plan has changed meanwhile, nothing happens. */
    private void swapped(SwapChoice.Two two) {
        if (running.isPresent() || !(model.job().table() instanceof CuttingTable.Laid laid)) return;
        wrong.setText("");
        headline.say("Cut", "%s changes places…".formatted(Words.capital(two.word())), "");
        swapping.ask(asked -> Relaid.swapped(laid, two.one(), two.other(), asked::isStopped), changed -> {
            answer.say();
            if (model.job().table() != laid) return;
            switch (changed) {
                case Refused<CuttingTable.Laid>(var why) -> wrong.setText(why);
                case Understood<CuttingTable.Laid>(var relaid) ->
                    model.make(new AtCut(new PlanAccepted(relaid.problem(), relaid.plan())));
            }
        });
    }

    private void join(TooWide.Offer offer) {
        if (model.makeTogether(offer.changes().stream().map(AtPattern::new).toList()))
            model.say("The %s is made of strips now, %s. Lay out again."
                    .formatted(offer.piece().name(), offer.join().word()));
    }

    private void layRestAgain() {
        byHand().ifPresent(
                        plan -> layOut(Remaining.of(plan.problem(), model.job().cutLog())));
    }

    boolean isSearching() {
        return running.isPresent();
    }

    void finishNow() {
        running.ifPresent(LayOut::finishNow);
    }

    private void leave() {
        running.ifPresent(LayOut::cancel);
    }

    private void end() {
        running = Optional.empty();
        progress.progressProperty().unbind();
        showButtons();
        layOut.requestFocus();
    }

    private void showButtons() {
        var busy = running.isPresent();
        layOut.setDisable(busy);
        for (var node : List.of(finish, cancel, progress)) {
            node.setVisible(busy);
            node.setManaged(busy);
        }
    }
}
