package welumen.desktop.refit;

import java.util.List;
import java.util.stream.Stream;
import welumen.cabin.Part;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.SideBySide;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.CautionCard;
import welumen.desktop.stage.Leaves;
import welumen.desktop.stage.StagePane;
import welumen.desktop.stage.Tab;
import welumen.job.Counts;
import welumen.job.WorkStage;
import welumen.refit.NextBack;

/** The order in which parts go back and why; one put back with its fixings counted; the account of all fixings. */
public final class RefitView extends StagePane {
    private static final String BACK = "Put back";

    private final Leaves leaves;
    private final SideBySide both;
    private final PutBackForm form;
    private final CautionCard cautions;

    /** @param bench leaves of the bench that lies here: what is sprayed hangs between it and the car, from hook to screw */
    public RefitView(JobModel model, List<Tab> bench) {
        super(model);
        form = new PutBackForm(model);
        cautions = new CautionCard(model, WorkStage.REFIT);
        cautions.listenIn(this);
        leaves = leaves(Stream.concat(
                        Stream.of(
                                new Tab("In this order", of -> new OrderList(of, form::putBack)).in(BACK),
                                new Tab("Fixings", FixingsLeaf::new).in(BACK)),
                        bench.stream())
                .toArray(Tab[]::new));
        both = Nodes.beside(leaves, form, 450).wide(360);
        leaves.whenShown(tab -> {
            both.alone(isBench(tab));
            say();
        });
        both.alone(isBench(leaves.tab()));
        getChildren().addAll(cautions, both);
    }

    private static boolean isBench(Tab tab) {
        return !tab.group().equals(BACK);
    }

    @Override
    protected void refresh() {
        leaves.refresh();
        form.refresh();
        cautions.refresh();
        say();
    }

    private void say() {
        if (isBench(leaves.tab())) headline.say("The finish bench", finish(), "");
        else model.picked().ifPresentOrElse(this::say, () -> headline.say("Refit", "Nothing is off the car.", ""));
    }

    private String finish() {
        var bench = model.job().finish();
        return "%s read, %s kept, %s to spray, %s under way."
                .formatted(
                        Words.many(bench.readings().all().size(), "colour"),
                        Words.many(bench.recipes().size(), "recipe"),
                        Words.many(bench.batch().open().size(), "piece"),
                        Words.many(bench.coatings().open().size(), "surface"));
    }

    private void say(Part part) {
        var against = model.signOff().objections(part.id());
        headline.say(part.title(), ObjectionWords.answer(model.job(), part, against), next());
    }

    private String next() {
        var toGoBack = Counts.of(model.job()).toGoBack();
        if (toGoBack == 0) return "Nothing waits to go back.";
        return NextBack.of(model.job().cabin(), model.job().strip(), model.signOff())
                .map(part -> "%s to go back; the %s can go now."
                        .formatted(
                                Words.many(toGoBack, "part"),
                                model.job().cabin().one(part).name()))
                .orElseGet(() -> "%s to go back, and none can go now.".formatted(Words.many(toGoBack, "part")));
    }
}
