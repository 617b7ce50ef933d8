package welumen.desktop.cut;

import java.util.List;
import java.util.stream.Stream;
import welumen.cut.CutPiece;
import welumen.cut.CuttingTable;
import welumen.cut.FromPattern;
import welumen.cut.RoughCut;
import welumen.cut.Stock;
import welumen.cut.forecast.AreaCount;
import welumen.cut.forecast.Reserve;
import welumen.cut.hide.Population;
import welumen.cut.leather.Terms;
import welumen.cut.table.Remaining;
import welumen.cut.table.Yields;
import welumen.desktop.model.JobModel;
import welumen.pattern.Piece;

/** Leather of one material in the open job: what is cut of it, what its hides are like, how it is bought, what is here. */
record LeatherSupply(JobModel model, String material) {
    static final double GAP_MM = 3;

    /** Of all materials of which something is drawn. */
    static List<LeatherSupply> all(JobModel model) {
        return model.job().patterns().pieces().stream()
                .map(Piece::material)
                .distinct()
                .map(material -> new LeatherSupply(model, material))
                .toList();
    }

    /** All that is drawn, what waits for a trial too: hides are ordered before. */
    List<CutPiece> pieces() {
        return drawn().stream()
                .filter(piece -> piece.material().equals(material))
                .toList();
    }

    private List<CutPiece> drawn() {
        return RoughCut.of(
                FromPattern.pieces(model.job().patterns().pieces()),
                model.job().cutLog().worked());
    }

    Terms terms() {
        return model.job().cutLog().terms().getOrDefault(material, Terms.usual(CutPiece.area(pieces())));
    }

    Population population() {
        var own = Stream.concat(model.workshop().stock().stream(), model.job().cutLog().brought().stream())
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
        return byArea(pieces());
    }

    AreaCount byArea(List<CutPiece> some) {
        return new AreaCount(
                CutPiece.area(some), yields().learnt(), population().meanMm2());
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
        var open =
                Remaining.of(GAP_MM, pieces(), here(), model.job().table(), log).open();
        return Reserve.of(open, material, yields().learnt(), population().meanMm2(), terms().reserveMm2());
    }
}
