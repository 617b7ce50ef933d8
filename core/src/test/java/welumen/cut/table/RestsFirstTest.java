package welumen.cut.table;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.cut.Cases.rectangle;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.stock.Stock;
import welumen.shape.Pose;

class RestsFirstTest {
    private static Stock roll(String id, double lengthMm) {
        return new Stock.Roll(id, "", 1000, lengthMm, 40, 0, 0);
    }

    private static List<String> kept(List<Placement> pinned, Stock... stock) {
        var problem = new CutProblem(3, List.of(rectangle("a", 400, 300, 4)), List.of(stock), pinned);
        return RestsFirst.of(problem, () -> false).stock().stream()
                .map(Stock::id)
                .toList();
    }

    @Test
    void theShortestRestThatIsEnoughIsUsed() {
        assertThat(kept(
                        List.of(),
                        roll("felt roll", 8000),
                        roll("felt roll, rest", 2500),
                        roll("felt roll, rest 2", 900),
                        roll("felt roll, rest 3", 400)))
                .containsExactly("felt roll, rest 2");
    }

    @Test
    void whereNoRestIsEnoughOrSomethingIsPinnedAllAreLeft() {
        assertThat(kept(List.of(), roll("felt roll", 8000), roll("felt roll, rest", 400)))
                .hasSize(2);
        var pinned = new Placement("a", 1, "felt roll", new Pose(5, 5, 0, false));
        assertThat(kept(List.of(pinned), roll("felt roll", 8000), roll("felt roll, rest", 2500)))
                .hasSize(2);
    }
}
