package welumen.cut;

import welumen.cut.CutChange.PieceLeftDry;
import welumen.cut.CutChange.PieceSpoilt;
import welumen.cut.CutChange.PieceWorked;
import welumen.cut.CutChange.PlanAccepted;
import welumen.cut.CutChange.SheetCut;
import welumen.cut.CutChange.StockBrought;
import welumen.cut.CutChange.StockSeen;
import welumen.cut.CutChange.StockSentBack;
import welumen.cut.CutChange.StripTested;
import welumen.cut.CutChange.TermsSaid;

/** What lies on the cutting table. */
public sealed interface CuttingTable {
    /** Nothing has been laid out yet. */
    record Clear() implements CuttingTable {}

    record Laid(CutProblem problem, CutPlan plan) implements CuttingTable {}

    default CuttingTable after(CutChange change) {
        return switch (change) {
            case PlanAccepted(var problem, var plan) -> new Laid(problem, plan);
            case StockSeen _,
                    StockBrought _,
                    StockSentBack _,
                    SheetCut _,
                    PieceSpoilt _,
                    StripTested _,
                    PieceWorked _,
                    PieceLeftDry _,
                    TermsSaid _ -> this;
        };
    }
}
