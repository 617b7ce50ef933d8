package welumen.desktop.look;

import javafx.geometry.Orientation;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * A picture that takes what is left, and a column of words beside it; below it, where the two have no room beside each other.
 * The column is as wide as its words are large.
 */
public final class SideBySide extends Pane {
    /** Width and height in pixels below which a picture tells nothing. */
    private static final double PICTURE = 260;

    private static final double GAP = 24;
    private static final double TEXT = 14;

    private final Region picture;
    private final Region column;

    /** @param width of the column in pixels, with text of the usual size */
    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public SideBySide(Region picture, Region column, double width) {
        this.picture = picture;
        this.column = column;
        column.setStyle("-fx-pref-width: %.3fem;".formatted(width / TEXT));
        setMinWidth(0);
        VBox.setVgrow(this, Priority.ALWAYS);
        getChildren().addAll(picture, column);
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    /** Where a list stands in place of the picture: it wants so much, in pixels with text of the usual size. */
    public SideBySide wide(double width) {
        picture.setStyle("-fx-min-width: %.3fem;".formatted(width / TEXT));
        return this;
    }

    /** The picture alone, or both. */
    public void alone(boolean alone) {
        column.setVisible(!alone);
        requestLayout();
    }

    private double least() {
        return Math.max(PICTURE, picture.minWidth(-1));
    }

    private boolean isBeside(double width) {
        return width >= least() + GAP + column.prefWidth(-1);
    }

    @Override
    protected double computePrefWidth(double height) {
        return least() + GAP + column.prefWidth(-1);
    }

    @Override
    protected double computeMinWidth(double height) {
        return 0;
    }

    @Override
    protected double computeMinHeight(double width) {
        if (!column.isVisible()) return PICTURE;
        return isBeside(width) ? Math.max(PICTURE, column.minHeight(column.prefWidth(-1))) : stacked(width);
    }

    @Override
    protected double computePrefHeight(double width) {
        if (!column.isVisible()) return Math.max(PICTURE, picture.prefHeight(width));
        return isBeside(width)
                ? Math.max(Math.max(PICTURE, picture.prefHeight(-1)), column.prefHeight(column.prefWidth(-1)))
                : stacked(width);
    }

    private double stacked(double width) {
        return PICTURE + GAP + column.prefHeight(Math.max(0, width));
    }

    @Override
    protected void layoutChildren() {
        var width = getWidth();
        var height = getHeight();
        if (!column.isVisible()) {
            picture.resizeRelocate(0, 0, width, height);
            return;
        }
        if (!picture.isVisible()) {
            column.resizeRelocate(0, 0, Math.min(column.prefWidth(-1), width), height);
            return;
        }
        if (isBeside(width)) {
            var wide = Math.min(column.prefWidth(-1), width);
            picture.resizeRelocate(0, 0, width - GAP - wide, height);
            column.resizeRelocate(width - wide, 0, wide, height);
        } else {
            var high = column.prefHeight(width);
            picture.resizeRelocate(0, 0, width, Math.max(PICTURE, height - high - GAP));
            column.resizeRelocate(0, Math.max(PICTURE, height - high - GAP) + GAP, width, high);
        }
    }
}
