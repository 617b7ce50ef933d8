package welumen.desktop;

import java.nio.file.Path;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import welumen.cut.CutChange.StockBrought;
import welumen.cut.CuttingTable;
import welumen.cut.Placement;
import welumen.cut.firstfit.ByHand;
import welumen.cut.stock.Stock;
import welumen.job.JobChange.AtCut;
import welumen.job.WorkStage;

/** At the cutting table of the demo: what is asked of it and done there in several walks. */
abstract class CuttingWalk {
    @TempDir
    private Path home;

    Workbench bench;

    @BeforeEach
    final void openTheTable() {
        bench = Workbench.open(home);
        bench.go(WorkStage.CUT);
    }

    @AfterEach
    final void close() {
        bench.close();
    }

    final ByHand plan() {
        return bench.ask(() -> {
            var table = (CuttingTable.Laid) bench.model().job().table();
            return new ByHand(table.problem(), table.plan());
        });
    }

    /** What is seen at first, since most pieces are cut of leather. */
    final List<Placement> onHides() {
        return plan().plan().placements().stream()
                .filter(placement -> placement.stock().startsWith("hide"))
                .toList();
    }

    final List<Stock> stock() {
        return bench.ask(() -> bench.model().toCutFrom());
    }

    final Stock.Hide hide(String id) {
        return (Stock.Hide)
                stock().stream().filter(one -> one.id().equals(id)).findFirst().orElseThrow();
    }

    final void brought(Stock stock) {
        bench.ask(() -> bench.model().make(new AtCut(new StockBrought(stock))));
        bench.settle();
    }

    /** Somewhere within what a label says. */
    final boolean says(String part) {
        return bench.ask(() -> bench.robot
                .lookup((Node node) ->
                        node instanceof Label label && label.getText().contains(part))
                .tryQuery()
                .isPresent());
    }

    /** Whether something on the screen begins so. */
    final boolean said(String begin) {
        return bench.ask(() -> bench.robot
                .lookup((Node node) ->
                        node instanceof Label label && label.getText().startsWith(begin))
                .tryQuery()
                .isPresent());
    }
}
