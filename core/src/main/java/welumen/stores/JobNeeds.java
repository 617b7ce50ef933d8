package welumen.stores;

import java.util.ArrayList;
import java.util.List;
import welumen.cut.CuttingTable;
import welumen.finish.FinishBook;
import welumen.pattern.Patterns;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Under;
import welumen.stores.Adhesive.Face;

/** What a job needs of leather and cloth, thread, adhesive, paint and masking film: the first from what was laid out, the rest from its pieces. */
public final class JobNeeds {
    private static final double MM2_PER_M2 = 1e6;

    private JobNeeds() {}

    /**
     * In the order leather and cloth, thread, adhesive, paint, masking film; what nothing asks for is left out.
     *
     * @param loadHolds pieces that the spray place takes at once
     * @param sign of the currency, “£”
     */
    public static List<Need> of(Patterns patterns, CuttingTable table, FinishBook finish, int loadHolds, String sign) {
        var needs = new ArrayList<>(FromStock.needs(table, sign));
        SewingThread.need(patterns).ifPresent(needs::add);
        var faces = faces(patterns.pieces());
        if (!faces.isEmpty()) needs.add(Adhesive.need(faces, Adhesive.Product.AEROSOL));
        needs.addAll(SprayCans.needs(finish.batch(), loadHolds));
        needs.addAll(CoatGrams.needs(finish.coatings().open()));
        MaskingFilm.need(finish).ifPresent(needs::add);
        return needs;
    }

    private static List<Face> faces(List<Piece> pieces) {
        var faces = new ArrayList<Face>();
        for (var under : List.of(Under.FOAM, Under.BOARD, Under.FLOOR)) {
            var area = pieces.stream()
                            .filter(piece -> piece.under() == under)
                            .mapToDouble(piece ->
                                    piece.net().area() * piece.pairing().count())
                            .sum()
                    / MM2_PER_M2;
            if (area == 0) continue;
            faces.addAll(
                    switch (under) {
                        case FLOOR ->
                            List.of(
                                    new Face("back of the carpet", area, Adhesive.ON_FOAM),
                                    new Face(under.word(), area, Adhesive.ON_BOARD));
                        case FOAM, BOARD, NOTHING ->
                            List.of(
                                    new Face("back of the cover on " + under.word(), area, Adhesive.ON_BOARD),
                                    new Face(
                                            under.word(),
                                            area,
                                            under == Under.FOAM ? Adhesive.ON_FOAM : Adhesive.ON_BOARD));
                    });
        }
        return faces;
    }
}
