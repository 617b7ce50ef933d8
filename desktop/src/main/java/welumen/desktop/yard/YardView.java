package welumen.desktop.yard;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.Node;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Leaves;
import welumen.desktop.stage.StagePane;
import welumen.yard.Person;

/** What belongs to the workshop and not to a car. */
public final class YardView extends StagePane {
    private final Leaves leaves;

    public YardView(JobModel model) {
        super(model);
        leaves = new Leaves(List.<Leaf>of(
                new PeopleLeaf(model),
                new PlacesLeaf(model),
                new StockLeaf(model),
                new MaterialsLeaf(model),
                new TinsLeaf(model),
                new SuppliersLeaf(model),
                new HouseLeaf(model)));
        getChildren().add(leaves);
    }

    @Override
    public Node first() {
        return leaves.first();
    }

    @Override
    protected void refresh() {
        var yard = model.yard().state();
        var here = yard.crew().people().all().stream()
                .filter(person -> person.worksOn(model.today()))
                .map(Person::name)
                .toList();
        headline.say(
                yard.name(),
                here.isEmpty() ? "Nobody is here on " + day(model.today()) + "." : names(here) + " here today.",
                "%s, %s, %s in work; %s to cut from."
                        .formatted(
                                Words.many(yard.crew().people().all().size(), "person")
                                        .replace("persons", "people"),
                                Words.many(yard.crew().places().all().size(), "place"),
                                Words.many(yard.garage().inWork().size(), "car"),
                                Words.many(yard.stock().here().size(), "piece of stock")
                                        .replace("piece of stocks", "pieces of stock")));
        leaves.refresh();
    }

    private static String day(LocalDate day) {
        return Words.day(day);
    }

    private static String names(List<String> names) {
        if (names.size() == 1) return names.getFirst() + " is";
        return names.subList(0, names.size() - 1).stream().collect(Collectors.joining(", ")) + " and " + names.getLast()
                + " are";
    }

    @Override
    public void turnLeaf(int by) {
        leaves.turn(by);
    }
}
