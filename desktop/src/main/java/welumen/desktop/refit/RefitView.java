package welumen.desktop.refit;

import welumen.cabin.Part;
import welumen.desktop.finish.CardLeaf;
import welumen.desktop.finish.CoatsLeaf;
import welumen.desktop.finish.ColourLeaf;
import welumen.desktop.finish.LoadsLeaf;
import welumen.desktop.finish.MixLeaf;
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

    /** The finish bench lies here: what is sprayed hangs between the bench and the car, from hook to screw. */
    private static final String FINISH = "Finish";

    private final Leaves leaves;
    private final SideBySide both;
    private final PutBackForm form;
    private final CautionCard cautions;

    public RefitView(JobModel model) {
        super(model);
        form = new PutBackForm(model);
        cautions = new CautionCard(model, WorkStage.REFIT);
        cautions.listenIn(this);
        leaves = leaves(
                new Tab("In this order", of -> new OrderList(of, form::putBack)).in(BACK),
                new Tab("Fixings", FixingsLeaf::new).in(BACK),
                new Tab("Colour", ColourLeaf::new).in(FINISH),
                new Tab("Mix", MixLeaf::new).in(FINISH),
                new Tab("Cards", CardLeaf::new).in(FINISH),
                new Tab("Loads", LoadsLeaf::new).in(FINISH),
                new Tab("Coats", CoatsLeaf::new).in(FINISH));
        both = Nodes.beside(leaves, form, 450).wide(360);
        leaves.whenShown(tab -> {
            both.alone(tab.group().equals(FINISH));
            say();
        });
        both.alone(leaves.tab().group().equals(FINISH));
        getChildren().addAll(cautions, both);
    }

    @Override
    protected void refresh() {
        leaves.refresh();
        form.refresh();
        cautions.refresh();
        say();
    }

    private void say() {
        if (leaves.tab().group().equals(FINISH)) headline.say("The finish bench", finish(), "");
        else model.picked().ifPresentOrElse(this::say, () -> headline.say("Refit", "Nothing is off the car.", ""));
    }

    private String finish() {
        var bench = model.job().finish();
        return "%s read, %s kept, %s to spray."
                .formatted(
                        Words.many(bench.readings().all().size(), "colour"),
                        Words.many(bench.recipes().size(), "recipe"),
                        Words.many(bench.batch().open().size(), "piece"));
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
