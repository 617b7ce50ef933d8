package welumen.stores;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import welumen.pattern.Lockstitch;
import welumen.pattern.Padding;
import welumen.pattern.Patterns;
import welumen.pattern.Seam;
import welumen.pattern.Stitching;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Surface;
import welumen.pattern.surface.SewnLines;

/**
 * All rows of stitches that a pattern asks for: along its edges, as its seams say they are sewn, and over its faces.
 *
 * @param what where they run and in what: “seams and edges, sage hide”
 * @param lengthMm of all of them, both of a pair counted
 */
public record SewnRows(String what, double lengthMm, Lockstitch stitch) {
    /** Of both threads, with what is spare. */
    public double threadMm() {
        return stitch.threadMm(lengthMm);
    }

    /** A row for each way in which something is sewn, the seams first. */
    public static List<SewnRows> of(Patterns patterns) {
        var rows = new ArrayList<SewnRows>();
        for (var piece : patterns.pieces()) {
            for (var edge = 0; edge < piece.edges().size(); edge++)
                edge(patterns, piece, edge).ifPresent(rows::add);
        }
        for (var piece : patterns.pieces()) face(patterns, piece).ifPresent(rows::add);
        return added(rows);
    }

    /** Half of what is shared with the piece that is sewn on, since that has its other half. */
    private static Optional<SewnRows> edge(Patterns patterns, Piece piece, int edge) {
        var finish = piece.edges().get(edge).finish();
        var stitching = seam(patterns, piece, edge).map(Seam::stitching);
        var rows = stitching.map(Stitching::rows).orElse(finish.rows());
        var length = piece.lengthMm(edge)
                * rows
                * (finish.isShared() || stitching.isPresent() ? 0.5 : 1)
                * piece.pairing().count();
        return length == 0
                ? Optional.empty()
                : Optional.of(new SewnRows(
                        "seams and edges, " + piece.material(),
                        length,
                        Lockstitch.seam(
                                stitching.map(Stitching::stitchMm).orElse(Lockstitch.USUAL_STITCH_MM),
                                piece.material(),
                                piece.material())));
    }

    /** Of both threads, with what is spare, for one seam: what its two edges bring. */
    public static double threadMm(Patterns patterns, Seam seam) {
        return Stream.of(seam.one(), seam.other())
                .mapToDouble(side -> patterns.findOne(side.piece())
                        .flatMap(piece -> edge(patterns, piece, side.edge())
                                .map(rows -> rows.threadMm() / piece.pairing().count()))
                        .orElse(0.0))
                .sum();
    }

    private static Optional<Seam> seam(Patterns patterns, Piece piece, int edge) {
        return patterns.seams().stream()
                .filter(seam -> isAt(seam.one(), piece, edge) || isAt(seam.other(), piece, edge))
                .findFirst();
    }

    private static boolean isAt(Seam.Side side, Piece piece, int edge) {
        return side.piece().equals(piece.id()) && side.edge() == edge;
    }

    /** What is quilted or fluted; pleats are pressed, and holes are punched. */
    private static Optional<SewnRows> face(Patterns patterns, Piece piece) {
        if (!(piece.inside().surface() instanceof Surface.Quilted
                || piece.inside().surface() instanceof Surface.Fluted)) return Optional.empty();
        var length = SewnLines.of(piece).lengthMm() * piece.pairing().count();
        return length == 0
                ? Optional.empty()
                : Optional.of(
                        new SewnRows("flutes and diamonds, " + piece.material(), length, quilted(patterns, piece)));
    }

    /** How a piece is quilted, through the padding that was said for it. */
    public static Lockstitch quilted(Patterns patterns, Piece piece) {
        return Lockstitch.quilted(
                Lockstitch.USUAL_STITCH_MM,
                piece.material(),
                Optional.ofNullable(patterns.known().paddings().get(piece.id())).map(Padding::thicknessMm));
    }

    private static List<SewnRows> added(List<SewnRows> rows) {
        var added = new ArrayList<SewnRows>();
        for (var row : rows) {
            var at = 0;
            while (at < added.size()
                    && !(added.get(at).what.equals(row.what)
                            && added.get(at).stitch.equals(row.stitch))) at++;
            if (at == added.size()) added.add(row);
            else added.set(at, new SewnRows(row.what, added.get(at).lengthMm + row.lengthMm, row.stitch));
        }
        return List.copyOf(added);
    }
}
