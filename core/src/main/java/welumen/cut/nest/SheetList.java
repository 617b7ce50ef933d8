package welumen.cut.nest;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import welumen.cut.CutPiece;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.FromPattern;
import welumen.cut.NestOptions;
import welumen.cut.Stock;
import welumen.cut.Stretch;
import welumen.pattern.Piece;
import welumen.shape.Outline;
import welumen.shape.Shape;

/**
 * How many sheets of board or foam some pieces take, and what is cut from each.
 *
 * @param sheets the names of what is cut, sheet by sheet
 * @param unplaced pieces that no sheet is large enough for
 */
public record SheetList(List<List<String>> sheets, List<String> unplaced) {
    private static final double GAP_MM = 5;
    /** A blade is no laser, and foam is cheap: a plan of a moment is as good as any. */
    private static final NestOptions QUICK = NestOptions.USUAL.withRounds(6);

    private static final int MOST = 60;

    public SheetList {
        sheets = List.copyOf(sheets);
        unplaced = List.copyOf(unplaced);
    }

    /** @param lengthMm of a sheet, as it is sold */
    public static SheetList of(List<Piece> pieces, double lengthMm, double widthMm) {
        var cut =
                FromPattern.pieces(pieces).stream().map(SheetList::anyMaterial).toList();
        var area = cut.stream()
                .mapToDouble(piece -> piece.shape().area() * piece.quantity())
                .sum();
        var count = Math.clamp((long) Math.ceil(2 * area / (lengthMm * widthMm)) + 1, 1, MOST);
        var stock = IntStream.rangeClosed(1, count)
                .<Stock>mapToObj(number -> sheet("sheet " + number, lengthMm, widthMm))
                .toList();
        var plan = Nester.lay(new CutProblem(GAP_MM, cut, stock, List.of()), QUICK, (_, _) -> {}, () -> false);
        return new SheetList(
                sheets(plan),
                plan.unplaced().stream().map(left -> left.piece()).distinct().toList());
    }

    private static List<List<String>> sheets(CutPlan plan) {
        var sheets = new ArrayList<List<String>>();
        for (var use : plan.sheets())
            sheets.add(plan.on(use.stock()).stream()
                    .map(placement -> placement.piece())
                    .sorted()
                    .toList());
        return sheets;
    }

    private static CutPiece anyMaterial(CutPiece piece) {
        return new CutPiece(
                piece.id(), piece.shape(), piece.quantity(), "", piece.turns(), false, 4, new Stretch.Any(), "");
    }

    private static Stock sheet(String id, double length, double width) {
        return new Stock.Hide(id, "", new Shape(Outline.rectangle(length, width)), 1, List.of(), new Stretch.Any(), 1);
    }
}
