package welumen.stores;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import welumen.cut.CuttingTable;
import welumen.cut.Stock;
import welumen.pattern.Piece;
import welumen.pattern.Under;
import welumen.stores.Adhesive.Face;

/** What a job needs of leather, thread and adhesive: leather from what was laid out, the rest from its pieces. */
public final class JobNeeds {
    private static final double MM2_PER_M2 = 1e6;

    private JobNeeds() {}

    /** In the order leather, thread, adhesive; what nothing asks for is left out. */
    public static List<Need> of(List<Piece> pieces, CuttingTable table) {
        var needs = new ArrayList<Need>();
        leather(table).ifPresent(needs::add);
        var rows = pieces.stream().mapToDouble(JobNeeds::stitchRowsMm).sum();
        if (rows > 0) needs.add(SewingThread.need(rows, SewingThread.Setting.LEATHER));
        var faces = faces(pieces);
        if (!faces.isEmpty()) needs.add(Adhesive.need(faces, Adhesive.Product.AEROSOL));
        return needs;
    }

    /** The rows of stitches that a piece brings, in mm: half of those it shares with the piece it is sewn to. */
    static double stitchRowsMm(Piece piece) {
        var once = IntStream.range(0, piece.edges().size())
                .mapToDouble(i -> {
                    var finish = piece.edges().get(i).finish();
                    return piece.lengthMm(i) * finish.rows() * (finish.isShared() ? 0.5 : 1);
                })
                .sum();
        return once * piece.pairing().count();
    }

    private static Optional<Need> leather(CuttingTable table) {
        if (!(table instanceof CuttingTable.Laid(var problem, var plan))) return Optional.empty();
        var working = new ArrayList<String>();
        for (var use : plan.sheets())
            working.add(String.format(
                    Locale.ROOT,
                    "%s: %.2f m² of pieces on %.2f m², %.1f %% used",
                    use.stock(),
                    use.pieceArea() / MM2_PER_M2,
                    use.openedArea() / MM2_PER_M2,
                    100 * use.pieceArea() / use.openedArea()));
        var cost = plan.sheets().stream()
                .map(use -> problem.stock(use.stock()))
                .mapToDouble(Stock::cost)
                .sum();
        working.add(String.format(Locale.ROOT, "cost of the hides opened: %.2f", cost));
        if (!plan.unplaced().isEmpty())
            working.add("%d pieces have no place yet: one more hide, or a change"
                    .formatted(plan.unplaced().size()));
        var amount = plan.sheets().stream()
                .collect(Collectors.groupingBy(
                        use -> problem.stock(use.stock()).material(), TreeMap::new, Collectors.counting()))
                .entrySet()
                .stream()
                .map(use -> "%d %s%s".formatted(use.getValue(), use.getKey(), use.getValue() == 1 ? "" : "s"))
                .collect(Collectors.joining(", "));
        var more = plan.unplaced().isEmpty() ? "" : " and one more to buy";
        return Optional.of(new Need("leather", amount, amount + more, working));
    }

    private static List<Face> faces(List<Piece> pieces) {
        var faces = new ArrayList<Face>();
        for (var under : List.of(Under.FOAM, Under.BOARD)) {
            var area = pieces.stream()
                            .filter(piece -> piece.under() == under)
                            .mapToDouble(piece ->
                                    piece.net().area() * piece.pairing().count())
                            .sum()
                    / MM2_PER_M2;
            if (area == 0) continue;
            faces.add(new Face("back of the cover on " + under.word(), area, Adhesive.ON_BOARD));
            faces.add(new Face(under.word(), area, under == Under.FOAM ? Adhesive.ON_FOAM : Adhesive.ON_BOARD));
        }
        return faces;
    }
}
