package welumen.desktop.yard;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import welumen.cut.stock.Stock;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.yard.GoodsChange.SupplierDropped;
import welumen.yard.GoodsChange.SupplierSaid;
import welumen.yard.Supplier;
import welumen.yard.YardChange;
import welumen.yard.YardChange.OfGoods;

/** Who sells to the yard, what, how soon, and how long a fault may be claimed. */
final class SuppliersLeaf extends ShelfLeaf<Supplier> {
    private final TextField name = CountFields.field("supplier-name", 16, this::keep);
    private final TextField reach = CountFields.field("supplier-reach", 16, this::keep);
    private final TextField carries = CountFields.field("supplier-carries", 16, this::keep);
    private final TextField lead = CountFields.field("supplier-lead", 5, this::keep);
    private final TextField claim = CountFields.field("supplier-claim", 5, this::keep);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    SuppliersLeaf(JobModel model) {
        super(model, "supplier");
        fields(
                Nodes.field("Name", name),
                Nodes.field("How to reach them", reach),
                Nodes.field("What is bought there", carries),
                Nodes.row(12, Nodes.field("Days to the box", lead), Nodes.field("Claims within days", claim)));
    }

    @Override
    protected String says() {
        var slowest = all().stream().max(Comparator.comparingInt(Supplier::leadDays));
        if (slowest.isEmpty()) return "No supplier is listed yet.";
        return slowest.get().leadDays() == 0
                ? "How long they take has not been said."
                : "The slowest, %s, takes %s."
                        .formatted(
                                slowest.get().name(), Words.many(slowest.get().leadDays(), "day"));
    }

    @Override
    protected Node first() {
        return name;
    }

    @Override
    List<Supplier> all() {
        return model.yard().state().goods().suppliers().all();
    }

    @Override
    List<String> said(Supplier one) {
        var days = one.leadDays() > 0 ? "%s from the order".formatted(Words.many(one.leadDays(), "day")) : "";
        var claims = one.claimDays() > 0 ? "claims within %s".formatted(Words.many(one.claimDays(), "day")) : "";
        return List.of(
                one.carries(),
                String.join(
                        ", ",
                        List.of(days, claims).stream()
                                .filter(text -> !text.isEmpty())
                                .toList()),
                one.reach());
    }

    @Override
    void show(Optional<Supplier> one) {
        name.setText(one.map(Supplier::name).orElse(""));
        reach.setText(one.map(Supplier::reach).orElse(""));
        carries.setText(one.map(Supplier::carries).orElse(""));
        lead.setText(CountFields.text(one.map(Supplier::leadDays).orElse(0)));
        claim.setText(CountFields.text(one.map(Supplier::claimDays).orElse(0)));
    }

    @Override
    Supplier read() {
        return new Supplier(
                name.getText(),
                reach.getText().strip(),
                carries.getText().strip(),
                CountFields.of(lead, 0),
                CountFields.of(claim, 0));
    }

    @Override
    YardChange kept(String was, Supplier now) {
        return new OfGoods(new SupplierSaid(was, now));
    }

    @Override
    YardChange dropped(Supplier one) {
        return new OfGoods(new SupplierDropped(one.name()));
    }

    @Override
    String hangs(Supplier one) {
        var yard = model.yard().state();
        var stock = yard.stock().here().stream()
                .filter(each -> each.lot().supplier().equalsIgnoreCase(one.name()))
                .map(Stock::id)
                .toList();
        return stock.isEmpty() ? "" : "From them are: %s.".formatted(String.join(", ", stock));
    }

    @Override
    String none() {
        return "No supplier is listed yet. Type a name beside, then Enter.";
    }
}
