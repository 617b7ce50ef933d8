package welumen.desktop.frame;

import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import org.kordamp.ikonli.feather.Feather;
import welumen.clock.BenchClock;
import welumen.clock.ClockChange.ClockPutAway;
import welumen.clock.WorkChange.WorkBegun;
import welumen.desktop.look.Keys;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.job.JobChange.OnClock;
import welumen.yard.CarFile;

/** Along the bottom: the clocks that are running, the soonest first, and the last action with “Take back”. */
final class BenchRail extends HBox {
    /** In pixels at a text of 13: one clock, and all that stands beside the clocks. */
    private static final double FACE = 262;
    /** Share of the rail that what was done last may take before it goes on below. */
    private static final double SAID = 0.2;

    private static final double REST = 640;
    /** What is being worked out, while it is shown. */
    private static final double RUNNING = 310;

    private static final double TEXT = 13;
    /** Widths in pixels at a text of 13 below which the time is left out, then what was said, then every clock. */
    private static final double WITH_TIME = 860;

    private static final double WITH_WORDS = 700;
    private static final double WITH_CLOCK = 560;

    private final JobModel model;
    private final HBox clocks = new HBox(14);
    private final RunningList running;
    private final Label said = Nodes.label("");
    private final Label time = Nodes.whole("", "faint");
    private final Button work;
    private final Button takeBack;
    private final Button putBack;
    private List<BenchClock> shown = List.of();

    BenchRail(JobModel model, Runnable evening) {
        super(12);
        this.model = model;
        getStyleClass().add("rail");
        setAlignment(Pos.CENTER_LEFT);
        setMinWidth(0);
        clocks.setAlignment(Pos.CENTER_LEFT);
        running = new RunningList(model.background());
        running.managedProperty().subscribe((_, _) -> refresh());
        work = Nodes.button("Start work", Keys.WORK_TIME.told(), model.workTime()::startOrStop);
        work.setId("work");
        takeBack = Nodes.button("Take back", Keys.TAKE_BACK.told(), model::takeBack);
        takeBack.setId("take-back");
        putBack = Nodes.icon(Feather.ROTATE_CW, Keys.PUT_BACK.told(), model::putBack);
        putBack.setId("put-back-again");
        putBack.getStyleClass().add("bare");
        var look = Nodes.icon(Feather.MOON, Keys.EVENING.told(), evening);
        look.getStyleClass().add("bare");
        said.setId("said");
        said.maxWidthProperty().bind(widthProperty().multiply(SAID));
        said.setAlignment(Pos.CENTER_RIGHT);
        getChildren().addAll(work, clocks, Nodes.spring(), running, said, takeBack, putBack, look, time);
        widthProperty().subscribe(this::refresh);
        time.fontProperty().subscribe(this::refresh);
        said.setMinWidth(110);
        model.versionProperty().subscribe((_, _) -> refresh());
        model.nowProperty().subscribe(this::tick);
        model.saidProperty().subscribe((_, _) -> refresh());
        model.personProperty().subscribe((_, _) -> tick());
        refresh();
    }

    private void refresh() {
        var text = model.saidProperty().get();
        said.setText(text);
        takeBack.setDisable(text.isEmpty());
        takeBack.setAccessibleHelp(Keys.TAKE_BACK.told("Take back: " + text));
        putBack.setVisible(model.canPutBack());
        putBack.setManaged(model.canPutBack());
        var all = clocks();
        var scale = time.getFont().getSize() / TEXT;
        var rest = REST + (running.isManaged() ? RUNNING : 0);
        var wide = getWidth() / scale - (running.isManaged() ? RUNNING : 0);
        show(time, wide >= WITH_TIME);
        show(said, wide >= WITH_WORDS);
        var least = wide >= WITH_CLOCK ? 1 : 0;
        var room = Math.clamp((int) ((getWidth() - rest * scale) / (FACE * scale)), least, 4);
        shown = all.stream().limit(room).toList();
        clocks.getChildren().clear();
        for (var clock : shown)
            clocks.getChildren()
                    .add(new ClockFace(
                            clock,
                            otherCar(clock),
                            model,
                            () -> model.make(new OnClock(new ClockPutAway(clock.id())))));
        if (all.size() > room)
            clocks.getChildren().add(Nodes.whole("and %d more".formatted(all.size() - room), "faint"));
        tick();
    }

    private static void show(Label label, boolean isShown) {
        label.setVisible(isShown);
        label.setManaged(isShown);
    }

    private String at(WorkBegun begun, String where) {
        var since = Duration.between(begun.at(), model.nowProperty().get());
        return "%s%s · %s".formatted(begun.on().replace('-', ' '), where, Words.left(since));
    }

    /** Those of every car, the soonest first; and what an earlier Welumen kept with the open one. */
    private List<BenchClock> clocks() {
        return Stream.concat(model.yard().state().clocks().running().stream(), model.own().clocks().running().stream())
                .sorted(Comparator.comparing(BenchClock::ends))
                .toList();
    }

    /** The car on which a clock runs, where it is not the one that is looked at. */
    private String otherCar(BenchClock clock) {
        return model.yard()
                .state()
                .clocks()
                .carOf(clock)
                .filter(car -> !car.equals(model.openedProperty().get().job()))
                .flatMap(model.yard().state().garage()::findOne)
                .map(CarFile::title)
                .orElse("");
    }

    private void tick() {
        time.setText(model.person() + " · " + Words.day(model.today()) + " "
                + Words.time(model.nowProperty().get(), model.zone()));
        work.setText(model.job()
                .work()
                .runningFor(model.person())
                .map(begun -> at(begun, ""))
                .or(() -> model.others()
                        .workOf(model.person())
                        .map(at -> at(at.begun(), ", " + at.car().title())))
                .orElse("Start work"));
        for (var face : clocks.getChildren()) if (face instanceof ClockFace clock) clock.tick();
    }
}
