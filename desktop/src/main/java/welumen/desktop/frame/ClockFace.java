package welumen.desktop.frame;

import java.time.Duration;
import java.time.Instant;
import javafx.geometry.Pos;
import javafx.scene.Group;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Arc;
import javafx.scene.shape.Circle;
import welumen.clock.BenchClock;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Tips;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;

/** One running clock on the rail: a ring, what it is on, what comes next and how long is left. */
final class ClockFace extends HBox {
    private static final double NAME = 190;
    private static final double RADIUS = 15;

    private final BenchClock clock;
    private final JobModel model;
    private final Arc gone = new Arc(0, 0, RADIUS, RADIUS, 90, 0);
    private final Label next = Nodes.whole("", "faint");

    /** @param car the car on which it runs; empty where that is the open one */
    ClockFace(BenchClock clock, String car, JobModel model, Runnable putAway) {
        super(10);
        this.clock = clock;
        this.model = model;
        var ring = new Circle(RADIUS);
        ring.getStyleClass().add("ring");
        gone.getStyleClass().add("ring-gone");
        var on = Nodes.label(car.isEmpty() ? clock.on() : "%s · %s".formatted(clock.on(), car), Styles.STRONG);
        on.setMaxWidth(NAME); // a car's name stands behind it, on a second line where it is long
        Tips.on(on, on.getText());
        var words = new VBox(1, on, next);
        words.setAlignment(Pos.CENTER_LEFT);
        setAlignment(Pos.CENTER_LEFT);
        setMinWidth(USE_PREF_SIZE);
        getChildren().addAll(new Group(ring, gone), words);
        var away = Nodes.button("✕", "Put this clock away", putAway);
        away.getStyleClass().add("bare");
        away.setAccessibleText("Put away the clock on " + clock.on());
        getChildren().add(away);
        tick();
    }

    /** “· 14 min over”, once it is over by a minute. */
    private static String over(Duration over) {
        return over.toMinutes() < 1 ? "" : " · %s over".formatted(Words.roughly(over));
    }

    void tick() {
        var now = model.nowProperty().get();
        gone.setLength(-360 * clock.gone(now));
        var left = clock.left(now);
        next.getStyleClass().setAll("label", left.isZero() ? "ended" : "faint");
        next.setText(said(now, left));
    }

    private String said(Instant now, Duration left) {
        if (clock.isTooLate(now)) return "too late to %s: begin again".formatted(clock.next());
        var by = clock.by()
                .map(until -> ", by " + Words.when(until, now, model.zone()))
                .orElse("");
        return left.isZero()
                ? "now: %s%s%s".formatted(clock.next(), by, by.isEmpty() ? over(clock.over(now)) : "")
                : "%s at %s%s · %s"
                        .formatted(clock.next(), Words.when(clock.ends(), now, model.zone()), by, Words.left(left));
    }
}
