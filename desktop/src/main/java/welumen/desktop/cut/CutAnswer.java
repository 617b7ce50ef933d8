package welumen.desktop.cut;

import java.util.stream.Collectors;
import welumen.cut.CutPiece;
import welumen.cut.CuttingTable;
import welumen.cut.table.Remaining;
import welumen.desktop.look.Headline;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.job.AcceptedPlans;

/** The answer of the Cut stage: what is laid out on what, or what there is to lay out. */
final class CutAnswer {
    private final JobModel model;
    private final Headline headline;

    CutAnswer(JobModel model, Headline headline) {
        this.model = model;
        this.headline = headline;
    }

    /** What is still to be laid out, and on what. */
    Remaining remaining() {
        return model.job().stillToCut(model.toCutFrom());
    }

    /** Says it; a search that runs says its own. */
    void say() {
        switch (model.job().table()) {
            case CuttingTable.Clear() -> sayEmpty();
            case CuttingTable.Laid(var problem, var plan) ->
                headline.say(
                        "Cut",
                        model.job()
                                .drawnSince()
                                .map(since -> Words.capital(since.said()) + ". " + PlanSaid.before(problem, plan))
                                .orElseGet(() -> PlanSaid.answer(problem, plan)),
                        PlanSaid.more(plan) + against() + shortage());
        }
    }

    /** What the newest plan is better or worse in than the one before; empty where there is none. */
    private String against() {
        return AcceptedPlans.compared(model.log())
                .map(both -> " Against the plan before: %s.".formatted(String.join(", ", both.words())))
                .orElse("");
    }

    /** Of which leather more is to be ordered before it runs out; empty where there is enough of all. */
    private String shortage() {
        return LeatherSupply.all(model).stream()
                .filter(supply -> supply.reserve().toOrder() > 0)
                .map(supply -> " %s falls under its reserve; Forecast says what to order."
                        .formatted(Words.capital(supply.material())))
                .collect(Collectors.joining());
    }

    private void sayEmpty() {
        var problem = remaining().whole();
        var pieces = CutPiece.count(problem.pieces());
        var held = model.job().patterns().pieces().size();
        headline.say(
                "Cut",
                pieces == 0 ? nothingToLay(held) : "%s to be laid out.".formatted(Words.many(pieces, "piece")),
                pieces == 0 && held == 0
                        ? "Draw them at Pattern."
                        : pieces == 0
                                ? "Beside the table stands why."
                                : "In stock: %s.".formatted(PlanSaid.counted(problem.stock())));
    }

    private static String nothingToLay(int held) {
        return held == 0
                ? "There is no piece to lay out yet."
                : "%s drawn, and none may be cut yet.".formatted(Words.many(held, "piece"));
    }
}
