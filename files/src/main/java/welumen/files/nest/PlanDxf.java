package welumen.files.nest;

import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.files.dxf.DxfDrawing;
import welumen.files.dxf.Layer;

/** A plan as DXF: a block for each hide or roll, what is cut on the boundary layer, its rim and its flaws as internal lines. */
public final class PlanDxf {
    private PlanDxf() {}

    public static String write(CutProblem problem, CutPlan plan) {
        var drawing = new DxfDrawing();
        for (var use : plan.sheets()) {
            var stock = problem.stock(use.stock());
            var block = drawing.block(stock.id());
            block.ring(Layer.INTERNAL, stock.shape().outline().corners());
            for (var flaw : stock.shape().holes()) block.ring(Layer.INTERNAL, flaw.corners());
            for (var placement : plan.on(stock.id())) {
                var shape =
                        placement.pose().apply(problem.piece(placement.piece()).shape());
                block.ring(Layer.BOUNDARY, shape.outline().corners());
                for (var hole : shape.holes()) block.ring(Layer.CUT_OUT, hole.corners());
                block.text(
                        Layer.ANNOTATION,
                        shape.outline().box().middle(),
                        problem.piece(placement.piece()).nameOf(placement.copy()));
            }
            block.done();
        }
        return drawing.text();
    }
}
