package welumen.desktop.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.FeltPane;
import welumen.pattern.strip.BiasPlan;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Pose;

/** The strips that are cut: straight ones side by side, and below them the roll with those that are cut at 45°. */
final class StripFelt extends FeltPane {
    private static final double MARGIN = 24;
    private static final double APART = 0.4;

    private final List<Outline> strips = new ArrayList<>();
    private final List<Outline> rolls = new ArrayList<>();
    private double lowest;

    StripFelt() {
        super("strip-felt", "The strips that are cut, straight ones side by side, others at 45° on their roll");
    }

    void clear() {
        strips.clear();
        rolls.clear();
        lowest = 0;
        redraw();
    }

    /** So many straight strips below what is drawn already. */
    void add(int count, double lengthMm, double widthMm) {
        for (var i = 0; i < count; i++) {
            lowest -= widthMm * (1 + APART);
            strips.add(at(Outline.rectangle(lengthMm, widthMm)));
        }
        redraw();
    }

    void add(BiasPlan bias) {
        lowest -= bias.rollMm() * (1 + APART / 4);
        rolls.add(at(Outline.rectangle(bias.usedMm(), bias.rollMm())));
        for (var strip : bias.outlines()) strips.add(at(strip));
        redraw();
    }

    private Outline at(Outline outline) {
        return new Pose(0, lowest, 0, false).apply(outline);
    }

    @Override
    protected void draw() {
        if (strips.isEmpty()) {
            word("No edge is bound or piped.", MARGIN, MARGIN, "faint");
            return;
        }
        var right = Stream.concat(rolls.stream(), strips.stream())
                .mapToDouble(one -> one.box().maxX())
                .max()
                .orElse(1);
        var room = new Box(0, lowest, right, 0);
        var chalk = Chalk.fitting(room, MARGIN, MARGIN, getWidth() - 2 * MARGIN, getHeight() - 2 * MARGIN);
        for (var roll : rolls) getChildren().add(chalk.draw(roll, "chalk-dash"));
        for (var strip : strips) getChildren().add(chalk.draw(strip, "laid-piece"));
    }
}
