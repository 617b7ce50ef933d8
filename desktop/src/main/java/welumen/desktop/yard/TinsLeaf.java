package welumen.desktop.yard;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import welumen.clock.CureText;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.yard.GoodsChange.TinCounted;
import welumen.yard.GoodsChange.TinDropped;
import welumen.yard.Products;
import welumen.yard.Tin;
import welumen.yard.YardChange;
import welumen.yard.YardChange.OfGoods;

/** Tins, cans and bottles: how many are full, and how much is left of the one that is begun. */
final class TinsLeaf extends ShelfLeaf<Tin> {
    private final TextField name = CountFields.field("tin-name", 16, this::keep);
    private final ComboBox<Tin.Use> use = new ComboBox<>();
    private final TextField full = CountFields.field("tin-full", 4, this::keep);
    private final TextField begun = CountFields.field("tin-begun", 4, this::keep);
    private final TextField lot = CountFields.field("tin-lot", 8, this::keep);
    private final TextField supplier = CountFields.field("tin-supplier", 10, this::keep);
    private final TextField sheet = CountFields.field("tin-sheet", 18, this::keep);
    private final Label usual = Nodes.label("", Styles.NOTE);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    TinsLeaf(JobModel model) {
        super(model, "tin");
        sheet.setPromptText("flash 15 min, handle 24 h");
        name.setPromptText("contact adhesive, 500 ml");
        use.setId("tin-use");
        use.getItems().setAll(Tin.Use.values());
        WordCell.in(use, Tin.Use::word);
        use.setMaxWidth(Double.MAX_VALUE);
        var more = Nodes.button("One more", "A full one came in", () -> count(1));
        var fewer = Nodes.button("One less", "A full one was begun or used", () -> count(-1));
        more.setId("tin-more");
        fewer.setId("tin-fewer");
        fields(
                Nodes.field("What it is", name),
                Nodes.field("What for", use),
                Nodes.row(10, Nodes.field("Full ones", full), Nodes.level(more), Nodes.level(fewer)),
                Nodes.row(10, Nodes.field("Left of the begun one, %", begun), Nodes.field("Lot", lot)),
                Nodes.field("Bought from", supplier),
                Nodes.field("Its sheet says", sheet),
                usual);
        use.valueProperty().subscribe(one -> usual.setText(one == null ? "" : usual(one)));
    }

    private void count(int by) {
        full.setText(Integer.toString(Math.max(0, CountFields.of(full, 0) + by)));
        keep();
    }

    @Override
    protected String says() {
        if (all().isEmpty()) return "No tin is counted yet.";
        var out = all().stream().filter(tin -> tin.full() == 0).map(Tin::name).toList();
        return out.isEmpty()
                ? "%s are full."
                        .formatted(Words.many(all().stream().mapToInt(Tin::full).sum(), "tin"))
                : "No full one is left of %s.".formatted(String.join("; ", out));
    }

    @Override
    protected Node first() {
        return name;
    }

    @Override
    List<Tin> all() {
        return model.yard().state().goods().tins().all();
    }

    @Override
    List<String> said(Tin one) {
        var left = one.begun() > 0 ? ", one begun with %.0f %% left".formatted(100 * one.begun()) : "";
        return List.of(
                one.use().word() + (one.lot().isBlank() ? "" : ", lot " + one.lot()),
                one.full() + " full" + left,
                CureText.say(one.cure()));
    }

    @Override
    void show(Optional<Tin> one) {
        name.setText(one.map(Tin::name).orElse(""));
        use.setValue(one.map(Tin::use).orElse(Tin.Use.ADHESIVE));
        full.setText(Integer.toString(one.map(Tin::full).orElse(1)));
        begun.setText(CountFields.text(100 * one.map(Tin::begun).orElse(0.0)));
        lot.setText(one.map(Tin::lot).orElse(""));
        supplier.setText(one.map(Tin::supplier).orElse(""));
        sheet.setText(one.map(Tin::cure).map(CureText::say).orElse(""));
    }

    @Override
    Tin read() {
        return new Tin(
                name.getText(),
                use.getValue(),
                CountFields.of(full, 0),
                CountFields.of(begun, 0) / 100.0,
                lot.getText().strip(),
                supplier.getText().strip(),
                CureText.read(sheet.getText()).orThrow());
    }

    private static String usual(Tin.Use use) {
        return "Else it is taken as: " + CureText.say(Products.usual(use)) + ".";
    }

    @Override
    YardChange kept(String was, Tin now) {
        return new OfGoods(new TinCounted(was, now));
    }

    @Override
    YardChange dropped(Tin one) {
        return new OfGoods(new TinDropped(one.name()));
    }

    @Override
    String hangs(Tin one) {
        return "";
    }

    @Override
    String none() {
        return "No tin is counted yet. Type one beside, as “contact adhesive, 500 ml”, then Enter.";
    }
}
