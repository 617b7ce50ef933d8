package welumen.desktop.cut;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.CuttingTable;
import welumen.cut.forecast.AreaCount;
import welumen.cut.forecast.Reserve;
import welumen.cut.hide.Population;
import welumen.cut.leather.LeatherTerms;
import welumen.cut.pieces.FromPattern;
import welumen.cut.pieces.RoughCut;
import welumen.cut.stock.Stock;
import welumen.cut.table.Remaining;
import welumen.cut.table.Yields;
import welumen.desktop.model.JobModel;

/**
 * Leather of one material in the open job: what is cut of it, what its hides are like, how it is bought, what is here.
 *
 * @param pieces all that is drawn of it, what waits for a trial too: hides are ordered before
 */
record LeatherSupply(JobModel model, String material, List<CutPiece> pieces) {
    /** Of all materials of which something is drawn. */
    static List<LeatherSupply> all(JobModel model) {
        var drawn = RoughCut.of(
                FromPattern.pieces(model.job().patterns().pieces()),
                model.job().cutLog().worked());
        return drawn.stream()
                .map(CutPiece::material)
                .distinct()
                .map(material -> new LeatherSupply(
                        model,
                        material,
                        drawn.stream()
                                .filter(piece -> piece.material().equals(material))
                                .toList()))
                .toList();
    }

    /** Of one material; empty where nothing of it is drawn. */
    static Optional<LeatherSupply> of(JobModel model, @Nullable String material) {
        return all(model).stream()
                .filter(supply -> supply.material().equals(material))
                .findFirst();
    }

    LeatherTerms terms() {
        return model.job().cutLog().terms().getOrDefault(material, LeatherTerms.usual(CutPiece.area(pieces)));
    }

    /** The hides that may come: as the workshop says, else as its class and those that are here have it. */
    Population population() {
        var said = terms().hideMm2();
        return said > 0 ? learnt().withMean(said) : learnt();
    }

    Population learnt() {
        var own = Stream.concat(model.yard().state().stock().here().stream(), model.job().cutLog().brought().stream())
                .filter(stock -> stock.material().equals(material))
                .toList();
        return Population.of(terms().sold()).learnt(own);
    }

    /** Of this job and all others. */
    Yields yields() {
        var own = model.job().table() instanceof CuttingTable.Laid laid
                ? Yields.of(laid, model.job().cutLog())
                : new Yields(0, 0, 0);
        return model.others().yields().and(own);
    }

    /** As it is usually reckoned. */
    AreaCount byArea() {
        return byArea(pieces);
    }

    AreaCount byArea(List<CutPiece> some) {
        var said = terms().yield();
        return new AreaCount(
                CutPiece.area(some),
                said > 0 ? said : yields().learnt(),
                population().meanMm2());
    }

    private List<Stock> here() {
        return model.toCutFrom().stream()
                .filter(stock -> stock instanceof Stock.Hide && stock.material().equals(material))
                .toList();
    }

    /** The dye lots of what can be cut from, each once; without those that nobody has said. */
    List<String> lots() {
        return here().stream()
                .map(stock -> stock.lot().dye())
                .filter(dye -> !dye.isEmpty())
                .distinct()
                .toList();
    }

    Reserve reserve() {
        var log = model.job().cutLog();
        var open = Remaining.of(
                        CutProblem.USUAL_GAP_MM, pieces, here(), model.job().table(), log)
                .open();
        return Reserve.of(open.of(material), byArea(), terms().reserveMm2());
    }
}
