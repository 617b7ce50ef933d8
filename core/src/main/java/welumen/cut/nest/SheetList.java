package welumen.cut.nest;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.Placement;
import welumen.cut.StopSignal;
import welumen.cut.pieces.FromPattern;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.pattern.piece.Piece;
import welumen.shape.Outline;
import welumen.shape.Shape;

/**
 * How many sheets of board or foam some pieces take, and what is cut from each.
 *
 * <p>First sheet by sheet as the nester has it in six rounds, so a sheet too many now and then; never one too few.
 *
 * @param sheets sheet by sheet what is cut from it and how many, by name; of a handed pair each hand by itself
 * @param unplaced pieces that no sheet is large enough for
 */
public record SheetList(List<Map<String, Integer>> sheets, List<String> unplaced) {
    private static final double GAP_MM = 5;
    /** Options of a plan of a moment: a blade is no laser, and foam is cheap. */
    private static final NestOptions QUICK = NestOptions.USUAL.withRounds(6);

    private static final int MOST = 60;

    public SheetList {
        sheets = List.copyOf(sheets);
        unplaced = List.copyOf(unplaced);
    }

    /** @param lengthMm of a sheet, as it is sold */
    public static SheetList of(List<Piece> pieces, double lengthMm, double widthMm, StopSignal stop) {
        var cut =
                FromPattern.pieces(pieces).stream().map(SheetList::anyMaterial).toList();
        var area = CutPiece.area(cut);
        var count = Math.clamp((long) Math.ceil(2 * area / (lengthMm * widthMm)) + 1, 1, MOST);
        var stock = IntStream.rangeClosed(1, count)
                .<Stock>mapToObj(number -> sheet("sheet " + number, lengthMm, widthMm))
                .toList();
        var plan = Nester.lay(new CutProblem(GAP_MM, cut, stock, List.of()), QUICK, (_, _) -> {}, stop);
        return new SheetList(
                plan.sheets().stream()
                        .map(use -> counted(plan.on(use.stock()), pieces))
                        .toList(),
                plan.unplaced().stream()
                        .map(left -> name(left.piece(), pieces))
                        .distinct()
                        .toList());
    }

    private static Map<String, Integer> counted(List<Placement> placements, List<Piece> pieces) {
        var counts = new TreeMap<String, Integer>();
        for (var placement : placements) counts.merge(name(placement.piece(), pieces), 1, Integer::sum);
        return counts;
    }

    /** A handed copy has its hand behind its piece's own name. */
    private static String name(String cut, List<Piece> pieces) {
        return pieces.stream()
                .filter(piece -> cut.startsWith(piece.id()))
                .max(Comparator.comparingInt(piece -> piece.id().length()))
                .map(piece -> piece.name() + cut.substring(piece.id().length()).replace('-', ' '))
                .orElse(cut);
    }

    private static CutPiece anyMaterial(CutPiece piece) {
        return new CutPiece(
                piece.id(), piece.shape(), piece.quantity(), "", piece.turns(), false, 4, new Stretch.Any(), "");
    }

    private static Stock sheet(String id, double length, double width) {
        return new Stock.Hide(id, "", new Shape(Outline.rectangle(length, width)), 1, List.of(), new Stretch.Any(), 1);
    }
}
