package welumen.desktop.pattern;

import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.Styles;
import welumen.pattern.Patterns;
import welumen.pattern.Seam;
import welumen.pattern.piece.Against;
import welumen.pattern.piece.Piece;

/** Two pieces laid against each other along a seam, in small. */
final class SeamPicture extends Pane {
    private static final double WIDE = 96;
    private static final double HIGH = 62;
    private static final double MARGIN = 6;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    SeamPicture(Patterns patterns, Seam seam) {
        getStyleClass().add(Styles.FELT);
        setMinSize(WIDE, HIGH);
        setPrefSize(WIDE, HIGH);
        setMaxSize(WIDE, HIGH);
        setClip(new Rectangle(WIDE, HIGH));
        setMouseTransparent(true);
        var one = patterns.findOne(seam.one().piece());
        var other = patterns.findOne(seam.other().piece());
        if (one.isEmpty() || other.isEmpty()) return;
        draw(
                one.get(),
                Against.laid(
                        one.get(), seam.one().edge(), other.get(), seam.other().edge()),
                seam);
    }

    private void draw(Piece one, Piece other, Seam seam) {
        var chalk = Chalk.fitting(
                one.net().box().with(other.net().box()), MARGIN, MARGIN, WIDE - 2 * MARGIN, HIGH - 2 * MARGIN);
        getChildren()
                .addAll(
                        chalk.draw(one.net(), "chalk-fill"),
                        chalk.draw(other.net(), "chalk-dash"),
                        chalk.draw(one.run(seam.one().edge()), "picked-edge"));
    }
}
