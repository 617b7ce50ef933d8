package welumen.desktop.yard;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import welumen.colour.Illuminant;
import welumen.colour.Lab;
import welumen.colour.Reflectance;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.yard.BaseTint;
import welumen.yard.GoodsChange.TintGone;
import welumen.yard.GoodsChange.TintMeasured;
import welumen.yard.YardChange;
import welumen.yard.YardChange.OfGoods;

/** The tints that are mixed here, as they were measured: a film of each by itself, and one let down into another. */
final class TintsLeaf extends ShelfLeaf<BaseTint> {
    private static final double USUAL_SHARE = 10;

    private final TextField name = CountFields.field("tint-name", 14, this::keep);
    private final TextField film = CountFields.field("tint-film", 20, this::keep);
    private final TextField drop = CountFields.field("tint-drop", 5, this::keep);
    private final TextField lot = CountFields.field("tint-lot", 7, this::keep);
    private final TextField left = CountFields.field("tint-left", 6, this::keep);
    private final TextField into = CountFields.field("tint-into", 9, this::keep);
    private final TextField share = CountFields.field("tint-share", 4, this::keep);
    private final TextField letDown = CountFields.field("tint-let-down", 20, this::keep);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    TintsLeaf(JobModel model) {
        super(model, "tint");
        film.setPromptText("31 shares, 400 to 700 nm");
        letDown.setPromptText("31 shares; may stay empty");
        fields(
                Nodes.field("Name", name),
                Nodes.field("A film of it by itself", film),
                reader("read-film", "The reader is held on a film of it that hides what is under it", film, ""),
                Nodes.row(10, Nodes.field("Grams a drop", drop), Nodes.field("Lot", lot), Nodes.field("Left, g", left)),
                Nodes.row(10, Nodes.field("Let down into", into), Nodes.field("by, %", share)),
                Nodes.field("A film of that", letDown),
                reader("read-let-down", "The reader is held on a film of the let-down", letDown, " let down"));
    }

    /** Fills a field from the reader; it is off where this bench has none. */
    private Button reader(String id, String tip, TextField field, String more) {
        var button = Nodes.button(
                "Read it",
                tip,
                () -> model.reader().ifPresent(reader -> {
                    field.setText(said(reader.read(name.getText().strip() + more)
                            .reflectance()
                            .shares()));
                    keep();
                }));
        button.setId(id);
        button.setDisable(model.reader().isEmpty());
        return button;
    }

    private static String said(List<Double> shares) {
        return shares.stream()
                .map(one -> String.format(Locale.ROOT, "%.4f", one))
                .collect(Collectors.joining(" "));
    }

    @Override
    protected String says() {
        return all().isEmpty()
                ? "No tint is measured yet: without one nothing is mixed."
                : "%s can be mixed.".formatted(Words.many(all().size(), "tint"));
    }

    @Override
    protected Node first() {
        return name;
    }

    @Override
    List<BaseTint> all() {
        return model.yard().state().goods().tints().all();
    }

    @Override
    List<String> said(BaseTint one) {
        var lab = Lab.of(Reflectance.of(one.shares()), Illuminant.D65);
        return List.of(
                String.format(
                        Locale.UK,
                        "L* %.1f, a* %.1f, b* %.1f%s",
                        lab.l(),
                        lab.a(),
                        lab.b(),
                        (one.lot().isEmpty() ? "" : ", lot " + one.lot())
                                + (one.grams() > 0 ? String.format(Locale.UK, ", %.0f g left", one.grams()) : "")),
                one.letDown().isEmpty()
                        ? ""
                        : String.format(Locale.UK, "let down into %s by %.0f %%", one.into(), 100 * one.share()));
    }

    @Override
    void show(Optional<BaseTint> one) {
        name.setText(one.map(BaseTint::name).orElse(""));
        film.setText(one.map(BaseTint::shares).map(TintsLeaf::said).orElse(""));
        drop.setText(CountFields.text(one.map(BaseTint::gramsPerDrop).orElse(0.0)));
        lot.setText(one.map(BaseTint::lot).orElse(""));
        left.setText(CountFields.text(one.map(BaseTint::grams).orElse(0.0)));
        into.setText(one.map(BaseTint::into).orElse(""));
        share.setText(CountFields.text(
                one.map(tint -> 100 * tint.share()).filter(part -> part > 0).orElse(USUAL_SHARE)));
        letDown.setText(one.map(BaseTint::letDown).map(TintsLeaf::said).orElse(""));
    }

    @Override
    BaseTint read() {
        var down = numbers(letDown);
        var other = into.getText().strip();
        if (!down.isEmpty() && all().stream().noneMatch(tint -> tint.name().equals(other)))
            throw new IllegalArgumentException("It is let down into “%s”, which is no tint here.".formatted(other));
        return new BaseTint(
                name.getText(),
                numbers(film),
                decimal(drop),
                lot.getText().strip(),
                other, // kept before its film is read, too
                decimal(share) / 100,
                down,
                decimal(left));
    }

    private static double decimal(TextField field) {
        var typed = field.getText().strip();
        if (typed.isEmpty()) return 0;
        try {
            return Double.parseDouble(typed.replace(',', '.'));
        } catch (NumberFormatException none) {
            throw new IllegalArgumentException("“%s” is no number. Type it as 0.031.".formatted(typed), none);
        }
    }

    /** As they are written one after the other; none where nothing is. */
    private static List<Double> numbers(TextField field) {
        var shares = new ArrayList<Double>();
        for (var typed : field.getText().strip().split("[,;\\s]+"))
            if (!typed.isEmpty())
                try {
                    shares.add(Double.parseDouble(typed));
                } catch (NumberFormatException none) {
                    throw new IllegalArgumentException(
                            "“%s” is no share of light. Type 31 of them, as 0.12.".formatted(typed), none);
                }
        return shares;
    }

    @Override
    YardChange kept(String was, BaseTint now) {
        return new OfGoods(new TintMeasured(was, now));
    }

    @Override
    YardChange dropped(BaseTint one) {
        return new OfGoods(new TintGone(one.name()));
    }

    @Override
    String hangs(BaseTint one) {
        var others = all().stream()
                .filter(tint -> tint.into().equals(one.name()))
                .map(BaseTint::name)
                .toList();
        return others.isEmpty() ? "" : "Let down into it: %s.".formatted(String.join(", ", others));
    }

    @Override
    String none() {
        return "No tint is measured yet. Type its name beside, hold the reader on a film of it, then Enter.";
    }
}
