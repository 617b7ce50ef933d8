package welumen.desktop.frame;

import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.util.Duration;
import javafx.util.Subscription;
import org.kordamp.ikonli.feather.Feather;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Tips;
import welumen.desktop.look.Words;
import welumen.desktop.model.Background;
import welumen.desktop.model.Background.Running;

/** What is being worked out, how far it is, and a way to stop it; unseen while nothing takes longer than a moment. */
final class RunningList extends HBox {
    private static final Duration A_MOMENT = Duration.millis(700);
    private static final double BAR = 70;
    private static final double WORD = 190;

    private final Background background;
    private final Label word = Nodes.label("", "faint");
    private final ProgressBar bar = new ProgressBar();
    private final Button stop;
    private final PauseTransition moment = new PauseTransition(A_MOMENT);
    private Optional<Running> shown = Optional.empty();
    private Subscription listening = Subscription.EMPTY;

    RunningList(Background background) {
        super(8);
        this.background = background;
        setAlignment(Pos.CENTER_LEFT);
        setId("running");
        setMinWidth(USE_PREF_SIZE);
        word.setId("running-word");
        word.setMaxWidth(WORD);
        bar.setPrefWidth(BAR);
        bar.setMinWidth(BAR);
        bar.setAccessibleText("How far it is");
        stop = Nodes.icon(Feather.X, "Stop it", () -> shown.ifPresent(Running::stop));
        stop.setId("stop-running");
        stop.getStyleClass().add("bare");
        getChildren().addAll(word, bar, stop);
        moment.setOnFinished(_ -> show());
        background.running().subscribe(this::changed);
        hide();
    }

    private void changed() {
        if (shown.isPresent() && background.running().contains(shown.get())) {
            say();
            return;
        }
        hide();
        if (background.running().isEmpty()) moment.stop();
        else moment.playFromStart();
    }

    private void hide() {
        listening.unsubscribe();
        listening = Subscription.EMPTY;
        shown = Optional.empty();
        setVisible(false);
        setManaged(false);
    }

    private void show() {
        if (background.running().isEmpty()) return;
        var first = background.running().getFirst();
        shown = Optional.of(first);
        stop.setVisible(first.mayBeStopped());
        listening = first.shareProperty().subscribe(share -> bar.setProgress(share.doubleValue()));
        say();
        setVisible(true);
        setManaged(true);
    }

    private void say() {
        var others = background.running().size() - 1;
        var said = Words.capital(shown.orElseThrow().word()) + (others == 0 ? "" : ", and %d more".formatted(others));
        word.setText(said);
        Tips.on(this, said);
    }
}
