package welumen.files.nest;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Duration;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.stock.Stock;

/** Writes {@code welumen-cut-plan/1}. */
public final class PlanWriter {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private PlanWriter() {}

    public static String write(CutProblem problem, CutPlan plan, Duration took) {
        var file = MAPPER.createObjectNode();
        file.put("format", "welumen-cut-plan/1");
        var placements = file.putArray("placements");
        for (var placement : plan.placements()) placement(placements.addObject(), placement);
        var unplaced = file.putArray("unplaced");
        for (var piece : plan.unplaced())
            unplaced.addObject()
                    .put("piece", piece.piece())
                    .put("copy", piece.copy())
                    .put("reason", piece.reason());
        var sheets = file.putArray("sheets");
        for (var use : plan.sheets()) {
            var sheet = sheets.addObject()
                    .put("stock", use.stock())
                    .put("pieceArea", use.pieceArea())
                    .put("stockArea", use.stockArea());
            switch (problem.stock(use.stock())) {
                case Stock.Roll _ -> sheet.put("usedLength", use.usedLength());
                case Stock.Hide _ -> sheet.putNull("usedLength");
            }
        }
        file.put("rounds", plan.rounds());
        file.put("seconds", Math.round(took.toMillis() / 10.0) / 100.0);
        try {
            return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(file) + "\n";
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static void placement(ObjectNode node, Placement placement) {
        node.put("piece", placement.piece())
                .put("copy", placement.copy())
                .put("stock", placement.stock())
                .put("x", placement.pose().x())
                .put("y", placement.pose().y())
                .put("turn", placement.pose().turnDegrees())
                .put("flipped", placement.pose().flipped());
    }
}
