package welumen.desktop.survey;

import welumen.cabin.Part;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.CautionCard;
import welumen.desktop.stage.Leaves;
import welumen.desktop.stage.StagePane;
import welumen.desktop.stage.Tab;
import welumen.job.WorkStage;

/** What is found on a part and under it, what is best done with it, and with all parts at once. */
public final class SurveyView extends StagePane {
    private final CautionCard cautions;
    private final Leaves leaves;

    public SurveyView(JobModel model) {
        super(model);
        cautions = new CautionCard(model, WorkStage.SURVEY);
        cautions.listenIn(this);
        leaves = leaves(
                new Tab("What is found", LookLeaf::new),
                new Tab("What to do", ChooseLeaf::new),
                new Tab("The whole job", WholeLeaf::new),
                new Tab("Two ways", TwoWaysLeaf::new),
                new Tab("Buy or make", FitLeaf::new));
        getChildren().addAll(cautions, leaves);
    }

    @Override
    protected void answer() {
        model.picked()
                .ifPresentOrElse(this::say, () -> headline.say("", "Pick a part in the cabin to look at it.", ""));
    }

    @Override
    protected void refresh() {
        answer();
        cautions.refresh();
        leaves.refresh();
    }

    private void say(Part part) {
        var findings = model.job().survey().on(part.id());
        var hold = model.job().holds().get(part.id());
        headline.say(
                part.title(),
                hold != null ? "Held: %s.".formatted(hold.replaceFirst("[?.]$", "")) : answer(part, findings.size()),
                findings.isEmpty()
                        ? "Click its outline, or move the cross with the arrow keys, and mark what you see."
                        : "%s. It is %s."
                                .formatted(
                                        part.material().isEmpty()
                                                ? "Material not noted"
                                                : Words.capital(part.material()),
                                        part.supply().word()));
    }

    private String answer(Part part, int findings) {
        if (findings == 0)
            return model.job().survey().looked().contains(part.id())
                    ? "It is sound: nothing was found."
                    : "Nobody has looked at it yet.";
        var chosen = model.job().choices().words(part.id());
        if (!chosen.isEmpty())
            return model.job().choices().isDone(part.id())
                    ? "%s: done.".formatted(Words.capital(chosen))
                    : Words.capital(chosen) + ".";
        return model.job()
                .advice(part.id(), model.terms())
                .flatMap(advice -> advice.best())
                .map(way -> "Best: %s."
                        .formatted(new AdviceWords(model.currencySign())
                                .answer(way.candidate())
                                .replaceFirst("\\.$", "")
                                .toLowerCase()))
                .orElse("%s found; nothing chosen yet.".formatted(Words.many(findings, "thing")));
    }
}
