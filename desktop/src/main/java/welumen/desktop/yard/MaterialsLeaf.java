package welumen.desktop.yard;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import welumen.cut.stock.Stock;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.measure.Lengths;
import welumen.treatment.Matter;
import welumen.yard.GoodsChange.MaterialDropped;
import welumen.yard.GoodsChange.MaterialSaid;
import welumen.yard.Material;
import welumen.yard.YardChange;
import welumen.yard.YardChange.OfGoods;

/** What the yard works with, whether any of it is here or not: pieces and stock name a material so. */
final class MaterialsLeaf extends ShelfLeaf<Material> {
    private final TextField name = CountFields.field("material-name", 16, this::keep);
    private final ComboBox<Matter> matter = new ComboBox<>();
    private final TextField thickness = CountFields.field("material-thickness", 5, this::keep);
    private final TextField supplier = CountFields.field("material-supplier", 16, this::keep);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    MaterialsLeaf(JobModel model) {
        super(model, "material");
        name.setPromptText("sage hide");
        matter.setId("material-matter");
        matter.getItems().setAll(Matter.values());
        WordCell.in(matter, Matter::word);
        matter.setMaxWidth(Double.MAX_VALUE);
        name.textProperty().subscribe(typed -> {
            if (picked().isEmpty()) Matter.of(typed).ifPresent(matter::setValue); // a guess that may be changed
        });
        fields(
                Nodes.field("Name", name),
                Nodes.row(12, Nodes.field("What it is of", matter), Nodes.field("Thickness", thickness)),
                Nodes.field("Bought from", supplier));
    }

    @Override
    protected String says() {
        if (all().isEmpty()) return "No material is listed yet.";
        var none = all().stream()
                .filter(one -> here(one).isEmpty())
                .map(Material::name)
                .toList();
        return none.isEmpty()
                ? "Some of every material is here."
                : "Nothing is here of %s.".formatted(String.join(", ", none));
    }

    @Override
    protected Node first() {
        return name;
    }

    @Override
    List<Material> all() {
        return model.yard().state().goods().materials().all();
    }

    @Override
    List<String> said(Material one) {
        var thick = one.thicknessMm() > 0 ? ", " + Lengths.said(one.thicknessMm()) : "";
        var from = one.supplier().isBlank() ? "" : "from " + one.supplier();
        var here = here(one);
        return List.of(
                one.matter().word() + thick,
                here.isEmpty()
                        ? "none of it is here"
                        : "here: "
                                + String.join(", ", here.stream().map(Stock::id).toList()),
                from);
    }

    private List<Stock> here(Material one) {
        return model.yard().state().stock().here().stream()
                .filter(stock -> stock.material().equals(one.name()))
                .toList();
    }

    @Override
    void show(Optional<Material> one) {
        name.setText(one.map(Material::name).orElse(""));
        matter.setValue(one.map(Material::matter).orElse(Matter.LEATHER));
        thickness.setText(CountFields.lengthText(one.map(Material::thicknessMm).orElse(0.0)));
        supplier.setText(one.map(Material::supplier).orElse(""));
    }

    @Override
    Material read() {
        return new Material(
                name.getText(),
                matter.getValue(),
                CountFields.mm(thickness),
                supplier.getText().strip());
    }

    @Override
    YardChange kept(String was, Material now) {
        return new OfGoods(new MaterialSaid(was, now));
    }

    @Override
    YardChange dropped(Material one) {
        return new OfGoods(new MaterialDropped(one.name()));
    }

    @Override
    String hangs(Material one) {
        var pieces = model.others().everyCar().stream()
                .mapToLong(car -> car.state().patterns().pieces().stream()
                        .filter(piece -> piece.material().equals(one.name()))
                        .count())
                .sum();
        return pieces == 0 ? "" : "%s are drawn for it.".formatted(Words.many((int) pieces, "piece"));
    }

    @Override
    String none() {
        return "No material is listed yet. Type one beside, as “sage hide”, then Enter.";
    }
}
